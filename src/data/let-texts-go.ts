import type { DBCore, Middleware } from 'dexie';
import { newId } from './new-id';

/** The tables that grow to thousands of records. A browser takes a text out of its database many times faster than as many records. */
const KEPT_AS_TEXT = ['makes', 'wears'] as const;
export type KeptAsText = (typeof KEPT_AS_TEXT)[number];

export const isKeptAsText = (table: string): table is KeptAsText => KEPT_AS_TEXT.some((kept) => kept === table);

/** What is kept beside a table. */
export interface TableText {
  readonly table: KeptAsText;
  /** A name for the table as it stands: another with every change. */
  readonly state: string;
  /** All its records in the order of their ids, some in each text; absent from a change until somebody had time to write them. */
  readonly texts?: readonly string[];
}

const STORE = 'texts';

/**
 * Lets a table's text go with every change of the table, in the very transaction: whoever changes it, and however. A transaction that is
 * taken back brings the text back too.
 */
export const letTextsGo: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'letTextsGo',
  // Below all of the library's own: it is nobody's act, and no window need be told of it.
  level: -2,
  create: (core) => ({
    ...core,
    transaction: (stores, mode, options) =>
      core.transaction(mode === 'readwrite' && stores.some(isKeptAsText) && !stores.includes(STORE) ? [...stores, STORE] : stores, mode, options),
    table: (name) => {
      const table = core.table(name);
      if (!isKeptAsText(name)) return table;
      const letGo = (trans: unknown) =>
        // Layouts before the ninth, whose upgrades pass here too, keep none.
        trans instanceof IDBTransaction && trans.objectStoreNames.contains(STORE)
          ? core.table(STORE).mutate({ type: 'put', trans, values: [{ table: name, state: newId() } satisfies TableText] })
          : undefined;
      return { ...table, mutate: (request) => table.mutate(request).then((answer) => Promise.resolve(letGo(request.trans)).then(() => answer)) };
    },
  }),
};
