import { kindNamed } from '../records/garment-named';
import type { Choice } from './chip';
import type { NameFound } from './names';

/** What a garment was before it was made over, in the words of a line. */
const WAS = '[^,.;·|\\n]{2,50}?';
const ENDS = '(?=\\s*(?:$|[,.;·|\\n]|(?:in )?(?:an? )?size\\b|for\\b|label))';
const OVER = 'made over|refashion(?:ed)?|remade|recut|re-cut|cut down|upcycled|converted';
const LABELLED = '(?:,? (?:label(?:led)?|it was(?: an?)?(?= size)|its label (?:said|says)|with (?:the|a) label) (?:size )?(?<label>[a-z0-9]{1,4}))?';
const PREPARED = '(?:(?:i|we|just|finally|also|then|today) )*';
const OWNED = '(?:(?:the|a|an|my|his|her|our|some|pair of) )*';

/** "Summer skirt, cut down from a bought maxi dress", "made from an old dress": it is said behind what was made. */
export const MADE_FROM = `(?:(?:which|it|was|is|a|${OVER}) )*(?:(?:${OVER}) (?:from|out of)|made (?:from|out of)(?= (?:an? |the |my |his |her )*(?:old|bought|shop-bought|second-hand|thrifted|vintage|outgrown|ready-made) )) (?<was>${WAS})${ENDS}${LABELLED}`;
const FROM = new RegExp(`\\b${MADE_FROM}`);

/** Whether what something was made from was sewn before: of an old sheet it is new. */
export const wasSewn = (said: string, was: string): boolean => !/\bmade (?:from|out)/.test(said) || kindNamed(was) !== undefined;

/** Whether a line says that what it speaks of was made over from another. */
export function isMadeOver(low: string): boolean {
  const found = FROM.exec(low);
  return found !== null && wasSewn(found[0], found.groups?.['was'] ?? '');
}

/** "Cut the maxi dress down to a skirt", "turned my old shirt into a blouse": what was made is said last. */
const TURNED = new RegExp(
  `^${PREPARED}(?:turned|made over|remade|refashioned|recut|cut|converted|upcycled|restyled) (?:over |down |up )?(?<was>${OWNED}${WAS}) (?:down |over )?(?:in)?to (?:an? |my )?(?<made>[^,.;·|\\n]{2,40}?)${ENDS}${LABELLED}`,
);

/** "Slimmed a pair of bought trousers": it stays what it was. */
const ALTERED = new RegExp(
  `^${PREPARED}(?:slimmed(?: down)?|shortened|lengthened|took in|took up|let out|let down|hemmed|cropped|altered|refashioned|made over) ${OWNED}(?<was>(?:shop-bought|bought|second-hand|thrifted|charity shop|vintage|ready-made|ready-to-wear|outgrown) [^,.;·|\\n\\d]{2,50}?)(?=\\s*(?:$|[,.;·|\\n\\d]|by\\b|at\\b|in\\b|for\\b))`,
);

/** @example withoutArticle('the maxi dress') // 'maxi dress' */
export const withoutArticle = (words: string): string => words.replace(/^(?:the|an?|my|his|her|our|some) (?=\S)/i, '');

const VERSION = /\s*,?\s*\b(?:version|v|no\.|#)\s*(\d{1,3})$/;

/**
 * What was made over, by what it was: a pattern of the ledger that is named stands for the make of it, else it is kept in its own words.
 *
 * @param label the size on its label, where that was said
 */
export function madeOverFrom(
  was: { readonly from: number; readonly to: number; readonly low: string; readonly typed: string },
  label: string | undefined,
  names: readonly NameFound[],
): Choice {
  const pattern = names.find((n) => n.kind === 'patterns' && n.from >= was.from && n.to <= was.to);
  const version = Number(VERSION.exec(was.low)?.[1]);
  if (pattern) return [{ is: 'made over', from: { patternId: pattern.id, ...(version > 0 ? { version } : {}) } }];
  return [{ is: 'made over', from: { what: withoutArticle(was.typed), ...(label === undefined ? {} : { size: label.toUpperCase() }) } }];
}

/** A garment made over from another, as a line begins with it. */
export interface MadeOver {
  readonly from: number;
  readonly to: number;
  /** Where its name stands. */
  readonly name: { readonly from: number; readonly to: number };
  readonly was: { readonly from: number; readonly to: number };
  readonly label: string | undefined;
}

/** Reads a garment made over where a folded line begins with it; undefined where it does not, or where nothing sewn is named. */
export function madeOverIn(low: string, names: readonly NameFound[]): MadeOver | undefined {
  const turned = TURNED.exec(low);
  if (turned?.groups) {
    const { was = '', made = '', label } = turned.groups;
    const wasAt = turned[0].indexOf(was, 3);
    const madeAt = turned[0].indexOf(made, wasAt + was.length);
    const isSewn = kindNamed(was) !== undefined || names.some((n) => n.kind === 'patterns' && n.from >= wasAt && n.to <= wasAt + was.length);
    if (kindNamed(made.split(' ').at(-1) ?? '') !== undefined && isSewn)
      return { from: 0, to: turned[0].length, name: { from: madeAt, to: madeAt + made.length }, was: { from: wasAt, to: wasAt + was.length }, label };
  }
  const altered = ALTERED.exec(low);
  const was = altered?.groups?.['was'];
  if (!altered || was === undefined || kindNamed(was) === undefined) return undefined;
  const at = altered[0].lastIndexOf(was);
  const span = { from: at, to: at + was.length };
  return { from: span.from, to: span.to, name: span, was: span, label: undefined };
}
