import { versionsOf, viewOf } from '../make/versions';
import type { BenchStep, Fabric, FlatDetails, GarmentKind, Make, OnBench, Pattern, Plan, TimeSpent } from '../records';
import { sourcesOfPlan } from '../plan/plan-to-make';
import { sameLine } from '../garment/chart';

/** Where a step is done: what must be set up for it. */
export const PLACES = ['desk', 'table', 'machine', 'overlocker', 'iron', 'hand', 'mirror'] as const;
export type StepPlace = (typeof PLACES)[number];

/** Which days of waiting a step brings, apart from hands. */
export type StepWait = 'delivery' | 'drying' | 'hanging';

/** Days that are waited after a step. Source: our own convention; a parcel takes most of a week, fabric dries in a day, and a bias hem hangs for one. */
export const WAIT_DAYS: Readonly<Record<StepWait, number>> = { delivery: 5, drying: 1, hanging: 1 };

/** One step of what is under way. */
export interface Step {
  /** The key of a step that the kind brings, or the id of one of the sewist's own. */
  readonly id: string;
  readonly words: string;
  readonly phase: TimeSpent['phase'];
  readonly at: StepPlace;
  /** Minutes it takes an even hand: by the table, or as the sewist said. */
  readonly minutes: number;
  /** The minutes are her own: they are hers already, and pace changes them no more. */
  readonly said?: true;
  readonly wait?: StepWait;
  /** It can be left out, and the garment is whole without it. */
  readonly spare?: true;
  readonly done?: string;
  readonly spent?: number;
  readonly left?: true;
  readonly own?: true;
}

/**
 * How much work each kind is, against a plain top. Source: our own convention, from usual times of home sewing: a top in an afternoon, a lined
 * coat in two weeks of evenings.
 */
const WORK: Readonly<Record<GarmentKind, number>> = {
  top: 1,
  shirt: 1.7,
  dress: 1.5,
  skirt: 0.8,
  trousers: 1.3,
  shorts: 1,
  jacket: 2.4,
  coat: 3,
  cardigan: 1.1,
  waistcoat: 1.4,
  'one-piece': 1.7,
  swimsuit: 1.1,
  bra: 1.2,
  briefs: 0.4,
  nightwear: 1,
  hat: 0.7,
  apron: 0.6,
  accessory: 0.4,
  bag: 1.2,
  home: 0.6,
  toy: 0.9,
};

/** Kinds whose upper part has a neck, armholes and shoulders. */
const UPPER: ReadonlySet<GarmentKind> = new Set([
  'top',
  'shirt',
  'dress',
  'jacket',
  'coat',
  'cardigan',
  'waistcoat',
  'one-piece',
  'nightwear',
  'swimsuit',
]);
const LOWER: ReadonlySet<GarmentKind> = new Set(['skirt', 'trousers', 'shorts', 'one-piece']);
const LEGS: ReadonlySet<GarmentKind> = new Set(['trousers', 'shorts', 'one-piece']);
/** Kinds that usually have sleeves, a collar, an opening, where the view does not say. */
const SLEEVED: ReadonlySet<GarmentKind> = new Set(['top', 'shirt', 'dress', 'jacket', 'coat', 'cardigan', 'nightwear']);
const COLLARED: ReadonlySet<GarmentKind> = new Set(['shirt', 'jacket', 'coat']);
const OPENS: Partial<Record<GarmentKind, FlatDetails['opening']>> = {
  shirt: 'buttons',
  jacket: 'buttons',
  coat: 'buttons',
  waistcoat: 'buttons',
  trousers: 'zip',
  skirt: 'zip',
  shorts: 'zip',
};

/** What is known of a garment that decides its steps. */
interface Facts {
  readonly kind: GarmentKind;
  readonly flat: FlatDetails;
  readonly knit: boolean;
  readonly lined: boolean;
  readonly faced: boolean;
  readonly bias: boolean;
  /** Of a plan, what lies before the scissors; of a make nothing. */
  readonly before?: {
    readonly toOrder: boolean;
    readonly toWash: boolean;
    readonly toPrint: boolean;
    readonly pages: number;
    readonly toTrace: boolean;
    readonly toAlter: number;
  };
  readonly toile: boolean;
  readonly mend: boolean;
}

interface UsualStep {
  readonly id: string;
  readonly words: string;
  readonly phase: TimeSpent['phase'];
  readonly at: StepPlace | ((f: Facts) => StepPlace);
  /** Of a plain top; undefined where it falls away. Times the work of the kind, where it is sewn. */
  readonly minutes: (f: Facts) => number | undefined;
  /** Takes as long for every kind. */
  readonly even?: true;
  readonly wait?: (f: Facts) => StepWait | undefined;
  readonly spare?: true;
  /** A toile is sewn without it. */
  readonly notOfToile?: true;
}

const when = (is: boolean, minutes: number): number | undefined => (is ? minutes : undefined);
const sleeved = ({ kind, flat }: Facts) => (flat.sleeve === undefined ? SLEEVED.has(kind) : flat.sleeve !== 'none');
const collared = ({ kind, flat }: Facts) =>
  flat.neck === undefined ? COLLARED.has(kind) : ['collar', 'notched', 'band', 'shawl'].includes(flat.neck);
const opens = ({ kind, flat, knit }: Facts) => flat.opening ?? (knit ? undefined : OPENS[kind]);
const pockets = ({ kind, flat }: Facts) => flat.pockets ?? (LEGS.has(kind) ? 'slant' : 'none');
const seams = ({ knit }: Facts): StepPlace => (knit ? 'overlocker' : 'machine');

/** Pages are put together so quickly, minutes each. */
const A_PAGE = 2;

/**
 * The steps of a garment and their usual minutes, for an even hand, a first version, and a plain top. Source: our own convention, from usual times of home
 * sewing; the sewist's own times take their place as they are noted.
 */
const USUAL: readonly UsualStep[] = [
  {
    id: 'order',
    words: 'order the fabric',
    phase: 'plan',
    at: 'desk',
    minutes: (f) => when(f.before?.toOrder ?? false, 15),
    even: true,
    wait: () => 'delivery',
  },
  {
    id: 'wash',
    words: 'wash and dry the fabric',
    phase: 'plan',
    at: 'iron',
    minutes: (f) => when(f.before?.toWash ?? false, 15),
    even: true,
    wait: () => 'drying',
  },
  {
    id: 'print',
    words: 'print the pattern',
    phase: 'print and assemble',
    at: 'desk',
    minutes: (f) => when(f.before?.toPrint ?? false, 15),
    even: true,
  },
  {
    id: 'assemble',
    words: 'put the pages together',
    phase: 'print and assemble',
    at: 'table',
    minutes: (f) => when(f.before?.toPrint ?? false, A_PAGE * (f.before?.pages ?? 30)),
    even: true,
  },
  { id: 'trace', words: 'trace the size', phase: 'trace and alter', at: 'table', minutes: (f) => when(f.before?.toTrace ?? false, 35) },
  {
    id: 'alter',
    words: 'alter the paper',
    phase: 'trace and alter',
    at: 'table',
    minutes: (f) => when((f.before?.toAlter ?? 0) > 0, 15 * (f.before?.toAlter ?? 0)),
    even: true,
  },
  { id: 'cut', words: 'lay and cut', phase: 'cut', at: 'table', minutes: (f) => when(f.before !== undefined, 40) },
  { id: 'mark', words: 'mark notches and darts', phase: 'cut', at: 'table', minutes: (f) => when(f.before !== undefined, 10) },
  {
    id: 'interface',
    words: 'fuse the interfacing',
    phase: 'cut',
    at: 'iron',
    minutes: (f) => when(f.before !== undefined && (collared(f) || f.faced || opens(f) === 'buttons'), 15),
    notOfToile: true,
  },
  { id: 'mend', words: 'mend it', phase: 'sew', at: 'machine', minutes: (f) => when(f.mend, 40), even: true },
  { id: 'darts', words: 'darts and tucks', phase: 'sew', at: 'machine', minutes: (f) => when(f.flat.darts ?? (!f.knit && UPPER.has(f.kind)), 15) },
  {
    id: 'pockets',
    words: 'pockets',
    phase: 'sew',
    at: 'machine',
    minutes: (f) => when(pockets(f) !== 'none', pockets(f) === 'welt' ? 60 : 30),
    spare: true,
    notOfToile: true,
  },
  { id: 'fly', words: 'zip or fly', phase: 'sew', at: 'machine', minutes: (f) => when(opens(f) === 'zip', 35), notOfToile: true },
  { id: 'shoulders', words: 'shoulder seams', phase: 'sew', at: seams, minutes: (f) => when(UPPER.has(f.kind), 12) },
  { id: 'collar', words: 'collar', phase: 'sew', at: 'machine', minutes: (f) => when(UPPER.has(f.kind) && collared(f), 40), notOfToile: true },
  { id: 'neck', words: 'neck edge', phase: 'sew', at: 'machine', minutes: (f) => when(UPPER.has(f.kind) && !collared(f), 30), notOfToile: true },
  { id: 'sleeves', words: 'sleeves', phase: 'sew', at: seams, minutes: (f) => when(UPPER.has(f.kind) && sleeved(f), 35) },
  {
    id: 'armholes',
    words: 'armhole edges',
    phase: 'sew',
    at: 'machine',
    minutes: (f) => when(UPPER.has(f.kind) && !sleeved(f), 30),
    notOfToile: true,
  },
  { id: 'inseams', words: 'inseams and crotch', phase: 'sew', at: seams, minutes: (f) => when(LEGS.has(f.kind), 30) },
  { id: 'seams', words: 'side seams', phase: 'sew', at: seams, minutes: () => 20 },
  { id: 'neaten', words: 'neaten the edges', phase: 'sew', at: 'overlocker', minutes: (f) => when(!f.knit && !f.lined, 20), notOfToile: true },
  { id: 'try', words: 'try it on', phase: 'sew', at: 'mirror', minutes: (f) => when(UPPER.has(f.kind) || LOWER.has(f.kind), 15), even: true },
  {
    id: 'cuffs',
    words: 'cuffs',
    phase: 'sew',
    at: 'machine',
    minutes: (f) => when(f.flat.cuffs ?? (f.kind === 'shirt' && sleeved(f)), 40),
    notOfToile: true,
  },
  { id: 'waistband', words: 'waistband', phase: 'sew', at: 'machine', minutes: (f) => when(LOWER.has(f.kind) && f.kind !== 'one-piece', 45) },
  { id: 'lining', words: 'lining', phase: 'sew', at: 'machine', minutes: (f) => when(f.lined, 90), spare: true, notOfToile: true },
  {
    id: 'hang',
    words: 'hang it up for the hem',
    phase: 'finish',
    at: 'hand',
    minutes: (f) => when(f.bias && !f.toile, 5),
    even: true,
    wait: () => 'hanging',
  },
  { id: 'hem', words: 'hem', phase: 'finish', at: 'machine', minutes: () => 25, notOfToile: true },
  {
    id: 'buttonholes',
    words: 'buttonholes and buttons',
    phase: 'finish',
    at: 'machine',
    minutes: (f) => when(opens(f) === 'buttons', 35),
    notOfToile: true,
  },
  { id: 'press', words: 'last press', phase: 'finish', at: 'iron', minutes: () => 12, notOfToile: true },
  { id: 'picture', words: 'take its picture', phase: 'finish', at: 'mirror', minutes: () => 10, even: true, spare: true, notOfToile: true },
];
/** Steps before the scissors: what a make has behind it. */
export const BEFORE_SEWING: ReadonlySet<string> = new Set(['order', 'wash', 'print', 'assemble', 'trace', 'alter', 'cut', 'mark']);

/** A mend is one step, and is pressed and pictured. */
const OF_A_MEND: ReadonlySet<string> = new Set(['order', 'wash', 'mend', 'press', 'picture']);
const PHASES_OF = new Map(USUAL.map((s) => [s.id, s.phase]));
/** The phase of a step by its id; one of the sewist's own is sewing. */
export const phaseOfStep = (id: string): TimeSpent['phase'] => PHASES_OF.get(id) ?? 'sew';

/** A sewn garment takes more hands by its kind; what is even takes as long for all. */
const usualOf = (f: Facts): Step[] =>
  USUAL.flatMap(({ id, words, phase, at, minutes, even, wait, spare, notOfToile }): Step[] => {
    const took = (f.toile && notOfToile) || (f.mend && !OF_A_MEND.has(id)) ? undefined : minutes(f);
    if (took === undefined) return [];
    const waits = wait?.(f);
    return [
      {
        id,
        words,
        phase,
        at: typeof at === 'string' ? at : at(f),
        minutes: Math.round(took * (even ? 1 : WORK[f.kind])),
        ...(waits ? { wait: waits } : {}),
        ...(spare ? { spare } : {}),
      },
    ];
  });

/** As the sewist has them: her own among them, in her order, ticked, timed and left out. */
function withSaid(usual: readonly Step[], bench: OnBench | undefined): Step[] {
  if (!bench) return [...usual];
  const said = new Map(bench.steps.map((s) => [s.id, s]));
  const asSaid = (step: Step, own: BenchStep | undefined): Step =>
    own
      ? {
          ...step,
          ...(own.words === undefined ? {} : { words: own.words }),
          ...(own.minutes === undefined ? {} : { minutes: own.minutes, said: true }),
          ...(own.done === undefined ? {} : { done: own.done }),
          ...(own.spent === undefined ? {} : { spent: own.spent }),
          ...(own.left === undefined ? {} : { left: own.left }),
        }
      : step;
  const known = new Set(usual.map((s) => s.id));
  const all = [
    ...usual.map((step) => asSaid(step, said.get(step.id))),
    ...bench.steps
      .filter((s) => !known.has(s.id) && s.words !== undefined)
      .map((s) => asSaid({ id: s.id, words: s.words ?? '', phase: 'sew', at: 'machine', minutes: s.minutes ?? OWN_STEP, own: true }, s)),
  ];
  const { order } = bench;
  if (!order) return all;
  const place = new Map(order.map((id, i) => [id, i]));
  // What the order does not know yet stays behind the step that it usually follows.
  let last = -1;
  const placed = all.map((step) => {
    const at = place.get(step.id);
    if (at !== undefined) last = at;
    return { step, at: at ?? last + 0.5 };
  });
  return placed.sort((a, b) => a.at - b.at).map(({ step }) => step);
}

/** What was made of a pattern for somebody, in order; nothing where it needs none. */
const versionsFor = (personId: string, pattern: Pattern | undefined, makes: readonly Make[]): Make[] =>
  pattern ? versionsOf({ pattern, makes: makes.filter((m) => m.personId === personId) }) : [];

/** Steps of her own that the last version had come again: the buttons will be covered this time too, unless they are left out. */
function asLastTime(usual: readonly Step[], earlier: readonly Make[]): Step[] {
  const last = earlier.at(-1);
  const own = (last?.bench?.steps ?? []).flatMap(({ id, words, minutes, spent }): Step[] =>
    words === undefined || PHASES_OF.has(id) ? [] : [{ id, words, phase: 'sew', at: 'machine', minutes: spent || (minutes ?? OWN_STEP), said: true }],
  );
  return [...usual, ...own];
}

/** A step of one's own takes so long where nobody says. */
const OWN_STEP = 20;

/** The tables that steps are read from. */
export interface StepTables {
  readonly patterns: readonly Pattern[];
  readonly makes: readonly Make[];
  readonly fabrics: readonly Fabric[];
}

const factsOf = (
  subject: Make | Plan,
  pattern: Pattern | undefined,
  fabrics: readonly Fabric[],
  kindOf: { readonly toile: boolean; readonly mend: boolean },
): Facts => {
  const sources = 'sources' in subject ? subject.sources : sourcesOfPlan(subject);
  const view = pattern ? viewOf(pattern, { sources, ...(subject.chosen ? { chosen: subject.chosen } : {}) }) : undefined;
  const main = subject.fabrics.find((u) => u.part === 'main') ?? subject.fabrics[0];
  const fabric = fabrics.find((f) => f.id === main?.fabricId);
  return {
    kind: pattern?.kind ?? subject.garment ?? 'top',
    flat: { ...view?.flat, ...subject.chosen },
    knit: (fabric?.structure ?? pattern?.wants.structure) === 'knit',
    lined: subject.fabrics.some((u) => u.part === 'lining'),
    faced: subject.fabrics.some((u) => u.part === 'interfacing'),
    bias: subject.fabrics.some((u) => u.bias === true),
    ...kindOf,
  };
};

/**
 * The steps of a plan, from ordering its fabric to the picture: those that its kind, its view and what earlier versions did ask for, as the sewist
 * has changed them.
 *
 * @example stepsOfPlan(plan, tables)[0].words // 'wash and dry the fabric'
 */
export function stepsOfPlan(plan: Plan, { patterns, makes, fabrics }: StepTables): Step[] {
  const pattern = patterns.find((p) => p.id === plan.patternId);
  const earlier = versionsFor(plan.personId, pattern, makes);
  const used = plan.fabrics.flatMap((u) => fabrics.filter((f) => f.id === u.fabricId));
  const paper = pattern?.paper.filter((p) => p.personId === undefined || p.personId === plan.personId) ?? [];
  const onPaper = paper.some((p) => p.size === undefined || sameLine(p.size, plan.size)) || earlier.some((m) => sameLine(m.size, plan.size));
  const facts: Facts = {
    ...factsOf(plan, pattern, fabrics, { toile: plan.kind === 'toile', mend: plan.kind === 'mend' }),
    ...(plan.kind === 'mend'
      ? {}
      : {
          before: {
            toOrder: used.length === 0 && plan.kind !== 'refashion' && plan.kind !== 'toile',
            toWash: plan.kind !== 'toile' && used.some((f) => f.washedOn === undefined),
            toPrint: pattern?.form === 'printed at home' && earlier.length === 0 && paper.length === 0,
            pages: pattern?.pages ?? 30,
            toTrace: pattern !== undefined && !onPaper,
            toAlter: plan.alterations.filter((a) => a.when === 'paper' && a.marked === undefined).length,
          },
        }),
  };
  return withSaid(asLastTime(usualOf(facts), earlier), plan.bench);
}

/** The steps of a make that is cut or half sewn, from interfacing to the picture. */
export function stepsOfMake(make: Make, { patterns, fabrics, makes }: StepTables): Step[] {
  const pattern = patterns.find((p) => p.id === make.sources[0]?.patternId);
  const earlier = versionsFor(make.personId, pattern, makes).filter((m) => m.version < make.version);
  const facts = { ...factsOf(make, pattern, fabrics, { toile: make.kind === 'toile', mend: false }), before: NOTHING_BEFORE };
  return withSaid(
    asLastTime(
      usualOf(facts).filter((s) => !BEFORE_SEWING.has(s.id)),
      earlier,
    ),
    make.bench,
  );
}

/**
 * All that a make that was sewn once took hands for, as its kind and view ask for it: what its times are held against.
 *
 * @param version which of its pattern it was; the first is printed and traced
 */
export function stepsThatWere(make: Make, version: number, { patterns, fabrics }: StepTables): Step[] {
  const pattern = patterns.find((p) => p.id === make.sources[0]?.patternId);
  return usualOf({
    ...factsOf(make, pattern, fabrics, { toile: make.kind === 'toile', mend: false }),
    before: {
      ...NOTHING_BEFORE,
      toPrint: version === 1 && pattern?.form === 'printed at home',
      pages: pattern?.pages ?? 30,
      toTrace: version === 1 && pattern !== undefined,
      toAlter: make.alterations.filter((a) => a.when === 'paper').length,
    },
  }).filter((s) => !make.bench?.steps.some((said) => said.id === s.id && said.left));
}

/** Of a make what lies before the scissors is done. */
const NOTHING_BEFORE = { toOrder: false, toWash: false, toPrint: false, pages: 0, toTrace: false, toAlter: 0 };

/** Steps that are still to be done. */
export const remaining = (steps: readonly Step[]): Step[] => steps.filter((s) => s.done === undefined && !s.left);

/** Days that are waited for what steps still to be done order, wash or hang. */
export const daysOfWaiting = (steps: readonly Step[]): number => remaining(steps).reduce((days, s) => days + (s.wait ? WAIT_DAYS[s.wait] : 0), 0);
