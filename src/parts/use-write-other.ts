import { useNavigate } from 'react-router';
import { washed, withLeft } from '../core/fabric/stash';
import { withFacts } from '../core/fabric/told';
import { notesOf, peopleWith, spokenOfWith, verdictsOf } from '../core/make/log-draft';
import { makeName } from '../core/make/make-name';
import { withMore } from '../core/make/minutes';
import { beingSewn, goneAway, inRotationAgain, leftToDo, looseEndDone, mendedOn } from '../core/make/one-touch';
import { planName } from '../core/make/plan-name';
import { STATES } from '../core/make/states';
import { planOfMake } from '../core/plan/plan-to-make';
import type { Fabric, Make, Pattern, Plan, Seen, Wear } from '../core/records';
import type { OtherAct } from '../core/shorthand/acts/read-other';
import { formatFabricLength } from '../core/units/length';
import { estimateOver } from '../core/wear/estimate';
import { seasonsOf } from '../core/wear/season';
import { wearCounts } from '../core/wear/wear-count';
import { enterFinished } from '../data/commands/enter-make';
import { takeTape } from '../data/commands/take-tape';
import { db } from '../data/database';
import { useCaseTables } from '../data/engine-tables';
import type { Write } from '../data/journal';
import { newId } from '../data/new-id';
import { useFabricUnit, useSettings, useUnit } from '../data/queries';
import { today } from '../data/today';
import { routes } from '../routes';
import { dayWords, endedWords } from './act-words';
import { planOfPattern } from './begin-plan';
import { toMachine } from './bench-acts';
import { planIsCut } from './plan-is-cut';
import { save } from './save';
import { useSpeakOf } from './use-speak-of';

type Act<Is extends OtherAct['is']> = Extract<OtherAct, { readonly is: Is }>;

/** A look as it is added to its make. How often that was worn by now, where nobody said, is as often as was noted. */
async function lookWrites({ make, look, seenSaid, verdict, notes, remark }: Act<'looked'>): Promise<readonly Write[]> {
  const noted = wearCounts(await db.wears.where('makeIds').equals(make.id).toArray()).get(make.id)?.times ?? 0;
  // What is not finished was tried on.
  const usual: Seen = STATES[make.state].unmade ? { at: 'tryOn' } : look.seen;
  const seen: Seen = seenSaid ? look.seen : noted > 0 ? { at: 'worn', wears: noted } : usual;
  const judged = verdictsOf(verdict, today(), seen.at === 'worn' ? seen.wears : 0, newId);
  const edit = (now: Make): Make => ({
    ...now,
    fitNotes: [...now.fitNotes, ...notesOf({ ...look, seen }, today(), newId)],
    verdicts: [...now.verdicts, ...judged],
    notes: [...now.notes, ...notes],
    ...withRemark(now, remark),
  });
  return [{ table: 'makes', id: make.id, edit }];
}

/** What is said further of a make stands behind what was. */
const withRemark = (now: Make, more: string | undefined): Pick<Make, 'remark'> =>
  more === undefined ? {} : { remark: [now.remark, more].filter(Boolean).join(' … ') };

const withNote = (now: Pattern, more: string | undefined): Pattern =>
  more === undefined ? now : { ...now, note: [now.note, more].filter(Boolean).join('; ') };

/**
 * Writes what a line tells that is no make, on the day that is chosen where it may be several.
 *
 * @param stays what is written is not gone to: a plan is opened else
 * @returns whether it was written
 */
export function useWriteOther({ stays = false } = {}): (act: OtherAct, date?: string) => Promise<boolean> {
  const navigate = useNavigate();
  const tables = useCaseTables();
  const speakOf = useSpeakOf();
  const unit = useUnit();
  const { hemisphere } = useSettings();
  const fabricUnit = useFabricUnit();
  const planOf = async ({ pattern, draft, cutSaid, toile, due, words }: Act<'planned'>) => {
    const asSaid = cutSaid || draft.newPattern !== undefined;
    const plan = asSaid ? planOfMake(draft.make, newId(), today()) : await planOfPattern(tables, pattern, draft.make.personId, unit);
    return {
      ...plan,
      ...(toile ? { kind: 'toile' as const } : {}),
      ...(due === undefined ? {} : { due }),
      fabrics: draft.make.fabrics,
      ...(words === undefined ? {} : { words }),
    };
  };
  return async (act, chosen) => {
    const date = chosen ?? ('dates' in act && act.dates.length === 1 ? act.dates[0] : undefined);
    switch (act.is) {
      case 'worn': {
        const { makes, times, occasion, remark, each, over, often } = act;
        const beside = { ...(occasion === undefined ? {} : { occasion }), ...(remark === undefined ? {} : { remark }) };
        const days = each ? act.dates : date === undefined ? [] : [date];
        if (days.length === 0 || makes.length === 0) return false;
        const wears = over
          ? makes.flatMap((make): Wear[] => {
              const how = often === undefined ? { times } : { often };
              const estimate = estimateOver(make, seasonsOf(make, tables.fabrics), how, over, hemisphere);
              return estimate ? [{ id: newId(), ...estimate, ...beside }] : [];
            })
          : days.map((day): Wear => ({ id: newId(), date: day, makeIds: makes.map((m) => m.id), count: times, ...beside }));
        const when = over ? `${dayWords(over.from)} to ${dayWords(over.until)}` : days.map(dayWords).join(' and ');
        const what = makes.map((make) => makeName(make, tables.patterns)).join(', ');
        return save(
          `worn: ${what}`,
          wears.map((put) => ({ table: 'wears', put }) as const),
          { done: `Worn ${often === undefined ? '' : `${often}, `}${when}: ${what}. Ctrl Z takes it back.` },
        );
      }
      case 'bought': {
        const { purchases } = act;
        const names = purchases.map(({ fabric }) => fabric.name).join(', ');
        const writes = purchases.map(({ fabric, piece, isNew }): Write =>
          isNew
            ? { table: 'fabrics', put: fabric }
            : { table: 'fabrics', id: fabric.id, edit: (now) => ({ ...now, pieces: [...now.pieces, ...(piece ? [piece] : [])] }) },
        );
        const lengths = purchases.map(({ fabric, piece }) =>
          piece ? `${formatFabricLength(piece.length, fabricUnit)} of ${fabric.name}` : fabric.name,
        );
        return save(`into the stash: ${names}`, writes, {
          done: `${lengths.join(' and ')} in the stash. Ctrl Z takes ${lengths.length === 1 ? 'it' : 'them'} out.`,
        });
      }
      case 'left': {
        const { fabric, length } = act;
        const said = length === 0 ? 'used up' : `${formatFabricLength(length, fabricUnit)} left`;
        return save(`${fabric.name}: ${said}`, [{ table: 'fabrics', id: fabric.id, edit: (now) => withLeft(now, length) }], {
          done: `${fabric.name}: ${said}. Ctrl Z takes it back.`,
        });
      }
      case 'washed': {
        if (date === undefined) return false;
        const names = act.fabrics.map(({ name }) => name).join(', ');
        const { facts } = act;
        const edit = (now: Fabric) => washed(facts ? withFacts(now, facts, { date, newId }) : now, date);
        const writes = act.fabrics.map(({ id }): Write => ({ table: 'fabrics', id, edit }));
        return save(`a wash: ${names}`, writes, { done: `Washed: ${names}. Ctrl Z takes it back.` });
      }
      case 'fabric told': {
        const { fabric, facts, date: told } = act;
        const edit = (now: Fabric) => withFacts(now, facts, { date: told, newId });
        return save(`what ${fabric.name} is like`, [{ table: 'fabrics', id: fabric.id, edit }], {
          done: `Noted with ${fabric.name}. Ctrl Z takes it back.`,
        });
      }
      case 'measured': {
        if (date === undefined) return false;
        const { person, isNew, measures } = act;
        const writes = async (): Promise<readonly Write[]> => [
          ...(isNew ? [{ table: 'people', put: person } as const] : []),
          ...(await takeTape(db, person.id, measures, date)),
        ];
        const written = await save(`measures of ${person.name}`, writes, {
          done: `The measures of ${person.name} are noted. Ctrl Z takes them back.`,
        });
        if (written && isNew) await speakOf(person);
        return written;
      }
      case 'pattern bought': {
        const { pattern, isNew, came, rest } = act;
        const write: Write = isNew
          ? { table: 'patterns', put: withNote({ ...pattern, ...came }, rest) }
          : { table: 'patterns', id: pattern.id, edit: (now) => withNote({ ...now, ...came }, rest) };
        return save(`the pattern ${pattern.name}`, [write], { done: `${pattern.name} is among the patterns. Ctrl Z takes it back.` });
      }
      case 'pattern told': {
        const { pattern, words } = act;
        return save(`the pattern ${pattern.name}: ${words}`, [{ table: 'patterns', id: pattern.id, edit: (now) => withNote(now, words) }], {
          done: `Noted with the pattern ${pattern.name}. Ctrl Z takes it back.`,
        });
      }
      case 'finished': {
        if (date === undefined) return false;
        const { make, draft } = act;
        const name = makeName(make, tables.patterns);
        const entered = { ...draft, make: { ...draft.make, finishedOn: date } };
        return save(`finished: ${name}`, () => enterFinished(db, make, entered), { done: `Finished: ${name}. Ctrl Z takes it back.` });
      }
      case 'cut': {
        if (date === undefined) return false;
        const { plan, remark } = act;
        return (await planIsCut(plan, planName(plan, tables.patterns), { day: date, remark })) !== undefined;
      }
      case 'sewing': {
        const { make, remark } = act;
        return toMachine(make, makeName(make, tables.patterns), (now) => ({ ...now, ...withRemark(now, remark) }));
      }
      case 'worked': {
        const { make, times, looseEnd, words } = act;
        const name = makeName(make, tables.patterns);
        const edit = (now: Make): Make => {
          const sewn = now.state === 'cut' ? beingSewn(now) : now;
          return {
            ...(looseEnd ? looseEndDone(sewn, looseEnd.id, today()) : sewn),
            times: times.reduce((sum, time) => withMore(sum, { id: newId(), ...time }), now.times),
            ...withRemark(now, words),
          };
        };
        return save(`work on ${name}`, [{ table: 'makes', id: make.id, edit }], { done: `Noted with ${name}. Ctrl Z takes it back.` });
      }
      case 'looked': {
        const name = makeName(act.make, tables.patterns);
        return save(`a look at ${name}`, () => lookWrites(act), { done: `Noted with ${name}. Ctrl Z takes it back.` });
      }
      case 'noted': {
        const { make, words } = act;
        const name = makeName(make, tables.patterns);
        const edit = (now: Make): Make => ({ ...now, ...withRemark(now, words) });
        return save(`${name}: its remark`, [{ table: 'makes', id: make.id, edit }], { done: `Noted with ${name}. Ctrl Z takes it back.` });
      }
      case 'to do':
      case 'notions': {
        const { make } = act;
        const name = makeName(make, tables.patterns);
        const edit = (now: Make): Make => (act.is === 'to do' ? leftToDo(now, act.looseEnd) : { ...now, notions: [...now.notions, act.notion] });
        const label = `${name}: ${act.is === 'to do' ? act.looseEnd.words : act.notion.what}`;
        return save(label, [{ table: 'makes', id: make.id, edit }], { done: `Noted with ${name}. Ctrl Z takes it back.` });
      }
      case 'ended': {
        const { make, state, since, why } = act;
        const name = makeName(make, tables.patterns);
        const edit = (now: Make): Make => ({
          ...now,
          state,
          ...(since === undefined ? {} : { stateSince: since }),
          ...(why === undefined ? {} : { why }),
        });
        return save(`${name}: ${state}`, [{ table: 'makes', id: make.id, edit }], { done: `${name}: ${endedWords(state)}. Ctrl Z takes it back.` });
      }
      case 'mended': {
        const { make, mend } = act;
        if (date === undefined) return false;
        const name = makeName(make, tables.patterns);
        const edit = (now: Make): Make => mendedOn(now, { id: newId(), date, ...mend });
        return save(`${name}: ${mend.what}`, [{ table: 'makes', id: make.id, edit }], {
          done: `${name}: ${mend.what}, ${dayWords(date)}. Ctrl Z takes it back.`,
        });
      }
      case 'away':
      case 'back': {
        const { make, remark } = act;
        if (date === undefined) return false;
        const name = makeName(make, tables.patterns);
        const what = act.is === 'away' ? act.why : 'back again';
        const edit = (now: Make): Make => ({
          ...(act.is === 'away' ? goneAway(now, { id: newId(), why: act.why, from: date }) : inRotationAgain(now, date)),
          ...withRemark(now, remark === undefined ? undefined : `${what} ${remark}`),
        });
        return save(`${name}: ${what}`, [{ table: 'makes', id: make.id, edit }], {
          done: `${name}: ${what} from ${dayWords(date)}. Ctrl Z takes it back.`,
        });
      }
      case 'replanned': {
        const { plan, due, words } = act;
        const name = planName(plan, tables.patterns);
        const edit = (now: Plan): Plan => ({
          ...now,
          ...(due === undefined ? { state: 'dropped' as const } : { due }),
          ...(words === undefined ? {} : { words: [now.words, words].filter(Boolean).join('; ') }),
        });
        const label = due === undefined ? `plan dropped: ${name}` : `plan: ${name}`;
        const done = due === undefined ? `${name} is planned no more.` : `${name} is wanted by ${dayWords(due)}.`;
        return save(label, [{ table: 'plans', id: plan.id, edit }], { done: `${done} Ctrl Z takes it back.` });
      }
      case 'planned': {
        const { newPattern } = act.draft;
        const plan = await planOf(act);
        const written = await save(
          `plan: ${act.pattern.name}`,
          [
            ...peopleWith(act.draft).map((put) => ({ table: 'people', put }) as const),
            ...(newPattern ? [{ table: 'patterns', put: newPattern } as const] : []),
            { table: 'plans', put: plan },
          ],
          stays ? { done: `Planned: ${act.pattern.name}. Ctrl Z takes it back.` } : {},
        );
        if (!written) return false;
        await speakOf(spokenOfWith(act.draft));
        if (!stays) void navigate(routes.plan(plan.id));
        return written;
      }
    }
  };
}
