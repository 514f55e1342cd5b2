import type { Alteration, Cloth, FitNote, Make, MeasurementSet, Outcome, Pattern, Seen } from '../records';
import type { ZoneId } from '../measure/zones';
import type { PatternCase } from './case';

/** A small invented case for worked examples: one pattern with a plain chart, a body, cloths. Used by tests and the bench. */
export const SAMPLE_BODY: MeasurementSet = {
  id: 'body',
  personId: 'person',
  date: '2025-01-01',
  measures: { bust: 90, waist: 72, hip: 98, acrossBack: 36, armLength: 60, upperArm: 29, neck: 35, thigh: 57, torsoLoop: 160 },
};

export const SAMPLE_PATTERN: Pattern = {
  id: 'pattern',
  name: 'Sandbar blouse',
  designer: 'Lowtide Drafts',
  kind: 'shirt',
  fitClass: 'semi',
  wants: { structure: 'woven', stretch: 0 },
  allowance: 1.5,
  views: [{ id: 'view', name: 'plain', zones: ['acrossBack', 'bust', 'bodice', 'sleeve'], freeZones: [], zoneClass: {}, seams: {}, clothTable: [] }],
  charts: [
    {
      id: 'chart',
      name: 'body chart',
      sizes: ['A', 'B', 'C', 'D', 'E'],
      body: { bust: [82, 86, 90, 94, 98], waist: [64, 68, 72, 76, 80], hip: [90, 94, 98, 102, 106], acrossBack: [34, 35, 36, 37, 38] },
      finished: {},
    },
  ],
  state: 'kept',
};

export function sampleCloth(id: string, rest: Partial<Cloth> = {}): Cloth {
  return {
    id,
    name: id,
    structure: 'woven',
    stretchAcross: 0,
    stretchAlong: 0,
    swatch: { print: 'plain', ground: '#cccccc', figure: '#999999', repeat: 2 },
    pieces: [],
    ...rest,
  };
}

export function sampleMake(version: number, rest: Partial<Make> = {}): Make {
  return {
    id: `make-${version}`,
    personId: 'person',
    sources: [{ patternId: 'pattern', viewId: 'view' }],
    version,
    kind: 'garment',
    lacking: [],
    state: 'finished',
    cutOn: `2025-0${Math.min(9, version)}-01`,
    size: { size: 'C' },
    sizeLines: [],
    measured: [],
    alterations: [],
    cloths: [{ id: 'use', clothId: 'poplin', part: 'main' }],
    notes: [],
    looseEnds: [],
    fitNotes: [],
    verdicts: [],
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
    cloths: [sampleCloth('poplin'), sampleCloth('give', { stretchAcross: 20 }), sampleCloth('untested', { stretchAcross: undefined })],
    ...rest,
  };
}
