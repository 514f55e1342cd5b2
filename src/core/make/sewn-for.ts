import type { Make } from '../records';
import type { Identified } from '../units/by-id';

/** Everybody that a pattern was sewn for, by their ids. */
export const sewnFor = (patternId: string, makes: readonly Make[]): ReadonlySet<string> =>
  new Set(makes.filter((m) => m.sources.some((s) => s.patternId === patternId)).map((m) => m.personId));

/**
 * Whose versions of a pattern are looked at: the person's we speak of where she has any, or nobody has; else whoever it was sewn for.
 *
 * @param chosen the person we speak of
 * @param wearers everybody that it was sewn for, by their ids
 * @example whoseVersions(maren, [maren, pia], new Set(['pia'])) // pia
 */
export const whoseVersions = <P extends Identified>(chosen: P | undefined, people: readonly P[], wearers: ReadonlySet<string>): P | undefined =>
  chosen && (wearers.size === 0 || wearers.has(chosen.id)) ? chosen : (people.find((p) => wearers.has(p.id)) ?? chosen);
