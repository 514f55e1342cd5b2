/**
 * Time learned and dates met: simulated sewists with a pace of their own, patterns that go faster or slower, and steps that vary. What is stated of hours and of
 * dates is held against what then happens.
 */
import { blankMake, blankPattern, blankPlan, GARMENT_KINDS, type Fabric, type Make, type Pattern, type Plan } from '../src/core/records';
import { blankFabric } from '../src/core/records/blank';
import { chanceBy, sewnThrough } from '../src/core/schedule/ahead';
import { evenMinutes, handsFor, PACE_SD, paceOf, paceWith, PATTERN_SD, STEP_SD } from '../src/core/schedule/pace';
import { drawnAhead, questionOf } from '../src/core/schedule/look-ahead';
import { sittingsFrom } from '../src/core/schedule/sittings';
import { remaining, stepsThatWere, type Step } from '../src/core/schedule/steps';
import { taskOf, underWay } from '../src/core/schedule/under-way';
import { dateOfDay, dayNumber } from '../src/core/units/date';
import { itemAt } from '../src/core/units/item-at';
import { seeded } from '../src/core/units/seeded';

const SEWISTS = Number(process.argv[2] ?? 1500);
const MAKES = 12;
const TODAY = '2026-11-30';
/** As roughly as times are noted. */
const NOTED = 0.15;

const fabric: Fabric = { ...blankFabric('fabric', 'linen'), washedOn: '2026-01-01', pieces: [{ length: 1000, width: 140 }] };
const KINDS = GARMENT_KINDS.slice(0, 10);

interface Sewist {
  readonly pace: number;
  readonly patterns: readonly Pattern[];
  readonly ofPattern: ReadonlyMap<string, number>;
  readonly normal: () => number;
  readonly chance: () => number;
}

function sewist(seed: number): Sewist {
  const chance = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
  const pace = PACE_SD * normal();
  const patterns = Array.from({ length: 6 }, (_, i) =>
    blankPattern(`p${i}`, `v${i}`, `pattern ${i}`, itemAt(KINDS, Math.floor(chance() * KINDS.length))),
  );
  return { pace, patterns, ofPattern: new Map(patterns.map((p) => [p.id, PATTERN_SD * normal()])), normal, chance };
}

/** Minutes that steps truly take. */
const trueMinutes = (her: Sewist, steps: readonly Step[], patternId: string, version: number) =>
  steps.reduce((sum, s) => sum + evenMinutes(s, version) * Math.exp(her.pace + (her.ofPattern.get(patternId) ?? 0) + STEP_SD * her.normal()), 0);

const hours = { held: 0, of: 0, wide: 0, tables: 0 };
const bins = Array.from({ length: 10 }, () => ({ stated: 0, happened: 0, of: 0 }));
for (let seed = 1; seed <= SEWISTS; seed++) {
  const her = sewist(seed);
  const makes: Make[] = [];
  const counts = new Map<string, number>();
  for (let n = 0; n < MAKES; n++) {
    const pattern = itemAt(her.patterns, Math.floor(her.chance() * her.patterns.length));
    const version = (counts.get(pattern.id) ?? 0) + 1;
    counts.set(pattern.id, version);
    const day = dateOfDay(dayNumber('2025-01-01') + 30 * n);
    const made: Make = {
      ...blankMake(`m${n}`, 'person', version, day),
      sources: [{ patternId: pattern.id, viewId: itemAt(pattern.views, 0).id }],
      fabrics: [{ id: `u${n}`, fabricId: fabric.id, part: 'main' }],
    };
    const tables = { patterns: her.patterns, makes, fabrics: [fabric] };
    const steps = stepsThatWere(made, version, tables);
    const truly = trueMinutes(her, steps, pattern.id, version);
    if (n >= 4) {
      const stated = handsFor(steps, paceWith(paceOf(tables), pattern.id), version);
      const table = handsFor(steps, paceOf({ ...tables, makes: [] }).own, version);
      hours.of++;
      if (truly >= stated.least && truly <= stated.most) hours.held++;
      hours.wide += stated.most - stated.least;
      hours.tables += table.most - table.least;
    }
    const noted = Math.max(1, Math.round(truly * Math.exp(NOTED * her.normal())));
    makes.push({ ...made, times: [{ id: 't', phase: 'all', minutes: noted }] });
  }
  // A bench of five plans, each with its day, sewn as it then truly goes.
  const plans = Array.from({ length: 5 }, (_, i): Plan => {
    const pattern = itemAt(her.patterns, Math.floor(her.chance() * her.patterns.length));
    return {
      ...blankPlan(`plan${i}`, 'person', pattern.id, itemAt(pattern.views, 0).id, TODAY),
      fabrics: [{ id: `pu${i}`, fabricId: fabric.id, part: 'main' }],
      place: i,
      bench: { steps: [], place: i },
      due: dateOfDay(dayNumber(TODAY) + Math.round(14 * (i + 1) * (0.4 + 1.6 * her.chance()))),
    };
  });
  const tables = { patterns: her.patterns, makes, fabrics: [fabric], plans, lists: [] };
  const pace = paceOf(tables);
  const bench = underWay(tables, pace);
  const week = [2, 6].map((weekday) => ({ id: `t${weekday}`, kind: 'usual' as const, weekday, minutes: weekday === 2 ? 90 : 180 }));
  const sittings = sittingsFrom(week, TODAY, 400);
  const drawn = drawnAhead(questionOf(bench, pace, sittings, TODAY));
  const certain = bench.map((item) => {
    const minutes = trueMinutes(her, remaining(item.steps), item.patternId ?? '', item.version);
    return { id: item.id, stretches: [{ log: { mean: Math.log(minutes), variance: 0 }, paced: 0 }], pace: { mean: 0, variance: 0 } };
  });
  const truth = sewnThrough(certain, sittings, TODAY, 0, 1);
  for (const { id, due = TODAY } of bench) {
    const stated = chanceBy(drawn, id, TODAY, due);
    const bin = itemAt(bins, Math.min(9, Math.floor(stated * 10)));
    bin.stated += stated;
    bin.happened += chanceBy(truth, id, TODAY, due);
    bin.of++;
  }
}
const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
console.log(
  `Hours from the fifth make on: the stated nine-in-ten range holds ${percent(hours.held / hours.of)} (85 to 95), and is ${percent(hours.wide / hours.tables)} as wide as the table’s own (at most 60).`,
);
const told = bins.filter((b) => b.of >= 100);
const worst = Math.max(...told.map((b) => Math.abs(b.stated - b.happened) / b.of));
console.log(
  `Dates: ${told.map((b) => `${Math.round((100 * b.stated) / b.of)} → ${Math.round((100 * b.happened) / b.of)}`).join(', ')}; at most ${(100 * worst).toFixed(1)} points astray (at most 6).`,
);
const her = sewist(7);
const many = Array.from({ length: 30 }, (_, i): Plan => ({
  ...blankPlan(`plan${i}`, 'person', `p${i % 6}`, `v${i % 6}`, TODAY),
  due: dateOfDay(dayNumber(TODAY) + 10 * i),
}));
const tables = { patterns: her.patterns, makes: [], fabrics: [fabric], plans: many, lists: [] };
const pace = paceOf(tables);
const bench = underWay(tables, pace);
const sittings = sittingsFrom([{ id: 't', kind: 'usual', weekday: 6, minutes: 300 }], TODAY, 400);
const took = [0, 1, 2].map(() => {
  const from = performance.now();
  sewnThrough(
    bench.map((item) => taskOf(item, pace, TODAY)),
    sittings,
    TODAY,
    pace.sewist.variance,
  );
  return performance.now() - from;
});
console.log(
  `30 plans with 1,000 draws: ${Math.round(
    itemAt(
      [...took].sort((a, b) => a - b),
      1,
    ),
  )} ms (at most 200).`,
);
