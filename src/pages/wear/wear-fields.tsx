import { Wear } from '../../core/records';
import { save } from '../../parts/save';
import { RecordField } from '../../parts/record-field';

/** Fields of an entry of wear, kept as they are left. */
export function WearFields({ wear, names }: { wear: Wear; names: readonly (keyof typeof Wear.shape & string)[] }) {
  const change = (part: Partial<Wear>) => void save('a wear', [{ table: 'wears', from: wear, to: { ...wear, ...part } }]);
  return names.map((name) => (
    <RecordField
      key={name}
      of={Wear.shape}
      name={name}
      value={wear[name]}
      // Who says when it was knows it.
      onValue={(value) => change({ [name]: value, ...(name === 'date' ? { undated: undefined } : {}) })}
      className={name === 'remark' ? 'min-w-40 flex-1' : 'w-32'}
    />
  ));
}
