import { measureWords } from '../body/measure-words';
import { formatLength, type LengthUnit } from '../units/length';
import { percent } from '../units/percent';
import { BODY_MEASURES, zoneOf } from '../body/zones';
import { heightWords } from './words';
import type { Sizes } from './sizes';

/** What a method says, in a line; without a size where it cannot speak, and then why. */
export interface SizingMethodWords {
  readonly method: 'chart' | 'finished' | 'experience';
  readonly size: string | undefined;
  readonly because: string;
}

/** The three sizing methods in words, each with what it goes by: read side by side they say why they differ. */
export function sizingMethodWords(sizes: Sizes, unit: LengthUnit): SizingMethodWords[] {
  const { byChart, byFinished, byExperience } = sizes;
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  return [
    {
      method: 'chart',
      size: byChart?.size,
      because: byChart
        ? `${BODY_MEASURES[byChart.measure]} ${byChart.carriedOn ? measureWords(byChart.carriedOn, length) : length(byChart.body)}; the size is drafted for ${length(byChart.chart)}`
        : sizes.labelsAlone
          ? 'the pattern has no size chart yet'
          : 'the chart or the body gives no measure that decides',
    },
    {
      method: 'finished',
      size: byFinished?.size,
      because: byFinished
        ? `leaves ${length(byFinished.ease)} of ease at the ${zoneOf(byFinished.at).label}; ${length(byFinished.wanted)} is wanted, ${
            byFinished.wantedFrom === 'a loved garment' ? 'as in what you love to wear' : 'as is usual in this intended ease'
          }`
        : 'the pattern gives no finished measure at a place that matters',
    },
    {
      method: 'experience',
      size: byExperience?.size,
      because: byExperience
        ? `one size all over is right at every place with a chance of ${percent(byExperience.chance)}, by what you noted so far`
        : 'no pattern of yours says anything of these places yet',
    },
  ];
}

/** What has to be said beside the sizes: off the chart, full bust, steps too wide, waists that must pass, measures that are missing. */
export function sizeRemarks(sizes: Sizes, unit: LengthUnit): string[] {
  const { byChart, fullBust, wideSteps, byHeight, mustPass, lacking, chart, otherCharts, labelsAlone } = sizes;
  const length = (cm: number) => formatLength(Math.abs(cm), unit, { about: true });
  const [tall] = byHeight;
  const measure = byChart && BODY_MEASURES[byChart.measure];
  return [
    ...(labelsAlone ? ['Sizes without a chart: usual steps between them are taken, with their doubt. Its chart would sharpen this.'] : []),
    ...(byChart?.offChart === undefined
      ? []
      : [
          `The chart does not reach ${measure} ${length(byChart.body)}: ${byChart.size} is the nearest, ${length(byChart.chart - byChart.body)} too ${
            byChart.chart < byChart.body ? 'small' : 'large'
          }. Measure the pieces and make a toile before you trust it.`,
        ]),
    ...(otherCharts.length > 0 ? [`Read from “${chart.name}”: it lies nearer to the body than ${otherCharts.map((n) => `“${n}”`).join(', ')}.`] : []),
    ...(fullBust !== undefined && Math.abs(fullBust) >= 0.5
      ? [`Chosen by high bust: add ${fullBust > 0 ? '' : 'minus '}${length(fullBust)} of fullness on each side of the bust.`]
      : []),
    ...wideSteps.map(([a, b]) => `From ${zoneOf(a).label} to ${zoneOf(b).label} the blend steps over more than two sizes: true that seam with care.`),
    ...mustPass.map(({ zone, short }) =>
      short > 0
        ? `The ${zoneOf(zone).label} must pass the hip and is ${length(short)} too small before it is drawn in: cut it wider, or put in a closing.`
        : `The ${zoneOf(zone).label} passes the hip; elastic or cord sets its fit.`,
    ),
    ...(tall
      ? [
          `D${heightWords(tall, unit).slice(1)}: as drafted ${byHeight.map(({ zone, cm }) => `the ${zoneOf(zone).label} is ${length(cm)} too ${cm < 0 ? 'short' : 'long'}`).join(', ')}.`,
        ]
      : []),
    ...(lacking.length > 0 ? [`Not measured: ${lacking.map((m) => BODY_MEASURES[m]).join(', ')}.`] : []),
  ];
}
