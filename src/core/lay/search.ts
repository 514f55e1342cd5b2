import { itemAt, numberAt } from '../units/item-at';
import { convexParts, noFit, reflected, type NoFit } from './no-fit';
import { atOrigin, boundsOf, coarser, turnedRound, type Polygon } from '../units/polygon';

/** One thing to be laid on a strip. */
export interface Lain {
  /** The way it is drawn, its box at the origin. */
  readonly outline: Polygon;
  /** It may also lie turned by half a circle. */
  readonly turns: boolean;
  /** Things of the same outline share it, and are asked about once. */
  readonly shape: string;
  /** x of its box's left edge where it cannot move across: a piece on the fold. */
  readonly atX?: number;
  /** It stays where it is. */
  readonly pinned?: Spot;
  /** Its print must meet its neighbours': the corner of its box lies only at such places across and along, cm, as drawn or as turned. */
  readonly across?: Phase;
  readonly along?: Phase;
}

/** Places a whole number of repeats apart, cm; `turned` is the first one where it is turned. */
export interface Phase {
  readonly repeat: number;
  readonly first: number;
  readonly turned: number;
}

/** Where a thing lies: the corner of its box, cm, and whether it is turned. */
export interface Spot {
  readonly turned: boolean;
  readonly x: number;
  readonly y: number;
}

/** A strip of fabric, cm. */
export interface Strip {
  readonly width: number;
  /** What must stay free of pieces: a bite cut out, flaws. */
  readonly taken?: readonly Polygon[];
}

/** No-fit polygons of things, as far as they were worked out. */
export type NoFits = (NoFit | undefined)[];

/** A lay: where each thing lies, in their order, and how long the strip must be, cm. */
export interface Lay {
  readonly length: number;
  readonly spots: readonly Spot[];
}

/** One way of lying. */
interface Form {
  readonly id: number;
  /** The same turned by half a circle; −1 where it may not lie so. */
  readonly other: number;
  readonly width: number;
  readonly height: number;
  readonly parts: readonly Polygon[];
}

/** The whole number at a place: `numberAt` for the other kind of array. */
const wholeAt = (list: Int32Array, place: number): number => list[place] ?? -1;

/** The last place of a phase at or before one. */
const atOrBefore = ({ repeat, first, turned }: Phase, round: boolean, place: number): number => {
  const from = round ? turned : first;
  return from + Math.floor((place - from) / repeat + 1e-9) * repeat;
};
const lowestOf = (phase: Phase, round: boolean): number => atOrBefore(phase, round, phase.repeat - 1e-6);
const inPhase = (phase: Phase, round: boolean, place: number): number => Math.max(lowestOf(phase, round), atOrBefore(phase, round, place));

/** Nearer than this is touching, cm: as fine as the clipping library's grid allows. */
const TOUCH = 1e-4;
/** Places tried at random before a piece is left where it overlaps least. */
const TRIES = 8;
/** What a no-fit polygon costs, in edges asked. */
const NO_FIT_WORK = 4000;
/** What goes with every round of moves, in edges asked. */
const SWEEP_WORK = 100;
/** So many vain trials for each piece, and the search is at its end. */
const GIVEN_UP = 40;
/** Columns tried across the width, and orders tried, for a first lay. */
const [COLUMNS, ORDERS] = [40, 6];
/** Rounds without gain after which a length is given up for now. */
const PATIENCE = 30;
/** By how much the strip is shortened, at first and at least, and after how many vain trials by less. */
const [FIRST_CUT, LAST_CUT, VAIN] = [0.025, 0.002, 6];
/** A pair that overlaps most grows so much heavier in each round, one that overlaps least so; others forget a little. */
const [HEAVIEST, HEAVIER, FORGET] = [1.5, 1.1, 0.92];

/**
 * A search for a short lay on a strip.
 *
 * It starts from a bottom-left lay. Then the strip is made shorter, and pieces that overlap are moved, one by one, to where they overlap least
 * along lines across and along the fabric, pairs that keep overlapping weighing more and more until none do (guided local search on
 * no-fit polygons: Umetani, Yagiura, Imahori, Imamichi, Nonobe and Ibaraki 2009; shortening and restarts after Gardeyn and Vanden Berghe 2025).
 */
export class Search {
  private readonly count: number;
  /** All ways of lying; those of piece i are at `firstForm[i]` and, where it may turn, one after it. */
  private readonly forms: readonly Form[];
  private readonly firstForm: Int32Array;
  private readonly turns: readonly boolean[];
  /** The way each piece lies now. */
  private readonly form: Int32Array;
  private readonly x: Float64Array;
  private readonly y: Float64Array;
  private readonly weight: Float64Array;
  private readonly held: readonly boolean[];
  /** Not yet laid: nobody meets it. */
  private readonly absent: Uint8Array;
  private length = 0;

  // What a line meets: where overlaps begin and end, with the weight of the pair.
  private readonly begins: Float64Array;
  private readonly ends: Float64Array;
  private readonly weights: Float64Array;
  private readonly crossings = new Float64Array(256);
  private met = 0;
  private spot = 0;
  private atX = 0;
  private atY = 0;

  /** Work done so far, in edges asked: the same for the same seed on every machine, unlike seconds. */
  work = 0;

  constructor(
    private readonly things: readonly Lain[],
    private readonly strip: Strip,
    private readonly chance: () => number,
    /** No-fit polygons worked out before for the very same things, and those that come to be; they do not depend on the strip's width. */
    private readonly noFits: NoFits = [],
  ) {
    const taken = (strip.taken ?? []).map((polygon, i): Lain => {
      const { left, top } = boundsOf(polygon);
      return { outline: atOrigin(polygon), turns: false, shape: `taken ${i}`, pinned: { turned: false, x: left, y: top } };
    });
    const all = [...things, ...taken];
    this.count = all.length;
    this.turns = all.map(({ turns }) => turns);
    this.firstForm = new Int32Array(this.count);
    const forms: Form[] = [];
    const known = new Map<string, number>();
    all.forEach(({ outline, turns, shape }, i) => {
      const first = known.get(shape) ?? forms.length;
      this.firstForm[i] = first;
      if (known.has(shape)) return;
      known.set(shape, first);
      const coarse = coarser(outline);
      for (const polygon of turns ? [coarse, turnedRound(coarse)] : [coarse]) {
        // The turned way is the coarse outline turned, so that what is known of one way is known of the other.
        const laid = atOrigin(polygon);
        const { right, bottom } = boundsOf(laid);
        const other = turns ? first + 1 - (forms.length - first) : -1;
        forms.push({ id: forms.length, other, width: right, height: bottom, parts: convexParts(laid) });
      }
    });
    this.forms = forms;
    this.form = Int32Array.from(this.firstForm);
    this.x = new Float64Array(this.count);
    this.y = new Float64Array(this.count);
    this.weight = new Float64Array(this.count ** 2).fill(1);
    this.absent = new Uint8Array(this.count);
    // A no-fit polygon is met two or four times by a line, hardly ever more.
    const room = 16 * this.count + 64;
    this.begins = new Float64Array(room);
    this.ends = new Float64Array(room);
    this.weights = new Float64Array(room);
    this.held = all.map(({ pinned }) => pinned !== undefined);
    all.forEach(({ pinned }, i) => {
      if (!pinned) return;
      this.x[i] = pinned.x;
      this.y[i] = pinned.y;
      if (pinned.turned) this.form[i] = wholeAt(this.firstForm, i) + 1;
    });
  }

  private formOf(i: number): Form {
    return itemAt(this.forms, wholeAt(this.form, i));
  }

  /** Where the moving piece's corner must not be, seen from the fixed one's. */
  private noFitOf(fixed: number, moving: number): NoFit {
    return this.noFits[fixed * this.forms.length + moving] ?? this.workOut(fixed, moving);
  }

  private workOut(fixed: number, moving: number): NoFit {
    const [f, m] = [itemAt(this.forms, fixed), itemAt(this.forms, moving)];
    const known = (a: number, b: number) => (a < 0 || b < 0 ? undefined : this.noFits[a * this.forms.length + b]);
    const swapped = known(moving, fixed);
    const bothTurned = known(f.other, m.other);
    const turnedAndSwapped = known(m.other, f.other);
    const [dx, dy] = [f.width - m.width, f.height - m.height];
    const answer = swapped
      ? reflected(swapped)
      : bothTurned
        ? reflected(bothTurned, dx, dy)
        : turnedAndSwapped
          ? reflected(reflected(turnedAndSwapped), dx, dy)
          : noFit(f.parts, m.parts);
    this.noFits[fixed * this.forms.length + moving] = answer;
    this.work += NO_FIT_WORK;
    return answer;
  }

  /** Notes where a line meets the other piece's no-fit polygon; `across` along x at a given y, else along y at a given x. */
  private meet(nf: NoFit, across: boolean, at: number, shift: number, weight: number): void {
    const { from: first, perBand, starts, edges } = across ? nf.rows : nf.columns;
    const band = Math.min(starts.length - 2, Math.max(0, Math.floor((at - first) / perBand)));
    const [start, end] = [numberAt(starts, band), numberAt(starts, band + 1)];
    const crossings = this.crossings;
    let crossed = 0;
    for (let e = start; e < end; e += 4) {
      const a = numberAt(edges, e);
      const b = numberAt(edges, e + 1);
      if (a <= at === b <= at) continue;
      const value = numberAt(edges, e + 2) + ((at - a) / (b - a)) * numberAt(edges, e + 3);
      // Sorted as they come: there are seldom more than two.
      let k = crossed++;
      while (k > 0 && numberAt(crossings, k - 1) > value) {
        crossings[k] = numberAt(crossings, k - 1);
        k--;
      }
      crossings[k] = value;
    }
    this.work += (end - start) >> 2;
    for (let k = 0; k + 1 < crossed; k += 2) {
      const from = numberAt(crossings, k) + shift + TOUCH;
      const to = numberAt(crossings, k + 1) + shift - TOUCH;
      if (to <= from) continue;
      this.begins[this.met] = from;
      this.ends[this.met] = to;
      this.weights[this.met] = weight;
      this.met++;
    }
  }

  /** All that piece j meets on a line through it, across or along the fabric. */
  private look(j: number, form: Form, across: boolean, at: number): void {
    this.met = 0;
    this.work += 2 * this.count;
    for (let i = 0; i < this.count; i++) {
      if (i === j || this.absent[i] === 1) continue;
      const nf = this.noFitOf(wholeAt(this.form, i), form.id);
      const rest = at - numberAt(across ? this.y : this.x, i);
      if (across ? rest <= nf.top + TOUCH || rest >= nf.bottom - TOUCH : rest <= nf.left + TOUCH || rest >= nf.right - TOUCH) continue;
      this.meet(nf, across, rest, numberAt(across ? this.x : this.y, i), numberAt(this.weight, i * this.count + j));
    }
  }

  /** Weighed depth at a place of the line last looked along. */
  private depthAt(place: number, best: number): number {
    let sum = 0;
    for (let k = 0; k < this.met && sum < best; k++) {
      const from = place - numberAt(this.begins, k);
      const to = numberAt(this.ends, k) - place;
      if (from > 0 && to > 0) sum += numberAt(this.weights, k) * (from < to ? from : to);
    }
    return sum;
  }

  /** The place from 0 to an end of the line last looked along where least overlaps; leaves it in `spot`. */
  private leastAlong(hi: number, j: number, across: boolean, turned: boolean): number {
    const phase = across ? this.things[j]?.across : this.things[j]?.along;
    const first = phase ? lowestOf(phase, turned) : 0;
    let best = this.depthAt(first, Infinity);
    this.spot = first;
    let alike = 1;
    const places = phase ? 4 * this.met : 2 * this.met;
    for (let k = -1; k < places; k++) {
      let place: number;
      if (k < 0) place = phase ? atOrBefore(phase, turned, hi) : hi;
      else if (!phase) place = numberAt(k % 2 === 0 ? this.begins : this.ends, k >> 1);
      else {
        const before = atOrBefore(phase, turned, numberAt(k % 2 === 0 ? this.begins : this.ends, k >> 2));
        place = k % 4 < 2 ? before : before + phase.repeat;
      }
      if (place < 0 || place > hi) continue;
      const depth = this.depthAt(place, best + 1e-9);
      if (depth < best - 1e-9) {
        best = depth;
        this.spot = place;
        alike = 1;
      } else if (depth <= best + 1e-9 && this.chance() * ++alike < 1) this.spot = place;
    }
    this.work += this.met * this.met;
    return best;
  }

  private readonly columnOf = (j: number): number | undefined => this.things[j]?.atX;

  /** Moves j, lying in a form, from x, y along lines until nothing is gained; leaves the place in `atX` and `atY` and gives the depth there. */
  private descend(j: number, form: Form, startX: number, startY: number): number {
    let [x, y, depth] = [startX, startY, Infinity];
    const fixed = this.columnOf(j) !== undefined;
    const [right, bottom] = [this.strip.width - form.width, this.length - form.height];
    const turned = form.id !== wholeAt(this.firstForm, j);
    let across = !fixed && this.chance() < 0.5;
    for (let still = 0; still < 2 && depth > 0; across = !across && !fixed) {
      this.look(j, form, across, across ? y : x);
      const found = this.leastAlong(across ? right : bottom, j, across, turned);
      still = found < depth - 1e-9 ? 0 : still + 1;
      if (found > depth) continue;
      depth = found;
      if (across) x = this.spot;
      else y = this.spot;
    }
    this.atX = x;
    this.atY = y;
    return depth;
  }

  /** Moves j to the best place found; it is left where it is where none is better. */
  private place(j: number): void {
    const fixed = this.columnOf(j);
    const first = wholeAt(this.firstForm, j);
    let [x, y, way, depth] = [numberAt(this.x, j), numberAt(this.y, j), wholeAt(this.form, j), Infinity];
    for (let turn = -1; turn < TRIES && depth > 0; turn++) {
      const id = turn < 0 ? way : this.turns[j] && this.chance() < 0.5 ? first + 1 : first;
      const form = itemAt(this.forms, id);
      if (form.width > this.strip.width + TOUCH || form.height > this.length + TOUCH) continue;
      const { across, along } = this.things[j] ?? {};
      const freeX = this.chance() * (this.strip.width - form.width);
      const freeY = this.chance() * (this.length - form.height);
      const startX = turn < 0 ? x : (fixed ?? (across ? inPhase(across, id !== first, freeX) : freeX));
      const startY = turn < 0 ? y : along ? inPhase(along, id !== first, freeY) : freeY;
      if (startX > this.strip.width - form.width + TOUCH || startY > this.length - form.height + TOUCH) continue;
      const found = this.descend(j, form, startX, startY);
      if (found < depth) [x, y, way, depth] = [this.atX, this.atY, id, found];
    }
    this.x[j] = x;
    this.y[j] = y;
    this.form[j] = way;
  }

  private inside(nf: NoFit, dx: number, dy: number): number {
    if (dx <= nf.left + TOUCH || dx >= nf.right - TOUCH || dy <= nf.top + TOUCH || dy >= nf.bottom - TOUCH) return 0;
    this.met = 0;
    this.meet(nf, true, dy, 0, 1);
    const across = this.depthAt(dx, Infinity);
    if (across === 0) return 0;
    this.met = 0;
    this.meet(nf, false, dx, 0, 1);
    return Math.min(across, this.depthAt(dy, Infinity));
  }

  /** How deep each pair overlaps, cm; in all, and by piece. */
  private overlaps(depths: Float64Array, of: Float64Array): number {
    let all = 0;
    of.fill(0);
    for (let i = 0; i < this.count; i++)
      for (let j = i + 1; j < this.count; j++) {
        const nf = this.noFitOf(wholeAt(this.form, i), wholeAt(this.form, j));
        const depth = this.inside(nf, numberAt(this.x, j) - numberAt(this.x, i), numberAt(this.y, j) - numberAt(this.y, i));
        depths[i * this.count + j] = depth;
        if (depth === 0) continue;
        all += depth;
        of[i] = numberAt(of, i) + depth;
        of[j] = numberAt(of, j) + depth;
      }
    return all;
  }

  private reweigh(depths: Float64Array): void {
    let most = 0;
    for (const depth of depths) if (depth > most) most = depth;
    for (let i = 0; i < this.count; i++)
      for (let j = i + 1; j < this.count; j++) {
        const depth = numberAt(depths, i * this.count + j);
        const was = numberAt(this.weight, i * this.count + j);
        const now = depth > 0 ? was * (HEAVIER + (HEAVIEST - HEAVIER) * (depth / most)) : Math.max(1, was * FORGET);
        this.weight[i * this.count + j] = now;
        this.weight[j * this.count + i] = now;
      }
  }

  private reach(): number {
    let most = 0;
    for (let i = 0; i < this.things.length; i++) most = Math.max(most, numberAt(this.y, i) + this.formOf(i).height);
    return most;
  }

  private keep(): Lay {
    return {
      length: this.reach(),
      spots: this.things.map((_, i) => ({
        turned: wholeAt(this.form, i) !== wholeAt(this.firstForm, i),
        x: numberAt(this.x, i),
        y: numberAt(this.y, i),
      })),
    };
  }

  private take({ spots }: Lay): void {
    spots.forEach(({ turned, x, y }, i) => {
      this.form[i] = wholeAt(this.firstForm, i) + (turned ? 1 : 0);
      this.x[i] = x;
      this.y[i] = y;
    });
  }

  /** Puts j at a place, or as near to it as its column, its repeat and the ends of the strip allow. */
  private hold(j: number, x: number, y: number): void {
    const form = this.formOf(j);
    const turned = form.id !== wholeAt(this.firstForm, j);
    const { across, along } = this.things[j] ?? {};
    const within = (place: number, end: number, phase: Phase | undefined) => {
      const inside = Math.max(0, Math.min(place, end));
      return phase ? inPhase(phase, turned, inside) : inside;
    };
    this.x[j] = this.columnOf(j) ?? within(x, this.strip.width - form.width, across);
    this.y[j] = within(y, this.length - form.height, along);
  }

  /** Where along the width a piece is tried: at the edges, in even steps, and beside what lies there. */
  private columnsFor(j: number, form: Form): number[] {
    const fixed = this.columnOf(j);
    if (fixed !== undefined) return [fixed];
    const right = this.strip.width - form.width;
    const columns = [0, right];
    for (let k = 1; k < COLUMNS; k++) columns.push((right * k) / COLUMNS);
    for (let i = 0; i < this.count; i++) {
      if (this.absent[i] === 1 || i === j) continue;
      const nf = this.noFitOf(wholeAt(this.form, i), form.id);
      columns.push(numberAt(this.x, i) + nf.left, numberAt(this.x, i) + nf.right);
    }
    const phase = this.things[j]?.across;
    const turned = form.id !== wholeAt(this.firstForm, j);
    return (phase ? columns.map((x) => inPhase(phase, turned, x)) : columns).filter((x) => x >= 0 && x <= right);
  }

  /** Lays the pieces one by one, each as near to the beginning as it goes; pauses after each. */
  private *bottomLeft(order: readonly number[]): Generator<undefined, void> {
    this.absent.fill(0);
    for (const j of order) this.absent[j] = 1;
    this.length = Infinity;
    for (const j of order) {
      const first = wholeAt(this.firstForm, j);
      let best = { x: 0, y: Infinity, way: first, end: Infinity };
      for (const way of this.turns[j] ? [first, first + 1] : [first]) {
        const form = itemAt(this.forms, way);
        for (const x of this.columnsFor(j, form)) {
          this.look(j, form, false, x);
          const y = this.firstFree(this.things[j]?.along, way !== first);
          const end = y + form.height;
          if (end < best.end - 1e-9 || (end < best.end + 1e-9 && x < best.x)) best = { x, y, way, end };
        }
      }
      this.absent[j] = 0;
      this.x[j] = best.x;
      this.y[j] = best.y;
      this.form[j] = best.way;
      yield undefined;
    }
    this.length = this.reach();
  }

  /** The first free place along the line last looked along. */
  private firstFree(phase: Phase | undefined, turned: boolean): number {
    let place = phase ? lowestOf(phase, turned) : 0;
    for (let again = true; again;) {
      again = false;
      for (let k = 0; k < this.met; k++) {
        if (place <= numberAt(this.begins, k) || place >= numberAt(this.ends, k)) continue;
        place = numberAt(this.ends, k);
        if (phase) place = atOrBefore(phase, turned, place + phase.repeat - 1e-6);
        again = true;
      }
    }
    return place;
  }

  private shuffled(list: number[]): number[] {
    for (let k = list.length - 1; k > 0; k--) {
      const l = Math.floor(this.chance() * (k + 1));
      const a = itemAt(list, k);
      list[k] = itemAt(list, l);
      list[l] = a;
    }
    return list;
  }

  /** Moves overlapping pieces until none overlaps or nothing is gained any more; gives what overlaps still, and the lay nearest to none. */
  private *separate(free: readonly number[]): Generator<undefined, { readonly left: number; readonly nearest: Lay }> {
    const depths = new Float64Array(this.count ** 2);
    const of = new Float64Array(this.count);
    this.weight.fill(1);
    let left = this.overlaps(depths, of);
    let [least, vain, nearest] = [Infinity, 0, this.keep()];
    while (left > 0 && vain < PATIENCE) {
      for (const j of this.shuffled(free.filter((i) => numberAt(of, i) > 0))) this.place(j);
      left = this.overlaps(depths, of);
      this.reweigh(depths);
      this.work += SWEEP_WORK + 3 * this.count ** 2;
      if (left < least * 0.98) {
        least = left;
        vain = 0;
        nearest = this.keep();
      } else vain++;
      yield undefined;
    }
    return { left, nearest };
  }

  /** Two of the larger pieces change places. */
  private swapTwo(bySize: readonly number[]): void {
    const large = bySize.slice(0, Math.max(2, Math.ceil(bySize.length * 0.6)));
    const [a, b] = [0, 0].map(() => large[Math.floor(this.chance() * large.length)]);
    if (a === undefined || b === undefined || a === b) return;
    const [x, y] = [numberAt(this.x, a), numberAt(this.y, a)];
    this.hold(a, numberAt(this.x, b), numberAt(this.y, b));
    this.hold(b, x, y);
  }

  /**
   * Better and better lays, each shorter than the one before; nothing where a step of work brought none. It ends where no lay can be shorter,
   * or none was found for very long. Steps are small: a fraction of a second on any machine, so that it can be stopped between two of them.
   *
   * @param enough a length that no lay can be shorter than, cm
   */
  *lays(enough = 0): Generator<Lay | undefined, void> {
    const free = this.things.flatMap((_, i) => (itemAt(this.held, i) ? [] : [i]));
    const size = (i: number) => this.formOf(i).height * this.formOf(i).width;
    const bySize = [...free].sort((a, b) => size(b) - size(a));
    yield* this.bottomLeft(bySize);
    let best = this.keep();
    yield best;
    for (let k = 0; k < ORDERS; k++) {
      const keys = new Map(bySize.map((j) => [j, size(j) * (0.6 + 0.8 * this.chance())]));
      yield* this.bottomLeft([...bySize].sort((a, b) => (keys.get(b) ?? 0) - (keys.get(a) ?? 0)));
      const lay = this.keep();
      if (lay.length < best.length - TOUCH) {
        best = lay;
        yield best;
      }
    }
    const longest = Math.max(enough, ...this.things.map((_, i) => this.formOf(i).height));
    let [cut, vain] = [FIRST_CUT, 0];
    this.take(best);
    while (best.length > longest + 0.01 && vain < GIVEN_UP * free.length) {
      this.length = Math.max(longest, best.length * (1 - cut));
      for (const i of free) this.hold(i, numberAt(this.x, i), numberAt(this.y, i));
      const { left, nearest } = yield* this.separate(free);
      const lay = this.keep();
      if (left === 0 && lay.length < best.length - TOUCH) {
        best = lay;
        vain = 0;
        yield best;
        continue;
      }
      vain++;
      if (vain % VAIN === 0) cut = cut <= LAST_CUT ? FIRST_CUT : Math.max(LAST_CUT, cut * 0.6);
      this.take(vain % 2 === 0 ? best : nearest);
      for (let k = 0; k <= (vain / VAIN) % 3; k++) this.swapTwo(bySize);
    }
  }
}
