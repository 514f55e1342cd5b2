import type { LedgerDatabase } from '../../data/database';
import { pictureReducer } from '../../workers/pictures';

/**
 * Makes the small copies that pictures read from a file do not have yet, one after another in the worker. They can be made anew at
 * any time, so they are no act of the sewist and stand in no journal; one that cannot be made is left, and lists show the large one.
 */
export async function makeSmallCopies(database: LedgerDatabase): Promise<void> {
  const without = await database.pictures.filter((p) => !p.small && p.type !== 'image/svg+xml').primaryKeys();
  for (const id of without) {
    const picture = await database.pictures.get(id);
    if (!picture || picture.small) continue;
    try {
      const { small } = await pictureReducer().reduce(picture.blob);
      await database.pictures.update(id, { small });
    } catch {
      // The picture itself is kept as it came.
    }
  }
}
