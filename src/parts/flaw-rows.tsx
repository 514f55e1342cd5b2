import { polygonOf, boundsOf, cornersOf, rectangle } from '../core/units/polygon';
import type { Piece } from '../core/records';
import { formatLength, type LengthUnit } from '../core/units/length';
import { newId } from '../data/new-id';
import { Button } from '../ui/button';
import { LengthField } from '../ui/length-field';

type Lack = NonNullable<Piece['lacks']>[number];

const FIELDS = [
  ['x', 'From the edge'],
  ['y', 'From the end'],
  ['width', 'Width'],
  ['length', 'Length'],
] as const;

/** The four lengths of a place that is a rectangle; undefined of another shape. */
function boxOf({ corners }: Lack) {
  const polygon = polygonOf(corners);
  const { left, top, right, bottom } = boundsOf(polygon);
  const box = { x: left, y: top, width: right - left, length: bottom - top };
  const straight = polygon.every(([x, y]) => (x === left || x === right) && (y === top || y === bottom));
  return polygon.length === 4 && straight ? box : undefined;
}

/** What of a piece of fabric nothing can be cut from: a corner that is gone, a flaw, each by its distance from a selvedge and from the cut end. */
export function FlawRows({ lacks, unit, onLacks }: { lacks: readonly Lack[]; unit: LengthUnit; onLacks: (lacks: Lack[]) => void }) {
  const shown = (cm: number) => formatLength(Math.round(cm), unit, { about: true });
  return (
    <div>
      {lacks.map((lack, i) => {
        const box = boxOf(lack);
        const put = (to: NonNullable<typeof box>) =>
          onLacks(
            lacks.map((l) =>
              l.id === lack.id
                ? { ...l, corners: cornersOf(rectangle(to.x, to.y, to.x + Math.max(0.1, to.width), to.y + Math.max(0.1, to.length))) }
                : l,
            ),
          );
        const { left, top, right, bottom } = boundsOf(polygonOf(lack.corners));
        return (
          <div key={lack.id} className="flex flex-wrap items-end gap-2 border-b border-rule py-1">
            {box ? (
              FIELDS.map(([field, label]) => (
                <LengthField
                  key={field}
                  label={label}
                  cm={box[field]}
                  unit={unit}
                  onCm={(cm) => put({ ...box, [field]: Math.max(0, cm ?? 0) })}
                  className="w-24"
                />
              ))
            ) : (
              <span>
                a shape of its own, {shown(right - left)} × {shown(bottom - top)}
              </span>
            )}
            <Button quiet aria-label={`Forget flaw ${i + 1}`} onClick={() => onLacks(lacks.filter((l) => l.id !== lack.id))}>
              Forget it
            </Button>
          </div>
        );
      })}
      <Button quiet className="mt-1" onClick={() => onLacks([...lacks, { id: newId(), corners: cornersOf(rectangle(20, 20, 25, 25)) }])}>
        Keep a place free
      </Button>
    </div>
  );
}
