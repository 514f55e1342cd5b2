import { fibresOf } from '../fabric/fibres';
import { weightOf } from '../fabric/weight';
import { phi } from '../inference/normal';
import type { Match } from '../plan/match';
import type { Fabric, GarmentKind, Occasion, Pattern } from '../records';
import type { IsoDate } from '../units/date';
import { dayNumber } from '../units/date';
import { percent } from '../units/percent';
import { goesWith, layerOf, type Worn } from './goes-with';
import { logHands, paceWith, type Pace } from './pace';
import type { Sitting } from './sittings';
import { WAIT_DAYS, type Step } from './steps';

/** How warm a fabric is to wear, from −2 for a summer's day to 2 for a winter's; undefined where nothing says. Source: usual practice by fibre and weight. */
export function warmthOf(fabric: Pick<Fabric, 'structure' | 'weight' | 'weightClass' | 'fibre' | 'swatch'>): number | undefined {
  const weight = weightOf(fabric);
  const fibre = fibresOf(fabric.fibre ?? '')[0];
  if (weight === undefined && fibre === undefined) return undefined;
  const byWeight = weight === 'light' ? -1 : weight === 'heavy' ? 1 : 0;
  const byFibre = fibre === 'wool' ? 1 : fibre === 'linen' || fibre === 'viscose' || fibre === 'hemp' ? -1 : 0;
  return byWeight + byFibre + (fabric.swatch.print === 'pile' ? 1 : 0);
}

/** The warmth that a day asks for. */
const ASKED: Readonly<Record<NonNullable<Occasion['warmth']>, number>> = { hot: -2, warm: -1, mild: 0, cool: 1, cold: 2 };

/** Fibres that crease when they are sat on. Source: usual practice of care. */
const CREASES: ReadonlySet<string> = new Set(['linen', 'hemp', 'cotton', 'viscose']);
/** And that are not simply washed on the way. */
const WANTS_CARE: ReadonlySet<string> = new Set(['wool', 'silk', 'acetate']);

/** Kinds that nobody wears to an occasion. */
const NOT_FOR_IT: ReadonlySet<GarmentKind> = new Set(['bra', 'briefs', 'nightwear', 'apron', 'home', 'toy', 'bag', 'swimsuit']);
/** From so dressy on these are out of place. */
const TOO_PLAIN: ReadonlySet<GarmentKind> = new Set(['shorts']);

/** What could be sewn for an occasion: a pattern in a fabric, with what speaks for it and what against. */
export interface CouldSew {
  readonly pattern: Pattern;
  readonly fabric: Fabric;
  readonly pro: readonly string[];
  readonly contra: readonly string[];
  /** The chance that there are hours enough; undefined where nobody said when there is time. */
  readonly inTime?: number;
  /** Minutes, the middle. */
  readonly minutes: number;
  readonly goesWith: readonly string[];
  /** For the order. */
  readonly rank: number;
}

/** What is known of a pattern beside its records. */
export interface OfPattern {
  readonly pattern: Pattern;
  readonly steps: readonly Step[];
  readonly version: number;
  /** The chance of right at its weakest place; undefined where it was never cut. */
  readonly right?: number | undefined;
  /** Times a month that its versions are worn; undefined where nobody wore one. */
  readonly worn?: number | undefined;
}

/** What stands round it: hands, time, and what hangs. */
export interface Around {
  readonly pace: Pace;
  readonly sittings: readonly Sitting[];
  /** Minutes of them that go into what is begun, or wanted sooner. */
  readonly taken: number;
  /** What hangs, made and bought. */
  readonly wardrobe: readonly Worn[];
}

/** What counts double in the order: it is then as good as out of question. */
const HARD = 3;

/**
 * The chance that steps are done in the sittings up to a day.
 *
 * @param taken minutes of them that something else is sewn in
 */
export function inTimeFor(
  steps: readonly Step[],
  { patternId, version }: { readonly patternId: string; readonly version: number },
  pace: Pace,
  sittings: readonly Sitting[],
  by: IsoDate,
  taken = 0,
): number {
  const waits = steps.reduce((days, s) => days + (s.wait && s.done === undefined ? WAIT_DAYS[s.wait] : 0), 0);
  const there = sittings.filter((s) => dayNumber(s.date) + waits <= dayNumber(by)).reduce((sum, s) => sum + s.minutes, 0) - taken;
  const { mean, variance } = logHands(steps, paceWith(pace, patternId), version);
  if (!Number.isFinite(mean)) return 1;
  return there <= 0 ? 0 : phi((Math.log(there) - mean) / Math.sqrt(variance));
}

/**
 * One pattern in one fabric for an occasion.
 *
 * @param match how the two go together, with whether there is enough of it; that takes a while, and may be left out of a first look
 */
export function couldSew(
  occasion: Occasion,
  { pattern, steps, version, right, worn }: OfPattern,
  fabric: Fabric,
  match: Match | undefined,
  { pace, sittings, wardrobe, taken }: Around,
): CouldSew {
  const [pro, contra] = [[...(match?.pro ?? [])], [...(match?.contra ?? [])]];
  let hard = match?.tooShort ? 3 : 0;
  const [has, asked] = [warmthOf(fabric), occasion.warmth && ASKED[occasion.warmth]];
  if (has !== undefined && asked !== undefined) {
    if (has - asked >= 2) {
      contra.push(`warm for a ${occasion.warmth} day`);
      hard += 1;
    } else if (asked - has >= 2) contra.push(`thin for a ${occasion.warmth} day, unless it is layered`);
    else if (Math.abs(has - asked) <= 1) pro.push(`as warm as a ${occasion.warmth} day wants`);
  }
  const fibre = fibresOf(fabric.fibre ?? '')[0];
  if (fibre && CREASES.has(fibre) && fabric.structure === 'woven' && (occasion.long === 'sat' || occasion.until !== undefined))
    contra.push(`${fibre} creases where one ${occasion.long === 'sat' ? 'sits long' : 'travels'}`);
  if (fibre && WANTS_CARE.has(fibre) && occasion.care === 'washed on the way') contra.push(`${fibre} is not simply washed on the way`);
  if (fabric.opacity !== undefined && fabric.opacity <= 2) contra.push('sheer: it wants something beneath');
  if (NOT_FOR_IT.has(pattern.kind) || ((occasion.dressy ?? 0) >= 4 && TOO_PLAIN.has(pattern.kind))) {
    contra.push('hardly what one wears to it');
    hard += 2;
  }
  if ((occasion.dressy ?? 0) >= 4 && fabric.structure === 'knit' && pattern.kind !== 'cardigan') {
    contra.push('a knit, where one dresses up');
    hard += 1;
  }
  if (right === undefined) contra.push('never cut: nothing is known of how it fits');
  else if (right >= 0.8) pro.push(`fits with a chance of ${percent(right)} at its weakest place`);
  else contra.push(`fits with a chance of ${percent(right)} at its weakest place`);
  if (worn !== undefined)
    (worn >= 1 ? pro : contra).push(
      `such garments were worn ${worn < 1 ? 'less than once' : worn < 1.5 ? 'about once' : `about ${Math.round(worn)} times`} a month`,
    );
  const inTime = sittings.length === 0 ? undefined : inTimeFor(steps, { patternId: pattern.id, version }, pace, sittings, occasion.date, taken);
  const { mean, variance } = logHands(steps, paceWith(pace, pattern.id), version);
  const minutes = Math.exp(mean);
  if (inTime !== undefined && Number.isFinite(variance)) {
    if (inTime < 0.5) {
      contra.push(`hours enough by then with a chance of ${percent(inTime)}`);
      hard += 1;
    } else if (inTime >= 0.9) pro.push('hours enough by then');
    else contra.push(`hours enough by then with a chance of ${percent(inTime)} only`);
  }
  const partners = goesWith(
    {
      id: 'it',
      name: pattern.name,
      kind: pattern.kind,
      colour: fabric.swatch.ground,
      printed: fabric.swatch.print !== 'plain' && fabric.swatch.print !== 'twill' && fabric.swatch.print !== 'rib',
    },
    wardrobe,
  ).map((w) => w.name);
  const needs = layerOf(pattern.kind);
  if (partners.length > 0) pro.push(`goes with ${partners.length <= 2 ? partners.join(' and ') : `${partners[0]} and ${partners.length - 1} more`}`);
  else if (needs === 'upper' || needs === 'lower') contra.push('goes with nothing that hangs');
  return {
    pattern,
    fabric,
    pro,
    contra,
    minutes,
    goesWith: partners,
    ...(inTime === undefined ? {} : { inTime }),
    rank: pro.length - contra.length - HARD * hard + (right ?? 0.5) + (inTime ?? 0.5),
  };
}

/** The best of all, each pattern in its best fabric once, then what follows. */
export function ranked(all: readonly CouldSew[], most: number): CouldSew[] {
  const sorted = [...all].sort((a, b) => b.rank - a.rank || a.pattern.name.localeCompare(b.pattern.name));
  const seen = new Set<string>();
  return sorted.filter((c) => (seen.has(c.pattern.id) ? false : (seen.add(c.pattern.id), true))).slice(0, most);
}
