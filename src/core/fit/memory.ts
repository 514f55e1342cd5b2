import type { FitClass } from '../measure/fit-class';
import { zoneOf, type ZoneId } from '../measure/zones';
import { doubtOf, floorsOf, LOG_FLOOR, logAmount, logOutcome, type Observation, type Said } from './likelihood';
import { DEPTH, logsOf, posteriorAlong, posteriorFrom, spanOfMass, type Posterior } from './posterior';
import { room } from './room';

/** Classes that a person is taken to deviate in alike. Source: engine.md, section 5. */
export type ClassGroup = 'close' | 'semi' | 'loose';

/** The group of a class: close and fitted; semi; loose and oversized. */
export function classGroup(fitClass: FitClass): ClassGroup {
  return fitClass === 'close' || fitClass === 'fitted' ? 'close' : fitClass === 'semi' ? 'semi' : 'loose';
}

/** What one pattern's notes say at a zone, and where it stands in the tree. */
export interface RememberedPattern {
  readonly id: string;
  /** A pattern without a known designer has one of its own. */
  readonly designer: string;
  readonly group: ClassGroup;
  readonly observations: readonly Observation[];
}

/** The spreads along the tree, cm: S, C, D, W of the zone. */
export interface TreeSpread {
  readonly person: number;
  readonly fitClass: number;
  readonly designer: number;
  readonly pattern: number;
}

/** A place in the tree to be asked about. */
export interface Branch {
  readonly designer: string;
  readonly group: ClassGroup;
}

/** Reference step, cm; a grid this fine is never needed for more than it. Source: engine.md, section 5. */
const FINEST = 0.05;
const COARSEST = 0.5;
/** Kernels are cut here, in standard deviations. */
const KERNEL_REACH = 8;
/** Noughts on either side of a kernel. */
const MARGIN = 3;
/** Of a peak of 1, what is less than this adds nothing. A single note never says no as firmly: its chances are floored at 1e-12. */
const NOTHING = 1e-40;
const LOG_NOTHING = Math.log(NOTHING);

/** For what is looked at and let go at once: a message, and one continued on both sides. */
let SCRATCH = new Float64Array(0);
let MASS = new Float64Array(0);

/** Logarithms of a message on the grid, its peak at 0. */
type Message = Float64Array;

/**
 * What all of a person's patterns together say at one zone (engine.md, section 5): exact inference on the tree person → class group →
 * designer → pattern, by messages on an even grid.
 *
 * Messages up the tree are made once for each pattern; every question is answered by leaving out the asked branch on the way down.
 */
export class Memory {
  /** The patterns that speak here. */
  readonly patterns: readonly RememberedPattern[];
  readonly #start: number;
  readonly #step: number;
  readonly #points: number;
  /** The smallest width in what any pattern says here, cm. */
  readonly #sharpest: number;
  readonly #spread: TreeSpread;
  readonly #groups: readonly ClassGroup[];
  readonly #designers = new Map<ClassGroup, readonly string[]>();
  readonly #kernels = new Map<number, Float64Array>();
  /** Messages up the tree that were made already, by branch and what was left out of it: most questions leave most branches whole. */
  readonly #made = new Map<string, Message>();
  /** By the id of the pattern. */
  readonly #patterns = new Map<string, SaidHere>();

  /**
   * @param patterns those with observations at the zone; others say nothing and may be left out
   * @param step of the grid, cm; found from what is sharpest where it is not given
   * @param before an earlier memory of the zone: what the very same patterns said there need not be worked out again
   */
  constructor(zone: ZoneId, patterns: readonly RememberedPattern[], spread: TreeSpread = zoneOf(zone).spread, step?: number, before?: Memory) {
    this.patterns = patterns;
    this.#spread = spread;
    this.#groups = [...new Set(patterns.map((p) => p.group))];
    for (const group of this.#groups) this.#designers.set(group, [...new Set(patterns.filter((p) => p.group === group).map((p) => p.designer))]);
    const { person, fitClass, designer, pattern } = spread;
    let reach = 8 * Math.hypot(person, fitClass, designer, pattern);
    // An even grid sums a smooth function up almost without error as long as its step is less than half of what is sharpest in it.
    let sharpest = Math.min(...[person, fitClass, designer, pattern].filter((s) => s > 0));
    for (const { observations } of patterns)
      for (const o of observations) {
        reach = Math.max(reach, Math.abs(o.x) + o.edges[2] + 4);
        sharpest = Math.min(sharpest, doubtOf(o));
      }
    this.#sharpest = sharpest;
    this.#step = step ?? Math.min(COARSEST, Math.max(FINEST, this.#sharpest / 2.5));
    this.#points = 2 * Math.ceil(reach / this.#step) + 1;
    if (this.#points > SCRATCH.length) SCRATCH = new Float64Array(this.#points);
    this.#start = -((this.#points - 1) / 2) * this.#step;
    const sameGrid = before && before.#step === this.#step && before.#points === this.#points;
    for (const p of patterns) {
      const known = sameGrid ? before.#patterns.get(p.id) : undefined;
      if (known?.said === p) {
        this.#patterns.set(p.id, known);
        continue;
      }
      const outcomes = room(this.#points);
      const grid = { start: this.#start, step: this.#step, values: outcomes };
      for (const note of p.observations) logOutcome(note)(grid);
      const amounts = p.observations.flatMap((note) => logAmount(note) ?? []);
      const likelihood = this.#withAmounts(peaked(outcomes), amounts);
      this.#patterns.set(p.id, { said: p, outcomes, amounts, likelihood, up: this.#widened(likelihood, pattern) });
    }
  }

  /** A designer's patterns in a class of fit that speak. */
  patternsOf({ designer, group }: Branch): RememberedPattern[] {
    return this.patterns.filter((p) => p.designer === designer && p.group === group);
  }

  /** What is believed of the person: μ. */
  person(): Posterior {
    return this.#posterior(this.#belowPerson({}));
  }

  /**
   * What is believed of the ideal offset of a pattern not made yet, of a designer and class of fit.
   *
   * @param without patterns whose notes are left out
   */
  newPattern(branch: Branch, without: readonly string[] = []): Posterior {
    return posteriorFrom(this.#start, this.#step, this.#prior(branch, { patterns: without }));
  }

  /**
   * What is believed of a pattern's ideal offset.
   *
   * @param without patterns whose notes are left out of what the others say: to ask who spoke
   */
  pattern(id: string, without: readonly string[] = []): { readonly prior: Posterior; readonly posterior: Posterior } {
    const asked = this.#patterns.get(id);
    if (!asked) throw new Error(`The pattern ${id} has no notes at this zone: ask for a new pattern.`);
    const prior = this.newPattern(asked.said, [id, ...without]);
    return { prior, posterior: this.#withNotes(prior, asked) };
  }

  /** What the outcomes say, with the amounts noted: asked only where these could leave anything. */
  #withAmounts(outcomes: Message, amounts: readonly Said[]): Message {
    if (amounts.length === 0) return outcomes;
    const least = LOG_NOTHING + amounts.length * LOG_FLOOR;
    const [first, last] = endsOf(outcomes, least);
    const both = room(this.#points);
    both.set(outcomes);
    const asked = { start: this.#start + first * this.#step, step: this.#step, values: both.subarray(first, last + 1) };
    for (const amount of amounts) amount(asked);
    return peaked(both);
  }

  /** A prior with a pattern's own notes. */
  #withNotes({ density }: Posterior, { said, outcomes, amounts, likelihood }: SaidHere): Posterior {
    let most = 0;
    let likeliest = 0;
    for (let i = 0; i < density.length; i++) {
      if (density[i]! > most) most = density[i]!;
      if (likelihood[i]! > likelihood[likeliest]!) likeliest = i;
    }
    // Where a note says no more firmly than the prior can say yes there is no mass, and no need to ask the prior.
    const enough = Math.log(density[likeliest]! / most) - DEPTH;
    const ends = endsOf(likelihood, enough);
    // A cubic asks its neighbours.
    const first = Math.max(0, ends[0] - 2);
    const last = Math.min(density.length - 1, ends[1] + 2);
    const points = last - first + 1;
    const gridOf = (values: Float64Array) => ({ start: this.#start + first * this.#step, step: this.#step, values });

    const smooth = gridOf(room(points));
    smooth.values.set(density.subarray(first, last + 1));
    logsOf(smooth.values);
    const whole = gridOf(SCRATCH.subarray(0, points));
    for (let i = 0; i < points; i++) whole.values[i] = smooth.values[i]! + likelihood[first + i]!;
    const span = spanOfMass(whole);
    const [low, high] = [span.low - 2 * this.#step, span.high + 2 * this.#step];
    for (let i = 0; i < points; i++) smooth.values[i]! += outcomes[first + i]!;

    // What turns at an angle is no cubic: amounts do, and an outcome that reaches its floor where there is mass, as contradictions do.
    const rest = [...amounts];
    for (const note of said.observations) {
      const [under, over] = floorsOf(note);
      if ((under < low || under > high) && (over < low || over > high)) continue;
      const alone = gridOf(room(points));
      logOutcome(note)(alone);
      for (let i = 0; i < points; i++) smooth.values[i]! -= alone.values[i]!;
      rest.push(logOutcome(note));
    }
    return posteriorAlong(span, smooth, rest, this.#sharpest);
  }

  /** What a designer adds to the person, at a class of fit: v > 0 means that the designer runs small. */
  designer(branch: Branch): Posterior {
    const own = this.#ofDesigner(branch, {});
    const outside = this.#aboveDesigner(branch, {});
    const sd = this.#spread.designer;
    const reach = Math.min((this.#points - 1) / 2, Math.ceil((KERNEL_REACH * sd) / this.#step));
    const points = 2 * reach + 1;
    const density = new Float64Array(points);
    const from = outside.map(Math.exp);
    for (let i = 0; i < this.#points; i++) {
      const mass = Math.exp(own[i]!);
      // The designer's own patterns say no over most of the grid.
      if (mass < NOTHING) continue;
      const last = Math.min(points - 1, i + reach);
      for (let k = Math.max(0, i + reach - this.#points + 1); k <= last; k++) density[k]! += mass * from[i + reach - k]!;
    }
    for (let k = 0; k < points; k++) density[k]! *= Math.exp(-0.5 * (((k - reach) * this.#step) / sd) ** 2);
    return posteriorFrom(-reach * this.#step, this.#step, density);
  }

  /** p(μ) without the branches left out; not normalised. */
  #belowPerson(leave: Leave): Message {
    const { person, fitClass } = this.#spread;
    const groups = this.#groups.filter((g) => g !== leave.group);
    const prior = this.#once('person', () => this.#fromLog((theta) => -0.5 * (theta / person) ** 2));
    const up = (group: ClassGroup) =>
      this.#once(`up ${group} ${this.#leftOut({ group }, leave)}`, () => this.#widened(this.#ofGroup(group, leave), fitClass));
    return this.#product([prior, ...groups.map(up)]);
  }

  /** Π over the group's designers of M_d ∗ D. */
  #ofGroup(group: ClassGroup, leave: Leave): Message {
    const designers = (this.#designers.get(group) ?? []).filter((d) => d !== leave.designer);
    const up = (designer: string) =>
      this.#once(`up ${group} ${designer} ${this.#leftOut({ designer, group }, leave)}`, () =>
        this.#widened(this.#ofDesigner({ designer, group }, leave), this.#spread.designer),
      );
    return this.#product(designers.map(up));
  }

  /** M_d: what a designer's patterns in the group say of what they have in common. */
  #ofDesigner(branch: Branch, { patterns = [] }: Leave): Message {
    const { designer, group } = branch;
    const all = this.#once(`all ${group} ${designer}`, () => this.#product(this.patternsOf(branch).map((p) => this.#patterns.get(p.id)!.up)));
    const out = patterns.filter((id) => this.#stands(id, branch));
    if (out.length === 0) return all;
    // What is left out of a product of many is divided away, and the rest not multiplied again.
    const rest = room(this.#points);
    rest.set(all);
    for (const id of out) {
      const { up } = this.#patterns.get(id)!;
      for (let i = 0; i < rest.length; i++) rest[i]! -= up[i]!;
    }
    return peaked(rest);
  }

  /** What is believed of the group's offset, its own designer left out. */
  #aboveDesigner({ designer, group }: Branch, leave: Leave): Message {
    const person = this.#belowPerson({ ...leave, group });
    return this.#product([this.#widened(person, this.#spread.fitClass), this.#ofGroup(group, { ...leave, designer })]);
  }

  /** What everything else says of a pattern's ideal offset, as a density that is not normalised. */
  #prior(branch: Branch, leave: Leave): Float64Array {
    // The branch's own patterns are left out above it anyway: what comes down to a designer is the same for all of theirs.
    const { designer, group } = branch;
    const outside = (leave.patterns ?? []).filter((id) => !this.#stands(id, { designer, group }));
    const above = this.#once(`above ${group} ${designer} ${[...outside].sort().join(' ')}`, () =>
      this.#widened(this.#aboveDesigner(branch, { patterns: outside }), this.#spread.designer),
    );
    const product = SCRATCH.subarray(0, this.#points);
    product.set(this.#ofDesigner(branch, leave));
    for (let i = 0; i < product.length; i++) product[i]! += above[i]!;
    return this.#widenedMass(peaked(product), this.#spread.pattern);
  }

  /** Those of the patterns left out that stand in a branch. */
  #leftOut(branch: Partial<Branch>, { patterns = [] }: Leave): string {
    return patterns
      .filter((id) => this.#stands(id, branch))
      .sort()
      .join(' ');
  }

  /** Whether a pattern stands in a branch. */
  #stands(id: string, { designer, group }: Partial<Branch>): boolean {
    const p = this.#patterns.get(id)?.said;
    return p !== undefined && p.group === group && (designer === undefined || p.designer === designer);
  }

  #once(name: string, make: () => Message): Message {
    const known = this.#made.get(name);
    if (known) return known;
    const made = make();
    this.#made.set(name, made);
    return made;
  }

  #posterior(message: Message): Posterior {
    const density = room(this.#points);
    for (let i = 0; i < density.length; i++) density[i] = Math.exp(message[i]!);
    return posteriorFrom(this.#start, this.#step, density);
  }

  #fromLog(log: (theta: number) => number): Message {
    const message = room(this.#points);
    for (let i = 0; i < this.#points; i++) message[i] = log(this.#start + i * this.#step);
    return peaked(message);
  }

  #product(messages: readonly Message[]): Message {
    const product = room(this.#points);
    for (const message of messages) for (let i = 0; i < product.length; i++) product[i]! += message[i]!;
    return peaked(product);
  }

  /** A message widened by a normal step: (f∗s)(z) = ∫ f(u) N(z; u, s²) du, continued beyond the grid at its edge value. */
  #widened(message: Message, sd: number): Message {
    if (sd === 0) return message;
    return peaked(logsOf(this.#widenedMass(message, sd)));
  }

  /** The same, no longer as logarithms and not normalised. */
  #widenedMass(message: Message, sd: number): Float64Array {
    const wide = room(this.#points);
    if (sd === 0) {
      for (let i = 0; i < wide.length; i++) wide[i] = Math.exp(message[i]!);
      return wide;
    }
    const kernel = this.#kernel(sd);
    const reach = (kernel.length - 1) / 2 - MARGIN;
    const last = this.#points - 1;
    // Most messages say no over most of the grid: only where something is left is anything widened.
    const length = wide.length + 2 * reach;
    if (MASS.length < length + MARGIN) MASS = new Float64Array(length + MARGIN);
    MASS.fill(0, length, length + MARGIN);
    let [first, end] = [Infinity, 0];
    for (let j = 0; j < length; j++) {
      const log = message[j < reach ? 0 : j > last + reach ? last : j - reach]!;
      MASS[j] = log < LOG_NOTHING ? 0 : Math.exp(log);
      if (log < LOG_NOTHING) continue;
      if (j < first) first = j;
      end = j + 1;
    }
    // Four masses are spread out at once, half the work of one after the other; the kernel's margin of noughts lets all four share their ends.
    for (let j = first; j < end; j += 4) {
      const [a, b, c, d] = [MASS[j]!, MASS[j + 1]!, MASS[j + 2]!, MASS[j + 3]!];
      const to = Math.min(last, j + MARGIN);
      for (let i = Math.max(0, j - 2 * reach); i <= to; i++) {
        const k = j + MARGIN - i;
        wide[i]! += a * kernel[k]! + b * kernel[k + 1]! + c * kernel[k + 2]! + d * kernel[k + 3]!;
      }
    }
    return wide;
  }

  #kernel(sd: number): Float64Array {
    const known = this.#kernels.get(sd);
    if (known) return known;
    const reach = Math.ceil((KERNEL_REACH * sd) / this.#step);
    const kernel = new Float64Array(2 * (reach + MARGIN) + 1);
    for (let k = -reach; k <= reach; k++) kernel[k + reach + MARGIN] = Math.exp(-0.5 * ((k * this.#step) / sd) ** 2);
    const sum = kernel.reduce((a, b) => a + b, 0);
    const normalised = kernel.map((k) => k / sum);
    this.#kernels.set(sd, normalised);
    return normalised;
  }
}

/** What a pattern said on the grid of a memory: L_p, by its outcomes alone and with the amounts noted, and m_p = L_p ∗ W. */
interface SaidHere {
  readonly said: RememberedPattern;
  readonly outcomes: Message;
  readonly amounts: readonly Said[];
  readonly likelihood: Message;
  readonly up: Message;
}

/** Branches that are left out of a product. */
interface Leave {
  readonly group?: ClassGroup;
  readonly designer?: string;
  readonly patterns?: readonly string[];
}

/** The first and the last point of a message that are not less than so much. */
function endsOf(message: Message, least: number): readonly [number, number] {
  let first = 0;
  while (message[first]! < least) first++;
  let last = message.length - 1;
  while (message[last]! < least) last--;
  return [first, last];
}

/** The same message with its peak at 0. */
function peaked(message: Message): Message {
  let peak = -Infinity;
  for (const value of message) if (value > peak) peak = value;
  for (let i = 0; i < message.length; i++) message[i]! -= peak;
  return message;
}
