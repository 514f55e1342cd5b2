import { PNG } from 'pngjs';
import { z } from 'zod';
import { findSheet } from '../src/core/measure/find-sheet';
import { greyOf } from '../src/core/measure/grey';
import { clickOfNumbers, markLength, MARK_KINDS, outlineMeasures, type MarkKind } from '../src/core/measure/lengths';
import { reckoned, type Corners } from '../src/core/measure/reckon';
import { referenceNamed, REFERENCES } from '../src/core/measure/reference';
import type { Point } from '../src/core/units/polygon';

/** A measure with its doubt: the truth lies within ± of it nine times in ten. */
const Measured = z.object({ cm: z.number(), doubt: z.number() });

/** The shape of what `measure --json` prints; docs/command-line.md is written from it. */
export const MeasureAnswer = z.object({
  kind: z.enum(MARK_KINDS),
  cm: z.number().describe('the length; of an outline all round'),
  doubt: z.number().describe('the truth lies within ± of it nine times in ten, cm'),
  length: Measured.optional().describe('of an outline, down the picture’s table'),
  width: Measured.optional(),
  area: z.object({ cm2: z.number(), doubt: z.number() }).optional(),
  corners: z
    .array(z.tuple([z.number(), z.number()]))
    .length(4)
    .describe('of the reference, px, clockwise from the upper left'),
  found: z.boolean().describe('they were found in the picture, not given'),
  refined: z.boolean().describe('the edges between them were found, and they are where these meet'),
  reference: z.object({ width: z.number(), height: z.number() }).describe('as it lies, cm'),
  lens: z.object({ k1: z.number(), k2: z.number() }),
});
export type MeasureAnswer = z.infer<typeof MeasureAnswer>;

/** What is asked of a picture, as it was typed. */
export interface MeasureRequest {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly reference: string;
  readonly corners?: string;
  readonly kind: MarkKind;
  readonly points: string;
}

/** Places as they are typed: "12,30 40.5,18". */
function placesIn(text: string): Point[] | undefined {
  const places = text
    .trim()
    .split(/\s+/)
    .map((pair) => pair.split(',').map(Number));
  return places.every((p) => p.length === 2 && p.every(Number.isFinite)) ? places.map(([x = 0, y = 0]): Point => [x, y]) : undefined;
}

const LEAST: Record<MarkKind, number> = { line: 2, curve: 3, outline: 3 };

/**
 * Measures in a picture by something of known size that lies in it.
 *
 * @returns a sentence where it cannot be done
 */
export function measureAnswer({ name, bytes, reference, corners, kind, points }: MeasureRequest): MeasureAnswer | string {
  const known = referenceNamed(reference);
  if (!known) return `“${reference}” is nothing of known size: write ${Object.keys(REFERENCES).join(', ')}, or its sides in cm as 30x20.`;
  const places = placesIn(points);
  if (!places) return `“${points}” are no places in the picture: write "x,y x,y", in pixels.`;
  if (places.length < LEAST[kind] || (kind === 'line' && places.length > 2))
    return kind === 'line' ? 'A line has two places: write "x,y x,y".' : `For --${kind} write at least three places.`;
  const put = corners === undefined ? undefined : placesIn(corners);
  if (corners !== undefined && put?.length !== 4) return `“${corners}” are no four corners: write "x,y x,y x,y x,y", clockwise from the upper left.`;
  let png;
  try {
    png = PNG.sync.read(Buffer.from(bytes));
  } catch (error) {
    return `${name} cannot be read as a PNG picture (${error instanceof Error ? error.message : String(error)}). Save it as PNG and try again.`;
  }
  const outside = [...places, ...(put ?? [])].find(([x, y]) => x < 0 || y < 0 || x > png.width || y > png.height);
  if (outside) return `${outside.join(',')} lies outside the picture, which is ${png.width} by ${png.height} pixels.`;
  const grey = greyOf(png.width, png.height, png.data);
  const [a, b, c, d] = put ?? [];
  const from: Corners | undefined =
    a && b && c && d ? [a, b, c, d] : findSheet(grey, Math.max(known.width, known.height) / Math.min(known.width, known.height));
  if (!from) return `No light sheet on a darker ground was found in ${name}. Give its corners with --corners, clockwise from the upper left.`;
  const seen = reckoned(grey, from, known);
  if (typeof seen === 'string') return seen;
  const click = clickOfNumbers(places.flat());
  const { value, doubt } = markLength(seen, kind, places, { click });
  const outline = kind === 'outline' ? outlineMeasures(seen, places, { click }) : undefined;
  const told = (m: { readonly value: number; readonly doubt: number }) => ({ cm: m.value, doubt: m.doubt });
  return {
    kind,
    cm: value,
    doubt,
    ...(outline ? { length: told(outline.length), width: told(outline.width), area: { cm2: outline.area.value, doubt: outline.area.doubt } } : {}),
    corners: seen.corners.map(([x, y]): [number, number] => [x, y]),
    found: put === undefined,
    refined: seen.refined,
    reference: { width: seen.sides[0], height: seen.sides[1] },
    lens: { k1: seen.view[8], k2: seen.view[9] },
  };
}

/** The same in a line. */
export const measureWords = ({ kind, cm, doubt, found, refined }: MeasureAnswer): string =>
  `${kind === 'outline' ? 'All round ' : ''}${cm.toFixed(1)} cm ± ${doubt.toFixed(1)}; the corners were ${found ? 'found' : 'given'}${refined ? ' and brought onto the edges' : ', and their edges were not found'}.`;
