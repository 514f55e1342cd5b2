import type { ZoneId } from '../body/zones';
import { beliefAt } from './belief';
import type { PatternCase } from '../garment/case';
import { contradictionsIn, type Contradiction } from './contradiction';
import { sizingAt, type Evidence } from '../garment/evidence';
import { bestCut, divergence, quantile, type BestCut, type Posterior } from '../inference/posterior';
import { believe, idealFrom, type Believed } from '../inference/unknown-step';
import { movesAlong } from './ideal';
import type { Recollection } from './recollection';
import { itemAt } from '../units/item-at';

/** How one note moved the best cut: the reasons behind a figure. */
export interface Reason {
  readonly evidence: Evidence;
  /** Median with every note less the median without this one, cm. */
  readonly movedBy: number;
  /** The 80 % range without this note, cm wide, less the range with it. */
  readonly narrowedBy: number;
  /** Share of what all notes together say, 0 to 1. */
  readonly share: number;
}

/** The range of the best cut before any note (version 0), then after each version that has evidence. */
export type ClosingIn = readonly { readonly version: number; readonly best: BestCut }[];

/** Why the best cut at a zone is what it is. */
export interface Why {
  readonly reasons: readonly Reason[];
  readonly contradictions: readonly Contradiction[];
  readonly closingIn: ClosingIn;
  /** What the person's other patterns say before any note of this one; absent where none does. */
  readonly saidByOthers?: BestCut;
}

/**
 * Which notes moved the best cut at a zone and by how much, which contradict each other, and how the versions closed in on it: worked
 * out where it is shown, since every note is left out in turn.
 *
 * @param memory what the person's other patterns say; without it this pattern speaks alone
 */
export function whyAt(input: PatternCase, zone: ZoneId, memory?: Recollection): Why {
  const { used, prior: before, saidByOthers } = beliefAt(input, zone, memory);
  const prior = before();
  const { step } = sizingAt(input, zone);
  const from = used.at(-1)?.offset ?? AS_DRAFTED;
  const along = movesAlong(zone);
  const believed = (of: readonly Evidence[]) =>
    believe(
      of.map((e) => e.observation),
      prior,
      step,
    );
  const without = used.map((one) => believed(used.filter((e) => e !== one)));
  const ideal = (of: Believed) => idealFrom(of, from, along);
  return {
    reasons: reasonsFor(used, ideal(believed(used)), without.map(ideal)),
    contradictions: contradictionsIn(zone, used),
    closingIn: [0, ...new Set(used.map((e) => e.make.version))].map((version) => ({
      version,
      best: bestCut(ideal(believed(used.filter((e) => e.make.version <= version)))),
    })),
    ...(saidByOthers ? { saidByOthers: saidByOthers() } : {}),
  };
}

const AS_DRAFTED = { x: 0, steps: 0 };

function reasonsFor(used: readonly Evidence[], all: Posterior, without: readonly Posterior[]): Reason[] {
  const width = (p: Posterior) => quantile(p, 0.9) - quantile(p, 0.1);
  const raw = used.map((evidence, i) => ({
    evidence,
    movedBy: quantile(all, 0.5) - quantile(itemAt(without, i), 0.5),
    narrowedBy: width(itemAt(without, i)) - width(all),
    share: divergence(all, itemAt(without, i)),
  }));
  const total = raw.reduce((sum, r) => sum + r.share, 0);
  return raw.map((r) => ({ ...r, share: total > 0 ? r.share / total : 1 / raw.length }));
}
