import fc from 'fast-check';
import { blankPlan } from '../records/blank';
import { sampleAlteration, sampleCase, sampleMake } from '../garment/sample-case';

import { inItsPlace, meantFor, meantForPlan, withMeant, withoutAnswer, type Intended } from './meant';

const nothing: Intended = { alterations: [], sizeLines: [], fabrics: [] };
const note = (id: string, kind: 'next time' | 'tip' = 'next time') => ({ id, kind, words: id });
const input = sampleCase([
  sampleMake(1, { notes: [note('hem'), note('steam', 'tip')] }),
  sampleMake(2, { notes: [note('sleeve'), note('wool')] }),
  sampleMake(3, { notes: [note('left out')], setAside: 'another shape altogether' }),
]);
const plan = { ...blankPlan('plan', 'person', 'pattern', 'view', '2026-01-01'), alterations: [sampleAlteration('sleeve-length', 1.5)] };
const longer = { ...nothing, alterations: [{ ...sampleAlteration('sleeve-length', 3.5), id: 'meant' }] };

test('what was meant, the latest first; other notes and versions left out say nothing of it', () => {
  expect(meantFor(input, []).map((m) => [m.make.version, m.note.id])).toEqual([
    [2, 'sleeve'],
    [2, 'wool'],
    [1, 'hem'],
  ]);
});

test('what one plan answered another does not ask; a plan that is dropped has answered nothing', () => {
  const answered = withMeant(input, plan, { note: note('hem') }, 'declined');
  const next = { ...plan, id: 'next' };
  expect(meantForPlan(input, next, [answered, next]).map((m) => m.note.id)).toEqual(['sleeve', 'wool']);
  expect(meantForPlan(input, answered, [answered]).find((m) => m.note.id === 'hem')?.answered?.answer).toBe('declined');
  expect(meantForPlan(input, next, [{ ...answered, state: 'dropped' as const }, next])).toHaveLength(3);
  expect(meantForPlan(input, next, [{ ...answered, state: 'made' as const }, next])).toHaveLength(2);
});

test('what is meant by the garment that a plan became is for the plan after it', () => {
  const made = { ...plan, state: 'made' as const, makeId: 'make-2' };
  expect(meantForPlan(input, made, [made]).map((m) => m.note.id)).toEqual(['hem']);
  expect(meantForPlan(input, { ...plan, id: 'next' }, [made])).toHaveLength(3);
});

test('taken, it stands in place of what the plan says there and never beside it', () => {
  expect(inItsPlace(input, plan, longer.alterations[0]!)).toEqual(plan.alterations);
  const taken = withMeant(input, plan, { note: note('sleeve') }, 'taken', longer);
  expect(taken.alterations).toEqual(longer.alterations);
  expect(taken.meant).toEqual([{ id: 'sleeve', answer: 'taken' }]);
});

test('an alteration of another place stays, and so does one for looks', () => {
  const looks = { ...sampleAlteration('sleeve-length', -4), id: 'looks', purpose: 'style' as const };
  const kept = { ...plan, alterations: [looks, sampleAlteration('body-at-hem', -3)] };
  expect(withMeant(input, kept, { note: note('sleeve') }, 'taken', longer).alterations).toEqual([...kept.alterations, ...longer.alterations]);
});

test('sizes, a view and a fabric that were meant come into the plan', () => {
  const full = {
    ...plan,
    sizeLines: [{ zone: 'bust' as const, line: { size: 'B' } }],
    fabrics: [{ id: 'a', fabricId: 'poplin', part: 'main' as const }],
  };
  const intended: Intended = {
    ...nothing,
    size: { size: 'D' },
    sizeLines: [{ zone: 'bust', line: { size: 'E' } }],
    viewId: 'long',
    fabrics: [{ id: 'b', fabricId: 'wool', part: 'main' }],
  };
  expect(withMeant(input, full, { note: note('wool') }, 'taken', intended)).toMatchObject({
    size: { size: 'D' },
    sizeLines: intended.sizeLines,
    viewId: 'long',
    fabrics: intended.fabrics,
  });
});

test('declined or kept in words, nothing of the plan changes but the answer; and it can be taken back', () => {
  fc.assert(
    fc.property(fc.constantFrom('declined' as const, 'in words' as const), fc.constantFrom('hem', 'sleeve', 'wool'), (answer, id) => {
      const answered = withMeant(input, plan, { note: note(id) }, answer, longer);
      expect(withoutAnswer(answered, id)).toEqual({ ...plan, meant: [] });
      expect(withMeant(input, answered, { note: note(id) }, answer, longer)).toEqual(answered);
    }),
  );
});
