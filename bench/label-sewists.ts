import { answerFor } from '../src/core/alteration/answer';
import { edgesOf } from '../src/core/body/fit-class';
import { zoneOf, type BodyMeasure, type ZoneId } from '../src/core/body/zones';
import { carryForward } from '../src/core/forecast/carry-forward';
import { movesAlong } from '../src/core/forecast/ideal';
import { Recollection } from '../src/core/forecast/recollection';
import type { PatternCase } from '../src/core/garment/case';
import { lineAt, placeOf } from '../src/core/garment/chart';
import { ladderOf } from '../src/core/garment/ladder';
import { Garment } from '../src/core/garment/offset';
import { usualStep } from '../src/core/garment/usual-steps';
import { blankFabric, blankMake, blankPattern, type Fabric, type FitNote, type Make, type MeasurementSet } from '../src/core/records';
import {
  GIRTHS,
  GIVE_DOUBT,
  normalFrom,
  notebook,
  noted,
  sewist,
  STRETCH_ASKED,
  STRETCH_SPREAD,
  Tenths,
  type Calibration,
  type HiddenPattern,
} from './sewists';
import { seeded } from '../src/core/units/seeded';

/**
 * Sewists whose ledgers hold labels only: no chart, and half of them never measured themselves. What a size adds is drawn from the table of
 * usual steps and nobody sees it. All of them cut the first version in M and go up or down a size with the second; then the notebook tries
 * between sizes, and the others cut what the core proposes.
 */
type Way = 'notebook' | 'core';

const PATTERNS = 6;
const PATIENCE = 30;
const FIRST = 'M';
const DAY = '2026-01-01';
const LADDER = { sizes: [...ladderOf(['XS', 'S', FIRST, 'L', 'XL'])] };

export interface LabelResult {
  readonly versions: number;
  /** Mean distance of chances stated from what happened, over tenths, each by its cuts. */
  readonly astray: number;
  readonly calibration: readonly Calibration[];
}

interface Hidden {
  readonly pattern: PatternCase['pattern'];
  readonly zones: readonly ZoneId[];
  readonly ideal: ReadonlyMap<ZoneId, number>;
  readonly step: ReadonlyMap<ZoneId, number>;
}

/** A pattern without a chart: what a size adds is drawn, and so is how far the first one cut lies from what its chart would have said. */
function withoutChart({ id, kind, designer, fitClass, knit, zones, ideal }: HiddenPattern, normal: () => number): Hidden {
  const blank = blankPattern(id, `view of ${id}`, id, kind, knit ? 'knit' : 'woven');
  const wants = knit ? { structure: 'knit' as const, stretch: STRETCH_ASKED } : { structure: 'woven' as const };
  const step = new Map(zones.map((zone) => [zone, usualStep(zone, 'letters') * Math.min(2, Math.max(0.25, 1 + 0.3 * normal()))]));
  const first = (zone: ZoneId) => (movesAlong(zone) === 'sizes' ? usualStep(zone, 'letters') * normal() : 0);
  return {
    pattern: { ...blank, designer, fitClass, wants },
    zones,
    ideal: new Map([...ideal].map(([zone, theta]) => [zone, theta + first(zone)])),
    step,
  };
}

/** Up or down a size by what was noticed, then halfway between too small and too large. */
function placeByNotebook(own: readonly { readonly place: number; readonly outcome: number }[]): number {
  const last = own.at(-1)!;
  if (last.outcome === 0) return last.place;
  const low = Math.max(-Infinity, ...own.filter((o) => o.outcome < 0).map((o) => o.place));
  const high = Math.min(Infinity, ...own.filter((o) => o.outcome > 0).map((o) => o.place));
  const wanted = Number.isFinite(low) && Number.isFinite(high) && low < high ? (low + high) / 2 : last.place - Math.sign(last.outcome);
  return Math.round(Math.min(LADDER.sizes.length - 1, Math.max(0, wanted)) * 4) / 4;
}

/** What the notebook has cut next: each girth and width by sizes, each length by what it lacked. */
function cutByNotebook({ zones }: Hidden, makes: readonly Make[]): Pick<Make, 'size' | 'sizeLines' | 'alterations'> {
  const lineAtZone = (make: Make, zone: ZoneId) => make.sizeLines.find((l) => l.zone === zone)?.line ?? make.size!;
  const noteAt = (make: Make, zone: ZoneId) => make.fitNotes.find((n) => n.zone === zone)!;
  const sizeLines = zones
    .filter((zone) => movesAlong(zone) === 'sizes')
    .map((zone) => ({
      zone,
      line: lineAt(LADDER, placeByNotebook(makes.map((m) => ({ place: placeOf(LADDER, lineAtZone(m, zone))!, outcome: noteAt(m, zone).outcome })))),
    }));
  const alterations = zones
    .filter((zone) => movesAlong(zone) === 'length')
    .flatMap((zone) => {
      const own = makes.map((make) => {
        const { outcome, amount } = noteAt(make, zone);
        const cut = make.alterations.find((a) => a.id === `carry-${zone}`)?.amount ?? 0;
        return { cut, note: { x: cut, outcome, edges: edgesOf(zone, 'semi'), observer: 1, garment: 0, ...(amount === undefined ? {} : { amount }) } };
      });
      const amount = Math.round(notebook(own) * 2) / 2;
      return amount === 0 ? [] : [answerFor(zone, amount)];
    });
  return { size: { size: FIRST }, sizeLines, alterations };
}

function sew(way: Way, hidden: Hidden, bodies: readonly MeasurementSet[], before: readonly PatternCase[], chance: () => number) {
  const normal = normalFrom(chance);
  const { pattern, zones } = hidden;
  const makes: Make[] = [];
  const fabrics: Fabric[] = [];
  const stated: { readonly chance: number; readonly right: boolean }[] = [];
  const memory = new Recollection(before);
  let going = true;
  while (makes.length < PATIENCE) {
    const version = makes.length + 1;
    const stretch = Math.max(0, STRETCH_ASKED + STRETCH_SPREAD * normal());
    fabrics.push({ ...blankFabric(`f${version}`, 'fabric', pattern.wants.structure), stretchAcross: stretch, stretchAlong: stretch });
    const input: PatternCase = { pattern, makes: [...makes], bodies, fabrics: [...fabrics] };
    const { finishedOn: _, ...blank } = blankMake(`m${version}`, 'person', version, DAY);
    const proposed = way === 'core' && version > 2 ? carryForward(input, { date: DAY, unit: 'cm', fabricId: `f${version}` }, memory) : undefined;
    const { size, sizeLines, alterations } =
      proposed?.next ?? (version === 1 ? { size: { size: FIRST }, sizeLines: [], alterations: [] } : cutByNotebook(hidden, makes));
    const cut: Make = {
      ...blank,
      sources: [{ patternId: pattern.id, viewId: pattern.views[0]!.id }],
      size: size!,
      sizeLines,
      alterations,
      fabrics: [{ id: 'use', fabricId: `f${version}`, part: 'main' }],
    };
    const garment = new Garment({ ...input, makes: [...makes, cut] }, cut);
    let allRight = true;
    const fitNotes = zones.map((zone): FitNote => {
      const { x, fabric, steps, step } = garment.offset(zone);
      // What the fabric does to the girth that the body truly has, measured or not.
      const round = GIRTHS[zone] === undefined ? fabric.cm : fabric.cm * (1 + GIVE_DOUBT * normal());
      const off = x - fabric.cm + round + steps * (hidden.step.get(zone)! - step) - hidden.ideal.get(zone)!;
      const right = Math.abs(off) <= edgesOf(zone, pattern.fitClass)[0];
      allRight &&= right;
      const foretold = proposed?.zones.find((z) => z.zone === zone)?.chance;
      // Cuts made while the sewist had not yet noted everything right, as in sewists.ts.
      if (foretold !== undefined && going) stated.push({ chance: foretold, right });
      const { outcome, amount, observer } = noted(off, zone, pattern.fitClass, chance);
      const first = observer > zoneOf(zone).sigma;
      return {
        id: `${version} ${zone}`,
        zone,
        outcome,
        seen: first ? { at: 'firstDay' } : { at: 'worn', wears: 3 },
        date: DAY,
        ...(amount === undefined ? {} : { amount }),
      };
    });
    makes.push({ ...cut, fitNotes });
    going &&= fitNotes.some((n) => n.outcome !== 0);
    if (allRight) break;
  }
  return { versions: makes.length, stated, input: { pattern, makes, bodies, fabrics } satisfies PatternCase };
}

/** Every other sewist measured herself. */
function bodiesOf(measured: boolean): MeasurementSet[] {
  const measures: Partial<Record<BodyMeasure, number>> = { bust: 92, waist: 76, hip: 100, thigh: 58, upperArm: 29, torsoLoop: 155 };
  return measured ? [{ id: 'body', personId: 'person', date: DAY, measures }] : [];
}

/** The same sewists by the notebook and by the core. */
export function simulateLabels(sewists: number, seed: number): Record<Way, LabelResult> {
  const by = (way: Way): LabelResult => {
    const counts: number[] = [];
    const tenths = new Tenths();
    for (let s = 0; s < sewists; s++) {
      const chance = seeded(seed + 100_003 * (s + 1));
      const before: PatternCase[] = [];
      const normal = normalFrom(seeded(seed + 7919 * (s + 1)));
      for (const drawn of sewist(seeded(seed + s), PATTERNS)) {
        const hidden = withoutChart(drawn, normal);
        const { versions, stated, input } = sew(way, hidden, bodiesOf(s % 2 === 0), before, chance);
        counts.push(versions);
        before.push(input);
        for (const { chance: told, right } of stated) tenths.add(told, right);
      }
    }
    const calibration = tenths.calibration();
    const cuts = calibration.reduce((sum, t) => sum + t.cuts, 0);
    return {
      versions: counts.reduce((a, b) => a + b, 0) / counts.length,
      astray: calibration.reduce((sum, t) => sum + t.cuts * Math.abs(t.stated - t.happened), 0) / Math.max(1, cuts),
      calibration,
    };
  };
  return { notebook: by('notebook'), core: by('core') };
}
