import type { SewnSet } from '../core/records';
import { newId } from '../data/new-id';
import { useSets } from '../data/queries';
import { Pick } from '../ui/pick';
import { save } from './save';

/** Puts a set in the ledger; its id, where that was written. */
async function addSet(name: string): Promise<string | undefined> {
  const put: SewnSet = { id: newId(), name };
  return (await save(`set “${name}”`, [{ table: 'sets', put }])) ? put.id : undefined;
}

/** Which set a plan or a make belongs to: made together, worn apart. */
export function InASet({ setId, onSet }: { setId: string | undefined; onSet: (setId: string | undefined) => void }) {
  const sets = useSets();
  const NONE = 'none';
  return (
    <Pick
      label="Made as a set with"
      placeholder="pyjamas of two …"
      value={setId}
      options={[...(setId === undefined ? [] : [{ id: NONE, label: 'no set' }]), ...sets.map((s) => ({ id: s.id, label: s.name }))]}
      onPick={(id) => onSet(id === NONE ? undefined : id)}
      onNew={(name) => void addSet(name).then((id) => id !== undefined && onSet(id))}
      newLabel={(name) => `New set: ${name}`}
      className="w-48"
    />
  );
}
