import { posteriorOf, bestCut, chanceOfRight, priorFrom, priorSpread, type Posterior } from '../src/core/fit/posterior';
import { Memory, type ClassGroup, type RememberedPattern } from '../src/core/fit/memory';
import type { Observation } from '../src/core/fit/likelihood';
import { roundToWorkable } from '../src/core/measure/length';
import { edgesOf, type FitClass } from '../src/core/measure/fit-class';
import { zoneOf, type ZoneId } from '../src/core/measure/zones';
import type { Outcome } from '../src/core/records';
import { seeded } from './seeded';

/** How a sewist decides what to cut next. */
const WAYS = ['notebook', 'one pattern', 'memory'] as const;
type Way = (typeof WAYS)[number];

const UPPER: readonly ZoneId[] = ['shoulder', 'acrossBack', 'bust', 'bodice', 'sleeve'];
const LOWER: readonly ZoneId[] = ['waistband', 'hip', 'rise', 'thigh', 'leg'];
const DESIGNERS = ['Lowtide', 'Ninth Wave', 'Kittiwake', 'Marram'];
const CLASSES: readonly { readonly fitClass: FitClass; readonly group: ClassGroup }[] = [
  { fitClass: 'fitted', group: 'close' },
  { fitClass: 'semi', group: 'semi' },
  { fitClass: 'semi', group: 'semi' },
  { fitClass: 'loose', group: 'loose' },
];
const PATTERNS = 8;
/** Nobody sews more versions than that; what is not right by then counts as so many. */
const PATIENCE = 12;
/** A last cut this much less likely to be right is still kept: engine.md, section 4. */
const KEEP = 0.15;

interface HiddenPattern {
  readonly id: string;
  readonly designer: string;
  readonly group: ClassGroup;
  readonly fitClass: FitClass;
  readonly zones: readonly ZoneId[];
  /** The ideal offset at each zone: what nobody sees. */
  readonly ideal: ReadonlyMap<ZoneId, number>;
}

interface Version {
  readonly observations: ReadonlyMap<ZoneId, Observation>;
  readonly cut: ReadonlyMap<ZoneId, number>;
  readonly trulyRight: ReadonlyMap<ZoneId, boolean>;
  readonly chance: ReadonlyMap<ZoneId, number>;
}

interface WayResult {
  readonly way: Way;
  /** Mean versions until a garment is truly right in every zone. */
  readonly versions: number;
  readonly rightFirst: number;
  /** Of the cuts whose chance was stated in each tenth, how many were right: [stated, happened, cuts]. */
  readonly calibration: readonly { readonly stated: number; readonly happened: number; readonly cuts: number }[];
}

/** A sewist: her own deviations, the designers' and the patterns', drawn from the spreads of the tree. */
function sewist(chance: () => number): HiddenPattern[] {
  const normal = normalFrom(chance);
  const drawn = new Map<string, number>();
  const draw = (key: string, sd: number) => {
    const value = drawn.get(key) ?? sd * normal();
    drawn.set(key, value);
    return value;
  };
  return Array.from({ length: PATTERNS }, (_, i) => {
    const designer = DESIGNERS[Math.floor(chance() * DESIGNERS.length)]!;
    const { fitClass, group } = CLASSES[Math.floor(chance() * CLASSES.length)]!;
    const zones = i % 3 === 2 ? LOWER : UPPER;
    const ideal = new Map(
      zones.map((zone) => {
        const s = zoneOf(zone).spread;
        const theta =
          draw(`${zone}`, s.person) +
          draw(`${zone} ${group}`, s.fitClass) +
          draw(`${zone} ${group} ${designer}`, s.designer) +
          draw(`${zone} ${i}`, s.pattern);
        return [zone, theta] as const;
      }),
    );
    return { id: `p${i}`, designer, group, fitClass, zones, ideal };
  });
}

function normalFrom(chance: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(chance() || 1e-12)) * Math.cos(2 * Math.PI * chance());
}

/** What is believed of a zone before the next cut. */
function belief(way: Way, pattern: HiddenPattern, zone: ZoneId, own: readonly Observation[], others: readonly RememberedPattern[]): Posterior {
  const spread = priorSpread(zone);
  if (way !== 'memory' || others.length === 0) return posteriorOf(own, spread);
  const prior = new Memory(zone, others).newPattern({ designer: pattern.designer, group: pattern.group });
  return posteriorOf(own, priorFrom(prior, zoneOf(zone).spread.pattern));
}

/** A careful notebook: by what was noticed, and halfway between too small and too large once both are known. */
function notebook(own: readonly { readonly cut: number; readonly note: Observation }[]): number {
  const last = own.at(-1);
  if (!last) return 0;
  if (last.note.outcome === 0) return last.cut;
  const low = Math.max(-Infinity, ...own.filter((o) => o.note.outcome < 0).map((o) => o.cut));
  const high = Math.min(Infinity, ...own.filter((o) => o.note.outcome > 0).map((o) => o.cut));
  if (Number.isFinite(low) && Number.isFinite(high) && low < high) return (low + high) / 2;
  const [t1, t2, t3] = last.note.edges;
  const size = Math.abs(last.note.outcome);
  const step = last.note.amount ?? (size === 1 ? (t1 + t2) / 2 : size === 2 ? (t2 + t3) / 2 : t3 * 1.25);
  return last.cut - Math.sign(last.note.outcome) * step;
}

/** One pattern sewn until it is truly right, or until patience ends; what was learned on the way is handed on. */
function sew(way: Way, pattern: HiddenPattern, others: ReadonlyMap<ZoneId, readonly RememberedPattern[]>, chance: () => number): Version[] {
  const normal = normalFrom(chance);
  const versions: Version[] = [];
  while (versions.length < PATIENCE) {
    // A cloth that gives or bites, on girths; how much is known but for a third of it.
    const give = chance() < 0.3 ? 1.5 * normal() : 0;
    const [observations, cut, right, stated] = [
      new Map<ZoneId, Observation>(),
      new Map<ZoneId, number>(),
      new Map<ZoneId, boolean>(),
      new Map<ZoneId, number>(),
    ];
    for (const zone of pattern.zones) {
      const edges = edgesOf(zone, pattern.fitClass);
      const { kind, sigma } = zoneOf(zone);
      const known = kind === 'girth' ? give : 0;
      const own = versions.map((v) => v.observations.get(zone)!);
      const fine = kind === 'width' || kind === 'position';
      let wanted: number;
      if (way === 'notebook') wanted = notebook(versions.map((v) => ({ cut: v.cut.get(zone)!, note: v.observations.get(zone)! })));
      else {
        const believed = belief(way, pattern, zone, own, others.get(zone) ?? []);
        const at = (x: number) => chanceOfRight(believed, x, edges[0], 0.3 * Math.abs(known));
        const last = own.at(-1);
        const before = versions.at(-1)?.cut.get(zone) ?? 0;
        const { median } = bestCut(believed);
        const keep = last ? last.outcome === 0 || at(before + known) >= at(median) - KEEP : way === 'one pattern';
        wanted = keep ? before : roundToWorkable(median - known, 'cm', fine);
        stated.set(zone, at(wanted + known));
      }
      const truth = wanted + known * (1 + 0.3 * normal());
      const off = truth - pattern.ideal.get(zone)!;
      const k = 1 + 0.3 * (chance() < 0.3 ? 1 : 0);
      const felt = off + k * sigma * normal();
      const size = edges.filter((t) => Math.abs(felt) > t).length;
      const outcome = (size * Math.sign(felt) || 0) as Outcome;
      const amount = size > 0 && chance() < 0.4 ? Math.abs(off + Math.max(0.5, 0.35 * Math.abs(off)) * normal()) : 0;
      observations.set(zone, {
        x: way === 'notebook' ? wanted : wanted + known,
        outcome,
        edges,
        observer: k * sigma,
        garment: 0.3 * Math.abs(known),
        ...(amount > 0.2 ? { amount: Math.round(amount * 2) / 2 || 0.5 } : {}),
      });
      cut.set(zone, wanted);
      right.set(zone, Math.abs(off) <= edges[0]);
    }
    versions.push({ observations, cut, trulyRight: right, chance: stated });
    if ([...right.values()].every(Boolean)) break;
  }
  return versions;
}

/** Sewists who close in on what nobody sees, each way of deciding with the same people and the same chances of noticing. */
export function simulate(sewists: number, seed: number): WayResult[] {
  return WAYS.map((way) => {
    const counts: number[] = [];
    const tenths = Array.from({ length: 10 }, () => ({ stated: 0, happened: 0, cuts: 0 }));
    for (let s = 0; s < sewists; s++) {
      const patterns = sewist(seeded(seed + s));
      const chance = seeded(seed + 100_003 * (s + 1));
      const learned = new Map<ZoneId, RememberedPattern[]>();
      for (const pattern of patterns) {
        const versions = sew(way, pattern, learned, chance);
        counts.push(versions.length);
        // Cuts made while the sewist had not yet noted everything right.
        let going = true;
        for (const v of versions) {
          if (!going) break;
          for (const [zone, stated] of v.chance) {
            const tenth = tenths[Math.min(9, Math.floor(stated * 10))]!;
            tenth.stated += stated;
            tenth.happened += v.trulyRight.get(zone) ? 1 : 0;
            tenth.cuts += 1;
          }
          going = [...v.observations.values()].some((o) => o.outcome !== 0);
        }
        for (const zone of pattern.zones) {
          const { id, designer, group } = pattern;
          const observations = versions.map((v) => v.observations.get(zone)!);
          learned.set(zone, [...(learned.get(zone) ?? []), { id, designer, group, observations }]);
        }
      }
    }
    return {
      way,
      versions: counts.reduce((a, b) => a + b, 0) / counts.length,
      rightFirst: counts.filter((n) => n === 1).length / counts.length,
      calibration: tenths.filter((t) => t.cuts > 0).map((t) => ({ stated: t.stated / t.cuts, happened: t.happened / t.cuts, cuts: t.cuts })),
    };
  });
}
