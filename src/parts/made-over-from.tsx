import { makeName } from '../core/make/make-name';
import { Bought, GARMENT_KINDS, type Make } from '../core/records';
import { useMakes, usePatterns, useTradeWords } from '../data/queries';
import { SelectField } from '../ui/field';
import { Pick } from '../ui/pick';
import { RecordField } from './record-field';

const NONE = 'none';
type Over = { [K in 'refashionOf' | 'bought' | 'garment']?: Make[K] };

/** What is made over, a make or something bought, and what kind of thing it becomes where no pattern says so. */
export function MadeOverFrom({
  label = 'Made over from',
  of,
  kindAsked,
  onChange,
}: {
  label?: string;
  of: { readonly id: string } & Over;
  /** No pattern says what it is. */
  kindAsked: boolean;
  onChange: (part: Partial<Over>) => void;
}) {
  const inWords = useTradeWords();
  const makes = useMakes();
  const patterns = usePatterns();
  const setBought = (part: Partial<Bought>) => {
    const next = { what: '', ...of.bought, ...part };
    onChange({ bought: next.what === '' ? undefined : next });
  };
  return (
    <div className="flex flex-wrap items-start gap-3">
      <Pick
        label={label}
        placeholder="one of your makes …"
        value={of.refashionOf}
        options={[
          ...(of.refashionOf === undefined ? [] : [{ id: NONE, label: 'from none of them' }]),
          ...makes.filter((m) => m.id !== of.id).map((m) => ({ id: m.id, label: makeName(m, patterns) })),
        ]}
        onPick={(id) => {
          const refashionOf = id === NONE ? undefined : id;
          const from = makes.find((m) => m.id === refashionOf);
          const kind = from?.garment ?? patterns.find((p) => p.id === from?.sources[0]?.patternId)?.kind;
          onChange({ refashionOf, bought: undefined, ...(kindAsked && of.garment === undefined && kind ? { garment: kind } : {}) });
        }}
        className="w-64"
      />
      {of.refashionOf === undefined && (
        <>
          <RecordField
            of={Bought.shape}
            name="what"
            label="or from something else"
            value={of.bought?.what ?? ''}
            onValue={(what) => setBought({ what })}
            className="w-56"
          />
          {of.bought && (
            <>
              <RecordField of={Bought.shape} name="size" value={of.bought.size} onValue={(size) => setBought({ size })} className="w-28" />
              <RecordField of={Bought.shape} name="price" value={of.bought.price} onValue={(price) => setBought({ price })} className="w-28" />
            </>
          )}
        </>
      )}
      {kindAsked && (
        <SelectField
          label="Kind of garment"
          value={of.garment ?? ''}
          onChange={(e) => onChange({ garment: GARMENT_KINDS.find((k) => k === e.target.value) })}
        >
          <option value="">not said: no fit is asked</option>
          {GARMENT_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {inWords(kind)}
            </option>
          ))}
        </SelectField>
      )}
    </div>
  );
}
