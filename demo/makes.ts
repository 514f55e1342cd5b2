import type { AlterationKindId } from '../src/core/catalogue/alterations';
import type { ZoneId } from '../src/core/body/zones';
import type { Alteration, FitNote, Make, NoteSubject, Outcome, Seen, Verdict } from '../src/core/records';
import { blankMake } from '../src/core/records/blank';

const tryOn: Seen = { at: 'tryOn' };
const firstDay: Seen = { at: 'firstDay' };
const after = (wears: number): Seen => ({ at: 'worn', wears });

type NoteLine = readonly [
  zone: ZoneId,
  outcome: Outcome,
  rest?: Partial<Pick<FitNote, 'amount' | 'words' | 'causedBy' | 'side' | 'symptom' | 'found'>>,
];
type AlterationLine = Partial<Alteration> & { kind: AlterationKindId };

interface MakeLine extends Partial<Omit<Make, 'fitNotes' | 'alterations' | 'verdicts' | 'fabrics' | 'notes'>> {
  readonly version: number;
  readonly cutOn: string;
  readonly size?: { size: string; to?: string; at?: number };
  readonly fabric: readonly [fabricId: string, length: number, left?: number];
  readonly altered?: readonly AlterationLine[];
  /** Looks at the garment: when, on which day, what was seen. */
  readonly seen?: readonly (readonly [Seen, string, readonly NoteLine[]])[];
  readonly said?: readonly (Omit<Verdict, 'id' | 'reasons'> & { reasons?: Verdict['reasons'] })[];
  /** Minutes in all. */
  readonly minutes?: number;
  /** Notes on the making; those that taught more than this one garment say what of. */
  readonly learned?: readonly (readonly [kind: Make['notes'][number]['kind'], words: string, about?: NoteSubject[]])[];
}

/** A make in a few words: what is usual is filled in. */
function make(pattern: string, person: string, line: MakeLine): Make {
  const { fabric, altered = [], seen = [], said = [], learned = [], minutes, finishedOn, ...rest } = line;
  const id = `make-${pattern}-${line.version}`;
  const { finishedOn: _, ...blank } = blankMake(id, `person-${person}`, line.version, line.cutOn);
  return {
    ...blank,
    ...(finishedOn ? { finishedOn } : {}),
    sources: [{ patternId: `pattern-${pattern}`, viewId: `view-${pattern}` }],
    ...rest,
    times: minutes === undefined ? (rest.times ?? []) : [{ id: `${id}-t1`, phase: 'all', minutes }],
    alterations: altered.map((a, i) => ({ id: `${id}-a${i + 1}`, way: 'total', purpose: 'fit', when: 'paper', ...a })),
    fabrics: [
      { id: `${id}-c1`, fabricId: `fabric-${fabric[0]}`, part: 'main', length: fabric[1], ...(fabric[2] === undefined ? {} : { left: fabric[2] }) },
    ],
    fitNotes: seen.flatMap(([when, date, notes], look) =>
      notes.map(([zone, outcome, more], i) => ({ id: `${id}-n${look + 1}${i + 1}`, zone, outcome, seen: when, date, ...more })),
    ),
    verdicts: said.map((v, i) => ({ id: `${id}-v${i + 1}`, reasons: [], ...v })),
    notes: learned.map(([kind, words, about], i) => ({ id: `${id}-k${i + 1}`, kind, words, ...(about ? { about } : {}) })),
  };
}

const right = (...zones: readonly ZoneId[]): NoteLine[] => zones.map((z) => [z, 0]);

/** The concert jacket: narrow across the back in one size, wide in the next. */
const skerry: Make[] = [
  make('skerry', 'maren', {
    version: 1,
    kind: 'toile',
    cutOn: '2024-03-09',
    finishedOn: '2024-03-10',
    size: { size: 'C' },
    fabric: ['bed-linen', 180],
    minutes: 300,
    difficulty: 4,
    lacking: ['bodyLength'],
    seen: [
      [
        tryOn,
        '2024-03-10',
        [
          ['acrossBack', -1, { words: 'cannot draw the bow to the tip' }],
          ['bust', -1],
          ['sleeve', -2, { words: 'rides up to the wrist bone when bowing' }],
        ],
      ],
    ],
    learned: [['tip', 'stand with the cello arm raised when judging the back']],
    remark: 'Old bed linen, collar and pockets left out.',
  }),
  make('skerry', 'maren', {
    version: 2,
    cutOn: '2025-09-20',
    finishedOn: '2025-10-05',
    size: { size: 'D' },
    fabric: ['black-barathea', 195, 40],
    minutes: 1560,
    difficulty: 5,
    altered: [
      { kind: 'sleeve-length', amount: 1.5, marked: '2025-09-20' },
      { kind: 'body-at-hem', amount: -3, when: 'body', stage: 'before the lining went in', date: '2025-09-30' },
    ],
    seen: [
      [tryOn, '2025-09-30', [['bodyLength', 1, { amount: 3, words: 'covers the seat, catches on the chair' }]]],
      [
        after(9),
        '2026-06-14',
        [
          ['acrossBack', 1, { words: 'folds stand at the armholes' }],
          ['bust', 0],
          ['sleeve', 0],
          ['bodyLength', 0],
        ],
      ],
    ],
    said: [
      { date: '2025-10-05', wears: 0, love: 4, words: 'Finally a black jacket that reaches.' },
      { date: '2026-06-14', wears: 9, love: 4, reasons: ['fit'], sewAgain: 'with changes', words: 'The back is too wide now.' },
    ],
    learned: [
      ['next time', 'longer stitch on the topstitching'],
      ['next time', 'lengthen the sleeve by 0.5'],
      ['setting', 'needle 80, stitch 2.5, stay tape at the roll line', [{ of: 'technique', name: 'collar' }]],
      ['different', 'welt pockets before the side panels go on'],
      ['erratum', 'step 9 shows the vent the wrong way round'],
    ],
  }),
];

/** The shirt whose third version is right. */
const tidewater: Make[] = [
  make('tidewater', 'maren', {
    version: 1,
    cutOn: '2023-04-22',
    finishedOn: '2023-05-01',
    size: { size: 'C' },
    fabric: ['white-lawn', 195, 5],
    minutes: 780,
    difficulty: 2,
    seen: [
      [
        after(4),
        '2023-07-02',
        [
          ['shoulder', 0],
          ['acrossBack', -1],
          ['bust', 0],
          ['hip', -1],
          ['bodice', -1],
          ['sleeve', -1, { amount: 1.5 }],
        ],
      ],
    ],
    said: [
      { date: '2023-05-01', wears: 0, love: 4 },
      { date: '2023-07-02', wears: 4, love: 2, reasons: ['fit'], sewAgain: 'with changes' },
    ],
  }),
  make('tidewater', 'maren', {
    version: 2,
    cutOn: '2024-03-16',
    finishedOn: '2024-03-30',
    size: { size: 'C' },
    sizeLines: [{ zone: 'hip', line: { size: 'C', to: 'D', at: 0.5 } }],
    fabric: ['blue-poplin', 198, 12],
    minutes: 690,
    difficulty: 2,
    altered: [
      { kind: 'bodice-below-bust', amount: 2, marked: '2024-03-16' },
      { kind: 'sleeve-length', amount: 1, marked: '2024-03-16' },
      { kind: 'across-back', amount: 1, marked: '2024-03-16' },
    ],
    seen: [
      [
        after(6),
        '2024-08-18',
        [
          ['shoulder', 0],
          ['acrossBack', 0],
          ['bust', 0],
          ['hip', -1],
          ['bodice', 1],
          ['sleeve', 0],
        ],
      ],
    ],
    said: [{ date: '2024-08-18', wears: 6, love: 3, reasons: ['fit'], sewAgain: 'with changes' }],
    learned: [['mistake', 'cuff plackets sewn to the wrong side; unpicked both']],
  }),
  make('tidewater', 'maren', {
    version: 3,
    cutOn: '2025-05-03',
    finishedOn: '2025-05-11',
    size: { size: 'C' },
    sizeLines: [{ zone: 'hip', line: { size: 'D' } }],
    fabric: ['indigo-chambray', 190, 15],
    minutes: 540,
    difficulty: 2,
    altered: [
      { kind: 'bodice-below-bust', amount: 1.5, marked: '2025-05-03' },
      { kind: 'sleeve-length', amount: 1, marked: '2025-05-03' },
      { kind: 'across-back', amount: 1, marked: '2025-05-03' },
    ],
    seen: [[after(24), '2026-09-06', right('shoulder', 'acrossBack', 'bust', 'hip', 'bodice', 'sleeve')]],
    said: [
      { date: '2025-05-11', wears: 0, love: 5 },
      { date: '2026-09-06', wears: 24, love: 5, sewAgain: 'as is', words: 'The one I reach for.' },
    ],
    learned: [
      ['next time', 'straighten the hem'],
      ['setting', 'needle 70, stitch 2.2'],
      ['tip', 'collar points: one stitch across, then turn'],
    ],
  }),
];

/** A ribbed cardigan that failed in a firm double knit. */
const eider: Make[] = [
  make('eider', 'maren', {
    version: 1,
    cutOn: '2024-10-12',
    finishedOn: '2024-10-20',
    size: { size: 'M' },
    fabric: ['oatmeal-rib', 150],
    minutes: 480,
    difficulty: 3,
    altered: [{ kind: 'sleeve-length', amount: 1.5, marked: '2024-10-12' }],
    seen: [[after(30), '2025-09-28', right('bust', 'upperArm', 'hip', 'sleeve')]],
    said: [
      { date: '2024-10-20', wears: 0, love: 5 },
      { date: '2025-09-28', wears: 30, love: 5, sewAgain: 'as is' },
    ],
    learned: [['next time', 'in a lighter wool']],
  }),
  make('eider', 'maren', {
    version: 2,
    cutOn: '2025-10-18',
    finishedOn: '2025-10-25',
    size: { size: 'M' },
    fabric: ['plum-double-knit', 128, 22],
    minutes: 430,
    difficulty: 3,
    altered: [{ kind: 'sleeve-length', amount: 1.5, marked: '2024-10-12' }],
    seen: [
      [
        after(1),
        '2025-11-02',
        [
          ['bust', -3, { words: 'buttons pull open' }],
          ['upperArm', -2],
          ['hip', -2],
          ['sleeve', 0],
        ],
      ],
    ],
    said: [
      {
        date: '2025-11-02',
        wears: 1,
        love: 1,
        reasons: ['fabric', 'fit'],
        sewAgain: 'other fabric',
        words: 'Same size, same paper: the fabric did this.',
      },
    ],
  }),
];

/** Much admired, and left on its hanger. */
const lantern: Make[] = [
  make('lantern', 'maren', {
    version: 1,
    cutOn: '2024-12-01',
    finishedOn: '2024-12-21',
    size: { size: 'C' },
    fabric: ['bottle-velvet', 72, 18],
    minutes: 960,
    difficulty: 4,
    altered: [{ kind: 'bodice-below-bust', amount: 1.5, marked: '2024-12-01' }],
    seen: [[firstDay, '2024-12-21', right('bust', 'waist', 'bodice')]],
    said: [
      { date: '2024-12-21', wears: 0, love: 5, words: 'The best sewing I have done.' },
      {
        date: '2025-12-28',
        wears: 0,
        love: 3,
        reasons: ['occasion'],
        sewAgain: 'later',
        words: 'Everyone admires it on its hanger. Too bright for the orchestra, too grand for rehearsal.',
      },
    ],
    learned: [['tip', 'baste every seam; the pile creeps', [{ of: 'fabrics like it', fabricId: 'fabric-bottle-velvet' }]]],
  }),
];

const gangway: Make[] = [
  make('gangway', 'maren', {
    version: 1,
    kind: 'wearable toile',
    cutOn: '2024-06-15',
    finishedOn: '2024-06-23',
    size: { size: '40' },
    fabric: ['navy-drill', 150],
    minutes: 620,
    difficulty: 2,
    seen: [
      [
        after(3),
        '2024-08-04',
        [
          ['waistband', -1],
          ['hip', 0],
          ['rise', -2, { words: 'pulls down at the back when sitting to play' }],
          ['thigh', -1],
          ['leg', 1, { amount: 2 }],
        ],
      ],
    ],
    said: [{ date: '2024-08-04', wears: 3, love: 2, reasons: ['fit'], sewAgain: 'with changes' }],
  }),
  make('gangway', 'maren', {
    version: 2,
    cutOn: '2024-09-07',
    finishedOn: '2024-09-15',
    size: { size: '40' },
    sizeLines: [
      { zone: 'thigh', line: { size: '42' } },
      { zone: 'waistband', line: { size: '40', to: '42', at: 0.5 } },
    ],
    fabric: ['navy-drill', 148, 20],
    minutes: 540,
    difficulty: 2,
    altered: [
      { kind: 'rise', amount: 2, part: 'both', marked: '2024-09-07' },
      { kind: 'leg-at-hem', amount: -2, marked: '2024-09-07' },
    ],
    seen: [
      [
        after(14),
        '2025-06-01',
        [
          ['waistband', -1],
          ['hip', 0],
          ['rise', 0],
          ['thigh', 1],
          ['leg', 0],
        ],
      ],
    ],
    said: [{ date: '2025-06-01', wears: 14, love: 4, sewAgain: 'with changes' }],
  }),
  make('gangway', 'maren', {
    version: 3,
    cutOn: '2025-09-27',
    finishedOn: '2025-10-04',
    size: { size: '40' },
    sizeLines: [
      { zone: 'thigh', line: { size: '40', to: '42', at: 0.5 } },
      { zone: 'waistband', line: { size: '42' } },
    ],
    fabric: ['rust-corduroy', 156, 24],
    minutes: 560,
    difficulty: 1,
    altered: [
      { kind: 'rise', amount: 2, part: 'both', marked: '2024-09-07' },
      { kind: 'leg-at-hem', amount: -2, marked: '2024-09-07' },
    ],
    seen: [
      [
        after(11),
        '2026-04-12',
        [
          ['waistband', 0],
          ['hip', -1, { words: 'the cord does not give at all' }],
          ['rise', 0],
          ['thigh', 0],
          ['leg', 0],
        ],
      ],
    ],
    said: [{ date: '2026-04-12', wears: 11, love: 4, sewAgain: 'with changes' }],
    learned: [['next time', 'pockets 3 deeper']],
  }),
];

const nocturne: Make[] = [
  make('nocturne', 'maren', {
    version: 1,
    cutOn: '2023-10-14',
    finishedOn: '2023-10-28',
    size: { size: '38' },
    fabric: ['black-crepe', 172],
    minutes: 420,
    difficulty: 1,
    seen: [
      [
        after(8),
        '2024-04-01',
        [
          ['waistband', -1],
          ['skirt', 0],
        ],
      ],
    ],
    said: [{ date: '2024-04-01', wears: 8, love: 3, reasons: ['fit'], sewAgain: 'with changes' }],
  }),
  make('nocturne', 'maren', {
    version: 2,
    cutOn: '2025-02-08',
    finishedOn: '2025-02-22',
    size: { size: '40' },
    // Laid flat and measured from a picture, once it sat right: it is wider than the chart has it.
    measured: [{ zone: 'waistband', cm: 74, of: 'garment' }],
    fabric: ['black-crepe', 73, 55],
    minutes: 400,
    altered: [
      {
        kind: 'side-seams',
        amount: -0.25,
        way: 'perSeam',
        zones: ['waistband'],
        when: 'wear',
        afterWears: 2,
        date: '2025-03-09',
        note: 'waistband opened at both sides',
      },
    ],
    seen: [
      [
        after(2),
        '2025-03-08',
        [
          ['waistband', 1, { amount: 1 }],
          ['skirt', 0],
        ],
      ],
      [after(17), '2026-03-15', right('waistband', 'skirt')],
    ],
    said: [{ date: '2026-03-15', wears: 17, love: 5, sewAgain: 'as is' }],
  }),
];

/** A child growing. */
const puffin: Make[] = [
  make('puffin', 'tilda', {
    version: 1,
    cutOn: '2024-05-11',
    finishedOn: '2024-05-12',
    state: 'outgrown',
    why: 'too short after one summer',
    size: { size: '104' },
    fabric: ['marigold-dot', 105],
    minutes: 240,
    altered: [{ kind: 'skirt-length', amount: 3, purpose: 'style', note: 'deep hem, to let down' }],
    seen: [[after(12), '2024-09-01', right('bust', 'bodice', 'skirt')]],
    said: [{ date: '2024-09-01', wears: 12, love: 5, sewAgain: 'as is' }],
  }),
  make('puffin', 'tilda', {
    version: 2,
    cutOn: '2025-05-17',
    finishedOn: '2025-05-18',
    size: { size: '110' },
    fabric: ['marigold-dot', 110, 45],
    minutes: 220,
    seen: [
      [
        after(15),
        '2025-10-05',
        [
          ['bust', 0],
          ['bodice', -1],
          ['skirt', -1],
        ],
      ],
    ],
    said: [{ date: '2025-10-05', wears: 15, love: 4, sewAgain: 'with changes' }],
  }),
  make('puffin', 'tilda', {
    version: 3,
    cutOn: '2026-06-13',
    finishedOn: '2026-06-14',
    size: { size: '116' },
    fabric: ['seaglass-viscose', 130],
    minutes: 230,
    altered: [
      { kind: 'bodice-below-bust', amount: 1 },
      { kind: 'skirt-length', amount: 2 },
    ],
    seen: [[after(9), '2026-09-20', right('bust', 'bodice', 'skirt')]],
    said: [{ date: '2026-09-20', wears: 9, love: 5, sewAgain: 'as is' }],
    learned: [['next time', 'size 122 and a deeper hem']],
  }),
];

const bollard: Make[] = [
  make('bollard', 'anselm', {
    version: 1,
    cutOn: '2025-03-08',
    finishedOn: '2025-03-16',
    size: { size: 'L' },
    fabric: ['navy-drill', 225],
    minutes: 600,
    seen: [
      [
        after(20),
        '2025-11-09',
        [
          ['acrossBack', 0],
          ['bust', 0],
          ['bodyLength', -1, { amount: 3 }],
          ['sleeve', -1, { amount: 2 }],
        ],
      ],
    ],
    said: [{ date: '2025-11-09', wears: 20, love: 4, sewAgain: 'with changes' }],
  }),
  make('bollard', 'anselm', {
    version: 2,
    state: 'loose ends',
    cutOn: '2026-10-17',
    size: { size: 'L' },
    fabric: ['rust-corduroy', 180],
    minutes: 510,
    altered: [
      { kind: 'body-at-hem', amount: 3, marked: '2026-10-17' },
      { kind: 'sleeve-length', amount: 2, marked: '2026-10-17' },
    ],
    looseEnds: [
      { id: 'loose-bollard-hem', words: 'hem by hand', since: '2026-10-25' },
      { id: 'loose-bollard-snaps', words: 'two snaps at the cuffs', since: '2026-10-25' },
    ],
    seen: [[tryOn, '2026-10-25', right('acrossBack', 'bust', 'sleeve')]],
  }),
];

/** A pattern let go, and what became of its dress. */
const saltmarsh: Make[] = [
  make('saltmarsh', 'maren', {
    version: 1,
    cutOn: '2023-06-03',
    finishedOn: '2023-06-18',
    state: 'unpicked',
    why: 'made into a skirt',
    size: { size: '38' },
    fabric: ['seaglass-viscose', 160],
    minutes: 720,
    seen: [
      [
        after(2),
        '2023-07-30',
        [
          ['bust', 0],
          ['waist', 0],
          ['bodice', -2, { amount: 3 }],
          ['neckDepth', 2, { amount: 2 }],
        ],
      ],
    ],
    said: [{ date: '2023-07-30', wears: 2, love: 2, reasons: ['pattern', 'style'], sewAgain: 'no', words: 'Needs a slip, a pin and patience.' }],
    learned: [['erratum', 'facing piece 6 is drafted for another neckline']],
  }),
];

const refashioned: Make[] = [
  make('nocturne', 'maren', {
    version: 3,
    kind: 'refashion',
    refashionOf: 'make-saltmarsh-1',
    cutOn: '2026-04-18',
    finishedOn: '2026-04-19',
    size: { size: '40' },
    fabric: ['seaglass-viscose', 110],
    minutes: 180,
    altered: [{ kind: 'skirt-length', amount: -12, purpose: 'style', note: 'all that the old skirt gave' }],
    seen: [[after(7), '2026-08-23', right('waistband', 'skirt')]],
    said: [{ date: '2026-08-23', wears: 7, love: 4, sewAgain: 'as is' }],
    remark: 'The skirt of the Saltmarsh dress.',
  }),
];

const foreshore: Make[] = [
  make('foreshore', 'maren', {
    version: 1,
    cutOn: '2024-05-04',
    finishedOn: '2024-05-05',
    size: { size: 'M' },
    fabric: ['gull-jersey', 115],
    minutes: 150,
    seen: [
      [
        after(22),
        '2025-04-06',
        [
          ['neckWidth', 2, { words: 'slides off one shoulder' }],
          ['bust', 0],
          ['bodyLength', -1, { amount: 2 }],
          ['sleeve', 0],
        ],
      ],
    ],
    said: [{ date: '2025-04-06', wears: 22, love: 4, sewAgain: 'with changes' }],
  }),
  make('foreshore', 'maren', {
    version: 2,
    cutOn: '2025-04-19',
    finishedOn: '2025-04-20',
    size: { size: 'M' },
    fabric: ['gull-jersey', 100, 35],
    minutes: 130,
    altered: [
      { kind: 'neck-width', amount: -1, way: 'perSide' },
      { kind: 'body-at-hem', amount: 2.5, marked: '2025-04-19' },
    ],
    seen: [
      [
        after(26),
        '2026-05-24',
        [
          ['neckWidth', 1],
          ['bust', 0],
          ['bodyLength', 0],
          ['sleeve', 0],
        ],
      ],
    ],
    said: [{ date: '2026-05-24', wears: 26, love: 5, sewAgain: 'with changes' }],
  }),
];

const fogbell: Make[] = [
  make('fogbell', 'maren', {
    version: 1,
    kind: 'toile',
    cutOn: '2026-02-14',
    finishedOn: '2026-02-15',
    size: { size: 'C' },
    fabric: ['bed-linen', 240],
    minutes: 260,
    seen: [
      [
        tryOn,
        '2026-02-15',
        [
          ['acrossBack', -1],
          ['bust', 0],
          ['sleeve', -1, { amount: 2 }],
          ['bodyLength', 0],
        ],
      ],
    ],
    remark: 'Tried on over the Eider cardigan.',
  }),
  make('fogbell', 'maren', {
    version: 2,
    state: 'sewing',
    cutOn: '2026-11-07',
    size: { size: 'D' },
    fabric: ['grey-check', 160, 5],
    minutes: 480,
    altered: [{ kind: 'sleeve-length', amount: 2 }],
    looseEnds: [{ id: 'loose-fogbell-lining', words: 'lining still to be cut', since: '2026-11-15' }],
    seen: [
      [
        tryOn,
        '2026-11-15',
        [
          ['acrossBack', 0],
          ['bust', 0],
          ['sleeve', 0],
        ],
      ],
    ],
  }),
];

const abandoned: Make[] = [
  make('lantern', 'maren', {
    version: 2,
    state: 'abandoned',
    why: 'the cord is too thick for the points; the rest is in the stash',
    cutOn: '2025-11-22',
    size: { size: 'C' },
    fabric: ['rust-corduroy', 70],
    minutes: 90,
  }),
];

/** A dress for concerts and a second for the summer; the third is joined with the sleeve of the shirt. */
const slackwater: Make[] = [
  make('slackwater', 'maren', {
    version: 1,
    kind: 'toile',
    cutOn: '2024-05-04',
    finishedOn: '2024-05-05',
    size: { size: '40' },
    fabric: ['bed-linen', 210],
    lacking: ['skirt'],
    minutes: 260,
    seen: [
      [
        tryOn,
        '2024-05-05',
        [
          ['bust', 0],
          ['waist', -1, { symptom: 'tummy-pulls', words: 'pulls when sitting' }],
          ['bodice', -2, { amount: 2 }],
          ['armhole', 1, { symptom: 'armhole-gapes' }],
        ],
      ],
    ],
  }),
  make('slackwater', 'maren', {
    version: 2,
    cutOn: '2024-06-29',
    finishedOn: '2024-07-14',
    size: { size: '40' },
    sizeLines: [{ zone: 'waist', line: { size: '42' } }],
    fabric: ['black-crepe', 215, 5],
    times: [
      { id: 'make-slackwater-2-t1', phase: 'trace and alter', minutes: 75 },
      { id: 'make-slackwater-2-t2', phase: 'cut', minutes: 90 },
      { id: 'make-slackwater-2-t3', phase: 'sew', minutes: 540 },
      { id: 'make-slackwater-2-t4', phase: 'unpick', minutes: 45 },
    ],
    notions: [
      { id: 'make-slackwater-2-o1', what: 'hidden zip 60 cm', cost: { minor: 380, currency: 'EUR' } },
      { id: 'make-slackwater-2-o2', what: 'thread, one reel', cost: { minor: 290, currency: 'EUR' } },
    ],
    altered: [
      { kind: 'bodice-below-bust', amount: 2, marked: '2024-06-29' },
      { kind: 'armhole-wedge', amount: 1, marked: '2024-06-29' },
    ],
    seen: [
      [firstDay, '2024-07-14', [...right('bust', 'waist', 'armhole'), ['skirt', -1, { amount: 3 }]]],
      [after(12), '2025-03-02', right('bust', 'waist', 'bodice', 'armhole')],
    ],
    said: [
      { date: '2024-07-14', wears: 0, love: 4 },
      {
        date: '2025-03-02',
        wears: 12,
        love: 5,
        parts: { fit: 5, style: 5, fabric: 4, comfort: 5, making: 3 },
        sewAgain: 'as is',
        words: 'One can breathe in the slow movement.',
      },
    ],
    learned: [
      ['mistake', 'sewed the zip in twice; baste it first'],
      ['setting', 'needle 70, stitch 2.2'],
      ['tip', 'stay the neckline before anything else'],
    ],
  }),
  make('slackwater', 'maren', {
    version: 3,
    sources: [
      { patternId: 'pattern-slackwater', viewId: 'view-slackwater-b' },
      { patternId: 'pattern-tidewater', viewId: 'view-tidewater', zones: ['sleeve'] },
    ],
    cutOn: '2026-05-09',
    finishedOn: '2026-05-24',
    size: { size: '40' },
    sizeLines: [
      { zone: 'waist', line: { size: '40', to: '42', at: 0.5 } },
      { zone: 'sleeve', line: { size: 'C' } },
    ],
    fabric: ['petrol-crepe', 244],
    minutes: 720,
    altered: [
      { kind: 'bodice-below-bust', amount: 2 },
      { kind: 'skirt-length', amount: 6, purpose: 'style' },
      { kind: 'swap-part', purpose: 'style', note: 'the sleeve of the shirt' },
    ],
    seen: [[after(3), '2026-08-02', [...right('bust', 'bodice', 'sleeve'), ['waist', -1, { words: 'after supper' }]]]],
    said: [{ date: '2026-08-02', wears: 3, love: 4, reasons: ['care'] }],
    mends: [{ id: 'make-slackwater-3-m1', date: '2026-09-13', what: 'hem levelled again', wore: 'the bias dropped', minutes: 40 }],
  }),
];

/** A child who grows: each year's shorts are a size up, and the old ones are outgrown without anybody's fault. */
const sandpiper: Make[] = [
  make('sandpiper', 'tilda', {
    version: 1,
    state: 'outgrown',
    stateSince: '2025-05-01',
    cutOn: '2024-06-09',
    size: { size: '98' },
    fabric: ['star-cotton', 72, 16],
    minutes: 110,
    seen: [[after(10), '2024-08-20', right('waistband', 'rise', 'leg')]],
    said: [{ date: '2024-08-20', wears: 10, love: 5 }],
  }),
  make('sandpiper', 'tilda', {
    version: 2,
    state: 'given',
    stateSince: '2026-06-14',
    why: 'to a neighbour’s child',
    cutOn: '2025-05-10',
    size: { size: '110' },
    fabric: ['raspberry-cord', 78],
    minutes: 95,
    altered: [{ kind: 'elastic', amount: -2, marked: '2025-05-10' }],
    seen: [
      [
        after(6),
        '2025-07-20',
        [
          ['waistband', 0],
          ['rise', 0],
          ['leg', 1, { words: 'with room to grow, as meant' }],
        ],
      ],
    ],
    said: [{ date: '2025-07-20', wears: 6, love: 4 }],
  }),
  make('sandpiper', 'tilda', {
    version: 3,
    cutOn: '2026-06-20',
    size: { size: '116' },
    fabric: ['star-cotton', 70],
    minutes: 90,
    altered: [{ kind: 'elastic', amount: -2 }],
    seen: [[after(8), '2026-09-06', right('waistband', 'rise', 'leg')]],
    said: [{ date: '2026-09-06', wears: 8, love: 5, words: 'pockets full of shells' }],
  }),
];

/** Leggings: one worn out, one unpicked because the fabric would not give, one right. */
const kelp: Make[] = [
  make('kelp', 'maren', {
    version: 1,
    state: 'worn out',
    stateSince: '2025-02-01',
    cutOn: '2022-11-26',
    size: { size: 'C' },
    fabric: ['kelp-jersey', 108, 8],
    minutes: 160,
    seen: [
      [after(10), '2023-03-05', [...right('waistband', 'hip', 'thigh'), ['rise', -1, { symptom: 'rise-pulls-down' }], ['leg', 1, { amount: 3 }]]],
    ],
    said: [{ date: '2023-03-05', wears: 10, love: 4 }],
    mends: [
      { id: 'make-kelp-1-m1', date: '2023-10-01', what: 'seat seam sewn again', wore: 'the thread, at the seat', minutes: 15 },
      { id: 'make-kelp-1-m2', date: '2024-06-02', what: 'patch inside the thigh', wore: 'the fabric, inner thigh', minutes: 25 },
    ],
  }),
  make('kelp', 'maren', {
    version: 2,
    state: 'unpicked',
    stateSince: '2023-02-12',
    why: 'could not be pulled over the hip',
    cutOn: '2023-01-28',
    size: { size: 'C' },
    fabric: ['ink-ponte', 84],
    minutes: 130,
    altered: [{ kind: 'leg-at-hem', amount: -3, marked: '2023-01-28' }],
    seen: [
      [
        tryOn,
        '2023-01-29',
        [
          ['hip', -3],
          ['thigh', -2],
          ['waistband', -2, { causedBy: 'hip' }],
        ],
      ],
    ],
    learned: [['mistake', 'did not pull at the fabric before cutting']],
  }),
  make('kelp', 'maren', {
    version: 3,
    cutOn: '2024-11-16',
    size: { size: 'C' },
    fabric: ['kelp-jersey', 106, 14],
    minutes: 125,
    altered: [
      { kind: 'leg-at-hem', amount: -3, marked: '2023-01-28' },
      { kind: 'rise', amount: 1.5, part: 'back', marked: '2024-11-16' },
    ],
    seen: [
      [after(12), '2025-02-23', [...right('waistband', 'hip', 'rise', 'thigh'), ['leg', 0], ['knee', 1, { side: 'left', words: 'the old injury' }]]],
    ],
    said: [{ date: '2025-02-23', wears: 12, love: 4 }],
  }),
];

/** Second makes of a few: given away, joined, half done. */
const later: Make[] = [
  make('foreshore', 'maren', {
    version: 3,
    state: 'given',
    stateSince: '2025-12-06',
    why: 'to a sister',
    cutOn: '2025-07-12',
    size: { size: 'M' },
    fabric: ['tern-jersey', 122],
    minutes: 140,
    seen: [
      [
        after(5),
        '2025-09-07',
        [
          ['neckWidth', 0],
          ['bust', 0],
          ['bodyLength', 0],
          ['sleeve', 0],
        ],
      ],
    ],
    said: [{ date: '2025-09-07', wears: 5, love: 2, reasons: ['fabric'], words: 'One sees everything through it.' }],
  }),
  make('foreshore', 'maren', {
    version: 4,
    cutOn: '2026-02-07',
    size: { size: 'M', to: 'L', at: 0.5 },
    fabric: ['heron-sweat', 128, 20],
    minutes: 175,
    altered: [{ kind: 'neck-width', amount: -1, way: 'perSide', marked: '2026-02-07' }],
    seen: [[after(20), '2026-09-13', right('neckWidth', 'bust', 'bodyLength', 'sleeve')]],
    said: [{ date: '2026-09-13', wears: 20, love: 4, sewAgain: 'as is' }],
    learned: [['next time', 'bind the neckline instead of a facing']],
  }),
  make('nocturne', 'maren', {
    version: 4,
    state: 'resting',
    stateSince: '2026-10-31',
    why: 'put by until spring',
    cutOn: '2026-06-06',
    size: { size: '40' },
    fabric: ['sand-linen', 13],
    minutes: 30,
    remark: 'Only the new waistband is of sand linen; the rest was cut down from version 2.',
    refashionOf: 'make-nocturne-2',
    kind: 'refashion',
    learned: [['next time', 'shorten the skirt by 2']],
  }),
  make('puffin', 'tilda', {
    version: 4,
    state: 'cut',
    cutOn: '2026-11-15',
    size: { size: '122' },
    fabric: ['marigold-dot', 45],
    minutes: 35,
    looseEnds: [{ id: 'make-puffin-4-l1', words: 'the skirt does not come out of what is left: find another yellow', since: '2026-11-15' }],
  }),
];

/** What has no fit is counted, and shows in the stash what became of its fabric. */
function thing(
  id: string,
  name: string,
  person: string,
  day: string,
  quantity: number,
  fabric: readonly [string, number],
  rest: Partial<Make> = {},
): Make {
  return {
    ...blankMake(`make-${id}`, `person-${person}`, 1, day),
    name,
    kind: 'without fit',
    quantity,
    fabrics: [{ id: `make-${id}-c1`, fabricId: `fabric-${fabric[0]}`, part: 'main', length: fabric[1] }],
    ...rest,
  };
}

const things: Make[] = [
  thing('music-bag', 'music bag', 'maren', '2023-11-11', 1, ['sail-canvas', 90], {
    notions: [{ id: 'make-music-bag-o1', what: '2 m webbing', cost: { minor: 520, currency: 'EUR' } }],
    times: [{ id: 'make-music-bag-t1', phase: 'all', minutes: 240 }],
    verdicts: [{ id: 'make-music-bag-v1', date: '2024-03-01', wears: 0, love: 5, reasons: [], words: 'Takes two scores and a lunch.' }],
  }),
  thing('rosin-pouches', 'rosin pouches', 'maren', '2023-12-09', 6, ['wine-silk', 38], {
    state: 'given',
    stateSince: '2023-12-24',
    why: 'to the section',
  }),
  thing('window-cushions', 'window seat cushions', 'anselm', '2024-03-23', 2, ['harbour-ticking', 140], {
    mends: [{ id: 'make-window-cushions-m1', date: '2026-02-15', what: 'a corner sewn again', minutes: 10 }],
  }),
  thing('fair-aprons', 'aprons for the harbour fair', 'anselm', '2025-06-28', 4, ['harbour-ticking', 105], {
    state: 'sold',
    stateSince: '2025-07-12',
  }),
  thing('concert-scarf', 'concert scarf', 'maren', '2025-11-08', 1, ['black-crepe', 12]),
  thing('endpin-rest', 'endpin rest', 'maren', '2025-02-08', 1, ['sail-canvas', 20]),
  thing('pet-bed', 'bed for the ship’s cat', 'anselm', '2026-01-10', 1, ['blanket', 60], {
    looseEnds: [{ id: 'make-pet-bed-l1', words: 'a zip in the cover', since: '2026-01-10', done: '2026-02-01' }],
  }),
];

/** A bag made three times: again, and without the front pocket. */
const tideline: Make[] = [
  make('tideline', 'maren', {
    version: 1,
    kind: 'without fit',
    cutOn: '2024-08-03',
    finishedOn: '2024-08-03',
    fabric: ['sail-canvas', 60],
    minutes: 150,
    said: [{ date: '2025-02-01', wears: 0, love: 4, words: 'The pocket gapes when it is full.' }],
    learned: [['tip', 'topstitch the handles before they are set in', [{ of: 'technique', name: 'topstitching' }]]],
  }),
  make('tideline', 'maren', {
    version: 2,
    kind: 'without fit',
    quantity: 2,
    cutOn: '2025-03-08',
    finishedOn: '2025-03-09',
    fabric: ['harbour-ticking', 110],
    altered: [{ kind: 'leave-out', way: 'total', purpose: 'style', note: 'the front pocket' }],
    minutes: 190,
    state: 'given',
    stateSince: '2025-04-02',
    why: 'one to each of the violas',
  }),
  make('tideline', 'maren', {
    version: 3,
    kind: 'without fit',
    cutOn: '2026-06-20',
    finishedOn: '2026-06-21',
    fabric: ['sail-canvas', 62],
    altered: [{ kind: 'leave-out', way: 'total', purpose: 'style', note: 'the front pocket' }],
    minutes: 120,
    said: [{ date: '2026-06-21', wears: 0, love: 5, sewAgain: 'as is' }],
  }),
];

/** A bra: the band right at once, the cup in the second. */
const merrow: Make[] = [
  make('merrow', 'maren', {
    version: 1,
    cutOn: '2025-11-22',
    finishedOn: '2025-11-25',
    size: { size: '75B' },
    fabric: ['tern-jersey', 40],
    minutes: 300,
    difficulty: 4,
    seen: [
      [
        after(2),
        '2025-12-10',
        [
          ['braBand', 0],
          ['cup', -1, { words: 'cuts in at the top edge' }],
          ['wireLine', 0],
          ['strap', 1, { amount: 2 }],
        ],
      ],
    ],
    said: [{ date: '2025-12-10', wears: 2, love: 3, reasons: ['fit'], sewAgain: 'with changes' }],
    learned: [['tip', 'walk the elastic in quarters before stitching', [{ of: 'technique', name: 'elastic' }]]],
  }),
  make('merrow', 'maren', {
    version: 2,
    cutOn: '2026-01-24',
    finishedOn: '2026-01-27',
    size: { size: '75B' },
    sizeLines: [{ zone: 'cup', line: { size: '75C' } }],
    fabric: ['tern-jersey', 40],
    altered: [{ kind: 'strap-length', amount: -2, marked: '2026-01-24' }],
    minutes: 220,
    seen: [[after(9), '2026-05-02', right('braBand', 'cup', 'wireLine', 'strap')]],
    said: [{ date: '2026-05-02', wears: 9, love: 5, sewAgain: 'as is' }],
  }),
];

/** Pyjamas of two: made as one, worn apart. */
const moorings: Make[] = [
  make('moorings-shirt', 'anselm', {
    version: 1,
    setId: 'set-pyjamas',
    cutOn: '2026-01-31',
    finishedOn: '2026-02-08',
    size: { size: 'L' },
    fabric: ['heron-brushed', 260],
    minutes: 420,
    seen: [[after(6), '2026-04-11', right('shoulder', 'bodyLength')]],
    said: [{ date: '2026-04-11', wears: 6, love: 4, sewAgain: 'as is' }],
    learned: [
      ['tip', 'wash the brushed cotton twice before cutting: it went on shrinking', [{ of: 'fabrics like it', fabricId: 'fabric-heron-brushed' }]],
    ],
  }),
  make('moorings-trousers', 'anselm', {
    version: 1,
    setId: 'set-pyjamas',
    cutOn: '2026-01-31',
    finishedOn: '2026-02-08',
    size: { size: 'L' },
    fabric: ['heron-brushed', 220],
    minutes: 240,
    seen: [[after(6), '2026-04-11', right('waistband', 'leg')]],
    said: [{ date: '2026-04-11', wears: 6, love: 5, sewAgain: 'as is' }],
  }),
];

/** A combination with a name: the body of the shirt with the neckline of the dress. */
const REHEARSAL: Make['sources'] = [
  { patternId: 'pattern-rehearsal', viewId: 'view-rehearsal' },
  { patternId: 'pattern-tidewater', viewId: 'view-tidewater', zones: ['shoulder', 'acrossBack', 'bust', 'hip', 'bodice', 'sleeve'] },
  { patternId: 'pattern-saltmarsh', viewId: 'view-saltmarsh', zones: ['neckDepth'], pieces: 'front neckline and facing' },
];
const rehearsal: Make[] = [
  make('rehearsal', 'maren', {
    version: 1,
    sources: REHEARSAL,
    cutOn: '2025-06-14',
    finishedOn: '2025-06-22',
    size: { size: 'C' },
    fabric: ['seaglass-viscose', 150],
    minutes: 480,
    seen: [[after(3), '2025-08-02', [['neckDepth', 1, { amount: 1.5, words: 'shows when leaning over the cello' }], ...right('bust')]]],
    said: [{ date: '2025-08-02', wears: 3, love: 3, reasons: ['fit'], sewAgain: 'with changes' }],
    learned: [['tip', 'starch the viscose and cut it single', [{ of: 'fabrics like it', fabricId: 'fabric-seaglass-viscose' }]]],
  }),
  make('rehearsal', 'maren', {
    version: 2,
    sources: REHEARSAL,
    cutOn: '2026-03-28',
    finishedOn: '2026-04-06',
    size: { size: 'C' },
    fabric: ['white-lawn', 160],
    altered: [{ kind: 'neck-depth', amount: -1.5, marked: '2026-03-28' }],
    minutes: 400,
    seen: [[after(5), '2026-07-12', right('neckDepth', 'bust')]],
    said: [{ date: '2026-07-12', wears: 5, love: 5, sewAgain: 'as is' }],
  }),
];

/** A bought dress cut down to a skirt: no pattern, and a fit like any other. */
const cutDown: Make[] = [
  {
    ...blankMake('make-market-skirt', 'person-maren', 1, '2026-05-09'),
    name: 'the market dress, cut down to a skirt',
    kind: 'refashion',
    garment: 'skirt',
    bought: { what: 'a maxi dress from the flea market', size: '44', price: { minor: 900, currency: 'EUR' } },
    finishedOn: '2026-05-10',
    size: { size: '44' },
    alterations: [
      { id: 'make-market-skirt-a1', kind: 'side-seams', way: 'total', amount: -6, zones: ['waistband'], purpose: 'fit', when: 'body' },
      { id: 'make-market-skirt-a2', kind: 'skirt-length', way: 'total', amount: -12, purpose: 'style', when: 'cutting' },
    ],
    cameOut: [{ id: 'make-market-skirt-o1', fabricId: 'fabric-market-cotton', length: 55, width: 90 }],
    fabrics: [{ id: 'make-market-skirt-c1', fabricId: 'fabric-market-cotton', part: 'main' }],
    times: [{ id: 'make-market-skirt-t1', phase: 'all', minutes: 95 }],
    fitNotes: [
      { id: 'make-market-skirt-n1', zone: 'waistband', outcome: 0, seen: firstDay, date: '2026-05-10' },
      { id: 'make-market-skirt-n2', zone: 'skirt', outcome: 0, seen: firstDay, date: '2026-05-10' },
    ],
    verdicts: [
      { id: 'make-market-skirt-v1', date: '2026-05-10', wears: 0, love: 4, reasons: [], words: 'An evening, and a skirt with a print nobody sells.' },
    ],
  },
];

/** A designer who runs small over the hip: tight in the size of the chart, right two sizes up. */
const anchor: Make[] = [
  make('grebe', 'maren', {
    version: 1,
    cutOn: '2023-03-11',
    finishedOn: '2023-03-18',
    size: { size: '40' },
    fabric: ['slate-twill', 90],
    minutes: 260,
    seen: [[after(2), '2023-05-06', [['hip', -3, { amount: 7, found: 'pinned' }], ...right('waistband', 'skirt')]]],
    said: [{ date: '2023-05-06', wears: 2, love: 2, reasons: ['fit'], sewAgain: 'with changes' }],
    learned: [['mistake', 'believed the envelope: its hip of 98 is no 98']],
  }),
  make('grebe', 'maren', {
    version: 2,
    cutOn: '2023-10-14',
    finishedOn: '2023-10-21',
    size: { size: '40' },
    sizeLines: [{ zone: 'hip', line: { size: '44' } }],
    fabric: ['slate-twill', 90],
    minutes: 240,
    seen: [[after(9), '2024-03-30', right('waistband', 'hip', 'skirt')]],
    said: [{ date: '2024-03-30', wears: 9, love: 4, sewAgain: 'as is' }],
  }),
  make('dunlin', 'maren', {
    version: 1,
    cutOn: '2023-06-10',
    finishedOn: '2023-06-17',
    size: { size: '40' },
    sizeLines: [{ zone: 'hip', line: { size: '44' } }],
    fabric: ['slate-twill', 140],
    minutes: 390,
    seen: [[after(11), '2024-04-20', [['hip', -1], ...right('waistband', 'rise')]]],
    said: [{ date: '2024-04-20', wears: 11, love: 4, sewAgain: 'as is' }],
  }),
  make('whimbrel', 'maren', {
    version: 1,
    cutOn: '2025-02-08',
    finishedOn: '2025-02-16',
    size: { size: '40' },
    sizeLines: [{ zone: 'hip', line: { size: '42' } }],
    fabric: ['slate-twill', 215],
    minutes: 480,
    seen: [[after(4), '2025-04-05', [['hip', -2, { amount: 4.5, found: 'pinned' }], ...right('waistband', 'rise')]]],
    said: [{ date: '2025-04-05', wears: 4, love: 3, reasons: ['fit'], sewAgain: 'with changes' }],
  }),
];

export const makes: Make[] = [
  ...skerry,
  ...tidewater,
  ...eider,
  ...lantern,
  ...gangway,
  ...nocturne,
  ...puffin,
  ...bollard,
  ...saltmarsh,
  ...refashioned,
  ...foreshore,
  ...fogbell,
  ...abandoned,
  ...slackwater,
  ...sandpiper,
  ...kelp,
  ...later,
  ...things,
  ...anchor,
  ...tideline,
  ...merrow,
  ...moorings,
  ...rehearsal,
  ...cutDown,
];
