import { viewOf } from '../core/make/versions';
import { format, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { effectContext } from '../core/garment/case';
import { byDay } from '../core/units/date';
import type { LengthUnit } from '../core/units/length';
import { firstOf } from '../core/units/item-at';
import type { Make, MeasurementSet, Pattern } from '../core/records';
import { SelectField } from '../ui/field';
import { AlterationEntry } from './alteration-entry';
import { ChosenFields } from './chosen-fields';
import { SizeCut } from './size-cut';
import { Wishes } from './wishes';

/** What is cut: view, chart, size lines and alterations. For a make and for a plan alike. */
export function CutFields({
  make,
  pattern,
  bodies,
  unit,
  onChange,
}: {
  make: Make;
  pattern: Pattern;
  /** The person's measurement sets. */
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
  onChange: (part: Partial<Make>) => void;
}) {
  const view = viewOf(pattern, make);
  const context = useMemo(() => effectContext(pattern, view), [pattern, view]);
  return (
    <div className="flex flex-col gap-2">
      {(pattern.views.length > 1 || pattern.charts.length > 1 || bodies.length > 1 || pattern.offers !== undefined) && (
        <div className="flex flex-wrap gap-3">
          {pattern.views.length > 1 && (
            <SelectField
              label="View"
              value={view.id}
              onChange={(e) => onChange({ sources: make.sources.map((s, i) => (i === 0 ? { ...s, viewId: e.target.value } : s)) })}
            >
              {pattern.views.map((v) => (
                <option key={v.id} value={v.id}>
                  {v.name}
                </option>
              ))}
            </SelectField>
          )}
          <ChosenFields pattern={pattern} chosen={make.chosen} onChosen={(chosen) => onChange({ chosen })} />
          {pattern.charts.length > 1 && (
            <SelectField
              label="Size chart"
              value={make.chartId ?? firstOf(pattern.charts).id}
              onChange={(e) => onChange({ chartId: e.target.value, size: undefined, sizeLines: [] })}
            >
              {pattern.charts.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.name}
                </option>
              ))}
            </SelectField>
          )}
          {bodies.length > 1 && (
            <SelectField
              label="For the body of"
              value={make.bodyId ?? ''}
              onChange={(e) => onChange({ bodyId: e.target.value === '' ? undefined : e.target.value })}
            >
              <option value="">the day it is cut</option>
              {[...bodies]
                .sort((a, b) => byDay(b.date, a.date))
                .map((b) => (
                  <option key={b.id} value={b.id}>
                    {format(parseISO(b.date), 'd MMM yyyy')}
                  </option>
                ))}
            </SelectField>
          )}
        </div>
      )}
      <SizeCut cut={make} pattern={pattern} zones={view.zones} onChange={onChange} />
      <AlterationEntry
        alterations={make.alterations}
        context={context}
        zones={view.zones}
        allowance={pattern.allowance}
        unit={unit}
        onChange={(alterations) => onChange({ alterations })}
      />
      <Wishes pattern={pattern} view={view} alterations={make.alterations} unit={unit} onAlterations={(alterations) => onChange({ alterations })} />
    </div>
  );
}
