import { formatISO } from 'date-fns';

/** Today where the sewist is, as a calendar date. The core is handed it; only the edge knows the clock. */
export function today(): string {
  return formatISO(new Date(), { representation: 'date' });
}

/** Minutes since midnight where the sewist is, in whole quarters of an hour: as fine as a sitting is planned. */
export function quarterNow(): number {
  const clock = new Date();
  return clock.getHours() * 60 + Math.floor(clock.getMinutes() / 15) * 15;
}
