import type { Account } from '../../core/engine/account';
import type { Make } from '../../core/records';
import { zoneOf } from '../../core/body/zones';
import { effectWords } from '../../core/versions/credit-words';
import { useUnit } from '../../data/queries';
import { differenceWords } from '../../parts/difference-words';
import { withId } from '../../core/units/by-id';

/** What was changed from one version to the last, and what that did to each fit note. */
export function WhatChanged({ makes, change }: { makes: readonly Make[]; change: Account['lastChange'] }) {
  const unit = useUnit();
  const [earlier, later] = [change?.earlierId, change?.laterId].map((id) => withId(makes, id));
  if (!change || !later || !earlier) return null;
  const { differences: found, effects } = change;
  return (
    <section aria-labelledby="what-changed">
      <h2 id="what-changed" className="mb-1 text-head">
        From version {earlier.version} to {later.version}
      </h2>
      <ul className="text-small leading-[18px] text-ink2">
        {found.map((d, i) => (
          <li key={i}>{differenceWords(d, unit)}</li>
        ))}
        {found.length === 0 && <li>cut and fabric were the same</li>}
      </ul>
      {effects.length > 0 && (
        <>
          <h3 className="mt-1.5 font-sans text-small text-ink2">What it did</h3>
          <ul className="text-small leading-[18px]">
            {effects.map((e) => (
              <li key={`${e.zone} ${e.fate}`}>
                <b className="inline-block font-semibold first-letter:uppercase">{zoneOf(e.zone).label}</b>: {effectWords(e, unit)}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
