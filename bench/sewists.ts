import { type ClassGroup, classGroup, CLASS_EASE, edgesOf, FIT_CLASSES, type FitClass } from '../src/core/body/fit-class';
import { priorSpread, zoneOf, type ZoneId } from '../src/core/body/zones';
import { keepsLast } from '../src/core/forecast/carry-forward';
import { fabricStretch, type FabricStretch } from '../src/core/garment/stretch';
import type { Observation } from '../src/core/inference/likelihood';
import { worthNoting } from '../src/core/inference/worth-noting';
import { withDoubts } from '../src/core/inference/hardly-believable';
import { Memory, type RememberedPattern } from '../src/core/inference/belief-tree';
import { bestCut, chanceOfRight, posteriorOf, priorFrom, type Prior } from '../src/core/inference/posterior';
import { roundToWorkable } from '../src/core/units/length';
import { blankFabric, USUAL_ZONES, type GarmentKind, type Outcome } from '../src/core/records';
import { seeded } from './seeded';

/** How a sewist decides what to cut next. */
const WAYS = ['notebook', 'one pattern', 'memory'] as const;
type Way = (typeof WAYS)[number];

const DESIGNERS = ['Lowtide', 'Ninth Wave', 'Kittiwake', 'Marram'];
/** What is sewn, and whether for a fabric that stretches; each is fitted at the zones that usually decide it. */
const GARMENTS: readonly { readonly kind: GarmentKind; readonly knit: boolean }[] = [
  { kind: 'top', knit: true },
  { kind: 'top', knit: true },
  { kind: 'shirt', knit: false },
  { kind: 'shirt', knit: false },
  { kind: 'dress', knit: false },
  { kind: 'dress', knit: true },
  { kind: 'skirt', knit: false },
  { kind: 'skirt', knit: true },
  { kind: 'trousers', knit: false },
  { kind: 'trousers', knit: true },
  { kind: 'shorts', knit: false },
  { kind: 'jacket', knit: false },
  { kind: 'coat', knit: false },
  { kind: 'waistcoat', knit: false },
  { kind: 'cardigan', knit: true },
  { kind: 'one-piece', knit: true },
];
const PATTERNS = 12;
/** Girths of the body that the give of a fabric is reckoned on, cm. */
export const GIRTHS: Partial<Record<ZoneId, number>> = { bust: 92, waist: 76, waistband: 76, hip: 100, thigh: 58, upperArm: 29, torso: 155 };
/** What a knit pattern asks for, and how far the fabrics bought for it lie from that: % of stretch. */
export const STRETCH_ASKED = 35;
export const STRETCH_SPREAD = 12;
/** The true give is the reckoned one, but for this part: as the core takes it (engine.md, section 2). */
export const GIVE_DOUBT = 0.3;
/** A garment is sewn until it is right; this only ends the loop for those that never get there. */
const PATIENCE = 60;
/** Reported beside it: nobody sews more than so many, and what is not right by then counts as so many. */
const TIRED = 12;

export interface HiddenPattern {
  readonly id: string;
  readonly kind: GarmentKind;
  readonly designer: string;
  readonly group: ClassGroup;
  readonly fitClass: FitClass;
  readonly knit: boolean;
  readonly zones: readonly ZoneId[];
  /** The ideal offset at each zone: what nobody sees. */
  readonly ideal: ReadonlyMap<ZoneId, number>;
}

interface Version {
  readonly observations: Map<ZoneId, Observation>;
  /** What the paper was cut to; the fabric's give comes on top. */
  readonly cut: Map<ZoneId, number>;
  readonly trulyRight: Map<ZoneId, boolean>;
  readonly chance: Map<ZoneId, number>;
}

interface WayResult {
  readonly way: Way;
  /** Mean versions until a garment is truly right in every zone; the same where nobody sews more than TIRED. */
  readonly versions: number;
  readonly versionsOfTired: number;
  readonly rightFirst: number;
  readonly calibration: readonly Calibration[];
}

export function normalFrom(chance: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(chance() || 1e-12)) * Math.cos(2 * Math.PI * chance());
}

const oneOf = <T>(list: readonly T[], chance: () => number): T => list[Math.floor(chance() * list.length)]!;

/** Patterns of a sewist: her own deviations, the designers' and the patterns', drawn from the spreads of the tree. */
export function sewist(chance: () => number, patterns: number): HiddenPattern[] {
  const normal = normalFrom(chance);
  const drawn = new Map<string, number>();
  const draw = (key: string, sd: number) => {
    const value = drawn.get(key) ?? sd * normal();
    drawn.set(key, value);
    return value;
  };
  return Array.from({ length: patterns }, (_, i) => {
    const designer = oneOf(DESIGNERS, chance);
    const fitClass = oneOf(FIT_CLASSES.slice(0, 4), chance);
    const { kind, knit } = oneOf(GARMENTS, chance);
    const group = classGroup(fitClass);
    const zones = USUAL_ZONES[kind];
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
    return { id: `p${i}`, kind, designer, group, fitClass, knit, zones, ideal };
  });
}

/** What the core says of a fabric that stretches so much, %. */
function giveOf({ knit, fitClass }: HiddenPattern, zone: ZoneId, stretch: number): FabricStretch {
  const wants = knit ? { structure: 'knit' as const, stretch: STRETCH_ASKED } : { structure: 'woven' as const };
  const fabric = { ...blankFabric('c', 'fabric', wants.structure), stretchAcross: stretch, stretchAlong: stretch };
  return fabricStretch({ wants }, zone, fabric, { girth: GIRTHS[zone], ease: zoneOf(zone).band ? 0 : CLASS_EASE[fitClass] });
}

/** A careful notebook: by what was noticed, and halfway between too small and too large once both are known. */
export function notebook(own: readonly { readonly cut: number; readonly note: Observation }[]): number {
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

/** How sewists are told apart: how often they note something wrongly, and whether what is hardly believable is doubted. */
interface Eyes {
  readonly slips: number;
  readonly doubting: boolean;
  /** Whether the two things that are asked for are done: where it helps most, the amount is pinned. */
  readonly asked: boolean;
}
const USUAL_EYES: Eyes = { slips: 0, doubting: true, asked: false };
/** So many things are asked for at a time, where they help by more than so much. */
const MOST_ASKED = 2;
const WORTH_ASKING = 0.03;

/** What a hand writes that slips: the wrong sign, or a step more or less. */
function slipped(outcome: number, chance: () => number): number {
  const one = Math.sign(outcome);
  const may = outcome === 0 ? [-1, 1] : [-outcome, outcome - one, outcome + one].filter((o) => Math.abs(o) <= 3);
  return oneOf(may, chance);
}

/**
 * How a garment that is off by so much, cm, is noted: a third of the notes on the first day, an amount with two of five.
 *
 * @param slips the part of the notes that are wrong by their sign or by one step
 */
export function noted(
  off: number,
  zone: ZoneId,
  fitClass: FitClass,
  chance: () => number,
  slips = 0,
): Pick<Observation, 'outcome' | 'edges' | 'observer' | 'amount'> {
  const normal = normalFrom(chance);
  const edges = edgesOf(zone, fitClass);
  const observer = (chance() < 0.3 ? 1.3 : 1) * zoneOf(zone).sigma;
  const felt = off + observer * normal();
  const size = edges.filter((t) => Math.abs(felt) > t).length;
  const amount = size > 0 && chance() < 0.4 ? Math.abs(off + Math.max(0.5, 0.35 * Math.abs(off)) * normal()) : 0;
  const outcome = size * Math.sign(felt) || 0;
  return {
    outcome: (slips > 0 && chance() < slips ? slipped(outcome, chance) : outcome) as Outcome,
    edges,
    observer,
    ...(amount > 0.2 ? { amount: Math.round(amount * 2) / 2 || 0.5 } : {}),
  };
}

const toldBy = (own: readonly Observation[], zone: ZoneId, { doubting }: Eyes) => (doubting ? withDoubts(own, priorSpread(zone)) : own);

/** At the places where it helps most, the amount is pinned and not judged at sight. */
function pinAsAsked(
  { observations }: Version,
  { zones, fitClass }: HiddenPattern,
  before: readonly Version[],
  priors: ReadonlyMap<ZoneId, Prior | number>,
  offs: ReadonlyMap<ZoneId, number>,
  eyes: Eyes,
  normal: () => number,
): void {
  const worth = zones.map((zone) => {
    const own = before.map((v) => v.observations.get(zone)!);
    const believed = posteriorOf(toldBy(own, zone, eyes), priors.get(zone)!);
    const { amount: _, ...look } = observations.get(zone)!;
    const { spread } = zoneOf(zone);
    return { zone, gain: worthNoting(believed, look, edgesOf(zone, fitClass)[0], spread.pattern || spread.person).pin };
  });
  for (const { zone } of worth
    .filter((w) => w.gain > WORTH_ASKING)
    .sort((a, b) => b.gain - a.gain)
    .slice(0, MOST_ASKED)) {
    const seen = observations.get(zone)!;
    const off = offs.get(zone)!;
    const amount = Math.abs(off + Math.max(0.3, 0.1 * Math.abs(off)) * normal());
    if (seen.outcome !== 0 && amount > 0) observations.set(zone, { ...seen, amount, found: 'pinned' });
  }
}

/** One pattern sewn until it is truly right; what was learned on the way is handed on. */
function sew(
  way: Way,
  pattern: HiddenPattern,
  others: ReadonlyMap<ZoneId, readonly RememberedPattern[]>,
  eyes: Eyes,
  chance: () => number,
): Version[] {
  const normal = normalFrom(chance);
  const priors = new Map<ZoneId, Prior | number>();
  for (const zone of pattern.zones) {
    const heard = way === 'memory' ? (others.get(zone) ?? []) : [];
    priors.set(
      zone,
      heard.length === 0 ? priorSpread(zone) : priorFrom(new Memory(heard, zoneOf(zone).spread).newPattern(pattern), zoneOf(zone).spread.pattern),
    );
  }
  const versions: Version[] = [];
  while (versions.length < PATIENCE) {
    const stretch = Math.max(0, STRETCH_ASKED + STRETCH_SPREAD * normal());
    const offs = new Map<ZoneId, number>();
    const version: Version = { observations: new Map(), cut: new Map(), trulyRight: new Map(), chance: new Map() };
    for (const zone of pattern.zones) {
      const [t1] = edgesOf(zone, pattern.fitClass);
      const give = giveOf(pattern, zone, stretch);
      const own = versions.map((v) => v.observations.get(zone)!);
      const cuts = versions.map((v) => v.cut.get(zone)!);
      let cut: number;
      if (way === 'notebook') cut = notebook(own.map((note, i) => ({ cut: cuts[i]!, note })));
      else {
        const believed = posteriorOf(toldBy(own, zone, eyes), priors.get(zone)!);
        const at = (x: number) => chanceOfRight(believed, x, t1, give.sd);
        const { median } = bestCut(believed);
        const before = cuts.at(-1) ?? 0;
        const last = own.at(-1);
        const keep = last ? keepsLast(last.outcome, at(before + give.cm), at(median)) : way === 'one pattern';
        const { kind } = zoneOf(zone);
        cut = keep ? before : roundToWorkable(median - give.cm, 'cm', kind === 'width' || kind === 'position');
        version.chance.set(zone, at(cut + give.cm));
      }
      const off = cut + give.cm * (1 + GIVE_DOUBT * normal()) - pattern.ideal.get(zone)!;
      version.observations.set(zone, { x: cut + give.cm, garment: give.sd, ...noted(off, zone, pattern.fitClass, chance, eyes.slips) });
      offs.set(zone, off);
      version.cut.set(zone, cut);
      version.trulyRight.set(zone, Math.abs(off) <= t1);
    }
    if (eyes.asked) pinAsAsked(version, pattern, versions, priors, offs, eyes, normal);
    versions.push(version);
    if ([...version.trulyRight.values()].every(Boolean)) break;
  }
  return versions;
}

export interface Calibration {
  readonly stated: number;
  readonly happened: number;
  readonly cuts: number;
}

/** Of the cuts whose chance was stated in each tenth, how many were right. */
export class Tenths {
  readonly #tenths = Array.from({ length: 10 }, () => ({ stated: 0, happened: 0, cuts: 0 }));

  add(stated: number, right: boolean): void {
    const tenth = this.#tenths[Math.min(9, Math.floor(stated * 10))]!;
    tenth.stated += stated;
    tenth.happened += right ? 1 : 0;
    tenth.cuts += 1;
  }

  /** In the mean of each tenth in which anything was stated. */
  calibration(): readonly Calibration[] {
    return this.#tenths.filter((t) => t.cuts > 0).map((t) => ({ stated: t.stated / t.cuts, happened: t.happened / t.cuts, cuts: t.cuts }));
  }
}

/** Sewists who close in on what nobody sees, each way of deciding with the same people and the same chances of noticing. */
export function simulate(sewists: number, seed: number, eyes: Eyes = USUAL_EYES, ways: readonly Way[] = WAYS): WayResult[] {
  return ways.map((way) => {
    const counts: number[] = [];
    const tenths = new Tenths();
    for (let s = 0; s < sewists; s++) {
      const patterns = sewist(seeded(seed + s), PATTERNS);
      const chance = seeded(seed + 100_003 * (s + 1));
      const learned = new Map<ZoneId, RememberedPattern[]>();
      for (const pattern of patterns) {
        const versions = sew(way, pattern, learned, eyes, chance);
        counts.push(versions.length);
        // Cuts made while the sewist had not yet noted everything right.
        let going = true;
        for (const v of versions) {
          if (!going) break;
          for (const [zone, stated] of v.chance) tenths.add(stated, v.trulyRight.get(zone) === true);
          going = [...v.observations.values()].some((o) => o.outcome !== 0);
        }
        for (const zone of pattern.zones) {
          const { id, designer, group } = pattern;
          const observations = toldBy(
            versions.map((v) => v.observations.get(zone)!),
            zone,
            eyes,
          );
          learned.set(zone, [...(learned.get(zone) ?? []), { id, designer, group, observations }]);
        }
      }
    }
    const mean = (of: readonly number[]) => of.reduce((a, b) => a + b, 0) / of.length;
    return {
      way,
      versions: mean(counts),
      versionsOfTired: mean(counts.map((n) => Math.min(n, TIRED))),
      rightFirst: counts.filter((n) => n === 1).length / counts.length,
      calibration: tenths.calibration(),
    };
  });
}
