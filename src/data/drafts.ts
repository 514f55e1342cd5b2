import { useQuery } from '@tanstack/react-query';
import { db } from './database';

/** What is typed and not yet entered: kept at every change, so that a reload or a closed lid loses nothing. */
export async function saveDraft(key: string, value: unknown): Promise<void> {
  await db.drafts.put({ key, value });
}

export async function clearDraft(key: string): Promise<void> {
  await db.drafts.delete(key);
}

/** A draft as it was kept; null where there is none, undefined while it is read. */
export function useDraft<T>(key: string): T | null | undefined {
  return useQuery({ queryKey: ['drafts', key], queryFn: async () => ((await db.drafts.get(key))?.value as T | undefined) ?? null }).data;
}
