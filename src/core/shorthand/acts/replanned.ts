import type { Person, Plan } from '../../records';
import { dueSaid } from '../due';
import type { LineTables } from '../draft-from-line';
import type { NameFound } from '../names';
import { FIRST, isGarmentName, isPattern, ITS_NAME, leftOf, SEWN, unnamed, type ActOptions, type Heard } from '../report';
import { notedWith, type NotedAct } from './what-became';
import { hersOf, lyingBy } from './which-garment';

/** What is planned is wanted by another day, or no longer. */
export interface ReplannedAct {
  readonly is: 'replanned';
  readonly plan: Plan;
  /** The day by which it is wanted; without one the plan is dropped. */
  readonly due?: string;
  /** What was said beside, to be kept in the plan's words. */
  readonly words?: string;
}

const READY = '(?:due|wanted|needed|ready|finished|done)';
const READY_SAID = new RegExp(READY);
/** "The jacket is due on 5 December", "need the jacket ready by Friday": what follows is a day. */
const WANTED_BY = new RegExp(
  `^(?:${ITS_NAME} (?:is|are|has to be|have to be|must be|needs to be|need to be|should be)(?: now)? ${READY}|${FIRST}(?:want|need|must have|would like)(?: to have)? ${ITS_NAME}(?: (?:to be )?${READY})?) (?=by |before |on |for |until |till )|^${ITS_NAME},? (?=(?:(?:to be )?(?:wanted|needed|due|ready) )?(?:by|before) )`,
);
/** "Move the jacket to 20 December". */
const MOVED_TO = new RegExp(
  `^${FIRST}(?:move[ds]?|postponed?|push(?:ed)?|put off|delay(?:ed)?|reschedule[ds]?|bring forward|brought forward) ${ITS_NAME}(?: (?:back|forward|on|off))? (?:to|until|till) `,
);
/** "Drop the waistcoat", "no longer want the waistcoat". */
const NO_LONGER = new RegExp(
  `^${FIRST}(?:cancel(?:led)?|drop(?:ped)?|scrap(?:ped)?|forget(?: about)?|shelved?|(?:give|gave) up on|decided against|changed my mind about|(?:no longer|don't|do not) (?:want|need)(?: to (?:make|sew))?|(?:am )?not (?:making|sewing|going to (?:make|sew))|won't (?:make|sew)) (?:(?:the|my) plan (?:for|of|to (?:make|sew)) )?${ITS_NAME}(?: (?:plan|after all|any ?more|any longer|now|for now))*(?![a-z])(?! (?:by|to|with|in)\\b)`,
);

/** The plan that is open of what goes by a name. */
const openPlan = (name: NameFound, { plans }: LineTables, spoken: Person | undefined): Plan | undefined =>
  hersOf(isPattern(name) ? plans.filter((plan) => plan.patternId === name.id && plan.state === 'open') : [], spoken);

/**
 * A line that says by when what is planned is wanted, or that it is not wanted any more. Of what lies on the table the first goes with the
 * plan that it came from, or is noted with it where none was.
 *
 * @example replanned(heard('the Skerry jacket is due on 5 December'), tables, options) // { is: 'replanned', plan, due: '2026-12-05' }
 */
export function replanned({ text, low, names }: Heard, tables: LineTables, options: ActOptions): ReplannedAct | NotedAct | undefined {
  const { context, spoken } = options;
  const name = names.find(isGarmentName);
  if (!name || SEWN.test(low.replace(READY_SAID, ''))) return undefined;
  const blank = unnamed(low, name);
  const wanted = WANTED_BY.exec(blank);
  const found = wanted ?? MOVED_TO.exec(blank);
  const dropped = found ? null : NO_LONGER.exec(blank);
  const begun = (found ?? dropped)?.[0].length;
  if (begun === undefined) return undefined;
  const lying = hersOf(lyingBy(name, tables), spoken);
  if (lying && dropped) return undefined;
  const plan = lying ? tables.plans.find(({ makeId }) => makeId === lying.id) : openPlan(name, tables, spoken);
  if (!plan) return lying && notedWith(lying, text, options);
  const at = begun - 1 + name.to - name.from;
  const rest = text.slice(at);
  if (dropped) return { is: 'replanned', plan, ...beside(leftOf(rest, [])) };
  // "To 20 December" is by then.
  const lead = wanted ? '' : 'by ';
  const due = dueSaid(lead + low.slice(at), context.today);
  if (!due || due.from > 0) return undefined;
  return { is: 'replanned', plan, due: due.date, ...beside(leftOf(rest, [[0, due.to - lead.length]])) };
}

const beside = (words: string): Pick<ReplannedAct, 'words'> => (words === '' ? {} : { words });
