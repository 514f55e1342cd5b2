import { benchName } from '../../core/schedule/under-way';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { listWords } from './list-words';
import { proposedOrder, questionOf, toldAhead } from '../../core/schedule/look-ahead';
import { useLists, usePatterns, useSettings } from '../../data/queries';
import { today } from '../../data/today';
import { placeBench } from '../../parts/bench-acts';
import { EngineProblem } from '../../parts/engine-boundary';
import { dayWords } from '../../parts/bench-words';
import { useBench, useSittings } from '../../parts/use-bench';
import { routes } from '../../routes';
import { Button, LinkButton } from '../../ui/button';
import { Empty, PageHead } from '../../ui/page-head';
import { SortArea } from '../../ui/sort-area';
import { useAhead } from '../../workers/use-ahead';
import { Abandoned } from './abandoned';
import { BenchLine } from './bench-line';
import { InMinutes } from './in-minutes';
import { Sessions } from './sessions';
import { WhenThereIsTime } from './when-there-is-time';

/** Everything under way: the next small step of each, whether it will be done in time, and what fits into the time there is. */
export function Bench() {
  const { bench, pace } = useBench();
  const sittings = useSittings();
  const lists = useLists();
  const patterns = usePatterns();
  const { clock } = useSettings();
  const day = today();
  const question = useMemo(() => questionOf(bench, pace, sittings, day), [bench, pace, sittings, day]);
  const { drawn, fault, ask } = useAhead(question);
  const ahead = useMemo(() => {
    // What was drawn for another bench says nothing of this one.
    if (!drawn || drawn.ids.length !== bench.length || drawn.ids.some((id, i) => id !== bench[i]?.id)) return undefined;
    return toldAhead(bench, drawn, pace, sittings, day, lists);
  }, [drawn, bench, pace, sittings, day, lists]);
  const proposed = useMemo(() => proposedOrder(bench, pace, sittings), [bench, pace, sittings]);
  const [openId, setOpenId] = useState<string>();
  const ids = bench.map((i) => i.id);
  if (bench.length === 0)
    return (
      <>
        <PageHead title="Bench" under="Nothing is begun, and nothing planned." />
        <Empty>
          <p>What is cut or half sewn stands here with its next small step; so does what is planned, with the days by which it must be begun.</p>
          <p className="mt-3">
            <LinkButton to={routes.sewNext}>Plan something to sew</LinkButton>
          </p>
        </Empty>
      </>
    );
  const told = (id: string) => ahead?.items.find((i) => i.id === id);
  const better = sittings.length > 0 && proposed.some((id, i) => id !== ids[i]);
  return (
    <>
      <PageHead
        title="Bench"
        under="What is begun, what is next, and whether it will be done in time"
        aside={
          <Button quiet className="print:hidden" onClick={() => window.print()}>
            <Printer size={15} aria-hidden /> Print for the wall
          </Button>
        }
      />
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,340px)] gap-8 max-lg:grid-cols-1 print:block">
        <div>
          {fault && <EngineProblem error={fault.error} onAgain={fault.again} />}
          <InMinutes bench={bench} pace={pace} clock={clock} />
          <div className="mt-5 flex flex-wrap items-center justify-between gap-2">
            <h2 className="text-head">In this order</h2>
            {better && (
              <Button quiet className="print:hidden" onClick={() => void placeBench(bench, proposed)}>
                Order it by its days, with few changes of thread
              </Button>
            )}
          </div>
          <SortArea ids={ids} what="thing on the bench" onOrder={(next) => void placeBench(bench, next)}>
            <ul className="border-t-[3px] border-double border-rule2">
              {bench.map((item) => (
                <BenchLine
                  key={item.id}
                  item={item}
                  pace={pace}
                  ahead={told(item.id)}
                  clock={clock}
                  open={openId === item.id}
                  onOpen={(is) => setOpenId(is ? item.id : undefined)}
                  whatIf={async (change) => {
                    const changed = change(bench);
                    const then = toldAhead(changed, await ask(questionOf(changed, pace, sittings, day)), pace, sittings, day);
                    return bench.flatMap(({ id }) => {
                      const [was, is] = [told(id)?.chance, then.items.find((i) => i.id === id)?.chance];
                      const name = bench.find((b) => b.id === id);
                      return was === undefined || is === undefined || !name ? [] : [{ id, name: benchName(name, patterns), was, is }];
                    });
                  }}
                />
              ))}
            </ul>
          </SortArea>
          <Abandoned pace={pace} />
        </div>
        <div className="flex flex-col gap-6 print:mt-6">
          {ahead && ahead.lists.length > 0 && (
            <section aria-labelledby="lists">
              <h2 id="lists" className="text-head">
                At this pace
              </h2>
              <ul className="border-t border-rule">
                {ahead.lists.map((list) => {
                  const known = lists.find((l) => l.id === list.id);
                  return (
                    <li key={list.id} className="border-b border-rule py-1">
                      {known?.name}: {listWords(list)}
                      {known?.due && ` by ${dayWords(known.due)}`}
                    </li>
                  );
                })}
              </ul>
            </section>
          )}
          <Sessions bench={bench} pace={pace} sittings={sittings} />
          <WhenThereIsTime />
        </div>
      </div>
    </>
  );
}
