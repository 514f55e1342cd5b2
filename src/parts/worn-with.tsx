import { X } from 'lucide-react';
import type { Plan } from '../core/records';
import { goTogether, goesWith, layerOf } from '../core/schedule/goes-with';
import { useFabrics, usePatterns, usePeople } from '../data/queries';
import { withId } from '../core/units/by-id';
import { Pick } from '../ui/pick';
import { useWhatHangs, wornPlan } from './what-hangs';

/** With what a plan will be worn: chosen from what hangs, with what goes with it by kind and colour; a plan that goes with nothing says so. */
export function WornWith({ plan, onWornWith }: { plan: Plan; onWornWith: (ids: string[] | undefined) => void }) {
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const person = withId(usePeople(), plan.personId);
  const hangs = useWhatHangs(person);
  const it = wornPlan(plan, patterns, fabrics);
  if (!it || !layerOf(it.kind)) return <p className="text-small text-ink2">It makes no outfit with others.</p>;
  const chosen = (plan.wornWith ?? []).flatMap((id) => hangs.find((h) => h.id === id) ?? []);
  const partners = goesWith(it, hangs);
  const set = (ids: string[]) => onWornWith(ids.length === 0 ? undefined : ids);
  return (
    <div>
      <ul>
        {chosen.map((worn) => {
          const { goes, because } = goTogether(it, worn);
          return (
            <li key={worn.id} className="flex items-center justify-between gap-2 border-b border-rule py-0.5">
              <span>
                {worn.name}
                {!goes && because && <span className="block text-small text-ink2">{because}; yours to judge</span>}
              </span>
              <button
                type="button"
                aria-label={`Not with ${worn.name}`}
                className="rounded-md p-1.5 text-ink2 hover:bg-tint max-sm:p-3"
                onClick={() => set(chosen.filter((c) => c.id !== worn.id).map((c) => c.id))}
              >
                <X size={14} aria-hidden />
              </button>
            </li>
          );
        })}
      </ul>
      <Pick
        label="It will be worn with"
        placeholder="the grey trousers"
        value={undefined}
        options={hangs
          .filter((h) => !chosen.includes(h))
          .map((h) => ({ id: h.id, label: h.name, detail: goTogether(it, h).goes ? 'goes with it' : h.kind }))}
        onPick={(id) => set([...chosen.map((c) => c.id), id])}
        className="mt-1 w-full"
      />
      <p className="mt-1 text-small text-ink2">
        {partners.length > 0
          ? `Goes with ${partners.length <= 3 ? partners.map((p) => p.name).join(', ') : `${partners.length} things that hang, ${partners[0]?.name} among them`}.`
          : layerOf(it.kind) === 'whole'
            ? 'It is an outfit by itself.'
            : 'Nothing that hangs goes with it, as far as kinds and colours say.'}
      </p>
    </div>
  );
}
