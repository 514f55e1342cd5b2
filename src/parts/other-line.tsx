import { format, parseISO } from 'date-fns';
import { useNavigate } from 'react-router';
import { BODY_MEASURES } from '../core/body/zones';
import { washed, withLeft } from '../core/fabric/stash';
import { makeName } from '../core/make/make-name';
import { withMore } from '../core/make/minutes';
import { beingSewn, looseEndDone } from '../core/make/one-touch';
import { STATES } from '../core/make/states';
import { planName } from '../core/make/plan-name';
import { planOfMake } from '../core/plan/plan-to-make';
import { chipWords } from '../core/shorthand/chip-words';
import type { Purchase } from '../core/shorthand/of-fabric';
import type { OtherAct } from '../core/shorthand/other-act';
import type { LineContext } from '../core/shorthand/sentence';
import { notesOf, verdictsOf } from '../core/make/log-draft';
import type { Make, Pattern, Seen } from '../core/records';
import { wearCounts } from '../core/wear/wear-count';
import { enterFinished } from '../data/commands/enter-make';
import { takeTape } from '../data/commands/take-tape';
import { db } from '../data/database';
import { counted } from '../core/units/counted';
import { firstOf } from '../core/units/item-at';
import { formatFabricLength, formatLength, type FabricUnit, type LengthUnit } from '../core/units/length';
import { formatMoney } from '../core/units/money';
import { useCaseTables } from '../data/engine-tables';
import type { Write } from '../data/journal';
import { keysOf } from '../core/units/keys';
import { newId } from '../data/new-id';
import { useFabricUnit, usePatterns, useUnit } from '../data/queries';
import { today } from '../data/today';
import { toMachine } from './bench-acts';
import { planOfPattern } from './begin-plan';
import { doubtWords } from './doubt-line';
import { planIsCut } from './plan-is-cut';
import { save } from './save';
import { useSpeakOf } from './use-speak-of';
import { useLineContext } from './use-line-context';
import { routes } from '../routes';
import { Button } from '../ui/button';
import { KeyCap } from '../ui/key-cap';

type Act<Is extends OtherAct['is']> = Extract<OtherAct, { readonly is: Is }>;

/** What became of a garment. */
const endedWords = (state: Make['state']) => (state === 'given' ? 'given away' : state);

const NO_DAY = 'Which day that was is not plain: write it as 3 May, yesterday or last Monday.';

const dayWords = (date: string) => (date === today() ? 'today' : format(parseISO(date), 'EEEE, d MMMM yyyy'));

/** What will be written, in words: what of, what about it, and what was not said. */
function told(act: OtherAct, patterns: readonly Pattern[], context: LineContext, unit: LengthUnit, fabricUnit: FabricUnit) {
  switch (act.is) {
    case 'worn': {
      const { makes, times, occasion, remark, dates, each } = act;
      return {
        head: makes.map((make) => makeName(make, patterns)).join(' · ') || 'Worn',
        about:
          makes.length === 0
            ? []
            : [
                times > 1 ? `worn about ${times} times` : 'worn',
                (each || dates.length === 1) && dates.map(dayWords).join(' and '),
                occasion,
                remark && `“${remark}”`,
              ],
        unsaid: makes.length === 0 ? 'No finished garment of this pattern is in the ledger yet.' : dates.length === 0 && NO_DAY,
        way: 'Note the wear',
      };
    }
    case 'bought': {
      const { purchases } = act;
      const [taken] = purchases.filter(({ widthTaken }) => widthTaken);
      const says = ({ fabric, piece, isNew, widthTaken }: Purchase) => [
        `${formatFabricLength(piece.length, fabricUnit)} ${isNew ? 'into the stash' : 'more in the stash'}`,
        !widthTaken && `${formatLength(piece.width, unit)} wide`,
        isNew && fabric.pricePerMetre && `${formatMoney(fabric.pricePerMetre)} a ${fabric.pricedBy ?? 'metre'}`,
        isNew && fabric.source !== undefined && `from ${fabric.source}`,
        piece.note && `“${piece.note}”`,
      ];
      return {
        head: purchases.length === 1 ? firstOf(purchases).fabric.name : counted(purchases.length, 'fabric'),
        about:
          purchases.length === 1
            ? purchases.flatMap(says)
            : purchases.map((purchase) => `${purchase.fabric.name}: ${says(purchase).filter(Boolean).join(', ')}`),
        unsaid: taken !== undefined && `How wide it lies was not said: it is taken for ${formatLength(taken.piece.width, unit)}.`,
        way: 'Put it into the stash',
      };
    }
    case 'left': {
      const { fabric, length, rest } = act;
      const was = fabric.pieces.map((piece) => formatFabricLength(piece.length, fabricUnit)).join(' and ');
      return {
        head: fabric.name,
        about: [length === 0 ? 'used up' : `${formatFabricLength(length, fabricUnit)} left, in one piece`, was !== '' && `the stash has ${was}`],
        unsaid: rest !== undefined && `Not kept: “${rest}”.`,
        way: length === 0 ? 'Take it out of the stash' : 'Note what is left',
      };
    }
    case 'washed': {
      const { fabrics, dates, rest } = act;
      return {
        head: fabrics.map(({ name }) => name).join(' · '),
        about: ['washed', dates.length === 1 && dayWords(firstOf(dates))],
        unsaid: dates.length === 0 ? NO_DAY : rest !== undefined && `Not kept: “${rest}”.`,
        way: 'Note the wash',
      };
    }
    case 'measured': {
      const { person, measures, doubts, otherUnit, dates } = act;
      const say = (cm: number) => formatLength(cm, unit, { about: true });
      const asked = doubts.map((doubt) => `${BODY_MEASURES[doubt.measure]}: ${doubtWords(doubt, say)}`).join(' ');
      return {
        head: `Measures of ${person.name}`,
        about: [
          ...keysOf(measures).map((measure) => `${BODY_MEASURES[measure]} ${say(measures[measure] ?? 0)}`),
          otherUnit && `taken for ${unit === 'cm' ? 'inches' : 'centimetres'}`,
          dates.length === 1 && dayWords(firstOf(dates)),
        ],
        unsaid: dates.length === 0 ? NO_DAY : asked !== '' && asked,
        way: 'Note the measures',
      };
    }
    case 'pattern bought': {
      const { name, designer } = act.pattern;
      const { price, obtained } = act.came;
      return {
        head: name,
        about: [act.isNew ? 'a new pattern' : 'a pattern that is there', designer, price && formatMoney(price), obtained],
        unsaid: act.rest !== undefined && `Not kept: “${act.rest}”.`,
        way: act.isNew ? 'Enter the pattern' : 'Note it',
      };
    }
    case 'finished': {
      const { make, said, dates } = act;
      const words = said.map((fact) => {
        const { kind, says } = chipWords(fact, context, unit);
        return fact.is === 'words' ? `“${says}”` : fact.is === 'fit' ? says : `${kind} ${says}`;
      });
      return {
        head: makeName(make, patterns),
        about: ['finished', dates.length === 1 && dayWords(firstOf(dates)), ...words],
        unsaid: dates.length === 0 && NO_DAY,
        way: 'Finish it',
      };
    }
    case 'cut': {
      const { plan, dates, remark } = act;
      return {
        head: planName(plan, patterns),
        about: ['cut as planned', dates.length === 1 && dayWords(firstOf(dates)), remark && `“${remark}”`],
        unsaid: dates.length === 0 && NO_DAY,
        way: 'Mark as cut',
      };
    }
    case 'sewing': {
      const { make, remark } = act;
      return { head: makeName(make, patterns), about: ['being sewn', remark && `“${remark}”`], unsaid: false, way: 'Note it' };
    }
    case 'worked': {
      const { make, times, looseEnd, words } = act;
      const about = [
        ...times.map(({ phase, minutes }) => chipWords({ is: 'time', phase, minutes }, context, unit).says),
        looseEnd && `loose end done: ${looseEnd.words}`,
        make.state === 'cut' && 'being sewn',
        `“${words}”`,
      ];
      return { head: makeName(make, patterns), about, unsaid: false, way: 'Note it' };
    }
    case 'looked': {
      const { make, look, verdict, notes, remark } = act;
      const about = [
        'a look at it',
        look.said.map((note) => chipWords({ is: 'fit', notes: [note] }, context, unit).says).join(', '),
        verdict.love !== undefined && `love ${verdict.love} of 5`,
        ...notes.map(({ kind, words }) => (words.startsWith(kind) ? words : `${kind}: ${words}`)),
        remark && `“${remark}”`,
      ];
      return { head: makeName(make, patterns), about, unsaid: false, way: `Note it with version ${make.version}` };
    }
    case 'noted':
      return { head: makeName(act.make, patterns), about: ['into its remark', `“${act.words}”`], unsaid: false, way: 'Note it' };
    case 'ended': {
      const { make, state, since, why } = act;
      return {
        head: makeName(make, patterns),
        about: [endedWords(state), since && dayWords(since), why && `“${why}”`],
        unsaid: false,
        way: 'Note it',
      };
    }
    case 'planned': {
      const { pattern, draft, cutSaid, toile, due, words } = act;
      const cut = cutSaid ? 'cut as the line says' : draft.newPattern ? 'a new pattern' : 'cut as what was learned says';
      return {
        head: pattern.name,
        about: [toile ? 'a plan of a toile' : 'a plan', due && `wanted by ${dayWords(due)}`, cut, words && `“${words}”`],
        unsaid: false,
        way: 'Plan it',
      };
    }
  }
}

/**
 * What a line tells that is no make, as it will be written, and the ways to write it.
 *
 * @param onMake in the field on the strip, where keys write it too: says that it is a make after all
 */
export function OtherLine({ act, onWrite, onMake }: { act: OtherAct; onWrite: (date?: string) => void; onMake?: () => void }) {
  const { head, about, unsaid, way } = told(act, usePatterns(), useLineContext(), useUnit(), useFabricUnit());
  const asked = 'dates' in act && !('each' in act) ? act.dates : undefined;
  const days = act.is === 'worn' && act.makes.length === 0 ? [] : asked?.length === 1 ? undefined : asked;
  return (
    <>
      <p className="mb-1">
        <b className="font-serif text-name font-medium">{head}</b> <span className="text-ink2">{about.filter(Boolean).join(' · ')}</span>
      </p>
      {unsaid !== false && <p className="text-small text-ink2">{unsaid}</p>}
      <div className="mt-3 flex flex-wrap items-center gap-2">
        {days?.map((date) => (
          <Button key={date} onClick={() => onWrite(date)}>
            {way}: {dayWords(date)}
          </Button>
        )) ?? (
          <Button onClick={() => onWrite()}>
            {way} {onMake && <KeyCap>Ctrl Enter</KeyCap>}
          </Button>
        )}
        {onMake && (
          <Button quiet onClick={onMake}>
            {act.is === 'finished' || act.is === 'cut' || act.is === 'sewing' || act.is === 'worked' ? 'It is another make' : 'It is a make'}
          </Button>
        )}
      </div>
    </>
  );
}

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
        const { makes, times, occasion, remark, each } = act;
        const days = each ? act.dates : date === undefined ? [] : [date];
        if (days.length === 0 || makes.length === 0) return false;
        const wears = days.map((day) => ({
          id: newId(),
          date: day,
          makeIds: makes.map((m) => m.id),
          count: times,
          ...(occasion === undefined ? {} : { occasion }),
          ...(remark === undefined ? {} : { remark }),
        }));
        const what = makes.map((make) => makeName(make, tables.patterns)).join(', ');
        return save(
          `worn: ${what}`,
          wears.map((put) => ({ table: 'wears', put }) as const),
          { done: `Worn ${days.map(dayWords).join(' and ')}: ${what}. Ctrl Z takes it back.` },
        );
      }
      case 'bought': {
        const { purchases } = act;
        const names = purchases.map(({ fabric }) => fabric.name).join(', ');
        const writes = purchases.map(({ fabric, piece, isNew }): Write =>
          isNew
            ? { table: 'fabrics', put: fabric }
            : { table: 'fabrics', id: fabric.id, edit: (now) => ({ ...now, pieces: [...now.pieces, piece] }) },
        );
        const lengths = purchases.map(({ fabric, piece }) => `${formatFabricLength(piece.length, fabricUnit)} of ${fabric.name}`);
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
        const writes = act.fabrics.map(({ id }): Write => ({ table: 'fabrics', id, edit: (now) => washed(now, date) }));
        return save(`a wash: ${names}`, writes, { done: `Washed: ${names}. Ctrl Z takes it back.` });
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
        const { pattern, isNew, came } = act;
        const write: Write = isNew
          ? { table: 'patterns', put: { ...pattern, ...came } }
          : { table: 'patterns', id: pattern.id, edit: (now) => ({ ...now, ...came }) };
        return save(`the pattern ${pattern.name}`, [write], { done: `${pattern.name} is among the patterns. Ctrl Z takes it back.` });
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
      case 'planned': {
        const { newPerson, newPattern } = act.draft;
        const plan = await planOf(act);
        const written = await save(
          `plan: ${act.pattern.name}`,
          [
            ...(newPerson ? [{ table: 'people', put: newPerson } as const] : []),
            ...(newPattern ? [{ table: 'patterns', put: newPattern } as const] : []),
            { table: 'plans', put: plan },
          ],
          stays ? { done: `Planned: ${act.pattern.name}. Ctrl Z takes it back.` } : {},
        );
        if (!written) return false;
        await speakOf(newPerson);
        if (!stays) void navigate(routes.plan(plan.id));
        return written;
      }
    }
  };
}
