import { useQuery, useSuspenseQuery, type QueryClient } from '@tanstack/react-query';
import { useCallback, useDeferredValue, useMemo } from 'react';
import { fabricUnitOf, type FabricUnit, type LengthUnit } from '../core/units/length';
import { dialectOf, inDialect, type Dialect } from '../core/units/trade-words';
import { caseOf, type PatternCase } from '../core/garment/case';
import type { Collection, Fabric, Make, MeasurementSet, Occasion, Pattern, Person, Plan, PlanList, SewingTime, SewnSet, Wear } from '../core/records';
import { asCut } from '../core/make/joined';
import { wearCounts, type WearCount } from '../core/wear/wear-count';
import { PICTURE_SIDES } from '../core/records/picture-sides';
import { TABLE_NAMES, type TableName } from '../core/records/table-names';
import { byId, withId } from '../core/units/by-id';
import { nextAct } from './acts';
import { db, type Stored, type StoredPicture } from './database';
import { readPictures, type PictureOf } from './read-pictures';
import { isKeptAsText, type KeptAsText } from './let-texts-go';
import { openTable, readTable, type HearsText, type Opened } from './table-text';
import { removals, type Removal } from './journal';
import { unsavedActs } from './saved-state';
import { whenIdle } from './when-idle';
import { readSettings, USUAL_SETTINGS, type Settings } from './settings';

/** The tables that are read whole; pictures are too many for that. */
type RecordTable = Exclude<TableName, 'pictures'>;
const RECORD_TABLES = TABLE_NAMES.filter((table): table is RecordTable => table !== 'pictures');

/** Keys begin with the table they read: a write to it, in any tab, makes them fresh again (keep-fresh.ts). */
function usePartOf<T>(table: string, read: () => Promise<T[]>, key: readonly unknown[]): readonly T[] | undefined {
  return useQuery({ queryKey: [table, ...key], queryFn: read }).data;
}

/**
 * A whole table. Until it has been read for the first time the part of the screen that asks waits (`Suspense`): whoever asks has it, and
 * never needs to say what would stand there without.
 */
function useTable<T extends RecordTable>(table: T): readonly Stored[T][] {
  return useSuspenseQuery(tableQuery(table)).data;
}

/**
 * A large table as it was opened at the start: the engine was told of it, and it is read when a page asks for what is in it. From the first
 * change on, and of a table that was not opened so, there is no such thing: null.
 */
const openedQuery = <T extends RecordTable>(table: T, open: () => Promise<Opened<Stored[T]> | null> = () => Promise.resolve(null)) => ({
  queryKey: [table, 'opened'],
  queryFn: open,
  gcTime: Infinity,
  structuralSharing: false,
});

const tableQuery = <T extends RecordTable>(table: T) => ({
  queryKey: [table],
  queryFn: async ({ client }: { readonly client: QueryClient }): Promise<readonly Stored[T][]> => {
    // Where that was given up for a newer one, it is read anew as well.
    const opened = isKeptAsText(table) ? await client.fetchQuery(openedQuery<T>(table)).catch(() => null) : null;
    return opened ? opened.read() : readTable(db, table);
  },
  // Once read it stays: a page that comes back to it later need not wait again.
  gcTime: Infinity,
});

/**
 * Reads all tables side by side, so that a page that asks for one after the other waits once. Wears, by far the most, come after the others,
 * when the first page has all that it asked for: one that speaks of a few makes reads theirs alone (`useWearsOf`), and the database answers
 * in turn.
 *
 * @param asksOfWears whether the first page asks the engine of all of them: then it is told of them at once
 * @param hears told of the texts of what is opened at once
 */
export function readAhead(client: QueryClient, asksOfWears: boolean, hears: HearsText): void {
  const open = (table: KeptAsText) => void client.prefetchQuery(openedQuery(table, () => openTable(db, table, { hears })));
  open('makes');
  for (const table of RECORD_TABLES) if (table !== 'wears') void client.prefetchQuery(tableQuery(table));
  if (asksOfWears) open('wears');
  const whenRead = () => whenIdle(() => (client.isFetching() > 0 ? setTimeout(whenRead, ASKING) : void client.prefetchQuery(tableQuery('wears'))));
  whenRead();
}

/** How soon it is looked again whether a page still reads, ms. */
const ASKING = 100;

export const usePeople = (): readonly Person[] => useTable('people');
export const useBodies = (): readonly MeasurementSet[] => useTable('bodies');
export const usePatterns = (): readonly Pattern[] => useTable('patterns');
export const useFabrics = (): readonly Fabric[] => useTable('fabrics');
export const useMakes = (): readonly Make[] => useTable('makes');
export const useWears = (): readonly Wear[] => useTable('wears');

export const useSets = (): readonly SewnSet[] => useTable('sets');
export const useCollections = (): readonly Collection[] => useTable('collections');
export const useTimes = (): readonly SewingTime[] => useTable('times');
export const useOccasions = (): readonly Occasion[] => useTable('occasions');
export const useLists = (): readonly PlanList[] => useTable('lists');
export const usePlans = (): readonly Plan[] => useTable('plans');

const bySide = (a: StoredPicture, b: StoredPicture) => PICTURE_SIDES.indexOf(a.side) - PICTURE_SIDES.indexOf(b.side);

/** The pictures of one record in the order in which they are shown, without those of its notes; undefined while they are read. */
export function usePicturesBy(of: PictureOf, id: string | undefined): readonly StoredPicture[] | undefined {
  const read = async () => (await readPictures(of, id ?? '')).filter((p) => p.noteId === undefined).sort((a, b) => a.place - b.place || bySide(a, b));
  return usePartOf('pictures', read, [of, id]);
}

/** A picture by its id: undefined while it is read, null where there is none. */
export function usePictureById(id: string): StoredPicture | null | undefined {
  const found = usePartOf('pictures', () => db.pictures.where({ id }).toArray(), ['one', id]);
  return found && (found[0] ?? null);
}

/** The picture that belongs to a note of a make. */
export function usePictureOfNote(makeId: string, noteId: string): StoredPicture | undefined {
  const read = async () => (await readPictures('makeId', makeId)).filter((p) => p.noteId === noteId);
  return usePartOf('pictures', read, ['note', makeId, noteId])?.[0];
}

/** The settings; undefined until they are read. */
export const useReadSettings = (): Settings | undefined => useQuery({ queryKey: ['settings'], queryFn: () => readSettings(db) }).data;

export const useSettings = (): Settings => useReadSettings() ?? USUAL_SETTINGS;

export function useUnit(): LengthUnit {
  return useSettings().unit;
}

/** How fabric is measured by length: as chosen, else yards where inches are spoken. */
export function useFabricUnit(): FabricUnit {
  const { fabricUnit, unit } = useSettings();
  return fabricUnit ?? fabricUnitOf(unit);
}

/** Whose words the trade's terms are shown in: as chosen, else as the browser's language asks for. */
export function useDialect(): Dialect {
  return useSettings().dialect ?? dialectOf(navigator.language);
}

/** Our own words in the sewist's dialect; never given what she wrote. */
export function useTradeWords(): (text: string) => string {
  const dialect = useDialect();
  return useCallback((text: string) => inDialect(text, dialect), [dialect]);
}

/**
 * The wears of a few makes, in any order: a shared outfit once. Another choice of makes shows those of the one before until its own are
 * read.
 */
export function useWearsOf(makeIds: readonly string[]): readonly Wear[] {
  const key = useDeferredValue(makeIds.join(' '));
  return useSuspenseQuery({
    queryKey: ['wears', 'of', key],
    queryFn: async (): Promise<readonly Wear[]> => {
      // One by one: to ask for any of several goes through all that lies between the first of them and the last.
      const found = await Promise.all((key === '' ? [] : key.split(' ')).map((id) => db.wears.where('makeIds').equals(id).toArray()));
      return [...byId(found.flat()).values()];
    },
  }).data;
}

/**
 * A whole table as soon as it is there to ask the engine of: it may know a large one before the page has read it, so that this is never to be
 * looked into. Nothing waits for it meanwhile: undefined.
 */
export function useTableToAsk<T extends RecordTable>(table: T): readonly Stored[T][] | undefined {
  const large = isKeptAsText(table);
  const opened = useQuery({ ...openedQuery(table), enabled: large, throwOnError: true }).data;
  const read = useQuery({ ...tableQuery(table), enabled: !large || opened === null, throwOnError: true }).data;
  return opened?.records ?? read;
}

/** How often each of a few makes was worn, estimates included, with the last day. */
export function useWearCountsOf(makeIds: readonly string[]): ReadonlyMap<string, WearCount> {
  const wears = useWearsOf(makeIds);
  const key = makeIds.join(' ');
  // Garments worn together with these are in the same entries, with some of their wears only.
  return useMemo(() => new Map([...wearCounts(wears)].filter(([id]) => key.split(' ').includes(id))), [wears, key]);
}

/** The same of every make: only where all of them are shown. */
export function useWearCounts(): ReadonlyMap<string, WearCount> {
  const wears = useWears();
  return useMemo(() => wearCounts(wears), [wears]);
}

/** What the last act was, and what the last that was taken back: the words of undo and redo. */
export function useLastActs(): { readonly undo: string | undefined; readonly redo: string | undefined } {
  const acts = useQuery({
    queryKey: ['journal'],
    queryFn: async () => ({ undo: (await nextAct(db, 'undo'))?.label, redo: (await nextAct(db, 'redo'))?.label }),
  }).data;
  return acts ?? { undo: undefined, redo: undefined };
}

/** What was removed in the last thirty days and is still gone. */
export function useRemovals(): readonly Removal[] | undefined {
  return usePartOf('journal', () => removals(db), ['removals']);
}

/** How many acts were done since the whole ledger was last saved to a file or copied. */
export function useUnsaved(): number | undefined {
  const { savedAt } = useSettings();
  return useQuery({ queryKey: ['journal', 'unsaved', savedAt], queryFn: () => unsavedActs(db) }).data;
}

/** The person we speak of: the one chosen, else the first. */
export const personOf = (people: readonly Person[], { personId }: Pick<Settings, 'personId'>): Person | undefined =>
  withId(people, personId) ?? people[0];

export const usePerson = (): Person | undefined => personOf(usePeople(), useSettings());

/** Everything the engine needs to reckon a pattern for a person; undefined while it is being read. */
export function usePatternCase(patternId: string | undefined, personId: string | undefined): PatternCase | undefined {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const fabrics = useFabrics();
  return useMemo(() => {
    const recorded = withId(patterns, patternId);
    const pattern = recorded && asCut(recorded, patterns);
    return pattern && personId ? caseOf(pattern, personId, { makes, bodies, fabrics }) : undefined;
  }, [patterns, makes, bodies, fabrics, patternId, personId]);
}
