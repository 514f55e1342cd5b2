import { demoLedger } from '../../../demo/ledger';
import { whatWouldChange } from './what-would-change';

const demo = demoLedger();

test('nothing, between a ledger and itself, in whatever order its records and their fields stand', () => {
  const turned = { ...demo, makes: [...demo.makes].reverse().map((m) => Object.fromEntries(Object.entries(m).reverse()) as typeof m) };
  expect(whatWouldChange(demo, turned)).toEqual([]);
});

test('what comes, what goes and what is otherwise, each in its table', () => {
  const [first, second, ...others] = demo.makes;
  const then = { ...demo, makes: [{ ...second!, remark: 'worn to the harbour' }, ...others], wears: demo.wears.slice(3) };
  expect(whatWouldChange(demo, then)).toEqual([
    { table: 'makes', come: 0, go: 1, differ: 1 },
    { table: 'wears', come: 0, go: 3, differ: 0 },
  ]);
  expect(whatWouldChange(then, demo)).toEqual([
    { table: 'makes', come: 1, go: 0, differ: 1 },
    { table: 'wears', come: 3, go: 0, differ: 0 },
  ]);
  expect(first).toBeDefined();
});

test('a picture whose bytes stand elsewhere is the same picture', () => {
  const filed = demo.pictures.map(({ data: _, ...p }) => ({ ...p, file: 'pictures/x.svg', sha256: 'f'.repeat(64) }));
  expect(whatWouldChange(demo, { ...demo, pictures: filed })).toEqual([]);
});
