import { sampleAlteration, sampleFabric, sampleMake, sampleNote, SAMPLE_BODY, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Make, Wear } from '../records';
import { toMarkdown } from './sheet';
import { reviewSheet } from './review-sheet';
import { statementOf, type StatementInput } from './statement';
import { statementSheet } from './statement-sheet';

const SPAN = { name: 'Spring 2026', from: '2026-03-01', until: '2026-05-31' };
const eur = (minor: number) => ({ minor, currency: 'EUR' });
const person = { id: 'person', name: 'Ebba', child: false };
const verdict = (date: string, love: number, wears: number, rest = {}) => ({ id: date, date, love, wears, reasons: [], ...rest });
const wear = (id: string, date: string, makeIds: string[], rest: Partial<Wear> = {}): Wear => ({ id, date, makeIds, count: 1, ...rest });
const finished = (version: number, day: string, rest: Partial<Make> = {}) => sampleMake(version, { cutOn: day, finishedOn: day, ...rest });

const second = { ...SAMPLE_PATTERN, id: 'second', name: 'Kittiwake skirt', kind: 'skirt' as const, added: '2026-04-01', price: eur(1450) };
const first = finished(1, '2025-10-01', {
  fitNotes: [sampleNote('bust', 1), sampleNote('sleeve', -2)],
  alterations: [sampleAlteration('bodice-above-bust', 1.5)],
  verdicts: [verdict('2025-10-01', 5, 0), verdict('2026-04-10', 2, 6, { reasons: ['fabric'], words: 'It creases.' })],
});
const right = finished(2, '2026-03-10', {
  fitNotes: [sampleNote('bust', 0, { date: '2026-04-01' }), sampleNote('sleeve', 0, { date: '2026-04-01' })],
  fabrics: [{ id: 'u', fabricId: 'poplin', part: 'main', length: 185 }],
  times: [
    { id: 't', phase: 'cut', minutes: 60 },
    { id: 's', phase: 'sew', minutes: 240 },
  ],
  notions: [
    { id: 'n', what: '7 buttons', cost: eur(420) },
    { id: 'm', what: 'thread' },
  ],
});
const skirt = finished(1, '2026-05-02', {
  id: 'skirt',
  sources: [{ patternId: 'second', viewId: 'view' }],
  alterations: [sampleAlteration('bodice-above-bust', 2)],
  fabrics: [],
});
const dropped = sampleMake(3, { cutOn: '2026-03-05', state: 'abandoned', stage: 'the collar', why: 'frayed away' });
const given = finished(4, '2024-01-01', { state: 'given', stateSince: '2026-03-20', why: 'too short by now' });

const INPUT: StatementInput = {
  span: SPAN,
  makes: [first, right, skirt, dropped, given],
  wears: [
    wear('1', '2026-03-12', [right.id]),
    wear('2', '2026-05-31', [right.id, first.id]),
    wear('3', '2026-06-01', [right.id]),
    wear('4', '2026-05-22', [first.id], { until: '2026-06-10', count: 10 }),
  ],
  patterns: [SAMPLE_PATTERN, second],
  fabrics: [
    sampleFabric('poplin', { bought: '2026-03-02', boughtLength: 250, pricePerMetre: eur(1190), pieces: [{ length: 65, width: 140 }] }),
    sampleFabric('gift', { bought: '2026-04-02', boughtLength: 100, pieces: [{ length: 100, width: 150 }] }),
  ],
  plans: [
    { id: 'p', personId: 'person', patternId: 'pattern', viewId: 'view', kind: 'garment', listId: 'l', state: 'made', makeId: right.id } as never,
    { id: 'q', personId: 'person', patternId: 'second', viewId: 'view', kind: 'garment', listId: 'l', state: 'open' } as never,
    { id: 'r', personId: 'person', patternId: 'second', viewId: 'view', kind: 'garment', listId: 'l', state: 'dropped' } as never,
  ],
  collections: [],
  lists: [{ id: 'l', name: 'the nine of May', added: '2026-01-01' }],
  bodies: [{ ...SAMPLE_BODY, date: '2026-03-15' }],
  hemisphere: 'north',
  currency: 'EUR',
  today: '2026-11-25',
};

describe('a statement', () => {
  const said = statementOf(INPUT);

  test('makes: finished, failed with why, left', () => {
    expect(said.finished).toEqual([right, skirt]);
    expect(said.failed).toEqual([
      { make: first, why: 'love 2 of 5: fabric: It creases.' },
      { make: dropped, why: 'abandoned at the collar: frayed away' },
    ]);
    expect(said.left).toEqual([given]);
  });

  test('wears within it, an estimate by its days', () => {
    // Ten wears over twenty days, ten of them in May: five, of which one day was noted.
    expect(said.wears.most.map((w) => [w.make.id, w.times])).toEqual([
      [first.id, 5],
      [right.id, 2],
    ]);
    expect(said.wears).toMatchObject({ times: 7, estimated: true, byKind: [{ kind: 'shirt', times: 7 }] });
    expect(said.wears.least.map((w) => w.make.id)).toEqual(['skirt']);
  });

  test('fabric in, used and left', () => {
    expect(said.fabric.bought.map((b) => b.length)).toEqual([250, 100]);
    expect(said.fabric.used.map((u) => [u.fabric.id, u.length])).toEqual([['poplin', 185]]);
    // The abandoned one and the skirt’s fabric: one use without a length.
    expect(said.fabric.unmeasured).toBe(1);
    expect(said.fabric.stash).toEqual({ length: 165, fabrics: 2 });
  });

  test('hours by phase, and what nobody timed', () =>
    expect(said.minutes).toEqual({
      total: 300,
      untimed: 1,
      byPhase: [
        { phase: 'sew', minutes: 240 },
        { phase: 'cut', minutes: 60 },
      ],
    }));

  test('money to the cent, the unknown by name', () =>
    expect(said.money).toEqual({
      fabric: { minor: 2975, unknown: ['gift'] },
      notions: { minor: 420, unknown: ['thread'] },
      patterns: { minor: 1450, unknown: [] },
      mends: { minor: 0, unknown: [] },
    }));

  test('the list’s progress; what was dropped does not count', () =>
    expect(said.lists).toEqual([{ list: INPUT.lists[0], made: 1, of: 2, inSpan: 1 }]));

  test('learned: came right, usual alteration, a mind changed', () => {
    expect(said.cameRight).toEqual([{ pattern: SAMPLE_PATTERN, make: right }]);
    expect(said.usual.map((u) => [u.alteration.amount, u.patterns.map((p) => p.id)])).toEqual([[2, ['pattern', 'second']]]);
    expect(said.changedMinds.map((c) => [c.from.love, c.to.love])).toEqual([[5, 2]]);
    // Another span learned none of it.
    const before = statementOf({ ...INPUT, span: { name: '2025', from: '2025-01-01', until: '2025-12-31' } });
    expect([before.cameRight, before.usual, before.changedMinds]).toEqual([[], [], []]);
  });

  test('what nobody noted is no nought', () => {
    const sheetOf = (rest: Partial<typeof INPUT>) => {
      return toMarkdown(statementSheet(statementOf({ ...INPUT, ...rest }), INPUT, [person], 'cm', { prices: false, body: false }), () => undefined);
    };
    const bare = sheetOf({ wears: [], fabrics: INPUT.fabrics.map((f) => ({ ...f, bought: undefined, pieces: [] })) });
    expect(bare).toContain('| bought | none noted |');
    expect(bare).toContain('| in the stash today | none noted |');
    expect(bare).not.toMatch(/0 wears|Least worn/);
    const unmeasured = sheetOf({ fabrics: INPUT.fabrics.map((f) => (f.id === 'gift' ? { ...f, boughtLength: undefined } : f)) });
    expect(unmeasured).toContain('| bought | at least 2.5\u202fm |');
  });

  test('prices and bodies stay out unless asked for', () => {
    const text = (options: { prices: boolean; body: boolean }) =>
      toMarkdown(statementSheet(said, INPUT, [person], 'cm', options), (id) => (id === right.id ? 'pictures/1.svg' : undefined));
    const shy = text({ prices: false, body: false });
    expect(shy).not.toMatch(/EUR|Measured|72\scm/);
    expect(shy).toContain('![Sandbar blouse, version 2](pictures/1.svg)');
    expect(shy).toContain('| in the stash today | 1.65\u202fm in 2 fabrics |');
    expect(text({ prices: true, body: false })).toContain('| In all | 48.45\u202fEUR |');
    expect(text({ prices: true, body: false })).toContain('not known: gift, thread');
    expect(text({ prices: false, body: true })).toMatch(/\| waist \| 72\scm \|/);
  });
});

describe('a review', () => {
  const input = {
    make: right,
    makes: INPUT.makes,
    patterns: INPUT.patterns,
    fabrics: INPUT.fabrics,
    bodies: INPUT.bodies,
    wears: 12,
    cost: '41.20\u202fEUR',
  };
  const text = (options = { prices: false, body: false }) => toMarkdown(reviewSheet(input, 'cm', options), () => 'front.svg');

  test('what sewists publish, and no more', () => {
    expect(text()).toContain('# Sandbar blouse, version 2');
    expect(text()).toContain('- **Pattern:** Sandbar blouse by Lowtide Drafts');
    expect(text()).toContain('- **Size:** C');
    expect(text()).toContain('1.85\u202fm');
    expect(text()).toContain('- worn 12\u202f× so far');
    expect(text()).not.toMatch(/41\.20|Made for/);
    expect(toMarkdown(reviewSheet({ ...input, wears: 0 }, 'cm', { prices: false, body: false }), () => 'front.svg')).not.toContain('worn');
  });

  test('cost and body if asked for', () => {
    expect(text({ prices: true, body: false })).toContain('cost 41.20');
    expect(text({ prices: false, body: true })).toMatch(/\| bust \| 90\scm \|/);
  });
});

test('signs of markup in names stay what they are', () =>
  expect(
    toMarkdown(
      {
        title: '# not *so*',
        under: '',
        blocks: [
          { kind: 'list', items: ['1. a `b` <c>'] },
          { kind: 'table', caption: 'x', columns: [{ head: 'a' }, { head: 'b', figures: true }], rows: [['a|b', 'two\nlines']] },
        ],
      },
      () => undefined,
    ),
  ).toBe('# \\# not \\*so\\*\n\n- 1\\. a \\`b\\` \\<c\\>\n\n**x**\n\n| a | b |\n| --- | ---: |\n| a\\|b | two lines |\n'));

test('what nobody said when it was made is in no statement, and that is said', () => {
  const { finishedOn: _, ...of } = finished(5, '2026-04-02', { id: 'undated', undated: true });
  const input = { ...INPUT, makes: [...INPUT.makes, of] };
  const statement = statementOf(input);
  expect(statement.finished.map((m) => m.id)).not.toContain('undated');
  expect(statement.underWay.map((m) => m.id)).not.toContain('undated');
  // What is in hand is under way since it was told at the latest; what was given up then may have been given up long before.
  const inHand = statementOf({ ...input, makes: [...INPUT.makes, { ...of, state: 'cut' }] });
  expect(inHand.underWay.map((m) => m.id)).toContain('undated');
  const givenUp = statementOf({ ...input, makes: [...INPUT.makes, { ...of, state: 'abandoned' }] });
  expect([...givenUp.failed.map(({ make }) => make.id), ...givenUp.underWay.map((m) => m.id)]).not.toContain('undated');
  const sheet = statementSheet(statement, input, [person], 'cm', { prices: false, body: false });
  expect(toMarkdown(sheet, () => undefined)).toContain('And 1 make of which nobody noted when');
});

test('what is only known to be of a year is in its statement, and may be in that of a month', () => {
  const of = finished(5, '2026-07-01', { id: 'of the year', knownTo: 'year' });
  const inYear = statementOf({ ...INPUT, makes: [...INPUT.makes, of], span: { name: '2026', from: '2026-01-01', until: '2026-12-31' } });
  expect([inYear.finished.map((m) => m.id).includes('of the year'), inYear.perhaps]).toEqual([true, 0]);
  const input = { ...INPUT, makes: [...INPUT.makes, of], span: { name: 'July 2026', from: '2026-07-01', until: '2026-07-31' } };
  const inMonth = statementOf(input);
  expect([inMonth.finished.map((m) => m.id).includes('of the year'), inMonth.perhaps]).toEqual([false, 1]);
  const sheet = statementSheet(inMonth, input, [person], 'cm', { prices: false, body: false });
  expect(toMarkdown(sheet, () => undefined)).toContain('1 make may be of this time or not');
});
