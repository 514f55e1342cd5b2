import { run } from './run';
import { WardrobeAnswer } from './wardrobe';

const nothing = () => {
  throw new Error('nothing is read');
};
const ask = (...args: string[]) => run(['wardrobe', ...args], nothing, nothing, '2026-11-28');

test('the demo’s wardrobe: what is said has its garments on both sides, in json and in words', () => {
  const { code, out } = ask('--demo', '--json');
  expect(code).toBe(0);
  const { garments, more, findings, person } = WardrobeAnswer.parse(JSON.parse(out));
  expect([person, more]).toEqual(['Maren', 0]);
  expect(garments).toBeGreaterThan(20);
  for (const f of findings) {
    expect(Math.min(f.with.length, f.without.length)).toBeGreaterThanOrEqual(3);
    expect(f.inclusion).toBeGreaterThanOrEqual(0.5);
  }
  expect(ask('--demo').out).toMatch(/^Maren: \d+ garments\./);
  // One that is clear, one that leans, and two that came together and cannot be told apart.
  expect(findings.map((f) => [f.of, f.clear, f.features])).toEqual([
    ['worn', true, ['a knit', 'stretch across']],
    ['worn', false, ['“rides up at the cello”']],
    ['loved', true, ['“rides up at the cello”']],
  ]);
});

test('somebody with few garments is told how many more it takes; nobody is refused by name', () => {
  expect(ask('--demo', '--person', 'Anselm').out).toMatch(/more, and it can be said/);
  expect(ask('--demo', '--person', 'Nobody')).toMatchObject({ code: 1 });
  expect(ask().code).toBe(2);
});
