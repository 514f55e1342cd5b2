import { NINE_TENTHS } from '../inference/normal';
import type { FabricNeeded } from '../fabric/needed';
import { ONE_WAY, speaksOf, TAKES_ITS_FILL, USUAL_LENGTHS } from '../fabric/needed';
import { reckonedWidth } from '../fabric/usual-width';
import type { PatternCase } from '../garment/case';
import { laidLength } from '../lay/laid-length';
import { lengthAlong, type LayFabric } from '../lay/lay';
import { piecesForLarge, piecesOf, type PiecesFrom, type PiecesOf } from '../lay/pieces-of';
import { lengthForOne, mainFabric, mainUse } from '../make/main-fabric';
import { partsKey } from '../make/part-words';
import { STATES } from '../make/states';
import { viewOf } from '../make/versions';
import type { Fabric, FabricUse, Make } from '../records';
import { memoize } from '../units/memoize';
import { neededFor } from './took';

/** A length of fabric, with how sure it is. */
export interface FabricEstimate {
  /** As likely too much as too little, cm. */
  readonly middle: number;
  /** Enough nine times in ten, cm. */
  readonly enough: number;
  readonly width: number;
  /** What the pieces are known by; absent where nothing says what they look like, and only lengths were noted. */
  readonly pieces?: PiecesFrom;
  /** They are drafted for a usual body: nothing says how large the size is, or its wearer. */
  readonly ofUsualBody?: true;
  /** The best of what was noted, where anything was: a version, or the table of the view. */
  readonly from?: FabricNeeded['from'];
  /** The version that tells most, and what it took of its fabric; how wide that lay, where anybody noted it, and of how many alike. */
  readonly version?: { readonly number: number; readonly length: number; readonly width: number | undefined; readonly quantity?: number };
  /** Nothing was noted that tells how it falls out: reckoned from the pieces alone, and those are estimated. */
  readonly rough: boolean;
  /** Nothing says what the parts take that are joined from elsewhere: they are not in it. */
  readonly without?: true;
}

/** How the fabric lies that is asked about. */
export interface AskedFabric {
  readonly width: number;
  readonly nap?: boolean;
  readonly repeatAlong?: number | undefined;
}

/** A lay by our own pieces is off by so much, as a share: their κ before any version spoke. Source: our own rule, tested on left-out versions. */
const PIECES_SD: Record<PiecesFrom, number> = { outlines: 0.04, rectangles: 0.08, 'an estimate': 0.15 };
/** How exactly a version's length tells what was needed, by how tight it was; otherwise part of it was slack, and the rest is in doubt. */
const SQUEEZE_SD: Partial<Record<NonNullable<FabricUse['squeeze']>, number>> = { 'every scrap': 0.02, tight: 0.04 };
const SLACK = 0.1;
const [LEFT_SD, SLACK_SD, TABLE_SD] = [0.05, 0.08, 0.08];
/** A fabric of which nobody noted how wide it lies may be a narrow one, or wider than most: by so much, as a share, its length is in doubt. */
const UNKNOWN_WIDTH_SD = 0.12;
/** Where a large body happens to take as little as a usual one, others do not. Source: lays of our drafts for bodies of all sizes. */
const LEAST_OF_BODY = 0.1;
/** Nobody lays twice alike: one garment is off from another of the same pattern by so much at the least. Source: left-out versions of the demo. */
const SCATTER = 0.13;
/** Something that tells how much longer than laid a view's fabric has to be: κ, as its logarithm. */
interface Witness {
  readonly log: number;
  readonly sd: number;
  readonly from: FabricNeeded['from'];
  readonly version?: NonNullable<FabricEstimate['version']>;
}

/** The whole garment in one fabric, whatever it was cut from. */
const inOneFabric = memoize((make: Make): Make => ({ ...make, fabrics: make.fabrics.filter((u) => u.part !== 'contrast' || u === mainUse(make)) }));

/** A lay in steps of width: one a little narrower hardly takes more, and lists ask for many. */
const STEP = 5;
const laid = (of: PiecesOf, { width, nap = false }: Pick<LayFabric, 'width' | 'nap'>): number | undefined =>
  laidLength(of.pieces, { width: Math.max(STEP, Math.floor(width / STEP + 1e-9) * STEP), nap });

/** The longest of the pieces as they lie, cm. */
const longestOf = ({ pieces }: PiecesOf): number => Math.max(0, ...pieces.map(lengthAlong));

const repeats = (repeat: number | undefined): number => (repeat ?? 0) * USUAL_LENGTHS;

/** A version as it tells what it took, of so many alike. */
const toldBy = ({ version, quantity }: Make, { length = 0 }: FabricUse, fabric: Fabric | undefined): NonNullable<FabricEstimate['version']> => ({
  number: version,
  length,
  width: fabric?.width,
  ...(quantity > 1 ? { quantity } : {}),
});

/** What a version took of its fabrics, against the lay of its own pieces. */
function fromVersion(input: PatternCase, version: Make): Witness | undefined {
  const own = mainUse(version);
  const length = own && lengthForOne(version, own);
  if (!own || length === undefined || !TAKES_ITS_FILL.includes(version.kind) || !STATES[version.state].cutOut) return undefined;
  const { fabric } = mainFabric(version, input.fabrics);
  const width = reckonedWidth(fabric);
  const others = version.fabrics.filter((u) => u.part === 'contrast' && u !== own);
  const contrast = others.map((u) => {
    const its = lengthForOne(version, u);
    return its === undefined ? undefined : (its * (input.fabrics.find((f) => f.id === u.fabricId)?.width ?? width)) / width;
  });
  const pieces = piecesOf(input, inOneFabric(version));
  const by = pieces && laid(pieces, { width, ...(fabric?.nap ? { nap: true } : {}) });
  const took = length + contrast.reduce<number>((sum, c) => sum + (c ?? 0), 0) - repeats(fabric?.repeatAlong);
  if (by === undefined || took <= 0) return undefined;
  const exact = own.squeeze === undefined ? undefined : SQUEEZE_SD[own.squeeze];
  const counted = (own.left ?? 0) > 0;
  const slack = exact === undefined && !counted ? 1 - SLACK : 1;
  const sd = exact ?? (counted ? LEFT_SD : SLACK_SD);
  // A contrast that nobody measured makes the whole less than it was.
  const unsure = contrast.includes(undefined) ? 0.15 : 0;
  const unknown = fabric?.width === undefined ? UNKNOWN_WIDTH_SD : 0;
  return { log: Math.log((took * slack) / by), sd: Math.hypot(sd, unsure, unknown), from: 'a version', version: toldBy(version, own, fabric) };
}

/** How much a body of which nothing is known adds to the doubt of a lay, as a share: by what a large one takes, and that one body in ten is as large. */
const doubtOfBody = (usual: number, large: number | undefined): number => Math.max(LEAST_OF_BODY, Math.log((large ?? usual) / usual) / NINE_TENTHS);

/** How much of the whole a plan's main fabric takes, where it has a contrast: as in the last version that had one. */
function mainShare(input: PatternCase, planned: Make): number | undefined {
  for (const version of [...input.makes].sort((a, b) => b.version - a.version)) {
    const own = mainUse(version);
    const contrast = version.fabrics.filter((u) => u.part === 'contrast' && u !== own);
    if (version.id === planned.id || contrast.length === 0 || !own) continue;
    const [main, ...rest] = [own, ...contrast].map(({ length }) => length);
    if (main === undefined || rest.includes(undefined)) continue;
    return main / rest.reduce<number>((sum, c) => sum + (c ?? 0), main);
  }
  return undefined;
}

/**
 * How much of its main fabric a plan needs at a width: the lay of its pieces times κ, the view's own correction, which every version and the
 * view's table tell something of (docs/fabric-needed.md). Where nobody knows what the pieces look like it is what versions took.
 *
 * @param planned the plan as a make: its size, details, alterations and fabrics decide
 * @param asked how wide the fabric is, washed, and how it may be laid
 * @returns lengths on the cutting table, cm; undefined where nothing is known
 */
export function fabricEstimate(input: PatternCase, planned: Make, asked: AskedFabric): FabricEstimate | undefined {
  const view = viewOf(input.pattern, planned);
  const whole = piecesOf(input, inOneFabric(planned));
  const by = whole && laid(whole, asked);
  if (!whole || by === undefined) return byLengths(input, planned, asked);
  const key = partsKey(planned);
  const others = input.makes.filter((m) => m.id !== planned.id);
  const alike = others.filter((m) => partsKey(m) === key);
  const joined = planned.sources.length > 1 || planned.own !== undefined;
  const told = (alike.length > 0 ? alike : others).flatMap((m) => fromVersion(input, m) ?? []);
  const table = view.fabricTable.flatMap(({ sizes, width, length }): Witness[] => {
    const itsLay = speaksOf(sizes, planned.size, input.pattern) ? laid(whole, { width }) : undefined;
    return itsLay === undefined ? [] : [{ log: Math.log(length / itsLay), sd: TABLE_SD, from: 'the table of the view' }];
  });
  const witnesses = [...told, ...table];
  const large = whole.ofUsualBody && piecesForLarge(input, inOneFabric(planned));
  const prior = Math.hypot(PIECES_SD[whole.from], large ? doubtOfBody(by, laid(large, asked)) : 0);
  const precision = witnesses.reduce((sum, { sd }) => sum + 1 / sd ** 2, 1 / prior ** 2);
  const log = witnesses.reduce((sum, w) => sum + w.log / w.sd ** 2, 0) / precision;
  // Witnesses that contradict each other leave more doubt than each of them says.
  const apart = told.length < 2 ? 0 : Math.sqrt(told.reduce((sum, w) => sum + (w.log - log) ** 2, 0) / (told.length - 1));
  const doubt = Math.hypot(Math.sqrt(1 / precision), Math.max(SCATTER, apart));
  const [best] = [...witnesses].sort((a, b) => a.sd - b.sd || (b.version?.number ?? 0) - (a.version?.number ?? 0));
  const hasContrast = planned.fabrics.some((u) => u.part === 'contrast' && u !== mainUse(planned));
  const main = hasContrast ? piecesOf(input, planned) : undefined;
  const split = main && main.pieces.length < whole.pieces.length ? laid(main, asked) : undefined;
  const share = hasContrast && split === undefined ? mainShare(input, planned) : undefined;
  const lay = split ?? by * (share ?? 1);
  // No piece can be cut from less than its own length; a drafted one may be a little longer than the pattern's.
  const longest = Math.max(view.longest ?? 0, share === undefined ? longestOf(main ?? whole) * (whole.from === 'an estimate' ? 0.85 : 1) : 0);
  const at = (deviations: number) => Math.max(lay * Math.exp(log + deviations * doubt), longest) + repeats(asked.repeatAlong);
  const lacks = joined && (alike.length === 0 || told.length === 0);
  return {
    middle: at(0),
    enough: at(NINE_TENTHS),
    width: asked.width,
    pieces: whole.from,
    ...(whole.ofUsualBody ? { ofUsualBody: true } : {}),
    ...(best ? { from: best.from } : {}),
    ...(best?.version ? { version: best.version } : {}),
    rough: lacks || (witnesses.length === 0 && whole.from === 'an estimate') || (hasContrast && split === undefined && share === undefined),
    ...(lacks ? { without: true } : {}),
  };
}

/** By lengths alone, where the pieces are not known: what versions took or the table says, with a tenth of doubt. */
function byLengths(input: PatternCase, planned: Make, { width, nap = false, repeatAlong }: AskedFabric): FabricEstimate | undefined {
  const { found, added } = neededFor(input, planned, width);
  if (!found) return undefined;
  const version = found.version === undefined ? undefined : input.makes.find((m) => m.version === found.version);
  const use = version && mainUse(version);
  const middle = found.length * (nap ? 1 + ONE_WAY : 1) + repeats(repeatAlong) + added * USUAL_LENGTHS;
  return {
    middle,
    enough: middle * Math.exp(NINE_TENTHS * (found.rough ? PIECES_SD['an estimate'] : LEFT_SD)),
    width,
    from: found.from,
    ...(version && use?.length !== undefined ? { version: toldBy(version, use, mainFabric(version, input.fabrics).fabric) } : {}),
    rough: found.rough,
    ...(found.without ? { without: true } : {}),
  };
}

/** Enough nine times in ten where only the pieces are known and a lay of them, cm. */
export const enoughBy = (length: number, pieces: PiecesFrom): number => length * Math.exp(NINE_TENTHS * PIECES_SD[pieces]);

/** How a fabric lies once washed. */
export const askedOf = (fabric: Pick<Fabric, 'nap' | 'repeatAlong'>, width: number): AskedFabric => ({
  width,
  ...(fabric.nap ? { nap: true } : {}),
  ...(fabric.repeatAlong === undefined ? {} : { repeatAlong: fabric.repeatAlong }),
});
