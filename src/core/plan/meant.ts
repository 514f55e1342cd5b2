import { effectsOf } from '../alteration/effects';
import { sameAlteration } from '../alteration/alteration-key';
import { effectContext, type PatternCase } from '../garment/case';
import { countedVersions, viewNamed } from '../make/versions';
import type { Alteration, ConstructionNote, FabricUse, Make, Plan } from '../records';

/** What words about the next version amount to, as far as they can be understood; empty where they stay words. */
export interface Intended {
  /** As the paper would be altered: on top of what the garment had that it was said of. */
  readonly alterations: readonly Alteration[];
  readonly size?: Make['size'];
  readonly sizeLines: Make['sizeLines'];
  /** Another view of the pattern. */
  readonly viewId?: string;
  /** A fabric of the stash. */
  readonly fabrics: readonly FabricUse[];
}

/** What was meant for the next version while one was sewn or worn, and what became of it. */
export interface Meant {
  readonly make: Make;
  readonly note: ConstructionNote;
  /** The plan that took it or declined it; absent where nobody has answered yet. */
  readonly answered?: { readonly plan: Plan; readonly answer: MeantAnswer };
}
export type MeantAnswer = NonNullable<Plan['meant']>[number]['answer'];

/**
 * What was meant for the next version of a pattern, the latest first. An answer of a plan that was dropped counts no more.
 *
 * @param plans of the ledger
 */
export function meantFor(input: PatternCase, plans: readonly Plan[]): Meant[] {
  const own = plans.filter((p) => p.patternId === input.pattern.id && p.state !== 'dropped');
  return [...countedVersions(input)].reverse().flatMap((make) =>
    make.notes
      .filter((n) => n.kind === 'next time')
      .map((note): Meant => {
        const plan = own.findLast((p) => p.meant?.some((m) => m.id === note.id));
        const answer = plan?.meant?.find((m) => m.id === note.id)?.answer;
        return { make, note, ...(plan && answer ? { answered: { plan, answer } } : {}) };
      }),
  );
}

/** What a plan still has to answer or has answered itself: what another took or declined is settled, and what its own garment means is for the next. */
export const meantForPlan = (input: PatternCase, plan: Plan, plans: readonly Plan[]): Meant[] =>
  meantFor(input, plans).filter((m) => m.make.id !== plan.makeId && (m.answered === undefined || m.answered.plan.id === plan.id));

/** The plan's own alterations that speak of the same place as one that was meant: of these and that one is chosen. */
export function inItsPlace({ pattern }: Pick<PatternCase, 'pattern'>, plan: Plan, meant: Alteration): Alteration[] {
  const context = effectContext(pattern, viewNamed(pattern, plan.viewId));
  const zonesOf = (a: Alteration) => effectsOf(a, context).map((e) => e.zone);
  const [main] = zonesOf(meant);
  return plan.alterations.filter((a) => sameAlteration(a, meant) || (a.purpose === meant.purpose && main !== undefined && zonesOf(a)[0] === main));
}

/** A plan in which what was meant is answered: taken in place of what it said of the same place, and never beside it. */
export function withMeant(
  input: Pick<PatternCase, 'pattern'>,
  plan: Plan,
  meant: Pick<Meant, 'note'>,
  answer: MeantAnswer,
  intended?: Intended,
): Plan {
  const others = (plan.meant ?? []).filter((m) => m.id !== meant.note.id);
  const answered: Plan = { ...plan, meant: [...others, { id: meant.note.id, answer }] };
  if (answer !== 'taken' || !intended) return answered;
  const replaced = intended.alterations.flatMap((a) => inItsPlace(input, plan, a));
  const lines = plan.sizeLines.filter((l) => !intended.sizeLines.some((m) => m.zone === l.zone));
  return {
    ...answered,
    alterations: [...plan.alterations.filter((a) => !replaced.includes(a)), ...intended.alterations],
    ...(intended.size ? { size: intended.size } : {}),
    sizeLines: [...lines, ...intended.sizeLines],
    ...(intended.viewId === undefined ? {} : { viewId: intended.viewId }),
    fabrics:
      intended.fabrics.length > 0
        ? [...plan.fabrics.filter((u) => !intended.fabrics.some((m) => m.part === u.part)), ...intended.fabrics]
        : plan.fabrics,
  };
}

/** The plan with its answer taken back: what was taken into it stays, to be changed like anything else of the plan. */
export const withoutAnswer = (plan: Plan, noteId: string): Plan => ({ ...plan, meant: (plan.meant ?? []).filter((m) => m.id !== noteId) });
