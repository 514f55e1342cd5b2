import { USUAL_ZONES } from '../../core/records';
import { firstView } from '../../core/make/versions';
import { GARMENT_KINDS, isFitless, Pattern, type GarmentKind } from '../../core/records';
import { useTradeWords } from '../../data/queries';
import type { LengthUnit } from '../../core/units/length';
import { NewChart } from '../../parts/new-chart';
import { RecordField } from '../../parts/record-field';
import { ChoiceField } from '../../ui/field';

/** A pattern of another kind: its places are those that usually decide the fit of that. */
function ofKind(pattern: Pattern, kind: GarmentKind): Pattern {
  return { ...pattern, kind, views: [{ ...firstView(pattern), zones: [...USUAL_ZONES[kind]] }] };
}

/** A pattern that was named here first: what was guessed from its name, to be put right. All else about it can wait. */
export function NewPatternFields({ pattern, unit, onPattern }: { pattern: Pattern; unit: LengthUnit; onPattern: (pattern: Pattern) => void }) {
  const inWords = useTradeWords();
  const change = (part: Partial<Pattern>) => onPattern({ ...pattern, ...part });
  return (
    <>
      <RecordField
        of={Pattern.shape}
        name="name"
        label="New pattern"
        value={pattern.name}
        onValue={(name) => change({ name })}
        className="w-56 max-w-full"
      />
      <ChoiceField label="Kind" value={pattern.kind} all={GARMENT_KINDS} words={inWords} onValue={(kind) => onPattern(ofKind(pattern, kind))} />
      <ChoiceField
        label="Fabric it wants"
        value={pattern.wants.structure}
        all={['woven', 'knit']}
        onValue={(structure) => change({ wants: { structure } })}
      />
      <RecordField
        of={Pattern.shape}
        name="designer"
        value={pattern.designer}
        onValue={(designer) => change({ designer })}
        className="w-40 max-sm:w-full"
      />
      {pattern.charts.length === 0 && !isFitless(pattern.kind) && (
        <NewChart quiet pattern={pattern} unit={unit} onChart={(chart) => change({ charts: [chart] })} />
      )}
    </>
  );
}
