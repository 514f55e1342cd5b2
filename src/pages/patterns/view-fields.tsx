import { useMemo } from 'react';
import { effectContext } from '../../core/garment/case';
import { FIT_CLASS_WORDS } from '../../core/body/fit-class';
import type { LengthUnit } from '../../core/units/length';
import { keysOf } from '../../core/units/keys';
import { zoneOf } from '../../core/body/zones';
import { partsOf } from '../../core/plan/toile-parts';
import { OpeningFields, openingsSaid } from '../../parts/opening-fields';
import { FabricNeed, FlatDetails, Pattern, View } from '../../core/records';
import { newId } from '../../data/new-id';
import { AlterationEntry } from '../../parts/alteration-entry';
import { RecordField } from '../../parts/record-field';
import { RecordRows } from '../../parts/record-rows';
import { ZonePills } from '../../parts/zone-pills';
import { USUAL_ALLOWANCE } from '../../core/arithmetic/sums';
import { PieceFields } from './piece-fields';
import { Fold } from '../../ui/fold';

/** One view of a pattern: which zones decide its fit, how it closes, the fabric it takes, how it is drawn, and what is always changed for looks. */
export function ViewFields({
  pattern,
  view,
  unit,
  onView,
}: {
  pattern: Pattern;
  view: View;
  unit: LengthUnit;
  onView: (part: Partial<View>) => void;
}) {
  const context = useMemo(() => effectContext(pattern, view), [pattern, view]);
  const flat = view.flat ?? {};
  const classed = keysOf(view.zoneClass);
  return (
    <div className="flex flex-col gap-3">
      <RecordField of={View.shape} name="name" value={view.name} onValue={(name) => onView({ name })} className="w-64" />
      <ZonePills label="Places that decide the fit" zones={view.zones} onZones={(zones) => onView({ zones })} />
      <ZonePills label="Hang free" zones={view.freeZones} onZones={(freeZones) => onView({ freeZones })} />
      <div>
        <Fold
          head="Another intended ease at a place"
          said={classed.map((z) => `${zoneOf(z).label} ${FIT_CLASS_WORDS[view.zoneClass[z]!]}`).join(', ')}
        >
          <ZonePills
            label="At"
            zones={classed}
            onZones={(zones) => onView({ zoneClass: Object.fromEntries(zones.map((z) => [z, view.zoneClass[z] ?? pattern.fitClass])) })}
          />
          <div className="mt-2 flex flex-wrap gap-3">
            {classed.map((z) => (
              <RecordField
                key={z}
                of={Pattern.shape}
                name="fitClass"
                label={`Intended ease, ${zoneOf(z).label}`}
                value={view.zoneClass[z]}
                onValue={(fitClass) => onView({ zoneClass: { ...view.zoneClass, [z]: fitClass } })}
              />
            ))}
          </div>
        </Fold>
        <Fold head="How its openings close" said={openingsSaid(view.openings)}>
          <OpeningFields openings={view.openings} onOpenings={(openings) => onView({ openings })} />
        </Fold>
        <Fold head="What it is put together from" said={partsOf(view).join(', ')}>
          <p className="mb-1 text-small text-ink2">Beside its main pieces. What a toile must have is asked for by these.</p>
          <RecordField of={View.shape} name="parts" value={[...partsOf(view)]} onValue={(parts) => onView({ parts })} />
        </Fold>
        <Fold head="Fabric it takes" said={view.fabricTable.length === 0 ? '' : `${view.fabricTable.length} of the table`}>
          <div className="mb-1 flex flex-wrap gap-3">
            <RecordField of={View.shape} name="widest" value={view.widest} onValue={(widest) => onView({ widest })} className="w-44" />
            <RecordField of={View.shape} name="longest" value={view.longest} onValue={(longest) => onView({ longest })} className="w-44" />
          </div>
          <RecordRows
            of={FabricNeed.shape}
            names={['width', 'length', 'sizes']}
            rows={view.fabricTable.map((row, i) => ({ ...row, id: row.id ?? String(i) }))}
            blank={() => ({ id: newId(), width: 140, length: 150 })}
            add="a line of the fabric table"
            onRows={(fabricTable) => onView({ fabricTable })}
          />
        </Fold>
        <Fold head="Its pieces" said={(view.pieces ?? []).length === 0 ? '' : `${(view.pieces ?? []).length}`}>
          <PieceFields
            pieces={view.pieces ?? []}
            allowance={pattern.allowance ?? USUAL_ALLOWANCE}
            unit={unit}
            onPieces={(pieces) => onView({ pieces })}
          />
        </Fold>
        <Fold head="Always changed for looks" said={view.wishes.length === 0 ? '' : `${view.wishes.length} kept from make to make`}>
          <p className="mb-1 text-small text-ink2">Wishes are offered with each make and say nothing of the body.</p>
          <AlterationEntry
            alterations={view.wishes}
            context={context}
            zones={view.zones}
            allowance={pattern.allowance}
            unit={unit}
            onChange={(wishes) => onView({ wishes: wishes.map((w) => ({ ...w, purpose: 'style' })) })}
          />
        </Fold>
        <Fold head="How it is drawn" said="neck, sleeve, length, pockets">
          <div className="flex flex-wrap gap-3">
            {keysOf(FlatDetails.shape).map((name) => (
              <RecordField
                key={name}
                of={FlatDetails.shape}
                name={name}
                value={flat[name]}
                onValue={(value) => onView({ flat: { ...flat, [name]: value } })}
              />
            ))}
          </div>
        </Fold>
      </div>
    </div>
  );
}
