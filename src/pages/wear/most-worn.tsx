import clsx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { makeName } from '../../core/make/make-name';
import type { Looked, WhatIsWorn, WornFinding } from '../../core/wardrobe/what-is-worn';
import { enoughOf, enoughWords } from '../../core/wardrobe/enough';
import { wornWords } from '../../core/wardrobe/worn-words';
import { withId } from '../../core/units/by-id';
import { counted } from '../../core/units/counted';
import { useFabrics, useMakes, usePatterns, usePerson, useTradeWords } from '../../data/queries';
import { GarmentPicture } from '../../parts/garment-picture';
import { useWorn } from '../../parts/use-worn';
import { SELDOM } from '../../core/wear/a-month';
import { routes } from '../../routes';
import { Empty, PageHead } from '../../ui/page-head';

/** From so many of a kind on they share their wears. */
const SEVERAL = 2;
/** So many garments stand in each drawn row. */
const IN_A_ROW = 6;

const rateOf = ({ wears, months }: Looked) => wears / months;

const keyOf = ({ of, features }: WornFinding) => `${of} ${features.map((f) => f.id).join(' ')}`;

/** How often it was worn: what is seldom worn is told by its count, since a rate of nearly nought says little. */
const wornWordsOf = ({ wears, months }: Looked): string =>
  wears / months >= SELDOM
    ? `${(wears / months).toFixed(1)} a month`
    : `${counted(Math.round(wears), 'wear')} in ${counted(Math.round(months), 'month')}`;

/** So many garments of a side are named; a ledger may hold thousands. */
const NAMED = 40;

/** The garments of one side of a finding, each a link. */
function Names({ head, ids }: { head: string; ids: readonly string[] }) {
  const patterns = usePatterns();
  const makes = useMakes();
  const named = ids.slice(0, NAMED).flatMap((id) => withId(makes, id) ?? []);
  return (
    <p>
      {head}:{' '}
      {named.map((make, i) => (
        <span key={make.id}>
          {i > 0 && ', '}
          <Link className="underline-offset-2 hover:underline" to={routes.make(make.id)}>
            {makeName(make, patterns)}
          </Link>
        </span>
      ))}
      {ids.length > NAMED && ` and ${ids.length - NAMED} more`}.
    </p>
  );
}

/** A drawn row of garments, each with what it has of the features that are spoken of. */
function Row({ head, looked, told, chosen }: { head: string; looked: WhatIsWorn['looked']; told: WhatIsWorn; chosen: string | undefined }) {
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const makes = useMakes();
  const wordsOf = new Map(told.findings.flatMap((f) => f.features).map((f) => [f.id, f.words]));
  return (
    <section aria-label={head} className="mt-4">
      <h2 className="text-head">{head}</h2>
      <ul className="grid grid-cols-6 gap-3 border-t-[3px] border-double border-rule2 pt-2 max-lg:grid-cols-3 max-sm:grid-cols-2">
        {looked.map((l) => {
          const make = withId(makes, l.makeId);
          if (!make) return null;
          return (
            <li key={l.makeId} className={clsx('rounded-md p-1', chosen !== undefined && l.spoken.includes(chosen) && 'bg-tint')}>
              <GarmentPicture pattern={withId(patterns, l.patternId)} make={make} fabrics={fabrics} className="h-[120px] w-[100px]" />
              <Link className="block text-small underline-offset-2 hover:underline" to={routes.make(l.makeId)}>
                {makeName(make, patterns)}
              </Link>
              <p className="text-small text-ink2">{wornWordsOf(l)}</p>
              {l.spoken.length > 0 && <p className="text-small">{[...new Set(l.spoken)].map((id) => wordsOf.get(id)).join(', ')}</p>}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** What the most worn garments share, and what the unworn ones do, with its evidence. */
export function MostWorn() {
  const person = usePerson();
  const { hanging, told } = useWorn(person?.id);
  const [opened, setOpened] = useState<string>();
  const chosen = told?.findings.find((f) => keyOf(f) === opened)?.features[0]?.id;
  const inWords = useTradeWords();
  if (!told) return <PageHead title="What is really worn" under="It is being worked out …" />;
  // Where several do the same job, what one more of them would add.
  const enough = [...new Set((hanging ?? []).filter((h) => h.inRotation).map((h) => h.kind))]
    .map((kind) => ({ kind, of: enoughOf(kind, hanging ?? []) }))
    .filter(({ of }) => of.alike >= SEVERAL)
    .sort((a, b) => b.of.alike - a.of.alike);
  const order = [...told.looked].sort((a, b) => rateOf(b) - rateOf(a));
  const isNoted = hanging?.some((h) => h.isNoted) ?? false;
  const rowLength = isNoted ? Math.min(IN_A_ROW, Math.floor(order.length / 2)) : 0;
  return (
    <>
      <PageHead
        title="What is really worn"
        under={person ? `by ${person.name}: ${counted(told.looked.length, 'garment')} that hung a month or longer in season` : ''}
      />
      {!isNoted && (
        <Empty>
          <p>
            {told.looked.length === 0 ? 'Nothing hung a month in its season yet.' : 'No wear is noted yet.'} Note what you wear, and what the most
            worn share stands here.
          </p>
        </Empty>
      )}
      {told.more > 0 && isNoted && (
        <p className="text-ink2">
          {counted(told.more, 'more garment')} worn a month or longer, and it can be said what the most worn share. Until then the rows below show
          them.
        </p>
      )}
      {told.more === 0 && (
        <section aria-label="What they share">
          {told.findings.length === 0 && isNoted && (
            <p className="text-ink2">Nothing stands out: what is worn and what is not differ in no feature more than garments differ anyhow.</p>
          )}
          <ul className="border-t border-rule">
            {told.findings.map((finding) => {
              const key = keyOf(finding);
              const open = opened === key;
              return (
                <li key={key} className="border-b border-rule py-1">
                  <button
                    type="button"
                    aria-expanded={open}
                    className="text-left underline-offset-2 hover:underline max-sm:min-h-11"
                    onClick={() => setOpened(open ? undefined : key)}
                  >
                    {wornWords(finding)}.
                  </button>
                  {open && (
                    <div className="text-small text-ink2">
                      <Names head="With" ids={finding.withIt} />
                      <Names head="Without" ids={finding.without} />
                    </div>
                  )}
                </li>
              );
            })}
          </ul>
        </section>
      )}
      {rowLength > 0 && (
        <>
          <Row head="Most worn" looked={order.slice(0, rowLength)} told={told} chosen={chosen} />
          <Row head="Least worn" looked={order.slice(-rowLength).reverse()} told={told} chosen={chosen} />
        </>
      )}
      {enough.length > 0 && (
        <section aria-labelledby="enough" className="mt-4">
          <h2 id="enough" className="text-head">
            Enough of a kind?
          </h2>
          <ul className="border-t border-rule text-small">
            {enough.map(({ kind, of }) => (
              <li key={kind} className="border-b border-rule py-1">
                {enoughWords(inWords(kind), of)}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
