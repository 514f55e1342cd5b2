import { SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleFabric, sampleMake } from '../garment/sample-case';
import type { Make, Plan } from '../records';
import { blankPlan } from '../records/blank';
import { longerBy } from './took';
import { cutSheet } from './cut-sheet';

const last = sampleMake(1, {
  alterations: [sampleAlteration('sleeve-length', 1.5, { when: 'body' })],
  notes: [
    { id: 'n1', kind: 'setting', words: 'needle 80, stitch 2.5' },
    { id: 'n2', kind: 'erratum', words: 'step 9' },
  ],
});
const wish = sampleAlteration('body-at-hem', -5, { purpose: 'style' });
const pattern = { ...SAMPLE_PATTERN, views: [{ ...SAMPLE_PATTERN.views[0]!, wishes: [wish] }] };
const sheetOf = (make: Partial<Make>, plans: readonly Plan[] = [], before: Make = last) =>
  cutSheet({
    input: sampleCase([before], { pattern, fabrics: [sampleFabric('c', { pieces: [{ length: 250, width: 140 }], nap: true })] }),
    make: sampleMake(2, { id: 'plan', fabrics: [{ id: 'p', fabricId: 'c', part: 'main', length: 190 }], ...make }),
    person: { id: 'person', name: 'Maren', child: false },
    today: '2025-06-01',
    unit: 'cm',
    plans,
  });
const plain = (text: string) => text.replace(/\s/g, ' ');

test('lines to trace: each that differs, then everywhere else; a line between two can be drawn', () => {
  const { trace } = sheetOf({ size: { size: 'D' }, sizeLines: [{ zone: 'acrossBack', line: { size: 'C', to: 'D', at: 0.5 } }] });
  expect(trace).toEqual([
    { where: 'across back', line: 'between C and D', between: { from: 'C', to: 'D', at: 0.5 } },
    { where: 'everywhere else', line: 'D' },
  ]);
  expect(sheetOf({ size: { size: 'D' } }).trace.map((t) => t.where)).toEqual(['all over']);
});

test('bands are measured out with the lines: their fold and their pieces, as they were written into the plan', () => {
  const bands = [{ id: 'b', zone: 'waistband' as const, cut: 40, pieces: 2, onFold: false, allowance: 1, overlap: 3 }];
  const { trace } = sheetOf({ size: { size: 'D' } }, [{ ...blankPlan('plan', 'person', 'pattern', 'view', '2025-06-01'), bands }]);
  expect(trace.at(-1)!.where).toBe('waistband, the piece');
  expect(plain(trace.at(-1)!.line)).toBe('2 × 40 cm, less 1 cm at each end and 3 cm of overlap');
});

test('alterations in the order of the work, with what is easily forgotten; the seams are trued last', () => {
  const { steps, checks } = sheetOf({ alterations: [sampleAlteration('sleeve-length', 1.5), sampleAlteration('bodice-above-bust', 1)] });
  expect(steps.map((s) => plain(s.words))).toEqual(['bodice above the bust +1 cm', 'sleeve length +1.5 cm', 'True the seams']);
  expect(steps[0]!.detail).toContain('Change the sleeve cap by the same: walk the sleeve into the armhole.');
  expect(steps[1]!.detail.at(-1)).toBe('on the body, version 1; not yet marked on the paper: mark it now');
  // Marking stands with its alteration and is no check of its own on the sheet.
  expect(checks.filter((c) => c.id.startsWith('mark'))).toEqual([]);
  expect(sheetOf({}).steps).toEqual([]);
});

test('fabric with what is needed and what is there; what helped last time, and a wish that the plan has not taken', () => {
  const { fabrics, lastTime } = sheetOf({});
  expect(fabrics.map((c) => plain(`${c.part} ${c.name}: ${c.needed}; ${c.hand}`))).toEqual([
    'main c: 190 cm at 140 cm, all one way; 250 cm · plenty',
  ]);
  expect(lastTime.map((s) => plain(s.words))).toEqual(['needle 80, stitch 2.5', 'length at the hem −5 cm']);
  expect(sheetOf({ alterations: [wish] }).lastTime).toHaveLength(1);
});

test('what was meant for it: what is kept in words and what nobody has answered, but not what was taken or declined', () => {
  const meant = { ...last, notes: ['a', 'b', 'c', 'd'].map((id) => ({ id, kind: 'next time' as const, words: `meant ${id}` })) };
  const plan: Plan = {
    ...blankPlan('plan', 'person', 'pattern', 'view', '2025-06-01'),
    meant: [
      { id: 'a', answer: 'in words' },
      { id: 'b', answer: 'taken' },
      { id: 'c', answer: 'declined' },
    ],
  };
  const { lastTime } = sheetOf({}, [plan], meant);
  expect(lastTime.slice(0, -1).map((s) => [s.words, s.detail[0]])).toEqual([
    ['meant a', 'meant in version 1'],
    ['meant d', 'meant in version 1; the plan does not say yet whether'],
  ]);
});

test('lengthening takes fabric, and shortening gives none back', () => {
  const input = sampleCase([last]);
  const added = (amount: number) => longerBy(input, sampleMake(2, { alterations: [sampleAlteration('body-at-hem', amount)] }));
  expect([added(4), added(-4)]).toEqual([4, 0]);
});
