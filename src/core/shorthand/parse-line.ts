import type { Node } from 'ohm-js';
import { addDays, formatISO, getDay, isValid, parseISO } from 'date-fns';
import { alterationKind, asksZones } from '../catalogue/alterations';
import { parseDuration } from '../units/duration';
import { formatLength, parseLength, type LengthUnit } from '../units/length';
import { parseMoney } from '../units/money';
import { outcomeOf } from '../make/outcome';
import { firstOf, itemAt } from '../units/item-at';
import { DIRECTION_WORDS, zoneOf, type ZoneId } from '../body/zones';
import { FABRIC_PARTS, type GarmentKind, type SizeLine } from '../records';
import { symptomOf } from '../catalogue/symptoms';
import { LINE, lineWithSizes } from './grammar';
import type { Chip, Reading, Understood } from './chip';
import { withNewPattern, withSizeSaid } from './named-first';
import { markNames, type Marked, type Named, type Vocabulary } from './mark-names';
import {
  COMPARATIVES,
  DEGREES,
  DIRECTIONS,
  MAKE_KINDS_SAID,
  MINUS_TARGETS,
  NOTES_SAID,
  PARTS_SAID,
  PHASES_SAID,
  SYMPTOM_WORDS,
  targetFor,
  VERBS,
  WAYS_SAID,
  WHENS,
  ZONE_WORDS,
  zoneMeant,
} from './words';

/** What a line is read against. */
export interface LineContext extends Vocabulary {
  readonly patterns: readonly (Named & { readonly kind?: GarmentKind; readonly sizes?: readonly string[] })[];
  readonly unit: LengthUnit;
  readonly currency: string;
  /** ISO date. */
  readonly today: string;
}

/** A rule of the grammar found in the text, with the rules found in it. */
interface Part {
  readonly rule: string;
  readonly text: string;
  readonly from: number;
  readonly to: number;
  readonly parts: readonly Part[];
}

/** Rules that carry no meaning of their own: what is in them is handed up. */
const SILENT = new Set([
  'item',
  'line',
  'sp',
  'gap',
  'stop',
  'stopper',
  'fullStop',
  'the',
  'place',
  'spaces',
  'space',
  'end',
  'any',
  'digit',
  'letter',
  'alnum',
]);

/** What was read below a node: the grammar's library does not know the types of its own operations. */
const partsBelow = (node: object): Part[] => (node as { parts(): Part[] }).parts();

const semantics = LINE.createSemantics().addOperation<Part[]>('parts', {
  _terminal() {
    return [];
  },
  _iter(...children: Node[]) {
    return children.flatMap(partsBelow);
  },
  _nonterminal(this: Node, ...children: Node[]) {
    const parts = children.flatMap(partsBelow);
    // A named case of a rule (`fabric_first`) is that rule.
    if (SILENT.has(this.ctorName) || this.ctorName.includes('_')) return parts;
    return [{ rule: this.ctorName, text: this.sourceString, from: this.source.startIdx, to: this.source.endIdx, parts }];
  },
});

const sizedSemantics = new WeakMap<object, typeof semantics>();

function partsOf(text: string, sizes: readonly string[]): Part[] {
  const grammar = lineWithSizes(sizes);
  let act = sizedSemantics.get(grammar);
  if (!act) sizedSemantics.set(grammar, (act = grammar === LINE ? semantics : grammar.extendSemantics(semantics)));
  // Every character is a gap or part of an item, so the grammar takes every line.
  return partsBelow(act(grammar.match(text)));
}

const low = (text: string) => text.toLowerCase().replace(/\s+/g, ' ').trim();
/** The first part of a rule among these, at any depth. */
function first(parts: readonly Part[], rule: string): Part | undefined {
  for (const part of parts) {
    if (part.rule === rule) return part;
    const deeper = first(part.parts, rule);
    if (deeper) return deeper;
  }
  return undefined;
}
function every(parts: readonly Part[], rule: string): Part[] {
  return parts.flatMap((part) => (part.rule === rule ? [part] : every(part.parts, rule)));
}
const said = <T>(table: Record<string, T>, part: Part | undefined): T | undefined => part && table[low(part.text)];
const zonesIn = (parts: readonly Part[]): ZoneId[] => every(parts, 'zone').flatMap((z) => ZONE_WORDS.get(low(z.text)) ?? []);

function lengthIn(parts: readonly Part[], unit: LengthUnit): number | undefined {
  const part = first(parts, 'length') ?? first(parts, 'saidLength');
  const read = part && parseLength(part.text, unit);
  return read?.ok ? read.cm : undefined;
}

/** A length of a chip with the words that would say it: `2.5 cm`. */
const inWords = (cm: number, unit: LengthUnit) => formatLength(cm, unit).replace('\u202f', ' ');

function sizeLineOf(part: Part, sizes: readonly string[]): SizeLine {
  const label = (text: string) => sizes.find((s) => low(s) === low(text)) ?? text;
  const [from, to] = every(part.parts, 'size').map((s) => label(s.text));
  return to === undefined ? { size: from! } : { size: from!, to, at: 0.5 };
}

interface Read {
  readonly understood: Understood;
  readonly readings?: readonly Reading[];
}

type Reader = (part: Part, context: ReadContext) => Read | undefined;

interface ReadContext extends LineContext {
  readonly marked: Marked;
  readonly sizes: readonly string[];
  readonly garment: GarmentKind | undefined;
}

const readAlteration: Reader = (part, { unit, garment }) => {
  const { parts } = part;
  const full = first(parts, 'fullWord');
  const word = low((full ?? first(parts, 'target'))!.text);
  const target = targetFor(word, garment);
  if (!target) return undefined;
  const kind = alterationKind(target.kind);
  const zones = [...(target.zones ?? []), ...zonesIn(every(parts, 'atZones'))];
  const way = said(WAYS_SAID, first(parts, 'way'));
  const allowed = way !== undefined && kind.ways.includes(way);
  const shared = {
    kind: target.kind,
    way: allowed ? way : target.zones ? ('total' as const) : firstOf(kind.ways),
    purpose: first(parts, 'purpose') && !/fit/i.test(first(parts, 'purpose')!.text) ? ('style' as const) : ('fit' as const),
    when: said(WHENS, first(parts, 'when')) ?? ('paper' as const),
    ...(zones.length > 0 && asksZones(target.kind) ? { zones } : {}),
    ...(kind.rule.by === 'rise' ? { part: said(PARTS_SAID, first(parts, 'side')) ?? ('both' as const) } : {}),
    ...(kind.rule.by === 'bust' ? { fullness: 'left in' as const } : {}),
  };
  if (kind.rule.by === 'allowance') {
    const sewn = lengthIn(first(parts, 'sewn')?.parts ?? [], unit);
    const cut = lengthIn(first(parts, 'allowance')?.parts ?? [], unit);
    return sewn === undefined || cut === undefined
      ? undefined
      : { understood: { is: 'alteration', alteration: { ...shared, allowance: { cut, sewn } } } };
  }
  const sign = first(parts, 'sign');
  const signed = sign ? (/[-−–]|minus/i.test(sign.text) ? -1 : 1) : undefined;
  const turn = signed ?? said(VERBS, first(parts, 'verb')) ?? said(COMPARATIVES, first(parts, 'comparative')) ?? (first(parts, 'off') ? -1 : 1);
  // A kind with one direction only takes an amount as that direction; a small bust is the full one's minus.
  const direction = kind.minus === undefined ? 1 : MINUS_TARGETS.has(word) && signed === undefined ? -1 : turn;
  const cm = lengthIn(parts, unit);
  const alteration = cm === undefined ? { ...shared, direction } : { ...shared, amount: Math.round(direction * cm * 1e6) / 1e6 };
  // How a girth was measured changes it fourfold: where it is not said, the others are offered.
  const readings =
    cm !== undefined && kind.ways.length > 1 && !allowed
      ? (['per seam', 'per side', 'in all'] as const)
          .filter((w) => kind.ways.includes(WAYS_SAID[w]!))
          .map((w) => ({ label: `${inWords(cm, unit)} ${w}`, text: `${part.text} ${w}` }))
      : [];
  return { understood: { is: 'alteration', alteration }, readings };
};

/** What can be said of how a garment is liked: from 1, not at all, to 5. */
const LOVES = [1, 2, 3, 4, 5] as const;

const readFit: Reader = (part, { unit }) => {
  const word = low(first(part.parts, 'direction')!.text);
  const { sign } = DIRECTIONS[word]!;
  const zones = zonesIn(part.parts).map((z) => zoneMeant(z, word));
  if (zones.some((z) => z === undefined)) return undefined;
  const cm = lengthIn(part.parts, unit);
  const number = first(part.parts, 'degreeNumber');
  const degrees = every(part.parts, 'degree').map((d) => said(DEGREES, d)!);
  // Of "clearly too tight" the stronger word counts; of "a bit too tight" the weaker.
  const degree = number
    ? Number(number.text)
    : degrees.includes(3)
      ? 3
      : degrees.includes(1)
        ? 1
        : degrees.includes(2)
          ? 2
          : cm === undefined
            ? 1
            : 2;
  const outcome = outcomeOf(sign, degree);
  const onSide = first(part.parts, 'onSide');
  const side = onSide && (/left/i.test(onSide.text) ? ('left' as const) : ('right' as const));
  const notes = zones.map((zone) => ({ zone: zone!, outcome, ...(cm ? { amount: cm } : {}), ...(side ? { side } : {}) }));
  const before = number && part.text.slice(0, number.from - part.from).trim();
  const readings =
    number && before
      ? [
          { label: `by ${number.text} ${unit}`, text: `${before} by ${number.text}${unit}` },
          {
            label: itemAt(['slight', 'clear', 'spoils'], Number(number.text) - 1),
            text: `${before} ${itemAt(['slight', 'clear', 'spoils'], Number(number.text) - 1)}`,
          },
        ]
      : [];
  return { understood: { is: 'fit', notes }, readings };
};

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];

/** A calendar date from its figures, or undefined for one that is not in the calendar. */
function calendarDate(year: number, month: number, day: number): string | undefined {
  const text = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  return isValid(parseISO(text)) ? text : undefined;
}

const asDate = (date: Date) => formatISO(date, { representation: 'date' });

const readDate: Reader = (part, { today }) => {
  const text = low(part.text).replace(/,/g, '');
  const made = (date: string | undefined, readings: Reading[] = []): Read | undefined =>
    date ? { understood: { is: 'date', date }, readings } : undefined;
  if (/^\d{4}-/.test(text)) return made(isValid(parseISO(text)) ? text : undefined);
  const numbers = /^(\d{1,2})[/.](\d{1,2})[/.](\d{4})$/.exec(text);
  if (numbers) {
    const [a, b, year] = numbers.slice(1).map(Number) as [number, number, number];
    const dayFirst = calendarDate(year, b, a);
    const monthFirst = text.includes('/') ? calendarDate(year, a, b) : undefined;
    const both = dayFirst && monthFirst && dayFirst !== monthFirst ? [dayFirst, monthFirst].map((d) => ({ label: d, text: d })) : [];
    return made(dayFirst ?? monthFirst, both);
  }
  const named = first(part.parts, 'month');
  if (named) {
    const month = MONTHS.indexOf(low(named.text).slice(0, 3)) + 1;
    const [day, year] = text.replace(low(named.text), ' ').match(/\d+/g)!.map(Number) as [number, number | undefined];
    // Without a year the last such day is meant: nobody logs a make that is still to come.
    const thisYear = Number(today.slice(0, 4));
    const date = calendarDate(year ?? thisYear, month, day);
    return made(date !== undefined && year === undefined && date > today ? calendarDate(thisYear - 1, month, day) : date);
  }
  if (text === 'today') return made(today);
  if (text === 'yesterday') return made(asDate(addDays(parseISO(today), -1)));
  if (text === 'the day before yesterday') return made(asDate(addDays(parseISO(today), -2)));
  const weekday = WEEKDAYS.indexOf(text.replace('last ', ''));
  const back = (getDay(parseISO(today)) - weekday + 6) % 7;
  return weekday < 0 ? undefined : made(asDate(addDays(parseISO(today), -1 - back)));
};

/** How each rule of the grammar is read. A reader that answers undefined leaves its text as words. */
const READERS: Record<string, Reader> = {
  note: (part) => ({
    understood: { is: 'note', kind: said(NOTES_SAID, first(part.parts, 'noteKind'))!, words: first(part.parts, 'rest')!.text.trim() },
  }),
  looseEnd: (part) => ({ understood: { is: 'loose end', words: first(part.parts, 'rest')!.text.trim() } }),
  named: (part, { marked }) => {
    const version = first(part.parts, 'version');
    const number = version && Number(/\d+/.exec(version.text)![0]);
    const person = first(part.parts, 'person');
    if (person) return { understood: { is: 'person', personId: marked.named(person.text)!.id } };
    const pattern = first(part.parts, 'pattern');
    if (!pattern) return number ? { understood: { is: 'version', version: number } } : undefined;
    return { understood: { is: 'pattern', patternId: marked.named(pattern.text)!.id, ...(number ? { version: number } : {}) } };
  },
  sizes: (part, { sizes }) => {
    const line = sizeLineOf(first(part.parts, 'sizeLine')!, sizes);
    const zones = zonesIn(part.parts);
    return { understood: zones.length > 0 ? { is: 'size at', zones, line } : { is: 'size', line } };
  },
  change: readAlteration,
  right: (part) => {
    const zones = zonesIn(part.parts);
    return { understood: zones.length > 0 ? { is: 'fit', notes: zones.map((zone) => ({ zone, outcome: 0 })) } : { is: 'rest right' } };
  },
  symptom: (part) => {
    const id = SYMPTOM_WORDS.get(low(first(part.parts, 'symptomWord')!.text))!;
    const [cause, ...others] = symptomOf(id).causes;
    const degree = said(DEGREES, first(part.parts, 'degree')) ?? 1;
    const word = ({ zone, direction }: typeof cause) => DIRECTION_WORDS[zoneOf(zone).kind][direction < 0 ? 'under' : 'over'];
    const readings = others.map((c) => ({ label: `rather ${c.words}`, text: `${word(c)} ${zoneOf(c.zone).label}` }));
    return { understood: { is: 'fit', notes: [{ zone: cause.zone, outcome: outcomeOf(cause.direction, degree), symptom: id }] }, readings };
  },
  fit: readFit,
  fabric: (part, { marked, unit }) => {
    const left = lengthIn(first(part.parts, 'left')?.parts ?? [], unit);
    const length = lengthIn(first(part.parts, 'fabricLength')?.parts ?? [], unit);
    return {
      understood: {
        is: 'fabric',
        fabric: { id: marked.named(first(part.parts, 'fabricName')!.text)!.id },
        part: FABRIC_PARTS.find((p) => p === low(first(part.parts, 'part')?.text ?? '')) ?? 'main',
        ...(length ? { length } : {}),
        ...(left === undefined ? {} : { left }),
      },
    };
  },
  newFabric: (part, { unit }) => {
    const length = lengthIn(first(part.parts, 'fabricLength')!.parts, unit);
    return { understood: { is: 'fabric', fabric: { name: first(part.parts, 'newName')!.text }, part: 'main', ...(length ? { length } : {}) } };
  },
  worn: (part) => {
    const count = Number(/\d+/.exec(part.text)?.[0] ?? 0);
    if (count > 0) return { understood: { is: 'seen', seen: { at: 'worn', wears: count } } };
    return /tr/i.test(part.text) ? { understood: { is: 'seen', seen: { at: 'tryOn' } } } : { understood: { is: 'seen', seen: { at: 'firstDay' } } };
  },
  time: (part) => {
    const read = parseDuration(first(part.parts, 'duration')!.text);
    return read.ok ? { understood: { is: 'time', phase: said(PHASES_SAID, first(part.parts, 'phase')) ?? 'all', minutes: read.minutes } } : undefined;
  },
  price: (part, { currency }) => {
    const read = parseMoney((first(part.parts, 'money') ?? first(part.parts, 'bareMoney'))!.text, currency);
    const what = low(first(part.parts, 'priceWord')?.text ?? 'cost');
    return read.ok ? { understood: { is: 'cost', what: what.startsWith('cost') ? 'notions' : what, money: read.money } } : undefined;
  },
  love: (part) => {
    const number = first(part.parts, 'loveNumber');
    const love = number ? LOVES.find((l) => String(l) === number.text) : /^love/i.test(part.text) ? 5 : /^like/i.test(part.text) ? 4 : 1;
    return love && { understood: { is: 'love', love } };
  },
  date: readDate,
  kind: (part) => ({ understood: { is: 'kind', kind: said(MAKE_KINDS_SAID, part)! } }),
};

/**
 * Reads a whole make from one line of shorthand.
 *
 * Whatever is not understood is kept as words: the chips together with the gaps between them are the line, character for character.
 *
 * @param text what was typed
 * @param context names of the ledger, usual unit and currency, and the day
 * @returns chips in the order of the text; neighbouring words are one chip
 */
export function parseLine(text: string, context: LineContext): Chip[] {
  const marked = markNames(text, context);
  const patternMark = [...marked.text].find((c) => context.patterns.some((p) => p === marked.named(c)));
  const pattern = context.patterns.find((p) => p === marked.named(patternMark ?? ''));
  const sizes = pattern?.sizes ?? [];
  const read: ReadContext = { ...context, marked, sizes, garment: pattern?.kind };
  const chips: Chip[] = [];
  for (const part of partsOf(marked.text, sizes)) {
    // A full stop that ends an item is no part of it; places are those of the typed text.
    const from = itemAt(marked.places, part.from);
    const to = itemAt(marked.places, part.to);
    const typed = text.slice(from, to);
    const spelled: Part = { ...part, text: spell(part.text, marked, text, part.from) };
    const found = READERS[part.rule]?.(spelled, read);
    const before = chips.at(-1);
    if (found) chips.push({ from, to, text: typed, understood: found.understood, readings: found.readings ?? [] });
    else if (before?.understood.is === 'words' && /^[\s\u00a0\u202f]*$/.test(text.slice(before.to, from))) {
      const words = text.slice(before.from, to);
      chips[chips.length - 1] = { ...before, to, text: words, understood: { is: 'words', words } };
    } else chips.push({ from, to, text: typed, understood: { is: 'words', words: typed }, readings: [] });
  }
  return !pattern ? withNewPattern(chips) : sizes.length === 0 ? withSizeSaid(chips) : chips;
}

/** The text of a part with its marks spelled as they were typed. */
function spell(part: string, marked: Marked, text: string, from: number): string {
  return [...part].map((c, i) => (marked.named(c) ? text.slice(marked.places[from + i], marked.places[from + i + 1]) : c)).join('');
}
