import { useTradeWords } from '../../data/queries';
import { mainFabric } from '../../core/make/main-fabric';
import { zoneList } from '../../core/alteration/words';
import type { PlannedZone } from '../../core/forecast/planned-chance';
import { formatDuration } from '../../core/units/duration';
import { formatMoney } from '../../core/units/money';
import { percent } from '../../core/units/percent';
import { fabricFor } from '../../core/plan/fabric-for-plan';
import { toileQuestion } from '../../core/plan/toile';
import { Button } from '../../ui/button';
import type { PlanInWork } from './use-plan';

/** Toile first? The chance and what either way costs; nothing where there is no doubt. */
export function ToileFirst({
  work: { input, make, request },
  zones,
  onToile,
}: {
  work: PlanInWork;
  zones: readonly PlannedZone[];
  onToile: () => void;
}) {
  const inWords = useTradeWords();
  const { fabric } = mainFabric(make, input.fabrics);
  const needed = fabric && fabricFor(input, make, fabric, request.today, request.plans).needed?.enough;
  const found = toileQuestion(input, make, zones, needed);
  if (make.kind === 'garment' && !found.advised) return null;
  const atStake = [
    fabric && found.cost && `${formatMoney(found.cost)} of ${fabric.name}`,
    found.minutes !== undefined && `about ${formatDuration(found.minutes)} of sewing`,
  ].filter(Boolean);
  return (
    <section aria-labelledby="toile">
      <h2 id="toile" className="text-head text-amber">
        {inWords(make.kind === 'garment' ? 'Toile first?' : 'What this toile is to show')}
      </h2>
      <p>
        {found.chance !== undefined && `The weakest place is right with a chance of ${percent(found.chance)}. `}
        {found.because === 'expensive fabric' && `${fabric!.name} is expensive or cannot be had again. `}
        {atStake.length > 0 && `At stake: ${atStake.join(' and ')}.`}
      </p>
      <p className="text-small text-ink2">
        {found.doubt.length > 0 && `In doubt: ${zoneList(found.doubt)}. `}
        {found.parts.length > 0 && `A toile that tests them has ${found.parts.join(', ')}. `}
        {found.over.length > 0 && `Try it on over ${found.over.join(' and ')}, as it was worn.`}
      </p>
      {make.kind === 'garment' && (
        <p className="mt-1">
          <Button onClick={onToile}>{inWords('Make this plan a toile')}</Button>
        </p>
      )}
    </section>
  );
}
