import { toMark } from '../forecast/to-mark';
import { countedVersions, versionsOf, viewOf } from '../make/versions';
import { mainFabric } from '../make/main-fabric';
import { needleFor } from '../arithmetic/needle-and-thread';
import { weightOf } from '../fabric/weight';
import { longestPiece } from '../fabric/stash';
import { widePieces } from '../fabric/usual-width';
import { atWidth, groundWords, neededWords } from './needed-words';
import { effectsOf } from '../alteration/effects';
import { reminderOf } from '../catalogue/alterations';
import { alterationWhen, alterationWords } from '../alteration/words';
import { effectContext, type PatternCase } from '../garment/case';
import { chartOf, finishedColumn, lineOf, placeOf, readColumn } from '../garment/chart';
import { ageOn, bodyOn, daysBetween } from '../body/measures';
import type { IsoDate } from '../units/date';
import { formatLength, type LengthUnit } from '../units/length';
import { zoneOf, type BodyMeasure, type ZoneId } from '../body/zones';
import type { BandPiece, Fabric, Make, Person, Plan } from '../records';
import { familyOfFabric } from '../fabric/usually';
import { zoneOfMake } from '../versions/compare-makes';
import { canBePutOn } from '../arithmetic/put-on';
import { sewnRound } from '../arithmetic/piece-check';
import { fibreCautions, type FibreBehaviour } from '../fabric/fibres';
import { OPENS_WIDE, openingsOf } from '../make/openings';
import { closedBands } from './closed-bands';
import { fabricFor, type FabricForPlan } from './fabric-for-plan';

/** How much a check weighs: what would spoil the cut, what is easily regretted, what is good to know. */
export type Weight = 'blocker' | 'warning' | 'info';

/** One thing to look at before the scissors. */
export interface Check {
  /** Stays the same as long as the same thing is meant: what was ticked stays ticked. */
  readonly id: string;
  readonly weight: Weight;
  readonly words: string;
  /** What it rests on, or what to do. */
  readonly detail?: string;
}

export interface CheckRequest {
  readonly input: PatternCase;
  /** The plan as a make (`makeOfPlan`), with the plan's id. */
  readonly make: Make;
  readonly person: Person;
  readonly today: IsoDate;
  readonly unit: LengthUnit;
  readonly plans: readonly Plan[];
}

/** A measure older than this is asked after, days: a child's sooner. Source: our own convention. */
const OLD = 365;
const OLD_OF_CHILD = 120;
/** Ages, in years, below which usual practice has cautions. Source: usual practice in sewing for children; local rules go first. */
const INFANT_BELOW = 2;
const SMALL_PARTS_BELOW = 3;
const CORDS_BELOW = 7;
const FREE_CORDS_BELOW = 14;

/** What an opening must let pass, by where it is. */
const PASSES: Partial<Record<ZoneId, BodyMeasure>> = { neckline: 'head', waistband: 'hip', waist: 'hip', opening: 'head' };

/** What a fabric of its name usually gives, to go by until it is tested. */
function usualStretch(fabric: Fabric): string {
  const family = familyOfFabric(fabric);
  return family && family.structure === 'knit' ? `; a ${family.names[0]} usually stretches ${family.stretch[0]} to ${family.stretch[1]}\u202f%` : '';
}

/** Fabric, in the order in which it is looked at: is there enough, is it washed, how must it lie, is it what the pattern asks for. */
function fabricChecks({ input, make, today, unit, plans }: CheckRequest): Check[] {
  const { fabric, bias } = mainFabric(make, input.fabrics);
  if (!fabric) return [{ id: 'fabric', weight: 'warning', words: 'No fabric is chosen yet.' }];
  const { wants } = input.pattern;
  const view = viewOf(input.pattern, make);
  const found = fabricFor(input, make, fabric, today, plans);
  const checks: Check[] = [enoughOf(found, unit)];
  if (found.alsoPlanned.length > 0)
    checks.push({ id: `shared ${fabric.id}`, weight: 'warning', words: `${fabric.name} is meant for another plan too.` });
  if (fabric.washedOn === undefined)
    checks.push({
      id: `wash ${fabric.id}`,
      weight: 'warning',
      words: `Wash ${fabric.name} first`,
      detail: fabric.shrinkAlong === undefined ? 'how much it shrinks is not known' : `it shrinks ${fabric.shrinkAlong}\u202f% along`,
    });
  if (fabric.nap) checks.push({ id: 'nap', weight: 'warning', words: 'All pieces one way', detail: `${fabric.name} has a nap or a one-way print` });
  if (fabric.repeatAlong)
    checks.push({ id: 'repeat', weight: 'warning', words: `Match the repeat of ${formatLength(fabric.repeatAlong, unit)} at the seams` });
  if (fabric.repeatAcross)
    checks.push({
      id: 'repeat across',
      weight: 'warning',
      words: `Match the repeat of ${formatLength(fabric.repeatAcross, unit)} across: lay centre front and centre back on the same motif`,
    });
  if (fabric.border)
    checks.push({
      id: 'border',
      weight: 'warning',
      words: `Lay the hems along the border on ${fabric.border}`,
      detail: 'then the grain runs round the body: nothing on these pieces can be lengthened below the border',
    });
  const { panel } = fabric;
  const { longest = 0 } = view;
  if (panel && longest > panel)
    checks.push({
      id: 'panel',
      weight: 'blocker',
      words: `The longest piece (${formatLength(longest, unit)}) is longer than a panel of ${fabric.name} (${formatLength(panel, unit)})`,
    });
  else if (panel)
    checks.push({ id: 'panel', weight: 'info', words: `${fabric.name} is printed in panels of ${formatLength(panel, unit)}: buy whole ones` });
  if (found.widest === 0 && (bias || view.flat?.shape === 'flared'))
    checks.push({
      id: 'widest',
      weight: 'warning',
      words: `Lay the widest piece across ${fabric.name} before you count on it`,
      detail: `${bias ? 'on the bias it takes more width than on the grain' : 'a flared piece may be wider than the fabric'}; noted with the view, it is checked here`,
    });
  if (bias)
    checks.push({
      id: 'bias',
      weight: 'warning',
      words: 'Cut on the bias: let it hang, then level the hem',
      detail: 'a day or more, by its own weight',
    });
  if (fabric.structure !== wants.structure)
    checks.push({
      id: 'structure',
      weight: 'blocker',
      words: `The pattern wants a ${wants.structure}, and ${fabric.name} is a ${fabric.structure}.`,
    });
  const gives = fabric.stretchAcross;
  if (wants.stretch && gives === undefined)
    checks.push({
      id: `stretch ${fabric.id}`,
      weight: 'warning',
      words: `Test the stretch of ${fabric.name}`,
      detail: `the pattern asks for ${wants.stretch}\u202f%: 10 cm must reach ${10 + wants.stretch / 10} cm${usualStretch(fabric)}`,
    });
  else if (wants.stretch && gives! < wants.stretch)
    checks.push({
      id: `stretch ${fabric.id}`,
      weight: gives! < wants.stretch / 2 ? 'blocker' : 'warning',
      words: `${fabric.name} stretches ${gives}\u202f%, the pattern asks for ${wants.stretch}\u202f%`,
      detail: 'the girths are reckoned with that: a larger line may be meant',
    });
  for (const use of make.fabrics.filter((u) => u.part !== 'main' && u.length !== undefined)) {
    const other = input.fabrics.find((c) => c.id === use.fabricId);
    if (!other) continue;
    const longest = longestPiece(other);
    if (longest < use.length!)
      checks.push({
        id: `enough ${use.id}`,
        weight: 'blocker',
        words: `${other.name} for the ${use.part}: ${formatLength(use.length! - longest, unit)} too short`,
      });
  }
  return checks;
}

/** Whether the fabric is enough, in words that name the piece and the centimetres. */
export function enoughOf(found: FabricForPlan, unit: LengthUnit): Check {
  const { fabric, needed, from, hand, shrinks, widest } = found;
  const id = `enough ${fabric.id}`;
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  if (hand.tooNarrow)
    return {
      id,
      weight: 'blocker',
      words: `${fabric.name} is too narrow for the widest piece`,
      detail: `it needs ${length(widest)}, and the widest in the stash is ${length(Math.max(...widePieces(fabric).map((p) => p.width)))}${shrinks ? ' unwashed' : ''}: a join, or another fabric`,
    };
  if (needed === undefined)
    return {
      id,
      weight: 'warning',
      words: `How much ${fabric.name} is needed is not known`,
      detail: 'the view has no fabric table and no version says what it took',
    };
  if (!hand.piece)
    return {
      id,
      weight: 'blocker',
      words: `None of ${fabric.name} is in the stash; ${neededWords(needed, unit)} ${atWidth(found, unit)} are needed`,
    };
  const detail = [
    `needed ${neededWords(needed, unit)} ${atWidth(found, unit)}`,
    from && groundWords(from, unit),
    `the longest piece is ${length(hand.piece.length)}${shrinks ? ' once washed' : ''}`,
  ].filter(Boolean);
  const over = hand.over >= 0 ? `${length(Math.floor(hand.over))} over` : `${length(Math.ceil(-hand.over - 1e-6))} short`;
  const words = `${fabric.name}: ${hand.answer}, ${over}`;
  const weight: Weight = hand.answer === 'not enough' ? 'blocker' : hand.answer === 'tight' ? 'warning' : 'info';
  return { id, weight, words, detail: detail.join('; ') };
}

/** Alterations that were made and are not on the paper yet. */
function alterationChecks({ input, make, unit }: CheckRequest): Check[] {
  return toMark(input.pattern, countedVersions(input), make).map(({ make: made, alteration, wanted }) => ({
    id: `mark ${wanted.kind} ${(wanted.zones ?? []).join(' ')}`.trim(),
    weight: 'warning' as const,
    words: `Mark on the paper: ${alterationWords(wanted, unit)}`,
    detail: `made ${alterationWhen(alteration)} in version ${made.version}, never copied to the pattern`,
  }));
}

/** Girth of a zone when sewn, cm: the chart's finished measure at the line that is cut, and what alterations do to it. */
function sewnGirth({ pattern }: PatternCase, make: Make, zone: ZoneId): number | undefined {
  const chart = chartOf(pattern, make.chartId);
  const line = lineOf(make, zone);
  const place = chart && line && placeOf(chart, line);
  const view = viewOf(pattern, make);
  const finished = chart && place !== undefined ? readColumn(finishedColumn(chart, zone, view.id), place) : undefined;
  if (finished === undefined) return undefined;
  const context = effectContext(pattern, view);
  return make.alterations.flatMap((a) => effectsOf(a, context)).reduce((sum, e) => (e.zone === zone ? sum + e.cm : sum), finished);
}

/** How a band was measured: `1 × 36 cm on the fold, less 1.5 cm at each end`. */
export function bandWords({ cut, pieces, onFold, allowance, overlap }: BandPiece, unit: LengthUnit): string {
  const length = (cm: number) => formatLength(cm, unit);
  return `${pieces} × ${length(cut)}${onFold ? ' on the fold' : ''}, less ${length(allowance)} at each end${overlap ? ` and ${length(overlap)} of overlap` : ''}`;
}

/** Bands that must close, and openings that must let the head or the hips pass. */
function passageChecks({ input, make, today, unit, plans }: CheckRequest): Check[] {
  const plan = plans.find((p) => p.id === make.id);
  const view = viewOf(input.pattern, make);
  const { fabric } = mainFabric(make, input.fabrics);
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  const cm = (measure: BodyMeasure | undefined) => measure && bodyOn(input.bodies, measure, today)?.cm;
  const checks: Check[] = [];
  const openings = openingsOf(view, make);
  const closing = openings.map((o) => o.zone);
  const bands = plan?.bands ?? [];
  const closed = closedBands(view);
  // A knit band is cut smaller and stretched on: it must give as much.
  const gives = 1 + (fabric?.structure === 'knit' ? (fabric.stretchAcross ?? 0) : 0) / 100;
  // Whatever was measured on the paper is checked, in every kind of garment.
  for (const zone of new Set([...closed, ...bands.map((b) => b.zone)])) {
    // What an elastic or a tie draws in need not close by itself.
    if (openings.some((o) => o.zone === zone && (o.closes === 'elastic' || o.closes === 'drawstring' || o.closes === 'wrap'))) continue;
    const band = bands.find((b) => b.zone === zone && b.round === undefined);
    if (!band && !closed.includes(zone)) continue;
    if (!band)
      checks.push({
        id: `piece ${zone}`,
        weight: 'info',
        words: `Measure the piece for the ${zoneOf(zone).label}`,
        detail: 'cut width × pieces × fold, less the seams: written with the plan, it is checked against the body',
      });
    const ease = zoneOfMake(input, make, zone)?.ease;
    const body = cm(zoneOf(zone).measure);
    const [t1] = zoneOf(zone).edges;
    if (ease === undefined || body === undefined || ease >= -t1 || (body + ease) * gives >= body) continue;
    checks.push({
      id: `closes ${zone}`,
      weight: 'blocker',
      words: `The ${zoneOf(zone).label} would be ${length(-ease)} short of the body: it cannot close`,
      detail: `${length(body + ease)} round when sewn, the body ${length(body)}; ${band ? bandWords(band, unit) : 'check the piece: cut width × pieces × fold, less the seams'}`,
    });
  }
  for (const band of bands) {
    const round = sewnRound(band);
    const short = band.round === undefined ? 0 : band.round - round * gives;
    if (short > 0)
      checks.push({
        id: `closes ${band.id}`,
        weight: 'blocker',
        words: `The ${band.name ?? zoneOf(band.zone).label} would be ${length(short)} short of what it goes round`,
        detail: `${length(round)} when sewn, to go round ${length(band.round!)}; ${bandWords(band, unit)}`,
      });
  }
  for (const { zone, closes } of openings) {
    const measure = PASSES[zone];
    const over = cm(measure);
    const opening = sewnGirth(input, make, zone);
    if (OPENS_WIDE.includes(closes) || !measure || over === undefined || opening === undefined) continue;
    const stretch = closes === 'elastic' || closes === 'drawstring' ? 0 : (fabric?.stretchAcross ?? 0);
    const found = canBePutOn({ opening, stretch, over: { [measure]: over } });
    if (found && !found.passes)
      checks.push({
        id: `put on ${zone}`,
        weight: 'blocker',
        words: `It may not go on: the ${zoneOf(zone).label} opens to ${length(found.widest)}, and the ${measure} is ${length(over)}`,
        detail: 'a slit, a zip or a wider opening lets it pass',
      });
  }
  // An opening that was altered and of which nothing is known in numbers is asked after.
  const context = effectContext(input.pattern, view);
  for (const zone of ['neckline', 'opening'] as const)
    if (!closing.includes(zone) && make.alterations.some((a) => effectsOf(a, context).some((e) => e.zone === zone && e.cm < 0)))
      checks.push({
        id: `put on ${zone}`,
        weight: 'warning',
        words: `The ${zoneOf(zone).label} becomes smaller: can it still be put on?`,
        detail: 'hold the tape in a ring over the head',
      });
  // A closure that the view has and this garment has not, where nothing is known in numbers.
  for (const { zone, closes } of view.openings) {
    const now = openings.find((o) => o.zone === zone)?.closes ?? 'fixed';
    if (OPENS_WIDE.includes(closes) && now === 'fixed' && sewnGirth(input, make, zone) === undefined)
      checks.push({
        id: `put on ${zone}`,
        weight: 'warning',
        words: `Without the ${closes} at the ${zoneOf(zone).label}: can it still be put on?`,
        detail: `hold the tape in a ring over the ${PASSES[zone] ?? 'body'}`,
      });
  }
  return checks;
}

/** What the length changes beside the fabric: zips, buttons. */
function notionChecks({ input, make, unit }: CheckRequest): Check[] {
  const last = versionsOf(input).at(-1);
  const notions = last?.notions.filter((n) => /zip|button|snap|elastic|hook/i.test(n.what)) ?? [];
  if (!last || notions.length === 0) return [];
  const context = effectContext(input.pattern, viewOf(input.pattern, make));
  const sum = (of: Make) =>
    of.alterations
      .flatMap((a) => effectsOf(a, context))
      .reduce((n, e) => (e.zone === 'bodyLength' || e.zone === 'rise' || e.zone === 'skirt' ? n + e.cm : n), 0);
  const other = sum(make) - sum(last);
  return notions.map((n) => ({
    id: `notion ${n.what}`,
    weight: 'info' as const,
    words: n.what,
    detail:
      Math.abs(other) > 0.4
        ? `as version ${last.version} had; this one is ${formatLength(Math.abs(other), unit)} ${other > 0 ? 'longer' : 'shorter'}: count and measure again`
        : `as version ${last.version} had`,
  }));
}

/** Cords and ties as they are named where something is added or left out; corduroy is none. */
const CORDS = /\b(ties?|cords?|drawstrings?|drawcords?|ribbons?|laces?)\b/i;

/** Whether a child sleeps in it: one-piece garments, and what its name says. */
const isSleptIn = ({ kind, name }: PatternCase['pattern'], view: string) =>
  kind === 'one-piece' || kind === 'nightwear' || /pyjama|pajama|night|sleep/i.test(`${name} ${view}`);

/** What a fibre asks for, by the names of those that do. */
const FIBRE_CHECKS: Record<FibreBehaviour, (fibres: string) => Pick<Check, 'id' | 'words'>> = {
  'softens or melts': (fibres) => ({ id: 'heat', words: `Try the iron and the fusing on a scrap, on low: ${fibres} softens or melts` }),
  'weak when wet': (fibres) => ({ id: 'wet', words: `Handle it gently while wet, and press it: ${fibres} weakens in water and creases` }),
  'shrinks in the first wash': (fibres) => ({ id: 'shrinks', words: `Wash it as the garment will be washed before cutting: ${fibres} shrinks` }),
  felts: (fibres) => ({ id: 'felts', words: `Cool water and no rubbing: ${fibres} felts; steam it before cutting` }),
  'water marks': (fibres) => ({ id: 'water marks', words: `Press it dry, and try a drop on a scrap: ${fibres} shows water marks` }),
};

/** Cautions that belong to the work: usual practice, and local rules go first. */
function cautions({ input, make, person, today }: CheckRequest): Check[] {
  const { fabric } = mainFabric(make, input.fabrics);
  const view = viewOf(input.pattern, make);
  const age = person.birthMonth ? ageOn(person.birthMonth, today).years : undefined;
  const checks: Check[] = [];
  const rules = 'usual practice; rules where you live go first';
  const openings = openingsOf(view, make);
  const leavesOut = make.alterations.some((a) => a.kind === 'leave-out' && CORDS.test(a.note ?? ''));
  const drawn =
    (openings.some((o) => o.closes === 'drawstring') && !leavesOut) ||
    make.alterations.some((a) => a.kind === 'add-part' && CORDS.test(a.note ?? ''));
  if (person.child && (age === undefined || age < FREE_CORDS_BELOW)) {
    const words =
      age === undefined || age < CORDS_BELOW
        ? 'No cords, drawstrings or ties at hood and neck, and none that hang free'
        : 'No cords that hang free, and none that dangle at waist, hem or back';
    checks.push({ id: 'cords', weight: drawn ? 'blocker' : 'info', words, detail: `for a child of ${age ?? 'unknown age'}; ${rules}` });
    if (age === undefined || age < SMALL_PARTS_BELOW)
      checks.push({
        id: 'small parts',
        weight: 'warning',
        words: 'No small parts that come off: buttons, snaps, appliqués',
        detail: `under three; ${rules}`,
      });
    if ((age === undefined || age < INFANT_BELOW) && openings.some((o) => o.closes === 'elastic'))
      checks.push({ id: 'elastic', weight: 'warning', words: 'No tight elastic on a small child: wide, soft, and with room', detail: rules });
    if (isSleptIn(input.pattern, view.name))
      checks.push({ id: 'nightwear', weight: 'info', words: 'Nightwear: many places have rules about fabric near a flame', detail: rules });
  }
  for (const { of, fibres } of fibreCautions(fabric?.fibre)) checks.push({ weight: 'info', ...FIBRE_CHECKS[of](fibres.join(' and ')) });
  if (fabric && /shed|fray|fibre|dust/i.test(fabric.behaviour ?? ''))
    checks.push({ id: 'dust', weight: 'info', words: `${fabric.name} sheds: a mask while cutting, and the machine cleaned after` });
  if (fabric && /bleed|loses? (its )?(dye|colou?r)|dye runs/i.test(fabric.behaviour ?? ''))
    checks.push({ id: 'dye', weight: 'warning', words: `Wash ${fabric.name} alone until the water stays clear: its dye bleeds` });
  if (fabric && weightOf(fabric) === 'heavy')
    checks.push({ id: 'needles', weight: 'info', words: 'Thick seams break needles: turn the wheel by hand over them, no pins under the foot' });
  return checks;
}

/** The body it is for, and how long ago it was measured. */
function bodyChecks({ input, person, today }: CheckRequest): Check[] {
  const latest = input.bodies
    .map((b) => b.date)
    .sort()
    .at(-1);
  if (latest === undefined) {
    // Without a chart nothing does.
    const instead = input.pattern.charts.length > 0 ? ': the first size stands in' : '';
    return [{ id: 'body', weight: 'warning', words: `No measures of ${person.name}${instead}` }];
  }
  if (daysBetween(latest, today) <= (person.child ? OLD_OF_CHILD : OLD)) return [];
  return [{ id: `body ${latest}`, weight: 'warning', words: `Measure ${person.name} again`, detail: `the last measures are of ${latest}` }];
}

/** Whether two notes name the same thing: a word of some length stands in both. */
function speakOfTheSame(a: string, b: string): boolean {
  const wordsOf = (text: string) => text.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  const common = new Set(wordsOf(a).filter((w) => w.length > 3 || w === 'zip' || w === 'hem'));
  return wordsOf(b).some((w) => common.has(w));
}

/** What is wrong in the pattern, and what went wrong last time, with a tip of that version or a later one that speaks of the same. */
function lastTimeChecks({ input }: CheckRequest): Check[] {
  const { errata } = input.pattern;
  const versions = versionsOf(input);
  const mistakes = versions.flatMap((m) =>
    m.notes
      .filter((n) => n.kind === 'mistake')
      .map((n): Check => {
        const since = versions.filter((v) => v.version >= m.version).flatMap((v) => v.notes.filter((t) => t.kind === 'tip').map((t) => t.words));
        const tip = since.findLast((words) => speakOfTheSame(words, n.words));
        return {
          id: `mistake ${n.id}`,
          weight: 'warning',
          words: `Not again: ${n.words}`,
          detail: `version ${m.version}${tip ? `; the tip since: ${tip}` : ''}`,
        };
      }),
  );
  return [
    ...errata.map((e): Check => ({ id: `erratum ${e.id}`, weight: 'warning', words: e.words, detail: 'an error in the pattern' })),
    ...mistakes,
  ];
}

/** Seams that no longer match once a piece is altered: to be trued before the fabric is cut. */
function seamChecks({ make }: CheckRequest): Check[] {
  const reminders = new Set(make.alterations.flatMap((a) => reminderOf(a) ?? []));
  if (reminders.size === 0 && make.sizeLines.length === 0) return [];
  const blended = make.sizeLines.length > 0 && 'Blend the lines between the sizes along the seam, alike on both pieces.';
  return [{ id: 'true', weight: 'warning', words: 'True the seams', detail: [...(blended ? [blended] : []), ...reminders].join(' ') }];
}

/**
 * What to look at before cutting, worked out for this plan: what would spoil it first.
 *
 * @returns checks with ids that stay, so that what was ticked, put off or waved away stays so
 */
export function checksFor(request: CheckRequest): Check[] {
  const { fabric } = mainFabric(request.make, request.input.fabrics);
  const lined = request.make.alterations.length > 0 && request.make.fabrics.some((u) => u.part === 'lining' || u.part === 'facing');
  const needle = fabric && needleFor(fabric);
  const all: Check[] = [
    ...fabricChecks(request),
    ...passageChecks(request),
    ...alterationChecks(request),
    ...seamChecks(request),
    ...(lined ? [{ id: 'facings', weight: 'warning' as const, words: 'Alter facing and lining with their pieces' }] : []),
    ...bodyChecks(request),
    ...lastTimeChecks(request),
    ...notionChecks(request),
    ...(needle
      ? [
          {
            id: 'needle',
            weight: 'info' as const,
            words: `Needle ${needle.needle}, stitch ${needle.stitch}`,
            detail: `${needle.thread} thread; ${needle.why}`,
          },
        ]
      : []),
    ...cautions(request),
  ];
  const order: readonly Weight[] = ['blocker', 'warning', 'info'];
  const seen = new Set<string>();
  return all.filter((c) => !seen.has(c.id) && seen.add(c.id)).sort((a, b) => order.indexOf(a.weight) - order.indexOf(b.weight));
}
