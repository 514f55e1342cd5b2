import { useEffect, useMemo } from 'react';
import { Link } from 'react-router';
import { formatLength } from '../../core/units/length';
import { LayDrawing } from '../../parts/lay-drawing';
import { routes } from '../../routes';
import { useNarrow } from '../../ui/use-narrow';
import { useLay } from '../../workers/use-lay';
import { usePlanInWork, type PlanInWork } from './use-plan';
import { foldsOf, layQuestion, useTable } from './use-table';

/** The same for a plan by its id. */
export function PlanLayOf({ planId }: { planId: string }) {
  const work = usePlanInWork(planId);
  return work ? <PlanLay work={work} /> : null;
}

/** A plan's lay as it was left on its own page, drawn to be looked at: searched anew, it comes out the same. */
export function PlanLay({ work }: { work: PlanInWork }) {
  const table = useTable(work);
  const narrow = useNarrow();
  const { work: laid, start } = useLay();
  const question = useMemo(() => layQuestion(work, table), [work, table]);
  useEffect(() => {
    if (question) start({ ...question, seed: 1, drawnOnly: true });
  }, [question, start]);
  const { unit } = work.request;
  const { lay, problem, searching } = laid;
  const ownPage = (
    <Link className="underline print:hidden" to={routes.lay(work.plan.id)}>
      Lay it by hand
    </Link>
  );
  if (!table.found) return <p className="text-small text-ink2">Nothing says what its pieces look like. {ownPage}</p>;
  if (problem) return <p className="text-small text-ink2">It could not be laid as it is. {ownPage}</p>;
  if (!lay)
    return (
      <p data-laying className="text-small text-ink2">
        Being laid…
      </p>
    );
  const length = (cm: number) => formatLength(Math.ceil(cm - 0.05), unit, { about: true });
  return (
    <figure className="break-inside-avoid">
      <LayDrawing
        lay={lay}
        swatch={table.fabric?.swatch}
        unit={unit}
        narrow={narrow}
        onHand={table.strip?.length}
        cuts={table.strip?.ends.slice(0, -1) ?? []}
        folds={foldsOf(table.on)}
        flaws={table.strip?.gone ?? []}
        pins={table.pins}
        nap={table.on.nap ?? false}
      />
      <figcaption className="flex flex-wrap gap-x-3 text-small text-ink2">
        <span>
          {length(lay.length)} at {length(lay.width)}
          {table.on.fold ? `, folded ${table.on.fold}` : ''}
          {searching ? ', still being searched' : ''}
          {table.found.from === 'an estimate' ? '. Drafted pieces: a guide, not the pattern’s own' : ''}
        </span>
        {ownPage}
      </figcaption>
    </figure>
  );
}
