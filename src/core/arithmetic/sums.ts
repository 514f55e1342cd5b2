import type { BodyMeasure } from '../body/zones';
import { reckonedWidth } from '../fabric/usual-width';
import type { Fabric } from '../records';
import { biasFrom, squareForBias } from './bias';
import { circleSkirt, QUARTERS, type CirclePart } from './circle-skirt';
import { gramsOf, ouncesOf } from '../units/fabric-weight';
import { band, elasticLength, foldToSeam, gatherRatio, seamToFold, skirtLength, strapLength } from './lengths';
import { needleFor } from './needle-and-thread';
import { pieceCheck } from './piece-check';
import { canBePutOn } from './put-on';
import { fromKeys, keysOf } from '../units/keys';

/** What lies at hand: the body, the fabric and the pattern that are spoken of. */
export interface AtHand {
  readonly body: Partial<Record<BodyMeasure, number>>;
  readonly fabric?: Fabric | undefined;
  /** Seam allowance of the pattern, cm. */
  readonly allowance?: number | undefined;
}

/** A number that a sum asks for; lengths in cm. */
export interface SumField {
  readonly key: SumKey;
  readonly label: string;
  readonly ask: 'length' | 'number' | 'percent';
  /** What stands there before anything is typed. */
  readonly usual?: (hand: AtHand) => number | undefined;
  /** A choice instead of a number: its value is the place of the one chosen. */
  readonly choices?: readonly string[];
}

/** A result: the first line is the answer. */
export interface SumResult {
  readonly lines: readonly string[];
  /** Something is wrong: it cannot close, it cannot be put on. */
  readonly warns?: boolean;
}

/** Every number that a sum may ask for. */
const KEYS = [
  'above',
  'after',
  'allowance',
  'amount',
  'before',
  'body',
  'cut',
  'cutOff',
  'ease',
  'fall',
  'finished',
  'fold',
  'gathered',
  'hem',
  'in',
  'length',
  'opening',
  'over',
  'overlap',
  'part',
  'pieces',
  'ratio',
  'slit',
  'stretch',
  'strip',
  'structure',
  'to',
  'waist',
  'wanted',
  'weight',
  'width',
] as const;
export type SumKey = (typeof KEYS)[number];

/** The numbers of a sum; what it does not ask for is not a number, and neither is an answer that would need it. */
export type SumValues = Readonly<Record<SumKey, number>>;

/**
 * Numbers for a sum from those that are known.
 *
 * @example sumValues({ before: 10, after: 13 }).after // 13
 */
export function sumValues(known: Partial<Record<SumKey, number>>): SumValues {
  return { ...fromKeys(KEYS, () => NaN), ...known };
}

/** A sum of the cutting table. */
export interface Sum {
  readonly id: string;
  readonly name: string;
  readonly fields: readonly SumField[];
  /** @param length writes cm in the unit that is spoken */
  readonly answer: (values: SumValues, length: (cm: number) => string) => SumResult;
  /** What a test of the fabric says of it, to be written to the stash. */
  readonly intoFabric?: (values: SumValues) => Partial<Fabric>;
}

const round = (n: number, to = 10) => Math.round(n * to) / to;
const part = (values: SumValues): CirclePart => keysOf(QUARTERS)[values.part] ?? 'full';
/** The seam allowance of a pattern that says none, cm. Source: the commonest on home sewing patterns. */
export const USUAL_ALLOWANCE = 1.5;
const allowance: SumField = { key: 'allowance', label: 'Seam allowance', ask: 'length', usual: (h) => h.allowance ?? USUAL_ALLOWANCE };
const fabricWidth: SumField = { key: 'width', label: 'Width of the fabric', ask: 'length', usual: (h) => reckonedWidth(h.fabric) };

/** Sums at hand (engine.md, section 11): each takes what is known and asks for the rest. */
export const SUMS: readonly Sum[] = [
  {
    id: 'piece',
    name: 'Does the band close?',
    fields: [
      { key: 'cut', label: 'Width of the piece as cut', ask: 'length' },
      { key: 'pieces', label: 'Pieces that go round', ask: 'number', usual: () => 1 },
      { key: 'fold', label: 'Cut', ask: 'number', choices: ['flat', 'on the fold'], usual: () => 0 },
      allowance,
      { key: 'overlap', label: 'Overlap', ask: 'length', usual: () => 0 },
      { key: 'body', label: 'Body it goes round', ask: 'length', usual: (h) => h.body.waist },
      { key: 'ease', label: 'Ease', ask: 'length', usual: () => 0 },
    ],
    answer: ({ cut, pieces, fold, allowance: a, overlap, body, ease }, length) => {
      const found = pieceCheck({ cut: cut, pieces: pieces, onFold: fold === 1, allowance: a, overlap: overlap }, body, ease);
      return {
        lines: [
          found.closes ? `It closes, with ${length(found.over)} to spare` : `It is ${length(-found.over)} short: it cannot close`,
          `${length(found.finished)} round when sewn; ${length(found.needed)} are needed`,
        ],
        warns: !found.closes,
      };
    },
  },
  {
    id: 'put on',
    name: 'Can it be put on?',
    fields: [
      { key: 'opening', label: 'Opening as sewn, round', ask: 'length' },
      { key: 'slit', label: 'Slit, zip or placket', ask: 'length', usual: () => 0 },
      { key: 'stretch', label: 'The fabric stretches there', ask: 'percent', usual: (h) => h.fabric?.stretchAcross ?? 0 },
      { key: 'over', label: 'Must pass', ask: 'length', usual: (h) => h.body.head ?? h.body.hip },
    ],
    answer: ({ opening, slit, stretch, over }, length) => {
      const found = canBePutOn({ opening: opening, slit: slit, stretch: stretch, over: { it: over } });
      if (!found) return { lines: ['Nothing has to pass.'] };
      return {
        lines: [
          found.passes ? `It goes on, with ${length(found.spare)} to spare` : `It is ${length(-found.spare)} short: it does not go on`,
          `opens to ${length(found.widest)}`,
        ],
        warns: !found.passes,
      };
    },
  },
  {
    id: 'circle',
    name: 'Circle skirt',
    fields: [
      { key: 'part', label: 'How much of a circle', ask: 'number', choices: Object.keys(QUARTERS), usual: () => 0 },
      { key: 'waist', label: 'Waist, finished', ask: 'length', usual: (h) => h.body.waist },
      { key: 'length', label: 'Length, finished', ask: 'length', usual: () => 60 },
      fabricWidth,
      allowance,
      { key: 'hem', label: 'Hem allowance', ask: 'length', usual: () => 2 },
    ],
    answer: (values, length) => {
      const found = circleSkirt(part(values), values.waist, values.length, values.width, { waist: values.allowance, hem: values.hem });
      if (!found) return { lines: ['The fabric is narrower than the skirt is long: its panels would have to be pieced'], warns: true };
      return {
        lines: [
          `${length(found.fabric)} of fabric, in ${found.panels === 1 ? 'one piece' : `${found.panels} panels`}`,
          `waist at a radius of ${length(found.radius)}, cut at ${length(found.cutRadius)}; hem at ${length(found.outer)}`,
          `${length(found.sweep)} round the hem; let it hang before it is levelled`,
        ],
      };
    },
  },
  {
    id: 'bias',
    name: 'Bias strip from a piece',
    fields: [
      { key: 'length', label: 'Length of the piece', ask: 'length', usual: () => 50 },
      { key: 'width', label: 'Width of the piece', ask: 'length', usual: () => 50 },
      { key: 'strip', label: 'Width of the strip as cut', ask: 'length', usual: () => 4 },
      { key: 'wanted', label: 'Strip wanted', ask: 'length', usual: () => 200 },
    ],
    answer: ({ length: long, width, strip, wanted }, length) => {
      const found = biasFrom(long, width, strip);
      const side = squareForBias(wanted, strip);
      return { lines: [`about ${length(found)} of strip`, `for ${length(wanted)} a square of ${length(side)} will do`], warns: found < wanted };
    },
  },
  {
    id: 'elastic',
    name: 'Elastic',
    fields: [
      { key: 'body', label: 'Body it goes round', ask: 'length', usual: (h) => h.body.waist },
      { key: 'ratio', label: 'Length to the body', ask: 'percent', usual: () => 90 },
      { key: 'overlap', label: 'Overlap', ask: 'length', usual: () => 2 },
    ],
    answer: ({ body, ratio, overlap }, length) => ({
      lines: [`cut ${length(elasticLength(body, ratio / 100, overlap))}`, 'try it on before it is sewn in; 85 % holds firmly, 100 % lies loose'],
    }),
  },
  {
    id: 'strap',
    name: 'Strap',
    fields: [
      { key: 'over', label: 'Over the shoulder, finished', ask: 'length' },
      allowance,
      { key: 'stretch', label: 'Stretches when worn', ask: 'percent', usual: () => 0 },
    ],
    answer: ({ over, allowance: a, stretch }, length) => ({ lines: [`cut ${length(strapLength(over, a, stretch))}`] }),
  },
  {
    id: 'band',
    name: 'Band in place of a hem',
    fields: [
      { key: 'cutOff', label: 'Cut off', ask: 'length', usual: () => 4 },
      { key: 'finished', label: 'Band when sewn', ask: 'length', usual: () => 4 },
      allowance,
    ],
    answer: ({ cutOff, finished, allowance: a }, length) => {
      const found = band(cutOff, finished, a);
      const change = found.changes === 0 ? 'the length stays' : `${length(Math.abs(found.changes))} ${found.changes > 0 ? 'longer' : 'shorter'}`;
      return { lines: [`cut the band ${length(found.cutWidth)} wide`, change] };
    },
  },
  {
    id: 'fold',
    name: 'Fold to seam, seam to fold',
    fields: [{ key: 'width', label: 'Width of the piece', ask: 'length' }, allowance],
    answer: ({ width, allowance: a }, length) => ({
      lines: [`a fold made a seam: two pieces of ${length(foldToSeam(width, a))}`, `a seam made a fold: ${length(seamToFold(width, a))} on the fold`],
    }),
  },
  {
    id: 'floor',
    name: 'Hem above the floor',
    fields: [
      {
        key: 'waist',
        label: 'Waist above the floor, in its shoes',
        ask: 'length',
        usual: (h) => (h.body.inseam !== undefined && h.body.rise !== undefined ? h.body.inseam + h.body.rise : undefined),
      },
      { key: 'above', label: 'Hem above the floor', ask: 'length', usual: () => 30 },
      { key: 'fall', label: 'Falls further by its own weight', ask: 'length', usual: () => 0 },
    ],
    answer: ({ waist, above, fall }, length) => ({ lines: [`${length(skirtLength(waist, above, fall))} from waist to hem`] }),
  },
  {
    id: 'gather',
    name: 'Gathers',
    fields: [
      { key: 'gathered', label: 'What is gathered', ask: 'length' },
      { key: 'to', label: 'Gathered to', ask: 'length', usual: (h) => h.body.waist },
    ],
    answer: ({ gathered, to }) => ({
      lines: [`${round(gatherRatio(gathered, to), 100)} to 1`, 'one and a half is soft, two is full, three wants a light fabric'],
    }),
  },
  {
    id: 'stretch',
    name: 'Stretch test',
    fields: [
      { key: 'before', label: 'A piece of', ask: 'length', usual: () => 10 },
      { key: 'after', label: 'pulls to', ask: 'length' },
    ],
    answer: ({ before, after }) => ({ lines: [`stretches ${round((after / before - 1) * 100)}\u202f%`], warns: after < before }),
    intoFabric: ({ before, after }) => (after >= before ? { stretchAcross: round((after / before - 1) * 100) } : {}),
  },
  {
    id: 'shrinkage',
    name: 'Shrinkage test',
    fields: [
      { key: 'before', label: 'A piece of', ask: 'length', usual: () => 50 },
      { key: 'after', label: 'washes to', ask: 'length' },
      { key: 'wanted', label: 'Length wanted once washed', ask: 'length', usual: () => 200 },
    ],
    intoFabric: ({ before, after }) => (after <= before ? { shrinkAlong: round((1 - after / before) * 100) } : {}),
    answer: ({ before, after, wanted }, length) => ({
      lines: [`shrinks ${round((1 - after / before) * 100)}\u202f%`, `cut ${length((wanted * before) / after)} before washing`],
    }),
  },
  {
    id: 'weight',
    name: 'Weight of fabric',
    fields: [
      { key: 'amount', label: 'Weight', ask: 'number', usual: (h) => h.fabric?.weight },
      { key: 'in', label: 'In', ask: 'number', choices: ['g/m²', 'oz/yd²'], usual: () => 0 },
    ],
    intoFabric: ({ amount, in: unit }) => ({ weight: Math.round(unit === 1 ? gramsOf(amount) : amount) }),
    answer: ({ amount, in: unit }) => ({ lines: [unit === 1 ? `${round(gramsOf(amount), 1)} g/m²` : `${round(ouncesOf(amount))} oz/yd²`] }),
  },
  {
    id: 'needle',
    name: 'Needle and thread',
    fields: [
      { key: 'structure', label: 'Fabric', ask: 'number', choices: ['woven', 'knit'], usual: (h) => (h.fabric?.structure === 'knit' ? 1 : 0) },
      { key: 'weight', label: 'Weight, g/m²', ask: 'number', usual: (h) => h.fabric?.weight ?? 150 },
      { key: 'stretch', label: 'Crosswise stretch', ask: 'percent', usual: (h) => h.fabric?.stretchAcross ?? 0 },
    ],
    answer: ({ structure, weight, stretch }) => {
      const found = needleFor({ structure: structure === 1 ? 'knit' : 'woven', weight: weight, stretchAcross: stretch });
      return {
        lines: [`${found.needle}, stitch ${found.stitch}`, `${found.thread} thread: ${found.why}`, 'a scrap of the fabric has the last word'],
      };
    },
  },
];

/**
 * The answer to a sum, from what was typed and what lies at hand.
 *
 * @param typed numbers by the keys of the fields; those left out are taken from what lies at hand
 * @returns the labels that are still wanted, where any is
 */
export function answerSum(
  sum: Sum,
  typed: Partial<Record<SumKey, number>>,
  hand: AtHand,
  length: (cm: number) => string,
): SumResult | { readonly wants: readonly string[] } {
  const known: Partial<Record<SumKey, number>> = {};
  const wants: string[] = [];
  for (const { key, label, usual } of sum.fields) {
    const value = typed[key] ?? usual?.(hand);
    if (value === undefined) wants.push(label);
    else known[key] = value;
  }
  return wants.length > 0 ? { wants } : sum.answer(sumValues(known), length);
}
