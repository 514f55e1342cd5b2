import { evenRows } from '../../core/statement/even-rows';
import { scaleLinear } from 'd3-scale';
import type { Sheet, SheetBlock } from '../../core/statement/sheet';
import type { Fabric, Make, Pattern } from '../../core/records';
import { GarmentPicture } from '../garment-picture';
import { usePageTitle } from '../../ui/page-head';
import './sheet.css';
import { withId } from '../../core/units/by-id';

/** So many stand side by side on a page at most. */
const PICTURES_IN_A_ROW = 6;

const WIDTH = 740;
const ROW = 22;
const LABEL = 170;
const WORDS = 150;

/** Amounts of a kind beside each other; each bar bears its label and its amount in words. */
function Bars({ caption, bars }: Extract<SheetBlock, { kind: 'bars' }>) {
  const x = scaleLinear([0, Math.max(1e-9, ...bars.map((b) => b.value))], [0, WIDTH - LABEL - WORDS]);
  return (
    <figure className="sheet-bars">
      <figcaption>{caption}</figcaption>
      <svg viewBox={`0 0 ${WIDTH} ${bars.length * ROW}`} role="img" aria-label={`${caption}: ${bars.map((b) => `${b.label} ${b.words}`).join(', ')}`}>
        {bars.map((b, i) => (
          <g key={b.label} transform={`translate(0 ${i * ROW})`}>
            <text x={0} y={15} fontSize={14} fill="currentColor">
              {b.label}
            </text>
            <rect x={LABEL} y={4} width={Math.max(1, x(b.value))} height={13} fill="var(--c-ink3, #7b6f62)" />
            <text x={LABEL + x(b.value) + 8} y={15} fontSize={13} fill="currentColor">
              {b.words}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}

function Block({ block, makes, patterns, fabrics }: { block: SheetBlock } & Ledger) {
  switch (block.kind) {
    case 'heading':
      return <h2>{block.text}</h2>;
    case 'words':
      return <p className={block.quiet ? 'sheet-quiet' : undefined}>{block.text}</p>;
    case 'list':
      return (
        <ul>
          {block.items.map((item, i) => (
            <li key={i}>{item}</li>
          ))}
        </ul>
      );
    case 'bars':
      return <Bars {...block} />;
    case 'table':
      return (
        <table>
          <caption>{block.caption}</caption>
          <thead>
            <tr>
              {block.columns.map((c) => (
                <th key={c.head} scope="col" className={c.figures ? 'sheet-figures' : undefined}>
                  {c.head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {block.rows.map((row, i) => (
              <tr key={i}>
                {row.map((cell, at) => (
                  <td key={at} className={block.columns[at]?.figures ? 'sheet-figures' : undefined}>
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      );
    case 'told': {
      const make = withId(makes, block.picture.makeId);
      return (
        <section className="sheet-told" aria-label={block.picture.caption}>
          {make && (
            <figure data-make={make.id}>
              <GarmentPicture pattern={withId(patterns, make.sources[0]?.patternId)} make={make} fabrics={fabrics} className="sheet-picture" />
            </figure>
          )}
          <div>
            <h3>{block.picture.caption}</h3>
            <dl>
              {block.lines.map(({ what, words }) => (
                <div key={what}>
                  <dt>{what}</dt>
                  <dd>{words}</dd>
                </div>
              ))}
            </dl>
          </div>
        </section>
      );
    }
    case 'pictures':
      return (
        <div className="sheet-pictures" style={{ '--row': evenRows(block.pictures.length, PICTURES_IN_A_ROW) }}>
          {block.pictures.map(({ makeId, caption }) => {
            const make = withId(makes, makeId);
            return (
              make && (
                <figure key={makeId} data-make={makeId}>
                  <GarmentPicture pattern={withId(patterns, make.sources[0]?.patternId)} make={make} fabrics={fabrics} className="sheet-picture" />
                  <figcaption>{caption}</figcaption>
                </figure>
              )
            );
          })}
        </div>
      );
  }
}

interface Ledger {
  readonly makes: readonly Make[];
  readonly patterns: readonly Pattern[];
  readonly fabrics: readonly Fabric[];
}

/** A sheet as it is shown, printed, and saved. */
export function SheetView({ sheet, ref, ...ledger }: { sheet: Sheet; ref: React.Ref<HTMLElement> } & Ledger) {
  return (
    <article ref={ref} className="sheet">
      <h1 ref={usePageTitle()}>{sheet.title}</h1>
      <p className="sheet-quiet">{sheet.under}</p>
      {sheet.blocks.map((block, i) => (
        <Block key={i} block={block} {...ledger} />
      ))}
    </article>
  );
}
