import { Pin as PinIcon, Printer, Scissors } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { caseOf } from '../../core/garment/case';
import { layAsDxf } from '../../core/lay/as-dxf';
import { layAsSvg } from '../../core/lay/as-svg';
import { overlap } from '../../core/lay/clip';
import type { CutPiece, DrawnLay, Pin } from '../../core/lay/lay';
import { leftOver } from '../../core/lay/left-over';
import { piecesOf, type PiecesFrom } from '../../core/lay/pieces-of';
import { planName } from '../../core/make/plan-name';
import { lastVersion } from '../../core/make/versions';
import { askedOf, fabricEstimate } from '../../core/plan/fabric-estimate';
import { groundWords, neededWords } from '../../core/plan/needed-words';
import type { AlsoWanted } from '../../core/plan/out-of-the-rest';
import { makeOfPlan } from '../../core/plan/plan-to-make';
import type { Fabric, Pattern, Plan, PlannedLay } from '../../core/records';
import { withId } from '../../core/units/by-id';
import { formatLength } from '../../core/units/length';
import { atOrigin, moved, turnedRound } from '../../core/units/polygon';
import { useCaseTables } from '../../data/engine-tables';
import { usePatterns, usePlans } from '../../data/queries';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { FlawRows } from '../../parts/flaw-rows';
import { LayDrawing } from '../../parts/lay-drawing';
import { save } from '../../parts/save';
import { fileNameOf, saveFile } from '../../parts/save-file';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { Labelled } from '../../ui/labelled';
import { aboveNought, LengthField } from '../../ui/length-field';
import { Empty, PageHead } from '../../ui/page-head';
import { Refusal } from '../../ui/refusal';
import { Segmented } from '../../ui/segmented';
import { useNarrow } from '../../ui/use-narrow';
import { useLay } from '../../workers/use-lay';
import { usePlanInWork, type PlanInWork } from './use-plan';
import { foldsOf, layQuestion, useTable } from './use-table';

const FROM_WORDS: Record<PiecesFrom, string> = {
  outlines: 'Its own pieces, as they were read from a file.',
  rectangles: 'Its pieces as rectangles, as they were measured: where they curve, more may fit.',
  'an estimate': 'Pieces drafted from its kind, size and details. The pattern’s own are other shapes: take this as a guide, not as the lay.',
};

/** A plan laid on its fabric, to scale. */
export function LayPage() {
  const { planId } = useParams();
  const work = usePlanInWork(planId);
  if (work === null) return <NotInTheLedger table="plans" />;
  return work && <LayTable key={work.plan.id} work={work} />;
}

/** How the fabric can lie, and what it is called. */
const LAYERS = [
  { value: 'single', label: 'in a single layer' },
  { value: 'lengthwise', label: 'folded lengthwise' },
  { value: 'to the middle', label: 'both edges to the middle' },
  { value: 'crosswise', label: 'folded across' },
] as const;

/** So many other garments are asked whether they come out of what is left. */
const MOST_ALSO = 30;

/** Other plans and garments made before, of the same structure: what could come out of what is left of the fabric. */
function useAlsoWanted({ plan, input, request }: PlanInWork, fabric: Fabric | undefined): readonly AlsoWanted[] {
  const tables = useCaseTables();
  const plans = usePlans();
  return useMemo(() => {
    const suits = (pattern: Pattern) => fabric !== undefined && pattern.wants.structure === fabric.structure && pattern.id !== input.pattern.id;
    const found: AlsoWanted[] = [];
    for (const p of plans) {
      const pattern = withId(tables.patterns, p.patternId);
      if (found.length >= MOST_ALSO || p.id === plan.id || p.state !== 'open' || !pattern || !suits(pattern)) continue;
      const pieces = piecesOf(caseOf(pattern, p.personId, tables), makeOfPlan(p, p.id, 1, request.today))?.pieces ?? [];
      found.push({ name: `${planName(p, tables.patterns)}, which is planned`, pieces });
    }
    const already = new Set(plans.flatMap((p) => (p.state === 'open' && p.patternId !== undefined ? [p.patternId] : [])));
    for (const pattern of tables.patterns) {
      // Pieces are drafted for no more than are asked about: a ledger may have hundreds of patterns.
      if (found.length >= MOST_ALSO || !suits(pattern) || already.has(pattern.id)) continue;
      const person = tables.makes.find((m) => m.sources[0]?.patternId === pattern.id)?.personId;
      const of = person === undefined ? undefined : caseOf(pattern, person, tables);
      const last = of && lastVersion(of);
      if (of && last) found.push({ name: `${pattern.name} once more, as version ${last.version}`, pieces: piecesOf(of, last)?.pieces ?? [] });
    }
    return found;
  }, [plan, plans, tables, fabric, input, request]);
}

function LayTable({ work: planned }: { work: PlanInWork }) {
  const { plan, input, make, request } = planned;
  const { unit } = request;
  const narrow = useNarrow();
  const table = useTable(planned);
  const { fabric, found, stash, washed, strip, on, pins } = table;
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
  const folded = on.fold !== undefined;
  const { width, nap = false } = on;
  /** What the sewist says of her lay is kept with the plan: it is the same tomorrow, and on the cut sheet. */
  const keep = ({ pins: put, ...part }: Omit<Partial<PlannedLay>, 'pins'> & { readonly pins?: readonly Pin[] }, what = 'the lay') =>
    void save(`${what} of ${name}`, [
      { table: 'plans', id: plan.id, edit: (now: Plan): Plan => ({ ...now, lay: { ...now.lay, ...part, pins: [...(put ?? now.lay?.pins ?? [])] } }) },
    ]);
  const { work, start, stop } = useLay();
  const also = useAlsoWanted(planned, fabric);
  const ask = useMemo(() => {
    const question = layQuestion(planned, table);
    return question && { ...question, pieces: [...question.pieces, ...beside], also };
  }, [planned, table, beside, also]);
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
  const { lay, problem, searching, changes, rest = [] } = work;
  const onHand = strip?.length;
  const over = lay && onHand !== undefined ? onHand - lay.length : undefined;
  // Where the pieces are our own guess, what was noted knows better how much is missing.
  const guessed = found.from === 'an estimate' && estimate && beside.length === 0 ? estimate.middle : undefined;
  const left = lay && !problem && onHand !== undefined && !searching && lay.length <= onHand ? leftOver(lay, onHand, on.taken) : [];
  const missing = onHand === undefined ? 0 : Math.max(0, (guessed ?? lay?.length ?? 0) - onHand);
  /** Of the stash's own record: it is shown washed, and kept as it was noted. */
  const at = fabric && stash?.hand.piece ? washed.findIndex((p) => p.length === stash.hand.piece?.length && p.width === stash.hand.piece.width) : -1;
  const noted = fabric?.pieces[at];
  const letGo = () => {
    keep({ pins: [] }, 'pieces let go');
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
    if (!under) keep({ pins: wanted }, 'a piece put by hand');
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
            value={on.fold ?? 'single'}
            choices={LAYERS.filter(({ value }) => !nap || value !== 'crosswise')}
            onChange={(value) => {
              setRefused('');
              keep({ fold: value === 'single' ? undefined : value, pins: [] }, 'how the fabric lies');
            }}
          />
        </Labelled>
        <Labelled label="Room between pieces">
          <Segmented
            label="Room between pieces"
            value={(['0', '0.5', '1'] as const).find((g) => Number(g) === on.gap) ?? '0.5'}
            choices={(['0', '0.5', '1'] as const).map((value) => ({
              value,
              label: value === '0' ? 'none' : formatLength(Number(value), unit, { about: true }),
            }))}
            onChange={(value) => keep({ gap: Number(value) }, 'room between pieces')}
          />
        </Labelled>
        {washed.length > 1 && (
          <Labelled label="Of the stash">
            <Segmented
              label="Of the stash"
              value={plan.lay?.whole ? 'all' : 'one'}
              choices={[
                { value: 'one', label: 'one piece' },
                { value: 'all', label: `all ${washed.length} pieces` },
              ]}
              onChange={(value) => {
                setRefused('');
                keep({ whole: value === 'all', pins: [] }, 'the pieces it is laid on');
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
              if (pins.length > 0) letGo();
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
        <LengthField
          label="Width to lay on"
          cm={width}
          unit={unit}
          onCm={(cm) => keep({ width: cm }, 'the width to lay on')}
          check={aboveNought}
          className="w-28"
        />
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
              folds={foldsOf(on)}
              flaws={strip?.gone ?? []}
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
            {rest.length > 0 && left.length > 0 && <p className="mt-1 text-small">Out of that would come: {rest.join('; ')}.</p>}
            {on.border && (
              <p className="mt-1 text-small">
                {folded && on.fold !== 'crosswise' ? (
                  'On a border pieces are laid in a single layer or folded across.'
                ) : found.pieces.some((p) => p.onBorder) ? (
                  `On the border: ${found.pieces
                    .filter((p) => p.onBorder)
                    .map((p) => p.name)
                    .join(', ')}.`
                ) : (
                  <>
                    Which hems lie on the border is said{' '}
                    <Link className="underline" to={routes.changePattern(input.pattern.id)}>
                      with the pieces of the pattern
                    </Link>
                    .
                  </>
                )}
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
            {noted ? (
              <FlawRows
                lacks={noted.lacks ?? []}
                unit={unit}
                onLacks={(lacks) =>
                  void save(`a flaw of ${fabric.name}`, [
                    {
                      table: 'fabrics',
                      id: fabric.id,
                      edit: (now: Fabric): Fabric => ({ ...now, pieces: now.pieces.map((p, i) => (i === at ? { ...p, lacks } : p)) }),
                    },
                  ])
                }
              />
            ) : (
              <p className="text-small text-ink2">They are kept with a piece in the stash, and it is laid on none yet.</p>
            )}
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
