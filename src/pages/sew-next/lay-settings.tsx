import type { ReactNode } from 'react';
import type { Plan, PlannedLay } from '../../core/records';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { planName } from '../../core/make/plan-name';
import { usePatterns } from '../../data/queries';
import { SelectField } from '../../ui/field';
import { Labelled } from '../../ui/labelled';
import { aboveNought, LengthField } from '../../ui/length-field';
import { Segmented } from '../../ui/segmented';
import type { Table } from './use-table';

/** How the fabric can lie, and what it is called. */
const LAYERS = [
  { value: 'single', label: 'in a single layer' },
  { value: 'lengthwise', label: 'folded lengthwise' },
  { value: 'to the middle', label: 'both edges to the middle' },
  { value: 'crosswise', label: 'folded across' },
] as const;

/** How the fabric lies, what is laid on it, and with how much room. */
export function LaySettings({
  table: { on, washed },
  lay,
  unit,
  others,
  otherId,
  onOther,
  onLay,
  children,
}: {
  table: Table;
  lay: PlannedLay | undefined;
  unit: LengthUnit;
  /** Plans that may be laid with this one. */
  others: readonly Plan[];
  otherId: string | undefined;
  onOther: (id: string | undefined) => void;
  /** What was chosen, and what that is called; pieces that were put by hand are let go where they cannot stay. */
  onLay: (part: Partial<PlannedLay>, what: string) => void;
  children: ReactNode;
}) {
  const patterns = usePatterns();
  const { width, nap = false } = on;
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2 print:hidden">
      <Labelled label="The fabric lies">
        <Segmented
          label="The fabric lies"
          value={on.fold ?? 'single'}
          choices={LAYERS.filter(({ value }) => !nap || value !== 'crosswise')}
          onChange={(value) => {
            onLay({ fold: value === 'single' ? undefined : value, pins: [] }, 'how the fabric lies');
          }}
        />
      </Labelled>
      <Labelled label="Room between pieces">
        <Segmented
          label="Room between pieces"
          value={(['0', '0.5', '1'] as const).find((g) => Number(g) === on.gap) ?? '0.5'}
          choices={(['0', '0.5', '1'] as const).map((value) => ({
            value,
            label: value === '0' ? 'none' : formatLength(Number(value), unit, { about: true }),
          }))}
          onChange={(value) => onLay({ gap: Number(value) }, 'room between pieces')}
        />
      </Labelled>
      {washed.length > 1 && (
        <Labelled label="Of the stash">
          <Segmented
            label="Of the stash"
            value={lay?.whole ? 'all' : 'one'}
            choices={[
              { value: 'one', label: 'one piece' },
              { value: 'all', label: `all ${washed.length} pieces` },
            ]}
            onChange={(value) => {
              onLay({ whole: value === 'all', pins: [] }, 'the pieces it is laid on');
            }}
          />
        </Labelled>
      )}
      {others.length > 0 && (
        <SelectField label="Together with" value={otherId ?? ''} onChange={(e) => onOther(e.target.value === '' ? undefined : e.target.value)}>
          <option value="">no other plan</option>
          {others.map((p) => (
            <option key={p.id} value={p.id}>
              {planName(p, patterns)}
            </option>
          ))}
        </SelectField>
      )}
      <LengthField
        label="Width to lay on"
        cm={width}
        unit={unit}
        onCm={(cm) => onLay({ width: cm }, 'the width to lay on')}
        check={aboveNought}
        className="w-28"
      />
      {children}
    </div>
  );
}
