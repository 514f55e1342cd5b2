import { format, parseISO } from 'date-fns';
import { Link } from 'react-router';
import { alterationWhen, alterationWords, sizeLineWords, zoneList } from '../../core/alteration/words';
import { zoneOf } from '../../core/body/zones';
import { chosenWords } from '../../core/make/chosen-words';
import { mainUse } from '../../core/make/main-fabric';
import { makeName } from '../../core/make/make-name';
import { partName } from '../../core/make/part-words';
import type { Make, Pattern } from '../../core/records';
import { withId } from '../../core/units/by-id';
import { formatFabricLength, formatLength } from '../../core/units/length';
import { formatMoney } from '../../core/units/money';
import type { Hanging } from '../../core/wear/wardrobe';
import { timesWords } from '../../core/wear/wear-count';
import { useFabrics, useMakes, usePatterns, useSets, useUnit, useFabricUnit, useWearCounts } from '../../data/queries';
import { routes } from '../../routes';
import { NameCombination } from './name-combination';
import { WhatItCost } from './what-it-cost';

/** How often it is worn, with what that says. */
function rateWords(hanging: Hanging | undefined): string {
  const { rate, months, count } = hanging ?? {};
  if (!rate || months === undefined) return '';
  const said = rate.word ? ` · ${rate.word}` : '';
  const folded = count && count.folded > 0 ? ` · stayed folded ${count.folded}\u202f×` : '';
  return ` in ${months.toFixed(months < 12 ? 1 : 0)} months of its season: about ${rate.mean.toFixed(1)} a month (${rate.low.toFixed(1)} to ${rate.high.toFixed(1)})${said}${folded}`;
}

/** Makes that belong together: what this one was made over from, and what became of it; others from the same fabric. */
function Related({ make, makes, patterns }: { make: Make; makes: readonly Make[]; patterns: readonly Pattern[] }) {
  const from = withId(makes, make.refashionOf);
  const into = makes.filter((m) => m.refashionOf === make.id);
  const main = mainUse(make)?.fabricId;
  const same = makes.filter((m) => m.id !== make.id && main !== undefined && m.fabrics.some((u) => u.fabricId === main));
  const links = (list: readonly Make[]) =>
    list.map((m) => (
      <div key={m.id}>
        <Link className="inline-block min-h-7 underline-offset-2 hover:underline" to={routes.make(m.id)}>
          {makeName(m, patterns)}
        </Link>
      </div>
    ));
  return (
    <>
      {from && (
        <>
          <dt>Made over from</dt>
          <dd>{links([from])}</dd>
        </>
      )}
      {into.length > 0 && (
        <>
          <dt>Made over into</dt>
          <dd>{links(into)}</dd>
        </>
      )}
      {same.length > 0 && (
        <>
          <dt>Same fabric</dt>
          <dd>{links(same)}</dd>
        </>
      )}
    </>
  );
}

/** The other garments of its set: made together, worn apart. */
function MadeWith({ make, makes, patterns }: { make: Make; makes: readonly Make[]; patterns: readonly Pattern[] }) {
  const set = withId(useSets(), make.setId);
  if (!set) return null;
  return (
    <>
      <dt>Of the set</dt>
      <dd>
        {set.name}
        {makes
          .filter((m) => m.setId === set.id && m.id !== make.id)
          .map((m) => (
            <div key={m.id}>
              <Link className="inline-block min-h-7 underline-offset-2 hover:underline" to={routes.make(m.id)}>
                {makeName(m, patterns)}
              </Link>
            </div>
          ))}
      </dd>
    </>
  );
}

/** What a garment was cut and sewn from, how it is worn and what it cost. */
export function MakeFacts({ make, pattern, hanging }: { make: Make; pattern: Pattern | undefined; hanging: Hanging | undefined }) {
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const unit = useUnit();
  const fabricUnit = useFabricUnit();
  const count = useWearCounts().get(make.id);
  return (
    <dl className="grid grid-cols-[92px_1fr] border-t border-rule [&>*]:border-b [&>*]:border-rule [&>*]:py-1 [&>dt]:text-ink2">
      <dt>Size cut</dt>
      <dd>
        {sizeLineWords(make.size)}
        {make.sizeLines.map((l) => `, ${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`).join('')}
      </dd>
      {make.chosen && (
        <>
          <dt>Chosen</dt>
          <dd>{chosenWords(make.chosen)}</dd>
        </>
      )}
      <dt>Altered</dt>
      <dd>
        {make.alterations.length === 0 && 'nothing noted'}
        {make.alterations.map((a) => (
          <div key={a.id}>
            {alterationWords(a, unit)} <span className="text-small text-ink2">{a.purpose === 'style' ? 'for looks' : alterationWhen(a)}</span>
          </div>
        ))}
      </dd>
      <dt>Fabric</dt>
      <dd>
        {make.fabrics.length === 0 && 'not noted'}
        {make.fabrics.map((u) => (
          <div key={u.id}>
            <Link className="underline-offset-2 hover:underline" to={routes.fabric(u.fabricId)}>
              {withId(fabrics, u.fabricId)?.name ?? 'a fabric that is gone'}
            </Link>
            {u.length !== undefined && <span className="text-small text-ink2"> · {formatFabricLength(u.length, fabricUnit)} used</span>}
            {u.left !== undefined && <span className="text-small text-ink2"> · {formatFabricLength(u.left, fabricUnit)} left</span>}
          </div>
        ))}
      </dd>
      <dt>Worn</dt>
      <dd>
        {timesWords(count)}
        {count && <span className="text-small text-ink2">{rateWords(hanging)}</span>}
      </dd>
      <WhatItCost make={make} makes={makes} patterns={patterns} fabrics={fabrics} times={count?.times ?? 0} expected={hanging?.expected} />
      {make.notions.length > 0 && (
        <>
          <dt>Notions</dt>
          <dd>{make.notions.map((n) => `${n.what}${n.cost ? ` ${formatMoney(n.cost)}` : ''}`).join(', ')}</dd>
        </>
      )}
      {make.mends.length > 0 && (
        <>
          <dt>Mended</dt>
          <dd>
            {make.mends.map((m) => (
              <div key={m.id}>
                {m.what}
                <span className="text-small text-ink2">
                  {' '}
                  {m.wore ? `· wore out: ${m.wore} ` : ''}· {format(parseISO(m.date), 'd MMMM yyyy')}
                </span>
              </div>
            ))}
          </dd>
        </>
      )}
      {(make.sources.length > 1 || make.own !== undefined) && (
        <>
          <dt>Joined with</dt>
          <dd>
            {make.sources.slice(1).map((source) => (
              <div key={`${source.patternId} ${source.viewId}`}>
                <Link className="inline-block min-h-7 underline-offset-2 hover:underline" to={routes.pattern(source.patternId)}>
                  {partName(source, patterns)}
                </Link>
                <span className="text-small text-ink2">
                  {[source.pieces, source.zones && source.zones.length > 0 && zoneList(source.zones)]
                    .filter(Boolean)
                    .map((words) => ` · ${String(words)}`)
                    .join('')}
                </span>
              </div>
            ))}
            {make.own !== undefined && <div>{make.own}, from own sums</div>}
            {pattern && !pattern.joins && <NameCombination make={make} />}
          </dd>
        </>
      )}
      {make.bought && (
        <>
          <dt>It was</dt>
          <dd>
            {make.bought.what}
            <span className="text-small text-ink2">
              {[make.bought.size && `size ${make.bought.size}`, make.bought.price && formatMoney(make.bought.price)]
                .filter(Boolean)
                .map((words) => ` · ${String(words)}`)
                .join('')}
            </span>
          </dd>
        </>
      )}
      {make.cameOut && (
        <>
          <dt>Came out</dt>
          <dd>
            {make.cameOut.map((p) => (
              <div key={p.id}>
                {withId(fabrics, p.fabricId)?.name ?? 'a fabric that is gone'}
                <span className="text-small text-ink2">
                  {' '}
                  · {formatLength(p.length, unit)} × {formatLength(p.width, unit)}
                </span>
              </div>
            ))}
          </dd>
        </>
      )}
      <MadeWith make={make} makes={makes} patterns={patterns} />
      <Related make={make} makes={makes} patterns={patterns} />
    </dl>
  );
}
