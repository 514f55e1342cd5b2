import { ulid } from 'ulid';

/** A new id: sorts by the time it was made. */
export function newId(): string {
  return ulid();
}

/** Small letters and digits, the part of an id that is drawn by lot: tells one ledger, or one device, from another. */
export const newName = (): string => newId().slice(-12).toLowerCase();
