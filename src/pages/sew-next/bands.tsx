import { sewnRound } from '../../core/arithmetic/piece-check';
import { formatLength } from '../../core/units/length';
import { closedBands } from '../../core/plan/closed-bands';
import { zoneOf } from '../../core/body/zones';
import { BandPiece, type Plan, type View } from '../../core/records';
import { newId } from '../../data/new-id';
import { useUnit } from '../../data/queries';
import { RecordRows } from '../../parts/record-rows';

/** Which bands of a plan were measured. */
export const bandsSaid = ({ bands = [] }: Plan) => bands.map((b) => zoneOf(b.zone).label).join(', ');

/** Bands, cuffs and straps as they lie on the fabric: folds and pieces are multiplied out, and what results is checked against the body. */
export function Bands({ plan, view, allowance, onBands }: { plan: Plan; view: View; allowance: number; onBands: (bands: BandPiece[]) => void }) {
  const unit = useUnit();
  const bands = plan.bands ?? [];
  const next = closedBands(view).find((z) => !bands.some((b) => b.zone === z)) ?? 'waistband';
  return (
    <RecordRows
      of={BandPiece.shape}
      names={['zone', 'cut', 'pieces', 'onFold', 'allowance', 'overlap', 'name', 'round']}
      rows={bands}
      // A length nobody has measured yet is asked for first.
      blank={() => ({ id: newId(), zone: next, pieces: 1, onFold: false, allowance }) as unknown as BandPiece}
      add="a band"
      under={(b) => <p className="text-small text-ink2">{formatLength(sewnRound(b), unit, { about: true })} round when sewn</p>}
      onRows={onBands}
    />
  );
}
