import { answerFor } from '../src/core/alteration/answer';
import { edgesOf, FIT_CLASSES } from '../src/core/body/fit-class';
import { Garment } from '../src/core/garment/offset';
import { BODY_MEASURES, zoneOf, type BodyMeasure, type ZoneId } from '../src/core/body/zones';
import {
  blankFabric,
  blankMake,
  blankPattern,
  GARMENT_KINDS,
  USUAL_ZONES,
  type Alteration,
  type Fabric,
  type FitNote,
  type Make,
  type MeasurementSet,
  type Outcome,
  type Pattern,
  type Verdict,
  type Wear,
} from '../src/core/records';
import { seeded } from '../src/core/units/seeded';

const DAY = 86_400_000;
const MEASURES: Partial<Record<BodyMeasure, readonly [first: number, step: number]>> = {
  bust: [80, 4],
  waist: [62, 4],
  hip: [86, 4],
  acrossBack: [33, 1],
  napeToWaist: [39, 0.5],
  armLength: [58, 0.5],
  upperArm: [25, 1.2],
  thigh: [50, 2.4],
  rise: [25, 0.6],
  inseam: [78, 0],
};
/** Measures that are zones of a garment too, where its finished measure can stand. */
const GIRTHS = ['bust', 'waist', 'hip', 'upperArm', 'thigh'] as const;
const SIZES = ['1', '2', '3', '4', '5', '6', '7', '8'];
/** Sewn narrower than cut, wherever a seam runs. */
const NARROW_SEAMS: Alteration = {
  id: 'narrow seams',
  kind: 'allowance',
  way: 'total',
  allowance: { cut: 1.5, sewn: 1.2 },
  purpose: 'fit',
  when: 'cutting',
};
export const TODAY = '2026-11-25';
export const PERSON = 'person';

interface LargeLedger {
  readonly patterns: Pattern[];
  readonly makes: Make[];
  readonly wears: Wear[];
  readonly bodies: MeasurementSet[];
  readonly fabrics: Fabric[];
}

/**
 * A made-up ledger over ten years: patterns of ten designers, some with finished measures, versions that are altered and close in on what
 * nobody sees, ten wears each.
 */
export function largeLedger(makes: number): LargeLedger {
  const chance = seeded(61);
  const normal = () => Math.sqrt(-2 * Math.log(chance() || 1e-12)) * Math.cos(2 * Math.PI * chance());
  const last = Date.parse(TODAY) / DAY;
  const day = (n: number) => new Date(n * DAY).toISOString().slice(0, 10);
  const measures = Object.keys(MEASURES).filter((m): m is BodyMeasure => m in BODY_MEASURES);

  const bodies = Array.from({ length: 10 }, (_, i): MeasurementSet => ({
    id: `body ${i}`,
    personId: PERSON,
    date: day(last - 3650 + 365 * i),
    measures: Object.fromEntries(measures.map((m) => [m, MEASURES[m]![0] + 3 * MEASURES[m]![1] + 0.3 * i])),
  }));
  const fabrics = Array.from({ length: Math.ceil(makes / 10) }, (_, i): Fabric => {
    const knit = i % 2 === 0;
    return {
      ...blankFabric(`c${i}`, `fabric ${i}`, knit ? 'knit' : 'woven'),
      stretchAcross: knit ? Math.round(20 + 30 * chance()) : 0,
      stretchAlong: 0,
      ...(chance() < 0.4 ? { seasons: i % 4 < 2 ? ['spring', 'summer'] : ['autumn', 'winter'] } : {}),
    };
  });
  const patterns = Array.from({ length: Math.ceil(makes / 12.5) }, (_, i): Pattern => {
    const kind = GARMENT_KINDS[i % GARMENT_KINDS.length]!;
    const knit = chance() < 0.4;
    const blank = blankPattern(`p${i}`, `v${i}`, `pattern ${i}`, kind, knit ? 'knit' : 'woven');
    const columns = (of: readonly BodyMeasure[], plus: number) =>
      Object.fromEntries(of.map((m) => [m, SIZES.map((_size, s) => MEASURES[m]![0] + MEASURES[m]![1] * s + plus)]));
    const finished = chance() < 0.3 ? columns(GIRTHS, 5 + 10 * chance()) : {};
    return {
      ...blank,
      designer: `designer ${Math.floor(10 * chance())}`,
      fitClass: FIT_CLASSES[Math.floor(4 * chance())]!,
      wants: { ...blank.wants, stretch: knit ? 35 : 0 },
      charts: [{ id: `chart ${i}`, name: 'chart', sizes: SIZES, body: columns(measures, 0), finished, finishedOf: [] }],
    };
  });
  const ideal = new Map<string, number>();
  const idealOf = (pattern: Pattern, zone: ZoneId) => {
    const s = zoneOf(zone).spread;
    const draw = (key: string, sd: number) => {
      const value = ideal.get(key) ?? sd * normal();
      ideal.set(key, value);
      return value;
    };
    return draw(zone, s.person) + draw(`${zone} ${pattern.designer}`, s.designer) + draw(`${zone} ${pattern.id}`, s.pattern);
  };
  const made = Array.from({ length: makes }, (_, i): Make => {
    const pattern = patterns[i % patterns.length]!;
    const version = 1 + Math.floor(i / patterns.length);
    const finished = last - 3650 + Math.floor((3650 * i) / makes);
    const date = day(finished + 20);
    const verdict: Verdict = { id: `d${i}`, date, wears: 3, love: 1 + Math.floor(5 * chance()), reasons: [] };
    const altered = version > 1 ? USUAL_ZONES[pattern.kind].filter(() => chance() < 0.2) : [];
    const alterations = altered.map((zone) => answerFor(zone, Math.round(4 * normal()) / 2 || 1));
    const make: Make = {
      ...blankMake(`m${i}`, PERSON, version, day(finished)),
      sources: [{ patternId: pattern.id, viewId: pattern.views[0]!.id }],
      size: { size: SIZES[2 + Math.floor(3 * chance())]! },
      fabrics: [{ id: `u${i}`, fabricId: fabrics[Math.floor(chance() * fabrics.length)]!.id, part: 'main' }],
      alterations: chance() < 0.1 ? [...alterations, NARROW_SEAMS] : alterations,
      verdicts: [verdict],
    };
    const garment = new Garment({ pattern, makes: [make], bodies, fabrics }, make);
    const fitNotes = USUAL_ZONES[pattern.kind].flatMap((zone): FitNote[] => {
      const off = garment.offset(zone, undefined, date).x - idealOf(pattern, zone) + zoneOf(zone).sigma * normal();
      const size = edgesOf(zone, pattern.fitClass).filter((t) => Math.abs(off) > t).length;
      const outcome = (size * Math.sign(off) || 0) as Outcome;
      const worn: FitNote = {
        id: `n${i} ${zone}`,
        zone,
        outcome,
        seen: { at: 'worn', wears: 3 },
        date,
        ...(outcome !== 0 && chance() < 0.3 ? { amount: Math.max(0.5, Math.round(2 * Math.abs(off)) / 2) } : {}),
      };
      // Now and then it was looked at on the first day as well.
      return chance() < 0.1 ? [{ ...worn, id: `first ${worn.id}`, seen: { at: 'firstDay' } }, worn] : [worn];
    });
    return { ...make, fitNotes };
  });
  const wears = Array.from({ length: 10 * makes }, (_, i): Wear => {
    const make = made[i % makes]!;
    const from = Date.parse(make.cutOn) / DAY;
    return { id: `w${i}`, date: day(from + Math.floor(chance() * (last - from + 1))), makeIds: [make.id], count: chance() < 0.02 ? 12 : 1 };
  });
  return { patterns, makes: made, wears, bodies, fabrics };
}
