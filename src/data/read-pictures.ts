import { db, type LedgerDatabase, type StoredPicture } from './database';

/** Whose pictures are asked for. */
export type PictureOf = 'makeId' | 'fabricId' | 'patternId' | 'planId' | 'personId';

/** A reading that is about to begin: of which records, and what will be found of each. */
interface Reading {
  readonly ids: Set<string>;
  readonly found: Promise<ReadonlyMap<string, readonly StoredPicture[]>>;
}

/**
 * A reader of the pictures of records. Those that the rows of a list ask for one by one, in one breath, are read in one transaction and come
 * together: read row by row they come one after the other, and the list is drawn anew for each.
 *
 * @example
 * const read = pictureReader(db);
 * const [first, second] = await Promise.all([read('makeId', 'make-1'), read('makeId', 'make-2')]); // one transaction
 */
export function pictureReader(database: LedgerDatabase): (of: PictureOf, id: string) => Promise<readonly StoredPicture[]> {
  const asked = new Map<PictureOf, Reading>();
  const readAll = async (of: PictureOf, ids: ReadonlySet<string>) => {
    // After this all who ask in the same breath have asked; whoever asks later has a reading of his own.
    await Promise.resolve();
    asked.delete(of);
    const { pictures } = database;
    return database.transaction(
      'r',
      pictures,
      async () => new Map(await Promise.all([...ids].map(async (id) => [id, await pictures.where({ [of]: id }).toArray()] as const))),
    );
  };
  return async (of, id) => {
    let reading = asked.get(of);
    if (!reading) {
      const ids = new Set<string>();
      reading = { ids, found: readAll(of, ids) };
      asked.set(of, reading);
    }
    reading.ids.add(id);
    return (await reading.found).get(id) ?? [];
  };
}

/** The pictures of a record of this browser's ledger. */
export const readPictures = pictureReader(db);
