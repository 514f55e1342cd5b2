import type { LineTables, ReadMake } from '../draft-from-line';
import { readMake } from '../draft-from-line';
import { meantBy, ofItsFabric, ownedIn, type Meant } from '../by-its-noun';
import { heard, isGarmentName, type ActOptions, type Heard, type HeardLine, type Way } from '../report';
import { wordCount } from '../said';
import { awayOf, type AwayAct, type BackAct } from './away';
import { boughtEither, boughtIn, moreOrLeft, type BoughtAct } from './fabric-bought';
import { fabricTold, washedWith, type FabricToldAct } from './fabric-told';
import { saidFinished, type FinishedAct } from './finished';
import { forNextTime, looked, toldOf, type LookedAct } from './looked';
import { measured, type MeasuredAct } from './measured';
import { forAGarment, type NotionsAct, type ToDoAct } from './for-a-garment';
import { fabricsMeant, ofKnownFabric, type LeftAct, type WashedAct } from './of-fabric';
import { begunOf, workedOf, type CutAct, type SewingAct, type WorkedAct } from './on-the-table';
import { mendedOf, type MendedAct } from './mended';
import { patternBought, patternTold, type PatternBoughtAct, type PatternToldAct } from './pattern-bought';
import { planned, plannedEither, type PlannedAct } from './planned';
import { replanned, type ReplannedAct } from './replanned';
import { altered, becameOf, type EndedAct, type NotedAct } from './what-became';
import { worn, wornBehind, type WornAct } from './worn';

/** What a line tells that is no make: to enter one for it would state what was not said. */
export type OtherAct =
  | WornAct
  | EndedAct
  | MendedAct
  | AwayAct
  | BackAct
  | ToDoAct
  | NotionsAct
  | NotedAct
  | WorkedAct
  | CutAct
  | SewingAct
  | FinishedAct
  | LookedAct
  | PlannedAct
  | ReplannedAct
  | BoughtAct
  | WashedAct
  | FabricToldAct
  | LeftAct
  | PatternBoughtAct
  | PatternToldAct
  | MeasuredAct;

/** A line that tells of a garment by what it is, where the ledger has several such: which of them is asked. */
export interface AskedAct {
  readonly is: 'which';
  readonly ways: readonly Way<OtherAct>[];
}

/** The act, where it is meant in one way; else a question. */
function oneOf(ways: AskedAct['ways']): OtherAct | AskedAct | undefined {
  const [only, ...more] = ways;
  return more.length === 0 ? only?.act : { is: 'which', ways };
}

/** Every way in which a line may be read, the surest first: the first that reads it has it. */
const WAYS: readonly ((line: HeardLine, tables: LineTables, options: ActOptions) => OtherAct | AskedAct | undefined)[] = [
  worn,
  wornBehind,
  replanned,
  patternTold,
  awayOf,
  mendedOf,
  becameOf,
  workedOf,
  altered,
  ofKnownFabric,
  patternBought,
  boughtIn,
  measured,
  saidFinished,
  begunOf,
  forNextTime,
  looked,
  planned,
  forAGarment,
  toldOf,
];

/** @param full the line as it is read whole, with a garment by its name */
function actOf(heardLine: Heard, full: string, tables: LineTables, options: ActOptions): OtherAct | AskedAct | undefined {
  let read: ReadMake | undefined;
  const line: HeardLine = {
    ...heardLine,
    whole: (answers) => (answers ? readMake(full, tables, { ...options, answers }) : (read ??= readMake(full, tables, options))),
  };
  for (const way of WAYS) {
    const act = way(line, tables, options);
    if (act) return act;
  }
  return undefined;
}

/** An act in each way in which it may be meant. */
const meantIn = (act: OtherAct | AskedAct, options: ActOptions): AskedAct['ways'] =>
  act.is === 'which' ? act.ways : act.is === 'washed' ? washedWith(act, options) : [{ called: '', act }];

/** What a line tells of a fabric of the stash that it names by some of its words. */
function fabricWays(line: Heard, tables: LineTables, options: ActOptions): AskedAct['ways'] {
  const known = fabricsMeant(line, tables).flatMap(({ name, called }) => {
    const named = { ...line, names: [...line.names, name] };
    const told = ofKnownFabric(named, tables, options);
    const ways = told ? meantIn(told, options) : fabricTold(named, tables, options);
    return ways.map((way) => ({ ...way, called: [called, way.called].filter(Boolean).join(', ') }));
  });
  return known.length > 0 ? known : boughtEither(line, tables, options);
}

/**
 * What a line tells where it is no make: that something was worn, mended or washed, or is worn no more, that fabric was bought, or a garment
 * wished for. It is known by how the line begins, and only where all that makes it such is said.
 *
 * @param text one line, as it was typed
 * @param tables the ledger as it is
 * @returns undefined where the line is a make, or nothing of these
 * @example readOther('wore the Tidewater shirt yesterday', tables, options) // { is: 'worn', makes: [its latest version], dates: [yesterday], times: 1 }
 * @example readOther('sold the Foreshore tee for 15', tables, options) // { is: 'ended', make, state: 'sold', why: 'for 15' }
 * @example readOther('patched the elbow of the Bollard overshirt, 40 min', tables, options) // { is: 'mended', make, mend: { what: 'patched the elbow', wore: 'elbow', minutes: 40 }, dates: [today] }
 * @example readOther('lent the Tidewater shirt to Pia', tables, options) // { is: 'away', make, why: 'lent', dates: [today], remark: 'to Pia' }
 * @example readOther('finished the coat', tables, options) // { is: 'finished', make: the one that lies on the table, … }
 * @example readOther('bought 3 m of navy linen, 150 wide', tables, options) // { is: 'bought', fabric, piece: { length: 300, width: 150 }, … }
 * @example readOther('prewashed the sand washed linen', tables, options) // { is: 'washed', fabrics: [that], dates: [today] }
 * @example readOther('the navy drill shrank 4 % lengthwise', tables, options) // { is: 'fabric told', fabric, facts: { fields: { shrinkAlong: 4 }, … }, … }
 * @example readOther('my measurements are bust 92, waist 74', tables, options) // { is: 'measured', person, measures: { bust: 92, waist: 74 }, … }
 * @example readOther('bought the Lapwing trousers pattern, 12 euros', tables, options) // { is: 'pattern bought', pattern: { name: 'Lapwing trousers', price, … } }
 * @example readOther('lost the Tidewater shirt pattern', tables, options) // { is: 'pattern told', pattern, words: 'lost' }
 * @example readOther('want to make the Fogbell coat in grey wool', tables, options) // { is: 'planned', pattern, words: 'in grey wool', … }
 */
export function readOther(text: string, tables: LineTables, options: ActOptions): OtherAct | AskedAct | undefined {
  // Of what, and that something was done with it, takes two words: a name that is looked for is tried against nothing.
  if (wordCount(text) < 2) return undefined;
  const line = heard(text, options.context);
  /** What is told of one of the garments that may be meant. */
  const toldOfOne = ({ name, inFull, owner }: Meant) => {
    const names = [...line.names.filter(({ from, to }) => to <= name.from || from >= name.to), name].sort((a, b) => a.from - b.from);
    return actOf({ ...line, names }, inFull, tables, owner ? { ...options, spoken: owner } : options);
  };
  const owned = ownedIn(line, tables.people);
  if (owned) return toldOfOne(owned);
  const act = actOf(line, text, tables, options);
  const isNew = act?.is === 'planned' && act.draft.newPattern !== undefined;
  const isNamed = line.names.some(isGarmentName);
  const whom = act?.is === 'planned' ? plannedEither(line, act, tables, options) : [];
  if (whom.length > 0) return { is: 'which', ways: whom };
  if (act && (isNamed || !isNew)) return oneOf(meantIn(act, options));
  const ofFabric: AskedAct['ways'] = act || isNamed ? [] : [...fabricTold(line, tables, options), ...moreOrLeft(line, tables, options)];
  if (ofFabric.length > 0) return oneOf(ofFabric);
  const spokenOf = isNamed ? ofItsFabric(line, tables) : meantBy(line, tables, options.spoken);
  const garments = spokenOf.flatMap((meant) => {
    const told = isNew ? planned(heard(meant.inFull, options.context), tables, options) : toldOfOne(meant);
    const isEmpty = (told?.is === 'worn' && told.makes.length === 0) || (told?.is === 'planned' && told.draft.newPattern !== undefined);
    if (!told || isEmpty) return [];
    return told.is === 'which'
      ? told.ways.map(({ called, act: way }) => ({ called: [meant.called, called].filter(Boolean).join(', '), act: way }))
      : [{ called: meant.called, act: told }];
  });
  const ways = garments.length > 0 || isNew || isNamed ? garments : fabricWays(line, tables, options);
  // "Again" is said of one that there is.
  if (isNew && !(ways.length === 1 && /\bagain\b/.test(line.low)))
    return ways.length === 0 ? act : { is: 'which', ways: [...ways, { called: 'a new pattern', act }] };
  return oneOf(ways);
}
