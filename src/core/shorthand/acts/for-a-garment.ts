import type { LooseEnd, Make, Notion } from '../../records';
import type { LineTables } from '../draft-from-line';
import { MONEY, moneySaid } from '../money-said';
import { NOTION } from '../recognise/cost';
import { STILL_TO_DO } from '../recognise/note';
import { FIRST, isGarmentName, ITS_NAME, SEWN, unnamed, type ActOptions, type Heard } from '../report';
import { hangingOf, hersOf, lyingBy } from './which-garment';

/** Something is still to be done on a garment, or to be got for it. */
export interface ToDoAct {
  readonly is: 'to do';
  readonly make: Make;
  readonly looseEnd: LooseEnd;
}

/** Notions came in for what lies on the table. */
export interface NotionsAct {
  readonly is: 'notions';
  readonly make: Make;
  readonly notion: Notion;
}

/** How it is said that something is not done yet; what has only to be done may be meant for the next version of what hangs finished. */
const TO_DO_SAID = `(?:${STILL_TO_DO}|loose end|remember to|don't forget to)`;
const HAS_TO_BE_DONE = '(?:(?:need|have) to|must)';
const WHAT = '(?<what>[^.;§]{2,60}?)(?: (?:of|on|for|at|in|to|onto))?';
/** "To do: hem the overshirt", "must sew the buttons on the coat", "order buttons for the coat". */
export const TO_DO = new RegExp(
  `^${FIRST}(?:${TO_DO_SAID}|(?<has>${HAS_TO_BE_DONE})|(?=(?:need|order(?:ed)?|get|buy|find) (?!to )(?:[^,.;:]{0,30} )?${NOTION} for )) ?:? ?(?=[a-z])(?!(?:make|sew|cut|start|try) ${ITS_NAME})${WHAT} ${ITS_NAME}(?<behind>[^.;]*)$`,
  'd',
);
/** "To do on the coat: the lining, the hem", "Fogbell coat to do: hem". */
export const TO_DO_ON = new RegExp(
  `^(?:${FIRST}${TO_DO_SAID} (?:on|for) ${ITS_NAME}|${ITS_NAME}[:,]? (?:still )?${TO_DO_SAID})(?: is| are)?:? (?<rest>[^.;]{2,80})$`,
  'd',
);
/** "The shirt needs a new button", "the trousers have lost a hook". */
const NEEDS = new RegExp(
  `^${ITS_NAME} (?:(?:still|also|really|now) )*(?:(?:needs?|wants?|could do with) (?<what>(?:(?:an?|some|new|its|the|two|three|more|good) )*(?:${NOTION}|hemm?(?:ing)?|mend(?:ing)?|darn(?:ing)?|patch(?:ing)?|repair(?:ing|s)?|fix(?:ing)?|press(?:ing)?|iron(?:ing)?)(?![a-z])[^.;]*)|(?:is |are |has |have )?(?<lost>(?:missing|lost) (?:an?|its|the|one|two) (?:[a-z-]+ ){0,2}${NOTION}))[.!]*$`,
  'd',
);
const PRICE = `(?:[,:]? (?:for |at |cost )?(?<price>${MONEY}))`;
/** "Bought thread and a zip for the coat, 8 euros". */
const CAME_FOR = new RegExp(
  `^${FIRST}(?:(?:bought|got|found|picked up) )?(?<what>(?:[^.;:!?]{0,40}[ -])?${NOTION}(?![a-z])[^.;:!?]{0,30}?) for ${ITS_NAME}${PRICE}?[.!]?$`,
  'd',
);
/** "Fogbell coat: buttons 4.50". */
const ITS_NOTION = new RegExp(`^${ITS_NAME}[:,]? (?<what>(?:[^.,;:!?]{0,40}[ -])?${NOTION}(?![a-z])[^.,;:!?]{0,30}?)${PRICE}[.!]?$`, 'd');

/**
 * A line that tells of a garment that there is what is still to be done on it, or which notions came in for it.
 *
 * @example forAGarment(heard('to do: hem the Bollard overshirt'), tables, options) // { is: 'to do', make, looseEnd: { words: 'hem', … } }
 * @example forAGarment(heard('zip for the Fogbell coat 6 euros'), tables, options) // { is: 'notions', make, notion: { what: 'zip', cost: 6.00 EUR } }
 */
export function forAGarment({ text, low, names }: Heard, tables: LineTables, options: ActOptions): ToDoAct | NotionsAct | undefined {
  const [name, ...others] = names.filter(isGarmentName);
  if (!name || others.length > 0 || SEWN.test(low)) return undefined;
  const blank = unnamed(low, name);
  const { newId, context, spoken } = options;
  const lying = () => hersOf(lyingBy(name, tables), spoken);
  /** What a group found, as it was typed; behind the garment all has moved by as much as its name is longer than its sign. */
  const typed = (found: RegExpExecArray, group: string, toEnd = false) => {
    const [from, to] = found.indices?.groups?.[group] ?? [0, 0];
    const at = (place: number) => (place > name.from ? place + name.to - name.from - 1 : place);
    return text.slice(at(from), toEnd ? undefined : at(to)).trim();
  };
  const toDo = (make: Make, words: string): ToDoAct => ({ is: 'to do', make, looseEnd: { id: newId(), words, since: context.today } });
  const on = TO_DO_ON.exec(blank);
  const todo = on ?? TO_DO.exec(blank);
  if (todo) {
    const { has, behind = '' } = todo.groups ?? {};
    const make = lying() ?? (has === undefined ? hangingOf(name, low, spoken, tables.makes) : undefined);
    // "Hem the overshirt" is of it anyway; what is said behind it needs it to be understood.
    const words = on ? typed(on, 'rest') : typed(todo, 'what', behind.trim() !== '');
    return make && toDo(make, words);
  }
  const needs = NEEDS.exec(blank);
  if (needs) {
    const make = lying() ?? hangingOf(name, low, spoken, tables.makes);
    const words = typed(needs, needs.groups?.['lost'] === undefined ? 'what' : 'lost');
    return make && toDo(make, words);
  }
  const came = CAME_FOR.exec(blank) ?? ITS_NOTION.exec(blank);
  const make = came && lying();
  if (!came || !make) return undefined;
  const { price } = came.groups ?? {};
  const cost = price === undefined ? undefined : moneySaid(price, context.currency);
  return { is: 'notions', make, notion: { id: newId(), what: typed(came, 'what'), ...(cost ? { cost } : {}) } };
}
