import { expOf } from './exp';
import { doubtOf, LOG_FLOOR, logAmount, logLikelihood, SaidOutcome, type Observation, type Said } from './likelihood';
import { DEPTH, logsOf, posteriorAlong, posteriorFrom, spanOfMass, type Posterior } from './posterior';
import { allocate, Scratch } from './allocate';
import { itemAt, numberAt } from '../units/item-at';

/** What one pattern's notes say at a zone, and where it stands in the tree. */
export interface RememberedPattern {
  readonly id: string;
  /** A pattern without a known designer has one of its own. */
  readonly designer: string;
  readonly group: string;
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
  readonly group: string;
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
  readonly #spread: TreeSpread;
  readonly #groups = new Map<string, GroupHere>();
  readonly #kernels = new Map<number, Float64Array>();
  /** By the id of the pattern. */
  readonly #patterns = new Map<string, PatternHere>();
  /** A message that is only looked at, one continued on both sides, and a stretch of one that was widened. */
  readonly #lookedAt = new Scratch();
  readonly #continued = new Scratch();
  readonly #stretch = new Scratch();

  /**
   * @param patterns those with observations at the zone; others say nothing and may be left out
   * @param step of the grid, cm; found from what is sharpest where it is not given
   * @param before an earlier memory of the zone: what the very same patterns said there need not be worked out again
   */
  constructor(patterns: readonly RememberedPattern[], spread: TreeSpread, step?: number, before?: Memory) {
    this.patterns = patterns;
    this.#spread = spread;
    const { person, fitClass, designer, pattern } = spread;
    let reach = 8 * Math.hypot(person, fitClass, designer, pattern);
    // An even grid sums a smooth function up almost without error as long as its step is no more than half of what is sharpest in it.
    let sharpest = Math.min(...[person, fitClass, designer, pattern].filter((s) => s > 0));
    for (const { observations } of patterns)
      for (const o of observations) {
        reach = Math.max(reach, Math.abs(o.x) + o.edges[2] + 4);
        sharpest = Math.min(sharpest, doubtOf(o));
      }
    this.#step = step ?? Math.min(COARSEST, Math.max(FINEST, sharpest / 2));
    this.#points = 2 * Math.ceil(reach / this.#step) + 1;
    this.#start = -((this.#points - 1) / 2) * this.#step;
    const sameGrid = before && before.#step === this.#step && before.#points === this.#points;
    for (const p of patterns) {
      const known = sameGrid ? before.#patterns.get(p.id) : undefined;
      const here = known?.remembered === p ? known : this.#learn(p);
      this.#patterns.set(p.id, here);
      this.#place(p).designer.patterns.push(here);
    }
  }

  /** What a pattern's notes say on the grid. */
  #learn(remembered: RememberedPattern): PatternHere {
    const together = allocate(this.#points);
    const grid = { start: this.#start, step: this.#step, values: together };
    const amounts: Said[] = [];
    let sharpest = Infinity;
    for (const note of remembered.observations) {
      if (note.doubted) logLikelihood(note)(grid);
      else new SaidOutcome(note).addTo(grid);
      const amount = note.doubted ? undefined : logAmount(note);
      if (amount) amounts.push(amount);
      sharpest = Math.min(sharpest, doubtOf(note));
    }
    const likelihood = this.#withAmounts(peaked(together), amounts);
    return { remembered, sharpest, together, amounts, likelihood, up: this.#widened(likelihood, this.#spread.pattern) };
  }

  /** Where a branch grows; one of which nothing was said yet is planted. */
  #place({ designer, group }: Branch): Place {
    let groupHere = this.#groups.get(group);
    if (!groupHere) this.#groups.set(group, (groupHere = { designers: new Map() }));
    let designerHere = groupHere.designers.get(designer);
    if (!designerHere) groupHere.designers.set(designer, (designerHere = { patterns: [] }));
    return { group: groupHere, designer: designerHere };
  }

  /** A designer's patterns in a intended ease that speak. */
  patternsOf(branch: Branch): RememberedPattern[] {
    return this.#place(branch).designer.patterns.map((p) => p.remembered);
  }

  /** What is believed of the person: μ. */
  person(): Posterior {
    const density = allocate(this.#points);
    const belief = this.#ofPerson([...this.#groups.values()].map((g) => this.#upOfGroup(g, NOBODY)));
    for (let i = 0; i < density.length; i++) density[i] = expOf(numberAt(belief, i));
    return posteriorFrom(this.#start, this.#step, density);
  }

  /**
   * What is believed of the ideal offset of a pattern not made yet, of a designer and intended ease.
   *
   * @param without patterns whose notes are left out
   */
  newPattern(branch: Branch, without: readonly string[] = []): Posterior {
    const excluded = without.flatMap((id) => {
      const pattern = this.#patterns.get(id);
      return pattern ? [{ pattern, ...this.#place(pattern.remembered) }] : [];
    });
    return posteriorFrom(this.#start, this.#step, this.#widenedMass(this.#before(this.#place(branch), excluded), this.#spread.pattern));
  }

  /** What is believed of a pattern's ideal offset, by its own notes and by all others'. What these say alone is `newPattern` without it. */
  pattern(id: string): Posterior {
    const pattern = this.#patterns.get(id);
    if (!pattern) throw new Error(`The pattern ${id} has no notes at this zone: ask for a new pattern.`);
    const place = this.#place(pattern.remembered);
    return this.#withNotes(this.#before(place, [{ pattern, ...place }]), pattern);
  }

  /** What the outcomes say, with the amounts noted: asked only where these could leave anything. */
  #withAmounts(outcomes: Message, amounts: readonly Said[]): Message {
    if (amounts.length === 0) return outcomes;
    const least = LOG_NOTHING + amounts.length * LOG_FLOOR;
    const [first, last] = endsOf(outcomes, least);
    const both = allocate(this.#points);
    both.set(outcomes);
    const asked = { start: this.#start + first * this.#step, step: this.#step, values: both.subarray(first, last + 1) };
    for (const amount of amounts) amount(asked);
    return peaked(both);
  }

  /** What is believed before a pattern's own notes, not yet widened by what is its own, with these notes. */
  #withNotes(before: Message, { remembered, sharpest, together, amounts, likelihood }: PatternHere): Posterior {
    const prior = this.#toWiden(before, this.#spread.pattern);
    const likeliest = likelihood.indexOf(0);
    // Where a note says no more firmly than the prior can say yes there is no mass, and no need to ask the prior: its peak is at most 1.
    const enough = Math.log(numberAt(prior(likeliest, this.#stretch.of(1)), 0)) - DEPTH;
    const ends = endsOf(likelihood, enough);
    // A cubic asks its neighbours.
    const first = Math.max(0, ends[0] - 2);
    const last = Math.min(this.#points - 1, ends[1] + 2);
    const points = last - first + 1;
    const gridOf = (values: Float64Array) => ({ start: this.#start + first * this.#step, step: this.#step, values });

    const smooth = gridOf(logsOf(prior(first, this.#stretch.of(points))));
    const whole = gridOf(this.#lookedAt.of(points));
    for (let i = 0; i < points; i++) whole.values[i] = numberAt(smooth.values, i) + numberAt(likelihood, first + i);
    const span = spanOfMass(whole);
    const [low, high] = [span.low - 2 * this.#step, span.high + 2 * this.#step];
    multiplyInto(smooth.values, together.subarray(first, last + 1));

    // What turns at an angle is no cubic: amounts do, and an outcome that reaches its floor where there is mass, as contradictions do.
    const rest = [...amounts];
    for (const note of remembered.observations) {
      const outcome = new SaidOutcome(note);
      if (!note.doubted && !outcome.turnsBetween(low, high)) continue;
      const said: Said = note.doubted ? logLikelihood(note) : (grid) => outcome.addTo(grid);
      const alone = gridOf(this.#lookedAt.of(points));
      said(alone);
      divideOut(smooth.values, alone.values);
      rest.push(said);
    }
    return posteriorAlong(span, smooth, rest, Math.min(sharpest, this.#spread.pattern || Infinity));
  }

  /** What a designer adds to the person, at a intended ease: v > 0 means that the designer runs small. */
  designer(branch: Branch): Posterior {
    const { group, designer } = this.#place(branch);
    const own = this.#ofDesigner(designer);
    const outside = this.#aboveDesigner(group, designer, NOBODY);
    const sd = this.#spread.designer;
    const reach = Math.min((this.#points - 1) / 2, Math.ceil((KERNEL_REACH * sd) / this.#step));
    const points = 2 * reach + 1;
    const density = allocate(points);
    const from = this.#lookedAt.of(this.#points);
    for (let i = 0; i < from.length; i++) from[i] = expOf(numberAt(outside, i));
    for (let i = 0; i < this.#points; i++) {
      // The designer's own patterns say no over most of the grid.
      if (numberAt(own, i) < LOG_NOTHING) continue;
      const mass = expOf(numberAt(own, i));
      const last = Math.min(points - 1, i + reach);
      for (let k = Math.max(0, i + reach - this.#points + 1); k <= last; k++)
        density[k] = numberAt(density, k) + mass * numberAt(from, i + reach - k);
    }
    for (let k = 0; k < points; k++) density[k] = numberAt(density, k) * Math.exp(-0.5 * (((k - reach) * this.#step) / sd) ** 2);
    return posteriorFrom(-reach * this.#step, this.#step, density);
  }

  /** M_d: what a designer's patterns in the group say of what they have in common. */
  #ofDesigner(designer: DesignerHere): Message {
    return (designer.all ??= this.#product(designer.patterns.map((p) => p.up)));
  }

  /** The same but for some of them: what is left out of a product of many is divided away, and the rest not multiplied again. */
  #ofDesignerBut(designer: DesignerHere, excluded: Excluded, rest: Message): Message {
    rest.set(this.#ofDesigner(designer));
    for (const left of excluded) if (left.designer === designer) divideOut(rest, left.pattern.up);
    return rest;
  }

  /** M_d ∗ D. */
  #upOfDesigner(designer: DesignerHere, excluded: Excluded): Message {
    if (excluded.some((left) => left.designer === designer))
      return this.#widened(peaked(this.#ofDesignerBut(designer, excluded, allocate(this.#points))), this.#spread.designer);
    return (designer.up ??= this.#widened(this.#ofDesigner(designer), this.#spread.designer));
  }

  /** Π over the group's designers of M_d ∗ D, but for one. */
  #ofGroup(group: GroupHere, excluded: Excluded, butFor?: DesignerHere): Message {
    const all = (group.all ??= this.#product([...group.designers.values()].map((d) => this.#upOfDesigner(d, NOBODY))));
    const touched = new Set(excluded.flatMap((left) => (left.group === group && left.designer !== butFor ? left.designer : [])));
    if (!butFor && touched.size === 0) return all;
    const rest = allocate(this.#points);
    rest.set(all);
    if (butFor) divideOut(rest, this.#upOfDesigner(butFor, NOBODY));
    for (const d of touched) {
      divideOut(rest, this.#upOfDesigner(d, NOBODY));
      multiplyInto(rest, this.#upOfDesigner(d, excluded));
    }
    return peaked(rest);
  }

  /** M_g: what a class group says of the person. */
  #upOfGroup(group: GroupHere, excluded: Excluded): Message {
    const own = this.#ofGroup(group, excluded);
    if (own !== group.all) return this.#widened(own, this.#spread.fitClass);
    return (group.up ??= this.#widened(own, this.#spread.fitClass));
  }

  /** p(μ), by what some of the groups say; not normalised. */
  #ofPerson(ups: readonly Message[]): Message {
    const belief = allocate(this.#points);
    for (let i = 0; i < belief.length; i++) belief[i] = -0.5 * ((this.#start + i * this.#step) / this.#spread.person) ** 2;
    for (const up of ups) multiplyInto(belief, up);
    return peaked(belief);
  }

  /** What is believed of a group's offset, one of its designers left out. */
  #aboveDesigner(group: GroupHere, designer: DesignerHere, excluded: Excluded): Message {
    const others = [...this.#groups.values()].filter((g) => g !== group);
    const ups = others.map((g) => this.#upOfGroup(g, excluded));
    const widened = () => this.#widened(this.#ofPerson(ups), this.#spread.fitClass);
    const person = ups.every((up, i) => up === itemAt(others, i).up) ? (group.person ??= widened()) : widened();
    return this.#product([person, this.#ofGroup(group, excluded, designer)]);
  }

  /** What everything else says of what a pattern has in common with its designer's others: its own spread is still to come. */
  #before({ group, designer }: Place, excluded: Excluded): Message {
    // The designer's own patterns are left out above it anyway: what comes down to a designer is the same for all of theirs.
    const widened = () => this.#widened(this.#aboveDesigner(group, designer, excluded), this.#spread.designer);
    const above = excluded.every((left) => left.designer === designer) ? (designer.above ??= widened()) : widened();
    const product = this.#ofDesignerBut(designer, excluded, this.#lookedAt.of(this.#points));
    multiplyInto(product, above);
    return peaked(product);
  }

  #product(messages: readonly Message[]): Message {
    const product = allocate(this.#points);
    for (const message of messages) multiplyInto(product, message);
    return peaked(product);
  }

  /** A message widened by a normal step: (f∗s)(z) = ∫ f(u) N(z; u, s²) du, continued beyond the grid at its edge value. */
  #widened(message: Message, sd: number): Message {
    if (sd === 0) return message;
    return peaked(logsOf(this.#widenedMass(message, sd)));
  }

  /** The same, no longer as logarithms and not normalised. */
  #widenedMass(message: Message, sd: number): Float64Array {
    return this.#toWiden(message, sd)(0, allocate(this.#points));
  }

  /**
   * The same, made ready for being asked on some stretches only, from a point of the grid for as far as there is room: before the next
   * message is. Where the message peaks at 1 no value is larger.
   */
  #toWiden(message: Message, sd: number): (from: number, wide: Float64Array) => Float64Array {
    const kernel = this.#kernel(sd);
    const reach = (kernel.length - 1) / 2 - MARGIN;
    const last = this.#points - 1;
    const mass = this.#continued.of(last + 1 + 2 * reach);
    // Most messages say no over most of the grid: only where something is left is anything widened.
    let [first, end] = [Infinity, 0];
    for (let i = 0; i <= last; i++) {
      const log = numberAt(message, i);
      mass[i + reach] = log < LOG_NOTHING ? 0 : expOf(log);
      if (log < LOG_NOTHING) continue;
      if (first === Infinity) first = i === 0 ? 0 : i + reach;
      end = i + reach + 1;
    }
    // Beyond the grid it goes on at its edge value.
    mass.fill(numberAt(mass, reach), 0, reach);
    if (end === last + reach + 1) end += reach;
    mass.fill(numberAt(mass, last + reach), last + reach + 1, last + 1 + 2 * reach);
    return (from, wide) => {
      for (let at = 0, i = from; at < wide.length; at += 4, i += 4)
        gatherFour(wide, at, kernel, mass, Math.max(first, i), Math.min(end, i + 2 * reach + 4), i);
      return wide;
    };
  }

  #kernel(sd: number): Float64Array {
    const known = this.#kernels.get(sd);
    if (known) return known;
    const reach = Math.ceil((KERNEL_REACH * sd) / this.#step);
    const kernel = new Float64Array(2 * (reach + MARGIN) + 1);
    for (let k = -reach; k <= reach; k++) kernel[k + reach + MARGIN] = k === 0 ? 1 : Math.exp(-0.5 * ((k * this.#step) / sd) ** 2);
    const sum = kernel.reduce((a, b) => a + b, 0);
    const normalised = kernel.map((k) => k / sum);
    this.#kernels.set(sd, normalised);
    return normalised;
  }
}

/** What a pattern said on the grid of a memory: L_p, by its outcomes together and with the amounts noted, and m_p = L_p ∗ W. */
interface PatternHere {
  readonly remembered: RememberedPattern;
  /** The smallest doubt of its notes, cm. */
  readonly sharpest: number;
  readonly together: Message;
  readonly amounts: readonly Said[];
  readonly likelihood: Message;
  readonly up: Message;
}

/** A designer's patterns in a class group, and messages that were made of them already: most questions leave most branches whole. */
interface DesignerHere {
  readonly patterns: PatternHere[];
  all?: Message;
  up?: Message;
  /** What comes down to it from everybody else. */
  above?: Message;
}

/** A class group with its designers, and the same of it. */
interface GroupHere {
  readonly designers: Map<string, DesignerHere>;
  all?: Message;
  up?: Message;
  /** What comes down to it from the other groups. */
  person?: Message;
}

/** Where a branch stands. */
interface Place {
  readonly group: GroupHere;
  readonly designer: DesignerHere;
}

/** Patterns that are left out, with their places: mostly one, so that not every pattern need be asked whether it is meant. */
type Excluded = readonly (Place & { readonly pattern: PatternHere })[];
const NOBODY: Excluded = [];

/** One message multiplied into another, in place. */
function multiplyInto(to: Message, message: Message): void {
  for (let i = 0; i < to.length; i++) to[i] = numberAt(to, i) + numberAt(message, i);
}

/** One message divided out of another, in place. */
function divideOut(from: Message, message: Message): void {
  for (let i = 0; i < from.length; i++) from[i] = numberAt(from, i) - numberAt(message, i);
}

/**
 * Four values of a widened message, each mass read once for them all; the kernel's margin of noughts lets the four share their ends.
 *
 * @param at where they go in `wide`; those beyond its end are left
 * @param from the first mass to be gathered, and `stop` the one after the last
 * @param origin the mass at which the first value's kernel begins
 */
function gatherFour(wide: Float64Array, at: number, kernel: Float64Array, mass: Float64Array, from: number, stop: number, origin: number): void {
  if (from >= stop) return;
  let k = from - origin + MARGIN;
  let k1 = numberAt(kernel, k - 1);
  let k2 = numberAt(kernel, k - 2);
  let k3 = numberAt(kernel, k - 3);
  let a = 0;
  let b = 0;
  let c = 0;
  let d = 0;
  for (let j = from; j < stop; j++) {
    const m = numberAt(mass, j);
    const k0 = numberAt(kernel, k);
    a += m * k0;
    b += m * k1;
    c += m * k2;
    d += m * k3;
    k3 = k2;
    k2 = k1;
    k1 = k0;
    k += 1;
  }
  wide[at] = a;
  if (at + 1 < wide.length) wide[at + 1] = b;
  if (at + 2 < wide.length) wide[at + 2] = c;
  if (at + 3 < wide.length) wide[at + 3] = d;
}

/** The first and the last point of a message that are not less than so much. */
function endsOf(message: Message, least: number): readonly [number, number] {
  let first = 0;
  while (numberAt(message, first) < least) first++;
  let last = message.length - 1;
  while (numberAt(message, last) < least) last--;
  return [first, last];
}

/** The same message with its peak at 0. */
function peaked(message: Message): Message {
  let peak = -Infinity;
  for (let i = 0; i < message.length; i++) if (numberAt(message, i) > peak) peak = numberAt(message, i);
  for (let i = 0; i < message.length; i++) message[i] = numberAt(message, i) - peak;
  return message;
}
