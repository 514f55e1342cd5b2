import { patternPrice } from '../core/cost/pattern-price';
import { blankCollection, calledField, Collection, type Pattern } from '../core/records';
import { counted } from '../core/units/counted';
import { withId } from '../core/units/by-id';
import { formatMoney } from '../core/units/money';
import { newId } from '../data/new-id';
import { useCollections, usePatterns } from '../data/queries';
import { Pick } from '../ui/pick';
import { OutLink } from '../ui/out-link';
import { RecordField } from './record-field';
import { save } from './save';

/** The book, issue or membership that a pattern came in with others, and what of its price is this pattern's. */
export function CameIn({ pattern, onCollection }: { pattern: Pattern; onCollection: (collectionId: string | undefined) => void }) {
  const collections = useCollections();
  const patterns = usePatterns();
  const collection = withId(collections, pattern.collectionId);
  const share = patternPrice(pattern, patterns, collections);
  const sharing = patterns.filter((p) => p.collectionId === pattern.collectionId && !p.price).length;
  const NONE = 'none';
  const begin = async (name: string) => {
    const put = blankCollection(newId(), name);
    if (await save(`“${name}”, which patterns come in`, [{ table: 'collections', put }])) onCollection(put.id);
  };
  const change = (part: Partial<Collection>) => {
    if (collection)
      void save(`${calledField(Collection.shape, Object.keys(part)[0] ?? '')} of ${collection.name}`, [
        { table: 'collections', from: collection, to: { ...collection, ...part } },
      ]);
  };
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-start gap-3">
        <Pick
          label="Came in a book, an issue or a membership"
          placeholder="Harbour Quarterly 14 …"
          value={pattern.collectionId}
          options={[
            ...(collection ? [{ id: NONE, label: 'in none' }] : []),
            ...collections.map((c) => ({ id: c.id, label: c.name, detail: c.kind })),
          ]}
          onPick={(id) => onCollection(id === NONE ? undefined : id)}
          onNew={(name) => void begin(name)}
          newLabel={(name) => `New: ${name}`}
          className="w-72"
        />
        {collection &&
          (['kind', 'price', 'bought', 'link'] as const).map((name) => (
            <RecordField
              key={name}
              of={Collection.shape}
              name={name}
              value={collection[name]}
              onValue={(value) => change({ [name]: value })}
              className="w-40"
            />
          ))}
      </div>
      {collection && (
        <p className="text-small text-ink2">
          {share && !pattern.price
            ? `${formatMoney(share)} of its price is this pattern’s: it is shared out among ${counted(sharing, 'pattern')} of the ledger.`
            : pattern.price
              ? 'This pattern has a price of its own, and takes no part of the whole.'
              : 'With a price of the whole, each of its patterns takes a part.'}
          {collection.link !== undefined && (
            <>
              {' '}
              <OutLink to={collection.link}>Open its page</OutLink>
            </>
          )}
        </p>
      )}
    </div>
  );
}
