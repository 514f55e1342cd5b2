import type { CutPiece } from './lay';
import { boundsOf, crossesItself, type Point, type Polygon } from '../units/polygon';

/** What a length in a file is counted in, as far as it says. */
export const FILE_UNITS = { mm: 0.1, cm: 1, in: 2.54, pt: 2.54 / 72, px: 2.54 / 96 } as const;
export type FileUnit = keyof typeof FILE_UNITS;

/** A piece as it stands in a file, cm, its grain along y. */
export interface FilePiece extends CutPiece {
  /** Its size, where the file says one. */
  readonly size?: string;
  readonly part?: 'main' | 'contrast' | 'lining' | 'interfacing';
  /** Marks at its edge where it meets its neighbours. */
  readonly notches?: readonly Point[];
}

/** What was read from a file of pieces, or why it could not be. */
export type PieceFile =
  | {
      readonly kind: 'read';
      readonly pieces: readonly FilePiece[];
      readonly unit: FileUnit;
      /** The file says its unit; otherwise it is the usual one of its kind and must be asked for. */
      readonly unitSaid: boolean;
      /** What was left out or looks wrong, and where. */
      readonly notices: readonly string[];
    }
  | { readonly kind: 'refused'; readonly problem: string };

/** Ends nearer than this are one point, cm: a gap that a pen or a rounding leaves. */
export const GAP = 0.2;

const PARTS: readonly [RegExp, NonNullable<FilePiece['part']>][] = [
  [/\binterfac\w*|\bfusible\b/i, 'interfacing'],
  [/\blining\b/i, 'lining'],
  [/\bcontrast\b/i, 'contrast'],
  [/\bmain\b|\bself\b|\bshell\b/i, 'main'],
];

/** What the words on a piece say of how it is cut. */
export interface PieceWords {
  readonly name: string;
  readonly count?: number;
  readonly pairs?: boolean;
  readonly onFold?: boolean;
  readonly part?: NonNullable<FilePiece['part']>;
}

/**
 * Reads what is written on a piece: its name, and how many are cut of what.
 *
 * @example readPieceWords('Sleeve (cut 2)') // { name: 'Sleeve', count: 2, pairs: true }
 * @example readPieceWords('Front - cut 1 on fold') // { name: 'Front', count: 1, onFold: true }
 */
export function readPieceWords(text: string): PieceWords {
  const onFold = /\b(?:on|to)\s+(?:the\s+)?fold\b/i.test(text);
  const pair = /\bcut\s+(?:(?:a|one|1)\s+)?pair\b|\b1\s+pair\b/i.test(text);
  const said = /\bcut\s+(\d{1,2}|one|two|three|four)\b|[x×]\s*(\d{1,2})\b/i.exec(text);
  const words: Record<string, number> = { one: 1, two: 2, three: 3, four: 4 };
  const number = said?.[1] ?? said?.[2];
  const count = pair ? 2 : number === undefined ? undefined : (words[number.toLowerCase()] ?? Number(number));
  const part = PARTS.find(([word]) => word.test(text))?.[1];
  const name = text
    .replace(/\(?\b(?:cut|main|self|shell)\b.*$/i, '')
    .replace(/[x×]\s*\d{1,2}\b.*$/i, '')
    .replace(/\(?\bon\s+(?:the\s+)?fold\b\)?/i, '')
    .replace(/[\s\-–—:,(]+$/, '')
    .trim();
  return {
    name: name === '' ? text.trim() : name,
    ...(count === undefined || count < 1 ? {} : { count }),
    // "Cut 2" without another word means a left one and a right one: fabric is cut folded.
    ...(count !== undefined && count > 1 && count % 2 === 0 ? { pairs: true } : {}),
    ...(onFold ? { onFold } : {}),
    ...(part ? { part } : {}),
  };
}

/** The side of a piece that lies on the fold: where its outline runs straight along the box, the longer such edge. */
export function foldSide(outline: Polygon): 'left' | 'right' {
  const { left, right } = boundsOf(outline);
  const along = (at: number) =>
    outline.reduce((sum, [x, y], i) => {
      const [nx, ny] = outline[(i + 1) % outline.length] ?? [x, y];
      return Math.abs(x - at) < 0.05 && Math.abs(nx - at) < 0.05 ? sum + Math.abs(ny - y) : sum;
    }, 0);
  return along(right) > along(left) + 0.01 ? 'right' : 'left';
}

/** Pieces of one size of a file; of a file without sizes all of them. */
export function piecesOfSize(
  pieces: readonly FilePiece[],
  size: string | undefined,
): { readonly pieces: readonly FilePiece[]; readonly size?: string } {
  const sizes = sizesInFile(pieces);
  if (sizes.length === 0) return { pieces };
  const wanted = size ?? sizes[Math.floor((sizes.length - 1) / 2)];
  const found = sizes.find((s) => s.toLowerCase() === wanted?.toLowerCase());
  return found === undefined ? { pieces: [] } : { pieces: pieces.filter((p) => p.size === found || p.size === undefined), size: found };
}

/** Sizes that a file has, in its order. */
export const sizesInFile = (pieces: readonly FilePiece[]): string[] => [...new Set(pieces.flatMap((p) => (p.size === undefined ? [] : [p.size])))];

/** Names made different where a file gives one name twice at one size. */
export function namedApart(pieces: readonly FilePiece[]): FilePiece[] {
  const seen = new Map<string, number>();
  return pieces.map((piece) => {
    const key = `${piece.size ?? ''}\n${piece.name}`;
    const times = (seen.get(key) ?? 0) + 1;
    seen.set(key, times);
    return times === 1 ? piece : { ...piece, name: `${piece.name} ${times}` };
  });
}

/** What is said of an outline that crosses itself: it is cut as it stands, and that is seldom meant. */
export const crossingNotice = (name: string, outline: Polygon): string[] =>
  crossesItself(outline) ? [`The outline of ${name} crosses itself. Draw it anew, or look at the lay with care.`] : [];
