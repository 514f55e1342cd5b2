import clsx from 'clsx';
import { ABOUT, type CouldSew, type Reason } from '../../core/schedule/for-an-occasion';
import { roughly } from '../../core/units/duration';
import { Swatch } from '../../parts/swatch';
import { Button } from '../../ui/button';

/** What tells a pattern in a fabric from others, and how it is called. */
export const keyOf = (c: CouldSew) => `${c.pattern.id} ${c.fabric?.id ?? ''}`;
export const fabricOf = (c: CouldSew) => c.fabric?.name ?? 'a fabric to be bought';
export const nameOf = (c: CouldSew) => `${c.pattern.name} in ${fabricOf(c)}`;

/** Reasons, each with the sign of the way it speaks. */
export function Reasons({ of }: { of: readonly Reason[] }) {
  return (
    <ul>
      {of.map(({ speaks, words }) => (
        <li key={words} className={speaks === 'for' ? 'text-moss' : 'text-garnet'}>
          {speaks === 'for' ? '+' : '−'} {words}
        </li>
      ))}
    </ul>
  );
}

/** Two or three beside each other: what is the same of all stands once, and what is not in a row of its own. */
export function SideBySide({ beside, onPlan }: { beside: readonly CouldSew[]; onPlan: (c: CouldSew) => void }) {
  const ofAll = (beside[0]?.reasons ?? []).filter((r) => beside.every((c) => c.reasons.some((other) => other.words === r.words)));
  const own = (c: CouldSew, about: Reason['about']) =>
    c.reasons.filter((r) => r.about === about && !ofAll.some((shared) => shared.words === r.words));
  const rows = ABOUT.filter((about) => beside.some((c) => own(c, about).length > 0));
  const cell = 'border-b border-rule p-2 align-top text-small';
  return (
    <>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Side by side">
        <table className="w-full border-collapse">
          <thead>
            <tr>
              <td className="max-sm:hidden" />
              {beside.map((c) => (
                <th key={keyOf(c)} scope="col" className="min-w-40 border-b border-rule2 p-2 text-left align-top font-normal">
                  <span className="block font-serif text-name">{c.pattern.name}</span>
                  <span className="flex items-center gap-2 text-small text-ink2">
                    {c.fabric && <Swatch swatch={c.fabric.swatch} className="size-6 shrink-0" />}
                    {fabricOf(c)}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row" className={clsx(cell, 'text-left font-normal text-ink2 max-sm:hidden')}>
                takes
              </th>
              {beside.map((c) => (
                <td key={keyOf(c)} className={cell}>
                  {roughly(c.hours.minutes)}
                </td>
              ))}
            </tr>
            {rows.map((about) => (
              <tr key={about}>
                <th scope="row" className={clsx(cell, 'text-left font-normal text-ink2 max-sm:hidden')}>
                  {about}
                </th>
                {beside.map((c) => (
                  <td key={keyOf(c)} className={cell}>
                    <Reasons of={own(c, about)} />
                  </td>
                ))}
              </tr>
            ))}
            <tr>
              <td className="max-sm:hidden" />
              {beside.map((c) => (
                <td key={keyOf(c)} className="p-2">
                  <Button aria-label={`Plan ${nameOf(c)}`} onClick={() => onPlan(c)}>
                    Plan it
                  </Button>
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
      {ofAll.length > 0 && (
        <div className="mt-2 text-small">
          <h3 className="text-ink2">{beside.length === 2 ? 'Both' : 'All'}</h3>
          <Reasons of={ofAll} />
        </div>
      )}
    </>
  );
}
