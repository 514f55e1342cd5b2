import { chartFromText, type ReadChart } from './chart-from-text';

function read(text: string, ...rest: ['cm' | 'in', ('cm' | 'in')?] | []): ReadChart {
  const [usual = 'cm', forced] = rest;
  const result = chartFromText(text, usual, forced);
  if (!result.ok) throw new Error(result.problem);
  return result.chart;
}

describe('sizes across', () => {
  test('from a spreadsheet, in centimetres', () => {
    const chart = read('Size\tA\tB\tC\nBust\t82\t86\t90\nWaist\t64\t68\t72\nHips\t90\t94\t98\n');
    expect(chart).toMatchObject({ sizes: ['A', 'B', 'C'], sizesRun: 'across', unit: 'cm', leftOut: [] });
    expect(chart.body).toEqual({ bust: [82, 86, 90], waist: [64, 68, 72], hip: [90, 94, 98] });
  });

  test('a corner without a word', () => {
    expect(read('\t34\t36\nbust\t80\t84\nhip\t88\t92').sizes).toEqual(['34', '36']);
  });

  test('inches with fractions', () => {
    const chart = read('Size (inches)\t0\t2\nBust\t32 1/2\t33½\nWaist\t24-1/2\t25 1/4');
    expect(chart).toMatchObject({ unit: 'in', unitFrom: 'written' });
    expect(chart.body.bust).toEqual([82.55, 85.09]);
    expect(chart.body.waist).toEqual([62.23, 64.135]);
  });

  test('inches by the numbers, where nobody says so', () => {
    const chart = read('Size,0,2,4\nBust,31,32,33\nWaist,24,25,26\nHip,34,35,36');
    expect(chart).toMatchObject({ unit: 'in', unitFrom: 'guessed from the numbers' });
    expect(chart.body.hip).toEqual([86.36, 88.9, 91.44]);
  });

  test('a unit of its own on a row', () => {
    const chart = read('Size\tS\tM\nBust (cm)\t88\t96\nHeight (in)\t65\t66');
    expect(chart.body).toEqual({ bust: [88, 96], height: [165.1, 167.64] });
  });

  test('ranges: the middle of each, with every kind of dash', () => {
    const chart = read('Size\tS\tM\tL\nBust\t81–84\t85-88\t89 to 92\nWaist\t64—67\t68 – 71\t72-75');
    expect(chart.body.bust).toEqual([82.5, 86.5, 90.5]);
    expect(chart.body.waist).toEqual([65.5, 69.5, 73.5]);
  });

  test('ranges in inches with fractions', () => {
    expect(read('Size in inches\tS\nBust\t32 1/2 - 33 1/2').body.bust).toEqual([83.82]);
  });
});

describe('sizes down', () => {
  test('from a web page', () => {
    const chart = read('Size\tBust\tWaist\tHip\n38\t84\t66\t92\n40\t88\t70\t96\n42\t92\t74\t100');
    expect(chart).toMatchObject({ sizes: ['38', '40', '42'], sizesRun: 'down' });
    expect(chart.body.waist).toEqual([66, 70, 74]);
  });

  test('with a title above that says the unit', () => {
    const chart = read('Body measurements in inches\t\t\nSize\tBust\tWaist\nXS\t31\t24\nS\t33\t26');
    expect(chart).toMatchObject({ unit: 'in', sizes: ['XS', 'S'] });
    expect(chart.body.bust).toEqual([78.74, 83.82]);
  });

  test('between bars, with a rule beneath the heads', () => {
    const chart = read('| Size | Bust | Hip |\n|---|---|---|\n| S | 88 | 94 |\n| M | 92 | 98 |');
    expect(chart.sizes).toEqual(['S', 'M']);
    expect(chart.body).toEqual({ bust: [88, 92], hip: [94, 98] });
  });

  test('parted by spaces only', () => {
    expect(read('Size   Bust   Waist\n8      84     66\n10     88     70').body).toEqual({ bust: [84, 88], waist: [66, 70] });
  });
});

describe('finished measures', () => {
  test('rows beneath a heading of their own', () => {
    const chart = read(
      'Size\tA\tB\nBody measurements\t\t\nBust\t82\t86\nFinished garment\t\t\nBust\t94\t98\nSleeve length\t60\t61\nBack length\t62\t63',
    );
    expect(chart.body).toEqual({ bust: [82, 86] });
    expect(chart.finished).toEqual({ bust: [94, 98], sleeve: [60, 61], bodyLength: [62, 63] });
  });

  test('rows that say so themselves', () => {
    const chart = read('Size\tA\tB\nBust\t82\t86\nFinished bust\t94\t98\nFinished hip (cm)\t104\t108');
    expect(chart.finished).toEqual({ bust: [94, 98], hip: [104, 108] });
  });
});

describe('what does not fit in', () => {
  test('a row that names nothing known is left out and said', () => {
    const chart = read('Size\tA\tB\nBust\t82\t86\nMoon phase\t1\t2\nUS\t4\t6');
    expect(chart.leftOut).toEqual(['Moon phase: names no known measure', 'US: another name of the sizes']);
  });

  test('a cell that is no length is left open and said', () => {
    const chart = read('Size\tA\tB\tC\nBust\t82\tsee note\t90\nWaist\t64\t–\tn/a');
    expect(chart.body).toEqual({ bust: [82, null, 90], waist: [64, null, null] });
    expect(chart.leftOut).toEqual(['Bust, size B: “see note” is no length']);
  });

  test('a short row is left open where it ends', () => {
    expect(read('Size\tA\tB\tC\nBust\t82\t86').body.bust).toEqual([82, 86, null]);
  });

  test('the sewist’s word on the unit goes first', () => {
    expect(read('Size\tA\nBust\t31', 'cm', 'cm').body.bust).toEqual([31]);
  });

  test.each([
    ['a row for each unit', 'Size\t36\t38\nBust cm\t84\t88\nBust in\t33\t34 5/8\nWaist cm\t66\t70\nWaist in\t26\t27 1/2'],
    ['both in a cell', 'Size\t36\t38\nBust\t84 cm / 33"\t88 cm / 34 5/8"\nWaist\t66 (26")\t70 (27 1/2")'],
    ['inches first', 'Size\t36\t38\nBust\t33 in (84 cm)\t34 5/8 in (88 cm)\nWaist\t26" / 66\t27 1/2" / 70'],
    ['side by side under merged heads', 'Size\tBust\t\tWaist\t\n\tcm\tin\tcm\tin\n36\t84\t33\t66\t26\n38\t88\t34 5/8\t70\t27 1/2'],
    ['beneath merged heads', '\tEU\t36\t38\n\tUS\t4\t6\nBust\tcm\t84\t88\n\tin\t33\t34 5/8\nWaist\tcm\t66\t70\n\tin\t26\t27 1/2'],
  ])('cm and inches beside each other: %s', (_, text) => {
    expect(read(text)).toMatchObject({ sizes: ['36', '38'], body: { bust: [84, 88], waist: [66, 70] } });
  });

  test('a child’s chart is read in the usual unit', () => {
    const text = 'Size\t98\t104\nBust\t55\t57\nWaist\t52\t53';
    expect(read(text)).toMatchObject({ unit: 'cm', unitFrom: 'as usual' });
  });

  test.each([
    ['', /not a table/],
    ['hello', /not a table/],
    ['a\tb\nc\td', /No heading names a measure/],
    ['Bust\t82\t86\nWaist\t64\t68', /sizes are not named/],
    ['Size\tA\tA\nBust\t82\t86', /Size A is there twice/],
    ['Size\tA\tB\nBust\tx\tn/a', /No number could be read/],
  ])('%j is refused with a sentence', (text, problem) => {
    const result = chartFromText(text, 'cm');
    expect(result.ok).toBe(false);
    if (!result.ok) expect(result.problem).toMatch(problem);
  });

  test('a thousand random tables never throw', () => {
    let seed = 7;
    const next = (n: number) => (seed = (seed * 16807) % 2147483647) % n;
    const bits = ['Size', 'Bust', 'Waist (in)', 'A', '12', '81–84', '32 1/2', '', '—', 'Finished', '\t', '\t', '\t', '\n', '|', ';', '"'];
    for (let i = 0; i < 1000; i++) {
      const text = Array.from({ length: 4 + next(30) }, () => bits[next(bits.length)]).join('');
      const result = chartFromText(text, 'cm');
      if (result.ok)
        for (const column of [...Object.values(result.chart.body), ...Object.values(result.chart.finished)])
          expect(column).toHaveLength(result.chart.sizes.length);
    }
  });
});
