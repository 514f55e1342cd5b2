import { Plus, X } from 'lucide-react';
import { toast } from 'react-toastify';
import { clothGive } from '../core/garment/stretch';
import { easeOf } from '../core/garment/draft';
import { viewOf } from '../core/garment/case';
import { longestPiece } from '../core/fabric/stash';
import { bodyOn } from '../core/body/measures';
import { formatLength, type LengthUnit } from '../core/units/length';
import { zoneOf } from '../core/body/zones';
import { ClothUse, type Cloth, type Make, type MeasurementSet, type Pattern } from '../core/records';
import { blankCloth } from '../core/records/blank';
import { newId } from '../data/new-id';
import { keep } from './keep';
import { RecordField } from './record-field';
import { Button } from '../ui/button';
import { Pick } from '../ui/pick';
import { Tick } from '../ui/tick';

/** What this cloth does to the girths that matter, in a line; only where the pattern asks for a stretch. */
function GiveLine({
  make,
  pattern,
  cloth,
  bodies,
  unit,
}: {
  make: Make;
  pattern: Pattern;
  cloth: Cloth;
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
}) {
  const view = viewOf(pattern, make);
  const zone = view.zones.find((z) => zoneOf(z).kind === 'girth');
  const measure = zone && zoneOf(zone).measure;
  if (!zone || !measure) return null;
  const give = clothGive(pattern, zone, cloth, { girth: bodyOn(bodies, measure, make.cutOn)?.cm, ease: easeOf(pattern, view, make, zone) });
  if (give.unknown === 'stretch of the cloth')
    return <p className="text-small text-ink2">How far it gives is not noted: the reckoning stays wider.</p>;
  if (Math.abs(give.cm) < 0.25) return null;
  return (
    <p className="text-small text-ink2">
      It gives {give.cm < 0 ? 'less' : 'more'} than the pattern asks: like {formatLength(give.cm, unit, { signed: true, about: true })} at the{' '}
      {zoneOf(zone).label}
      {give.tooFar ? ', too far to reckon with: sew a toile' : ''}.
    </p>
  );
}

/** What the shelf says to a use: where the length comes from, or that it does not reach. */
function ShelfLine({ use, cloth, unit, entering }: { use: ClothUse; cloth: Cloth; unit: LengthUnit; entering: boolean }) {
  if (use.taken !== undefined && use.taken > 0)
    return <span className="text-small text-ink2">{formatLength(use.taken, unit)} taken off the shelf</span>;
  const longest = longestPiece(cloth);
  if (!entering || longest === 0 || use.length === undefined || use.taken === 0) return null;
  return (
    <span className="text-small text-ink2">
      {longest >= use.length
        ? `comes off the shelf: ${formatLength(longest, unit)} lie there`
        : `the longest piece on the shelf is ${formatLength(longest, unit)}`}
    </span>
  );
}

/** A cloth that is only a name yet: what it does is asked on the shelf, and counted as not known until then. */
async function addCloth(name: string, structure: Cloth['structure']): Promise<string> {
  const cloth = blankCloth(newId(), name, structure);
  if (await keep(`cloth “${name}” put on the shelf`, [{ table: 'cloths', put: cloth }]))
    toast(`“${name}” is on the shelf. Say there how far it gives.`);
  return cloth.id;
}

/** In which cloths: main, lining, contrast and so on, with the length of each and whether it comes off the shelf. */
export function ClothUses({
  make,
  pattern,
  cloths,
  bodies,
  unit,
  entering,
  onUses,
}: {
  make: Make;
  pattern: Pattern | undefined;
  cloths: readonly Cloth[];
  bodies: readonly MeasurementSet[];
  unit: LengthUnit;
  /** The make is not in the ledger yet: its cloth is still on the shelf. */
  entering: boolean;
  onUses: (uses: ClothUse[]) => void;
}) {
  const uses = make.cloths;
  const structure = pattern?.wants.structure ?? 'woven';
  const set = (id: string, part: Partial<ClothUse>) => onUses(uses.map((u) => (u.id === id ? { ...u, ...part } : u)));
  const begin = (clothId: string) => {
    const parts = uses.map((u) => u.part);
    const part = !parts.includes('main') ? 'main' : !parts.includes('lining') ? 'lining' : 'contrast';
    onUses([...uses, { id: newId(), clothId, part }]);
  };
  const options = cloths.map((c) => ({
    id: c.id,
    label: c.name,
    detail: longestPiece(c) > 0 ? formatLength(longestPiece(c), unit) : (c.fibre ?? ''),
  }));
  return (
    <div>
      {uses.map((use) => {
        const cloth = cloths.find((c) => c.id === use.clothId);
        return (
          <div key={use.id} className="border-b border-rule py-1.5">
            <div className="flex flex-wrap items-end gap-2">
              <Pick
                label={use.part === 'main' ? 'Main cloth' : `Cloth, ${use.part}`}
                value={use.clothId}
                options={options}
                onPick={(id) => set(use.id, { clothId: id })}
                onNew={(name) => void addCloth(name, structure).then((id) => set(use.id, { clothId: id }))}
                newLabel={(name) => `New cloth: ${name}`}
                className="min-w-36 flex-1"
              />
              <RecordField of={ClothUse.shape} name="part" value={use.part} onValue={(part) => set(use.id, { part })} className="w-28" />
              <RecordField of={ClothUse.shape} name="length" value={use.length} onValue={(length) => set(use.id, { length })} className="w-24" />
              <RecordField of={ClothUse.shape} name="left" value={use.left} onValue={(left) => set(use.id, { left })} className="w-20" />
              <RecordField of={ClothUse.shape} name="squeeze" value={use.squeeze} onValue={(squeeze) => set(use.id, { squeeze })} className="w-28" />
              <RecordField of={ClothUse.shape} name="bias" value={use.bias} onValue={(bias) => set(use.id, { bias })} className="w-24" />
              <button
                type="button"
                aria-label={`Remove ${cloth?.name ?? 'the cloth'} from this make`}
                onClick={() => onUses(uses.filter((u) => u.id !== use.id))}
                className="rounded-md p-1.5 text-ink2 hover:bg-tint max-sm:p-3"
              >
                <X size={15} aria-hidden />
              </button>
            </div>
            {cloth && (
              <div className="flex flex-wrap items-center gap-x-4">
                <ShelfLine use={use} cloth={cloth} unit={unit} entering={entering} />
                {entering && cloth.pieces.length > 0 && (
                  <Tick
                    on={use.taken === 0}
                    onChange={(on) => {
                      const { taken: _, ...rest } = use;
                      onUses(uses.map((u) => (u.id === use.id ? (on ? { ...rest, taken: 0 } : rest) : u)));
                    }}
                  >
                    <span className="text-small text-ink2">not off the shelf</span>
                  </Tick>
                )}
                {pattern && use.part === 'main' && <GiveLine make={make} pattern={pattern} cloth={cloth} bodies={bodies} unit={unit} />}
              </div>
            )}
          </div>
        );
      })}
      {uses.length === 0 ? (
        <Pick
          label="Cloth"
          placeholder="type a name; a new one is added"
          value={undefined}
          options={options}
          onPick={begin}
          onNew={(name) => void addCloth(name, structure).then(begin)}
          newLabel={(name) => `New cloth: ${name}`}
        />
      ) : (
        <Button quiet className="mt-1" onClick={() => cloths[0] && begin(uses[0]?.clothId ?? cloths[0].id)}>
          <Plus size={14} aria-hidden /> lining, contrast or another cloth
        </Button>
      )}
    </div>
  );
}
