import { BODY_MEASURES } from '../body/zones';
import { formatLength, type LengthUnit } from '../units/length';
import type { Difference } from './contradiction';
import type { UnusedNote } from '../garment/evidence';
import type { ChartTerm, Unknown } from '../garment/offset';
import type { Basis } from './carry-forward';
import { sizeLineWords } from '../alteration/words';

export const UNUSED_WORDS: Record<UnusedNote['why'], string> = {
  'caused by another zone': 'caused by another zone; only the cause counts',
  'one side only': 'on one side only; shown and not counted',
  'part left out of the toile': 'the toile lacked the part',
  'looked at again later': 'a later look at the same garment counts instead',
  'version left out': 'the version is left out of the reckoning',
  'piece of another pattern': 'the piece came from another pattern',
};

export const UNKNOWN_WORDS: Record<Unknown, string> = {
  'size cut': 'the size cut is not noted, so the chart says nothing',
  'size not in the chart': 'the size cut is not in the chart',
  'no chart for the zone': 'the chart gives no measure here; the pattern as drafted is the reference',
  'body measure': 'the body measure is not known; the first make’s size stands in for it',
  'stretch of the fabric': 'nobody tested how far the fabric stretches, so the range is wider',
  'girth of the body': 'the girth is not known, so the fabric’s stretch is left out',
  'amount of an alteration': 'an alteration was noted without an amount; about half way from slight to clear is taken',
};

export const DIFFERENCE_WORDS: Record<Difference, string> = {
  fabric: 'the fabric',
  body: 'the body',
  side: 'the side',
  stage: 'when it was seen',
  layer: 'what it was worn over',
};

export const BASIS_WORDS: Record<Basis, string> = {
  'no note': 'Nothing was noted here: the last cut is kept.',
  'right after wear': 'It was right after wear: keep it.',
  'good enough': 'The last cut is about as likely to be right as the best cut: keep it.',
  'best cut': 'The last cut is clearly less likely to be right than the best cut: move to it.',
};

/** Where the first term of an offset came from, in a line. */
export function chartTermWords(term: ChartTerm, unit: LengthUnit): string | undefined {
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  if (term.from === 'nothing') return undefined;
  if (term.from === 'measured') {
    const what = { finished: 'finished measure', piece: 'piece laid flat', garment: 'garment measured' }[term.what];
    return `${what} ${length(term.measure)} − body ${length(term.body)}${term.ease ? ` − ease ${length(term.ease)}` : ''}`;
  }
  const { measure, line, chart, body, graded, factor, standIn } = term;
  const from = `${BODY_MEASURES[measure]}: ${sizeLineWords(line)} ${length(chart)} − body ${length(body)}`;
  return `${from}${standIn ? ' (the first size stands in)' : ''}${graded ? `, graded × ${factor}` : ''}`;
}
