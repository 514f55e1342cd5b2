import { addDays, addMonths, formatISO, lastDayOfMonth, parseISO } from 'date-fns';
import { MONTH_NAMES, type IsoDate } from '../units/date';
import { SEASONS } from '../records/seasons';
import { seasonOf, type Hemisphere, type Season } from './season';

export const SPAN_KINDS = ['month', 'season', 'year'] as const;
export type SpanKind = (typeof SPAN_KINDS)[number];

/** Days from the first to the last, both included, with what they are called. */
export interface Span {
  readonly name: string;
  readonly from: IsoDate;
  readonly until: IsoDate;
}

const iso = (date: Date): IsoDate => formatISO(date, { representation: 'date' });
/**
 * The month, season or year that holds a day.
 *
 * @returns a season by whole months; one that goes over the new year is named by both (winter 2025/26)
 * @example spanAround('season', '2026-01-15', 'north') // { name: 'Winter 2025/26', from: '2025-12-01', until: '2026-02-28' }
 */
export function spanAround(kind: SpanKind, date: IsoDate, hemisphere: Hemisphere): Span {
  const year = Number(date.slice(0, 4));
  if (kind === 'year') return { name: String(year), from: `${year}-01-01`, until: `${year}-12-31` };
  let first = parseISO(`${date.slice(0, 7)}-01`);
  if (kind === 'month')
    return { name: `${MONTH_NAMES[first.getMonth()]} ${first.getFullYear()}`, from: iso(first), until: iso(lastDayOfMonth(first)) };
  const season = seasonOf(date, hemisphere);
  while (seasonOf(iso(addMonths(first, -1)), hemisphere) === season) first = addMonths(first, -1);
  const last = lastDayOfMonth(addMonths(first, 2));
  const [begins, ends] = [first.getFullYear(), last.getFullYear()];
  const years = begins === ends ? String(begins) : `${begins}/${String(ends).slice(2)}`;
  return { name: `${season.charAt(0).toUpperCase()}${season.slice(1)} ${years}`, from: iso(first), until: iso(last) };
}

/** The span of the same kind after this one, or before it. */
export function neighbourSpan(kind: SpanKind, span: Span, direction: 1 | -1, hemisphere: Hemisphere): Span {
  const day = direction === 1 ? addDays(parseISO(span.until), 1) : addDays(parseISO(span.from), -1);
  return spanAround(kind, iso(day), hemisphere);
}

/** The last of each season that has begun by a day, the latest first: "last summer". */
export function lastSeasons(date: IsoDate, hemisphere: Hemisphere): readonly (Span & { readonly season: Season })[] {
  const spans: (Span & { season: Season })[] = [];
  let span = spanAround('season', date, hemisphere);
  for (let i = 0; i < SEASONS.length; i++) {
    spans.push({ ...span, season: seasonOf(span.from, hemisphere) });
    span = neighbourSpan('season', span, -1, hemisphere);
  }
  return spans;
}
