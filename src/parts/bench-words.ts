import { format, formatDistanceStrict, parseISO } from 'date-fns';
import type { MinutesRange } from '../core/schedule/pace';
import type { OnTheBench } from '../core/schedule/under-way';
import { roughly } from '../core/units/duration';
import { today } from '../data/today';
import { routes } from '../routes';

/** The middle with its range: "40 min, 25 to 1 h 5 min". */
export const rangeWords = ({ middle, least, most }: MinutesRange): string => `${roughly(middle)}, ${roughly(least)} to ${roughly(most)}`;

/** Its own page. */
export const benchPath = (item: OnTheBench): string => (item.make ? routes.make(item.make.id) : routes.plan(item.id));

/** A day as it is said near by. */
export const dayWords = (date: string): string => format(parseISO(date), date.slice(0, 4) === today().slice(0, 4) ? 'EEE d MMM' : 'd MMM yyyy');

/** How it stands: the stage, since when, what it waits for. */
export function standsWords({ stage, since, waits }: OnTheBench): string {
  const long = since >= today() ? 'since today' : `for ${formatDistanceStrict(parseISO(since), parseISO(today()))}`;
  if (!waits) return stage === 'planned' || stage === 'ready to cut' ? stage : `${stage} ${long}`;
  const waited = waits.since >= today() ? 'since today' : `since ${dayWords(waits.since)}`;
  return `${stage}; waits for ${waits.words} ${waited}${waits.until ? `, expected ${dayWords(waits.until)}` : ''}`;
}
