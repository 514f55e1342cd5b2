import { PNG } from 'pngjs';
import { photograph, sheetOn } from '../src/core/measure/practice-camera';
import { MeasureAnswer } from './measure';
import { run } from './run';

const sheet = sheetOn([22, 20], 29.7, 21, 10);
const picture = photograph(
  { ground: 'plain', groundColour: [64, 58, 52], things: [sheet] },
  { width: 800, height: 600, above: 95, over: [34, 24], tilt: 10, towards: 30, turn: 4, bend: 0.02, blur: 0.6, noise: 2, shadow: 0.1, seed: 9 },
);
const png = new PNG({ width: 800, height: 600 });
png.data.set(picture.rgba);
const files: Record<string, Uint8Array> = { 'table.png': PNG.sync.write(png), 'broken.png': new Uint8Array([137, 80, 78, 71, 1, 2, 3]) };
const ask = (...args: string[]) =>
  run(
    ['measure', ...args],
    () => '',
    (name) => {
      const bytes = files[name];
      if (!bytes) throw new Error('no such file');
      return bytes;
    },
    '2026-11-28',
  );
const at = (...places: (readonly [number, number])[]) =>
  places
    .map((p) =>
      picture
        .at(p)
        .map((v) => v.toFixed(2))
        .join(','),
    )
    .join(' ');
const answer = (...args: string[]) => {
  const { code, out } = ask(...args, '--json');
  expect([code, code === 0 ? '' : out]).toEqual([0, '']);
  return MeasureAnswer.strict().parse(JSON.parse(out));
};

test('a line, by a sheet that is found', () => {
  const { cm, doubt, found, refined, corners } = answer('table.png', '--reference', 'a4', '--line', at([10, 10], [60, 30]));
  expect(Math.abs(cm - Math.hypot(50, 20))).toBeLessThan(0.3);
  expect(Math.abs(cm - Math.hypot(50, 20))).toBeLessThan(2 * doubt);
  expect([found, refined]).toEqual([true, true]);
  for (const corner of sheet.outline) {
    const [x, y] = picture.at(corner);
    expect(Math.min(...corners.map(([cx, cy]) => Math.hypot(cx - x, cy - y)))).toBeLessThan(0.6);
  }
});

test('with corners given they are used, brought onto the edges, and not said to be found', () => {
  const corners = at(...sheet.outline.map(([x, y]) => [x, y] as const));
  const given = answer('table.png', '--reference', '29.7x21', '--corners', corners, '--line', at([10, 10], [60, 30]));
  expect(given.found).toBe(false);
  expect(given.cm).toBeCloseTo(Math.hypot(50, 20), 0);
});

test('a curve, and an outline with its area', () => {
  const quarter = Array.from({ length: 6 }, (_, i) => [40 + 15 * Math.cos((i * Math.PI) / 10), 20 + 15 * Math.sin((i * Math.PI) / 10)] as const);
  expect(answer('table.png', '--reference', 'a4', '--curve', at(...quarter)).cm).toBeCloseTo((15 * Math.PI) / 2, 0);
  const box = answer('table.png', '--reference', 'a4', '--outline', at([40, 10], [60, 10], [60, 40], [40, 40]));
  expect(box.cm).toBeCloseTo(100, 0);
  expect(Math.abs((box.area?.cm2 ?? 0) - 600)).toBeLessThan(6);
});

test('in words too', () =>
  expect(ask('table.png', '--reference', 'a4', '--line', at([10, 10], [60, 30])).out).toMatch(
    /^53\.\d cm ± 0\.\d; the corners were found and brought onto the edges\.$/,
  ));

test.each([
  [['table.png', '--line', '1,1 2,2'], 2, /--reference/],
  [['table.png', '--reference', 'a4'], 2, /--line, --curve and --outline/],
  [['table.png', '--reference', 'a9', '--line', '1,1 20,20'], 1, /nothing of known size/],
  [['table.png', '--reference', 'a4', '--line', '1,1'], 1, /two places/],
  [['table.png', '--reference', 'a4', '--line', '1,1 x,2'], 1, /no places/],
  [['table.png', '--reference', 'a4', '--line', '1,1 900,2'], 1, /outside the picture, which is 800 by 600/],
  [['table.png', '--reference', 'a4', '--corners', '1,1 2,2', '--line', '1,1 20,2'], 1, /no four corners/],
  [['table.png', '--reference', 'a4', '--corners', '10,10 200,10 400,10 200,300', '--line', '1,1 20,2'], 1, /in a line/],
  [['table.png', '--reference', 'a4', '--corners', '10,10 300,200 300,10 10,200', '--line', '1,1 20,2'], 1, /cross/],
  [['broken.png', '--reference', 'a4', '--line', '1,1 20,20'], 1, /cannot be read as a PNG/],
  [['gone.png', '--reference', 'a4', '--line', '1,1 20,20'], 1, /cannot be read/],
] as const)('%p gets a sentence', (args, code, words) => {
  const told = ask(...args);
  expect(told.code).toBe(code);
  expect(told.out).toMatch(words);
});
