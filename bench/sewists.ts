import { type ClassGroup, classGroup, CLASS_EASE, edgesOf, FIT_CLASSES, type FitClass } from '../src/core/body/fit-class';
import type { BodyValue } from '../src/core/body/measures';
import { BODY_MEASURES, priorSpread, zoneOf, type ZoneId } from '../src/core/body/zones';
import { keepsLast } from '../src/core/forecast/carry-forward';
import { tapeFor, tapeGain } from '../src/core/forecast/worth-measuring';
import { fabricStretch, type FabricStretch } from '../src/core/garment/stretch';
import type { Observation } from '../src/core/inference/likelihood';
import { worthNoting } from '../src/core/inference/worth-noting';
import { withDoubts } from '../src/core/inference/hardly-believable';
import { Memory, type RememberedPattern } from '../src/core/inference/belief-tree';
import { bestCut, chanceOfRight, posteriorOf, priorFrom, quantile, type Posterior, type Prior } from '../src/core/inference/posterior';
import { keysOf } from '../src/core/units/keys';
import { roundToWorkable } from '../src/core/units/length';
import { blankFabric, USUAL_ZONES, type GarmentKind, type Outcome } from '../src/core/records';
import { seeded } from '../src/core/units/seeded';
import { SimulatedBody, type BodyWay, type Measuring } from './simulated-body';

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

/** A note by itself: what it tells of θ depends on the body that is known by then. */
type Noted = Omit<Observation, 'x' | 'garment'>;

interface Version {
  readonly day: number;
  readonly noted: Map<ZoneId, Noted>;
  readonly give: Map<ZoneId, FabricStretch>;
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

/** How sewists are told apart. */
interface Manner {
  /** The part of the notes that are wrong, and whether what is hardly believable is doubted. */
  readonly slips: number;
  readonly doubting: boolean;
  /** Whether every place is noted, or as one likes: what is off mostly, what is right half the time. */
  readonly notes: 'all' | 'as one likes';
  /** Whether the two things that are asked for are done: where it helps most, the place is noted and the amount pinned. */
  readonly asked: boolean;
  readonly body: BodyWay;
  readonly measuring: Measuring;
}
const USUAL: Manner = { slips: 0, doubting: true, notes: 'all', asked: false, body: 'as measured', measuring: 'once' };
/** How much is noted by who notes as she likes. */
const NOTES_OFF = 0.85;
const NOTES_RIGHT = 0.5;
/** A garment a month. */
const DAYS_APART = 30;
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
export function noted(off: number, zone: ZoneId, fitClass: FitClass, chance: () => number, slips = 0): Noted {
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

/** Told as what they are beyond the first day's, measures say nothing of a child's height. */
const TAKEN = keysOf(BODY_MEASURES).filter((m) => m !== 'height');
const AS_MEASURED = { cm: 0, changed: 0, doubt: 0 };

/** A sewist at work: what she knows of a pattern's notes, with the body as it is known by then. */
class Sewist {
  readonly #manner: Manner;
  readonly #chance: () => number;
  readonly #normal: () => number;
  readonly #body: SimulatedBody;
  readonly #learned: { readonly pattern: HiddenPattern; readonly versions: readonly Version[] }[] = [];
  #day = 0;

  constructor(manner: Manner, chance: () => number) {
    this.#manner = manner;
    this.#chance = chance;
    this.#normal = normalFrom(chance);
    this.#body = new SimulatedBody(manner.body, chance, this.#normal);
  }

  /** What the body is beyond that of the first day where it decides a place, as known on a day, and its doubt in a note and in a cut, cm. */
  #bodyAt(zone: ZoneId, day: number): Pick<BodyValue, 'cm' | 'changed' | 'doubt'> {
    const measure = this.#body.measureAt(zone);
    return measure ? this.#body.told(measure, day) : AS_MEASURED;
  }

  #observations(versions: readonly Version[], zone: ZoneId): readonly Observation[] {
    const own = versions.flatMap(({ day, noted, give, cut }): Observation[] => {
      const [note, gave] = [noted.get(zone), give.get(zone)!];
      const { cm, changed } = this.#bodyAt(zone, day);
      return note ? [{ ...note, x: cut.get(zone)! + gave.cm - cm, garment: Math.hypot(gave.sd, changed) }] : [];
    });
    return this.#manner.doubting ? withDoubts(own, priorSpread(zone)) : own;
  }

  #prior(way: Way, pattern: HiddenPattern, zone: ZoneId): Prior | number {
    if (way !== 'memory') return priorSpread(zone);
    const heard = this.#learned.flatMap(({ pattern: { id, designer, group, zones }, versions }): RememberedPattern[] =>
      zones.includes(zone) ? [{ id, designer, group, observations: this.#observations(versions, zone) }] : [],
    );
    return heard.length === 0
      ? priorSpread(zone)
      : priorFrom(new Memory(heard, zoneOf(zone).spread).newPattern(pattern), zoneOf(zone).spread.pattern);
  }

  /** The tape is taken by the calendar, and where it is asked for: where the doubt of a measure costs most. Whether it was. */
  #measure({ zones, fitClass }: HiddenPattern, believed: () => ReadonlyMap<ZoneId, Posterior>, give: ReadonlyMap<ZoneId, FabricStretch>): boolean {
    const { measuring, body } = this.#manner;
    const day = this.#day;
    if (body === 'as measured') return false;
    const due = this.#body.isDue(measuring, day);
    if (due) this.#body.take(TAKEN, day);
    if (measuring !== 'when asked') return due;
    const known = believed();
    const gains = zones.flatMap((zone) => {
      const measure = this.#body.measureAt(zone);
      if (!measure) return [];
      const of = known.get(zone)!;
      const chance = (doubt: number) => chanceOfRight(of, quantile(of, 0.5), edgesOf(zone, fitClass)[0], Math.hypot(give.get(zone)!.sd, doubt));
      const told = this.#body.told(measure, day);
      return [tapeGain(measure, told, told.doubt, chance(told.doubt), chance)];
    });
    const asked = tapeFor(gains).map((g) => g.measure);
    if (asked.length > 0) this.#body.take(asked, day);
    return due || asked.length > 0;
  }

  /** The places where a look, with a pin, helps most. */
  #askedFor({ zones, fitClass }: HiddenPattern, believed: ReadonlyMap<ZoneId, Posterior>, version: Version): ZoneId[] {
    if (!this.#manner.asked) return [];
    return zones
      .map((zone) => {
        const gave = version.give.get(zone)!;
        const { cm, changed } = this.#bodyAt(zone, version.day);
        const x = version.cut.get(zone)! + gave.cm - cm;
        const look = { x, outcome: 0 as const, edges: edgesOf(zone, fitClass), observer: zoneOf(zone).sigma, garment: Math.hypot(gave.sd, changed) };
        const { spread } = zoneOf(zone);
        return { zone, gain: worthNoting(believed.get(zone)!, look, look.edges[0], spread.pattern || spread.person).pin };
      })
      .filter((w) => w.gain > WORTH_ASKING)
      .sort((a, b) => b.gain - a.gain)
      .slice(0, MOST_ASKED)
      .map((w) => w.zone);
  }

  /** A note of a place, as it is made. */
  #note(off: number, zone: ZoneId, fitClass: FitClass, asked: boolean): Noted | undefined {
    const { slips, notes } = this.#manner;
    const note = noted(off, zone, fitClass, this.#chance, slips);
    if (!asked) return notes === 'all' || this.#chance() < (note.outcome === 0 ? NOTES_RIGHT : NOTES_OFF) ? note : undefined;
    const amount = Math.abs(off + Math.max(0.3, 0.1 * Math.abs(off)) * this.#normal());
    return note.outcome === 0 || amount === 0 ? note : { ...note, amount, found: 'pinned' };
  }

  /** Where a place is cut, and the chance of right that is stated of it. */
  #cut(
    way: Way,
    pattern: HiddenPattern,
    zone: ZoneId,
    versions: readonly Version[],
    believed: Posterior,
    give: FabricStretch,
  ): { readonly cut: number; readonly chance?: number } {
    const own = this.#observations(versions, zone);
    if (way === 'notebook') return { cut: notebook(own.map((note, i) => ({ cut: versions[i]!.cut.get(zone)!, note }))) };
    const body = this.#bodyAt(zone, this.#day);
    const gives = give.cm - body.cm;
    const at = (x: number) => chanceOfRight(believed, x, edgesOf(zone, pattern.fitClass)[0], Math.hypot(give.sd, body.doubt));
    const { median } = bestCut(believed);
    const before = versions.at(-1)?.cut.get(zone) ?? 0;
    const last = own.at(-1);
    // Whatever the body does in the meantime, it does to either cut.
    const held = (x: number) => chanceOfRight(believed, x, edgesOf(zone, pattern.fitClass)[0], give.sd);
    const keep = last ? keepsLast(last.outcome, held(before + gives), held(median)) : way === 'one pattern';
    const { kind } = zoneOf(zone);
    const cut = keep ? before : roundToWorkable(median - gives, 'cm', kind === 'width' || kind === 'position');
    return { cut, chance: at(cut + gives) };
  }

  /** One pattern sewn until it is truly right; what was learned on the way is handed on. */
  sew(way: Way, pattern: HiddenPattern): readonly Version[] {
    const { zones, fitClass } = pattern;
    const versions: Version[] = [];
    const others = () => new Map(zones.map((zone) => [zone, this.#prior(way, pattern, zone)] as const));
    let priors = others();
    const believed = () => new Map(zones.map((zone) => [zone, posteriorOf(this.#observations(versions, zone), priors.get(zone)!)] as const));
    while (versions.length < PATIENCE) {
      const stretch = Math.max(0, STRETCH_ASKED + STRETCH_SPREAD * this.#normal());
      const give = new Map(zones.map((zone) => [zone, giveOf(pattern, zone, stretch)] as const));
      if (this.#measure(pattern, believed, give)) priors = others();
      const known = believed();
      const version: Version = { day: this.#day, noted: new Map(), give, cut: new Map(), trulyRight: new Map(), chance: new Map() };
      for (const zone of zones) {
        const { cut, chance } = this.#cut(way, pattern, zone, versions, known.get(zone)!, give.get(zone)!);
        version.cut.set(zone, cut);
        if (chance !== undefined) version.chance.set(zone, chance);
      }
      const asked = this.#askedFor(pattern, known, version);
      for (const zone of zones) {
        const measure = this.#body.measureAt(zone);
        const body = measure ? this.#body.truly(measure, this.#day) : 0;
        const off = version.cut.get(zone)! + give.get(zone)!.cm * (1 + GIVE_DOUBT * this.#normal()) - body - pattern.ideal.get(zone)!;
        const note = this.#note(off, zone, fitClass, asked.includes(zone));
        if (note) version.noted.set(zone, note);
        version.trulyRight.set(zone, Math.abs(off) <= edgesOf(zone, fitClass)[0]);
      }
      versions.push(version);
      this.#day += DAYS_APART;
      if ([...version.trulyRight.values()].every(Boolean)) break;
    }
    this.#learned.push({ pattern, versions });
    return versions;
  }
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
export function simulate(sewists: number, seed: number, manner: Partial<Manner> = {}, ways: readonly Way[] = WAYS): WayResult[] {
  return ways.map((way) => {
    const counts: number[] = [];
    const tenths = new Tenths();
    for (let s = 0; s < sewists; s++) {
      const person = new Sewist({ ...USUAL, ...manner }, seeded(seed + 100_003 * (s + 1)));
      for (const pattern of sewist(seeded(seed + s), PATTERNS)) {
        const versions = person.sew(way, pattern);
        counts.push(versions.length);
        // Cuts made while the sewist had not yet noted everything right.
        let going = true;
        for (const v of versions) {
          if (!going) break;
          for (const [zone, stated] of v.chance) tenths.add(stated, v.trulyRight.get(zone) === true);
          going = [...v.noted.values()].some((o) => o.outcome !== 0);
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
