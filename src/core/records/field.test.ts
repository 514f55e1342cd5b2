import { z } from 'zod';
import * as records from './index';
import { choicesOf, field, fieldMeta, fieldProblem, type FieldKind } from './field';

/** Shapes whose fields are asked for one by one. */
const ASKED: Record<string, { shape: Record<string, z.ZodType>; unasked: readonly string[] }> = {
  Person: { shape: records.Person.shape, unasked: ['id', 'child', 'wanted', 'bought'] },
  Fabric: { shape: records.Fabric.shape, unasked: ['id', 'tests', 'swatch', 'pieces'] },
  Swatch: { shape: records.Swatch.shape, unasked: [] },
  Wear: { shape: records.Wear.shape, unasked: ['id', 'makeIds'] },
  MeasurementSet: { shape: records.MeasurementSet.shape, unasked: ['id', 'personId', 'date', 'measures'] },
  Notion: { shape: records.Notion.shape, unasked: ['id'] },
  TimeSpent: { shape: records.TimeSpent.shape, unasked: ['id'] },
  Mend: { shape: records.Mend.shape, unasked: ['id'] },
  ConstructionNote: { shape: records.ConstructionNote.shape, unasked: ['id', 'about', 'rested'] },
  PartSource: { shape: records.PartSource.shape, unasked: ['patternId', 'viewId', 'zones'] },
  SewnSet: { shape: records.SewnSet.shape, unasked: ['id'] },
  Collection: { shape: records.Collection.shape, unasked: ['id'] },
  Report: { shape: records.Report.shape, unasked: ['id', 'zone', 'direction'] },
  Offers: { shape: records.Offers.shape, unasked: [] },
  BoughtGarment: { shape: records.BoughtGarment.shape, unasked: ['id', 'measured'] },
  Bought: { shape: records.Bought.shape, unasked: [] },
  CameOut: { shape: records.CameOut.shape, unasked: ['id', 'fabricId'] },
  LooseEnd: { shape: records.LooseEnd.shape, unasked: ['id', 'since'] },
  Erratum: { shape: records.Erratum.shape, unasked: ['id'] },
  FlatDetails: { shape: records.FlatDetails.shape, unasked: [] },
  VerdictParts: { shape: records.VerdictParts.shape, unasked: [] },
  FabricUse: { shape: records.FabricUse.shape, unasked: ['id', 'fabricId', 'taken'] },
  Plan: {
    shape: records.Plan.shape,
    unasked: [
      'id',
      'personId',
      'patternId',
      'viewId',
      'lacking',
      'chartId',
      'size',
      'sizeLines',
      'alterations',
      'fabrics',
      'bodyId',
      'expected',
      'openings',
      'bands',
      'lay',
      'bench',
      'occasionId',
      'wornWith',
      'meant',
      'listId',
      'joins',
      'setId',
      'refashionOf',
      'bought',
      'chosen',
      'place',
      'checks',
      'makeId',
      'added',
    ],
  },
  Occasion: { shape: records.Occasion.shape, unasked: ['id', 'personId'] },
  SewingTime: { shape: records.SewingTime.shape, unasked: ['id', 'kind', 'weekday', 'from', 'source'] },
  BenchStep: { shape: records.BenchStep.shape, unasked: ['id', 'done', 'left'] },
  WaitsFor: { shape: records.WaitsFor.shape, unasked: ['since'] },
  BandPiece: { shape: records.BandPiece.shape, unasked: ['id'] },
  PlanList: { shape: records.PlanList.shape, unasked: ['id', 'added'] },
  Away: { shape: records.Away.shape, unasked: ['id'] },
  Pattern: {
    shape: records.Pattern.shape,
    unasked: ['id', 'wants', 'errata', 'paper', 'views', 'charts', 'decided', 'collectionId', 'joins', 'offers', 'reports'],
  },
  OwnDecision: { shape: records.OwnDecision.shape, unasked: ['id', 'personId', 'date'] },
};

describe.each(Object.entries(ASKED))('%s', (_, { shape, unasked }) => {
  test('every field that is asked for has a label, and no two the same', () => {
    const labels = Object.entries(shape).flatMap(([name, s]) => (unasked.includes(name) ? [] : [fieldMeta(s).label]));
    expect(new Set(labels).size).toBe(labels.length);
    for (const label of labels) expect(label).toMatch(/^[A-Z]/);
  });

  test('a field of choices offers some, and no other does', () => {
    for (const [name, s] of Object.entries(shape)) {
      if (unasked.includes(name)) continue;
      const { ask } = fieldMeta(s);
      expect([name, choicesOf(s).length > 0]).toEqual([name, ask === 'choice' || ask === 'choices']);
    }
  });

  test('what its kind reads is what its shape takes', () => {
    const SAMPLES: Partial<Record<FieldKind, unknown>> = {
      text: 'words',
      words: 'words',
      link: 'https://example.org/a-page?of=it',
      length: 12.5,
      number: 12,
      'fabric weight': 180,
      'fabric length': 120,
      whole: 3,
      percent: 20,
      money: { minor: 1250, currency: 'EUR' },
      minutes: 90,
      date: '2026-03-09',
      month: '2026-03',
      yes: true,
      colour: '#20302d',
    };
    for (const [name, s] of Object.entries(shape)) {
      if (unasked.includes(name)) continue;
      const { ask } = fieldMeta(s);
      const value = ask === 'choice' ? choicesOf(s)[0] : ask === 'choices' ? [choicesOf(s)[0]] : SAMPLES[ask];
      expect([name, fieldProblem(s, value)]).toEqual([name, undefined]);
    }
  });
});

describe('a field', () => {
  const drape = field(z.int().min(1).max(5).optional(), { label: 'Drape', ask: 'whole' });

  test('says what it may not be in the words of its shape, as a sentence', () => {
    expect(fieldProblem(records.Fabric.shape.width, -3)).toBe('Must be more than nothing.');
    expect(fieldProblem(drape, 9)).toMatch(/^[A-Z].*\.$/);
    expect(fieldProblem(records.Person.shape.birthMonth, '2019-13')).toBe('Not a month such as 2019-05.');
    expect(fieldProblem(drape, undefined)).toBeUndefined();
  });

  test('a link is a page of the web, and nothing that would run', () => {
    for (const odd of ['kelp.example', 'javascript:alert(1)', 'file:///etc/hosts', 'a drawing'])
      expect(fieldProblem(records.Pattern.shape.link, odd)).toMatch(/^Not a link such as/);
    expect(fieldProblem(records.Plan.shape.link, 'http://example.org')).toBeUndefined();
  });

  test('knows its choices through whatever wraps them', () => {
    const one = z.enum(['a', 'b']);
    for (const shape of [one, one.optional(), one.default('a'), z.array(one), z.array(one).default([]).optional()])
      expect(choicesOf(shape)).toEqual(['a', 'b']);
    expect(choicesOf(z.string())).toEqual([]);
  });

  test('a shape without a label cannot be asked for', () => {
    expect(() => fieldMeta(z.string())).toThrow(/no label/);
  });

  test('metadata does not change what a shape takes', () => {
    expect(drape.parse(3)).toBe(3);
    expect(() => drape.parse(6)).toThrow();
  });
});
