import { outcomeWords } from '../../make/fit-note-words';
import { calledField, fieldWords, type Shapes } from '../../records/fields';
import { planName } from '../../make/plan-name';
import { makeName } from '../../make/make-name';
import equal from 'fast-deep-equal';
import { alterationWords, sizeLineWords } from '../../alteration/words';
import { formatLength, type LengthUnit } from '../../units/length';
import { keysOf } from '../../units/keys';
import { firstOf } from '../../units/item-at';
import { BODY_MEASURES, zoneOf } from '../../body/zones';
import type { Alteration, FitNote, Make, MeasurementSet, Pattern, Person, Picture, Plan, SewingTime, SizeLine, Verdict, Wear } from '../../records';
import type { FieldMeta } from '../../records/field';
import { TABLES } from '../../records/ledger';
import type { TableName } from '../../records/table-names';
import { BEING_THERE, type Conflict, type Tables } from './merge';

/** What both sides say of one thing, for people. */
export interface ConflictWords {
  /** The record: "Skerry jacket, version 3". */
  readonly of: string;
  /** What of it. */
  readonly what: string;
  readonly here: string;
  readonly there: string;
}

const NOTHING = 'nothing';

/** A name in the code as words: `sizeLines` is "size lines". */
const asWords = (name: string) => name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

type AskedFor = Partial<FieldMeta> | undefined;

/** Things that have words of their own wherever they are shown. */
const WORDS_OF: Record<string, (value: never, unit: LengthUnit) => string> = {
  alterations: (a: Alteration, unit) => alterationWords(a, unit),
  fitNotes: (n: FitNote, unit) => `${zoneOf(n.zone).label} ${outcomeWords(n, unit)}`,
  verdicts: (v: Verdict) => [`${v.love} of 5 on ${v.date}`, v.sewAgain && `sew again: ${v.sewAgain}`, v.words].filter(Boolean).join(', '),
  size: (line: SizeLine) => sizeLineWords(line),
};

/** Fields that hold the id of a record, which is told by its name. */
const NAMES_A: Readonly<Record<string, TableName>> = {
  personId: 'people',
  patternId: 'patterns',
  fabricId: 'fabrics',
  makeId: 'makes',
  makeIds: 'makes',
  refashionOf: 'makes',
  listId: 'lists',
  setId: 'sets',
  collectionId: 'collections',
  occasionId: 'occasions',
  planId: 'plans',
  bodyId: 'bodies',
};
/** Ids of what has no name outside its own record. */
const isInner = (name: string) => name === 'id' || (name.endsWith('Id') && !(name in NAMES_A));

function valueWords(field: string, meta: AskedFor, value: unknown, unit: LengthUnit, sides: readonly Tables[]): string {
  if (value === undefined || value === null || value === '') return NOTHING;
  const named = NAMES_A[field];
  if (named)
    return [value]
      .flat()
      .map((id) => recordWords(named, String(id), sides))
      .join(', ');
  const own = WORDS_OF[field]?.(value as never, unit) ?? (meta?.ask === 'text' || meta?.ask === 'words' ? undefined : fieldWords(meta, value, unit));
  if (own !== undefined) return own;
  if (Array.isArray(value)) return value.length === 0 ? NOTHING : shortened(value.map((v) => valueWords('', undefined, v, unit, sides)).join('; '));
  if (typeof value === 'object')
    return shortened(
      Object.entries(value)
        .filter(([name, part]) => !isInner(name) && part !== undefined && !(Array.isArray(part) && part.length === 0))
        .map(([name, part]) => {
          const length = name in BODY_MEASURES || ['length', 'width', 'left'].includes(name);
          const words = length && typeof part === 'number' ? formatLength(part, unit) : valueWords(name, undefined, part, unit, sides);
          return name in NAMES_A || ['words', 'what', 'kind', 'name', 'zone', 'part'].includes(name) ? words : `${labelOf(name)} ${words}`;
        })
        .join(', '),
    );
  return shortened(`${value as string | number | boolean}`);
}

const shortened = (text: string) => (text.length > 160 ? `${text.slice(0, 157)} …` : text);

const isPlain = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Of two objects the parts in which they differ: twenty measures that are the same say nothing. */
function differing(here: unknown, there: unknown): [unknown, unknown] {
  if (!isPlain(here) || !isPlain(there) || 'id' in here) return [here, there];
  const parts = (of: Record<string, unknown>, other: Record<string, unknown>) =>
    Object.fromEntries(Object.entries(of).filter(([name, part]) => !equal(part, other[name])));
  const [a, b] = [parts(here, there), parts(there, here)];
  return [Object.keys(a).length > 0 ? a : undefined, Object.keys(b).length > 0 ? b : undefined];
}

const WEEKDAYS = ['Mondays', 'Tuesdays', 'Wednesdays', 'Thursdays', 'Fridays', 'Saturdays', 'Sundays'] as const;

/** What a record is called in a sentence. */
export function recordWords(table: TableName, id: string, sides: readonly Tables[]): string {
  const find = <T>(of: TableName, wanted: string | undefined): T | undefined => {
    for (const side of sides) {
      const found = side[of].find((r) => r.id === wanted);
      if (found) return found as T;
    }
    return undefined;
  };
  const makeWords = (wanted: string | undefined) => {
    const make = find<Make>('makes', wanted);
    if (!make) return 'a make';
    const pattern = find<Pattern>('patterns', make.sources[0]?.patternId);
    return makeName(make, pattern ? [pattern] : []);
  };
  switch (table) {
    case 'makes':
      return makeWords(id);
    case 'bodies': {
      const body = find<MeasurementSet>('bodies', id);
      return `${find<Person>('people', body?.personId)?.name ?? 'someone'}, measured ${body?.date ?? ''}`.trim();
    }
    case 'wears': {
      const wear = find<Wear>('wears', id);
      return `worn ${wear?.date ?? ''}: ${wear?.makeIds.map(makeWords).join(', ') ?? ''}`;
    }
    case 'plans': {
      const plan = find<Plan>('plans', id);
      const pattern = find<Pattern>('patterns', plan?.patternId);
      return `plan of ${plan ? planName(plan, pattern ? [pattern] : []) : 'a pattern'}`;
    }
    case 'pictures': {
      const picture = find<Picture>('pictures', id);
      const of = (['fabricId', 'patternId', 'planId', 'personId'] as const).find((name) => picture?.[name] !== undefined);
      return `a picture of ${of ? recordWords(NAMES_A[of] ?? table, picture?.[of] ?? id, sides) : makeWords(picture?.makeId)}`;
    }
    case 'times': {
      const time = find<SewingTime>('times', id);
      return time?.date === undefined ? `sewing time on ${WEEKDAYS[(time?.weekday ?? 1) - 1]}` : `sewing time on ${time.date}`;
    }
    default:
      return find<{ name: string }>(table, id)?.name ?? id;
  }
}

const labelOf = (name: string) => keysOf(BODY_MEASURES).flatMap((m) => (m === name ? BODY_MEASURES[m] : []))[0] ?? asWords(name);

/** A conflict as it is put to the sewist. */
export function conflictWords({ table, id, leaf, here, there }: Conflict, sides: readonly Tables[], unit: LengthUnit): ConflictWords {
  const of = recordWords(table, id, sides);
  if (leaf === BEING_THERE) {
    const said = (value: unknown) => (value === undefined ? 'removed' : 'changed, and still there');
    return { of, what: 'whether it is there', here: said(here), there: said(there) };
  }
  const field = firstOf(leaf.split('/'));
  const shapes: Shapes = TABLES[table].shape;
  const meta = shapes[field]?.meta();
  const [a, b] = differing(here, there);
  return {
    of,
    what: table === 'pictures' ? 'the picture' : calledField(shapes, field),
    here: valueWords(field, meta, a, unit, sides),
    there: valueWords(field, meta, b, unit, sides),
  };
}
