import { FILE_ENDINGS } from '../records/file-endings';
import type { Picture } from '../records';

/** The ledger itself: every table as JSON, each picture by its file's name. */
export const LEDGER_NAME = 'ledger.json';
/** The shapes of the ledger as JSON Schema, for whoever reads it without us. */
export const SCHEMA_NAME = 'schema.json';
/** All makes to be read in any browser. */
export const INDEX_NAME = 'index.html';
/** The digest of the ledger: tells damage from an old copy. */
export const CHECK_NAME = 'check.txt';

/** The ledger within an archive is so large at most, bytes: more than any ledger's text, its pictures beside it. */
export const LARGEST_LEDGER = 100e6;
/** A ledger of one text with pictures in it is so large at most, bytes; browsers hold no longer text. */
export const LARGEST_TEXT = 400e6;
/** A picture is so large at most, bytes: far more than one that was taken in here. */
export const LARGEST_PICTURE = 20e6;

/** The file of a picture within an archive. An id may hold anything; only plain signs of it stand in a name. */
export function pictureName({ id, type }: Pick<Picture, 'id' | 'type'>, place: number): string {
  return `pictures/${String(place + 1).padStart(4, '0')}-${id.replace(/[^A-Za-z0-9-]/g, '_').slice(0, 60)}.${FILE_ENDINGS[type]!}`;
}

/** Whether a name is one that an archive of ours can hold. All others are passed over: no path climbs, and nothing else is taken in. */
export function isOurs(name: string): boolean {
  return name === LEDGER_NAME || name === CHECK_NAME || /^pictures\/[A-Za-z0-9_-]{1,80}\.(svg|jpg|png|webp)$/.test(name);
}
