import { memoize } from '../units/memoize';
import { itemAt } from '../units/item-at';
import type { Make, Pattern, SizeChart } from '../records';
import { chartOf, resized } from './chart';

/**
 * How a row of sizes is labelled: numbers two apart (34 36 38, 8 10 12) and single letters (A B C); letters for small to large (XS S M L);
 * a child's height (92 98 104) or age. What a step between neighbours usually adds depends on it.
 */
export type LabelFamily = 'numbers' | 'letters' | 'children';

/** A way of labelling sizes: where a label stands, and what stands at a place. */
interface Scale {
  readonly family: LabelFamily;
  /** Whole for a size of its own, half for one that joins two ("S/M"). */
  readonly placeOf: (label: string) => number | undefined;
  readonly labelAt: (place: number) => string | undefined;
}

const SMALL_TO_LARGE = ['3XS', 'XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', '3XL', '4XL', '5XL', '6XL'];
const ALSO_CALLED: Readonly<Record<string, string>> = {
  XXXS: '3XS',
  '2XS': 'XXS',
  SMALL: 'S',
  MEDIUM: 'M',
  LARGE: 'L',
  'EXTRA SMALL': 'XS',
  'X-SMALL': 'XS',
  'EXTRA LARGE': 'XL',
  'X-LARGE': 'XL',
  '1X': 'XL',
  '2XL': 'XXL',
  '2X': 'XXL',
  XXXL: '3XL',
  '3X': '3XL',
  XXXXL: '4XL',
  '4X': '4XL',
};
const BABIES_BY_MONTHS = ['0m', '3m', '6m', '9m', '12m', '18m', '24m'];

/** A place in a list, or halfway between two that a label joins: "S/M". */
function inList(list: readonly string[], called: (part: string) => string): Scale['placeOf'] {
  return (label) => {
    const places = label.split(/[/–-](?=\S)/).map((part) => list.indexOf(called(part.trim())));
    if (places.length > 2 || places.includes(-1)) {
      const whole = list.indexOf(called(label));
      return whole < 0 ? undefined : whole;
    }
    return places.reduce((a, b) => a + b, 0) / places.length;
  };
}

/** Numbers so far apart, written as they are, with what stands before and after them. */
function numbersApart(by: number, family: LabelFamily, least: number, most: number, written: RegExp, from = 0): Scale {
  const ends = (label: string) => written.exec(label);
  return {
    family,
    placeOf: (label) => {
      const found = ends(label);
      const n = found ? Number(found[1]) : NaN;
      return n >= least && n <= most && (n - from) % by === 0 ? (n - from) / by : undefined;
    },
    labelAt: (place) => {
      const n = from + place * by;
      return n >= least && n <= most ? String(n) : undefined;
    },
  };
}

const capitals = (label: string) => label.toUpperCase().replace(/\s+/g, ' ');

/** Of two ages that a label joins, the unit is said of the last: "6-9 months". */
const babyAt = inList(BABIES_BY_MONTHS, (part) => part.toLowerCase().replace(/ ?m(onths?|os?)?$/, 'm'));

/** The scales, the likeliest first: the first on which every label of a pattern has a place is the one meant. */
const SCALES: readonly Scale[] = [
  {
    family: 'letters',
    placeOf: inList(SMALL_TO_LARGE, (part) => ALSO_CALLED[capitals(part)] ?? capitals(part)),
    labelAt: (place) => SMALL_TO_LARGE[place],
  },
  numbersApart(6, 'children', 62, 176, /^(\d+)(?: ?cm)?$/, 50),
  numbersApart(2, 'numbers', 0, 70, /^(\d+)$/),
  numbersApart(2, 'numbers', 1, 71, /^(\d+)$/, 1),
  numbersApart(1, 'numbers', 0, 70, /^(\d+)$/),
  {
    family: 'children',
    placeOf: (label) => babyAt(label.replace(/^(\d{1,2}) ?(?=[–/-])/, '$1m').replace(/ (?=[–/-])|(?<=[–/-]) /g, '')),
    labelAt: (place) => BABIES_BY_MONTHS[place],
  },
  {
    family: 'children',
    placeOf: (label) => {
      const age = /^(\d{1,2})(?: ?[–/-] ?(\d{1,2}))? ?(?:y|yrs?|years?|t|j)\.?$/i.exec(label);
      return age ? (Number(age[1]) + Number(age[2] ?? age[1])) / 2 : undefined;
    },
    labelAt: (place) => (place >= 1 && place <= 16 ? `${place}y` : undefined),
  },
  {
    family: 'numbers',
    placeOf: (label) => (/^[a-z]$/i.test(label) ? capitals(label).charCodeAt(0) - 65 : undefined),
    labelAt: (place) => (place >= 0 && place < 26 ? String.fromCharCode(65 + place) : undefined),
  },
];

/**
 * Whether a word can be a size by itself. Small letters are words of their own but for those of small to large.
 *
 * @example isSizeLabel('40') // true
 * @example isSizeLabel('a') // false
 */
export function isSizeLabel(text: string): boolean {
  const scale = SCALES.find((s) => s.placeOf(text) !== undefined);
  return scale !== undefined && (!/^[a-z]$/.test(text) || scale === SCALES[0]);
}

/** So many sizes beyond those named are offered on either side: more than anybody moves from one version to the next. */
const BEYOND = 3;

const scaleOf = (labels: readonly string[]): Scale | undefined =>
  labels.length === 0 ? undefined : SCALES.find((scale) => labels.every((label) => scale.placeOf(label.trim()) !== undefined));

/**
 * What family sizes are labelled by; sizes that fit none are taken for numbers.
 *
 * @example familyOf(['S', 'M', 'L']) // 'letters'
 * @example familyOf(['36', '38']) // 'numbers'
 * @example familyOf(['104', '110']) // 'children'
 */
export const familyOf = memoize((labels: readonly string[]): LabelFamily => scaleOf(labels)?.family ?? 'numbers');

/**
 * The sizes of a pattern in their order, from the labels that were typed so far: completed by their family, three beyond on either side.
 * A label is kept as it was typed first. Labels of no family stand as they came.
 *
 * @example ladderOf(['M', 'L']) // ['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', '3XL']
 */
export function ladderOf(labels: readonly string[]): readonly string[] {
  const typed = [...new Set(labels)];
  const scale = scaleOf(typed);
  if (!scale) return typed;
  const at = new Map<number, string>();
  for (const label of typed) {
    const place = scale.placeOf(label.trim());
    if (place !== undefined && !at.has(place)) at.set(place, label);
  }
  const places = [...at.keys()];
  for (let place = Math.ceil(Math.min(...places)) - BEYOND; place <= Math.max(...places) + BEYOND; place++) {
    const label = at.has(place) ? undefined : scale.labelAt(place);
    if (label !== undefined) at.set(place, label);
  }
  return [...at].sort(([a], [b]) => a - b).map(([, label]) => label);
}

/**
 * The label among some that a word calls, by itself or by another name for the same size.
 *
 * @returns undefined where none of them is meant
 * @example labelCalled('medium', ['S', 'M']) // 'M'
 * @example labelCalled('44', ['S', 'M']) // undefined
 */
export function labelCalled(word: string, labels: readonly string[]): string | undefined {
  const said = word.trim();
  const same = labels.find((label) => label.toLowerCase() === said.toLowerCase());
  if (same !== undefined || labels.length === 0) return same;
  const scale = scaleOf([...labels, said]);
  const place = scale?.placeOf(said);
  return labels.find((label) => place !== undefined && scale?.placeOf(label.trim()) === place);
}

/**
 * A chart with further sizes that were cut and that it does not name: their measures are blank. The very same chart where it names all, or
 * where the labels are of another family.
 *
 * @example withSizes({ id: 'c', name: '', sizes: ['S', 'M'], body: { bust: [84, 90] }, finished: {}, finishedOf: [] }, ['L']).body.bust // [null, …, 84, 90, null, …]
 */
export function withSizes(chart: SizeChart, labels: readonly string[]): SizeChart {
  const more = labels.filter((label) => !chart.sizes.includes(label));
  if (more.length === 0) return chart;
  const scale = scaleOf([...chart.sizes, ...more]);
  if (!scale) return chart;
  const placed = [...chart.sizes, ...more].map((size) => ({ size, place: scale.placeOf(size.trim()) ?? 0 }));
  const inChartOrder = placed.slice(0, chart.sizes.length).every(({ place }, i) => i === 0 || place > itemAt(placed, i - 1).place);
  if (!inChartOrder) return chart;
  const sizes = placed.sort((a, b) => a.place - b.place).map(({ size }) => size);
  return resized(chart, sizes, (at) => chart.sizes.indexOf(itemAt(sizes, at)));
}

/** Charts by what was cut: made once, since whatever is worked out from one is kept with it. */
const charts = memoize((_: Pattern) => new Map<string, SizeChart | undefined>());

/** Every size label that a make was cut by. */
export const labelsOf = ({ size, sizeLines }: Cutting) =>
  [size, ...sizeLines.map((l) => l.line)].flatMap((line) => (line ? [line.size, ...(line.to === undefined ? [] : [line.to])] : []));

type Cutting = Pick<Make, 'size' | 'sizeLines' | 'chartId'>;

/**
 * The sizes of a pattern as a make of it was cut, in their order: its chart, with sizes that were cut and stand in none. Without a chart a
 * chart of labels alone, from every size that was named so far; undefined where none was.
 *
 * @param makes whose sizes are known, the asked one among them or not
 */
export function sizesAsCut(pattern: Pattern, makes: readonly Cutting[], cut: Pick<Make, 'chartId'>): SizeChart | undefined {
  const drawn = chartOf(pattern, cut.chartId);
  const named = new Set<string>();
  for (const make of makes)
    if (chartOf(pattern, make.chartId) === drawn) for (const label of labelsOf(make)) if (!drawn?.sizes.includes(label)) named.add(label);
  if (named.size === 0) return drawn;
  const known = charts(pattern);
  const key = JSON.stringify([drawn?.id, ...named]);
  if (!known.has(key)) known.set(key, drawn ? withSizes(drawn, [...named]) : { ...LABELS_ALONE, sizes: [...ladderOf([...named])] });
  return known.get(key);
}

const LABELS_ALONE: SizeChart = { id: '', name: 'sizes without a chart', sizes: [], body: {}, finished: {}, finishedOf: [] };

/** Whether a chart is labels alone: made of the sizes cut, or begun and not filled in. */
export const isLabelsAlone = memoize(({ body, finished, finishedOf }: SizeChart): boolean =>
  [body, finished, ...finishedOf.map((of) => of.finished)].every((columns) =>
    Object.values<(number | null)[] | undefined>(columns).every((column) => column === undefined || column.every((cm) => cm === null)),
  ),
);
