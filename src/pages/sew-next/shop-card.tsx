import { lastVersion, nextVersion } from '../../core/make/versions';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { sizeLineWords } from '../../core/alteration/words';
import { zoneOf } from '../../core/body/zones';
import { caseOf } from '../../core/garment/case';
import { formatFabricLength, formatLength } from '../../core/units/length';
import { shopCard, toBuy } from '../../core/plan/shop-card';
import { Fabric, type Plan } from '../../core/records';
import { blankFabric } from '../../core/records/blank';
import { makeOfPlan } from '../../core/plan/plan-to-make';
import { useCaseTables } from '../../data/engine-tables';
import type { Write } from '../../data/journal';
import { newId } from '../../data/new-id';
import { useLists, usePerson, usePlans, useUnit, useFabricUnit } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { RecordField } from '../../parts/record-field';
import { Button } from '../../ui/button';
import { Fold } from '../../ui/fold';
import { NumberField } from '../../ui/number-field';
import { SelectField } from '../../ui/field';
import { Empty, PageHead } from '../../ui/page-head';
import { Pick } from '../../ui/pick';
import { startMake } from '../../core/make/log-draft';
import { routes } from '../../routes';
import { PlanLayOf } from './plan-lay';
import { withId } from '../../core/units/by-id';

/** What is bought usually shrinks so much in its first wash, %. Source: usual practice for cottons; the field changes it. */
const USUAL_SHRINKAGE = 5;

/** A fabric bought on the spot: in the stash at once, and in the plan it was bought for. */
function Bought({ plan, structure }: { plan: Plan | undefined; structure: Fabric['structure'] }) {
  const blank = () => ({ ...blankFabric(newId(), '', structure), bought: today() });
  const [fabric, setFabric] = useState<Fabric>(blank);
  const set = (part: Partial<Fabric>) => setFabric((was) => ({ ...was, ...part }));
  const ready = fabric.name.trim() !== '' && fabric.boughtLength !== undefined && fabric.width !== undefined;
  const enter = async () => {
    const put: Fabric = { ...fabric, pieces: [{ length: fabric.boughtLength!, width: fabric.width! }] };
    const use = { id: newId(), fabricId: put.id, part: 'main' as const };
    const writes: Write[] = [{ table: 'fabrics', put }];
    if (plan)
      writes.push({ table: 'plans', id: plan.id, edit: (now) => ({ ...now, fabrics: [...now.fabrics.filter((u) => u.part !== 'main'), use] }) });
    const done = `${put.name} is in the stash${plan ? ', and in the plan' : ''}. Ctrl Z takes it back.`;
    if (await save(`bought: ${put.name}`, writes, { done })) setFabric(blank());
  };
  return (
    <details className="mt-2 print:hidden">
      <summary className="cursor-pointer py-1 text-ink2 underline underline-offset-2">Bought something for it</summary>
      <div className="flex flex-wrap items-end gap-2 pt-1">
        <RecordField of={Fabric.shape} name="name" value={fabric.name} onValue={(name) => set({ name })} className="w-44" />
        <RecordField
          of={Fabric.shape}
          name="boughtLength"
          value={fabric.boughtLength}
          onValue={(boughtLength) => set({ boughtLength })}
          className="w-28"
        />
        <RecordField of={Fabric.shape} name="width" value={fabric.width} onValue={(width) => set({ width })} className="w-24" />
        <RecordField
          of={Fabric.shape}
          name="pricePerMetre"
          value={fabric.pricePerMetre}
          onValue={(pricePerMetre) => set({ pricePerMetre })}
          className="w-32"
        />
        <Button disabled={!ready} onClick={() => void enter()}>
          In the stash
        </Button>
      </div>
    </details>
  );
}

/** For the shop, on a phone: what to buy for the plans of a list, or for any pattern. */
export function ShopCardPage() {
  const fabricUnit = useFabricUnit();
  const [params, setParams] = useSearchParams();
  const tables = useCaseTables();
  const plans = usePlans();
  const lists = useLists();
  const person = usePerson();
  const unit = useUnit();
  const [shrinks, setShrinks] = useState(USUAL_SHRINKAGE);
  const listId = params.get('list') ?? '';
  const patternId = params.get('pattern');
  const meant = plans.filter((p) => p.state === 'open' && (listId === '' || p.listId === listId));
  const length = (cm: number) => formatLength(cm, unit, { about: true });

  const cards = [
    ...(patternId && person ? [{ key: patternId, plan: undefined, patternId, personId: person.id }] : []),
    ...(patternId ? [] : meant.map((plan) => ({ key: plan.id, plan, patternId: plan.patternId, personId: plan.personId }))),
  ].flatMap(({ key, plan, patternId: id, personId }) => {
    const pattern = withId(tables.patterns, id);
    if (!pattern) return [];
    const input = caseOf(pattern, personId, tables);
    const make = plan ? makeOfPlan(plan, plan.id, nextVersion(input), today()) : startMake(input, personId, today(), lastVersion(input), newId);
    const cut = make.size && [sizeLineWords(make.size), ...make.sizeLines.map((l) => `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`)].join(', ');
    return [{ key, plan, pattern, cut, card: shopCard(input, make, shrinks) }];
  });

  return (
    <>
      <PageHead title="Shop card" under="What to look for, and how much of it" />
      <div className="mb-3 flex flex-wrap items-end gap-3 print:hidden">
        <SelectField
          label="For the plans of"
          value={listId}
          onChange={(e) => setParams(e.target.value === '' ? {} : { list: e.target.value }, { replace: true })}
        >
          <option value="">every list</option>
          {lists.map((l) => (
            <option key={l.id} value={l.id}>
              {l.name}
            </option>
          ))}
        </SelectField>
        <Pick
          label="Or any pattern"
          placeholder="type its name"
          value={patternId ?? undefined}
          options={tables.patterns.map((p) => ({ id: p.id, label: p.name, detail: p.designer ?? '' }))}
          onPick={(id) => setParams({ pattern: id }, { replace: true })}
          className="w-56"
        />
        <NumberField label="Shrinks in the wash, %" number={shrinks} most={40} onNumber={(n) => setShrinks(n ?? 0)} />
      </div>
      {cards.length === 0 && (
        <Empty>
          Nothing is planned here.{' '}
          <Link to={routes.sewNext} className="underline">
            Plan something
          </Link>
          , or type the name of a pattern.
        </Empty>
      )}
      <ul className="grid grid-cols-2 gap-4 max-lg:grid-cols-1">
        {cards.map(({ key, plan, pattern, cut, card }) => (
          <li key={key} className="break-inside-avoid border border-rule2 bg-page p-3">
            <h2 className="text-figure">{pattern.name}</h2>
            <p className="text-ink2">
              a {card.structure}
              {card.weight ? `, ${card.weight}` : ''}
              {card.widest ? `, at least ${length(card.widest)} wide` : ''}
              {card.stretch ? `, stretch ${card.stretch}\u202f%: 10 cm must reach ${formatLength(10 + card.stretch / 10, 'cm')}` : ''}
            </p>
            {cut && <p className="text-ink2">for size {cut}</p>}
            {card.lengths.every((l) => l.length === undefined) ? (
              <p className="mt-1">How much it takes is not known yet: the width and length that one version took would tell.</p>
            ) : (
              <table className="mt-1 w-full border-collapse text-name">
                <thead className="text-left text-small text-ink2 [&_th]:font-normal">
                  <tr className="double-rule-b">
                    <th scope="col">Width</th>
                    <th scope="col">Buy</th>
                    <th scope="col">with a nap</th>
                  </tr>
                </thead>
                <tbody>
                  {card.lengths.map((l) => (
                    <tr key={l.width} className="border-b border-rule">
                      <th scope="row" className="py-1 text-left font-normal">
                        {length(l.width)}
                      </th>
                      <td>
                        {l.length === undefined ? (
                          <span className="text-small text-ink2">not known</span>
                        ) : (
                          <strong>{formatFabricLength(toBuy(l.length, fabricUnit), fabricUnit)}</strong>
                        )}
                        {l.rough && <span className="text-small text-ink2"> rough</span>}
                      </td>
                      <td className="text-ink2">{l.oneWay === undefined ? '–' : formatFabricLength(toBuy(l.oneWay, fabricUnit), fabricUnit)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
            {card.lengths.some((l) => l.without) && (
              <p className="mt-1 text-ink2">Without the parts joined from elsewhere: nothing says yet what they take.</p>
            )}
            {plan && plan.kind !== 'mend' && (
              <Fold head="How it lies on the fabric">
                <PlanLayOf planId={plan.id} />
              </Fold>
            )}
            {card.notions.length > 0 && <p className="mt-1">Notions as last time: {card.notions.join(', ')}</p>}
            {card.didWell.length > 0 && (
              <p className="mt-1 text-ink2">
                Did well: {card.didWell.map((d) => `${d.name}${d.weight ? ` (${d.weight}\u202fg/m²)` : ''}, loved ${d.love} of 5`).join('; ')}
              </p>
            )}
            {plan?.words && <p className="mt-1 text-ink2 italic">{plan.words}</p>}
            <Bought plan={plan} structure={card.structure} />
          </li>
        ))}
      </ul>
    </>
  );
}
