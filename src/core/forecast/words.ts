import { BODY_MEASURES, zoneOf } from '../body/zones';
import { formatLength, type LengthUnit } from '../units/length';
import type { Difference } from './contradiction';
import type { Ask } from './worth-asking';
import type { HeightTerm } from '../garment/by-height';
import type { UnusedNote } from '../garment/evidence';
import type { ChartTerm, Unknown } from '../garment/offset';
import type { Basis, ZoneForecast } from './carry-forward';
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
  'size cut': 'the size cut is not noted: the first make’s is taken, give or take a size',
  'size not in the chart': 'the size cut stands in no order with the others: it may be a size off',
  'no chart for the zone': 'the chart gives no measure here; the pattern as drafted is the reference',
  'step between sizes': 'no chart says how far apart the sizes are: a usual step is taken, with its doubt',
  'body measure': 'the body measure is not known; the first make’s size stands in for it',
  'stretch of the fabric': 'nobody tested how far the fabric stretches, so the range is wider',
  'girth of the body': 'the girth is not known: a usual one is taken for what the fabric’s stretch does',
  'amount of an alteration': 'an alteration was noted without an amount; about half way from slight to clear is taken',
  'place of an alteration': 'nobody said which places an alteration passed: half of it is taken here, with as much in doubt',
};

export const DIFFERENCE_WORDS: Record<Difference, string> = {
  fabric: 'the fabric',
  body: 'the body',
  side: 'the side',
  stage: 'when it was seen',
  layer: 'what it was worn over',
};

const BASIS_WORDS: Record<Basis, string> = {
  'no note': 'Nothing was noted here: the last cut is kept.',
  'right after wear': 'It was right after wear: keep it.',
  'good enough': 'The last cut is about as likely to be right as the best cut: keep it.',
  'by its fabric': 'It was off by its fabric only: cut it as before, for a fabric as the pattern asks.',
  'best cut': 'The last cut is clearly less likely to be right than the best cut: move to it.',
};

/**
 * Why a zone is kept or changed, and whether it moved with the body.
 *
 * @example basisWords({ basis: 'right after wear', bodyMoved: 6 }, 'cm') // 'It was right after wear, and moves with the body by +6 cm.'
 */
export function basisWords({ basis, bodyMoved }: Pick<ZoneForecast, 'basis' | 'bodyMoved'>, unit: LengthUnit): string {
  return bodyMoved === undefined
    ? BASIS_WORDS[basis]
    : `It was right after wear, and moves with the body by ${formatLength(bodyMoved, unit, { signed: true, about: true })}.`;
}

/**
 * So many sizes, to the nearest quarter.
 *
 * @example stepsWords(-1.3) // '1¼ sizes down'
 * @example stepsWords(0.05) // 'hardly'
 */
export function stepsWords(steps: number): string {
  const quarters = Math.round(Math.abs(steps) * 4);
  if (quarters === 0) return 'hardly';
  const whole = Math.floor(quarters / 4);
  const count = `${whole > 0 ? whole : ''}${['', '¼', '½', '¾'][quarters % 4]}`;
  return `${count} ${quarters > 4 ? 'sizes' : quarters < 4 ? 'of a size' : 'size'} ${steps > 0 ? 'up' : 'down'}`;
}

/** What the height that a pattern is drafted for does to a length, in a line. */
export function heightWords({ drafted, height }: HeightTerm, unit: LengthUnit): string {
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  return `drafted for a height of ${length(drafted)}, the body is ${length(height)}`;
}

/** What is asked to be looked at, in a line: the place, whether to pin it, and how much of it is open. */
export function askWords({ zone, how, open }: Ask, unit: LengthUnit): string {
  return `${zoneOf(zone).label}: ${how === 'pin' ? 'pin it, ' : ''}${formatLength(open, unit, { about: true })} are open`;
}

/** Where the first term of an offset came from, in a line. */
export function chartTermWords(term: ChartTerm, unit: LengthUnit): string | undefined {
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  if (term.from === 'nothing') return undefined;
  if (term.from === 'measured') {
    const what = { finished: 'finished measure', piece: 'piece laid flat', garment: 'garment measured' }[term.what];
    return `${what} ${length(term.measure)} − body ${length(term.body)}${term.ease ? ` − ease ${length(term.ease)}` : ''}`;
  }
  if (term.from === 'sizes') {
    const { line, first, steps, step, grown } = term;
    const apart =
      steps === 0
        ? 'the size that all others are reckoned from'
        : `${sizeLineWords(line)}, ${stepsWords(steps)} from ${sizeLineWords(first)}: about ${length(Math.abs(steps * step))}`;
    return grown === 0 ? apart : `${apart}; the body since: ${grown > 0 ? '+' : '−'}${length(Math.abs(grown))}`;
  }
  const { measure, line, chart, body, graded, factor, standIn } = term;
  const from = `${BODY_MEASURES[measure]}: ${sizeLineWords(line)} ${length(chart)} − body ${length(body)}`;
  return `${from}${standIn ? ' (the first size stands in)' : ''}${graded ? `, graded × ${factor}` : ''}`;
}
