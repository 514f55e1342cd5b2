import fc from 'fast-check';
import { formatLength } from '../units/length';
import { LEADING, readLine } from './read-line';
import type { Understood } from './chip';
import type { LineContext } from './sentence';

/** Everything here is made up. Two patterns with letters and figures as sizes, one without a chart. */
const CONTEXT: LineContext = {
  patterns: [
    { id: 'tidewater', name: 'Tidewater shirt', kind: 'shirt', sizes: ['A', 'B', 'C', 'D', 'E'] },
    { id: 'gangway', name: 'Gangway trousers', kind: 'trousers', sizes: ['38', '40', '42', '44'] },
    { id: 'nocturne', name: 'Nocturne skirt', kind: 'skirt', sizes: ['36', '38/40', '42/44'] },
    { id: 'ebb', name: 'Ebb tee', kind: 'top' },
    { id: 'ebb-long', name: 'Ebb tee long', kind: 'top' },
  ],
  fabrics: [
    { id: 'poplin', name: 'blue poplin' },
    { id: 'twill', name: 'grey viscose twill' },
    { id: 'jersey', name: 'Jürgen’s jersey' },
  ],
  people: [
    { id: 'maren', name: 'Maren' },
    { id: 'tilda', name: 'Tilda' },
  ],
  unit: 'cm',
  currency: 'EUR',
  today: '2026-11-25',
};

const signed = (n: number) => (n > 0 ? `+${n}` : `${n}`.replace('-', '−'));
const line = (l: { size: string; to?: string | undefined; at?: number | undefined }) => (l.to ? `${l.size}~${l.to}` : l.size);

/** What a chip says, short enough to be written down in a test. */
function gist(u: Understood): string {
  switch (u.is) {
    case 'pattern':
      return u.patternId;
    case 'new pattern':
    case 'new thing':
      return `${u.is} ${u.name}`;
    case 'version':
      return `v${u.version}`;
    case 'person':
      return `for ${u.personId}`;
    case 'size':
      return `size ${line(u.line)}`;
    case 'size at':
      return `${u.zones.join('+')} size ${line(u.line)}`;
    case 'alteration': {
      const a = u.alteration;
      const much = a.allowance
        ? `${a.allowance.cut}→${a.allowance.sewn}`
        : a.amount === undefined
          ? `${a.direction === -1 ? '−' : '+'}bit`
          : signed(Math.round(a.amount * 1000) / 1000);
      const more = [
        a.way === 'total' ? '' : a.way,
        a.zones ? `@${a.zones.join('+')}` : '',
        a.part && a.part !== 'both' ? a.part : '',
        a.when === 'paper' ? '' : a.when,
        a.purpose === 'style' ? 'looks' : '',
      ];
      return [a.kind, much, ...more].filter(Boolean).join(' ');
    }
    case 'fit':
      return u.notes
        .map((n) => [
          n.zone,
          n.outcome === 0 ? 'right' : signed(n.outcome),
          n.amount ? `by ${n.amount}` : '',
          n.side ?? '',
          n.symptom ? `(${n.symptom})` : '',
        ])
        .map((words) => words.filter(Boolean).join(' '))
        .join(', ');
    case 'rest right':
      return 'rest right';
    case 'fabric':
      return [
        'id' in u.fabric ? u.fabric.id : `new “${u.fabric.name}”`,
        u.part === 'main' ? '' : u.part,
        u.length ? formatLength(u.length, 'cm', { bare: true }) : '',
        u.left === undefined ? '' : `left ${u.left}`,
      ]
        .filter(Boolean)
        .join(' ');
    case 'seen':
      return u.seen.at === 'worn' ? `after ${u.seen.wears}` : u.seen.at;
    case 'time':
      return `${u.phase} ${u.minutes} min`;
    case 'cost':
      return `${u.what}${u.money ? ` ${u.money.minor} ${u.money.currency}` : ''}`;
    case 'love':
      return `love ${u.love}`;
    case 'date':
      return `${u.of} ${u.date}`;
    case 'kind':
      return u.kind;
    case 'note':
      return `${u.kind}: ${u.words}`;
    case 'loose end':
      return `todo: ${u.words}`;
    case 'words':
      return `“${u.words}”`;
    default:
      return `${u.is} ${JSON.stringify(u)}`;
  }
}
const read = (text: string, rest: Partial<LineContext> = {}) =>
  readLine(text, { ...CONTEXT, ...rest }).flatMap((chip) =>
    chip.asks ? [`? ${chip.choices.map((choice) => choice.map(gist).join(' and ')).join(' | ')}`] : chip.says.map(gist),
  );

test('the line of the help page', () => {
  expect(read('tidewater shirt 3 · C, hip D · bodice +1.5 sleeve -3/4in · blue poplin 1.9m · tight armhole 2 · love 4')).toEqual([
    'tidewater',
    'v3',
    'size C',
    'hip size D',
    'bodice-below-bust +1.5',
    'sleeve-length −1.905',
    'poplin 190',
    'armhole −2',
    'love 4',
  ]);
});

describe('pattern, version, person', () => {
  test.each<[string, string[]]>([
    ['Tidewater shirt', ['tidewater']],
    ['TIDEWATER SHIRT 3', ['tidewater', 'v3']],
    ['tidewater 2', ['tidewater', 'v2']],
    ['tidewater shirt version 4', ['tidewater', 'v4']],
    ['tidewater shirt v4', ['tidewater', 'v4']],
    ['tidewater #2', ['tidewater', 'v2']],
    ['tidewater no. 2', ['tidewater', 'v2']],
    ['version 5 of the tidewater', ['v5', 'tidewater']],
    ['gangway 42', ['gangway', 'size 42']],
    ['gangway 2, 42', ['gangway', 'v2', 'size 42']],
    ['gangway v42', ['gangway', 'v42']],
    ['ebb tee', ['ebb']],
    ['ebb tee long', ['ebb-long']],
    ['ebb 3', ['“ebb 3”']],
    ['tidewaters', ['tidewater']],
    ['tidewatr', ['tidewater']],
    ['nocturne skrit 36', ['nocturne', 'size 36']],
    ['the new tidewater', ['“the new”', 'tidewater']],
    ['tidewater for Tilda', ['tidewater', 'for tilda']],
    ['Maren: tidewater', ['for maren', 'tidewater']],
    ['tilda tidewater', ['for tilda', 'tidewater']],
  ])('%s', (text, expected) => expect(read(text)).toEqual(expected));
});

describe('size lines', () => {
  test.each<[string, string[]]>([
    ['tidewater C', ['tidewater', 'size C']],
    ['tidewater c', ['tidewater', 'size C']],
    ['tidewater size c', ['tidewater', 'size C']],
    ['tidewater C, hip D', ['tidewater', 'size C', 'hip size D']],
    ['tidewater C hip D waist E', ['tidewater', 'size C', 'hip size D', 'waist size E']],
    ['tidewater C, hip: D', ['tidewater', 'size C', 'hip size D']],
    ['tidewater C, D at the hip', ['tidewater', 'size C', 'hip size D']],
    ['tidewater C, waist and hip D', ['tidewater', 'size C', 'waist+hip size D']],
    ['tidewater between C and D', ['tidewater', 'size C~D']],
    ['tidewater C/D', ['tidewater', 'size C~D']],
    ['tidewater C-D', ['tidewater', 'size C~D']],
    ['tidewater C, back between C and D', ['tidewater', 'size C', 'acrossBack size C~D']],
    ['gangway 40, thigh 40/42', ['gangway', 'size 40', 'thigh size 40~42']],
    ['nocturne 38/40', ['nocturne', 'size 38/40']],
    ['nocturne 38/40, hip 42/44', ['nocturne', 'size 38/40', 'hip size 42/44']],
    ['tidewater F', ['tidewater', '“F”']],
    ['C without a pattern', ['“C without a pattern”']],
    ['tidewater a lovely thing', ['tidewater', '“a lovely thing”']],
  ])('%s', (text, expected) => expect(read(text)).toEqual(expected));
});

describe('alterations', () => {
  test.each<[string, string]>([
    ['bodice +1.5', 'bodice-below-bust +1.5'],
    ['bodice+1.5', 'bodice-below-bust +1.5'],
    ['bodice + 1,5 cm', 'bodice-below-bust +1.5'],
    ['bodice plus 1.5', 'bodice-below-bust +1.5'],
    ['sleeve -3/4in', 'sleeve-length −1.905'],
    ['sleeve −3/4"', 'sleeve-length −1.905'],
    ['sleeve - 1 1/2 in', 'sleeve-length −3.81'],
    ['sleeve +½ in', 'sleeve-length +1.27'],
    ['+2cm sleeve', 'sleeve-length +2'],
    ['+2 on the sleeve', 'sleeve-length +2'],
    ['lengthen bodice 1.5', 'bodice-below-bust +1.5'],
    ['lengthened the sleeve by 2 cm', 'sleeve-length +2'],
    ['shortened the hem by 3', 'body-at-hem −3'],
    ['sleeve 2cm longer', 'sleeve-length +2'],
    ['sleeve longer by 2', 'sleeve-length +2'],
    ['sleeve a bit longer', 'sleeve-length +bit'],
    ['sleeve - a bit', 'sleeve-length −bit'],
    ['a bit off the sides', 'side-seams −bit perSeam'],
    ['took in side seams 1 per seam at waist and hip', 'side-seams −1 perSeam @waist+hip'],
    ['take in the side seams 0.5 at each side seam', 'side-seams −0.5 perSeam'],
    ['let out side seams 2 in all at bust', 'side-seams +2 @bust'],
    ['hip +4 in all', 'side-seams +4 @hip'],
    ['hip +4', '? side-seams +4 perSeam @hip | side-seams +4 perSide @hip | side-seams +4 @hip'],
    ['waist -2 cm in total', 'side-seams −2 @waist'],
    ['fba 1.5', 'full-bust +1.5 perSide'],
    ['fba +1.5', 'full-bust +1.5 perSide'],
    ['sba 1', 'full-bust −1 perSide'],
    ['broad back 1', 'across-back +1'],
    ['narrow back adjustment 1', 'across-back −1'],
    ['narrow back 1', '? across-back −1 | acrossBack −1'],
    ['swayback 1.5', 'sway-back +1.5'],
    ['sway back +1', 'sway-back +1'],
    ['rise +2', 'rise +2'],
    ['rise +2 back', 'rise +2 back'],
    ['lowered the bust dart height 1.5', 'bust-dart +1.5'],
    ['raise dart 1', 'bust-dart −1'],
    ['raised the armhole by 1', 'armhole-depth −1'],
    ['scooped the crotch curve 1', 'scoop-crotch +1'],
    ['hem -3 on the body', 'body-at-hem −3 body'],
    ['hem -3 when cutting', 'body-at-hem −3 cutting'],
    ['hem -5 for looks', 'body-at-hem −5 looks'],
    ['sleeve +1 on paper for fit', 'sleeve-length +1'],
    ['seam allowance 1.5 sewn 1', 'allowance 1.5→1'],
    ['seam allowance sewn at 1 instead of 1.5', 'allowance 1.5→1'],
    ['princess seams -0.5 per seam at bust', 'princess-seams −0.5 perSeam @bust'],
    ['forward shoulder 1', 'forward-shoulder +1'],
    ['strap -1.5', 'strap-length −1.5'],
  ])('%s', (text, expected) => expect(read(text)).toEqual([expected]));

  test.each<[string, string]>([
    ['gangway hem -3', 'leg-at-hem −3'],
    ['nocturne hem +4', 'skirt-length +4'],
    ['tidewater hem -2', 'body-at-hem −2'],
  ])('a hem is where the garment has it: %s', (text, expected) => expect(read(text)[1]).toBe(expected));

  test('a bare number is in the sewist’s own unit', () => {
    expect(read('sleeve +1', { unit: 'in' })).toEqual(['sleeve-length +2.54']);
    expect(read('sleeve +5/8', { unit: 'in' })).toEqual(['sleeve-length +1.588']);
    expect(read('sleeve +1 cm', { unit: 'in' })).toEqual(['sleeve-length +1']);
  });

  test('how a girth was measured is asked where it was not said, and answering settles it', () => {
    const line = 'took in side seams 1 at hip';
    const [chip] = readLine(line, CONTEXT);
    expect(chip).toMatchObject({ asks: true, says: [] });
    expect(chip!.choices.map((choice) => choice.map(gist))).toEqual([
      ['side-seams −1 perSeam @hip'],
      ['side-seams −1 perSide @hip'],
      ['side-seams −1 @hip'],
    ]);
    const [answer] = readLine(line, CONTEXT, { [line]: 1 });
    expect(answer).toMatchObject({ asks: false, says: chip!.choices[1] });
    expect(read(`${line} per side`)).toEqual(['side-seams −1 perSide @hip']);
  });
});

describe('fit', () => {
  test.each<[string, string]>([
    ['tight armhole', 'armhole −1'],
    ['tight armhole 2', 'armhole −2'],
    ['armhole tight', 'armhole −1'],
    ['tight armhole 2, love 4', 'armhole −2'],
    ['tight armhole 2. Love it', 'armhole −2'],
    ['tight armhole 2,5 cm', 'armhole −2 by 2.5'],
    ['tight armhole 2 in all', 'armhole −2'],
    ['armhole too tight', 'armhole −2'],
    ['armhole a bit tight', 'armhole −1'],
    ['armhole a bit too tight', 'armhole −1'],
    ['far too tight at the hip', 'hip −3'],
    ['slightly loose waist', 'waist +1'],
    ['waist slightly too loose', 'waist +1'],
    ['tight at bust and hip', 'bust −1, hip −1'],
    ['bust & hip too tight', 'bust −2, hip −2'],
    ['sleeve too long by 2 cm', 'sleeve +2 by 2'],
    ['sleeve 2 cm too long', 'sleeve +2 by 2'],
    ['2cm too long in the sleeve', 'sleeve +2 by 2'],
    ['sleeve short 1/2 in', 'sleeve −2 by 1.27'],
    ['sleeve tight', 'upperArm −1'],
    ['leg too tight', 'thigh −2'],
    ['waist too high', 'bodice −2'],
    ['shoulders too wide', 'shoulder +2'],
    ['across back narrow', 'acrossBack −1'],
    ['back narrow slight', 'acrossBack −1'],
    ['rise short, clear', 'rise −2'],
    ['shoulder wide on the left', 'shoulder +1 left'],
    ['bust right', 'bust right'],
    ['bust and waist are fine', 'bust right, waist right'],
    ['the rest is right', 'rest right'],
    ['rest ok', 'rest right'],
    ['gaping neckline', 'neckline +1 (neckline-gapes)'],
    ['Twisting leg', '? thigh −1 (leg-twists) | calf −1 (leg-twists) | “Twisting leg”'],
    ['pulls across the bust clearly', 'bust −2 (bust-pulls)'],
  ])('%s', (text, expected) => expect(read(text)[0]).toBe(expected));

  test('what means nothing together stays words', () => {
    expect(read('wrist too low')).toEqual(['“wrist too low”']);
  });

  test('a bare number is a degree, and may be a length', () => {
    const [chip] = readLine('tight armhole 2', CONTEXT);
    expect(chip!.choices.map((choice) => choice.map(gist))).toEqual([['armhole −2'], ['armhole −2 by 2']]);
  });

  test('what pulls at a place says so itself, and its other causes are offered', () => {
    const [chip] = readLine('pulls across the bust', CONTEXT);
    expect(chip!.asks).toBe(false);
    expect(chip!.choices.map((choice) => choice.map(gist))).toEqual([['bust −1 (bust-pulls)'], ['acrossFront −1 (bust-pulls)']]);
  });

  test.each([
    ['not tight at the waist', '? waist right | “not tight at the waist”'],
    ['the waist isn’t tight any more', '? waist right | “waist isn’t tight any more”'],
    ['hips snug but fine', '? hip −1 | hip right'],
    ['without gaping at the neckline', '? neckline right | “without gaping at the neckline”'],
    ['low rise', '? “low rise” | rise −1'],
  ])('what may be right, or how it is meant, is asked: %s', (text, expected) => expect(read(text)[0]).toBe(expected));

  test('a garment has the places that its kind has', () => {
    expect(read('gangway 42, neckline gapes')).toEqual(['gangway', 'size 42', '? neckline +1 | “neckline gapes”']);
    expect(read('gangway 42, waist too tight')).toEqual(['gangway', 'size 42', 'waistband −2']);
  });
});

describe('fabric, time, money, verdict, date', () => {
  test.each<[string, string]>([
    ['blue poplin', 'poplin'],
    ['blue poplin 1.9m', 'poplin 190'],
    ['blue poplin 1,9 m', 'poplin 190'],
    ['in blue poplin, 1.9m', 'poplin 190'],
    ['1.9 m of blue poplin', 'poplin 190'],
    ['2 1/4 yds blue poplin', 'poplin 205.74'],
    ['lining grey viscose twill 1.4 m', 'twill lining 140'],
    ['grey viscose twill 1.4m lining', 'twill lining 140'],
    ['blue poplin 1.9m 20 cm left', 'poplin 190 left 20'],
    ['jurgen’s jersey 1m', 'jersey 100'],
    ['in new red linen 2m', 'new “new red linen” 200'],
    ['2h10', 'all 130 min'],
    ['6 hours', 'all 360 min'],
    ['90 min', 'all 90 min'],
    ['cutting 1h', 'cut 60 min'],
    ['2h30 sewing', 'sew 150 min'],
    ['two afternoons', 'all 480 min'],
    ['1½ h', 'all 90 min'],
    ['cost 12,50', 'notions 1250 EUR'],
    ['€12.50', 'notions 1250 EUR'],
    ['zip 3.20', 'zip 320 EUR'],
    ['buttons £4', 'buttons 400 GBP'],
    ['12 usd', 'notions 1200 USD'],
    ['love 4', 'love 4'],
    ['love: 4/5', 'love 4'],
    ['3 of 5', 'love 3'],
    ['loved it', 'love 5'],
    ['Hated it', 'love 1'],
    ['2026-03-09', 'finished 2026-03-09'],
    ['9 March 2026', 'finished 2026-03-09'],
    ['9. Mar', 'finished 2026-03-09'],
    ['March 9th, 2026', 'finished 2026-03-09'],
    ['March 9, 2026', 'finished 2026-03-09'],
    ['24 December', 'finished 2025-12-24'],
    ['31 Feb 2026', '“31 Feb 2026”'],
    ['9.3.2026', 'finished 2026-03-09'],
    ['25/3/2026', 'finished 2026-03-25'],
    ['3/25/2026', 'finished 2026-03-25'],
    ['today', 'finished 2026-11-25'],
    ['yesterday', 'finished 2026-11-24'],
    ['last sunday', 'finished 2026-11-22'],
    ['last wednesday', 'finished 2026-11-18'],
    ['toile', 'toile'],
    ['wearable muslin', 'wearable toile'],
    ['after 3 wears', 'after 3'],
    ['worn 12 times', 'wears {"is":"wears","wears":12}'],
    ['worn 5×', 'wears {"is":"wears","wears":5}'],
    ['first day', 'firstDay'],
    ['tried on', 'tryOn'],
    ['tip: press the seams first', 'tip: press the seams first'],
    ['setting: needle 80, stitch 2.5', 'setting: needle 80, stitch 2.5'],
    ['mistake: cut on the fold', 'mistake: cut on the fold'],
    ['to do: hem by hand', 'todo: hem by hand'],
    ['loose end: snap', 'todo: snap'],
  ])('%s', (text, expected) => expect(read(text)[0]).toBe(expected));

  test('a day that can be read both ways is asked, and one that nobody can name', () => {
    expect(read('3/4/2026')).toEqual(['? finished 2026-04-03 | finished 2026-03-04']);
    expect(read('tidewater C, made two summers ago')).toEqual([
      'tidewater',
      'size C',
      '? finished 2024-07-15 and “made two summers ago” | “made two summers ago”',
    ]);
  });
  test.each([
    ['last winter', '2026-11-25', '2026-01-15'],
    ['last winter', '2026-02-10', '2025-01-15'],
    ['last summer', '2026-11-25', '2026-07-15'],
    ['last summer', '2026-07-20', '2025-07-15'],
    ['last autumn', '2026-11-25', '2025-10-15'],
    ['last fall', '2026-12-20', '2026-10-15'],
    ['in summer', '2026-11-25', '2026-07-15'],
  ])('“%s” said on %s is the latest that is over', (said, today, date) => {
    const [chip] = readLine(`Tidewater C, ${said}`, { ...CONTEXT, today }).filter((c) => c.asks);
    expect(chip?.choices[0]?.[0]).toMatchObject({ is: 'date', of: 'finished', date });
  });
});

/** Between chips stand signs, and small words that only lead on. */
const isGap = (text: string) =>
  !/[^\s·•,;:|.()[\]&+!?'"*_\p{L}–—-]/u.test(text) && (text.match(/\p{L}+/gu) ?? []).every((word) => LEADING.test(word.toLowerCase()));

describe('messy lines', () => {
  test.each<[string, string[]]>([
    ['', []],
    ['   ', []],
    ['· , ;', []],
    ['tidewater,,C;;bodice +1', ['tidewater', 'size C', 'bodice-below-bust +1']],
    ['C, hip D, tidewater shirt', ['size C', 'hip size D', 'tidewater']],
    ['tidewater C. bodice +1. love 4.', ['tidewater', 'size C', 'bodice-below-bust +1', 'love 4']],
    ['tidewater\nC\nblue poplin 2m', ['tidewater', 'size C', 'poplin 200']],
    ['made the tidewater again in blue poplin 1.9m, bit tight', ['tidewater', 'poplin 190', '“bit tight”']],
    ['tidewater sleeve', ['tidewater', '“sleeve”']],
    ['tidewater sleeve +', ['tidewater', '“sleeve”']],
    ['tidewater love 7', ['tidewater', '“love 7”']],
    ['tidewater +++', ['tidewater']],
    ['<b>tidewater</b>', ['“<b>”', 'tidewater', '“</b>”']],
    ['bodice +1.5.2', ['“bodice +1.5.2”']],
    ['ebb tee blue poplin gangway', ['ebb', 'poplin', '“gangway”']],
    ['sleeve +2 sleeve long tight armhole', ['sleeve-length +2', 'sleeve +1', 'armhole −1']],
  ])('%j', (text, expected) => expect(read(text)).toEqual(expected));

  test('no character is ever dropped, and none is taken twice', () => {
    const bits = [
      'tidewater',
      'shirt',
      'C',
      'hip',
      'D',
      '+1.5',
      'bodice',
      '-3/4in',
      'tight',
      '·',
      ',',
      ';',
      '\n',
      'blue poplin',
      '2m',
      '½',
      '…',
      'é',
      '👗',
      '.',
    ];
    const any = fc.oneof(
      fc.string({ maxLength: 40 }),
      fc.array(fc.constantFrom(...bits), { maxLength: 14 }).map((l) => l.join(' ')),
    );
    fc.assert(
      fc.property(any, (text) => {
        const chips = readLine(text, CONTEXT);
        let at = 0;
        for (const chip of chips) {
          expect(isGap(text.slice(at, chip.from))).toBe(true);
          expect(chip.text).toBe(text.slice(chip.from, chip.to));
          expect(chip.to).toBeGreaterThan(chip.from);
          at = chip.to;
        }
        expect(isGap(text.slice(at))).toBe(true);
      }),
      { numRuns: 400 },
    );
  });

  test('what is already read is not read anew by what comes after a separator', () => {
    for (const tail of ['foo', 'love 4', 'tight', '2h'])
      expect(read(`tidewater C · bodice +1.5 · ${tail}`).slice(0, 3)).toEqual(['tidewater', 'size C', 'bodice-below-bust +1.5']);
  });
});

describe('what the ledger does not know yet', () => {
  const SPARE: LineContext = {
    ...CONTEXT,
    patterns: [
      { id: 'curlew', name: 'Curlew jeans', kind: 'trousers', sizes: [] },
      { id: 'ebb', name: 'Ebb tee', kind: 'top', sizes: ['S', 'M'] },
    ],
    fabrics: [],
    people: [],
  };
  test.each<[string, string[]]>([
    ['Plover jeans M waistband tight', ['new pattern Plover jeans', 'size M', 'waistband −1']],
    ['Sandbar blouse in size 40, bust right', ['new pattern Sandbar blouse', 'size 40', 'bust right']],
    ['Dunlin pinafore, love 5', ['new pattern Dunlin pinafore', 'love 5']],
    ['Kelpie M, waist loose', ['new pattern Kelpie', 'size M', 'waist +1']],
    ['kelpie m, waist loose', ['new pattern kelpie', 'size M', 'waist +1']],
    ['Kelpie size 40, waist loose', ['new pattern Kelpie', 'size 40', 'waist +1']],
    ['Kelp tote, love 4', ['new thing Kelp tote', 'love 4']],
    ['Kelpie a, waist loose', ['“Kelpie”', 'waist +1']],
    ['Petrel culottes by Lowtide Drafts, size 14', ['new pattern Petrel culottes', 'designer {"is":"designer","name":"Lowtide Drafts"}', 'size 14']],
    ['Plover tee M for Runa', ['new pattern Plover tee', 'size M', '? new person {"is":"new person","name":"Runa"} | “for Runa”']],
    ['waist loose, like the jeans of last year', ['waist +1', '“like the jeans of”', '? finished 2025-07-01 | “last year”']],
    ['Curlew jeans L, waistband loose', ['curlew', 'size L', 'waistband +1']],
    ['Curlew jeans size 40 for the fair', ['curlew', 'size 40', '“for the fair”']],
    ['Curlew jeans and a belt', ['curlew', '“a belt”']],
    ['Ebb tee size L', ['ebb', 'size L']],
    ['Ebb tote, love 4', ['new thing Ebb tote', 'love 4']],
  ])('%s', (text, pieces) => expect(read(text, SPARE)).toEqual(pieces));
});

test('where two readings are as good, both are asked', () => {
  const chips = readLine('tidewater C, narrow back 1', CONTEXT);
  expect(chips.at(-1)).toMatchObject({ asks: true, says: [] });
});

test('a second size all over is asked about, and the first stands where it was only told of', () => {
  const line = 'Loon jumper, bought size 5, made size 4';
  const sizes = (chosen?: number) =>
    readLine(line, CONTEXT, chosen === undefined ? {} : { 'made size 4': chosen }).flatMap((c) => c.says.filter((u) => u.is === 'size'));
  expect(readLine(line, CONTEXT).filter((c) => c.asks)).toEqual([expect.objectContaining({ text: 'made size 4', says: [] })]);
  expect([sizes(), sizes(0), sizes(1)].map((lines) => lines.map((u) => u.is === 'size' && u.line.size))).toEqual([['5'], ['5', '4'], ['5']]);
});

test('a question has words for each of its answers', () => {
  const asked = readLine('Goldeneye leggings made twice in size 10 and 12; the 12 is better', CONTEXT).filter((c) => c.asks);
  expect(asked.length).toBeGreaterThan(0);
  for (const { choices } of asked) for (const choice of choices) expect(choice).not.toEqual([]);
});

test('what was chosen holds for a question by its words, and not for another', () => {
  const line = 'tidewater C, not tight at the waist, not tight at the hip';
  const chips = readLine(line, CONTEXT, { 'not tight at the waist': 0 });
  expect(chips.map((c) => c.asks)).toEqual([false, false, false, true]);
});

test('the days of a diary, begun on one and finished on another', () => {
  const says = readLine('12/3 cut out the Tidewater shirt C\n14/3 sewed the sleeves, 2h\n20/3 finished! Love 4', CONTEXT).flatMap(
    (chip) => chip.says,
  );
  expect(says).toEqual(
    expect.arrayContaining([
      { is: 'date', of: 'cut', date: '2026-03-12' },
      { is: 'date', of: 'finished', date: '2026-03-20' },
      { is: 'time', minutes: 120, phase: 'all' },
    ]),
  );
  expect(says.some((fact) => fact.is === 'state')).toBe(false);
});
