import clsx from 'clsx';
import { Check as Tick, CircleAlert, Info, OctagonAlert } from 'lucide-react';
import { checksFor, type Check, type Weight } from '../../core/plan/checks';
import type { Plan } from '../../core/records';
import { save } from '../../parts/save';
import type { PlanInWork } from './use-plan';

type State = Plan['checks'][string];

const WEIGHT: Record<Weight, { readonly icon: typeof Info; readonly words: string }> = {
  blocker: { icon: OctagonAlert, words: 'would spoil the cut' },
  warning: { icon: CircleAlert, words: 'see to it' },
  info: { icon: Info, words: 'good to know' },
};
const ACTS: readonly { readonly state: State; readonly act: string }[] = [
  { state: 'done', act: 'seen to' },
  { state: 'later', act: 'later' },
  { state: 'waved', act: 'never mind' },
];

/** Says something of a check, or takes it back where it was said already. */
export function sayOfCheck(plan: Plan, check: Pick<Check, 'id' | 'words'>, state: State): void {
  void save(`check: ${check.words}`, [
    {
      table: 'plans',
      id: plan.id,
      edit: (now) => {
        const { [check.id]: was, ...others } = now.checks;
        return { ...now, checks: was === state ? others : { ...others, [check.id]: state } };
      },
    },
  ]);
}

/** What to look at before the scissors: each can be ticked, put off or waved away. */
export function BeforeCutting({ work: { plan, request } }: { work: PlanInWork }) {
  const checks = checksFor(request);
  const open = checks.filter((c) => plan.checks[c.id] === undefined && c.weight !== 'info').length;
  return (
    <section aria-labelledby="before">
      <h2 id="before" className="text-head">
        Before you cut
      </h2>
      <p className="text-ink2" aria-live="polite">
        {open === 0 ? 'Nothing is left to see to.' : open === 1 ? 'One thing to see to.' : `${open} things to see to.`}
      </p>
      <ul className="border-t border-rule">
        {checks.map((c) => {
          const { icon: Icon, words } = WEIGHT[c.weight];
          const state = plan.checks[c.id];
          return (
            <li key={c.id} className="flex flex-wrap items-start gap-x-3 gap-y-1 border-b border-rule py-1">
              <span className={clsx('flex min-w-56 flex-1 items-start gap-1.5', state !== undefined && 'text-ink2')}>
                <Icon
                  size={15}
                  role="img"
                  aria-label={words}
                  className={clsx('mt-0.5 shrink-0', c.weight === 'blocker' ? 'text-ink' : 'text-ink2')}
                />
                <span>
                  <span className={clsx(c.weight === 'blocker' && state === undefined && 'font-semibold', state === 'done' && 'line-through')}>
                    {c.words}
                  </span>
                  {c.detail && <span className="block text-small text-ink2">{c.detail}</span>}
                </span>
              </span>
              <span role="group" aria-label={c.words} className="flex">
                {ACTS.map(({ state: to, act }) => (
                  <button
                    key={to}
                    type="button"
                    aria-pressed={state === to}
                    onClick={() => sayOfCheck(plan, c, to)}
                    className={clsx(
                      '-ml-px flex min-h-[28px] items-center gap-1 border border-rule2 px-2 text-small first:ml-0 first:rounded-l-md last:rounded-r-md max-sm:min-h-11',
                      state === to ? 'relative border-ink bg-tint font-semibold' : 'bg-page text-ink2 hover:bg-tint',
                    )}
                  >
                    {to === 'done' && state === to && <Tick size={13} aria-hidden />}
                    {act}
                  </button>
                ))}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
