import { viewOf } from '../../core/make/versions';
import { learnedOn, reasonWords, recalledFor } from '../../core/plan/lessons';
import { Check as Tick, Printer } from 'lucide-react';
import { format, parseISO } from 'date-fns';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { cutSheet, type SheetStep, type TraceLine } from '../../core/plan/cut-sheet';
import { formatLength } from '../../core/units/length';
import type { Plan } from '../../core/records';
import { Button } from '../../ui/button';
import { PageTitle } from '../../ui/page-head';
import { sayOfCheck } from './before-cutting';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { EngineBoundary } from '../../parts/engine-boundary';
import { NextTime } from '../../parts/next-time';
import { joinedSaid } from '../../core/make/part-words';
import { chosenWords } from '../../core/make/chosen-words';
import { planName } from '../../core/make/plan-name';
import { withId } from '../../core/units/by-id';
import { useMakes, usePatterns } from '../../data/queries';
import { TapeAsked } from '../../parts/tape-asked';
import { PlanLay } from './plan-lay';
import { usePlanChances, usePlanInWork, type PlanInWork } from './use-plan';
import { routes } from '../../routes';

/** A part of the sheet under its double rule. */
function Part({ head, children, wide = false }: { head: string; children: ReactNode; wide?: boolean }) {
  return (
    <section className={wide ? 'col-span-2 max-sm:col-span-1' : ''}>
      <h2 className="border-b-[3px] border-double border-ink text-figure leading-7">{head}</h2>
      {children}
    </section>
  );
}

/** A line with a box to tick, on the table or on the phone. */
function Box({ plan, step }: { plan: Plan; step: SheetStep }) {
  const on = plan.checks[step.id] === 'done';
  return (
    <li className="border-b border-rule2 py-1">
      <label className="flex cursor-pointer items-start gap-2.5">
        <input type="checkbox" checked={on} onChange={() => sayOfCheck(plan, step, 'done')} className="peer sr-only" />
        <span className="mt-0.5 flex size-[15px] shrink-0 items-center justify-center border border-ink bg-page peer-focus-visible:outline-2 peer-focus-visible:outline-offset-2 max-sm:size-6">
          {on && <Tick size={13} aria-hidden />}
        </span>
        <span>
          <span className="font-semibold">{step.words}</span>
          {step.detail.map((d) => (
            <span key={d} className="block text-small leading-[17px] text-ink2">
              {d}
            </span>
          ))}
        </span>
      </label>
    </li>
  );
}

/** Where a line runs between two: the two thin, the one to trace strong. */
function Between({ from, to, at }: NonNullable<TraceLine['between']>) {
  const line = (part: number) => `M${14 + 46 * part} 4C${46 + 46 * part} 22 ${58 + 40 * part} 40 ${64 + 34 * part} 62`;
  return (
    <svg viewBox="0 0 230 66" width={230} height={66} role="img" aria-label={`Trace between ${from} and ${to}`} className="block">
      <path d={line(0)} fill="none" stroke="#26211c" strokeWidth={0.8} strokeDasharray="2 2" />
      <path d={line(1)} fill="none" stroke="#26211c" strokeWidth={0.8} />
      <path d={line(at)} fill="none" stroke="#26211c" strokeWidth={2.4} />
      <text x={2} y={14} fontSize={12} fill="#26211c">
        {from}
      </text>
      <text x={102} y={58} fontSize={12} fill="#26211c">
        {to}
      </text>
      <text x={112} y={40} fontSize={12} fontWeight={600} fill="#26211c">
        {at === 0.5 ? 'halfway' : `${Math.round(at * 4)} quarter${at === 0.25 ? '' : 's'} towards ${to}`}
      </text>
    </svg>
  );
}

/** The measures to take before the cut, where the engine says that they would help. */
function TapeFirst({ work }: { work: PlanInWork }) {
  const { answer: zones = [] } = usePlanChances(work);
  return <TapeAsked person={work.person} bodies={work.input.bodies} gains={zones.map((z) => z.tape)} />;
}

/** Once it is cut, what comes to mind at the table is kept for the version after it. */
function AtTheTable({ makeId }: { makeId: string }) {
  const make = withId(useMakes(), makeId);
  return (
    make && (
      <div className="mb-4 print:hidden">
        <NextTime make={make} />
      </div>
    )
  );
}

/** One page to take to the table: what to trace, what to alter in which order, the fabric, the checks, and what was learned. */
export function CutSheetPage() {
  const { planId } = useParams();
  const work = usePlanInWork(planId);
  const makes = useMakes();
  const patterns = usePatterns();
  if (work === null) return <NotInTheLedger table="plans" />;
  if (!work) return null;
  const { plan, input, person, make, request } = work;
  const { pattern } = input;
  const sheet = cutSheet(request);
  const view = viewOf(pattern, make);
  const shown = new Set(sheet.lastTime.map((step) => step.id));
  const lessons = recalledFor({ make, pattern, view, fabrics: input.fabrics }, makes).filter((l) => !shown.has(`note ${l.note.id}`));
  const checks = sheet.checks.filter((c) => plan.checks[c.id] !== 'waved');
  return (
    <>
      <p className="mb-3 flex flex-wrap items-center gap-3 print:hidden">
        <Link to={routes.plan(plan.id)} className="underline">
          Back to the plan
        </Link>
        {plan.patternId !== undefined && (
          <Link to={routes.lay(plan.id)} className="underline">
            Its lay
          </Link>
        )}
        <Button onClick={() => window.print()}>
          <Printer size={15} aria-hidden /> Print the cut sheet
        </Button>
        <span className="text-small text-ink2">A4 or Letter, black on white. What is ticked here stays ticked.</span>
      </p>
      <article className="max-w-[760px] bg-page p-6 max-sm:p-3 print:max-w-none print:p-0">
        <header className="mb-3 flex flex-wrap items-end justify-between gap-x-6">
          <div>
            <PageTitle>{plan.patternId === undefined ? planName(plan, patterns) : `${pattern.name}, version ${make.version}`}</PageTitle>
            <p>
              {[
                `for ${person.name}`,
                pattern.designer,
                plan.patternId !== undefined && `view ${view.name}`,
                chosenWords(make.chosen),
                (make.sources.length > 1 || make.own !== undefined) && `joined with ${joinedSaid(make.sources, make.own, patterns)}`,
                pattern.allowance !== undefined && `seam allowance ${formatLength(pattern.allowance, request.unit)}`,
                plan.kind !== 'garment' && plan.kind,
              ]
                .filter(Boolean)
                .join(' · ')}
            </p>
          </div>
          {plan.due && <p>wanted by {format(parseISO(plan.due), 'd MMM yyyy')}</p>}
        </header>
        {plan.makeId !== undefined && <AtTheTable makeId={plan.makeId} />}
        {plan.state === 'open' && (
          <div className="mb-4 empty:hidden">
            <EngineBoundary>
              <TapeFirst work={work} />
            </EngineBoundary>
          </div>
        )}
        <div className="grid grid-cols-2 gap-x-8 gap-y-5 max-sm:grid-cols-1">
          <Part head="Trace these lines">
            {sheet.trace.length === 0 ? (
              <p className="py-1">No size is chosen in the plan yet.</p>
            ) : (
              <ul>
                {sheet.trace.map((t) => (
                  <li key={t.where} className="border-b border-rule2 py-1">
                    <span className="flex justify-between gap-4">
                      <span className="inline-block first-letter:uppercase">{t.where}</span>
                      <strong>{t.line}</strong>
                    </span>
                    {t.between && <Between {...t.between} />}
                  </li>
                ))}
              </ul>
            )}
          </Part>
          <Part head="Alter, in this order">
            {sheet.steps.length === 0 ? (
              <p className="py-1">Nothing is altered: cut it as drafted.</p>
            ) : (
              <ul>
                {sheet.steps.map((s) => (
                  <Box key={s.id} plan={plan} step={s} />
                ))}
              </ul>
            )}
          </Part>
          <Part wide head={sheet.fabrics[0] ? `Fabric: ${sheet.fabrics[0].name}` : 'Fabric'}>
            {sheet.fabrics.length === 0 ? (
              <p className="py-1">No fabric is chosen in the plan yet.</p>
            ) : (
              <table className="w-full border-collapse">
                <thead className="text-left text-small text-ink2 [&_th]:font-normal">
                  <tr>
                    <th scope="col">Part</th>
                    <th scope="col">Needed</th>
                    <th scope="col" className="text-right">
                      In the stash
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {sheet.fabrics.map((c) => (
                    <tr key={`${c.part} ${c.name}`} className="border-b border-rule2">
                      <th scope="row" className="py-1 text-left font-normal">
                        {c.part}: {c.name}
                      </th>
                      <td>
                        <strong>{c.needed}</strong>
                      </td>
                      <td className="text-right">{c.hand}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </Part>
          <Part head="Before you cut">
            <ul>
              {checks.map((c) => (
                <Box key={c.id} plan={plan} step={{ id: c.id, words: c.words, detail: c.detail ? [c.detail] : [] }} />
              ))}
            </ul>
          </Part>
          {lessons.length > 0 && (
            <Part head="Learned before">
              <ul>
                {lessons.map((l) => (
                  <Box
                    key={l.note.id}
                    plan={plan}
                    step={{ id: `lesson ${l.note.id}`, words: l.note.words, detail: [`${reasonWords(l)} · ${learnedOn(l, patterns)}`] }}
                  />
                ))}
              </ul>
            </Part>
          )}
          <Part head="From last time">
            {sheet.lastTime.length === 0 ? (
              <p className="py-1">No note was written down in earlier versions.</p>
            ) : (
              <ul>
                {sheet.lastTime.map((s) => (
                  <Box key={s.id} plan={plan} step={s} />
                ))}
              </ul>
            )}
          </Part>
        </div>
        <footer className="mt-5 flex items-end gap-5 break-inside-avoid max-sm:hidden">
          <span className="flex h-[2.5cm] w-[2.5cm] shrink-0 items-center justify-center border border-ink text-center text-small">
            this square is 2.5&#x202f;cm
          </span>
          <span className="flex-1">
            Written:
            <span className="mt-1 block border-b border-ink" />
            <span className="mt-7 block border-b border-ink" />
          </span>
        </footer>
        {plan.patternId !== undefined && plan.kind !== 'mend' && (
          // Printed, it has a page of its own: the sheet is one page to take to the table. Before it is laid it has none.
          <div className="mt-6 print:mt-0 print:break-before-page print:has-[[data-laying]]:hidden">
            <Part head="How it lies on the fabric">
              <PlanLay work={work} />
            </Part>
          </div>
        )}
      </article>
    </>
  );
}
