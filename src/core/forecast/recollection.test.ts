import type { Make, Pattern } from '../records';
import { carryForward } from './carry-forward';
import type { PatternCase } from '../garment/case';
import { whyAt } from './why';
import { Recollection } from './recollection';
import { sampleCase, sampleMake, sampleNote, SAMPLE_BODY, SAMPLE_PATTERN } from '../garment/sample-case';
import type { Outcome } from '../records';

/** A pattern of the sample's chart under another name, made once as drafted in C (which is the sample body's size) or otherwise. */
function madeOnce(id: string, designer: string | undefined, bodice: Outcome, rest: Partial<Make> = {}): PatternCase {
  const { designer: _, ...plain } = SAMPLE_PATTERN;
  const pattern: Pattern = { ...plain, id, name: id, ...(designer ? { designer } : {}) };
  const make = sampleMake(1, { id: `make-${id}`, sources: [{ patternId: id, viewId: 'view' }], fitNotes: [sampleNote('bodice', bodice)], ...rest });
  return sampleCase([make], { pattern });
}

const three = [madeOnce('heron', 'Lowtide Drafts', -2), madeOnce('egret', 'Lowtide Drafts', -2), madeOnce('plover', 'Ninth Wave', -2)];
const unmade: PatternCase = { ...madeOnce('curlew', 'Ninth Wave', 0), makes: [] };

describe('what a person’s patterns taught', () => {
  test('a bodice short in three patterns is a usual alteration, with the amount and how sure', () => {
    const [usual] = new Recollection(three).usual();
    expect(usual).toMatchObject({ zone: 'bodice', patterns: ['heron', 'egret', 'plover'] });
    expect(usual!.chance).toBeGreaterThan(0.8);
    expect(usual!.best.median).toBeGreaterThan(1.5);
    expect(usual!.best.median).toBeLessThan(4);
  });

  test('one pattern is not enough, and what was right is no alteration', () => {
    expect(new Recollection(three.slice(0, 1)).usual()).toEqual([]);
    expect(new Recollection([madeOnce('heron', 'A', 0), madeOnce('egret', 'B', 0)]).usual()).toEqual([]);
  });

  test('the first cut of a new pattern: better than as drafted, and by whom', () => {
    const first = new Recollection(three).firstCut(unmade, '2026-01-01').find((f) => f.zone === 'bodice')!;
    expect(first.best.median).toBeGreaterThan(1.5);
    expect(first.atBest).toBeGreaterThan(first.asDrafted);
    expect(first.influences.map((s) => [s.patternId, s.sameDesigner])).toEqual([
      ['plover', true],
      ['heron', false],
      ['egret', false],
    ]);
    expect(first.influences.every((s) => s.movedBy > 0)).toBe(true);
  });

  test('zones of which nobody influences are not answered', () =>
    expect(new Recollection(three).firstCut(unmade, '2026-01-01').map((f) => f.zone)).toEqual(['bodice']));

  test('without a pattern’s notes the answer is what it was before it was made', () => {
    const rest = three.slice(0, 2);
    const before = new Recollection(rest).others(unmade, 'bodice')!.belief();
    const moved = new Recollection(three).others(unmade, 'bodice')!.belief();
    const plover = new Recollection(three).influences(unmade, 'bodice').find((s) => s.patternId === 'plover')!;
    expect(moved.median - plover.movedBy).toBeCloseTo(before.median, 1);
  });

  test('a pattern does not speak to itself', () => {
    const alone = madeOnce('heron', 'A', -3);
    expect(new Recollection([alone]).others(alone, 'bodice')).toBeUndefined();
    expect(new Recollection(three).influences(three[0]!, 'bodice').map((s) => s.patternId)).not.toContain('heron');
  });

  test('where the body was never measured, nothing is said to others and nothing taken from them', () => {
    const unmeasured = { ...madeOnce('stranger', 'A', 0, { fitNotes: [sampleNote('bust', -3)] }), bodies: [] };
    const measured = madeOnce('heron', 'B', 0, { fitNotes: [sampleNote('bust', 0)] });
    const memory = new Recollection([unmeasured, measured]);
    expect(memory.others(measured, 'bust')).toBeUndefined();
    expect(memory.others(unmeasured, 'bust')).toBeUndefined();
  });

  test('after one new note only its pattern is reckoned again, and the answer is the same as from nothing', () => {
    const before = new Recollection(three);
    expect(before.anew).toBe(3);
    const again = [...three];
    expect(new Recollection(again, before).anew).toBe(0);
    const noted = again.map((c) => (c.pattern.id === 'egret' ? madeOnce('egret', 'Lowtide Drafts', 1) : c));
    const after = new Recollection(noted, before);
    expect(after.anew).toBe(1);
    expect(after.others(unmade, 'bodice')!.belief()).toEqual(new Recollection(noted).others(unmade, 'bodice')!.belief());
    expect(after.others(unmade, 'bodice')!.belief()).not.toEqual(before.others(unmade, 'bodice')!.belief());
    // Another body, or another fabric, makes every garment another one.
    const grown = again.map((c) => ({ ...c, bodies: [{ ...SAMPLE_BODY, note: 'measured anew' }] }));
    expect(new Recollection(grown, before).anew).toBe(3);
  });

  test('a zone that a recollection was never asked about is known to the next as it last was, with what changed since', () => {
    const asked = new Recollection(three);
    const first = asked.others(unmade, 'bodice')!.belief();
    const noted = three.map((c) => (c.pattern.id === 'egret' ? madeOnce('egret', 'Lowtide Drafts', 1) : c));
    // In between egret was noted, and nobody asked.
    const later = new Recollection(three, new Recollection(noted, asked));
    expect(later.anew).toBe(1);
    expect(later.others(unmade, 'bodice')!.belief()).toEqual(first);
    const noLonger = new Recollection(noted, new Recollection(three, asked));
    expect(noLonger.others(unmade, 'bodice')!.belief()).toEqual(new Recollection(noted).others(unmade, 'bodice')!.belief());
    expect(noLonger.zones).toEqual(new Recollection(noted).zones);
  });

  test('two patterns without a designer are two designers', () => {
    const memory = new Recollection([madeOnce('heron', undefined, -2), madeOnce('egret', undefined, -2)]);
    expect(memory.influences(unmade, 'bodice').every((s) => !s.sameDesigner)).toBe(true);
    expect(memory.designers()).toEqual([]);
  });

  test('a designer runs small where all of theirs are short and nobody else’s is', () => {
    const short = ['a', 'b', 'c', 'd'].map((id) =>
      madeOnce(id, 'Lowtide Drafts', -3, { fitNotes: [sampleNote('bodice', -3), sampleNote('bust', 0)] }),
    );
    const fair = ['e', 'f', 'g', 'h'].map((id) => madeOnce(id, 'Ninth Wave', 0));
    const cases = [...short, ...fair, madeOnce('i', 'Third', 0), madeOnce('j', 'Fourth', 0)];
    const habits = new Recollection(cases).designers();
    expect(habits.find((h) => h.designer === 'Lowtide Drafts')).toMatchObject({ zone: 'bodice' });
    expect(habits.find((h) => h.designer === 'Lowtide Drafts')!.best.median).toBeGreaterThan(0.7);
    expect(habits.some((h) => h.zone === 'bust')).toBe(false);
  });
});

describe('memory in what is carried forward', () => {
  const plan = { date: SAMPLE_BODY.date, unit: 'cm' as const };
  const own = madeOnce('curlew', 'Ninth Wave', -1);
  const at = (memory?: Recollection) => carryForward(own, plan, memory)!.zones.find((z) => z.zone === 'bodice')!;

  test('what others taught moves the best cut and narrows it', () => {
    const [alone, remembered] = [at(), at(new Recollection([...three, own]))];
    expect(remembered.best.median).toBeGreaterThan(alone.best.median);
    expect(remembered.best.high - remembered.best.low).toBeLessThan(alone.best.high - alone.best.low);
    expect(new Recollection([...three, own]).influences(own, 'bodice')[0]).toMatchObject({ patternId: 'plover', sameDesigner: true });
    const why = whyAt(own, 'bodice', new Recollection([...three, own]));
    expect(whyAt(own, 'bodice').saidByOthers).toBeUndefined();
    // The range before any note is what the others said.
    expect(why.closingIn[0]!.best.median).toBeCloseTo(why.saidByOthers!.median, 1);
  });

  test('with nobody else, nothing changes', () => expect(at(new Recollection([own]))).toEqual(at()));
});
