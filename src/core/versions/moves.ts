import { mainFabric } from '../make/main-fabric';
import { alterationKey } from '../alteration/alteration-key';
import { zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import type { PatternCase } from '../garment/case';
import type { Evidence } from '../garment/evidence';
import type { Offset } from '../garment/offset';
import type { Move } from '../inference/shares';
import { doubtOfSteps } from '../inference/unknown-step';
import type { Alteration, Make } from '../records';
import { fabricProperties, type FabricProperty } from './differences';

/** What may have done it. */
export type Cause =
  | { readonly of: 'size' }
  | { readonly of: 'body'; readonly by: number }
  | { readonly of: 'stretch' }
  /** Weight, drape or structure: how a fabric hangs, which is not turned into centimetres. */
  | { readonly of: 'hand'; readonly properties: readonly FabricProperty[] }
  | { readonly of: 'seam allowance' }
  /** As it is in the later version and as it was in the earlier; one of them may be absent. */
  | { readonly of: 'alteration'; readonly is: Alteration | undefined; readonly was: Alteration | undefined };

/** A change with the move it made at a zone. */
export interface Changed extends Move {
  readonly cause: Cause;
}

/** A term that moved by less than this, cm, moved nothing. */
const NOTHING = 0.05;
/** What is known of a fabric's give errs by this part of it. Source: engine.md, section 2. */
const GIVE_DOUBT = 0.3;
/** What another hand of the fabric may do, in t1 of the zone; a fabric that drapes otherwise twice as much on lengths. Source: engine.md, section 7. */
const HAND_DOUBT = { girth: 0.5, width: 0.35, length: 0.2, position: 0.2 } as const;

/** What of an offset is the size's, and what the body's, by the measure they are told in; undefined where that cannot be told apart. */
function sizeAndBody({ chart, steps, step }: Offset): { readonly size: number; readonly body: number; readonly measure?: BodyMeasure } | undefined {
  if (chart.from === 'sizes') return { size: steps * step, body: chart.grown };
  return chart.from === 'chart'
    ? { size: chart.factor * chart.chart + steps * step, body: chart.factor * chart.body, measure: chart.measure }
    : undefined;
}

/** Weight, drape and structure, as far as they differ. */
export function handOf(input: PatternCase, one: Make, other: Make): FabricProperty[] {
  const of = (make: Make) => mainFabric(make, input.fabrics).fabric;
  return fabricProperties(of(one), of(other)).filter((p) => p !== 'stretch');
}

/** The doubt of what such a difference does at a zone, cm; nought where there is none. */
export function handDoubt(zone: ZoneId, t1: number, properties: readonly FabricProperty[]): number {
  if (properties.length === 0) return 0;
  const { kind } = zoneOf(zone);
  return HAND_DOUBT[kind] * t1 * (kind === 'length' && properties.includes('drape') ? 2 : 1);
}

/** Everything that moved the offset of a zone from one look to the next, each with its doubt. */
export function movesBetween(input: PatternCase, before: Evidence, after: Evidence): Changed[] {
  const [from, to] = [before.offset, after.offset];
  const found: Changed[] = [];
  const add = (cause: Cause, cm: number, sd = 0) => {
    if (Math.abs(cm) > NOTHING || sd > NOTHING) found.push({ cause, cm, sd });
  };
  const [a, b] = [sizeAndBody(from), sizeAndBody(to)];
  const sizeDoubt = doubtOfSteps(to.steps - from.steps, to.step);
  if (a && b && a.measure === b.measure) {
    add({ of: 'size' }, b.size - a.size, sizeDoubt);
    add({ of: 'body', by: b.body - a.body }, a.body - b.body);
  } else add({ of: 'size' }, to.chart.cm - from.chart.cm, sizeDoubt);

  for (const { is, was, cm, sd } of alterationsBetween(from, to))
    add((is ?? was)?.allowance ? { of: 'seam allowance' } : { of: 'alteration', is, was }, cm, sd);

  if (mainFabric(before.make, input.fabrics).fabric !== mainFabric(after.make, input.fabrics).fabric) {
    const cm = to.fabric.cm - from.fabric.cm;
    const known = from.fabric.unknown === undefined && to.fabric.unknown === undefined;
    add({ of: 'stretch' }, cm, known ? GIVE_DOUBT * Math.abs(cm) : Math.hypot(from.fabric.sd, to.fabric.sd));
    const properties = handOf(input, before.make, after.make);
    add({ of: 'hand', properties }, 0, handDoubt(after.note.zone, after.observation.edges[0], properties));
  }
  return found;
}

/** What one alteration did at a zone in two versions, cm; done twice in one garment, it is told once. */
interface AlteredTwice {
  readonly is: Alteration | undefined;
  readonly was: Alteration | undefined;
  readonly cm: number;
  readonly sd: number;
}

/** What alterations moved, each once: one that was taken back by as much as it had done. */
function alterationsBetween(from: Offset, to: Offset): AlteredTwice[] {
  const found = new Map<string, { is?: Alteration; was?: Alteration; before: number; after: number; doubtBefore: number; doubtAfter: number }>();
  const at = (alteration: Alteration) => {
    const key = alterationKey(alteration);
    const known = found.get(key) ?? { before: 0, after: 0, doubtBefore: 0, doubtAfter: 0 };
    found.set(key, known);
    return known;
  };
  for (const { alteration, cm, sd } of from.alterations) {
    const one = at(alteration);
    Object.assign(one, { was: alteration, before: one.before + cm, doubtBefore: Math.hypot(one.doubtBefore, sd) });
  }
  for (const { alteration, cm, sd } of to.alterations) {
    const one = at(alteration);
    Object.assign(one, { is: alteration, after: one.after + cm, doubtAfter: Math.hypot(one.doubtAfter, sd) });
  }
  return [...found.values()].map(({ is, was, before, after, doubtBefore, doubtAfter }) => {
    // What was done the same way both times, if only "a bit", did nothing new.
    const same = before === after && doubtBefore === doubtAfter;
    return { is, was, cm: after - before, sd: same ? 0 : Math.hypot(doubtBefore, doubtAfter) };
  });
}
