import { viewOf } from '../core/make/versions';
import { Plus, X } from 'lucide-react';
import { fabricStretch } from '../core/garment/stretch';
import { easeOf } from '../core/garment/draft';
import { longestPiece } from '../core/fabric/stash';
import { bodyOn } from '../core/body/measures';
import { formatLength, type LengthUnit } from '../core/units/length';
import { zoneOf } from '../core/body/zones';
import { FabricUse, type Fabric, type Make, type MeasurementSet, type Pattern } from '../core/records';
import { blankFabric } from '../core/records/blank';
import { newId } from '../data/new-id';
import { save } from './save';
import { RecordField } from './record-field';
import { Button } from '../ui/button';
import { Pick } from '../ui/pick';
import { Tick } from '../ui/tick';
import { withId } from '../core/units/by-id';

/** What this fabric does to the girths that matter, in a line; only where the pattern asks for a stretch. */
function GiveLine({
  make,
  pattern,
  fabric,
  bodies,
  unit,
}: {
  make: Make;
  pattern: Pattern;
  fabric: Fabric;
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
}) {
  const view = viewOf(pattern, make);
  const zone = view.zones.find((z) => zoneOf(z).kind === 'girth');
  const measure = zone && zoneOf(zone).measure;
  if (!zone || !measure) return null;
  const give = fabricStretch(pattern, zone, fabric, { girth: bodyOn(bodies, measure, make.cutOn)?.cm, ease: easeOf(pattern, view, make, zone) });
  if (give.unknown === 'stretch of the fabric')
    return <p className="text-small text-ink2">How far it stretches is not noted: the range stays wider.</p>;
  if (Math.abs(give.cm) < 0.25) return null;
  return (
    <p className="text-small text-ink2">
      It stretches {give.cm < 0 ? 'less' : 'more'} than the pattern asks: like {formatLength(give.cm, unit, { signed: true, about: true })} at the{' '}
      {zoneOf(zone).label}
      {give.tooFar ? ', too far to reckon with: sew a toile' : ''}.
    </p>
  );
}

/** What the stash says to a use: where the length comes from, or that it does not reach. */
function StashLine({ use, fabric, unit, entering }: { use: FabricUse; fabric: Fabric; unit: LengthUnit; entering: boolean }) {
  if (use.taken !== undefined && use.taken > 0)
    return <span className="text-small text-ink2">{formatLength(use.taken, unit)} taken from the stash</span>;
  const longest = longestPiece(fabric);
  if (!entering || longest === 0 || use.length === undefined || use.taken === 0) return null;
  return (
    <span className="text-small text-ink2">
      {longest >= use.length
        ? `comes from the stash: ${formatLength(longest, unit)} lie there`
        : `the longest piece in the stash is ${formatLength(longest, unit)}`}
    </span>
  );
}

/** A fabric that is only a name yet: what it does is asked in the stash, and counted as not known until then. */
export async function addFabric(name: string, structure: Fabric['structure']): Promise<string | undefined> {
  const fabric = blankFabric(newId(), name, structure);
  const done = `“${name}” is in the stash. Say there how far it stretches.`;
  return (await save(`fabric “${name}” put in the stash`, [{ table: 'fabrics', put: fabric }], { done })) ? fabric.id : undefined;
}

/** In which fabrics: main, lining, contrast and so on, with the length of each and whether it comes from the stash. */
export function FabricUses({
  make,
  pattern,
  fabrics,
  bodies,
  unit,
  entering,
  onUses,
}: {
  make: Make;
  pattern: Pattern | undefined;
  fabrics: readonly Fabric[];
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
  /** The make is not in the ledger yet: its fabric is still in the stash. */
  entering: boolean;
  onUses: (uses: FabricUse[]) => void;
}) {
  const uses = make.fabrics;
  const structure = pattern?.wants.structure ?? 'woven';
  const set = (id: string, part: Partial<FabricUse>) => onUses(uses.map((u) => (u.id === id ? { ...u, ...part } : u)));
  const begin = (fabricId: string) => {
    const parts = uses.map((u) => u.part);
    const part = !parts.includes('main') ? 'main' : !parts.includes('lining') ? 'lining' : 'contrast';
    onUses([...uses, { id: newId(), fabricId, part }]);
  };
  const options = fabrics.map((c) => ({
    id: c.id,
    label: c.name,
    detail: longestPiece(c) > 0 ? formatLength(longestPiece(c), unit) : (c.fibre ?? ''),
  }));
  return (
    <div>
      {uses.map((use) => {
        const fabric = withId(fabrics, use.fabricId);
        return (
          <div key={use.id} className="border-b border-rule py-1.5">
            <div className="flex flex-wrap items-end gap-2">
              <Pick
                label={use.part === 'main' ? 'Main fabric' : `Fabric, ${use.part}`}
                value={use.fabricId}
                options={options}
                onPick={(id) => set(use.id, { fabricId: id })}
                onNew={(name) => void addFabric(name, structure).then((id) => id && set(use.id, { fabricId: id }))}
                newLabel={(name) => `New fabric: ${name}`}
                className="min-w-36 flex-1"
              />
              <RecordField of={FabricUse.shape} name="part" value={use.part} onValue={(part) => set(use.id, { part })} className="w-28" />
              <RecordField of={FabricUse.shape} name="length" value={use.length} onValue={(length) => set(use.id, { length })} className="w-24" />
              <RecordField of={FabricUse.shape} name="left" value={use.left} onValue={(left) => set(use.id, { left })} className="w-20" />
              {(use.part !== 'main' || uses.length > 1 || use.pieces !== undefined) && (
                <RecordField of={FabricUse.shape} name="pieces" value={use.pieces} onValue={(pieces) => set(use.id, { pieces })} className="w-36" />
              )}
              <RecordField of={FabricUse.shape} name="squeeze" value={use.squeeze} onValue={(squeeze) => set(use.id, { squeeze })} className="w-32" />
              <RecordField of={FabricUse.shape} name="bias" value={use.bias} onValue={(bias) => set(use.id, { bias })} className="w-32" />
              <button
                type="button"
                aria-label={`Remove ${fabric?.name ?? 'the fabric'} from this make`}
                onClick={() => onUses(uses.filter((u) => u.id !== use.id))}
                className="rounded-md p-1.5 text-ink2 hover:bg-tint max-sm:p-3"
              >
                <X size={15} aria-hidden />
              </button>
            </div>
            {fabric && (
              <div className="flex flex-wrap items-center gap-x-4">
                <StashLine use={use} fabric={fabric} unit={unit} entering={entering} />
                {entering && fabric.pieces.length > 0 && (
                  <Tick
                    on={use.taken === 0}
                    onChange={(on) => {
                      const { taken: _, ...rest } = use;
                      onUses(uses.map((u) => (u.id === use.id ? (on ? { ...rest, taken: 0 } : rest) : u)));
                    }}
                  >
                    <span className="text-small text-ink2">not from the stash</span>
                  </Tick>
                )}
                {pattern && use.part === 'main' && <GiveLine make={make} pattern={pattern} fabric={fabric} bodies={bodies} unit={unit} />}
              </div>
            )}
          </div>
        );
      })}
      {uses.length === 0 ? (
        <Pick
          label="Fabric"
          placeholder="type a name; a new one is added"
          value={undefined}
          options={options}
          onPick={begin}
          onNew={(name) => void addFabric(name, structure).then((id) => id && begin(id))}
          newLabel={(name) => `New fabric: ${name}`}
        />
      ) : (
        <Button quiet className="mt-1" onClick={() => fabrics[0] && begin(uses[0]?.fabricId ?? fabrics[0].id)}>
          <Plus size={14} aria-hidden /> lining, contrast or another fabric
        </Button>
      )}
    </div>
  );
}
