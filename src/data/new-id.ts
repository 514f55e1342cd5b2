import { ulid } from 'ulid';

/** A new id: sorts by the time it was made. */
export function newId(): string {
  return ulid();
}
