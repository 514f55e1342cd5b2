import { minutesOf } from '../../core/make/minutes';
import { costWords, makeCost, minutesPerWear, perWear } from '../../core/cost/cost';
import { formatDuration } from '../../core/units/duration';
import { formatMoney } from '../../core/units/money';
import type { Fabric, Make, Pattern } from '../../core/records';
import { useCollections, useSettings } from '../../data/queries';

/** Cost and time of a make, and of each wear so far and to come; what nobody knows is said and not guessed. */
export function WhatItCost({
  make,
  makes,
  patterns,
  fabrics,
  times,
  expected,
}: {
  make: Make;
  makes: readonly Make[];
  patterns: readonly Pattern[];
  fabrics: readonly Fabric[];
  times: number;
  /** Wears expected in the next year. */
  expected: number | undefined;
}) {
  const { currency } = useSettings();
  const collections = useCollections();
  const cost = makeCost(make, { makes, patterns, fabrics, collections }, currency);
  const minutes = minutesOf(make);
  const money = (minor: number) => formatMoney({ minor, currency });
  const parts = (['bought', 'fabric', 'notions', 'pattern', 'mends'] as const).filter((part) => cost[part] > 0);
  const each = perWear(cost.total, times);
  const later = expected !== undefined && expected >= 0.5 ? perWear(cost.total, times + expected) : undefined;
  const timeEach = minutesPerWear(make, times);
  const phases = make.times.filter((t) => t.phase !== 'all');
  return (
    <>
      <dt>Cost</dt>
      <dd>
        {cost.total === 0 && cost.unknown.length > 0 ? 'not known' : costWords(cost, cost.total)}
        <span className="block text-small text-ink2">
          {parts.length > 1 && parts.map((part) => `${part} ${money(cost[part])}`).join(' · ')}
          {cost.unknown.length > 0 && ` Not known: ${cost.unknown.join('; ')}.`}
        </span>
        {cost.total > 0 && each !== undefined && (
          <span className="block text-small text-ink2">
            {money(each)} a wear so far
            {later !== undefined && `; ${money(later)} after the next year, with about ${Math.round(expected!)} wears more`}
          </span>
        )}
      </dd>
      <dt>Time</dt>
      <dd>
        {minutes === undefined ? 'not noted' : formatDuration(minutes)}
        {phases.length > 0 && (
          <span className="block text-small text-ink2">{phases.map((t) => `${t.phase} ${formatDuration(t.minutes)}`).join(', ')}</span>
        )}
        {timeEach !== undefined && <span className="block text-small text-ink2">{formatDuration(Math.round(timeEach))} of sewing a wear</span>}
      </dd>
    </>
  );
}
