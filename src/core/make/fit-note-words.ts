import { DIRECTION_WORDS, zoneOf, type ZoneId } from '../body/zones';
import type { FitNote, Outcome, Seen } from '../records';
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
