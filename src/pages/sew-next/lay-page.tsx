import { Printer } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { layAsDxf } from '../../core/lay/as-dxf';
import { layAsSvg } from '../../core/lay/as-svg';
import { overlap } from '../../core/lay/clip';
import type { CutPiece, DrawnLay, Pin } from '../../core/lay/lay';
import { piecesOf } from '../../core/lay/pieces-of';
import { planName } from '../../core/make/plan-name';
import type { Plan, PlannedLay } from '../../core/records';
import { formatLength } from '../../core/units/length';
import { atOrigin, moved, turnedRound } from '../../core/units/polygon';
import { usePatterns, usePlans } from '../../data/queries';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { LayDrawing } from '../../parts/lay-drawing';
import { save } from '../../parts/save';
import { fileNameOf, saveFile } from '../../parts/save-file';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { Empty, PageHead } from '../../ui/page-head';
import { Refusal } from '../../ui/refusal';
import { useNarrow } from '../../ui/use-narrow';
import { useLay } from '../../workers/use-lay';
import { usePlanInWork, type PlanInWork } from './use-plan';
import { LaySettings } from './lay-settings';
import { useAlsoWanted } from './use-also-wanted';
import { WhatItTakes } from './what-it-takes';
import { foldsOf, layQuestion, useTable } from './use-table';

/** A plan laid on its fabric, to scale. */
export function LayPage() {
  const { planId } = useParams();
  const work = usePlanInWork(planId);
  if (work === null) return <NotInTheLedger table="plans" />;
  return work && <LayTable key={work.plan.id} work={work} />;
}

function LayTable({ work: planned }: { work: PlanInWork }) {
  const { plan, input, request } = planned;
  const { unit } = request;
  const narrow = useNarrow();
  const table = useTable(planned);
  const { fabric, found, strip, on, pins } = table;
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
  const { nap = false } = on;
  /** What the sewist says of her lay is kept with the plan: it is the same tomorrow, and on the cut sheet. */
  const keep = ({ pins: put, ...part }: Omit<Partial<PlannedLay>, 'pins'> & { readonly pins?: readonly Pin[] }, what: string) =>
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
  const { lay, problem, searching } = work;
  const onHand = strip?.length;
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
      <LaySettings
        table={table}
        lay={plan.lay}
        unit={unit}
        others={others}
        otherId={otherId}
        onOther={(id) => {
          setOtherId(id);
          if (pins.length > 0) letGo();
        }}
        onLay={(part, what) => {
          setRefused('');
          keep(part, what);
        }}
      >
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
      </LaySettings>
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
        <WhatItTakes
          planned={planned}
          table={table}
          found={found}
          work={work}
          isAlone={beside.length === 0}
          notLaid={otherId !== undefined && beside.length === 0}
          onLetGo={letGo}
        />
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
