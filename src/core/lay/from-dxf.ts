import DxfParser, { type IDxf, type IEntity, type IPoint } from 'dxf-parser';
import { alongGrain, areaOf, boundsOf, type Point, type Polygon, within } from '../units/polygon';
import { crossingNotice, FILE_UNITS, foldSide, GAP, namedApart, readPieceWords, type FilePiece, type FileUnit, type PieceFile } from './piece-file';

/** Layers of the apparel trade's interchange. Source: the published rules for pattern data by DXF (ANSI/AAMA 292, ASTM D6673). */
const LAYERS = { boundary: '1', notch: '4', fold: '6', grain: '7', sewLine: '14' } as const;

/** Units by the header's number. Source: the DXF reference, $INSUNITS. */
const INSUNITS: Readonly<Record<number, FileUnit>> = { 1: 'in', 4: 'mm', 5: 'cm' };

/** Lines of a file with the group codes on odd ones; the first that is no code is where the file is broken. */
function broken(text: string): string | undefined {
  const lines = text.split(/\r\n|\r|\n/);
  while (lines.length > 0 && lines.at(-1)?.trim() === '') lines.pop();
  for (let i = 0; i < lines.length; i += 2) {
    const code = lines[i]?.trim() ?? '';
    if (!/^-?\d{1,4}$/.test(code)) return `line ${i + 1}: a group code should stand here, a whole number; there is “${code.slice(0, 30)}”.`;
    if (i + 1 >= lines.length) return `line ${i + 2}: the file ends where a value should stand. Is it whole?`;
    if (/^(?:10|20|11|21|40|42)$/.test(code) && !Number.isFinite(Number(lines[i + 1]?.trim() || NaN)))
      return `line ${i + 2}: a number should stand here; there is “${lines[i + 1]?.trim().slice(0, 30)}”.`;
  }
  const end = lines.at(-1)?.trim().toUpperCase();
  return end === 'EOF' ? undefined : `line ${lines.length}: the file does not end with EOF. Is it whole?`;
}

type Coordinates = Pick<IPoint, 'x' | 'y'>;
/** What entities of the kinds that are read have; the library's types name one shape for each. */
interface Drawn {
  readonly vertices?: readonly (Coordinates & { readonly bulge?: number })[];
  readonly shape?: boolean;
  readonly text?: string;
  readonly position?: Coordinates;
  readonly center?: Coordinates;
  readonly radius?: number;
  readonly startAngle?: number;
  readonly endAngle?: number;
  readonly controlPoints?: readonly Coordinates[];
  readonly fitPoints?: readonly Coordinates[];
  readonly closed?: boolean;
}

interface Line {
  readonly layer: string;
  readonly points: readonly Point[];
  readonly closed: boolean;
}

/** Points on an arc between two angles, without the first. */
function arc({ x, y }: Coordinates, radius: number, from: number, to: number): Point[] {
  const steps = Math.max(2, Math.ceil(Math.abs(to - from) / 0.1));
  return Array.from({ length: steps }, (_, k): Point => {
    const angle = from + ((to - from) * (k + 1)) / steps;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });
}

/** From one corner to the next along its bulge: the tangent of a quarter of the angle of the arc. Source: the DXF reference. */
function bulged(a: Coordinates, b: Coordinates, bulge: number): Point[] {
  if (Math.abs(bulge) < 1e-9) return [[b.x, b.y]];
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const off = (1 / bulge - bulge) / 4;
  const center = { x: (a.x + b.x) / 2 - dy * off, y: (a.y + b.y) / 2 + dx * off };
  const from = Math.atan2(a.y - center.y, a.x - center.x);
  return arc(center, Math.hypot(a.x - center.x, a.y - center.y), from, from + 4 * Math.atan(bulge));
}

function lineOf(entity: IEntity & Drawn): Line | undefined {
  const { layer, vertices = [] } = entity;
  switch (entity.type) {
    case 'LWPOLYLINE':
    case 'POLYLINE': {
      const [first] = vertices;
      if (!first) return undefined;
      const closed = entity.shape ?? false;
      const points: Point[] = [[first.x, first.y]];
      vertices.forEach((v, i) => {
        const next = vertices[i + 1] ?? (closed ? first : undefined);
        if (next) points.push(...bulged(v, next, v.bulge ?? 0));
      });
      return { layer, points, closed };
    }
    case 'LINE':
      return { layer, points: vertices.map(({ x, y }): Point => [x, y]), closed: false };
    case 'ARC':
    case 'CIRCLE': {
      if (!entity.center || entity.radius === undefined) return undefined;
      const from = entity.startAngle ?? 0;
      const to = entity.endAngle ?? 2 * Math.PI;
      const start: Point = [entity.center.x + entity.radius * Math.cos(from), entity.center.y + entity.radius * Math.sin(from)];
      return { layer, points: [start, ...arc(entity.center, entity.radius, from, to < from ? to + 2 * Math.PI : to)], closed: false };
    }
    case 'SPLINE': {
      const points = (entity.fitPoints?.length ? entity.fitPoints : (entity.controlPoints ?? [])).map(({ x, y }): Point => [x, y]);
      return { layer, points, closed: entity.closed ?? false };
    }
    default:
      return undefined;
  }
}

/** Lines whose ends meet as one, as long as one can be joined. */
function chained(lines: readonly Line[], gap: number): Line[] {
  const open = lines.filter((l) => !l.closed && l.points.length > 1).map((l) => ({ ...l, points: [...l.points] }));
  const near = (a: Point | undefined, b: Point | undefined) => a !== undefined && b !== undefined && Math.hypot(a[0] - b[0], a[1] - b[1]) < gap;
  for (let joined = true; joined;) {
    joined = false;
    for (const one of open) {
      const at = open.findIndex(
        (other) => other !== one && other.layer === one.layer && [other.points[0], other.points.at(-1)].some((p) => near(one.points.at(-1), p)),
      );
      const other = open[at];
      if (!other) continue;
      one.points.push(...(near(one.points.at(-1), other.points[0]) ? other.points : [...other.points].reverse()).slice(1));
      open.splice(at, 1);
      joined = true;
      break;
    }
  }
  return [...lines.filter((l) => l.closed), ...open];
}

/** A polygon without its first point once more at the end, where the ends meet. */
function outlineOf({ points, closed }: Line): Polygon | { readonly open: number } {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last) return { open: Infinity };
  const gap = Math.hypot(first[0] - last[0], first[1] - last[1]);
  if (!closed && gap >= GAP) return { open: gap };
  return gap < GAP && points.length > 3 ? points.slice(0, -1) : points;
}

/** "Piece Name: FRONT" and the like, by their first words. */
function textsOf(entities: readonly (IEntity & Drawn)[]): Map<string, string> {
  const found = new Map<string, string>();
  for (const { text } of entities) {
    const said = /^\s*([A-Za-z ]+?)\s*[:=]\s*(.*)$/.exec(text ?? '');
    if (said?.[1]) found.set(said[1].toLowerCase(), (said[2] ?? '').trim());
  }
  return found;
}

/** One piece from the entities of one block, or a sentence why not. */
function pieceOf(block: string, entities: readonly (IEntity & Drawn)[], cm: number, notices: string[]): FilePiece | undefined {
  const texts = textsOf(entities);
  const lines = entities.flatMap((e) => {
    const line = lineOf(e);
    return line ? [{ ...line, points: line.points.map(([x, y]): Point => [x * cm, y * cm]) }] : [];
  });
  const onLayer = (layer: string) => lines.filter((l) => l.layer === layer);
  const boundary = onLayer(LAYERS.boundary).some((l) => l.points.length > 2) ? onLayer(LAYERS.boundary) : onLayer(LAYERS.sewLine);
  const candidates = chained(boundary.length > 0 ? boundary : lines, GAP).filter((l) => l.points.length > 2);
  if (candidates.length === 0) return undefined;
  const sizeInName = /^(.*?)[-_ ]([A-Za-z0-9/.]{1,6})$/.exec(block);
  const said = texts.get('piece name');
  const size = texts.get('size') ?? (said !== undefined && sizeInName?.[1]?.toLowerCase() === said.toLowerCase() ? sizeInName[2] : undefined);
  const words = readPieceWords(said ?? block);
  const outlines = candidates.map(outlineOf);
  const closed = outlines.flatMap((o) => ('open' in o ? [] : [o])).filter((o) => areaOf(o) > 1);
  const [largest] = closed.sort((a, b) => areaOf(b) - areaOf(a));
  if (!largest) {
    const gap = Math.min(...outlines.map((o) => ('open' in o ? o.open : Infinity)));
    if (Number.isFinite(gap)) notices.push(`block ${block}: the outline of ${words.name} is open by ${gap.toFixed(1)} cm and was left out.`);
    return undefined;
  }
  const ends = ([line]: readonly Line[]): readonly [Point, Point] | undefined => {
    const [from, to] = [line?.points[0], line?.points.at(-1)];
    return from && to ? [from, to] : undefined;
  };
  const grain = ends(onLayer(LAYERS.grain).filter((l) => l.points.length === 2));
  const outline = grain ? alongGrain(largest, grain) : largest;
  notices.push(...crossingNotice(words.name, outline));
  const marks = entities.flatMap(({ type, layer, position }) =>
    type === 'POINT' && layer === LAYERS.notch && position ? [[position.x * cm, position.y * cm] as const] : [],
  );
  const notches = grain ? alongGrain(marks, grain) : marks;
  const counts = (texts.get('quantity') ?? '')
    .split(/[,/ ]+/)
    .map(Number)
    .filter((n) => n > 0);
  const count = counts.reduce((sum, n) => sum + n, 0) || words.count || 1;
  const foldLine = ends(onLayer(LAYERS.fold));
  const { left, right } = boundsOf(largest);
  const fold = foldLine
    ? Math.abs(foldLine[0][0] - left) <= Math.abs(foldLine[0][0] - right)
      ? 'left'
      : 'right'
    : words.onFold
      ? foldSide(outline)
      : undefined;
  const material = texts.get('material') ?? texts.get('fabric') ?? texts.get('category');
  const part = words.part ?? (material === undefined ? undefined : readPieceWords(`x cut ${material}`).part);
  return {
    name: words.name,
    outline,
    count,
    pairs: fold === undefined && (counts.length === 2 || (words.pairs ?? (counts.length === 1 && count % 2 === 0))),
    ...(fold ? { fold } : {}),
    ...(size === undefined || size === '' ? {} : { size }),
    ...(part ? { part } : {}),
    ...(notches.length > 0 ? { notches } : {}),
  };
}

/**
 * Reads pattern pieces from a DXF file: as the apparel trade exchanges them (a block for each piece and size, with its boundary, grain line
 * and fold on their usual layers, and texts *Piece Name*, *Size*, *Quantity*), or as a drawing program writes it (every closed outline a piece).
 *
 * The coordinates stay as in the file, y upwards.
 *
 * @param unit where the file does not say
 * @returns pieces in cm; a refusal with the line and the reason
 */
export function readDxf(text: string, unit?: FileUnit): PieceFile {
  const wrong = broken(text);
  if (wrong !== undefined) return { kind: 'refused', problem: wrong };
  let drawing;
  try {
    drawing = new DxfParser().parseSync(text);
  } catch (error) {
    return { kind: 'refused', problem: `This is no DXF drawing that can be read: ${error instanceof Error ? error.message : String(error)}.` };
  }
  if (!drawing) return { kind: 'refused', problem: 'There is nothing in this file.' };
  // Sections that a file lacks are missing here, whatever the library's types say.
  const { header: heads = {}, blocks: inFile = {}, entities = [] }: Partial<IDxf> = drawing;
  const all: (IEntity & Drawn)[] = [...entities];
  const system = textsOf(all).get('units')?.toLowerCase();
  const header = INSUNITS[Number(heads['$INSUNITS'])];
  const bySystem = system === undefined ? undefined : /english|inch/.test(system) ? 'in' : /metric|mm/.test(system) ? 'mm' : undefined;
  const said = unit ?? bySystem ?? header;
  const cm = FILE_UNITS[said ?? 'mm'];
  const notices: string[] = [];
  const blocks = Object.entries(inFile)
    .filter(([name]) => !name.startsWith('*'))
    .flatMap(([name, block]) => pieceOf(name, block.entities ?? [], cm, notices) ?? []);
  const loose = blocks.length > 0 ? [] : looseIn(all, cm, notices);
  const pieces = [...blocks, ...loose];
  if (pieces.length === 0)
    return { kind: 'refused', problem: notices[0] ?? 'There is no closed outline in this file: neither in its blocks nor beside them.' };
  return { kind: 'read', pieces: namedApart(pieces), unit: said ?? 'mm', unitSaid: said !== undefined, notices };
}

/** Pieces of a drawing without blocks: every closed outline that lies in no other, named by its layer. */
function looseIn(entities: readonly (IEntity & Drawn)[], cm: number, notices: string[]): FilePiece[] {
  const lines = chained(
    entities.flatMap((e) => {
      const line = lineOf(e);
      return line ? [{ ...line, points: line.points.map(([x, y]): Point => [x * cm, y * cm]) }] : [];
    }),
    GAP,
  );
  const closed = lines.flatMap((line) => {
    if (line.points.length < 3) return [];
    const outline = outlineOf(line);
    if (!('open' in outline)) return areaOf(outline) > 1 ? [{ outline, layer: line.layer }] : [];
    notices.push(`layer ${line.layer}: an outline is open by ${outline.open.toFixed(1)} cm and was left out.`);
    return [];
  });
  const outer = closed.filter(
    ({ outline }) => !closed.some((o) => o.outline !== outline && areaOf(o.outline) > areaOf(outline) && outline.every((p) => within(p, o.outline))),
  );
  return outer.map(({ outline, layer }, i): FilePiece => {
    const words = readPieceWords(layer === '0' || /^\d+$/.test(layer) ? `piece ${i + 1}` : layer);
    notices.push(...crossingNotice(words.name, outline));
    const fold = words.onFold ? foldSide(outline) : undefined;
    return {
      name: words.name,
      outline,
      count: words.count ?? 1,
      pairs: (words.pairs ?? false) && !fold,
      ...(fold ? { fold } : {}),
      ...(words.part ? { part: words.part } : {}),
    };
  });
}
