import { sayTheSame } from '../ledger/merge/leaves';
import { TABLE_NAMES, type TableName } from '../records/table-names';

type Tables = Readonly<Record<TableName, readonly { readonly id: string }[]>>;

/** What would become of a table were another ledger put in its place. */
export interface TableChange {
  readonly table: TableName;
  /** Records that would come, go, and be otherwise. */
  readonly come: number;
  readonly go: number;
  readonly differ: number;
}

/**
 * What would change were `then` put in the place of `now`: only tables in which anything would.
 *
 * @param then pictures are compared by what is known of them, not byte by byte
 */
export function whatWouldChange(now: Tables, then: Tables): TableChange[] {
  return TABLE_NAMES.flatMap((table): TableChange[] => {
    const before = new Map(now[table].map((r) => [r.id, r]));
    const after = new Map(then[table].map((r) => [r.id, r]));
    const come = [...after.keys()].filter((id) => !before.has(id)).length;
    const go = [...before.keys()].filter((id) => !after.has(id)).length;
    const differ = [...after].filter(([id, record]) => before.has(id) && !sayTheSame(table, before.get(id), record)).length;
    return come + go + differ === 0 ? [] : [{ table, come, go, differ }];
  });
}
