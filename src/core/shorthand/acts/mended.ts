import type { Make, Mend } from '../../records';
import { withoutQuestions, type Understood } from '../chip';
import type { LineTables } from '../draft-from-line';
import { PART } from '../garment-words';
import { dayIn, FIRST, isGarmentName, ITS_NAME, leftOf, SEWN, unnamed, type ActOptions, type HeardLine } from '../report';
import { hangingOf, OF_WHICH } from './which-garment';

/** A garment that hangs was mended. */
export interface MendedAct {
  readonly is: 'mended';
  readonly make: Make;
  readonly mend: Pick<Mend, 'what' | 'wore' | 'minutes' | 'cost'>;
  /** More than one where figures can be read both ways. */
  readonly dates: readonly string[];
}

const OF_IT = '(?<part>(?:the|its|a|an|one|two|both|another)(?: [a-z-]+){1,4}?)';
const MEND_SAID = 'mended|repaired|patched(?: up)?|darned|replaced|reinforced|re-?sewed|re-?stitched';
/** How a mend is told; `§` stands for the garment's name. */
export const MENDED: readonly RegExp[] = [
  `${FIRST}(?<verb>${MEND_SAID})(?: ${OF_IT} (?:of|on|at|in))? ${ITS_NAME}`,
  `${ITS_NAME}[:,]? (?:i |have |had |just )*(?<verb>${MEND_SAID}) ${OF_IT}(?= *(?:$|[,.;!]))`,
  `${FIRST}(?<verb>sewed|stitched) ${OF_IT} (?<back>back (?:on|in)(?:to| to)?|up (?:on|in)) ${ITS_NAME}`,
  `${FIRST}(?<verb>sewed|stitched) (?<back>up) ${OF_IT} (?:of|on|at|in) ${ITS_NAME}`,
].map((way) => new RegExp(`^(?:${way})(?![a-z])`));
/** What may be told along with it; how it fits or is liked is told of more than a mend. */
const OF_A_MEND: readonly Understood['is'][] = [...OF_WHICH, 'time', 'cost', 'date', 'alteration', 'words'];
/** The part that wore out, behind which and how many. */
const WORE_OUT = new RegExp(`^(?:the|its|a|an|one|two|both|another) (?<wore>(?:[a-z-]+ ){0,2}${PART})$`);

/**
 * A mend of a garment that hangs, with the time and the money that it took; of one that is still being sewn it is work on it.
 *
 * @returns undefined where more than that is told, or no such garment was finished
 * @example mendedOf(heard('patched the elbow of the Bollard overshirt, 40 min'), tables, options) // { is: 'mended', make, mend: { what: 'patched the elbow', wore: 'elbow', minutes: 40 }, dates: [today] }
 */
export function mendedOf({ text, low, names, whole }: HeardLine, tables: LineTables, { context, spoken }: ActOptions): MendedAct | undefined {
  const [name, ...others] = names.filter(isGarmentName);
  if (!name || others.length > 0) return undefined;
  const blank = unnamed(low, name);
  const found = MENDED.map((said) => said.exec(blank)).find(Boolean);
  const make = found && hangingOf(name, low, spoken, tables.makes);
  // What was sewn is a garment, unless it was sewn back on.
  if (!found || !make || (SEWN.test(low) && found.groups?.['back'] === undefined)) return undefined;
  const facts = withoutQuestions(whole().chips).flatMap(({ says, from, to }) => says.map((fact) => ({ fact, at: [from, to] as const })));
  if (!facts.every(({ fact }) => OF_A_MEND.includes(fact.is))) return undefined;
  const spent = facts.flatMap(({ fact, at }) => (fact.is === 'time' ? [{ minutes: fact.minutes, at }] : []));
  const [paid] = facts.flatMap(({ fact, at }) => (fact.is === 'cost' && fact.money ? [{ cost: fact.money, at }] : []));
  const minutes = spent.reduce((sum, time) => sum + time.minutes, 0);
  const { dates, at: days } = dayIn(low, context.today);
  const end = found[0].length - 1 + name.to - name.from;
  const { verb = '', part, back } = found.groups ?? {};
  const rest = leftOf(text, [[0, end], ...days, ...[...spent, ...(paid ? [paid] : [])].map(({ at }) => at)]);
  const what = [[verb, part, back?.replace(/^(back|up).*/, '$1')].filter(Boolean).join(' '), rest].filter(Boolean).join(', ');
  const wore = part === undefined ? undefined : WORE_OUT.exec(part)?.groups?.['wore'];
  return {
    is: 'mended',
    make,
    mend: { what, ...(wore === undefined ? {} : { wore }), ...(minutes > 0 ? { minutes } : {}), ...(paid ? { cost: paid.cost } : {}) },
    dates,
  };
}
