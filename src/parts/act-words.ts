import { USUAL_WIDTH } from '../core/fabric/usual-width';
import { format, parseISO } from 'date-fns';
import { BODY_MEASURES } from '../core/body/zones';
import { makeName } from '../core/make/make-name';
import { planName } from '../core/make/plan-name';
import { testResult } from '../core/fabric/stash';
import { TOLD_FIELDS, type FabricFacts, type FabricTold } from '../core/fabric/told';
import { Fabric, type Make, type Pattern } from '../core/records';
import { calledField, fieldWords } from '../core/records/fields';
import type { Purchase } from '../core/shorthand/acts/fabric-bought';
import type { OtherAct } from '../core/shorthand/acts/read-other';
import { chipWords } from '../core/shorthand/chip-words';
import type { LineContext } from '../core/shorthand/sentence';
import { withId } from '../core/units/by-id';
import { counted } from '../core/units/counted';
import { firstOf } from '../core/units/item-at';
import { keysOf } from '../core/units/keys';
import { formatFabricLength, formatLength, type FabricUnit, type LengthUnit } from '../core/units/length';
import { formatDuration } from '../core/units/duration';
import { formatMoney } from '../core/units/money';
import { today } from '../data/today';
import { doubtWords } from './doubt-line';

/** What became of a garment. */
export const endedWords = (state: Make['state']) => (state === 'given' ? 'given away' : state);

const NO_DAY = 'Which day that was is not plain: write it as 3 May, yesterday or last Monday.';

/** A day, or that it is today. */
export const dayWords = (date: string) => (date === today() ? 'today' : format(parseISO(date), 'EEEE, d MMMM yyyy'));

/** How a field of a fabric is said, where its name before what it holds is not. */
const SAID_AS: Partial<Record<keyof FabricTold, (words: string) => string>> = {
  fibre: (words) => words,
  weight: (words) => words,
  weightClass: (words) => `${words} weight`,
  width: (words) => `${words} wide`,
  care: (words) => words,
  pricePerMetre: (words) => words,
  source: (words) => `from ${words}`,
  nap: (words) => (words === 'yes' ? 'with a nap or one-way print' : 'without a nap'),
  irreplaceable: () => 'cannot be had again',
};

/** What was told of a fabric, with what stood there before where that was something else. */
function factWords(fabric: FabricTold, { fields, tests, behaves }: FabricFacts, unit: LengthUnit): string[] {
  const told = TOLD_FIELDS.flatMap((name) => {
    const meta = Fabric.shape[name].meta();
    const say = (of: FabricTold) => (name === 'pricePerMetre' ? priceWords(of) : name === 'pricedBy' ? undefined : fieldWords(meta, of[name], unit));
    const [said, before] = [say(fields), say(fabric)];
    if (said === undefined) return [];
    const is = SAID_AS[name]?.(said) ?? `${calledField(Fabric.shape, name)} ${said}`;
    return [before === undefined || before === said ? is : `${is}, till now ${before}`];
  });
  return [...told, ...tests.map((test) => `${test.of} ${testResult(test)} %`), ...behaves.map((words) => `“${words}”`)];
}

const priceWords = ({ pricePerMetre, pricedBy = 'metre' }: FabricTold) => pricePerMetre && `${formatMoney(pricePerMetre)} a ${pricedBy}`;

/** What will be written, in words: what of, what about it, and what was not said. */
export function actWords(act: OtherAct, patterns: readonly Pattern[], context: LineContext, unit: LengthUnit, fabricUnit: FabricUnit) {
  switch (act.is) {
    case 'worn': {
      const { makes, times, occasion, remark, dates, each, over, often } = act;
      return {
        head: makes.map((make) => makeName(make, patterns)).join(' · ') || 'Worn',
        about:
          makes.length === 0
            ? []
            : [
                often !== undefined ? `worn ${often}` : times > 1 ? `worn about ${times} times` : 'worn',
                over ? `${dayWords(over.from)} to ${dayWords(over.until)}` : (each || dates.length === 1) && dates.map(dayWords).join(' and '),
                occasion,
                remark && `“${remark}”`,
              ],
        unsaid: makes.length === 0 ? 'No finished garment of this pattern is in the ledger yet.' : dates.length === 0 && NO_DAY,
        way: 'Note the wear',
      };
    }
    case 'bought': {
      const { purchases } = act;
      const says = ({ fabric, piece, isNew }: Purchase) => [
        `${piece ? `${formatFabricLength(piece.length, fabricUnit)} ` : ''}${isNew ? 'into the stash' : 'more in the stash'}`,
        piece?.width !== undefined && `${formatLength(piece.width, unit)} wide`,
        ...(isNew ? factWords({}, { fields: { ...fabric, width: undefined }, tests: [], behaves: [fabric.behaviour ?? []].flat() }, unit) : []),
        piece?.note && `“${piece.note}”`,
      ];
      return {
        head: purchases.length === 1 ? firstOf(purchases).fabric.name : counted(purchases.length, 'fabric'),
        about:
          purchases.length === 1
            ? purchases.flatMap(says)
            : purchases.map((purchase) => `${purchase.fabric.name}: ${says(purchase).filter(Boolean).join(', ')}`),
        unsaid: purchases.some(({ piece }) => !piece)
          ? 'How much of it there is was not said: no piece of it is noted.'
          : purchases.some(({ piece }) => piece?.width === undefined) &&
            `How wide it lies was not said: until it is, it is reckoned with ${formatLength(USUAL_WIDTH, unit)}.`,
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
      const { fabrics, dates, facts, rest } = act;
      return {
        head: fabrics.map(({ name }) => name).join(' · '),
        about: ['washed', dates.length === 1 && dayWords(firstOf(dates)), ...(facts ? factWords(firstOf(fabrics), facts, unit) : [])],
        unsaid: dates.length === 0 ? NO_DAY : rest !== undefined && `Not kept: “${rest}”.`,
        way: 'Note the wash',
      };
    }
    case 'fabric told':
      return { head: act.fabric.name, about: factWords(act.fabric, act.facts, unit), unsaid: false, way: 'Note it with the fabric' };
    case 'measured': {
      const { person, isNew, measures, doubts, otherUnit, dates } = act;
      const say = (cm: number) => formatLength(cm, unit, { about: true });
      const asked = doubts.map((doubt) => `${BODY_MEASURES[doubt.measure]}: ${doubtWords(doubt, say)}`).join(' ');
      return {
        head: `Measures of ${person.name}`,
        about: [
          isNew && 'a new person',
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
        about: [
          act.isNew ? 'a new pattern' : 'a pattern that is there',
          designer,
          price && formatMoney(price),
          obtained,
          act.rest && `“${act.rest}”`,
        ],
        unsaid: false,
        way: act.isNew ? 'Enter the pattern' : 'Note it',
      };
    }
    case 'pattern told':
      return { head: act.pattern.name, about: ['the pattern', `“${act.words}”`], unsaid: false, way: 'Note it with the pattern' };
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
    case 'mended': {
      const { make, mend, dates } = act;
      const { what, wore, minutes, cost } = mend;
      return {
        head: makeName(make, patterns),
        about: [
          what,
          wore && `wore out: ${wore}`,
          minutes !== undefined && formatDuration(minutes),
          cost && formatMoney(cost),
          dates.length === 1 && dates.map(dayWords)[0],
        ],
        unsaid: dates.length === 0 && NO_DAY,
        way: 'Note the mend',
      };
    }
    case 'away':
    case 'back': {
      const { make, dates, remark } = act;
      const from = dates.length === 1 && dates.map(dayWords)[0];
      return {
        head: makeName(make, patterns),
        about: [act.is === 'away' ? act.why : 'can be worn again', from && `from ${from}`, remark && `“${remark}”`],
        unsaid: dates.length === 0 && NO_DAY,
        way: act.is === 'away' ? 'Note that it is away' : 'Note that it is back',
      };
    }
    case 'to do':
      return { head: makeName(act.make, patterns), about: ['still to be done', `“${act.looseEnd.words}”`], unsaid: false, way: 'Note it' };
    case 'notions': {
      const { what, cost } = act.notion;
      return {
        head: makeName(act.make, patterns),
        about: ['a notion for it', `“${what}”`, cost && formatMoney(cost)],
        unsaid: false,
        way: 'Note it',
      };
    }
    case 'replanned': {
      const { plan, due, words } = act;
      return {
        head: planName(plan, patterns),
        about: [
          'a plan',
          due === undefined ? 'not wanted any more' : `wanted by ${dayWords(due)}`,
          due !== undefined && plan.due !== undefined && `till now by ${dayWords(plan.due)}`,
          words && `“${words}”`,
        ],
        unsaid: false,
        way: due === undefined ? 'Drop it' : 'Note it',
      };
    }
    case 'planned': {
      const { pattern, draft, cutSaid, toile, due, words } = act;
      const { newPattern, newPerson, sewist, make } = draft;
      const cut = cutSaid ? 'cut as the line says' : newPattern ? 'a new pattern' : newPerson ? undefined : 'cut as what was learned says';
      const known = context.people.length > 1 ? withId(context.people, make.personId) : undefined;
      return {
        head: pattern.name,
        about: [
          toile ? 'a plan of a toile' : 'a plan',
          newPerson ? `for ${newPerson.name}, a new person` : known && `for ${known.name}`,
          sewist && `with ${sewist.name}, who sews`,
          due && `wanted by ${dayWords(due)}`,
          cut,
          words && `“${words}”`,
        ],
        unsaid: false,
        way: 'Plan it',
      };
    }
  }
}
