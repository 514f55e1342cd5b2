import { useState } from 'react';
import { outlineOnGrain, remnantFrom } from '../../core/lay/from-picture';
import { withFilePieces } from '../../core/lay/take-pieces';
import { lengthOfMark } from '../../core/measure/kept';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import { USUAL_ALLOWANCE } from '../../core/arithmetic/sums';
import { firstView } from '../../core/make/versions';
import {
  GARMENT_KINDS,
  PatternPiece,
  type GarmentKind,
  type BoughtGarment,
  type Fabric,
  type Make,
  type MeasurementSet,
  type Pattern,
  type Person,
  type PictureMark,
  type PictureMeasured,
  type Plan,
} from '../../core/records';
import { asTapeReads, formatLength, type LengthUnit } from '../../core/units/length';
import { newId } from '../../data/new-id';
import { useBodies } from '../../data/queries';
import { today } from '../../data/today';
import { Button } from '../../ui/button';
import { NumberField } from '../../ui/number-field';
import { ChoiceField, SelectField, TextField } from '../../ui/field';
import { Tick } from '../../ui/tick';
import { save } from '../save';

/** Whose picture it is, with the record. */
export type MeasuredOwner =
  | { readonly kind: 'make'; readonly record: Make }
  | { readonly kind: 'pattern'; readonly record: Pattern }
  | { readonly kind: 'fabric'; readonly record: Fabric }
  | { readonly kind: 'plan'; readonly record: Plan }
  | { readonly kind: 'person'; readonly record: Person };

/** Below a mark: what its measure can be kept as, in one touch. */
export function WhereItGoes({
  owner,
  mark,
  measured,
  unit,
}: {
  owner: MeasuredOwner;
  mark: PictureMark;
  measured: PictureMeasured;
  unit: LengthUnit;
}) {
  const cm = asTapeReads(lengthOfMark(measured, mark).value);
  switch (owner.kind) {
    case 'make':
      return <OnMake make={owner.record} mark={mark} measured={measured} unit={unit} />;
    case 'pattern':
      return mark.kind === 'outline' ? <AsPiece pattern={owner.record} mark={mark} measured={measured} /> : null;
    case 'fabric':
      return mark.kind === 'outline' ? <AsRemnant fabric={owner.record} mark={mark} measured={measured} unit={unit} /> : null;
    case 'plan':
      return mark.name === 'band' ? <AsBand plan={owner.record} cm={cm} unit={unit} /> : null;
    case 'person':
      return mark.name === 'height' ? (
        <AsHeight person={owner.record} cm={cm} unit={unit} />
      ) : mark.zone ? (
        <OnBought person={owner.record} zone={mark.zone} cm={cm} unit={unit} />
      ) : null;
  }
}

/** A measure of the sewn garment; of trousers the crotch is front and back together. */
function OnMake({ make, mark, measured, unit }: { make: Make; mark: PictureMark; measured: PictureMeasured; unit: LengthUnit }) {
  const crotch = ['crotch curve, front', 'crotch curve, back'].map((name) => measured.marks.find((m) => m.name === name));
  const isCrotch = crotch.includes(mark);
  const [front, back] = crotch;
  if (isCrotch && !(front && back))
    return <p className="text-small text-ink2">With the other crotch curve it is the crotch length of the garment.</p>;
  if (isCrotch && mark === back) return null;
  const zone: ZoneId | undefined = isCrotch ? 'crotch' : mark.zone;
  if (!zone) return null;
  const cm =
    isCrotch && front && back
      ? asTapeReads(lengthOfMark(measured, front).value + lengthOfMark(measured, back).value)
      : asTapeReads(lengthOfMark(measured, mark).value);
  const kept = make.measured.find((m) => m.zone === zone);
  const label = zoneOf(zone).label;
  if (kept?.cm === cm && kept.of === 'garment') return <p className="text-small text-moss">Kept: its {label} is reckoned with this.</p>;
  return (
    <Button
      quiet
      onClick={() =>
        void save(
          `measured ${label}`,
          [
            {
              table: 'makes',
              id: make.id,
              edit: (now: Make): Make => ({ ...now, measured: [...now.measured.filter((m) => m.zone !== zone), { zone, cm, of: 'garment' }] }),
            },
          ],
          { done: 'The account reckons with it. Ctrl Z takes it back.' },
        )
      }
    >
      Keep {formatLength(cm, unit, { about: true })} as its {label}
      {kept && `, in the place of ${formatLength(kept.cm, unit, { about: true })}`}
    </Button>
  );
}

/** An outline as a piece of a pattern's view. */
function AsPiece({ pattern, mark, measured }: { pattern: Pattern; mark: PictureMark; measured: PictureMeasured }) {
  const [viewId, setViewId] = useState(firstView(pattern).id);
  const [name, setName] = useState('');
  const [count, setCount] = useState<number | undefined>(2);
  const [fold, setFold] = useState<'' | 'left' | 'right'>('');
  const [size, setSize] = useState('');
  const [added, setAdded] = useState(false);
  const sizes = [...new Set(pattern.charts.flatMap((c) => c.sizes))];
  const grain = measured.marks.find((m) => m.name === 'grain line');
  const allowance = pattern.allowance ?? USUAL_ALLOWANCE;
  const take = () => {
    const outline = outlineOnGrain(measured, mark, grain);
    const pairs = fold === '' && (count ?? 1) % 2 === 0;
    const piece = { name: name.trim(), outline, count: count ?? 1, pairs, ...(fold === '' ? {} : { fold }), ...(size === '' ? {} : { size }) };
    void save(
      `${piece.name} of ${pattern.name}`,
      [
        {
          table: 'patterns',
          id: pattern.id,
          edit: (now: Pattern): Pattern => ({
            ...now,
            views: now.views.map((v) =>
              v.id === viewId
                ? { ...v, pieces: withFilePieces(v.pieces ?? [], [piece], { allowance: added ? allowance : 0, upwards: false, newId }) }
                : v,
            ),
          }),
        },
      ],
      { done: `${piece.name} is a piece of the pattern now: plans are laid with it. Ctrl Z takes it back.` },
    );
  };
  return (
    <div className="mt-1 flex flex-wrap items-end gap-2">
      <TextField label="As the piece" value={name} onChange={(e) => setName(e.target.value)} placeholder="front" className="w-28" />
      <NumberField label="How many" whole least={1} most={60} number={count} onNumber={setCount} className="w-20" />
      <SelectField
        label="On the fold"
        value={fold}
        onChange={(e) => setFold(e.target.value === 'left' || e.target.value === 'right' ? e.target.value : '')}
      >
        <option value="">not</option>
        <option value="left">left side</option>
        <option value="right">right side</option>
      </SelectField>
      {sizes.length > 0 && (
        <SelectField label="Size" value={size} onChange={(e) => setSize(e.target.value)}>
          <option value="">not said</option>
          {sizes.map((s) => (
            <option key={s}>{s}</option>
          ))}
        </SelectField>
      )}
      {pattern.views.length > 1 && (
        <SelectField label="View" value={viewId} onChange={(e) => setViewId(e.target.value)}>
          {pattern.views.map((v) => (
            <option key={v.id} value={v.id}>
              {v.name}
            </option>
          ))}
        </SelectField>
      )}
      <Tick on={added} onChange={setAdded}>
        Add the seam allowance
      </Tick>
      <Button disabled={!PatternPiece.shape.name.safeParse(name.trim()).success} onClick={take}>
        Take it as a piece
      </Button>
      <p className="basis-full text-small text-ink2">
        {grain ? 'Its grain runs along the grain line.' : 'Its grain runs down the sheet; draw a line and call it the grain line where it does not.'}
      </p>
    </div>
  );
}

function AsRemnant({ fabric, mark, measured, unit }: { fabric: Fabric; mark: PictureMark; measured: PictureMeasured; unit: LengthUnit }) {
  const grain = measured.marks.find((m) => m.name === 'grain line');
  const piece = remnantFrom(outlineOnGrain(measured, mark, grain), newId);
  const words = `${formatLength(piece.length, unit, { about: true })} × ${formatLength(piece.width, unit, { about: true })}`;
  return (
    <Button
      quiet
      onClick={() =>
        void save(
          `a remnant of ${fabric.name}`,
          [{ table: 'fabrics', id: fabric.id, edit: (now: Fabric): Fabric => ({ ...now, pieces: [...now.pieces, piece] }) }],
          { done: `${words} in the stash. Ctrl Z takes it back.` },
        )
      }
    >
      Put it in the stash: {words}
      {piece.lacks && ', with what it lacks'}
    </Button>
  );
}

function AsBand({ plan, cm, unit }: { plan: Plan; cm: number; unit: LengthUnit }) {
  const [zone, setZone] = useState<'waistband' | 'wrist' | 'neckline' | 'strap'>('waistband');
  return (
    <div className="mt-1 flex flex-wrap items-end gap-2">
      <SelectField label="A band for the" value={zone} onChange={(e) => setZone(BANDS.find((b) => b === e.target.value) ?? 'waistband')}>
        {BANDS.map((b) => (
          <option key={b} value={b}>
            {zoneOf(b).label}
          </option>
        ))}
      </SelectField>
      <Button
        quiet
        onClick={() =>
          void save(
            'a band measured',
            [
              {
                table: 'plans',
                id: plan.id,
                edit: (now: Plan): Plan => ({
                  ...now,
                  bands: [...(now.bands ?? []), { id: newId(), zone, cut: cm, pieces: 1, onFold: false, allowance: USUAL_ALLOWANCE }],
                }),
              },
            ],
            { done: 'The plan checks it before the scissors. Ctrl Z takes it back.' },
          )
        }
      >
        Check {formatLength(cm, unit, { about: true })} as cut
      </Button>
    </div>
  );
}
const BANDS = ['waistband', 'wrist', 'neckline', 'strap'] as const;

function AsHeight({ person, cm, unit }: { person: Person; cm: number; unit: LengthUnit }) {
  const bodies = useBodies();
  const set = bodies.find((b) => b.personId === person.id && b.date === today());
  const keep = () =>
    void save(`height of ${person.name}`, [
      set
        ? { table: 'bodies', id: set.id, edit: (now: MeasurementSet): MeasurementSet => ({ ...now, measures: { ...now.measures, height: cm } }) }
        : { table: 'bodies', put: { id: newId(), personId: person.id, date: today(), measures: { height: cm } } },
    ]);
  if (set?.measures.height === cm) return <p className="text-small text-moss">Kept in today’s measures.</p>;
  return (
    <Button quiet onClick={keep}>
      Keep {formatLength(cm, unit, { about: true })} as today’s height
    </Button>
  );
}

/** A measure of a garment that was bought: loved, it says what ease is liked. */
function OnBought({ person, zone, cm, unit }: { person: Person; zone: ZoneId; cm: number; unit: LengthUnit }) {
  const all = person.bought ?? [];
  const [id, setId] = useState(all.at(-1)?.id ?? '');
  const [name, setName] = useState('');
  const [kind, setKind] = useState<GarmentKind>(isLowerZone(zone) ? 'trousers' : 'top');
  const known = all.find((g) => g.id === id);
  const put = () => {
    const fresh: BoughtGarment = { id: newId(), name: name.trim(), kind, loved: true, measured: [] };
    const of = known ?? fresh;
    const next: BoughtGarment = { ...of, measured: [...of.measured.filter((m) => m.zone !== zone), { zone, cm }] };
    void save(
      `measured ${zoneOf(zone).label} of ${next.name}`,
      [
        {
          table: 'people',
          id: person.id,
          edit: (now: Person): Person => ({
            ...now,
            bought: known ? (now.bought ?? []).map((g) => (g.id === next.id ? next : g)) : [...(now.bought ?? []), next],
          }),
        },
      ],
      { done: 'Sizes are chosen with its ease where it is loved. Ctrl Z takes it back.' },
    ).then((done) => done && setId(next.id));
  };
  if (known?.measured.some((m) => m.zone === zone && m.cm === cm)) return <p className="text-small text-moss">Kept with {known.name}.</p>;
  return (
    <div className="mt-1 flex flex-wrap items-end gap-2">
      {all.length > 0 && (
        <SelectField label="Of the bought" value={id} onChange={(e) => setId(e.target.value)}>
          {all.map((g) => (
            <option key={g.id} value={g.id}>
              {g.name}
            </option>
          ))}
          <option value="">another one</option>
        </SelectField>
      )}
      {!known && (
        <>
          <TextField label="What it is" value={name} onChange={(e) => setName(e.target.value)} placeholder="the grey cardigan" className="w-40" />
          <ChoiceField label="Kind" value={kind} all={GARMENT_KINDS} onValue={setKind} />
        </>
      )}
      <Button quiet disabled={!known && name.trim() === ''} onClick={put}>
        Keep {formatLength(cm, unit, { about: true })} as its {zoneOf(zone).label}
      </Button>
    </div>
  );
}
const isLowerZone = (zone: ZoneId): boolean => ['hip', 'thigh', 'knee', 'calf', 'legHem', 'leg', 'rise', 'crotch'].includes(zone);
