import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { fabricUnitOf, type FabricUnit, type LengthUnit } from '../core/units/length';
import { dialectOf, inDialect, type Dialect } from '../core/units/trade-words';
import { caseOf, type PatternCase } from '../core/garment/case';
import type { Fabric, Make, MeasurementSet, Pattern, Person, Plan, PlanList, Wear } from '../core/records';
import { wearCounts, type WearCount } from '../core/wear/wear-count';
import { PICTURE_SIDES } from '../core/records/picture-sides';
import { db, type StoredPicture } from './database';
import { removals, type Removal } from './journal';
import { readSettings, USUAL_SETTINGS, type Settings } from './settings';

/** Keys begin with the table they read: a write to it, in any tab, makes them fresh again (keep-fresh.ts). */
function useTable<T>(table: string, read: () => Promise<T[]>, key: readonly unknown[] = []): readonly T[] | undefined {
  return useQuery({ queryKey: [table, ...key], queryFn: read }).data;
}

export const usePeople = (): readonly Person[] | undefined => useTable('people', () => db.people.toArray());
export const useBodies = (): readonly MeasurementSet[] | undefined => useTable('bodies', () => db.bodies.toArray());
export const usePatterns = (): readonly Pattern[] | undefined => useTable('patterns', () => db.patterns.toArray());
export const useFabrics = (): readonly Fabric[] | undefined => useTable('fabrics', () => db.fabrics.toArray());
export const useMakes = (): readonly Make[] | undefined => useTable('makes', () => db.makes.toArray());
export const useWears = (): readonly Wear[] | undefined => useTable('wears', () => db.wears.toArray());

export const useLists = (): readonly PlanList[] | undefined => useTable('lists', () => db.lists.toArray());
export const usePlans = (): readonly Plan[] | undefined => useTable('plans', () => db.plans.toArray());

const bySide = (a: StoredPicture, b: StoredPicture) => PICTURE_SIDES.indexOf(a.side) - PICTURE_SIDES.indexOf(b.side);

/** The pictures of a make in the order in which they were put: front first where nobody put them otherwise. */
export function usePicturesOf(makeId: string | undefined): readonly StoredPicture[] | undefined {
  const read = async () => (await db.pictures.where({ makeId: makeId ?? '' }).toArray()).sort((a, b) => a.place - b.place || bySide(a, b));
  return useTable('pictures', read, [makeId]);
}

/** The pictures of a fabric. */
export function usePicturesOfFabric(fabricId: string | undefined): readonly StoredPicture[] | undefined {
  const read = async () => (await db.pictures.where({ fabricId: fabricId ?? '' }).toArray()).sort((a, b) => a.place - b.place || bySide(a, b));
  return useTable('pictures', read, ['fabric', fabricId]);
}

export function useSettings(): Settings {
  return useQuery({ queryKey: ['settings'], queryFn: () => readSettings(db) }).data ?? USUAL_SETTINGS;
}

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

/** How often each make was worn, estimates included, with the last day. */
export function useWearCounts(): ReadonlyMap<string, WearCount> | undefined {
  const wears = useWears();
  return useMemo(() => wears && wearCounts(wears), [wears]);
}

/** What the last act was, and what the last that was taken back: the words of undo and redo. */
export function useLastActs(): { readonly undo: string | undefined; readonly redo: string | undefined } {
  const acts = useQuery({
    queryKey: ['journal'],
    queryFn: async () => ({
      undo: (await db.journal.where('undone').equals(0).last())?.label,
      redo: (await db.journal.where('undone').equals(1).first())?.label,
    }),
  }).data;
  return acts ?? { undo: undefined, redo: undefined };
}

/** What was removed in the last thirty days and is still gone. */
export function useRemovals(): readonly Removal[] | undefined {
  return useTable('journal', () => removals(db), ['removals']);
}

/** How many acts were done since the whole ledger was last saved to a file or copied. */
export function useUnsaved(): number | undefined {
  const { savedAt = 0 } = useSettings();
  return useQuery({
    queryKey: ['journal', 'unsaved', savedAt],
    queryFn: () => db.journal.filter((act) => act.at > savedAt && act.undone === 0).count(),
  }).data;
}

/** The person we speak of: the one chosen, else the first. */
export function usePerson(): Person | undefined {
  const people = usePeople();
  const { personId } = useSettings();
  return people?.find((p) => p.id === personId) ?? people?.[0];
}

/** Everything the engine needs to reckon a pattern for a person; undefined while it is being read. */
export function usePatternCase(patternId: string | undefined, personId: string | undefined): PatternCase | undefined {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const fabrics = useFabrics();
  return useMemo(() => {
    const pattern = patterns?.find((p) => p.id === patternId);
    return pattern && personId && makes && bodies && fabrics ? caseOf(pattern, personId, { makes, bodies, fabrics }) : undefined;
  }, [patterns, makes, bodies, fabrics, patternId, personId]);
}
