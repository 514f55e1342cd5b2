import clsx from 'clsx';
import type { BlendZone } from '../core/forecast/blend';
import { percent } from '../core/units/percent';
import { zoneOf } from '../core/body/zones';

const ROW = 28;
/** Width of the row heads, px. */
const HEAD = 108;

/** A blend on the lines of a chart: the chance of right of every size at every place, and the line that is traced through the best. */
export function SizeBlend({ sizes, blend }: { sizes: readonly string[]; blend: readonly BlendZone[] }) {
  const across = (size: string) => ((sizes.indexOf(size) + 0.5) / sizes.length) * 100;
  const line = blend.flatMap((z, i) => [`${across(z.size)},${(i + 0.2) * ROW}`, `${across(z.size)},${(i + 0.8) * ROW}`]).join(' ');
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 100 ${blend.length * ROW}`}
        preserveAspectRatio="none"
        aria-hidden
        className="pointer-events-none absolute right-0 bottom-0"
        style={{ left: HEAD, width: `calc(100% - ${HEAD}px)`, height: blend.length * ROW }}
      >
        <polyline points={line} fill="none" stroke="var(--c-amber-fill)" strokeWidth={3} strokeLinejoin="round" vectorEffect="non-scaling-stroke" />
      </svg>
      <table className="relative w-full table-fixed border-collapse text-center">
        <caption className="sr-only">Chance of right in each size, place by place; the blend in bold</caption>
        <thead className="double-rule-b text-small text-ink2">
          <tr>
            <td style={{ width: HEAD }} />
            {sizes.map((size) => (
              <th key={size} scope="col" className="font-normal">
                {size}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {blend.map((z) => (
            <tr key={z.zone} className="border-b border-rule" style={{ height: ROW }}>
              <th scope="row" className="pr-2 text-left font-normal first-letter:uppercase">
                {zoneOf(z.zone).label}
              </th>
              {z.ofSize.map((chance, i) => (
                <td key={sizes[i]} className={clsx(sizes[i] === z.size ? 'font-semibold text-amber' : 'text-small text-ink2')}>
                  <span
                    className={clsx(
                      'whitespace-nowrap',
                      sizes[i] === z.size && 'rounded-sm bg-amber-wash ring-1 ring-amber-fill max-sm:px-0.5',
                      sizes[i] === z.size && (sizes.length > 6 ? 'px-0.5' : 'px-1.5'),
                    )}
                  >
                    {percent(chance)}
                  </span>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
