import type { FabricUnit, LengthUnit } from '../core/units/length';
import type { Dialect } from '../core/units/trade-words';
import type { Hemisphere } from '../core/wear/season';
import type { LedgerDatabase } from './database';
import { newName } from './new-id';

/** A clock that runs: of which make or plan, which step, since when. */
export interface RunningClock {
  readonly of: 'makes' | 'plans';
  readonly id: string;
  readonly step: string;
  readonly since: number;
}

/** What the sewist has chosen on this machine; not part of the ledger. */
export interface Settings {
  readonly unit: LengthUnit;
  /** ISO 4217; taken where an amount is typed without one. */
  readonly currency: string;
  /** Whose words the trade's terms are shown in; undefined follows the browser. */
  readonly dialect: Dialect | undefined;
  /** How fabric is measured by length; undefined follows the unit of length. */
  readonly fabricUnit: FabricUnit | undefined;
  /** Whose body we speak of. */
  readonly personId: string | undefined;
  readonly ledger: 'none' | 'demo' | 'own';
  /** Under which copies of this ledger are kept, apart from those of others; drawn when it is first needed. */
  readonly ledgerId: string | undefined;
  /** Where it is summer in July, or in January. */
  readonly hemisphere: Hemisphere;
  readonly theme: 'system' | 'light' | 'lamp';
  /** When the whole ledger was last saved to a file or copied, milliseconds; and how far it had come by then (saved-state.ts). */
  readonly savedAt: number | undefined;
  readonly savedSeq: number | undefined;
  readonly savedTurns: number;
  /** How often an act was taken back or done again. */
  readonly turns: number;
  /** What is being sewn as the clock runs, and since when, milliseconds. */
  readonly clock: RunningClock | undefined;
  /** The colour that the machine is threaded with, as far as it was said. */
  readonly thread: string | undefined;
  /** When this was last started, by its clock, milliseconds: the age of what may go is judged by two readings. */
  readonly startedAt: number | undefined;
}

export const USUAL_SETTINGS: Settings = {
  unit: 'cm',
  currency: 'EUR',
  dialect: undefined,
  fabricUnit: undefined,
  personId: undefined,
  ledger: 'none',
  ledgerId: undefined,
  hemisphere: 'north',
  theme: 'system',
  savedAt: undefined,
  savedSeq: undefined,
  savedTurns: 0,
  turns: 0,
  clock: undefined,
  thread: undefined,
  startedAt: undefined,
};

export async function readSettings(database: LedgerDatabase): Promise<Settings> {
  const rows = await database.settings.toArray();
  return { ...USUAL_SETTINGS, ...Object.fromEntries(rows.map((r) => [r.key, r.value])) };
}

/** Under which copies of the ledger are kept. */
export function ledgerIdOf(database: LedgerDatabase): Promise<string> {
  return database.transaction('rw', database.settings, async () => {
    const { ledgerId = newName() } = await readSettings(database);
    await changeSettings(database, { ledgerId });
    return ledgerId;
  });
}

export async function changeSettings(database: LedgerDatabase, changes: Partial<Settings>): Promise<void> {
  // All of them or none, also where there is room for one more only.
  await database.transaction('rw', database.settings, () =>
    database.settings.bulkPut(Object.entries(changes).map(([key, value]) => ({ key, value }))),
  );
}
