import { z } from 'zod';
import { Fabric } from './fabric';
import { Make } from './make';
import { Pattern } from './pattern';
import { MeasurementSet, Person } from './person';
import { Plan, PlanList } from './plan';
import { Occasion } from './occasion';
import { Picture } from './picture';
import { SewingTime } from './sewing-time';
import { Collection, SewnSet } from './together';
import { TABLE_NAMES, type TableName } from './table-names';
import { Wear } from './wear';
import { fromKeys } from '../units/keys';

/**
 * The version of the file's layout; a file of a later one is refused with a sentence, one of an earlier one is read as it is:
 * 1 had no plans and lists; 2 had all pictures within, and no bands, widest pieces or wanted numbers; 3 had no history; up to 4 some things
 * had other names (`ledger/earlier-names.ts`); 5 did not note when a record was brought back; up to 7 no note was meant for next time; 8 did not say how an
 * amount was found or an alteration done; 9 not what a plan took of what was meant for it; 10 had no combinations, sets or collections, no lessons, and no plan without a pattern; 11
 * had no pattern pieces; 12 no measured pictures; 13 nothing of the bench, of when there is time, and of occasions.
 */
export const LEDGER_FILE_VERSION = 14;

/** Every table of the ledger with the shape of its records: storage, files and checks are derived from this. */
export const TABLES = {
  people: Person,
  bodies: MeasurementSet,
  patterns: Pattern,
  fabrics: Fabric,
  makes: Make,
  wears: Wear,
  lists: PlanList,
  plans: Plan,
  sets: SewnSet,
  collections: Collection,
  times: SewingTime,
  occasions: Occasion,
  pictures: Picture,
} as const satisfies Record<TableName, z.ZodType>;

/** A whole ledger. */
export const Ledger = z.strictObject({
  people: z.array(Person),
  bodies: z.array(MeasurementSet),
  patterns: z.array(Pattern),
  fabrics: z.array(Fabric),
  makes: z.array(Make),
  wears: z.array(Wear),
  lists: z.array(PlanList).default([]),
  plans: z.array(Plan).default([]),
  sets: z.array(SewnSet).default([]),
  collections: z.array(Collection).default([]),
  times: z.array(SewingTime).default([]),
  occasions: z.array(Occasion).default([]),
  pictures: z.array(Picture),
});
export type Ledger = z.infer<typeof Ledger>;

/** Counts of a ledger, for sentences such as "24 makes, 12 fabrics". */
export function ledgerCounts(ledger: Ledger): Record<TableName, number> {
  return fromKeys(TABLE_NAMES, (t) => ledger[t].length);
}
