import { mainFabric } from '../make/main-fabric';
import { alterationKey } from '../alteration/alteration-key';
import { lastEvidence, type Evidence } from '../garment/evidence';
import { zonesOfCase } from '../forecast/carry-forward';
import type { PatternCase } from '../garment/case';
import type { Offset } from '../garment/offset';
import type { BodyMeasure, ZoneId } from '../body/zones';
import type { Alteration, Make } from '../records';
import { fabricProperties } from './differences';

/** What became of a fit note in the next version; an overshot one is fixed, and its contrary is new. Source: engine.md, section 7. */
export type Fate = 'fixed' | 'eased' | 'the same' | 'worse' | 'not seen' | 'new';

/** What may be given the credit. */
export type Cause =
  { readonly of: 'size' } | { readonly of: 'body' } | { readonly of: 'fabric' } | { readonly of: 'alteration'; readonly alteration: Alteration };

export interface Effect {
  readonly zone: ZoneId;
  readonly fate: Fate;
  /** The note of the earlier version, of the later one; absent where the zone was not seen. */
  readonly before: Evidence | undefined;
  readonly after: Evidence | undefined;
  /** Who gets the credit, with shares that sum to 1; empty where it cannot be told. */
  readonly credit: readonly { readonly cause: Cause; readonly share: number }[];
  /** Why it cannot be told; absent where a credit is given or none is asked for. */
  readonly notClear: 'fabric and cut both changed' | 'nothing that touches it changed' | 'the cut moved the other way' | undefined;
}

/** A term that moved by less than this, cm, moved nothing. */
const NOTHING = 0.05;

/** What of an offset is the size's, and what the body's, by the measure they are told in; undefined where that cannot be told apart. */
function sizeAndBody({ chart, steps, step }: Offset): { readonly size: number; readonly body: number; readonly measure?: BodyMeasure } | undefined {
  if (chart.from === 'sizes') return { size: steps * step, body: chart.grown };
  return chart.from === 'chart'
    ? { size: chart.factor * chart.chart + steps * step, body: chart.factor * chart.body, measure: chart.measure }
    : undefined;
}

/** What moved the offset of a zone between two looks, cm, the fabric apart. */
function termsOf(from: Offset, to: Offset): { readonly cause: Cause; readonly cm: number }[] {
  const terms: { cause: Cause; cm: number }[] = [];
  const add = (cause: Cause, cm: number) => {
    if (Math.abs(cm) > NOTHING) terms.push({ cause, cm });
  };
  const [a, b] = [sizeAndBody(from), sizeAndBody(to)];
  if (a && b && a.measure === b.measure) {
    add({ of: 'size' }, b.size - a.size);
    add({ of: 'body' }, a.body - b.body);
  } else add({ of: 'size' }, to.chart.cm - from.chart.cm);
  if (from.alterations.length + to.alterations.length === 0) return terms;
  const sums = new Map<string, { alteration: Alteration; cm: number }>();
  for (const [offset, sign] of [
    [from, -1],
    [to, 1],
  ] as const)
    for (const { alteration, cm } of offset.alterations) {
      const key = alterationKey(alteration);
      sums.set(key, { alteration, cm: (sums.get(key)?.cm ?? 0) + sign * cm });
    }
  for (const { alteration, cm } of sums.values()) add({ of: 'alteration', alteration }, cm);
  return terms;
}

/** Who gets the credit, and why nobody does. */
interface Credited {
  readonly credit: Effect['credit'];
  readonly notClear: Effect['notClear'];
}

const NOBODY: Credited = { credit: [], notClear: undefined };
const because = (notClear: Effect['notClear']): Credited => ({ credit: [], notClear });
const FABRIC_AND_CUT = because('fabric and cut both changed');
const NO_CHANGE = because('nothing that touches it changed');
const OTHER_WAY = because('the cut moved the other way');
const THE_FABRIC: Credited = { credit: [{ cause: { of: 'fabric' }, share: 1 }], notClear: undefined };

/** Who gets the credit for what became of a zone, or why nobody can be named. */
function creditFor(before: Evidence, after: Evidence, otherFabric: boolean, wanted: number): Credited {
  const terms = termsOf(before.offset, after.offset);
  const give = after.offset.fabric.cm - before.offset.fabric.cm;
  const fabric = otherFabric || Math.abs(give) > NOTHING;
  if (fabric) return terms.length > 0 ? FABRIC_AND_CUT : THE_FABRIC;
  const helped = terms.filter((t) => Math.sign(t.cm) === wanted);
  if (helped.length === 0) return terms.length > 0 ? OTHER_WAY : NO_CHANGE;
  const total = helped.reduce((sum, t) => sum + Math.abs(t.cm), 0);
  return { credit: helped.map(({ cause, cm }) => ({ cause, share: Math.abs(cm) / total })), notClear: undefined };
}

/**
 * What the changes from one version to the next did, note by note; it never claims what cannot be told apart.
 *
 * @returns an entry for each zone that was not right in one of the two; zones right in both are left out
 */
export function whatItDid(input: PatternCase, earlier: Make, later: Make): Effect[] {
  const otherFabric = fabricProperties(mainFabric(earlier, input.fabrics).fabric, mainFabric(later, input.fabrics).fabric).length > 0;
  const [ofEarlier, ofLater] = [lastEvidence(input, earlier.id), lastEvidence(input, later.id)];
  const found: Effect[] = [];
  for (const zone of zonesOfCase(input)) {
    const before = ofEarlier[zone];
    const after = ofLater[zone];
    const [was, is] = [before?.note.outcome ?? 0, after?.note.outcome ?? 0];
    if (was === 0 && is === 0) continue;
    const say = (fate: Fate, { credit, notClear }: Credited) => found.push({ zone, fate, before, after, credit, notClear });
    const creditWhere = (wanted: number) => (before && after ? creditFor(before, after, otherFabric, wanted) : NOBODY);
    if (!after) say('not seen', NOBODY);
    else if (is !== 0 && Math.sign(is) === Math.sign(was)) {
      const [less, more] = [Math.abs(is) < Math.abs(was), Math.abs(is) > Math.abs(was)];
      if (less) say('eased', creditWhere(-Math.sign(was)));
      else if (more) say('worse', creditWhere(Math.sign(was)));
      else say('the same', NOBODY);
    } else {
      if (was !== 0) say('fixed', creditWhere(-Math.sign(was)));
      if (is !== 0) say('new', creditWhere(Math.sign(is)));
    }
  }
  return found;
}
