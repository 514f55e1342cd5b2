import { formatISO } from 'date-fns';

/** Today where the sewist is, as a calendar date. The core is handed it; only the edge knows the clock. */
export function today(): string {
  return formatISO(new Date(), { representation: 'date' });
}
