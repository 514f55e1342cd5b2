import { ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import { partName } from '../make/part-words';
import { subjectWords } from '../plan/lessons';
import {
  choicesOf,
  Chosen,
  FABRIC_PARTS,
  Offers,
  type ConstructionNote,
  type FabricUse,
  type PartSource,
  type Pattern,
  type Report,
} from '../records';
import { entriesOf, keysOf } from '../units/keys';

/** Cells of a spreadsheet that hold more than one thing: how each goes out, and how it comes in again. What holds sentences has one a line. */
const PARTED = /;|\n/;
export const inCell = (things: readonly (string | undefined)[]) => things.filter((t) => t !== undefined && t !== '').join('; ');
export const inLines = (things: readonly string[]) => things.map((t) => t.replace(/\s*\n\s*/g, ' ')).join('\n');

/** The things that a cell holds, parted by semicolons or lines. */
export const partsOfCell = (text: string): string[] =>
  text
    .split(PARTED)
    .map((part) => part.trim())
    .filter((part) => part !== '');
export const linesOfCell = (text: string): string[] => text.split('\n').flatMap((line) => (line.trim() === '' ? [] : [line.trim()]));

const zoneLabelled = new Map<string, ZoneId>(ZONE_IDS.map((id) => [zoneOf(id).label, id]));

/** Places of a garment by their names, where a text holds nothing else. */
function placesIn(text: string): ZoneId[] | undefined {
  const zones = text
    .toLowerCase()
    .split(/,| and /)
    .map((label) => zoneLabelled.get(label.trim()));
  return zones.every((z) => z !== undefined) ? zones : undefined;
}

/**
 * A part that comes from another pattern or view.
 *
 * @example partCell({ patternId, viewId, zones: ['sleeve', 'wrist'], pieces: 'sleeve and cuff' }, patterns) // 'sleeve and cuff (sleeve, wrist) of Tern shirt'
 */
export function partCell(source: PartSource, patterns: readonly Pattern[]): string {
  const places = (source.zones ?? []).map((z) => zoneOf(z).label).join(', ');
  const brings = [source.pieces, places === '' ? undefined : source.pieces === undefined ? places : `(${places})`].filter(Boolean).join(' ');
  return `${brings}${brings === '' ? '' : ' of '}${partName(source, patterns)}`.replaceAll(';', ',');
}

/** The same read: what is brought, and what the pattern is called, with its view behind a comma where it has several. */
export function readPartCell(text: string, isPattern: (name: string) => boolean): { readonly called: string } & Pick<PartSource, 'zones' | 'pieces'> {
  const splits = [...text.matchAll(/ of /g)].map(({ index }) => [text.slice(0, index).trim(), text.slice(index + 4).trim()] as const);
  const [brings, called] = splits.find(([, name]) => isPattern(name)) ?? (isPattern(text) ? undefined : splits[0]) ?? ['', text.trim()];
  const both = /^(.+?) \(([^()]+)\)$/.exec(brings);
  const zones = placesIn(both?.[2] ?? brings);
  if (both?.[1] !== undefined && zones) return { called, zones, pieces: both[1] };
  return { called, ...(zones ? { zones } : brings === '' ? {} : { pieces: brings }) };
}

/** A fabric as it was used: `slate twill`, `plum lining (lining)`, `oat linen (contrast: back yoke)`. */
export function useCell({ part, pieces }: Pick<FabricUse, 'part' | 'pieces'>, name: string): string {
  if (part === 'main' && pieces === undefined) return name;
  return `${name} (${part}${pieces === undefined ? '' : `: ${pieces.replace(/[;\n]/g, ',')}`})`;
}

/** The same read; where no part is named, the first is the main fabric and the others are contrast. */
export function readUseCell(text: string, place: number): { readonly name: string } & Pick<FabricUse, 'part' | 'pieces'> {
  const found = /^(.+?) \((\w+)(?:: ([^()]+))?\)$/.exec(text);
  const part = FABRIC_PARTS.find((p) => p === found?.[2]?.toLowerCase());
  if (found?.[1] === undefined || part === undefined) return { name: text, part: place === 0 ? 'main' : 'contrast' };
  return { name: found[1], part, ...(found[3] === undefined ? {} : { pieces: found[3] }) };
}

/** A lesson with what it is about: `starch it before cutting (fabrics like plum viscose; zip)`. */
export function lessonCell({ words, about = [] }: ConstructionNote, fabrics: Parameters<typeof subjectWords>[1]): string {
  return `${words} (${subjectWords(about, fabrics)})`;
}
export function readLessonCell(text: string): { readonly words: string; readonly about: readonly string[] } {
  const found = /^(.+?)\s*\((?:about )?([^()]+)\)$/.exec(text);
  return found?.[1] === undefined || found[2] === undefined ? { words: text, about: [] } : { words: found[1], about: partsOfCell(found[2]) };
}

/** What somebody else said of a pattern, with who said it: `runs long in the body (a review)`. */
export const reportCell = ({ words, from }: Report): string => (from === undefined ? words : `${words} (${from})`);
export function readReportCell(text: string): Pick<Report, 'words' | 'from'> {
  const found = /^(.+?) \(([^()]+)\)$/.exec(text);
  return found?.[1] === undefined ? { words: text } : { words: found[1], from: found[2] };
}

/** What a view offers, or what was chosen of it: `sleeve short, long; length mid`. */
export function offersCell(offers: Readonly<Partial<Record<keyof Chosen, string | readonly string[]>>> | undefined): string {
  return inCell(
    entriesOf(offers ?? {}).flatMap(([detail, of]) => (of === undefined ? [] : [`${detail} ${typeof of === 'string' ? of : of.join(', ')}`])),
  );
}
/** The same read; undefined where a detail or one of its choices is none that is known. */
export function readOffersCell(text: string): Offers | undefined {
  const found: Record<string, readonly string[]> = {};
  for (const part of partsOfCell(text.toLowerCase())) {
    // As it goes out, or with a colon, as one writes a list.
    const [, named, of = ''] = /^(\w+)(?:\s*:\s*|\s+)(.+)$/.exec(part) ?? [];
    const detail = keysOf(Chosen.shape).find((d) => d === named);
    if (detail === undefined) return undefined;
    const choices = choicesOf(Chosen.shape[detail]);
    const said = of.split(',').map((choice) => choice.trim());
    if (!said.every((c) => choices.includes(c))) return undefined;
    found[detail] = said;
  }
  const read = Offers.safeParse(found);
  return read.success ? read.data : undefined;
}
export function readChosenCell(text: string): Chosen | undefined {
  const offers = readOffersCell(text);
  const read = offers && Chosen.safeParse(Object.fromEntries(entriesOf(offers).map(([detail, of]) => [detail, of?.[0]])));
  return read?.success ? read.data : undefined;
}
