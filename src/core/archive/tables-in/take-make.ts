import { firstView } from '../../make/versions';
import { sizeLineWords } from '../../alteration/words';
import { formatDuration, parseDuration } from '../../units/duration';
import { formatLength } from '../../units/length';
import { blankMake, blankPattern, MAKE_KINDS, MAKE_STATES, type Pattern, Make } from '../../records';
import { CannotTake, choiceNamed, readLove, readSizeLine, readWhole } from './cells';
import { isFitless } from '../../records/usual-zones';
import { isWithoutFit, kindNamed, structureNamed } from '../../records/garment-named';
import type { Row } from './row';
import { dayWords, joined, THERE, type Taking } from './taking';

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
  const told = readMake(row, pattern);
  const sameCut = (m: Make) => m.personId === person.id && m.cutOn === told.cutOn;
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
    dayWords(told.finishedOn ?? told.cutOn),
    told.minutes !== undefined && formatDuration(told.minutes),
    told.love !== undefined && `${told.love} of 5`,
    told.worn !== undefined && `worn ${told.worn} ×`,
  );
}

function readMake(row: Row, pattern: Pattern | undefined) {
  const finishedOn = row.past('finishedOn');
  const cutOn = row.past('cutOn') ?? finishedOn;
  if (!cutOn) throw new CannotTake('no day says when it was cut or finished');
  if (finishedOn && finishedOn < cutOn) throw new CannotTake(`it was finished on ${finishedOn}, before it was cut on ${cutOn}`);
  const again = row.text('sewAgain');
  return {
    cutOn,
    finishedOn,
    kind: row.read('made', readMakeKind) ?? 'garment',
    state: row.read('state', readState),
    size: row.read('size', (text) => readSizeLine(text, pattern?.charts.flatMap((c) => c.sizes) ?? [])),
    fields: row.fields(Make.shape),
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
  const { cutOn, finishedOn, love, state, sewAgain } = told;
  const fabricIds = told.fabric?.split(';').map((c) => taking.fabric(c.trim()).id) ?? [];
  // What has no fit and no name that says what it is stays without a pattern, as its table has it.
  const nameless = told.kind === 'without fit' && !isWithoutFit(name);
  const pattern = known ?? (nameless ? undefined : addPattern(row, taking, name, told.fabric));
  const numbers = taking
    .makesOf(pattern?.id)
    .filter((m) => m.personId === personId)
    .map((m) => m.version);
  const version = told.version && !numbers.includes(told.version) ? told.version : 1 + Math.max(0, ...numbers);
  const again = row.text('sewAgain');
  const unsaid = again !== undefined && (love === undefined || !sewAgain) ? `Sew again: ${again}` : undefined;
  const remark = [row.text('remark'), row.text('fit') && `Fit: ${row.text('fit')}`, unsaid].filter(Boolean).join('\n');
  const changes = [
    ['Altered', row.text('altered')],
    ['Size elsewhere', row.text('sizeElsewhere')],
  ] as const;
  const make = taking.add('makes', {
    ...blankMake(newId(), personId, version, cutOn),
    state: state ?? 'finished',
    finishedOn: finishedOn ?? (state === undefined || state === 'finished' ? cutOn : undefined),
    kind: pattern && isFitless(pattern.kind) ? 'without fit' : told.kind,
    ...(pattern ? { sources: [{ patternId: pattern.id, viewId: firstView(pattern).id }] } : { name }),
    ...(told.size ? { size: told.size } : {}),
    ...told.fields,
    fabrics: fabricIds.map((fabricId, i) => ({
      id: newId(),
      fabricId,
      part: i === 0 ? ('main' as const) : ('contrast' as const),
      ...(i === 0 && told.used ? { length: told.used } : {}),
    })),
    notes: changes.flatMap(([what, words]) => (words ? [{ id: newId(), kind: 'different' as const, words: `${what}: ${words}` }] : [])),
    times: told.minutes === undefined ? [] : [{ id: newId(), phase: 'all' as const, minutes: told.minutes }],
    verdicts: love === undefined ? [] : [{ id: newId(), date: finishedOn ?? cutOn, wears: 0, love, reasons: [], ...(sewAgain ? { sewAgain } : {}) }],
    ...(remark ? { remark } : {}),
  });
  // A count without days is an estimate, spread from the day it was finished until now.
  if (told.worn) {
    const date = finishedOn ?? cutOn;
    taking.add('wears', { id: newId(), date, makeIds: [make.id], count: told.worn, ...(told.worn > 1 && date < today ? { until: today } : {}) });
  }
  return make;
}

function addPattern(row: Row, taking: Taking, name: string, fabric: string | undefined): Pattern {
  const { newId } = taking.into;
  const kind = row.read('kind', kindNamed) ?? kindNamed(name) ?? 'top';
  const designer = row.text('designer');
  return taking.add('patterns', {
    ...blankPattern(newId(), newId(), name, kind, fabric ? (structureNamed(fabric) ?? 'woven') : 'woven'),
    ...(designer ? { designer } : {}),
  });
}
