import { mainFabric } from '../core/make/main-fabric';
import { useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useLocation } from 'react-router';
import { answerSum, SUMS, type AtHand, type Sum, sumValues, type SumKey, type SumValues } from '../core/arithmetic/sums';
import { pieceCheck } from '../core/arithmetic/piece-check';
import { circleSkirt, QUARTERS } from '../core/arithmetic/circle-skirt';
import { bodyOn } from '../core/body/measures';
import { formatLength } from '../core/units/length';
import { firstOf, itemAt } from '../core/units/item-at';
import { keysOf } from '../core/units/keys';
import { BODY_MEASURES, zoneOf } from '../core/body/zones';
import { closedBands } from '../core/plan/closed-bands';
import type { BandPiece, Plan } from '../core/records';
import { newId } from '../data/new-id';
import { useBodies, useFabrics, usePatterns, usePerson, usePlans, useUnit } from '../data/queries';
import { today } from '../data/today';
import { save } from '../parts/save';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { SelectField } from '../ui/field';
import { KeyCap } from '../ui/key-cap';
import { LengthField } from '../ui/length-field';
import { NumberField } from '../ui/number-field';
import { routes } from '../routes';
import { withId } from '../core/units/by-id';

/** What lies at hand where the drawer is opened: the body spoken of; on a plan's page its fabric and its pattern too. */
function useAtHand(): {
  readonly hand: AtHand;
  readonly plan: Plan | undefined;
  readonly from: readonly string[];
  /** Bands of the planned view: what closes round the body. */
  readonly bands: readonly BandPiece['zone'][];
} {
  const { pathname } = useLocation();
  const person = usePerson();
  const bodies = useBodies();
  const plans = usePlans();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const plan = plans.find((p) => pathname === routes.plan(p.id) || pathname === routes.cutSheet(p.id));
  const personId = plan?.personId ?? person?.id;
  const own = bodies.filter((b) => b.personId === personId);
  const body = Object.fromEntries(
    keysOf(BODY_MEASURES).flatMap((m) => {
      const found = bodyOn(own, m, today());
      return found ? [[m, found.cm]] : [];
    }),
  ) as AtHand['body'];
  const pattern = withId(patterns, plan?.patternId);
  const fabric = plan && mainFabric(plan, fabrics).fabric;
  const from = [person && own.length > 0 && 'the measures', fabric?.name, pattern && `the allowance of ${pattern.name}`].filter((f): f is string =>
    Boolean(f),
  );
  const view = pattern?.views.find((v) => v.id === plan?.viewId);
  return { hand: { body, fabric, allowance: pattern?.allowance }, plan, from, bands: view ? closedBands(view) : [] };
}

/** A quarter of a circle skirt as it lies on the fabric, at its true proportions. */
function CircleDrawing({ values, length }: { values: SumValues; length: (cm: number) => string }) {
  const part = itemAt(keysOf(QUARTERS), values.part);
  const found = circleSkirt(part, values.waist, values.length, values.width, { waist: values.allowance, hem: values.hem });
  if (!found) return null;
  const r = 120;
  const inner = (r * found.cutRadius) / found.outer;
  return (
    <svg
      viewBox="-6 -16 190 150"
      width={260}
      role="img"
      aria-label={`A quarter: the waist cut at ${length(found.cutRadius)}, the hem at ${length(found.outer)} from the corner`}
    >
      <path
        d={`M${inner} 0H${r}A${r} ${r} 0 0 1 0 ${r}V${inner}A${inner} ${inner} 0 0 0 ${inner} 0Z`}
        fill="var(--c-tint)"
        stroke="var(--c-ink)"
        strokeWidth={1.2}
      />
      <path d={`M0 0H${inner}M0 0V${inner}`} stroke="var(--c-ink2)" strokeDasharray="3 3" />
      <text x={inner + 4} y={-4} fontSize={11} fill="var(--c-ink2)">
        {length(found.cutRadius)}
      </text>
      <text x={r + 4} y={10} fontSize={11} fill="var(--c-ink2)">
        {length(found.outer)}
      </text>
    </svg>
  );
}

/** Strips across a piece, at half a right angle to its edges. */
function BiasDrawing({ values }: { values: SumValues }) {
  const [long, wide, strip] = [values.length, values.width, values.strip];
  const scale = 150 / Math.max(long, wide);
  const [w, h] = [long * scale, wide * scale];
  const step = Math.max(3, strip * Math.SQRT2 * scale);
  const lines = Array.from({ length: Math.min(80, Math.ceil((w + h) / step)) }, (_, i) => i * step);
  return (
    <svg viewBox={`-2 -2 ${w + 4} ${h + 4}`} width={w + 4} role="img" aria-label="Strips at half a right angle to the edges of the piece">
      <clipPath id="piece">
        <rect width={w} height={h} />
      </clipPath>
      <rect width={w} height={h} fill="var(--c-tint)" stroke="var(--c-ink)" strokeWidth={1.2} />
      <g clipPath="url(#piece)" stroke="var(--c-ink2)" strokeWidth={0.8}>
        {lines.map((x) => (
          <line key={x} x1={x} y1={0} x2={x - h} y2={h} />
        ))}
      </g>
    </svg>
  );
}

/** A band as the sum has it. */
const bandOf = ({ cut, pieces, fold, allowance, overlap }: SumValues) => ({
  cut: cut,
  pieces: pieces,
  onFold: fold === 1,
  allowance: allowance,
  ...(overlap ? { overlap } : {}),
});

/** A piece against the body it must go round, one above the other. */
function PieceDrawing({ values }: { values: SumValues }) {
  const { finished, needed } = pieceCheck(bandOf(values), values.body, values.ease);
  const scale = 240 / Math.max(finished, needed, 1);
  return (
    <svg viewBox="0 0 260 46" width={260} role="img" aria-label="The band when sewn, above what it must go round">
      <rect x={2} y={4} width={Math.max(0, finished * scale)} height={14} fill="var(--c-tint)" stroke="var(--c-ink)" />
      <rect x={2} y={26} width={needed * scale} height={14} fill="none" stroke="var(--c-ink2)" strokeDasharray="3 2" />
      <text x={8} y={15} fontSize={11} fill="var(--c-ink)">
        band
      </text>
      <text x={8} y={37} fontSize={11} fill="var(--c-ink2)">
        needed
      </text>
    </svg>
  );
}

function drawingOf(sum: Sum, values: SumValues, length: (cm: number) => string): ReactNode {
  if (sum.id === 'circle') return <CircleDrawing values={values} length={length} />;
  if (sum.id === 'bias') return <BiasDrawing values={values} />;
  if (sum.id === 'piece') return <PieceDrawing values={values} />;
  return null;
}

/** The sums of the cutting table, from anywhere: what is known stands there already, and an answer goes back into the plan. */
export function Arithmetic({ onClose }: { onClose: () => void }) {
  const unit = useUnit();
  const { hand, plan, from, bands } = useAtHand();
  const [id, setId] = useState(firstOf(SUMS).id);
  const [typed, setTyped] = useState<Readonly<Record<string, Partial<Record<SumKey, number>>>>>({});
  const sum = SUMS.find((s) => s.id === id)!;
  const own = typed[id] ?? {};
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  const found = answerSum(sum, own, hand, length);
  const set = (key: SumKey, value: number | undefined) => {
    const { [key]: _, ...others } = own;
    setTyped({ ...typed, [id]: value === undefined ? others : { ...others, [key]: value } });
  };
  const values = sumValues(
    Object.fromEntries(
      sum.fields.flatMap((f) => {
        const value = own[f.key] ?? f.usual?.(hand);
        return value === undefined ? [] : [[f.key, value] as const];
      }),
    ),
  );
  // Of several bands the one whose body stands in the sum is meant.
  const band = bands.find((z) => hand.body[zoneOf(z).measure ?? 'head'] === values.body) ?? bands[0];
  const first = 'lines' in found ? found.lines[0] : undefined;
  const intoFabric = 'lines' in found ? sum.intoFabric?.(values) : undefined;
  const told = hand.fabric && intoFabric && Object.keys(intoFabric).length > 0 ? hand.fabric : undefined;
  const putBack = async () => {
    if (!plan || first === undefined) return;
    if (told) {
      await save(`a test of ${told.name}`, [{ table: 'fabrics', id: told.id, edit: (now) => ({ ...now, ...intoFabric }) }], {
        done: `It stands with ${told.name}. Ctrl Z takes it back.`,
      });
      return;
    }
    if (sum.id === 'piece' && band) {
      const piece = { ...bandOf(values), id: newId(), zone: band };
      await save(
        'a band into the plan',
        [{ table: 'plans', id: plan.id, edit: (now) => ({ ...now, bands: [...(now.bands ?? []).filter((b) => b.zone !== band), piece] }) }],
        { done: `The ${zoneOf(band).label} stands in the plan and is checked there. Ctrl Z takes it back.` },
      );
      return;
    }
    const words = `${sum.name} ${first}.`;
    await save(
      'an answer into the plan',
      [{ table: 'plans', id: plan.id, edit: (now) => ({ ...now, words: now.words ? `${now.words} ${words}` : words }) }],
      { done: 'It stands in the plan. Ctrl Z takes it back.' },
    );
  };
  useHotkeys('mod+enter', () => void putBack(), { enableOnFormTags: true, preventDefault: true });
  return (
    <Dialog side open onClose={onClose} title="Arithmetic at hand">
      <SelectField label="What is to be worked out" value={id} onChange={(e) => setId(e.target.value)} className="mt-3" autoFocus>
        {SUMS.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}
          </option>
        ))}
      </SelectField>
      <p className="mt-1 text-small text-ink2">
        {from.length > 0
          ? `Taken from what is at hand: ${from.join(', ')}.`
          : 'Nothing is at hand here: on a plan’s page its fabric and pattern would be.'}
      </p>
      <div className="mt-3 grid grid-cols-2 gap-3" key={id}>
        {sum.fields.map((f) =>
          f.choices ? (
            <SelectField key={f.key} label={f.label} value={values[f.key] ?? 0} onChange={(e) => set(f.key, Number(e.target.value))}>
              {f.choices.map((c, i) => (
                <option key={c} value={i}>
                  {c}
                </option>
              ))}
            </SelectField>
          ) : f.ask === 'length' ? (
            <LengthField key={f.key} label={f.label} unit={unit} cm={values[f.key]} onCm={(cm) => set(f.key, cm)} />
          ) : (
            <NumberField key={f.key} label={f.ask === 'percent' ? `${f.label}, %` : f.label} number={values[f.key]} onNumber={(n) => set(f.key, n)} />
          ),
        )}
      </div>
      <div className="mt-4 border-y border-rule2 py-2" role="status">
        {'wants' in found ? (
          <p className="text-ink2">Still wanted: {found.wants.join(', ')}.</p>
        ) : (
          <>
            <p className={found.warns ? 'text-figure text-garnet' : 'text-figure'}>{found.lines[0]}</p>
            {found.lines.slice(1).map((l) => (
              <p key={l} className="text-ink2">
                {l}
              </p>
            ))}
          </>
        )}
      </div>
      {'lines' in found && <div className="mt-3">{drawingOf(sum, values, length)}</div>}
      {plan && first !== undefined && (
        <p className="mt-3">
          <Button onClick={() => void putBack()}>
            {told ? `Write it to ${told.name}` : 'Write it into the plan'} <KeyCap>Ctrl Enter</KeyCap>
          </Button>
        </p>
      )}
    </Dialog>
  );
}
