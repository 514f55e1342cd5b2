import { firstView, viewOf } from '../make/versions';
import { classGroup, edgesOf } from '../body/fit-class';
import { designerKey } from '../make/designer';
import { mainFabric } from '../make/main-fabric';
import { bodyOn } from '../body/measures';
import { ZONE_IDS, zoneOf, type ZoneId } from '../body/zones';
import { heightTerm, type HeightTerm } from '../garment/by-height';
import { fitClassAt, type PatternCase } from '../garment/case';
import { chartOf } from '../garment/chart';
import { draftOf } from '../garment/draft';
import { evidenceAt, sizingAt } from '../garment/evidence';
import { reportsAt } from '../garment/reports';
import { Memory, type Branch, type RememberedPattern } from '../inference/belief-tree';
import {
  bestCut,
  chanceOfRight,
  massBelow,
  posteriorOf,
  priorFrom,
  quantile,
  type BestCut,
  type Posterior,
  type Prior,
} from '../inference/posterior';
import { believe, believedAt, withDoubtOfSteps, type Believed } from '../inference/unknown-step';
import type { IsoDate } from '../units/date';
import { firstOf, itemAt } from '../units/item-at';
import type { Observation } from '../inference/likelihood';
import { tapeGain, type TapeGain } from './worth-measuring';

/** A pattern whose notes moved an answer, and by how much: the median with everything less the median without it, cm. */
export interface Influence {
  readonly patternId: string;
  readonly movedBy: number;
  readonly sameDesigner: boolean;
}

/** An alteration that a person needs on every pattern. */
export interface UsualAlteration {
  readonly zone: ZoneId;
  readonly best: BestCut;
  /** The chance that the person really deviates, in that direction. */
  readonly chance: number;
  readonly patterns: readonly string[];
}

/** What a person needs beyond the pattern at a zone, whoever drew it. */
export interface PersonAt {
  readonly best: BestCut;
  /** How many patterns say so. */
  readonly patterns: number;
  /** Chances that a semi-fitted pattern as drafted is under there (tight, short …), and over. */
  readonly under: number;
  readonly over: number;
}

/** A designer whose patterns run small (plus: more is needed) or large at a zone. */
export interface DesignerHabit {
  readonly designer: string;
  readonly zone: ZoneId;
  readonly best: BestCut;
  readonly chance: number;
  readonly patterns: readonly string[];
}

/** The first cut of a pattern at a zone, from what all others say. */
export interface FirstCut {
  readonly zone: ZoneId;
  readonly best: BestCut;
  /** Where it lies as drafted, cm: another height than the pattern is drafted for moves it. */
  readonly height?: HeightTerm;
  /** Chance of right cut as drafted, and at the median. */
  readonly asDrafted: number;
  readonly atBest: number;
  readonly influences: readonly Influence[];
  /** How many reports from elsewhere moved it. */
  readonly reports?: number;
  /** What it would help to take the measure again that decides the zone; absent where it was never measured. */
  readonly tape?: TapeGain;
}

/** Sure enough to be called usual. Source: engine.md, section 5. */
const SURE = 0.8;
/** A pattern that moves a median by less is not worth naming, cm. */
const WORTH_NAMING = 0.1;

/** The designer of a pattern; one that nobody knows is one of its own. */
const designerOf = ({ pattern }: Pick<PatternCase, 'pattern'>) => designerKey(pattern) ?? `of ${pattern.id}`;

const groupAt = ({ pattern, makes }: PatternCase, zone: ZoneId) =>
  classGroup(fitClassAt(pattern, makes[0] ? viewOf(pattern, makes[0]) : firstView(pattern), zone));

/** The smallest step of the tree below a pattern's prior, cm. */
const sharpestAt = (zone: ZoneId) => zoneOf(zone).spread.pattern;

/** A pattern as it stands for the person. */
interface Standing {
  readonly input: PatternCase;
  /** The same object as long as its records are the same. */
  readonly state: object;
}

/** What a pattern said at a zone, if anything, and in which state it stood then. */
interface Said {
  readonly state: object;
  readonly remembered: RememberedPattern | undefined;
}

/** What was said at a zone: by the id of each pattern, and by those that said anything. */
interface SaidAtZone {
  readonly by: ReadonlyMap<string, Said>;
  readonly patterns: readonly RememberedPattern[];
}

/** What is remembered of a zone; no memory where nobody speaks. */
interface AtZone {
  readonly said: SaidAtZone;
  readonly memory: Memory | undefined;
}

/** The records that what a pattern says comes from: the pattern, its makes, the bodies and the fabrics they were cut from. */
function recordsOf({ pattern, makes, bodies, fabrics }: PatternCase): readonly object[] {
  return [pattern, ...makes, ...bodies, ...makes.flatMap((make) => mainFabric(make, fabrics).fabric ?? [])];
}

const areSame = (one: readonly object[], other: readonly object[]) => one.length === other.length && one.every((record, i) => record === other[i]);

/**
 * What a pattern's notes say to others at a zone; steps between sizes are told with their doubt. Undefined where it says nothing.
 *
 * @param before what it said earlier: where it says the very same, that stands, and nothing that was worked out of it need be again
 */
function saidAt(input: PatternCase, zone: ZoneId, before: RememberedPattern | undefined): RememberedPattern | undefined {
  const { used } = evidenceAt(input, zone);
  // Against the first make's size an offset means nothing to other patterns.
  if (used.length === 0 || sizingAt(input, zone).standIn) return undefined;
  const observations = used.map((e) => withDoubtOfSteps(e.observation, e.offset.step));
  const said = { id: input.pattern.id, designer: designerOf(input), group: groupAt(input, zone), observations };
  return before && saysTheSame(said, before) ? before : said;
}

function saysTheSame(a: RememberedPattern, b: RememberedPattern): boolean {
  const same = (p: Observation, q: Observation) =>
    p.x === q.x &&
    p.outcome === q.outcome &&
    p.edges === q.edges &&
    p.observer === q.observer &&
    p.garment === q.garment &&
    p.amount === q.amount &&
    p.found === q.found &&
    p.doubted === q.doubted;
  return (
    a.designer === b.designer &&
    a.group === b.group &&
    a.observations.length === b.observations.length &&
    a.observations.every((o, i) => same(o, itemAt(b.observations, i)))
  );
}

/** Everything that a person's patterns taught, zone by zone (engine.md, section 5). A zone is reckoned when it is first asked about. */
export class Recollection {
  readonly #patterns = new Map<string, Standing>();
  readonly #said = new Map<ZoneId, SaidAtZone>();
  readonly #memories = new Map<ZoneId, AtZone>();
  /** What the recollections before this one knew. */
  readonly #before: ReadonlyMap<ZoneId, AtZone>;

  /** How many patterns are to be reckoned anew: those that changed since the recollection before. */
  readonly anew: number;

  /**
   * @param cases every pattern of one person that was made; a pattern with no notes says nothing
   * @param before an earlier recollection: patterns whose records are still the same objects need not be reckoned again
   */
  constructor(cases: readonly PatternCase[], before?: Recollection) {
    this.#before = new Map(before ? [...before.#before, ...before.#memories] : []);
    let anew = 0;
    for (const input of cases) {
      const known = before ? before.#patterns.get(input.pattern.id) : undefined;
      const same = known !== undefined && (known.input === input || areSame(recordsOf(known.input), recordsOf(input)));
      if (!same) anew += 1;
      this.#patterns.set(input.pattern.id, { input, state: same ? known.state : {} });
    }
    this.anew = anew;
  }

  /** What every pattern says at a zone. */
  #saidAt(zone: ZoneId): SaidAtZone {
    let here = this.#said.get(zone);
    if (here) return here;
    const before = this.#before.get(zone)?.said.by;
    const by = new Map<string, Said>();
    const patterns: RememberedPattern[] = [];
    for (const [id, { input, state }] of this.#patterns) {
      const known = before?.get(id);
      const remembered = known?.state === state ? known.remembered : saidAt(input, zone, known?.remembered);
      by.set(id, { state, remembered });
      if (remembered) patterns.push(remembered);
    }
    this.#said.set(zone, (here = { by, patterns }));
    return here;
  }

  #memoryAt(zone: ZoneId): Memory | undefined {
    const known = this.#memories.get(zone);
    if (known) return known.memory;
    const said = this.#saidAt(zone);
    const before = this.#before.get(zone)?.memory;
    const memory =
      said.patterns.length === 0
        ? undefined
        : before && areSame(before.patterns, said.patterns)
          ? before
          : new Memory(said.patterns, zoneOf(zone).spread, undefined, before);
    this.#memories.set(zone, { said, memory });
    return memory;
  }

  /** Zones of which anything was said, in the order of the body. */
  get zones(): ZoneId[] {
    return ZONE_IDS.filter((z) => this.#saidAt(z).patterns.length > 0);
  }

  /** What is believed of the person at a zone. */
  person(zone: ZoneId): PersonAt | undefined {
    const memory = this.#memoryAt(zone);
    if (!memory) return undefined;
    const belief = memory.person();
    const [t1] = edgesOf(zone, 'semi');
    return { best: bestCut(belief), patterns: memory.patterns.length, under: 1 - massBelow(belief, t1), over: massBelow(belief, -t1) };
  }

  /**
   * What is believed of a pattern at a zone by its own notes and by what all other patterns say, with what these say alone where it is
   * asked for: as the prior of its notes and in numbers for people. Undefined where none speaks, or where this one cannot be compared.
   */
  others(input: PatternCase, zone: ZoneId): { readonly prior: () => Prior; readonly belief: () => BestCut; readonly believed: Believed } | undefined {
    const memory = this.#heard(input, zone);
    if (!memory) return undefined;
    const { id } = input.pattern;
    const { used } = evidenceAt(input, zone);
    // What the very case that was remembered said needs no second reading; any other reading of the pattern has notes of its own.
    const remembered = used.length > 0 && this.#patterns.get(id)?.input === input;
    let alone: Posterior | undefined;
    const before = () => (alone ??= memory.newPattern(this.#branch(input, zone), [id]));
    const prior = () => priorFrom(before(), sharpestAt(zone));
    const reports = reportsAt(input, zone);
    const observations = [...used.map((e) => e.observation), ...reports];
    const { step } = sizingAt(input, zone);
    const oneSize = observations.every((o) => o.steps === undefined);
    const told = observations.length === 0 ? before() : remembered && oneSize && reports.length === 0 ? memory.pattern(id) : undefined;
    return { prior, belief: () => bestCut(before()), believed: told ? believedAt(told, step) : believe(observations, prior(), step) };
  }

  /** Which of the others moved the answer, own notes included. Each is left out in turn, so that it is asked only where it is shown. */
  influences(input: PatternCase, zone: ZoneId): Influence[] {
    const prior = this.#others(input, zone);
    return prior ? this.#influences(input, zone, prior) : [];
  }

  /** What to cut first of a pattern that was never made, at the zones of its view, on a day whose body counts. */
  firstCut(input: PatternCase, date: IsoDate): FirstCut[] {
    const view = firstView(input.pattern);
    const draft = draftOf(input.pattern, view, chartOf(input.pattern, undefined));
    const tall = bodyOn(input.bodies, 'height', date)?.cm;
    return view.zones.flatMap((zone): FirstCut[] => {
      const height = heightTerm(draft, zone, tall);
      const heard = this.#others(input, zone);
      const reports = reportsAt(input, zone);
      const silent = heard ?? (height || reports.length > 0 ? this.#nobody(zone) : undefined);
      if (!silent) return [];
      const prior = reports.length === 0 ? silent : posteriorOf(reports, priorFrom(silent, sharpestAt(zone)));
      const best = bestCut(prior);
      const [t1] = edgesOf(zone, fitClassAt(input.pattern, view, zone));
      const { measure } = zoneOf(zone);
      const body = measure && bodyOn(input.bodies, measure, date);
      const chance = (x: number, doubt = body?.doubt) => chanceOfRight(prior, x, t1, doubt);
      const atBest = chance(best.median);
      const tape = measure && body && tapeGain(measure, body, body.doubt, atBest, (doubt) => chance(best.median, doubt));
      const influences = heard ? this.#influences(input, zone, heard) : [];
      const found = { zone, best, asDrafted: chance(height?.cm ?? 0), atBest, influences };
      return [{ ...found, ...(height ? { height } : {}), ...(tape ? { tape } : {}), ...(reports.length > 0 ? { reports: reports.length } : {}) }];
    });
  }

  /** Alterations that the person needs wherever it was noted, from two patterns at least. */
  usual(): UsualAlteration[] {
    return this.zones.flatMap((zone) => {
      const memory = this.#memoryAt(zone)!;
      if (memory.patterns.length < 2) return [];
      const found = sure(memory.person(), edgesOf(zone, 'semi')[0]);
      return found ? [{ zone, ...found, patterns: memory.patterns.map((p) => p.id) }] : [];
    });
  }

  /** Designers who run small or large, from two of their patterns at least and two designers in all. */
  designers(): DesignerHabit[] {
    return this.zones.flatMap((zone) => {
      const memory = this.#memoryAt(zone)!;
      const branches = new Map(memory.patterns.map((p) => [`${p.group} ${p.designer}`, { designer: p.designer, group: p.group }]));
      if (new Set(memory.patterns.map((p) => p.designer)).size < 2) return [];
      return [...branches.values()].flatMap((branch) => {
        const patterns = memory.patternsOf(branch).map((p) => p.id);
        if (patterns.length < 2) return [];
        const found = sure(memory.designer(branch), edgesOf(zone, 'semi')[0]);
        const name = this.#patterns.get(firstOf(patterns))?.input.pattern.designer ?? branch.designer;
        return found ? [{ designer: name, zone, ...found, patterns }] : [];
      });
    });
  }

  #branch(input: PatternCase, zone: ZoneId): Branch {
    return { designer: designerOf(input), group: groupAt(input, zone) };
  }

  /** The memory of a zone, where other patterns than this speak in it and this one can be compared with them. */
  #heard(input: PatternCase, zone: ZoneId): Memory | undefined {
    const { id } = input.pattern;
    const memory = this.#memoryAt(zone);
    if (sizingAt(input, zone).standIn) return undefined;
    return memory?.patterns.some((p) => p.id !== id) ? memory : undefined;
  }

  /** What the other patterns say; `without` leaves out further ones. */
  #others(input: PatternCase, zone: ZoneId, without: readonly string[] = []): Posterior | undefined {
    return this.#heard(input, zone)?.newPattern(this.#branch(input, zone), [input.pattern.id, ...without]);
  }

  #influences(input: PatternCase, zone: ZoneId, prior: Posterior): Influence[] {
    const own = this.#memoryAt(zone)!.patterns.find((p) => p.id === input.pattern.id)?.observations ?? [];
    const sharpest = sharpestAt(zone);
    const medianOf = (before: Posterior) => quantile(own.length === 0 ? before : posteriorOf(own, priorFrom(before, sharpest)), 0.5);
    const all = medianOf(prior);
    return this.#memoryAt(zone)!
      .patterns.filter((p) => p.id !== input.pattern.id)
      .map((p): Influence => {
        const without = this.#others(input, zone, [p.id]);
        const before = without ? medianOf(without) : medianOf(this.#nobody(zone));
        return { patternId: p.id, movedBy: all - before, sameDesigner: p.designer === designerOf(input) };
      })
      .filter((s) => Math.abs(s.movedBy) >= WORTH_NAMING)
      .sort((a, b) => Math.abs(b.movedBy) - Math.abs(a.movedBy));
  }

  /** What is believed where nobody speaks. */
  #nobody(zone: ZoneId): Posterior {
    const { person, fitClass, designer, pattern } = zoneOf(zone).spread;
    return posteriorOf([], Math.hypot(person, fitClass, designer, pattern));
  }
}

/** A deviation that is sure enough to be named. */
function sure(belief: Posterior, t1: number): { readonly best: BestCut; readonly chance: number } | undefined {
  const chance = Math.max(1 - massBelow(belief, t1), massBelow(belief, -t1));
  return chance > SURE ? { best: bestCut(belief), chance } : undefined;
}
