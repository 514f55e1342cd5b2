import { Pin as PinIcon, Printer, Scissors } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { layAsDxf } from '../../core/lay/as-dxf';
import { layAsSvg } from '../../core/lay/as-svg';
import { overlap } from '../../core/lay/clip';
import type { CutPiece, DrawnLay, LayFabric, Pin } from '../../core/lay/lay';
import { leftOver } from '../../core/lay/left-over';
import { onPieces } from '../../core/lay/on-pieces';
import { piecesOf, type PiecesFrom } from '../../core/lay/pieces-of';
import { atOrigin, moved, rectangle, turnedRound, type Polygon } from '../../core/lay/polygon';
import { newId } from '../../data/new-id';
import { USUAL_WIDTH } from '../../core/fabric/needed';
import { mainFabric } from '../../core/make/main-fabric';
import { planName } from '../../core/make/plan-name';
import { askedOf, fabricEstimate } from '../../core/plan/fabric-estimate';
import { afterWash, fabricFor } from '../../core/plan/fabric-for-plan';
import { groundWords, neededWords } from '../../core/plan/needed-words';
import { formatLength } from '../../core/units/length';
import { usePatterns, usePlans, useUnit } from '../../data/queries';
import { SelectField } from '../../ui/field';
import { LayDrawing } from '../../parts/lay-drawing';
import { fileNameOf, saveFile } from '../../parts/save-file';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { aboveNought, LengthField } from '../../ui/length-field';
import { Labelled } from '../../ui/labelled';
import { Empty, PageHead } from '../../ui/page-head';
import { Refusal } from '../../ui/refusal';
import { Segmented } from '../../ui/segmented';
import { useNarrow } from '../../ui/use-narrow';
import { useLay } from '../../workers/use-lay';
import { usePlanInWork, type PlanInWork } from './use-plan';

/** How long a lay is searched before it is asked whether to go on, s. */
const SECONDS = 8;

/** A place on the fabric that nothing is cut from, cm. */
interface Flaw {
  readonly id: string;
  /** From the first selvedge, and from the cut end. */
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly length: number;
}

const FLAW_FIELDS = [
  ['x', 'From the edge'],
  ['y', 'From the end'],
  ['width', 'Width'],
  ['length', 'Length'],
] as const;

const boxOf = ({ x, y, width, length }: Flaw): Polygon => rectangle(x, y, x + Math.max(0.1, width), y + Math.max(0.1, length));

const FROM_WORDS: Record<PiecesFrom, string> = {
  outlines: 'Its own pieces, as they were read from a file.',
  rectangles: 'Its pieces as rectangles, as they were measured: where they curve, more may fit.',
  'an estimate': 'Pieces drafted from its kind, size and details. The pattern’s own are other shapes: take this as a guide, not as the lay.',
};

/** A plan laid on its fabric, to scale. */
export function LayPage() {
  const { planId } = useParams();
  const work = usePlanInWork(planId);
  if (work === null) return <Empty>This plan is not in the ledger. It may have been removed; Ctrl Z brings it back.</Empty>;
  return work && <LayTable key={work.plan.id} work={work} />;
}

function LayTable({ work: { plan, input, make, request } }: { work: PlanInWork }) {
  const unit = useUnit();
  const narrow = useNarrow();
  const { fabric } = mainFabric(make, input.fabrics);
  const found = useMemo(() => piecesOf(input, make), [input, make]);
  const stash = useMemo(() => fabric && fabricFor(input, make, fabric, request.today, request.plans), [fabric, input, make, request]);
  const [layers, setLayers] = useState<'single' | 'folded' | 'middle'>('single');
  const [flaws, setFlaws] = useState<readonly Flaw[]>([]);
  const [gap, setGap] = useState<'0' | '0.5' | '1'>('0.5');
  const [ownWidth, setOwnWidth] = useState<number>();
  const [pins, setPins] = useState<readonly Pin[]>([]);
  const [refused, setRefused] = useState('');
  const [round, setRound] = useState(1);
  const patterns = usePatterns();
  const name = planName(plan, patterns);
  const others = usePlans().filter((p) => p.id !== plan.id && p.state === 'open' && p.patternId !== undefined && p.kind !== 'mend');
  const [otherId, setOtherId] = useState<string>();
  const other = usePlanInWork(otherId);
  /** Pieces of the other plan, named by it, so that both can be told apart. */
  const beside = useMemo(() => {
    const its = other && piecesOf(other.input, other.make);
    return its ? its.pieces.map((piece): CutPiece => ({ ...piece, name: `${other.input.pattern.name}: ${piece.name}` })) : [];
  }, [other]);
  const [whole, setWhole] = useState(false);
  const lain = useMemo(() => fabric && afterWash(fabric, request.today), [fabric, request.today]);
  const strip = useMemo(() => (whole && lain ? onPieces(lain.pieces) : undefined), [whole, lain]);
  const width = strip?.width ?? ownWidth ?? stash?.at ?? USUAL_WIDTH;
  const folded = layers !== 'single';
  const nap = fabric?.nap ?? false;
  const on = useMemo(
    (): LayFabric => ({
      width,
      folded,
      toMiddle: layers === 'middle',
      gap: Number(gap),
      ...(nap ? { nap } : {}),
      repeatAlong: fabric?.repeatAlong,
      repeatAcross: fabric?.repeatAcross,
      taken: [...(strip?.taken ?? []), ...flaws.map(boxOf)],
    }),
    [width, folded, layers, gap, nap, fabric, strip, flaws],
  );
  const { work, start, stop } = useLay();
  const ask = useMemo(
    () => found && { input, make, pieces: [...found.pieces, ...beside], fabric: on, pins, seconds: SECONDS, unit },
    [input, make, found, beside, on, pins, unit],
  );
  useEffect(() => {
    if (ask) start({ ...ask, seed: 1 });
  }, [ask, start]);
  const estimate = useMemo(() => fabricEstimate(input, make, fabric ? askedOf(fabric, width) : { width }), [input, make, fabric, width]);
  const length = (cm: number) => formatLength(Math.round(cm), unit, { about: true });
  if (!found)
    return (
      <>
        <PageHead title={`Lay of ${name}`} under={<Back planId={plan.id} />} />
        <Empty>
          Nothing says what its pieces look like: a thing of this kind has no usual shape. Measure its pieces or read them from a file, with{' '}
          <Link className="underline" to={routes.changePattern(input.pattern.id)}>
            the pattern
          </Link>
          .
        </Empty>
      </>
    );
  const { lay, problem, searching, changes } = work;
  const hand = stash?.hand.piece;
  const onHand = strip ? strip.length : hand && Math.abs(hand.width - width) < 0.5 ? hand.length : undefined;
  const over = lay && onHand !== undefined ? onHand - lay.length : undefined;
  // Where the pieces are our own guess, what was noted knows better how much is missing.
  const guessed = found.from === 'an estimate' && estimate && beside.length === 0 ? estimate.middle : undefined;
  const left = lay && !problem && onHand !== undefined && !searching ? leftOver(lay, onHand) : [];
  const missing = onHand === undefined ? 0 : Math.max(0, (guessed ?? lay?.length ?? 0) - onHand);
  const letGo = () => {
    setPins([]);
    setRefused('');
  };
  const put = (wanted: readonly Pin[]) => {
    const changed = wanted.find((pin) => !pins.includes(pin));
    const shape = (pin: Pin) => {
      const polygon = lay?.placed.find((p) => p.piece === pin.piece && p.copy === pin.copy);
      if (!polygon) return [];
      const box = atOrigin(polygon.turned === pin.turned ? polygon.polygon : turnedRound(polygon.polygon));
      return moved(box, pin.x, pin.y);
    };
    const under =
      changed && pins.find((pin) => (pin.piece !== changed.piece || pin.copy !== changed.copy) && overlap(shape(pin), shape(changed)) > 0.05);
    setRefused(
      under && changed ? `${changed.piece} ${changed.copy} would lie on ${under.piece} ${under.copy}, which is pinned. It stays where it was.` : '',
    );
    if (!under) setPins(wanted);
  };
  return (
    <>
      <PageHead
        title={`Lay of ${name}`}
        under={<Back planId={plan.id} />}
        aside={
          lay && (
            <div className="flex flex-wrap gap-2 print:hidden">
              <Button quiet onClick={() => saveFile(new Blob([layAsSvg(lay)], { type: 'image/svg+xml' }), `lay-${fileNameOf(name)}.svg`)}>
                Save as SVG
              </Button>
              <Button quiet onClick={() => saveFile(new Blob([layAsDxf(lay)], { type: 'application/dxf' }), `lay-${fileNameOf(name)}.dxf`)}>
                Save as DXF
              </Button>
              <Button quiet onClick={() => void savePdf(lay, name)}>
                Save as PDF
              </Button>
              <Button quiet onClick={() => window.print()}>
                <Printer size={15} aria-hidden /> Print
              </Button>
            </div>
          )
        }
      />
      <div className="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2 print:hidden">
        <Labelled label="The fabric lies">
          <Segmented
            label="The fabric lies"
            value={layers}
            choices={[
              { value: 'single', label: 'in a single layer' },
              { value: 'folded', label: 'folded lengthwise' },
              { value: 'middle', label: 'both edges to the middle' },
            ]}
            onChange={(value) => {
              setLayers(value);
              letGo();
            }}
          />
        </Labelled>
        <Labelled label="Room between pieces">
          <Segmented
            label="Room between pieces"
            value={gap}
            choices={(['0', '0.5', '1'] as const).map((value) => ({
              value,
              label: value === '0' ? 'none' : formatLength(Number(value), unit, { about: true }),
            }))}
            onChange={setGap}
          />
        </Labelled>
        {(lain?.pieces.length ?? 0) > 1 && (
          <Labelled label="Of the stash">
            <Segmented
              label="Of the stash"
              value={whole ? 'all' : 'one'}
              choices={[
                { value: 'one', label: 'one piece' },
                { value: 'all', label: `all ${lain?.pieces.length} pieces` },
              ]}
              onChange={(value) => {
                setWhole(value === 'all');
                letGo();
              }}
            />
          </Labelled>
        )}
        {others.length > 0 && (
          <SelectField
            label="Together with"
            value={otherId ?? ''}
            onChange={(e) => {
              setOtherId(e.target.value === '' ? undefined : e.target.value);
              letGo();
            }}
          >
            <option value="">no other plan</option>
            {others.map((p) => (
              <option key={p.id} value={p.id}>
                {planName(p, patterns)}
              </option>
            ))}
          </SelectField>
        )}
        <LengthField label="Width to lay on" cm={width} unit={unit} onCm={setOwnWidth} check={aboveNought} className="w-28" />
        {searching ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button
            quiet
            onClick={() => {
              setRound(round + 1);
              if (ask) start({ ...ask, seed: round + 1 }, 'on');
            }}
          >
            Search on
          </Button>
        )}
      </div>
      {refused !== '' && <Refusal>{refused}</Refusal>}
      {problem && (
        <Refusal>
          {problem.kind === 'too wide'
            ? `${problem.piece} is ${length(problem.needs)} wide as it lies, and there are ${length(problem.has)}${folded ? ' on a layer' : ''}. ${folded ? 'Lay it on a single layer, or take' : 'Take'} a wider fabric, or a seam in it.`
            : `The lay could not be searched: ${problem.problem}. Everything else on the plan works.`}
        </Refusal>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,300px)] gap-6 max-lg:grid-cols-1">
        <div>
          {lay && !problem && (
            <LayDrawing
              lay={lay}
              swatch={fabric?.swatch}
              unit={unit}
              narrow={narrow}
              onHand={onHand}
              cuts={strip?.ends.slice(0, -1) ?? []}
              folds={layers === 'single' ? [] : layers === 'folded' ? [width / 2] : [width / 4, (3 * width) / 4]}
              flaws={flaws.map(boxOf)}
              pins={pins}
              nap={nap}
              onPins={folded ? undefined : put}
              onGrab={stop}
            />
          )}
          {lay && !problem && (
            <p className="mt-1 text-small text-ink2 print:hidden">
              {folded
                ? 'Drawn unfolded: what is cut through both layers lies on either side of the fold. By hand pieces are laid on a single layer.'
                : `Drag a piece, or move it with the arrow keys${nap ? '' : ' and turn it with T'}: it is pinned there, and the rest is laid round it. Enter pins it and lets it go.`}
            </p>
          )}
        </div>
        <aside className="flex flex-col gap-4" aria-label="What it takes">
          <section aria-live="polite">
            <p className="text-figure">
              {lay && !problem ? <>This lay takes {length(Math.ceil(lay.length - 0.05))}</> : searching ? 'Being laid…' : ''}
            </p>
            {lay && !problem && (
              <p className="text-small text-ink2">
                at {length(lay.width)}; none can take less than {length(lay.bound)}
                {searching ? '. Still searching for a shorter one' : ''}.
              </p>
            )}
            {over !== undefined && fabric && onHand !== undefined && (
              <p className={over < 0 ? 'mt-1 text-garnet' : 'mt-1'}>
                <Scissors size={14} aria-hidden className="mr-1 inline" />
                {fabric.name}: {length(onHand)}
                {stash?.shrinks ? ' once washed' : ''},{' '}
                {over < 0 ? `${length(Math.ceil(-over))} too short for this lay` : `${length(Math.floor(over))} left over by this lay`}
              </p>
            )}
            {left.length > 0 && (
              <p className="mt-1 text-small">
                What stays whole:{' '}
                {left
                  .map(
                    (l) =>
                      `${formatLength(Math.floor(l.length), unit, { about: true })} × ${formatLength(Math.floor(l.width), unit, { about: true })}`,
                  )
                  .join(', ')}
                .
              </p>
            )}
            {missing > 0 && over !== undefined && over >= 0 && (
              <p className="mt-1 text-garnet">By what was noted it is {length(Math.ceil(missing))} too short, and these pieces are only drafted.</p>
            )}
            {nap && <p className="mt-1 text-small">All pieces lie one way: {fabric?.name} has a nap or a one-way print.</p>}
          </section>
          {otherId !== undefined && beside.length === 0 && (
            <p className="text-small text-ink2">Nothing says what the pieces of the other plan look like; it is not laid.</p>
          )}
          {estimate && beside.length === 0 && (
            <section>
              <h2 className="text-head">Fabric needed</h2>
              <p>
                <strong>{neededWords(estimate, unit)}</strong>
              </p>
              <p className="text-small text-ink2">
                {groundWords(estimate, unit)}. It counts how such a cut really falls out, and is the length to buy.
              </p>
            </section>
          )}
          {changes && changes.length > 0 && beside.length === 0 && (
            <section>
              <h2 className="text-head">What would save fabric</h2>
              <ul>
                {changes.map(({ words, saves }) => (
                  <li key={words} className="flex justify-between gap-3 border-b border-rule py-1">
                    <span>{words}</span>
                    <span className="whitespace-nowrap">
                      {length(saves)}
                      {missing > 0 && saves >= missing && <span className="text-moss"> · then it fits</span>}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {pins.length > 0 && (
            <section className="print:hidden">
              <h2 className="text-head">Pinned</h2>
              <ul className="mb-1">
                {pins.map((pin) => (
                  <li key={`${pin.piece} ${pin.copy}`}>
                    <PinIcon size={13} aria-hidden className="mr-1 inline" />
                    {pin.piece} {pin.copy}
                  </li>
                ))}
              </ul>
              <Button quiet onClick={letGo}>
                Let all go
              </Button>
            </section>
          )}
          <section className="print:hidden">
            <h2 className="text-head">Flaws and holes</h2>
            {flaws.map((flaw, i) => (
              <div key={flaw.id} className="flex flex-wrap items-end gap-2 border-b border-rule py-1">
                {FLAW_FIELDS.map(([field, label]) => (
                  <LengthField
                    key={field}
                    label={label}
                    cm={flaw[field]}
                    unit={unit}
                    onCm={(cm) => setFlaws(flaws.map((f) => (f.id === flaw.id ? { ...f, [field]: Math.max(0, cm ?? 0) } : f)))}
                    className="w-24"
                  />
                ))}
                <Button quiet aria-label={`Forget flaw ${i + 1}`} onClick={() => setFlaws(flaws.filter((f) => f.id !== flaw.id))}>
                  Forget it
                </Button>
              </div>
            ))}
            <Button quiet onClick={() => setFlaws([...flaws, { id: newId(), x: 20, y: 20, width: 5, length: 5 }])}>
              Keep a place free
            </Button>
          </section>
          <section>
            <h2 className="text-head">Pieces</h2>
            <p className="text-small text-ink2">
              {FROM_WORDS[found.from]}
              {found.graded && ` Graded from size ${found.graded.from}.`}
            </p>
            {found.from === 'an estimate' && (
              <p className="mt-1 text-small print:hidden">
                Better with the pattern’s own: its two largest pieces measured, or{' '}
                <Link className="underline" to={routes.changePattern(input.pattern.id)}>
                  all of them read from a file
                </Link>
                .
              </p>
            )}
          </section>
        </aside>
      </div>
    </>
  );
}

/** The writer of PDF comes with the first that is saved. */
async function savePdf(lay: DrawnLay, name: string): Promise<void> {
  const { layAsPdf } = await import('../../core/lay/as-pdf');
  const bytes = await layAsPdf(lay);
  saveFile(new Blob([new Uint8Array(bytes)], { type: 'application/pdf' }), `lay-${fileNameOf(name)}.pdf`);
}

function Back({ planId }: { planId: string }) {
  return (
    <Link className="underline underline-offset-2 print:hidden" to={routes.plan(planId)}>
      Back to the plan
    </Link>
  );
}
