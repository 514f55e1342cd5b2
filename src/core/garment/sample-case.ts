import type { Alteration, Fabric, FitNote, Make, MeasurementSet, Outcome, Pattern, Seen } from '../records';
import { blankFabric, blankMake, blankPattern, blankView } from '../records/blank';
import type { ZoneId } from '../body/zones';
import type { PatternCase } from './case';
import { logLikelihood, type Observation } from '../inference/likelihood';
import { numberAt } from '../units/item-at';

/** A small invented case for worked examples: one pattern with a plain chart, a body, fabrics. Used by tests and the bench. */
export const SAMPLE_BODY: MeasurementSet = {
  id: 'body',
  personId: 'person',
  date: '2025-01-01',
  measures: { bust: 90, waist: 72, hip: 98, acrossBack: 36, armLength: 60, upperArm: 29, neck: 35, thigh: 57, torsoLoop: 160 },
};

export const SAMPLE_PATTERN: Pattern = {
  ...blankPattern('pattern', 'view', 'Sandbar blouse', 'shirt'),
  designer: 'Lowtide Drafts',
  allowance: 1.5,
  views: [blankView('view', 'plain', ['acrossBack', 'bust', 'bodice', 'sleeve'])],
  charts: [
    {
      id: 'chart',
      name: 'body chart',
      sizes: ['A', 'B', 'C', 'D', 'E'],
      body: { bust: [82, 86, 90, 94, 98], waist: [64, 68, 72, 76, 80], hip: [90, 94, 98, 102, 106], acrossBack: [34, 35, 36, 37, 38] },
      finished: {},
      finishedOf: [],
    },
  ],
};

export function sampleFabric(id: string, rest: Partial<Fabric> = {}): Fabric {
  return { ...blankFabric(id, id), stretchAcross: 0, stretchAlong: 0, ...rest };
}

export function sampleMake(version: number, rest: Partial<Make> = {}): Make {
  const { finishedOn: _, ...blank } = blankMake(`make-${version}`, 'person', version, `2025-0${Math.min(9, version)}-01`);
  return {
    ...blank,
    sources: [{ patternId: 'pattern', viewId: 'view' }],
    size: { size: 'C' },
    fabrics: [{ id: 'use', fabricId: 'poplin', part: 'main' }],
    ...rest,
  };
}

export const AFTER_THREE: Seen = { at: 'worn', wears: 3 };

export function sampleNote(zone: ZoneId, outcome: Outcome, rest: Partial<FitNote> = {}): FitNote {
  return { id: `note-${zone}-${outcome}-${rest.date ?? ''}`, zone, outcome, seen: AFTER_THREE, date: '2025-06-01', ...rest };
}

export function sampleAlteration(kind: Alteration['kind'], amount: number | undefined, rest: Partial<Alteration> = {}): Alteration {
  return {
    id: `alteration-${kind}-${amount ?? 'bit'}`,
    kind,
    way: 'total',
    ...(amount === undefined ? { direction: 1 as const } : { amount }),
    purpose: 'fit',
    when: 'paper',
    ...rest,
  };
}

export function sampleCase(makes: readonly Make[], rest: Partial<PatternCase> = {}): PatternCase {
  return {
    pattern: SAMPLE_PATTERN,
    makes,
    bodies: [SAMPLE_BODY],
    fabrics: [sampleFabric('poplin'), sampleFabric('give', { stretchAcross: 20 }), sampleFabric('untested', { stretchAcross: undefined })],
    ...rest,
  };
}

/** A note's log likelihood as a function of θ. */
export const logLikelihoodAt = (note: Observation) => (theta: number) => {
  const values = new Float64Array(1);
  logLikelihood(note)({ start: theta, step: 1, values });
  return numberAt(values, 0);
};
