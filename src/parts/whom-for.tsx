import type { Person } from '../core/records';
import { SelectField, TextField } from '../ui/field';

/** Somebody new among whom a garment may be for. */
const SOMEBODY_NEW = 'somebody new';

/** Who a garment is for: one of the ledger's people, or somebody whose name is typed here. */
export function WhomFor({
  person,
  people,
  newPerson,
  onPerson,
  onNewPerson,
}: {
  person: Person;
  people: readonly Person[];
  newPerson: Person | undefined;
  onPerson: (id: string) => void;
  onNewPerson: (name: string) => void;
}) {
  if (newPerson)
    return (
      <TextField
        label="Who is it for?"
        autoFocus={newPerson.name === ''}
        value={newPerson.name}
        onChange={(e) => onNewPerson(e.target.value)}
        className="w-36"
      />
    );
  return (
    <SelectField label="For" value={person.id} onChange={(e) => (e.target.value === SOMEBODY_NEW ? onNewPerson('') : onPerson(e.target.value))}>
      {people.map((p) => (
        <option key={p.id} value={p.id}>
          {p.name}
        </option>
      ))}
      <option value={SOMEBODY_NEW}>somebody new …</option>
    </SelectField>
  );
}
