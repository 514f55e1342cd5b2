import { DIRECTION_WORDS, zoneOf, type ZoneId } from '../body/zones';
import type { FitNote, Make, Outcome, Seen } from '../records';
import { dayNumber } from '../units/date';
import { formatLength, type LengthUnit } from '../units/length';

const DEGREES = ['', 'slight', 'clear', 'spoils'] as const;

/** The word for a direction at a zone: `tight`, `short`, `low`; `right` for none. */
export function directionWord(zone: ZoneId, outcome: number): string {
  if (outcome === 0) return 'right';
  const words = DIRECTION_WORDS[zoneOf(zone).kind];
  return outcome < 0 ? words.under : words.over;
}

/** slight, clear or spoils. */
export function degreeWord(outcome: Outcome): string {
  return DEGREES[Math.abs(outcome)] ?? '';
}

/** A note in words: `narrow, slight`, `long by 3 cm`, `right`. */
export function outcomeWords({ zone, outcome, amount }: Pick<FitNote, 'zone' | 'outcome' | 'amount'>, unit: LengthUnit): string {
  const direction = directionWord(zone, outcome);
  if (outcome === 0) return direction;
  return amount === undefined ? `${direction}, ${degreeWord(outcome)}` : `${direction} by ${formatLength(amount, unit)}`;
}

/** When a garment was looked at. */
export function seenWords(seen: Seen): string {
  if (seen.at === 'tryOn') return seen.stage ? `tried on, ${seen.stage}` : 'tried on';
  if (seen.at === 'firstDay') return 'on the first day';
  return seen.wears === 1 ? 'after 1 wear' : `after ${seen.wears} wears`;
}

/** A look so many days after a garment was finished is none of its first day, though no wear was noted by then. Source: our own convention. */
const FIRST_DAYS = 14;

/**
 * When a garment was looked at, by the day of the look too: months after it was finished, with no wear noted, nobody knows how often it was worn.
 *
 * @example lookedWords({ seen: { at: 'firstDay' }, date: '2026-12-01' }, { finishedOn: '2026-03-03' }) // 'with no wear noted'
 */
export function lookedWords({ seen, date }: Pick<FitNote, 'seen' | 'date'>, { finishedOn }: Pick<Make, 'finishedOn'>): string {
  const isLate = seen.at === 'firstDay' && finishedOn !== undefined && dayNumber(date) - dayNumber(finishedOn) > FIRST_DAYS;
  return isLate ? 'with no wear noted' : seenWords(seen);
}
