import { z } from 'zod';
import { reckonedWidth } from '../src/core/fabric/usual-width';
import { caseOf, type PatternCase } from '../src/core/garment/case';
import { labelsOf, sizesAsCut } from '../src/core/garment/ladder';
import { sizeFromText } from '../src/core/garment/size-from-text';
import { readDxf } from '../src/core/lay/from-dxf';
import { readSvg } from '../src/core/lay/from-svg';
import { EFFORT_OF_A_SECOND, layings, TooWide, type CutPiece, type DrawnLay, type LayFabric } from '../src/core/lay/lay';
import { piecesOfSize, sizesInFile } from '../src/core/lay/piece-file';
import { piecesOf } from '../src/core/lay/pieces-of';
import { lastVersion } from '../src/core/make/versions';
import { blankMake } from '../src/core/records/blank';
import { afterWash } from '../src/core/plan/fabric-for-plan';
import { askedOf, enoughBy, fabricEstimate } from '../src/core/plan/fabric-estimate';
import type { Fabric, Ledger, Make, Pattern, Person } from '../src/core/records';
import type { IsoDate } from '../src/core/units/date';

/** The shape of what `lay --json` prints; docs/command-line.md is written from it. */
export const LayAnswer = z.object({
  width: z.number().describe('cm across the fabric'),
  length: z.number().describe('cm of fabric that this lay takes'),
  bound: z.number().describe('no lay can be shorter, cm'),
  needed: z.object({ middle: z.number(), enough: z.number() }).describe('what the pattern takes, cm: most likely, and nine times in ten'),
  pieces: z.enum(['outlines', 'rectangles', 'an estimate']).describe('what the pieces are known by'),
  size: z.string().optional(),
  notices: z.array(z.string()).describe('what was left out of a file, or taken for granted'),
  placed: z.array(
    z.object({
      piece: z.string(),
      copy: z.int().min(1),
      mirrored: z.boolean(),
      turned: z.boolean().describe('by half a circle'),
      polygon: z.array(z.tuple([z.number(), z.number()])).describe('x across the fabric from 0, y along it'),
    }),
  ),
});
export type LayAnswer = z.infer<typeof LayAnswer>;

/** What is asked: a pattern of a ledger, or a file of pieces, or both. */
export interface LayRequest {
  readonly ledger?: Ledger;
  readonly person?: Person;
  readonly pattern?: Pattern;
  readonly fabric?: Fabric;
  readonly file?: { readonly name: string; readonly text: string };
  readonly size?: string;
  readonly width?: number;
  readonly nap: boolean;
  readonly fold: boolean;
  readonly seconds: number;
  readonly seed: number;
  readonly today: IsoDate;
}

interface Pieces {
  readonly pieces: readonly CutPiece[];
  readonly from: LayAnswer['pieces'];
  readonly size?: string;
  readonly notices: readonly string[];
}

/** Pieces of a file at a size; a sentence where there are none. */
function inFile({ name, text }: NonNullable<LayRequest['file']>, size: string | undefined): Pieces | string {
  const file = /\.dxf$/i.test(name) ? readDxf(text) : readSvg(text);
  if (file.kind === 'refused') return `${name}: ${file.problem}`;
  const found = piecesOfSize(file.pieces, size);
  if (found.pieces.length === 0) return `${name} has no size ${size}. It has ${sizesInFile(file.pieces).join(', ')}.`;
  const main = found.pieces.filter((p) => p.part === undefined || p.part === 'main' || p.part === 'contrast');
  const notices = [
    ...file.notices,
    ...(file.unitSaid ? [] : [`The file does not say its unit; ${file.unit} was taken.`]),
    ...(found.size !== undefined && size === undefined ? [`Of the sizes ${sizesInFile(file.pieces).join(', ')} ${found.size} was taken.`] : []),
    ...(main.length < found.pieces.length ? ['Lining and interfacing are cut from other fabrics and were left out.'] : []),
  ];
  return { pieces: main.length > 0 ? main : found.pieces, from: 'outlines', ...(found.size === undefined ? {} : { size: found.size }), notices };
}

/** The cut that is meant: as it was cut last, or as drafted, in the size that is asked for. */
function cutMeant({ pattern, size, today }: LayRequest, input: PatternCase | undefined, person: string): Make {
  const last = input && lastVersion(input);
  const [view] = pattern?.views ?? [];
  const { size: _, sizeLines: _lines, ...blank } = blankMake('lay', person, 1, today);
  const make: Make = {
    ...blank,
    sizeLines: [],
    sources: last?.sources ?? (pattern && view ? [{ patternId: pattern.id, viewId: view.id }] : []),
    alterations: last?.alterations ?? [],
    ...(last?.chartId === undefined ? {} : { chartId: last.chartId }),
    ...(last?.chosen === undefined ? {} : { chosen: last.chosen }),
  };
  const labels = input ? (sizesAsCut(input.pattern, input.makes, make)?.sizes ?? input.makes.flatMap(labelsOf)) : [];
  const asked = size === undefined ? undefined : sizeFromText(size, labels);
  if (asked) return { ...make, size: asked };
  const middle = labels[Math.floor((labels.length - 1) / 2)];
  const usual = last?.size ?? (middle === undefined ? undefined : { size: middle });
  return { ...make, ...(usual ? { size: usual } : {}), sizeLines: last?.sizeLines ?? [] };
}

/**
 * Lays the pieces of a pattern or a file, as the app does.
 *
 * @returns a sentence where it cannot be done
 */
export function layAnswer(request: LayRequest): LayAnswer | string {
  const { ledger, pattern, person, file, today } = request;
  const input = ledger && pattern && person ? caseOf(pattern, person.id, ledger) : undefined;
  const make = cutMeant(request, input, person?.id ?? 'nobody');
  const fabric = request.fabric && afterWash(request.fabric, today);
  const asked = askedOf({ ...fabric, ...(request.nap ? { nap: true } : {}) }, request.width ?? reckonedWidth(fabric, fabric?.pieces[0]));
  const drawn = input && piecesOf(input, make);
  const found: Pieces | string | undefined = file
    ? inFile(file, request.size)
    : drawn && {
        pieces: drawn.pieces,
        from: drawn.from,
        notices: drawn.graded ? [`Graded from size ${drawn.graded.from}.`] : [],
        ...(make.size ? { size: make.size.size } : {}),
      };
  if (typeof found === 'string') return found;
  if (!found)
    return `Nothing says what the pieces of ${pattern?.name ?? 'this'} look like: give a file of them with --pieces, or measure them in the app.`;
  const on: LayFabric = {
    width: asked.width,
    ...(asked.nap ? { nap: true } : {}),
    ...(request.fold ? { fold: 'lengthwise' as const } : {}),
    repeatAlong: asked.repeatAlong,
    repeatAcross: fabric?.repeatAcross,
  };
  let best: DrawnLay | undefined;
  try {
    for (const lay of layings(found.pieces, on, request.seed, [], request.seconds * EFFORT_OF_A_SECOND)) if (lay) best = lay;
  } catch (error) {
    if (error instanceof TooWide) return `${error.message} Give a wider fabric with --width.`;
    throw error;
  }
  if (!best) return 'There is nothing to lay.';
  const estimate = input && !file ? fabricEstimate(input, make, asked) : undefined;
  const { middle, enough } = estimate ?? { middle: best.length, enough: enoughBy(best.length, found.from) };
  return {
    width: best.width,
    length: best.length,
    bound: best.bound,
    needed: { middle, enough },
    pieces: found.from,
    ...(found.size === undefined ? {} : { size: found.size }),
    notices: [...found.notices],
    placed: best.placed.map(({ polygon, ...rest }) => ({ ...rest, polygon: polygon.map(([x, y]): [number, number] => [x, y]) })),
  };
}

/** A lay in words. */
export function layWords({ width, length, bound, needed, pieces, size, notices, placed }: LayAnswer): string {
  const cm = (n: number) => `${n.toFixed(1)} cm`;
  return [
    `${placed.length} pieces${size === undefined ? '' : ` in size ${size}`} on ${cm(width)}: this lay takes ${cm(length)}; none can take less than ${cm(bound)}.`,
    `Needed: ${cm(needed.middle)}, ${cm(needed.enough)} to be safe (by ${pieces}).`,
    ...notices,
    ...placed.map(({ piece, copy, mirrored, turned, polygon }) => {
      const [left, top] = [0, 1].map((axis) => Math.min(...polygon.map((p) => p[axis] ?? 0)));
      return `  ${piece} ${copy}: ${cm(left ?? 0)} across, ${cm(top ?? 0)} along${turned ? ', turned' : ''}${mirrored ? ', mirrored' : ''}`;
    }),
  ].join('\n');
}
