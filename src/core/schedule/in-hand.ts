import { daysBetween } from '../body/measures';
import type { LooseEnd, Make, Plan } from '../records';
import { byDay, type IsoDate } from '../units/date';
import type { OnTheBench } from './under-way';

/** Plans are named in the day book from so many days before they are wanted. Source: our own convention; a garment takes some weeks. */
const PLAN_AHEAD = 42;

/** What of the bench the day book names. */
export interface InHand {
  /** Cut or half sewn, what was cut first before what was cut later. */
  readonly begun: readonly Make[];
  /** By age. */
  readonly looseEnds: readonly { readonly make: Make; readonly end: LooseEnd }[];
  /** Wanted soon, or with their fabric washed and waiting. */
  readonly planned: readonly Plan[];
}

/**
 * What the day book shows of the bench: the same things, so that nothing stands in two places that disagree.
 *
 * @param bench as `underWay` lists it
 */
export function inHand(bench: readonly OnTheBench[], today: IsoDate): InHand {
  const makes = bench.flatMap((item) => item.make ?? []);
  const soon = (item: OnTheBench) => item.due !== undefined && daysBetween(today, item.due) <= PLAN_AHEAD;
  return {
    begun: makes.filter((m) => m.state === 'sewing' || m.state === 'cut').sort((a, b) => byDay(a.cutOn, b.cutOn)),
    looseEnds: makes
      .flatMap((make) => make.looseEnds.filter((l) => !l.done).map((end) => ({ make, end })))
      .sort((a, b) => byDay(a.end.since, b.end.since)),
    planned: bench
      .filter((item) => item.plan && (soon(item) || item.stage === 'ready to cut' || item.fabricWaits))
      .sort((a, b) => (a.due ?? '9999').localeCompare(b.due ?? '9999'))
      .flatMap((item) => item.plan ?? []),
  };
}
