import type { BodyMeasure } from '../src/core/measure/zones';
import type { Pattern, SizeChart, View } from '../src/core/records';
import { blankPattern, blankView } from '../src/core/records/blank';

const eur = (minor: number) => ({ minor, currency: 'EUR' });
const letters = ['A', 'B', 'C', 'D', 'E', 'F'];

/** A chart of even steps: the amount at one size, and the step from size to size. */
function chart(id: string, sizes: readonly string[], base: string, measures: Partial<Record<BodyMeasure, readonly [number, number]>>): SizeChart {
  const at = sizes.indexOf(base);
  const body = Object.fromEntries(
    Object.entries(measures).map(([measure, [cm, step]]) => [measure, sizes.map((_, i) => Math.round((cm + (i - at) * step) * 100) / 100)]),
  );
  return { id, name: 'body chart', sizes: [...sizes], body, finished: {}, finishedOf: [] };
}

/** A pattern in a few words: what is usual is filled in. */
type PatternLine = Pick<Pattern, 'id' | 'name' | 'kind'> &
  Partial<Omit<Pattern, 'views'>> & { views: (Pick<View, 'id' | 'name' | 'zones'> & Partial<View>)[] };

/** Patterns and designers are invented. */
const lines: PatternLine[] = [
  {
    id: 'pattern-skerry',
    name: 'Skerry concert jacket',
    designer: 'Lowtide Drafts',
    kind: 'jacket',
    fitClass: 'semi',
    wants: { structure: 'woven', stretch: 0, weight: 'medium' },
    allowance: 1.5,
    form: 'paper',
    price: eur(2100),
    views: [
      {
        id: 'view-skerry',
        name: 'two-piece sleeve',
        zones: ['acrossBack', 'bust', 'sleeve', 'bodyLength'],
        freeZones: ['hip'],
        clothTable: [{ width: 150, length: 185 }],
        flat: { shape: 'shaped', darts: true },
      },
    ],
    charts: [chart('chart-skerry', letters, 'C', { bust: [88, 5], waist: [70, 5], hip: [96, 5], acrossBack: [35.4, 2] })],
    state: 'kept',
    added: '2024-02-10',
  },
  {
    id: 'pattern-tidewater',
    name: 'Tidewater shirt',
    designer: 'Ninth Wave Cutting',
    kind: 'shirt',
    fitClass: 'semi',
    wants: { structure: 'woven', stretch: 0, weight: 'light' },
    allowance: 1,
    form: 'printed at home',
    price: eur(1400),
    views: [
      {
        id: 'view-tidewater',
        name: 'collar and cuffs',
        zones: ['shoulder', 'acrossBack', 'bust', 'hip', 'bodice', 'sleeve'],
        clothTable: [
          { width: 140, length: 200 },
          { width: 115, length: 245 },
        ],
      },
    ],
    charts: [chart('chart-tidewater', letters, 'C', { bust: [90, 5], waist: [72, 5], hip: [94, 5], shoulder: [12.3, 0.4], acrossBack: [36, 1.2] })],
    state: 'kept',
    added: '2023-03-20',
  },
  {
    id: 'pattern-eider',
    name: 'Eider cardigan',
    designer: 'Kittiwake Lane',
    kind: 'cardigan',
    fitClass: 'close',
    wants: { structure: 'knit', stretch: 60, weight: 'medium' },
    allowance: 1,
    form: 'printed at home',
    price: eur(1250),
    views: [
      {
        id: 'view-eider',
        name: 'ribbed, five buttons',
        zones: ['bust', 'upperArm', 'hip', 'sleeve'],
        clothTable: [{ width: 130, length: 150 }],
        flat: { pockets: 'none' },
      },
    ],
    charts: [chart('chart-eider', ['XS', 'S', 'M', 'L', 'XL'], 'M', { bust: [90, 6], waist: [73, 6], hip: [98, 6], upperArm: [29, 1.6] })],
    state: 'kept',
    added: '2024-09-01',
  },
  {
    id: 'pattern-lantern',
    name: 'Lantern waistcoat',
    designer: 'Lowtide Drafts',
    kind: 'waistcoat',
    fitClass: 'fitted',
    wants: { structure: 'woven', stretch: 0, weight: 'medium' },
    allowance: 1.5,
    form: 'paper',
    price: eur(1500),
    views: [{ id: 'view-lantern', name: 'pointed front', zones: ['bust', 'waist', 'bodice'], clothTable: [{ width: 115, length: 85 }] }],
    charts: [chart('chart-lantern', letters, 'C', { bust: [88, 5], waist: [70, 5], napeToWaist: [41, 0.8] })],
    state: 'kept',
    added: '2024-11-02',
  },
  {
    id: 'pattern-gangway',
    name: 'Gangway trousers',
    designer: 'Harbour Hand',
    kind: 'trousers',
    fitClass: 'fitted',
    wants: { structure: 'woven', stretch: 2, weight: 'medium' },
    allowance: 1.5,
    form: 'copy shop',
    price: eur(1600),
    views: [
      { id: 'view-gangway', name: 'straight leg', zones: ['waistband', 'hip', 'rise', 'thigh', 'leg'], clothTable: [{ width: 150, length: 150 }] },
    ],
    charts: [
      chart('chart-gangway', ['36', '38', '40', '42', '44', '46'], '40', {
        waist: [72, 4],
        hip: [98, 4],
        thigh: [57, 2.4],
        rise: [26.4, 0.6],
        inseam: [80, 0],
      }),
    ],
    state: 'kept',
    added: '2024-05-25',
  },
  {
    id: 'pattern-nocturne',
    name: 'Nocturne skirt',
    designer: 'Harbour Hand',
    kind: 'skirt',
    fitClass: 'semi',
    wants: { structure: 'woven', stretch: 0, weight: 'medium' },
    allowance: 1.5,
    form: 'paper',
    views: [
      {
        id: 'view-nocturne',
        name: 'flared, to the calf',
        zones: ['waistband', 'skirt'],
        freeZones: ['hip'],
        clothTable: [{ width: 150, length: 170 }],
        flat: { length: 'long' },
      },
    ],
    charts: [chart('chart-nocturne', ['36', '38', '40', '42', '44', '46'], '40', { waist: [72, 4], hip: [98, 4] })],
    state: 'kept',
    added: '2023-09-16',
  },
  {
    id: 'pattern-puffin',
    name: 'Puffin pinafore',
    designer: 'Kittiwake Lane',
    kind: 'dress',
    fitClass: 'loose',
    wants: { structure: 'woven', stretch: 0, weight: 'light' },
    allowance: 1,
    form: 'printed at home',
    price: eur(900),
    views: [
      {
        id: 'view-puffin',
        name: 'with pockets',
        zones: ['bust', 'bodice', 'skirt'],
        freeZones: ['hip'],
        clothTable: [{ width: 110, length: 120 }],
        flat: { neck: 'round', sleeve: 'none', length: 'short', pockets: 'patch', darts: false },
      },
    ],
    charts: [
      chart('chart-puffin', ['98', '104', '110', '116', '122', '128'], '110', {
        height: [110, 6],
        bust: [58, 2],
        waist: [54.5, 1.2],
        napeToWaist: [26, 1.3],
      }),
    ],
    state: 'kept',
    added: '2024-05-06',
  },
  {
    id: 'pattern-bollard',
    name: 'Bollard overshirt',
    designer: 'Ninth Wave Cutting',
    kind: 'shirt',
    fitClass: 'loose',
    wants: { structure: 'woven', stretch: 0, weight: 'heavy' },
    allowance: 1,
    form: 'projector',
    views: [
      {
        id: 'view-bollard',
        name: 'patch pockets',
        zones: ['acrossBack', 'bust', 'bodyLength', 'sleeve'],
        clothTable: [{ width: 145, length: 230 }],
        flat: { pockets: 'patch', darts: false },
      },
    ],
    charts: [chart('chart-bollard', ['S', 'M', 'L', 'XL'], 'L', { bust: [106, 6], waist: [94, 6], acrossBack: [43.4, 1.6], armLength: [65, 1] })],
    state: 'kept',
    added: '2025-02-22',
  },
  {
    id: 'pattern-saltmarsh',
    name: 'Saltmarsh dress',
    designer: 'Marram & Thrift',
    kind: 'dress',
    fitClass: 'fitted',
    wants: { structure: 'woven', stretch: 0, weight: 'light' },
    allowance: 1.5,
    form: 'magazine',
    views: [{ id: 'view-saltmarsh', name: 'elbow sleeve', zones: ['bust', 'waist', 'bodice', 'neckDepth'], freeZones: ['hip'], clothTable: [] }],
    charts: [chart('chart-saltmarsh', ['34', '36', '38', '40', '42'], '38', { bust: [88, 4], waist: [70, 4], hip: [96, 4] })],
    state: 'let go',
    why: 'the front neckline is drafted 2 cm too low in every size, and three steps of the instructions are missing',
    added: '2023-05-13',
  },
  {
    id: 'pattern-foreshore',
    name: 'Foreshore tee',
    designer: 'Kittiwake Lane',
    kind: 'top',
    fitClass: 'semi',
    wants: { structure: 'knit', stretch: 30, weight: 'light' },
    allowance: 1,
    form: 'printed at home',
    price: eur(850),
    views: [
      {
        id: 'view-foreshore',
        name: 'boat neck',
        zones: ['neckWidth', 'bust', 'bodyLength', 'sleeve'],
        freeZones: ['waist'],
        clothTable: [{ width: 160, length: 120 }],
        flat: { neck: 'boat', sleeve: 'elbow' },
      },
    ],
    charts: [chart('chart-foreshore', ['XS', 'S', 'M', 'L', 'XL'], 'M', { bust: [91, 6], waist: [74, 6], hip: [99, 6] })],
    state: 'kept',
    added: '2024-04-20',
  },
  {
    id: 'pattern-fogbell',
    name: 'Fogbell coat',
    designer: 'Lowtide Drafts',
    kind: 'coat',
    fitClass: 'loose',
    wants: { structure: 'woven', stretch: 0, weight: 'heavy' },
    allowance: 1.5,
    form: 'paper',
    price: eur(2600),
    views: [
      {
        id: 'view-fogbell',
        name: 'notched collar, to the knee',
        zones: ['acrossBack', 'bust', 'sleeve', 'bodyLength'],
        freeZones: ['hip'],
        clothTable: [{ width: 150, length: 290 }],
      },
    ],
    charts: [chart('chart-fogbell', letters, 'C', { bust: [88, 5], waist: [70, 5], hip: [96, 5], acrossBack: [35.4, 2] })],
    state: 'kept',
    added: '2026-01-10',
  },
];

export const patterns: Pattern[] = lines.map((p) => ({
  ...blankPattern(p.id, '', p.name, p.kind),
  ...p,
  views: p.views.map((v) => ({ ...blankView(v.id, v.name, v.zones), ...v })),
}));
