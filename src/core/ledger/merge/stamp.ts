/**
 * When, and on which device, something was written: milliseconds as eleven digits of base 36, a point, the device. Stamps sort as text.
 * `NEVER` stands where nobody noted it: it is older than all.
 *
 * The time is a hybrid one (textbook: logical clocks tied to the wall): on a device it only grows, and a ledger that was brought in sets
 * it forward. So what was written in the knowledge of something else always bears the later stamp, however wrong a clock is.
 */
export type Stamp = string;
export const NEVER: Stamp = '';

const DIGITS = 11;
/** The latest that a clock is believed, milliseconds: stamps beyond it still count on, one by one. */
const LATEST = 8e15;

const PATTERN = /^[0-9a-z]{11}\.[0-9a-z]{1,32}$/;
/** Beyond it a count of milliseconds no longer tells one from the next: a clock set to it would stand still. */
const COUNTABLE = 9e15;

/** Whether a text, from a file, is a stamp that can be gone on from. */
export const isStamp = (text: string): boolean => PATTERN.test(text) && timeOf(text) < COUNTABLE;

/**
 * @param at milliseconds; a clock that tells nonsense is taken for the nearest time there can be
 * @param device small letters and digits
 */
export function stampOf(at: number, device: string): Stamp {
  return written(believed(at), device);
}

const believed = (at: number) => (Number.isNaN(at) ? 0 : Math.min(LATEST, Math.max(0, Math.floor(at))));
const written = (time: number, device: string) => `${time.toString(36).padStart(DIGITS, '0')}.${device}`;

/** Milliseconds; 0 for `NEVER`. */
export function timeOf(stamp: Stamp): number {
  return stamp === NEVER ? 0 : parseInt(stamp.slice(0, DIGITS), 36);
}

export function deviceOf(stamp: Stamp): string {
  return stamp.slice(DIGITS + 1);
}

/** The stamp of what is written now on a device that knows of `latest`: later than that even where the clock was put back. */
export function nextStamp(now: number, latest: Stamp, device: string): Stamp {
  return written(Math.max(believed(now), timeOf(latest) + 1), device);
}

export function later(a: Stamp, b: Stamp): Stamp {
  return a > b ? a : b;
}

/** Up to which stamp of each device a ledger knows what was written there. */
export type Known = ReadonlyMap<string, Stamp>;

/** Whether a ledger knows of what bears a stamp, and of all that was known where it was written. */
export function knows(known: Known, stamp: Stamp): boolean {
  return stamp === NEVER || stamp <= (known.get(deviceOf(stamp)) ?? NEVER);
}

/** What two ledgers know together. */
export function knownTogether(a: Known, b: Known): Map<string, Stamp> {
  const all = new Map(a);
  for (const [device, stamp] of b) all.set(device, later(stamp, all.get(device) ?? NEVER));
  return all;
}

/** The last stamp of all that a ledger knows of. */
export function latestOf(known: Known): Stamp {
  return [...known.values()].reduce(later, NEVER);
}
