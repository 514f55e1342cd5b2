import { SaxesParser } from 'saxes';
import svgpath from 'svgpath';
import { alongGrain, areaOf, type Point, type Polygon, within } from '../units/polygon';
import { crossingNotice, FILE_UNITS, foldSide, GAP, namedApart, readPieceWords, type FilePiece, type FileUnit, type PieceFile } from './piece-file';

/** A line drawn in the file, cm. */
interface Stroke {
  readonly points: Polygon;
  readonly closed: boolean;
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly size?: string;
  readonly line: number;
}

interface Level {
  readonly transform: readonly string[];
  readonly hidden: boolean;
  readonly defining: boolean;
  readonly size?: string;
  readonly tag: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly firstStroke: number;
}

/** Steps along curves, in units of the file's own coordinates over the size of the curve. */
const STEPS = 24;

const SIZE = /^size[\s:_-]*(.+)$/i;

class Refused extends Error {}

/** The length of an attribute, with its unit. */
function measured(text: string | undefined): { readonly amount: number; readonly unit?: FileUnit } | undefined {
  const found = /^\s*([\d.]+(?:e-?\d+)?)\s*(mm|cm|in|pt|px|%)?\s*$/i.exec(text ?? '');
  if (!found || found[2] === '%') return undefined;
  const unit = (['mm', 'cm', 'in', 'pt', 'px'] as const).find((u) => u === found[2]?.toLowerCase());
  return { amount: Number(found[1]), ...(unit ? { unit } : {}) };
}

const numbers = (text: string | undefined): number[] =>
  (text ?? '')
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(Number);

/** The path of a shape that is not a path. */
function pathOf(tag: string, a: Readonly<Record<string, string>>): string | undefined {
  const n = (name: string) => Number.parseFloat(a[name] ?? '0') || 0;
  switch (tag) {
    case 'path':
      return a['d'] ?? '';
    case 'polygon':
    case 'polyline': {
      const points = numbers(a['points']);
      return points.length < 4 ? undefined : `M${points.join(' ')}${tag === 'polygon' ? 'Z' : ''}`;
    }
    case 'rect': {
      const [x, y, w, h] = [n('x'), n('y'), n('width'), n('height')];
      return `M${x} ${y}h${w}v${h}h${-w}Z`;
    }
    case 'circle':
    case 'ellipse': {
      const [cx, cy, rx, ry] = [n('cx'), n('cy'), n('rx') || n('r'), n('ry') || n('r')];
      return `M${cx - rx} ${cy}A${rx} ${ry} 0 1 0 ${cx + rx} ${cy}A${rx} ${ry} 0 1 0 ${cx - rx} ${cy}Z`;
    }
    case 'line':
      return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`;
    default:
      return undefined;
  }
}

/** Lines of a path, curves as many short ones, in the file's coordinates. */
function strokesOf(d: string, transform: readonly string[]): { readonly points: Point[]; readonly closed: boolean }[] {
  let path = svgpath(d);
  // The library keeps what went wrong beside the path.
  const problem = 'err' in path && typeof path.err === 'string' ? path.err : '';
  if (problem !== '') throw new Refused(problem);
  for (const own of [...transform].reverse()) path = path.transform(own);
  const strokes: { points: Point[]; closed: boolean }[] = [];
  let current: { points: Point[]; closed: boolean } | undefined;
  const curve = (x: number, y: number, control: readonly Point[]) => {
    const from: Point = [x, y];
    const all = [from, ...control];
    const long = all.reduce((sum, p, i) => sum + (i === 0 ? 0 : Math.hypot(p[0] - (all[i - 1]?.[0] ?? 0), p[1] - (all[i - 1]?.[1] ?? 0))), 0);
    const straight = Math.hypot((all.at(-1)?.[0] ?? 0) - x, (all.at(-1)?.[1] ?? 0) - y);
    const steps = long - straight < 1e-6 * long ? 1 : STEPS;
    for (let k = 1; k <= steps; k++) {
      const t = k / steps;
      let level: Point[] = all;
      while (level.length > 1)
        level = level.slice(1).map((p, i): Point => [p[0] * t + (level[i]?.[0] ?? 0) * (1 - t), p[1] * t + (level[i]?.[1] ?? 0) * (1 - t)]);
      current?.points.push(...level);
    }
  };
  path
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _, x, y) => {
      switch (segment[0]) {
        case 'M':
          current = { points: [[segment[1], segment[2]]], closed: false };
          strokes.push(current);
          break;
        case 'L':
          current?.points.push([segment[1], segment[2]]);
          break;
        case 'H':
          current?.points.push([segment[1], y]);
          break;
        case 'V':
          current?.points.push([x, segment[1]]);
          break;
        case 'C':
          curve(x, y, [
            [segment[1], segment[2]],
            [segment[3], segment[4]],
            [segment[5], segment[6]],
          ]);
          break;
        case 'Q':
          curve(x, y, [
            [segment[1], segment[2]],
            [segment[3], segment[4]],
          ]);
          break;
        case 'Z':
        case 'z':
          if (current) current.closed = true;
          break;
        default:
      }
    });
  return strokes;
}

const isGrain = (stroke: Stroke): boolean =>
  /grain/i.test(`${stroke.name} ${stroke.attributes['class'] ?? ''} ${stroke.attributes['data-role'] ?? ''}`);

/** Everything drawn, in the file's coordinates, with the size of the drawing. */
function drawnIn(text: string): { readonly strokes: Stroke[]; readonly root: Readonly<Record<string, string>> } {
  const parser = new SaxesParser();
  const levels: Level[] = [];
  const strokes: Stroke[] = [];
  let root: Readonly<Record<string, string>> | undefined;
  let problem: string | undefined;
  let label: { text: string } | undefined;
  const named = new Map<number, string>();
  parser.on('error', (error) => {
    problem ??= error.message.replace(/^(\d+):(\d+): /, 'line $1, sign $2: ');
  });
  parser.on('opentag', ({ name, attributes: given }) => {
    const tag = name.replace(/^svg:/, '');
    const attributes = Object.fromEntries(Object.entries(given).map(([key, value]) => [key, String(value)]));
    const above = levels.at(-1);
    if (!above) {
      if (tag !== 'svg') throw new Refused(`line ${parser.line}: this is no drawing; it begins with <${name}> instead of <svg>.`);
      root = attributes;
    }
    const called = attributes['inkscape:label'] ?? attributes['data-name'] ?? attributes['id'] ?? '';
    const size = attributes['data-size'] ?? SIZE.exec(called)?.[1] ?? above?.size;
    const level: Level = {
      tag,
      attributes,
      transform: [...(above?.transform ?? []), ...(attributes['transform'] ? [attributes['transform']] : [])],
      hidden: (above?.hidden ?? false) || /display\s*:\s*none/.test(attributes['style'] ?? '') || attributes['display'] === 'none',
      defining: (above?.defining ?? false) || ['defs', 'symbol', 'clipPath', 'mask', 'pattern', 'marker'].includes(tag),
      firstStroke: strokes.length,
      ...(size === undefined ? {} : { size }),
    };
    levels.push(level);
    if (tag === 'title' || tag === 'text') label = { text: '' };
    const d = level.hidden || level.defining ? undefined : pathOf(tag, attributes);
    if (d === undefined) return;
    // A piece in a group of its own is often named by the group.
    const groupName = above && above.tag === 'g' ? (above.attributes['inkscape:label'] ?? above.attributes['data-name'] ?? '') : '';
    const isLayer = above?.attributes['inkscape:groupmode'] === 'layer' || SIZE.test(groupName);
    const own = called === '' && !isLayer ? (groupName !== '' ? groupName : above?.tag === 'g' ? (above.attributes['id'] ?? '') : '') : called;
    try {
      for (const { points, closed } of strokesOf(d, level.transform))
        strokes.push({
          points,
          closed,
          name: own,
          attributes: { ...(above?.tag === 'g' ? dataOf(above.attributes) : {}), ...attributes },
          line: parser.line,
          ...(size === undefined ? {} : { size }),
        });
    } catch (error) {
      throw new Refused(
        `line ${parser.line}: the outline ${own === '' ? '' : `“${own}” `}cannot be read: ${error instanceof Error ? error.message : String(error)}.`,
      );
    }
  });
  parser.on('text', (words) => {
    if (label) label.text += words;
  });
  parser.on('closetag', () => {
    const closed = levels.pop();
    if (!closed) return;
    if (closed.tag === 'title' && label) {
      // A title names the shape or the group that it stands in.
      const owner = levels.at(-1);
      if (owner && owner.tag !== 'svg') for (let i = owner.firstStroke; i < strokes.length; i++) named.set(i, label.text.trim());
      if (owner) titles.set(owner, label.text.trim());
      label = undefined;
    }
    if (closed.tag === 'text') label = undefined;
    const title = titles.get(closed);
    if (title !== undefined && closed.tag !== 'svg') for (let i = closed.firstStroke; i < strokes.length; i++) if (!named.has(i)) named.set(i, title);
  });
  const titles = new Map<Level, string>();
  if (text.trim() === '') throw new Refused('There is nothing in this file.');
  parser.write(text).close();
  if (problem !== undefined || !root) throw new Refused(problem ?? 'There is nothing in this file.');
  return { strokes: strokes.map((stroke, i) => ({ ...stroke, name: named.get(i) ?? stroke.name })), root };
}

const dataOf = (attributes: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(Object.entries(attributes).filter(([key]) => key.startsWith('data-')));

/** How long one unit of the drawing's coordinates is, and whether the file says so. */
function scaleOf(
  root: Readonly<Record<string, string>>,
  asked: FileUnit | undefined,
): { readonly cm: number; readonly unit: FileUnit; readonly said: boolean } {
  const [width, height] = [measured(root['width']), measured(root['height'])];
  const [, , boxWidth, boxHeight] = numbers(root['viewBox']);
  const by = (length: typeof width, box: number | undefined) =>
    length && box && box > 0 ? (length.amount * FILE_UNITS[asked ?? length.unit ?? 'px']) / box : undefined;
  const scales = [by(width, boxWidth), by(height, boxHeight)].flatMap((s) => (s === undefined ? [] : [s]));
  const unit = asked ?? width?.unit ?? height?.unit ?? 'px';
  const said = asked !== undefined || ((width?.unit ?? height?.unit ?? 'px') !== 'px' && scales.length > 0);
  return { cm: scales.length > 0 ? Math.min(...scales) : FILE_UNITS[unit], unit, said };
}

/**
 * Reads pattern pieces from a drawing (SVG) as drawing programs write it: nested groups with transforms, paths, polygons and plain shapes,
 * units of the page. A closed outline is a piece; what lies within one is a mark on it, and a line called *grain* is its grain. Names, *cut 2*,
 * *on the fold*, *lining* and sizes are read from what shapes and groups are called; `data-count`, `data-pairs`, `data-fold`, `data-size` say it plainly.
 *
 * @param unit what the page is measured in, where the file does not say
 * @returns pieces in cm; a refusal with the line and the reason
 */
export function readSvg(text: string, unit?: FileUnit): PieceFile {
  try {
    const { strokes, root } = drawnIn(text);
    const scale = scaleOf(root, unit);
    const notices: string[] = [];
    const scaled = strokes.map((s): Stroke => ({ ...s, points: s.points.map(([x, y]): Point => [x * scale.cm, y * scale.cm]) }));
    const closed = scaled.flatMap((stroke) => {
      const [first, last] = [stroke.points[0], stroke.points.at(-1)];
      if (!first || !last || stroke.points.length < 3) return [];
      const gap = Math.hypot(first[0] - last[0], first[1] - last[1]);
      if (!stroke.closed && gap >= GAP) return [];
      const points = gap < 1e-6 || (!stroke.closed && gap < GAP) ? stroke.points.slice(0, -1) : stroke.points;
      return areaOf(points) > 1 ? [{ ...stroke, points }] : [];
    });
    const outer = closed.filter(
      (one) =>
        !closed.some((other) => other !== one && areaOf(other.points) > areaOf(one.points) && one.points.every((p) => within(p, other.points))),
    );
    const open = scaled.filter((s) => !closed.some((c) => c.line === s.line && c.name === s.name) && s.points.length > 2);
    for (const stroke of open) {
      const [first, last] = [stroke.points[0], stroke.points.at(-1)];
      if (!first || !last || isGrain(stroke) || outer.some((o) => within(first, o.points))) continue;
      const gap = Math.hypot(first[0] - last[0], first[1] - last[1]);
      notices.push(
        `line ${stroke.line}: the outline ${stroke.name === '' ? '' : `“${stroke.name}” `}is open by ${gap.toFixed(1)} cm and was left out. Close it, and read the file again.`,
      );
    }
    if (outer.length === 0)
      return { kind: 'refused', problem: notices[0] ?? 'There is no closed outline in this drawing: a piece is a path whose ends meet.' };
    const pieces = outer.map(({ points, name, attributes, size }, i): FilePiece => {
      const words = readPieceWords(name === '' ? `piece ${i + 1}` : name);
      const grain = scaled.find((s) => isGrain(s) && s.points[0] !== undefined && within(s.points[0], points));
      const [from, to] = [grain?.points[0], grain?.points.at(-1)];
      const outline = from && to ? alongGrain(points, [from, to]) : points;
      notices.push(...crossingNotice(words.name, outline));
      const count = Number.parseInt(attributes['data-count'] ?? '', 10) || words.count || 1;
      const saidFold = attributes['data-fold'];
      const fold = saidFold === 'left' || saidFold === 'right' ? saidFold : words.onFold ? foldSide(outline) : undefined;
      return {
        name: words.name,
        outline,
        count,
        pairs: attributes['data-pairs'] === undefined ? (words.pairs ?? false) && fold === undefined : attributes['data-pairs'] === 'true',
        ...(fold ? { fold } : {}),
        ...(size === undefined ? {} : { size }),
        ...(words.part ? { part: words.part } : {}),
      };
    });
    return { kind: 'read', pieces: namedApart(pieces), unit: scale.unit, unitSaid: scale.said, notices };
  } catch (error) {
    if (error instanceof Refused) return { kind: 'refused', problem: error.message };
    throw error;
  }
}
