import { mainFabric } from '../src/core/make/main-fabric';
import { flatSvg, sheetOf } from '../src/core/drawing/flat-svg';
import type { FlatSide } from '../src/core/drawing/sheet';
import { zoneSpots } from '../src/core/drawing/zone-spots';
import { daysBetween } from '../src/core/body/measures';
import type { Ledger, Make, Picture, Wear } from '../src/core/records';
import { dateOfDay, dayNumber } from '../src/core/units/date';
import { seasonOf, seasonsOf } from '../src/core/wear/season';
import { fabrics } from './fabrics';
import { makes } from './makes';
import { lists, occasions, plans, sets, times } from './plans';
import { collections, patterns } from './patterns';
import { bodies, people } from './people';

/** The last day of the demo's story. */
const LAST_DAY = '2026-11-22';

/** How often each make was worn, from the day it was finished until it left the wardrobe. */
const WORN: Record<string, readonly [times: number, until?: string]> = {
  'make-skerry-2': [14],
  'make-tidewater-1': [6, '2024-03-01'],
  'make-tidewater-2': [19],
  'make-tidewater-3': [41],
  'make-eider-1': [58],
  'make-eider-2': [1, '2025-11-02'],
  'make-gangway-1': [3, '2024-09-01'],
  'make-gangway-2': [38],
  'make-gangway-3': [17],
  'make-nocturne-1': [12],
  'make-nocturne-2': [24],
  'make-nocturne-3': [9],
  'make-puffin-1': [18, '2025-04-20'],
  'make-puffin-2': [22],
  'make-puffin-3': [14],
  'make-saltmarsh-1': [2, '2023-07-30'],
  'make-foreshore-1': [30],
  'make-foreshore-2': [33],
  'make-foreshore-3': [7, '2025-11-20'],
  'make-foreshore-4': [34],
  'make-slackwater-2': [31],
  'make-slackwater-3': [8],
  'make-sandpiper-1': [26, '2025-04-30'],
  'make-sandpiper-2': [19, '2026-06-10'],
  'make-sandpiper-3': [15],
  'make-kelp-1': [88, '2025-01-30'],
  'make-kelp-3': [47],
  'make-nocturne-4': [2],
  'make-grebe-1': [2, '2023-06-01'],
  'make-grebe-2': [16],
  'make-dunlin-1': [18],
  'make-whimbrel-1': [5],
  'make-merrow-1': [4, '2026-02-01'],
  'make-merrow-2': [31],
  'make-moorings-shirt-1': [22],
  'make-moorings-trousers-1': [36],
  'make-rehearsal-1': [4],
  'make-rehearsal-2': [13],
  'make-market-skirt': [9],
};

/** What Maren says of her garments in words of her own. */
const OWN_WORDS: Record<string, readonly string[]> = {
  'rides up at the cello': [
    'make-tidewater-1',
    'make-tidewater-2',
    'make-rehearsal-1',
    'make-foreshore-3',
    'make-eider-2',
    'make-nocturne-1',
    'make-grebe-1',
    'make-gangway-1',
    'make-lantern-1',
  ],
  'good for walking': [
    'make-eider-1',
    'make-gangway-2',
    'make-gangway-3',
    'make-nocturne-2',
    'make-nocturne-3',
    'make-nocturne-4',
    'make-foreshore-2',
    'make-slackwater-2',
    'make-slackwater-3',
    'make-kelp-1',
    'make-kelp-3',
    'make-grebe-2',
    'make-dunlin-1',
    'make-merrow-1',
  ],
  'bow arm free': ['make-tidewater-3', 'make-slackwater-2', 'make-slackwater-3', 'make-merrow-1'],
};

function inOwnWords(make: Make): Make {
  const words = Object.keys(OWN_WORDS).filter((w) => OWN_WORDS[w]?.includes(make.id));
  return words.length === 0 ? make : { ...make, ownWords: words.join(', ') };
}

/** Asked of every day of every garment, and looked up once: where tests run, each global costs a search. */
const { imul } = Math;

/** A number from 0 to 1 that looks like chance and is the same every time: FNV-1a over the words, stirred so that near words part. */
function chance(words: string): number {
  let hash = 0x811c9dc5;
  for (const sign of words) hash = imul(hash ^ sign.charCodeAt(0), 0x01000193);
  hash = imul(hash ^ (hash >>> 16), 0x85ebca6b);
  hash = imul(hash ^ (hash >>> 13), 0xc2b2ae35);
  return ((hash ^ (hash >>> 16)) >>> 0) / 2 ** 32;
}

/** Wears of one make, each on a day of its own in the seasons of its fabric, as unevenly as life goes. */
function wearsOf(make: Make): Wear[] {
  const [times, until = LAST_DAY] = WORN[make.id] ?? [0];
  const from = make.finishedOn ?? make.cutOn;
  const seasons = seasonsOf(make, fabrics);
  const first = dayNumber(from);
  const days = Array.from({ length: daysBetween(from, until) }, (_, i) => dateOfDay(first + i));
  const fitting = days.filter((day) => seasons.includes(seasonOf(day, 'north')));
  const among = fitting.length >= times ? fitting : days;
  const worn = among
    .map((day) => ({ day, order: chance(`${make.id} ${day}`) }))
    .sort((a, b) => a.order - b.order)
    .slice(0, times)
    .map(({ day }) => day)
    .sort();
  return worn.map((date, i) => ({ id: `wear-${make.id}-${String(i + 1).padStart(3, '0')}`, date, makeIds: [make.id], count: 1 }));
}

/** Evenings that were written down with more than a stroke: worn together, where, how it was. */
const OUTFITS: readonly Omit<Wear, 'id' | 'count'>[] = [
  { date: '2025-10-18', makeIds: ['make-skerry-2', 'make-nocturne-2'], occasion: 'concert', comfort: 4, remark: 'long, but one could breathe' },
  { date: '2025-12-13', makeIds: ['make-skerry-2', 'make-nocturne-2'], occasion: 'concert', comfort: 3, washed: true },
  { date: '2026-03-21', makeIds: ['make-slackwater-2'], occasion: 'concert', comfort: 5 },
  { date: '2026-07-04', makeIds: ['make-foreshore-4', 'make-nocturne-3'], occasion: 'market', comfort: 5, washed: true },
  { date: '2026-09-19', makeIds: ['make-slackwater-3'], occasion: 'a wedding', comfort: 4, remark: 'the hem dips' },
];

/** What was entered in bulk: Anselm keeps no book of days, and a journey is unpacked in one go. */
const BULK: readonly Omit<Wear, 'id'>[] = [
  { date: '2025-03-16', until: '2025-05-31', makeIds: ['make-bollard-1'], count: 12 },
  { date: '2025-09-01', until: '2025-11-30', makeIds: ['make-bollard-1'], count: 9, often: 'often' },
  { date: '2026-03-01', until: '2026-05-31', makeIds: ['make-bollard-1'], count: 15 },
  { date: '2026-09-01', until: '2026-11-20', makeIds: ['make-bollard-1'], count: 8, often: 'often' },
  { date: '2026-07-18', until: '2026-07-25', makeIds: ['make-foreshore-4'], count: 3, occasion: 'a week on the islands' },
  { date: '2026-07-18', until: '2026-07-25', makeIds: ['make-nocturne-3'], count: 2, occasion: 'a week on the islands' },
  { date: '2026-07-18', until: '2026-07-25', makeIds: ['make-slackwater-3'], count: 0, occasion: 'a week on the islands' },
];

/** Makes whose fit notes are pinned to their pictures: the shirt, which is compared most. */
const PINNED = 'pattern-tidewater';

/** The pattern and view that a make was cut from first. */
function drawnAs(make: Make) {
  const source = make.sources[0];
  const pattern = patterns.find((p) => p.id === source?.patternId);
  const view = pattern?.views.find((v) => v.id === source?.viewId);
  return pattern && view && { pattern, view };
}

/** A make with its fit notes pinned where their zones lie on its pictures. */
function pinned(make: Make): Make {
  const drawn = drawnAs(make);
  if (drawn?.pattern.id !== PINNED) return make;
  const { kind } = drawn.pattern;
  const spots = zoneSpots(kind, drawn.view.flat);
  const fitNotes = make.fitNotes.map((note) => {
    const spot = spots.find((s) => s.zone === note.zone);
    if (!spot) return note;
    const { width, height } = sheetOf(kind, drawn.view.flat, spot.side);
    return { ...note, pin: { pictureId: pictureId(make, spot.side), x: spot.x / width, y: spot.y / height } };
  });
  return { ...make, fitNotes };
}

const pictureId = (make: Make, side: FlatSide) => `picture-${make.id}-${side}`;

/** Front and back of a make, drawn in its fabric. */
function picturesOf(make: Make): Picture[] {
  const drawn = drawnAs(make);
  if (!drawn) return [];
  const { pattern, view } = drawn;
  const swatch = mainFabric(make, fabrics).fabric?.swatch;
  return (['front', 'back'] as const).map((side) => ({
    id: pictureId(make, side),
    makeId: make.id,
    side,
    place: 0,
    type: 'image/svg+xml',
    data: btoa(flatSvg(pattern.kind, view.flat, side, swatch)),
  }));
}

/** The demo ledger: four years of a cellist's sewing. Everything in it is made up. */
export function demoLedger(): Ledger {
  return {
    people,
    bodies,
    patterns,
    fabrics,
    makes: makes.map((make) => inOwnWords(pinned(make))),
    wears: [
      ...makes.flatMap(wearsOf),
      ...OUTFITS.map((wear, i) => ({ id: `wear-outfit-${i + 1}`, count: 1, ...wear })),
      ...BULK.map((wear, i) => ({ id: `wear-bulk-${i + 1}`, ...wear })),
    ],
    lists,
    plans,
    sets,
    collections,
    times,
    occasions,
    pictures: makes.flatMap(picturesOf),
  };
}
