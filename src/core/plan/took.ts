import type { BodyMeasure, ZoneId } from '../body/zones';
import { fabricNeeded, ONE_WAY, USUAL_LENGTHS, type FabricNeeded } from '../fabric/needed';
import type { PatternCase } from '../garment/case';
import { chartOf, placeOf, readColumn, sameLine } from '../garment/chart';
import { sizesAsCut } from '../garment/ladder';
import { cutLongerAt } from '../lay/measures-of';
import { lengthForOne, mainUse } from '../make/main-fabric';
import { partsKey } from '../make/part-words';
import { viewOf } from '../make/versions';
import type { FabricUse, Make } from '../records';

/** Lengths along the grain that take fabric when they are altered. */
const ALONG: readonly ZoneId[] = ['bodyLength', 'skirt', 'leg', 'sleeve'];
/** A size more takes about so much more fabric where no chart says how much larger it is. Source: usual steps of girths, engine.md, section 12. */
const MORE_A_SIZE = 0.05;

/** What a version took, told as the plan would take it. */
export interface Took {
  /** cm, with no nap and no repeat in it. */
  readonly length: number;
  /** Something of it is only reckoned: another size without a chart, a contrast whose length nobody noted. */
  readonly rough: boolean;
}

/**
 * How much longer the longest piece along the grain is than in an earlier garment, or than drafted where none is given; where every piece
 * that was altered is shorter, and the others are as they were, nothing is saved.
 *
 * @returns cm
 */
export function longerBy(input: Pick<PatternCase, 'pattern'>, make: Make, than?: Make): number {
  return Math.max(0, ...ALONG.map((zone) => cutLongerAt(input, make, zone) - (than ? cutLongerAt(input, than, zone) : 0)));
}

/** How many times as large the planned size is all round; rough where no chart says it. */
function largerBy(input: PatternCase, planned: Make, version: Make): { readonly times: number; readonly rough: boolean } {
  const { pattern, makes } = input;
  const [to, from] = [planned.size, version.size];
  if (!to || !from || sameLine(to, from)) return { times: 1, rough: false };
  const chart = chartOf(pattern, planned.chartId);
  const places = chart && [placeOf(chart, to), placeOf(chart, from)];
  const [at, was] = places ?? [];
  if (chart && at !== undefined && was !== undefined) {
    // The waist grows by the same and is less, so that its part of the fabric would be told too large.
    const round: readonly BodyMeasure[] = (chart.body.hip ?? chart.body.bust) ? ['hip', 'bust'] : ['waist'];
    const times = round.flatMap((measure) => {
      const column = chart.body[measure];
      const [a, b] = column ? [readColumn(column, at), readColumn(column, was)] : [];
      return a !== undefined && b !== undefined ? [a / b] : [];
    });
    if (times.length > 0) return { times: Math.max(...times), rough: false };
  }
  const sizes = sizesAsCut(pattern, [...makes, planned], version)?.sizes ?? [];
  const steps = sizes.indexOf(to.size) - sizes.indexOf(from.size);
  const known = sizes.includes(to.size) && sizes.includes(from.size);
  return { times: known ? Math.max(0.5, 1 + MORE_A_SIZE * steps) : 1, rough: true };
}

/** What a use of a version would be for one garment, cm, without the nap and the repeat of its own fabric. */
function plainLength({ fabrics }: PatternCase, version: Make, use: FabricUse): number | undefined {
  const length = lengthForOne(version, use);
  if (length === undefined) return undefined;
  const fabric = fabrics.find((f) => f.id === use.fabricId);
  const laid = length - (fabric?.repeatAlong ?? 0) * USUAL_LENGTHS;
  return (laid > 0 ? laid : length) / (fabric?.nap ? 1 + ONE_WAY : 1);
}

/** A length of the version at the planned size and lengths. */
function asPlanned(input: PatternCase, planned: Make, version: Make, length: number): Took {
  const { times, rough } = largerBy(input, planned, version);
  return { length: length * times + USUAL_LENGTHS * longerBy(input, planned, version), rough };
}

/**
 * What the main fabric of a plan would take, by what a version took: at the planned size, with the planned lengths, and with the parts that
 * the version cut from a contrast and the plan does not.
 *
 * @param planned the plan as a make
 * @returns undefined where nobody noted what the version took
 */
export function mainTook(input: PatternCase, planned: Make, version: Make): Took | undefined {
  const own = mainUse(version);
  const length = own && plainLength(input, version, own);
  if (length === undefined) return undefined;
  // One fabric for all of it has to hold what had a fabric of its own before.
  const apart = planned.fabrics.some((u) => u.part === 'contrast') ? [] : version.fabrics.filter((u) => u.part === 'contrast' && u !== own);
  const lengths = apart.map((use) => plainLength(input, version, use));
  const whole = length + lengths.reduce<number>((sum, l) => sum + (l ?? 0), 0);
  const took = asPlanned(input, planned, version, whole);
  return { ...took, rough: took.rough || lengths.includes(undefined) };
}

/**
 * What a plan needs of its main fabric at a width, and by how much its own pieces are longer than what that tells, cm. Of a
 * plan that joins parts a version of the same parts tells; without one it is what the main pattern takes by itself, and says so.
 */
export function neededFor(input: PatternCase, planned: Make, width: number): { readonly found: FabricNeeded | undefined; readonly added: number } {
  const view = viewOf(input.pattern, planned);
  const key = partsKey(planned);
  // Versions joined from the same parts know best; any other had parts of other sizes, or lacked some.
  const alike = input.makes.filter((m) => partsKey(m) === key && mainTook(input, planned, m));
  const took = (version: Make) => {
    const told = mainTook(input, planned, version);
    return told && { ...told, rough: told.rough || alike.length === 0 };
  };
  const makes = alike.length > 0 ? alike : input.makes;
  const told = fabricNeeded({ ...input, makes, view, took, size: planned.size, width, longestPiece: view.longest });
  const lacks = (planned.sources.length > 1 || planned.own !== undefined) && (alike.length === 0 || told?.version === undefined);
  const found = told && lacks ? { ...told, rough: true, without: true as const } : told;
  return { found, added: found?.asPlanned ? 0 : longerBy(input, planned) };
}

/** What another part would take, the contrast or the lining, by the last version that noted it. */
export function partTook(input: PatternCase, planned: Make, part: FabricUse['part']): (Took & { readonly version: number }) | undefined {
  for (const version of [...input.makes].sort((a, b) => b.version - a.version)) {
    const use = version.fabrics.find((u) => u.part === part);
    const length = version.id !== planned.id && use ? plainLength(input, version, use) : undefined;
    if (length !== undefined) return { ...asPlanned(input, planned, version, length), version: version.version };
  }
  return undefined;
}
