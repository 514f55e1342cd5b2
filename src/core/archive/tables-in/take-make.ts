import { mainUse } from '../../make/main-fabric';
import { isUndated, makeDayWords, writtenDay } from '../../make/its-day';
import { lessKnown } from '../../make/known-to';
import { lessonSubjects } from '../../make/lesson-subjects';
import { firstView } from '../../make/versions';
import { sizeLineWords } from '../../alteration/words';
import { formatDuration, parseDuration } from '../../units/duration';
import type { IsoDate } from '../../units/date';
import { formatLength } from '../../units/length';
import {
  blankMake,
  blankPattern,
  MAKE_KINDS,
  MAKE_STATES,
  Make,
  type ConstructionNote,
  type Fabric,
  type FabricUse,
  type NoteSubject,
  type Pattern,
} from '../../records';
import { linesOfCell, partsOfCell, readChosenCell, readLessonCell, readUseCell } from '../many-in-a-cell';
import { CannotTake, choiceNamed, readLove, readSizeLine, readWhole } from './cells';
import { isFitless } from '../../records/usual-zones';
import { kindNamed } from '../../records/garment-named';
import type { Row } from './row';
import { wornUpTo } from '../../wear/worn-up-to';
import { joined, sameName, THERE, type Taking } from './taking';

const SEW_AGAIN = ['as is', 'with changes', 'other fabric', 'later', 'no'] as const;

/** A garment as a row tells it. */
type ToldMake = ReturnType<typeof readMake>;

/** A garment of one row, with the pattern and the fabric it names where they are not there yet. */
export function takeMake(row: Row, taking: Taking) {
  const called = row.text('name');
  if (called === undefined) throw new CannotTake('it has no name');
  // Our own tables call a make by its pattern and its version.
  const name = called.replace(/,? (version|v\.?) ?\d+$/i, '').trim();
  const person = taking.person(row.text('person'));
  const [pattern] = taking.patternsCalled(name);
  const told = readMake(row, pattern, taking.into.today);
  const sameCut = (m: Make) => m.personId === person.id && (told.undated ? isUndated(m) : writtenDay(m, m.cutOn) === writtenDay(told, told.cutOn));
  const again =
    (pattern && taking.makesOf(pattern.id).some((m) => sameCut(m) && m.size?.size === told.size?.size)) ||
    taking.makesCalled(name).some((m) => sameCut(m) && m.sources.length === 0);
  if (again) return THERE;
  // Nothing was added before all of the row was understood.
  const make = addMake(row, taking, name, person.id, pattern, told);
  return joined(
    make.sources.length > 0 ? `${name}, version ${make.version}` : name,
    told.size && `size ${sizeLineWords(told.size)}`,
    told.fabric && `${told.used ? `${formatLength(told.used, taking.into.unit)} of ` : ''}${told.fabric}`,
    told.undated ? 'day not known' : makeDayWords(told, told.finishedOn ?? told.cutOn, 'd MMM yyyy'),
    told.minutes !== undefined && formatDuration(told.minutes),
    told.love !== undefined && `${told.love} of 5`,
    told.worn !== undefined && told.worn > 0 && `worn ${told.worn} ×`,
  );
}

function readMake(row: Row, pattern: Pattern | undefined, today: IsoDate) {
  const done = row.pastAsKnown('finishedOn', 'year');
  const begun = row.pastAsKnown('cutOn') ?? done;
  const finishedOn = done?.date;
  const said = begun?.date;
  const cutOn = said ?? today;
  // Both days are known as far as the one of which less is.
  const knownTo = lessKnown(begun?.knownTo, done?.knownTo);
  const { undated = said === undefined, ...fields } = row.fields(Make.shape);
  if (finishedOn && !knownTo && finishedOn < cutOn) throw new CannotTake(`it was finished on ${finishedOn}, before it was cut on ${cutOn}`);
  const again = row.text('sewAgain');
  const chosen = row.read('chosen', (text) => {
    const read = readChosenCell(text);
    if (!read) throw new CannotTake(`“${text}” is not choices such as “sleeve long; length mid”`);
    return read;
  });
  return {
    chosen,
    wasPaid: row.money('wasPaid'),
    cutOn: finishedOn && finishedOn < cutOn ? finishedOn : cutOn,
    finishedOn,
    knownTo,
    // No day says when it was cut or finished.
    undated: undated && finishedOn === undefined,
    kind: row.read('made', readMakeKind) ?? 'garment',
    state: row.read('state', readState),
    size: row.read('size', (text) => readSizeLine(text, pattern?.charts.flatMap((c) => c.sizes) ?? [])),
    fields,
    version: row.read('version', (text) => readWhole(text.replace(/^v(ersion)?\.?\s*/i, ''), 1000)),
    fabric: row.text('fabric'),
    used: row.length('fabricUsed'),
    love: row.read('love', readLove),
    minutes: row.read('minutes', (text) => readMinutes(text, row.head('minutes'))),
    worn: row.read('worn', (text) => readWhole(text, 1000)),
    sewAgain: again === undefined ? undefined : (choiceNamed(again, SEW_AGAIN) ?? (/^y(es)?$/i.test(again) ? ('as is' as const) : undefined)),
  };
}

function readMakeKind(text: string): Make['kind'] {
  if (/toile|muslin|mock ?-?up/i.test(text)) return /wearable/i.test(text) ? 'wearable toile' : 'toile';
  const kind = choiceNamed(text, MAKE_KINDS);
  if (!kind) throw new CannotTake(`“${text}” is none of ${MAKE_KINDS.join(', ')}`);
  return kind;
}

function readState(text: string): Make['state'] {
  if (/^(done|complete)/i.test(text)) return 'finished';
  if (/^(wip|in progress|started)/i.test(text)) return 'sewing';
  const state = choiceNamed(text, MAKE_STATES);
  if (!state) throw new CannotTake(`“${text}” is none of ${MAKE_STATES.join(', ')}`);
  return state;
}

/** Minutes; a bare number is what its heading says. */
function readMinutes(text: string, head: string): number {
  const unit = /\bh(ou)?rs?\b|\bh\b/i.test(head) ? ' h' : /\bmin/i.test(head) ? ' min' : '';
  const read = parseDuration(/^[\d.,]+$/.test(text) ? `${text}${unit}` : text);
  if (!read.ok) throw new CannotTake(read.problem.replace(/\.$/, ''));
  return read.minutes;
}

function addMake(row: Row, taking: Taking, name: string, personId: string, known: Pattern | undefined, told: ToldMake): Make {
  const { newId, today } = taking.into;
  const { cutOn, finishedOn, knownTo, undated, love, state, sewAgain } = told;
  const fabrics = usesTold(told, taking);
  // What has no fit, or was made over, and is called by no version has no pattern: so our own tables call it.
  const numbered = name !== row.text('name');
  const nameless = (told.kind === 'without fit' || told.kind === 'refashion') && !numbered;
  const pattern = known ?? (nameless ? undefined : addPattern(row, taking, name, taking.fabricOf(mainUse({ fabrics })?.fabricId)));
  const garment = pattern ? undefined : (row.read('kind', kindNamed) ?? kindNamed(name));
  const numbers = taking
    .makesOf(pattern?.id)
    .filter((m) => m.personId === personId)
    .map((m) => m.version);
  const version = told.version && !numbers.includes(told.version) ? told.version : 1 + Math.max(0, ...numbers);
  const again = row.text('sewAgain');
  const unsaid = again !== undefined && (love === undefined || !sewAgain) ? `Sew again: ${again}` : undefined;
  const view = row.text('view');
  const [viewed] = pattern && view !== undefined ? pattern.views.filter((v) => sameName(v.name, view)) : [];
  const from = row.text('madeOver');
  const [madeOver] = from === undefined ? [] : taking.makesCalled(from);
  const was = row.text('was');
  const bought = was === undefined ? undefined : { what: was, ...sized(row.text('label')), ...(told.wasPaid ? { price: told.wasPaid } : {}) };
  const remark = [
    row.text('remark'),
    row.text('fit') && `Fit: ${row.text('fit')}`,
    unsaid,
    // What the ledger has no place for yet stays in its own words.
    view !== undefined && !viewed && `View: ${view}`,
    from !== undefined && !madeOver && `Made over from: ${from}`,
    !bought && row.text('label') && `Size on its label: ${row.text('label')}`,
  ]
    .filter(Boolean)
    .join('\n');
  const set = row.text('set');
  const make = taking.add('makes', {
    ...blankMake(newId(), personId, version, cutOn),
    state: state ?? 'finished',
    ...(undated
      ? { undated, finishedOn: undefined }
      : { finishedOn: finishedOn ?? (state === undefined || state === 'finished' ? cutOn : undefined) }),
    ...(knownTo ? { knownTo } : {}),
    kind: pattern && isFitless(pattern.kind) ? 'without fit' : told.kind,
    ...(pattern
      ? { sources: [{ patternId: pattern.id, viewId: (viewed ?? firstView(pattern)).id }, ...taking.partsOf(row.text('joined') ?? '')] }
      : { name, ...(garment ? { garment } : {}) }),
    ...(told.chosen ? { chosen: told.chosen } : {}),
    ...(bought ? { bought } : {}),
    ...(madeOver ? { refashionOf: madeOver.id } : {}),
    ...(set === undefined ? {} : { setId: taking.set(set).id }),
    ...(told.size ? { size: told.size } : {}),
    ...told.fields,
    fabrics,
    notes: notesTold(row, fabrics, taking),
    times: told.minutes === undefined ? [] : [{ id: newId(), phase: 'all' as const, minutes: told.minutes }],
    verdicts:
      love === undefined
        ? []
        : [{ id: newId(), date: knownTo ? today : (finishedOn ?? cutOn), wears: 0, love, reasons: [], ...(sewAgain ? { sewAgain } : {}) }],
    ...(remark ? { remark } : {}),
  });
  // A count without days is an estimate, spread from the day it was finished until now.
  if (told.worn) {
    taking.add('wears', { id: newId(), ...wornUpTo(make, today), makeIds: [make.id], count: told.worn });
  }
  return make;
}

/** Its fabrics, the length being that of the main one. */
function usesTold({ fabric, used }: ToldMake, taking: Taking): FabricUse[] {
  const uses = partsOfCell(fabric ?? '').map(readUseCell);
  const main = Math.max(
    0,
    uses.findIndex((u) => u.part === 'main'),
  );
  return uses.map(({ name, ...use }, i) => ({
    id: taking.into.newId(),
    fabricId: taking.fabric(name).id,
    ...use,
    ...(i === main && used ? { length: used } : {}),
  }));
}

/** What was done otherwise, what is meant for the next, and what it taught. */
function notesTold(row: Row, fabrics: readonly FabricUse[], taking: Taking): ConstructionNote[] {
  const { newId } = taking.into;
  const different = [
    ['Altered', row.text('altered')],
    ['Size elsewhere', row.text('sizeElsewhere')],
  ] as const;
  return [
    ...different.flatMap(([what, words]) => (words ? [{ id: newId(), kind: 'different' as const, words: `${what}: ${words}` }] : [])),
    ...linesOfCell(row.text('next') ?? '').map((words) => ({ id: newId(), kind: 'next time' as const, words })),
    ...linesOfCell(row.text('lessons') ?? '').map((line) => lessonOf(line, fabrics, taking)),
  ];
}

const sized = (size: string | undefined) => (size === undefined ? {} : { size });

/** A lesson as one line tells it, about what it names behind it. */
function lessonOf(line: string, fabrics: readonly FabricUse[], taking: Taking): ConstructionNote {
  const { words, about } = readLessonCell(line);
  const subjects = about.flatMap((named): NoteSubject[] => {
    if (sameName(named, 'this pattern')) return [{ of: 'pattern' }];
    const like = /^fabrics? like (.+)$/i.exec(named)?.[1];
    if (like !== undefined) return [{ of: 'fabrics like it', fabricId: taking.fabric(like).id }];
    const fabric = taking.fabricCalled(named);
    return fabric ? [{ of: 'fabric', fabricId: fabric.id }] : [{ of: 'technique', name: named }];
  });
  return {
    id: taking.into.newId(),
    kind: 'tip',
    words,
    about: subjects.length > 0 ? subjects : lessonSubjects('', words, { fabrics: [...fabrics] }, []),
  };
}

function addPattern(row: Row, taking: Taking, name: string, fabric: Fabric | undefined): Pattern {
  const { newId } = taking.into;
  const kind = row.read('kind', kindNamed) ?? kindNamed(name) ?? 'top';
  const designer = row.text('designer');
  const blank = blankPattern(newId(), newId(), name, kind, fabric?.structure ?? 'woven');
  const view = row.text('view');
  return taking.add('patterns', {
    ...blank,
    ...(view === undefined ? {} : { views: [{ ...firstView(blank), name: view }] }),
    ...(designer ? { designer } : {}),
  });
}
