import { unlike } from '../../core/measure/proportion';
import { seenAs } from '../../core/measure/kept';
import { REFERENCES, type Reference, type ReferenceName } from '../../core/measure/reference';
import type { PictureMeasured } from '../../core/records';

import { keysOf } from '../../core/units/keys';
import type { LengthUnit } from '../../core/units/length';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { Labelled } from '../../ui/labelled';
import { aboveNought, LengthField } from '../../ui/length-field';
import { Segmented } from '../../ui/segmented';

/** What lies beside what is measured: something known, or of sides that are said. */
export type ReferenceKind = ReferenceName | 'mat' | 'own' | 'ruler';

/** The sides that are said, cm. */
export interface OwnSides {
  readonly width: number;
  readonly height: number;
  readonly square: number;
}

/** Thick cloth lies so high, cm. Source: two layers of a garment laid flat, by our own measuring. */
export const GARMENT_THICK = 0.5;

/** What a reference is called again that was kept. */
export const kindOf = (measured: PictureMeasured | undefined): ReferenceKind => {
  const { reference } = measured ?? {};
  if (!reference) return 'a4';
  if (reference.ruler) return 'ruler';
  if (reference.square !== undefined) return 'mat';
  return keysOf(REFERENCES).find((name) => name === reference.name) ?? 'own';
};

/** The sides of what lies there, by what was chosen. */
export const sidesOf = (next: ReferenceKind, sides: OwnSides): Reference => {
  if (next === 'mat') return sides;
  if (next === 'ruler') return { width: sides.width, height: sides.width, ruler: true };
  return next === 'own' ? { width: sides.width, height: sides.height } : { width: REFERENCES[next].width, height: REFERENCES[next].height };
};

const KINDS: readonly (readonly [ReferenceKind, string])[] = [
  ...keysOf(REFERENCES).map((name) => [name, REFERENCES[name].label] as const),
  ['mat', 'a cutting mat'],
  ['ruler', 'a ruler or a tape'],
  ['own', 'a rectangle I measured'],
];

/** What is asked of the sides of what was chosen. */
const ASKED: Partial<Record<ReferenceKind, readonly (readonly [keyof OwnSides, string])[]>> = {
  mat: [
    ['width', 'Corners apart, across'],
    ['height', 'and down'],
    ['square', 'Squares of'],
  ],
  own: [
    ['width', 'Its one side'],
    ['height', 'its other side'],
  ],
  ruler: [['width', 'Its ends apart']],
};

/**
 * Says what of known size lies in the picture, and how well it was made out.
 *
 * @param onThick where what is measured may lie above it, cm; left out where that is not asked
 */
export function ReferenceChoice({
  kind,
  own,
  measured,
  unit,
  onKind,
  onSide,
  onSearch,
  onThick,
}: {
  kind: ReferenceKind;
  own: OwnSides;
  measured: PictureMeasured | undefined;
  unit: LengthUnit;
  onKind: (kind: ReferenceKind) => void;
  onSide: (part: Partial<OwnSides>) => void;
  onSearch: () => void;
  onThick: ((cm: number) => void) | undefined;
}) {
  return (
    <section>
      <h2 className="text-head">What of known size lies there</h2>
      <div className="flex flex-wrap items-end gap-2">
        <SelectField label="Beside it lies" value={kind} onChange={(e) => onKind(KINDS.find(([name]) => name === e.target.value)?.[0] ?? 'own')}>
          {KINDS.map(([name, label]) => (
            <option key={name} value={name}>
              {label}
            </option>
          ))}
        </SelectField>
        {(ASKED[kind] ?? []).map(([side, label]) => (
          <LengthField
            key={side}
            label={label}
            cm={own[side]}
            unit={unit}
            check={aboveNought}
            onCm={(cm) => cm !== undefined && onSide({ [side]: cm })}
            className="w-28"
          />
        ))}
        <Button quiet onClick={onSearch}>
          Look for it again
        </Button>
      </div>
      {measured && <HowWell kind={kind} measured={measured} />}
      {onThick && measured && (
        <Labelled className="mt-2" label="What is measured lies">
          <Segmented
            label="What is measured lies"
            value={measured.thick === undefined || measured.thick === 0 ? 'flat' : 'thick'}
            choices={[
              { value: 'flat', label: 'flat as paper' },
              { value: 'thick', label: 'thick as a garment' },
            ]}
            onChange={(how) => onThick(how === 'thick' ? GARMENT_THICK : 0)}
          />
        </Labelled>
      )}
    </section>
  );
}

/** How well what lies there was made out, and whether it can be what it was said to be. */
function HowWell({ kind, measured }: { kind: ReferenceKind; measured: PictureMeasured }) {
  const { found, refined, rms } = measured;
  const other = unlike(seenAs(measured).view, measured.reference);
  const where = found ? 'Found in the picture' : kind === 'ruler' ? 'One length, put by hand' : 'Its corners were put by hand';
  const how =
    kind === 'ruler'
      ? '; what the camera leaned and the lens bends is doubt'
      : refined
        ? ', and brought onto its edges'
        : '; its edges could not be made out, so lengths are less sure';
  return (
    <>
      <p className="mt-1 text-small text-ink2">
        {where}
        {how}.
      </p>
      {other ? (
        <p className="mt-1 text-small text-garnet">
          {other.rather
            ? `By its sides it is rather ${REFERENCES[other.rather].label}. Say so above, or look at its corners: every length depends on it.`
            : 'Its sides stand to each other as those of something else. Look at its corners, and at what was said to lie there.'}
        </p>
      ) : (
        refined && rms > 1 && <p className="mt-1 text-small">It does not lie quite flat, or is no such rectangle: look at its corners.</p>
      )}
    </>
  );
}
