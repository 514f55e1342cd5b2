import { colourOf } from '../fabric/colour-of';
import { mainFibre } from '../fabric/fibres';
import { isPrinted } from '../fabric/printed';
import { isSheer } from '../fabric/sheer';
import { WEIGHTS, weightOf } from '../fabric/weight';
import { LOVED } from '../forecast/sizes';
import { phi } from '../inference/normal';
import type { Match } from '../plan/match';
import type { Fabric, GarmentKind, Occasion, Pattern } from '../records';
import type { IsoDate } from '../units/date';
import { dayNumber } from '../units/date';
import { counted } from '../units/counted';
import { roughly } from '../units/duration';
import { likelihood, percent } from '../units/percent';
import { SELDOM, timesAMonth } from '../wear/a-month';
import { goesWith, layerOf, type Worn } from './goes-with';
import { enoughMinutes, logHands, paceWith, type Pace } from './pace';
import type { Sitting } from './sittings';
import { daysOfWaiting, type Step } from './steps';

/** How warm a fabric is to wear, from −2 for a summer's day to 2 for a winter's; undefined where nothing says. Source: usual practice by fibre and weight. */
export function warmthOf(fabric: Pick<Fabric, 'structure' | 'weight' | 'weightClass' | 'fibre' | 'swatch'>): number | undefined {
  const weight = weightOf(fabric);
  const fibre = mainFibre(fabric);
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
/** From so dressy on some kinds, and most knits, are out of place. */
const DRESSED_UP = 4;
const TOO_PLAIN: ReadonlySet<GarmentKind> = new Set(['shorts']);

/** What a reason is about, in the order in which they are said. */
export const ABOUT = ['the occasion', 'fit', 'loved', 'hours', 'fabric', 'warmth', 'care', 'worn', 'goes with'] as const;

/** Something that speaks for or against. */
export interface Reason {
  readonly about: (typeof ABOUT)[number];
  readonly speaks: 'for' | 'against';
  readonly words: string;
  /** So many of it weigh as much as the other reasons: it is then as good as out of question. */
  readonly hard?: number;
}

const pro = (about: Reason['about'], words: string): Reason => ({ about, speaks: 'for', words });
const contra = (about: Reason['about'], words: string, hard?: number): Reason => ({ about, speaks: 'against', words, ...(hard ? { hard } : {}) });

/** Whether something of a kind, in a fabric where one is known, suits the day: its warmth, and how dressy it is. */
export function suitsTheDay(occasion: Pick<Occasion, 'warmth' | 'dressy'>, kind: GarmentKind, fabric: Fabric | undefined): Reason[] {
  const found: Reason[] = [];
  const [has, asked] = [fabric && warmthOf(fabric), occasion.warmth && ASKED[occasion.warmth]];
  if (has !== undefined && asked !== undefined) {
    if (has - asked >= 2) found.push(contra('warmth', `warm for a ${occasion.warmth} day`, 1));
    else if (asked - has >= 2) found.push(contra('warmth', `thin for a ${occasion.warmth} day, unless it is layered`));
    else found.push(pro('warmth', `as warm as a ${occasion.warmth} day wants`));
  }
  const dressedUp = (occasion.dressy ?? 0) >= DRESSED_UP;
  if (NOT_FOR_IT.has(kind) || (dressedUp && TOO_PLAIN.has(kind))) found.push(contra('the occasion', 'hardly what one wears to it', 2));
  if (dressedUp && fabric?.structure === 'knit' && kind !== 'cardigan') found.push(contra('the occasion', 'a knit, where one dresses up', 1));
  return found;
}

/** What could be sewn for an occasion: a pattern in a fabric, with what speaks for it and what against. */
export interface CouldSew {
  readonly pattern: Pattern;
  /** Undefined where none of the stash goes with it: one is to be bought. */
  readonly fabric: Fabric | undefined;
  readonly reasons: readonly Reason[];
  readonly hours: Hours;
  readonly goesWith: readonly string[];
  /** For the order. */
  readonly rank: number;
}

/** Whether there are hours enough: the chance, undefined where nobody said when there is time; minutes, the middle; and what is lacking for nine in ten. */
export interface Hours {
  readonly chance?: number | undefined;
  readonly minutes: number;
  readonly lacking: number;
}

/** What is known of a pattern beside its records. */
export interface OfPattern {
  readonly pattern: Pattern;
  readonly hours: Hours;
  /** Versions cut for whom it is asked, and the most that one of them is loved, of five; undefined where nobody said. */
  readonly versions: number;
  readonly loved?: number | undefined;
  /** The chance of right at its weakest place; undefined where nothing tells. */
  readonly right?: number | undefined;
  /** Times a month that such a garment is likely to be worn; undefined where nothing tells. */
  readonly worn?: number | undefined;
}

/** What counts double in the order: it is then as good as out of question. */
const HARD = 3;

/**
 * Minutes that are there by a day for steps that wait for some days meanwhile.
 *
 * @param taken minutes of the sittings that something else is sewn in
 */
export function minutesBy(sittings: readonly Sitting[], by: IsoDate, { taken = 0, waits = 0 }: { taken?: number; waits?: number } = {}): number {
  const all = sittings.filter((s) => dayNumber(s.date) + waits <= dayNumber(by)).reduce((sum, s) => sum + s.minutes, 0);
  return Math.max(0, all - taken);
}

/**
 * Whether steps are done in the sittings up to a day.
 *
 * @param sittings none where nobody said when there is time
 * @param taken minutes of them that something else is sewn in
 */
export function hoursFor(
  steps: readonly Step[],
  { patternId, version }: { readonly patternId: string; readonly version: number },
  pace: Pace,
  sittings: readonly Sitting[],
  by: IsoDate,
  taken = 0,
): Hours {
  const log = logHands(steps, paceWith(pace, patternId), version);
  if (!Number.isFinite(log.mean)) return { chance: 1, minutes: 0, lacking: 0 };
  const there = minutesBy(sittings, by, { taken, waits: daysOfWaiting(steps) });
  return {
    chance: sittings.length === 0 ? undefined : there <= 0 ? 0 : phi((Math.log(there) - log.mean) / Math.sqrt(log.variance)),
    minutes: Math.exp(log.mean),
    lacking: Math.max(0, enoughMinutes(log) - there),
  };
}

/**
 * One pattern in one fabric, or in one that is still to be bought, for an occasion.
 *
 * @param match how the two go together, with whether there is enough of it; that takes a while, and may be left out of a first look
 * @param wardrobe what hangs, made and bought; none for a first look
 */
export function couldSew(
  occasion: Occasion,
  { pattern, hours, versions, loved, right, worn }: OfPattern,
  fabric: Fabric | undefined,
  match: Match | undefined,
  wardrobe: readonly Worn[],
): CouldSew {
  const found: Reason[] = [
    ...suitsTheDay(occasion, pattern.kind, fabric),
    ...(match?.pro ?? []).map((words) => pro('fabric', words)),
    ...(match?.contra ?? []).map((words) => contra('fabric', words)),
  ];
  if (!fabric) found.push(contra('fabric', 'no fabric of the stash goes with it: one is to be bought'));
  const weight = fabric && weightOf(fabric);
  // A blouse in coat tweed: two steps off is another garment.
  const stepsOff = weight && pattern.wants.weight ? Math.abs(WEIGHTS.indexOf(weight) - WEIGHTS.indexOf(pattern.wants.weight)) : 0;
  const fibre = fabric && mainFibre(fabric);
  if (fibre && CREASES.has(fibre) && fabric?.structure === 'woven' && (occasion.long === 'sat' || occasion.until !== undefined))
    found.push(contra('care', `${fibre} creases where one ${occasion.long === 'sat' ? 'sits long' : 'travels'}`));
  if (fibre && WANTS_CARE.has(fibre) && occasion.care === 'washed on the way') found.push(contra('care', `${fibre} is not simply washed on the way`));
  if (fabric && isSheer(fabric)) found.push(contra('fabric', 'sheer: it wants something beneath'));
  if (versions === 0) found.push(contra('fit', 'never cut: nothing is known of how it fits'));
  else if (right === undefined) found.push(contra('fit', `${counted(versions, 'version')} cut, and how it fits was not noted`));
  else found.push((right >= 0.8 ? pro : contra)('fit', `fits with a chance of ${percent(right)} at its weakest place`));
  if (loved !== undefined) found.push((loved >= LOVED ? pro : contra)('loved', `a version is loved ${loved} of 5`));
  if (worn !== undefined) found.push((worn >= SELDOM ? pro : contra)('worn', `such garments were worn ${timesAMonth(worn)}`));
  const inTime = hours.chance;
  if (inTime !== undefined)
    found.push(
      inTime >= 0.9
        ? pro('hours', 'hours enough by then')
        : contra(
            'hours',
            `hours enough by then: ${likelihood(inTime)}; ${roughly(hours.lacking)} more would make it likely`,
            inTime < 0.5 ? 1 : undefined,
          ),
    );
  const seen = fabric && { colour: colourOf(fabric), printed: isPrinted(fabric.swatch) };
  const worth = { id: 'it', name: pattern.name, kind: pattern.kind, ...seen };
  const partners = goesWith(worth, wardrobe).map((w) => w.name);
  const needs = layerOf(pattern.kind);
  if (partners.length > 0)
    found.push(pro('goes with', `goes with ${partners.length <= 2 ? partners.join(' and ') : `${partners[0]} and ${partners.length - 1} more`}`));
  else if (needs === 'upper' || needs === 'lower') found.push(contra('goes with', 'goes with nothing that hangs'));
  const hard = found.reduce((sum, r) => sum + (r.hard ?? 0), 0) + Math.max(0, stepsOff - 1) + (match?.tooShort ? 3 : 0);
  const reasons = [...found].sort((a, b) => ABOUT.indexOf(a.about) - ABOUT.indexOf(b.about));
  const balance = reasons.reduce((sum, r) => sum + (r.speaks === 'for' ? 1 : -1), 0);
  return { pattern, fabric, reasons, hours, goesWith: partners, rank: balance - HARD * hard + (right ?? 0.5) + (inTime ?? 0.5) };
}

/** The best of all, each pattern in its best fabric once, then what follows. */
export function ranked(all: readonly CouldSew[], most: number): CouldSew[] {
  const sorted = [...all].sort((a, b) => b.rank - a.rank || a.pattern.name.localeCompare(b.pattern.name));
  const seen = new Set<string>();
  return sorted.filter((c) => (seen.has(c.pattern.id) ? false : (seen.add(c.pattern.id), true))).slice(0, most);
}
