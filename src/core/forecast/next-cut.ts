import { alterationKey } from '../alteration/alteration-key';
import { answerFor, inOrderOfAnswers, isFine, movesBy } from '../alteration/answer';
import { effectsOf, fitAlterations, sharesOf } from '../alteration/effects';
import type { IsoDate } from '../units/date';
import { roundToWorkable, workableStep, type LengthUnit } from '../units/length';
import { firstOf } from '../units/item-at';
import { zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import type { Cut } from '../inference/unknown-step';
import type { Alteration, Fabric, FabricUse, Make, SizeLine } from '../records';
import { blankFabric } from '../records/blank';
import { effectContext, type PatternCase } from '../garment/case';
import { lineAt, lineOf, placeOf, sameLine } from '../garment/chart';
import { isLabelsAlone } from '../garment/ladder';
import { Garment } from '../garment/offset';

/** What the next garment is for. */
export interface PlannedCut {
  /** The day whose body counts. */
  readonly date: IsoDate;
  /** The planned main fabric. Without one the pattern's own fabric is meant, which gives as much as asked. */
  readonly fabricId?: string;
  /** The body it is for, where that is not the one measured: what is expected on that day, cm. */
  readonly expected?: Partial<Record<BodyMeasure, number>> | undefined;
  /** Amounts are rounded to what can be cut in this unit. */
  readonly unit: LengthUnit;
}

/** Size lines may leave the size cut by this many steps; what is left after that is an alteration. Source: engine.md, section 6. */
const MOST_STEPS = 2;

/** The pattern's own fabric: gives as much as it asks for, so that φ is nought. */
const OWN_FABRIC = 'fabric as the pattern asks';

/** Shelves with the pattern's own fabric on them: the same for every pattern that asks for the same. */
const withOwn = new WeakMap<readonly Fabric[], Map<string, readonly Fabric[]>>();

/** The bodies for a plan: what is expected stands as a set of the planned day. */
export function bodiesForPlan(bodies: PatternCase['bodies'], { date, expected }: PlannedCut): PatternCase['bodies'] {
  if (!expected || Object.keys(expected).length === 0) return bodies;
  return [{ id: 'expected', personId: bodies[0]?.personId ?? '', date, measures: expected, expected: true }, ...bodies];
}

/** The case as it is for a plan: with the body that is expected, and without a planned fabric with one that gives what the pattern asks. */
export function caseForPlan(given: PatternCase, plan: PlannedCut): PatternCase {
  const bodies = bodiesForPlan(given.bodies, plan);
  const input = bodies === given.bodies ? given : { ...given, bodies };
  if (plan.fabricId !== undefined) return input;
  const { structure, stretch } = input.pattern.wants;
  const stashes = withOwn.get(input.fabrics) ?? new Map<string, readonly Fabric[]>();
  withOwn.set(input.fabrics, stashes);
  const name = `${structure} ${stretch}`;
  const gives = stretch === undefined ? {} : { stretchAcross: stretch, stretchAlong: stretch };
  const stash = stashes.get(name) ?? [...input.fabrics, { ...blankFabric(OWN_FABRIC, OWN_FABRIC, structure), ...gives }];
  stashes.set(name, stash);
  return { ...input, fabrics: stash };
}

/** The main fabric of a cut that is planned: the one planned, else the pattern's own. */
export function plannedUse({ fabricId }: PlannedCut): FabricUse {
  return { id: 'planned', fabricId: fabricId ?? OWN_FABRIC, part: 'main' };
}

/**
 * The last version cut again as it was, for what is planned: everything that was altered for fit is now on the paper, in the planned fabric,
 * and whichever body it was cut for, the planned day's counts.
 */
export function lastCutAgain(input: PatternCase, { bodyId: _, expected: __, ...last }: Make, plan: PlannedCut): Garment {
  return new Garment(caseForPlan(input, plan), {
    ...last,
    id: 'next cut',
    version: last.version + 1,
    kind: 'garment',
    cutOn: plan.date,
    fabrics: [plannedUse(plan)],
    // What has no fit is made again with all that was changed: the bag without its front pocket.
    alterations: merged((last.kind === 'without fit' ? last.alterations : fitAlterations(last)).map((a) => ({ ...a, when: 'paper' as const }))),
    measured: last.measured.filter((m) => m.of === 'piece'),
    fitNotes: [],
    lacking: [],
  });
}

/** Sums alterations of one kind that are measured alike: +1.5 on paper and −0.5 on the body are +1 the next time. */
function merged(alterations: readonly Alteration[]): Alteration[] {
  const sums = new Map<string, Alteration>();
  for (const a of alterations) {
    const key = a.amount === undefined ? a.id : [alterationKey(a), a.way, a.fullness, a.seams].join(' | ');
    const earlier = sums.get(key);
    sums.set(key, earlier?.amount === undefined || a.amount === undefined ? a : { ...a, amount: earlier.amount + a.amount });
  }
  return [...sums.values()].filter((a) => a.amount !== 0);
}

/** What a zone is brought to: an offset, cm; of a pattern whose sizes are only labels a line, or an alteration of the one that was cut. */
export interface Target {
  readonly x: number;
  readonly line?: SizeLine;
  readonly apart?: true;
}

/**
 * Works out a cut that one can do: size lines first, then the alteration for what remains.
 *
 * @param again the last cut (`lastCutAgain`)
 * @param targets what is wanted at each zone; zones not named stay as they are
 * @returns the next garment, planned: its offsets are reckoned like those of any other
 */
export function nextCut(again: Garment, { unit }: PlannedCut, targets: ReadonlyMap<ZoneId, Target>): Garment {
  const cut = inOrderOfAnswers([...targets.keys()]).reduce((garment, zone) => reach(garment, zone, targets.get(zone)!, unit), again);
  return cut === again ? again : inSizeOfMost(cut, [...targets.keys()]);
}

/**
 * The same cut named by the size that most of the noted places want: where bust and waist of an M want L, it is an L. Places of which nobody
 * said anything go with it, as they would under the scissors; a noted one that wants the old size keeps it as a line of its own. So does a
 * length: no line is moved to reach it, and yet it is graded as all is.
 */
function inSizeOfMost(garment: Garment, noted: readonly ZoneId[]): Garment {
  const { size, sizeLines } = garment.make;
  const { draft } = garment;
  if (!size || !draft.chart) return garment;
  const graded = noted.filter((zone) => draft.at(zone).reading ?? draft.at(zone).step !== 0);
  const told = graded.map((zone) => ({ zone, line: lineOf(garment.make, zone) ?? size }));
  const wanting = (line: SizeLine) => told.filter((t) => sameLine(t.line, line)).length;
  const most = told.reduce<SizeLine>((best, { line }) => (wanting(line) > wanting(best) ? line : best), size);
  if (sameLine(most, size) || wanting(most) < 2) return garment;
  const others = sizeLines.filter((l) => !noted.includes(l.zone));
  return garment.changed({ size: most, sizeLines: [...others, ...told].filter(({ line }) => !sameLine(line, most)) });
}

/** Brings one zone of a planned cut to its target, as nearly as can be cut: the very same garment where that is near enough. */
function reach(garment: Garment, zone: ZoneId, { x: target, line, apart }: Target, unit: LengthUnit): Garment {
  if (line) return withLine(garment, zone, line);
  const now = garment.offset(zone);
  const step = workableStep(unit, isFine(zone));
  // A cut that is already within half a step of the target is the same cut to scissors.
  if (Math.abs(target - now.x) < step / 2) return garment;

  const base = garment.asDrafted(zone);
  const net = now.x - now.fabric.cm - base;
  const wanted = roundToWorkable(target - now.fabric.cm - base, unit, isFine(zone));
  if (Math.abs(wanted - net) < 1e-9) return garment;

  const byLine = apart ? garment : moveLine(garment, zone, wanted - net);
  const lineMoved = byLine !== garment;
  const left = lineMoved ? wanted - (byLine.offset(zone).x - now.fabric.cm - base) : wanted - net;
  const remains = roundToWorkable(left, unit, isFine(zone));
  // Between two lines of a chart, what is left is less than the pencil's width against t1: leave it.
  if (lineMoved ? Math.abs(remains) < Math.max(step, zoneOf(zone).edges[0] / 2) : Math.abs(remains) < 1e-9) return byLine;
  return alterBy(byLine, zone, remains);
}

/** Moves the size line at a zone by a length, as far as the chart and two steps allow, or the labels. */
function moveLine(garment: Garment, zone: ZoneId, by: number): Garment {
  let best: MovedLine | undefined;
  let miss = Math.abs(by);
  for (const moved of linesFrom(garment, zone)) {
    const off = Math.abs(moved.by.x - by);
    if (off < miss - 1e-9) {
      best = moved;
      miss = off;
    }
  }
  return best ? withLine(garment, zone, best.line) : garment;
}

function withLine(garment: Garment, zone: ZoneId, line: SizeLine): Garment {
  const { size, sizeLines } = garment.make;
  const others = sizeLines.filter((l) => l.zone !== zone);
  return garment.changed({ sizeLines: sameLine(line, size) ? others : [...others, { zone, line }] });
}

/** A size line that a zone may be moved to, and by how much that moves its offset. */
export interface MovedLine {
  readonly line: SizeLine;
  readonly by: Cut;
}

/**
 * The lines that a zone may be moved to, as far as the chart and two steps allow. A whole size is easier to trace than halfway, and
 * halfway than a quarter: they come in this order.
 */
export function linesFrom(garment: Garment, zone: ZoneId): MovedLine[] {
  const { draft, make } = garment;
  const { chart } = draft;
  const along = garment.along(zone);
  const line = lineOf(make, zone);
  const from = chart && line && placeOf(chart, line);
  const base = chart && make.size && placeOf(chart, make.size);
  if (!chart || !along || from === undefined || base === undefined || make.measured.some((m) => m.zone === zone)) return [];
  // Of labels alone a place goes on from where it was cut: how far the size all over lies from there in centimetres nobody knows.
  const middle = isLabelsAlone(chart) ? from : base;
  const low = Math.max(0, middle - MOST_STEPS);
  const high = Math.min(chart.sizes.length - 1, middle + MOST_STEPS);
  const start = along(from);
  const lines: MovedLine[] = [];
  for (const [first, step] of [
    [0, 1],
    [0.5, 1],
    [0.25, 0.5],
  ] as const)
    for (let place = Math.floor(low) + first; place <= high; place += step) {
      if (place < low || place === from) continue;
      const { x, steps } = along(place);
      lines.push({ line: lineAt(chart, place), by: { x: x - start.x, steps: steps - start.steps } });
    }
  return lines;
}

/** Changes an alteration that is there for this zone, or adds the zone's own answer. */
function alterBy(garment: Garment, zone: ZoneId, cm: number): Garment {
  const { alterations } = garment.make;
  const context = effectContext(garment.draft.pattern, garment.draft.view);
  const existing = alterations.find((a) => {
    const shares = sharesOf(a, context);
    return a.kind !== 'full-bust' && shares[0]?.zone === zone && (shares.length === 1 || a.kind === answerFor(zone, 0).kind);
  });
  if (existing) {
    const per = firstOf(sharesOf(existing, context)).per;
    const was = firstOf(effectsOf(existing, context)).cm / per;
    const amount = Math.round((was + cm / per) * 1e6) / 1e6;
    const { direction: _, ...sized } = existing;
    const rest = alterations.filter((a) => a !== existing);
    return garment.changed({ alterations: Math.abs(amount) < 1e-9 ? rest : [...rest, { ...sized, amount }] });
  }
  const amount = Math.round((cm / movesBy(zone, context)) * 1e6) / 1e6;
  return garment.changed({ alterations: [...alterations, answerFor(zone, amount)] });
}
