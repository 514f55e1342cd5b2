import { blankFabric } from '../records/blank';
import { answerSum, SUMS, type AtHand, type SumKey, type SumResult } from './sums';

const hand: AtHand = {
  body: { waist: 72, head: 57, hip: 98 },
  fabric: { ...blankFabric('c', 'c', 'knit'), width: 150, weight: 180, stretchAcross: 60 },
  allowance: 1.5,
};
const length = (cm: number) => `${Math.round(cm * 100) / 100} cm`;
const answer = (id: string, typed: Partial<Record<SumKey, number>> = {}, at: AtHand = hand) =>
  answerSum(
    SUMS.find((s) => s.id === id)!,
    typed,
    at,
    length,
  );
const lines = (id: string, typed?: Partial<Record<SumKey, number>>, at?: AtHand) => {
  const found = answer(id, typed, at);
  if ('wants' in found) throw new Error(`${id} still wants ${found.wants.join(', ')}`);
  return found.lines.map((l) => l.replace(/\s/g, ' '));
};

test('a band that was cut too short is caught before cutting, with by how much', () => {
  // 36 on the fold, a seam at each end: 69 round, and the waist is 72.
  expect(lines('piece', { cut: 36, fold: 1 })).toEqual(['It is 3 cm short: it cannot close', '69 cm round when sewn; 72 cm are needed']);
  expect((answer('piece', { cut: 36, fold: 1 }) as SumResult).warns).toBe(true);
  expect(lines('piece', { cut: 39, fold: 1 })[0]).toBe('It closes, with 3 cm to spare');
});

test('a neck of 54 does not let a head of 57 pass in a woven; in this knit it does, and so it does with a slit', () => {
  const woven = { ...hand, fabric: { ...hand.fabric!, stretchAcross: 0 } };
  expect(lines('put on', { opening: 54 }, woven)[0]).toBe('It is 5 cm short: it does not go on');
  expect(lines('put on', { opening: 54 })[0]).toMatch(/^It goes on/);
  expect(lines('put on', { opening: 54, slit: 3 }, woven)[0]).toBe('It goes on, with 1 cm to spare');
});

test('what lies at hand is taken: the waist of the body, the width of the fabric, the allowance of the pattern', () => {
  expect(lines('circle')[0]).toBe('146.92 cm of fabric, in one piece');
  expect(lines('elastic')[0]).toBe('cut 66.8 cm');
  expect(lines('needle')[0]).toBe('stretch 80, stitch 2.5');
  expect(lines('weight')[0]).toBe('5.3 oz/yd²');
  expect(lines('weight', { amount: 5, in: 1 })[0]).toBe('170 g/m²');
});

test('what is typed goes before what lies at hand', () => {
  expect(lines('elastic', { body: 80, ratio: 100 })[0]).toBe('cut 82 cm');
  expect(lines('circle', { width: 60 })[0]).toMatch(/narrower/);
});

test('tests of fabric and plain lengths', () => {
  expect(lines('stretch', { after: 13 })).toEqual(['stretches 30 %']);
  expect(lines('shrinkage', { after: 47.5 })).toEqual(['shrinks 5 %', 'cut 210.53 cm before washing']);
  expect(lines('fold', { width: 24 })).toEqual(['a fold made a seam: two pieces of 25.5 cm', 'a seam made a fold: 22.5 cm on the fold']);
  expect(lines('band')).toEqual(['cut the band 11 cm wide', 'the length stays']);
  expect(lines('gather', { gathered: 180 })[0]).toBe('2.5 to 1');
  expect(lines('floor', { waist: 104, above: 30 })[0]).toBe('74 cm from waist to hem');
  expect(lines('strap', { over: 38 })[0]).toBe('cut 41 cm');
  expect(lines('bias', { wanted: 100 })[1]).toMatch(/^for 100 cm a square of \d+ cm will do$/);
});

test('what is not known is asked for by name and never taken for nought', () => {
  expect(answer('piece', {}, { body: {} })).toEqual({ wants: ['Width of the piece as cut', 'Body it goes round'] });
  expect(answer('floor', {}, { body: { inseam: 78 } })).toEqual({ wants: ['Waist above the floor, in its shoes'] });
  expect(lines('floor', {}, { body: { inseam: 78, rise: 26 } })[0]).toBe('74 cm from waist to hem');
});

test('every sum has its own name, and no field twice', () => {
  expect(new Set(SUMS.map((s) => s.name)).size).toBe(SUMS.length);
  for (const { fields } of SUMS) expect(new Set(fields.map((f) => f.key)).size).toBe(fields.length);
});
