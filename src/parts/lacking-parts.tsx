import type { ZoneId } from '../core/body/zones';
import { partsLacking, partsOf, zonesWithout } from '../core/plan/toile-parts';
import type { View } from '../core/records';
import { useTradeWords } from '../data/queries';
import { Choices } from './record-field';
import { ZonePills } from './zone-pills';

/** What a toile leaves out, by the parts that the pattern has; places that no part stands for can be named beside them. */
export function LackingParts({ view, lacking, onLacking }: { view: View; lacking: readonly ZoneId[]; onLacking: (zones: ZoneId[]) => void }) {
  const inWords = useTradeWords();
  const parts = partsOf(view);
  const without = partsLacking(view, lacking);
  const others = lacking.filter((z) => !zonesWithout(without).includes(z));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      {parts.length > 0 && (
        <Choices
          label={inWords('A toile without')}
          all={parts}
          chosen={without}
          onChosen={(chosen) => onLacking([...zonesWithout(parts.filter((p) => chosen.includes(p))), ...others])}
        />
      )}
      <ZonePills
        label={inWords(parts.length > 0 ? 'and not to be judged at' : 'A toile that is not judged at')}
        zones={others}
        onZones={(zones) => onLacking([...zonesWithout(without), ...zones])}
      />
    </div>
  );
}
