import { lookedWords, outcomeWords } from '../../core/make/fit-note-words';
import { type Alteration, type SizeLine, Make } from '../../core/records';
import { latestNote } from '../../core/make/latest-note';
import clsx from 'clsx';
import { alterationPlace, alterationAmount, alterationWhen, sizeLineWords } from '../../core/alteration/words';
import type { ZoneForecast } from '../../core/forecast/carry-forward';
import { offsetWords, rangeWords } from '../../core/forecast/label-places';
import { type PatternCase } from '../../core/garment/case';
import { isChanged } from '../../core/forecast/summary';
import { type LengthUnit } from '../../core/units/length';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import { meantFor } from '../../core/plan/meant';
import { usePlans } from '../../data/queries';
import { fateWords, otherwiseWords } from '../../core/versions/credit-words';
import type { Effect } from '../../core/versions/what-it-did';
import { markColour } from '../fit-mark';
import { Gauge } from '../gauge';
import { percent } from '../../core/units/percent';

/** Zones of one line together: `C; bust D; across back between C and D`. */
export function SizeLines({
  size,
  lines,
  changed,
}: {
  size: SizeLine | undefined;
  lines: Make['sizeLines'];
  changed?: (zone: ZoneId | 'all') => boolean;
}) {
  const strong = (zone: ZoneId | 'all', text: string) => (changed?.(zone) ? <b>{text}</b> : text);
  return (
    <>
      {strong('all', sizeLineWords(size))}
      {lines.map((l) => (
        <span key={l.zone}>
          {', '}
          {strong(l.zone, `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`)}
        </span>
      ))}
    </>
  );
}

/** What was meant for the next version and is not settled yet: said beside what is reckoned, and never added to it. */
export function MeantNextTime({ input }: { input: PatternCase }) {
  const meant = meantFor(input, usePlans()).filter((m) => m.answered?.plan.state !== 'made');
  return meant.length === 0 ? null : (
    <ul className="text-small leading-[17px]">
      {meant.map(({ make, note, answered }) => (
        <li key={note.id}>
          Meant in version {make.version}: {note.words}
          {answered && (answered.answer === 'declined' ? ' (not in the plan)' : ' (in the plan)')}
        </li>
      ))}
    </ul>
  );
}

export function AlterationList({
  alterations,
  unit,
  showWhen,
  isNew,
}: {
  alterations: readonly Alteration[];
  unit: LengthUnit;
  showWhen: boolean;
  isNew?: (a: Alteration) => boolean;
}) {
  // What is to be cut has none; of what was cut nobody may have said so.
  if (alterations.length === 0) return <span className="text-small text-ink2">{isNew ? 'nothing' : 'nothing noted'}</span>;
  return (
    <ul>
      {alterations.map((a) => (
        <li key={a.id} className="leading-[18px]">
          {alterationPlace(a)} <span className={clsx('whitespace-nowrap', isNew?.(a) && 'font-bold')}>{alterationAmount(a, unit)}</span>
          {showWhen && <span className="text-small text-ink2"> {a.purpose === 'style' ? 'for looks' : alterationWhen(a)}</span>}
        </li>
      ))}
    </ul>
  );
}

export function FitCell({
  x,
  make,
  forecast,
  zone,
  effects,
  unit,
}: {
  /** The offset when it was last looked at, cm; undefined while that is worked out. */
  x: number | undefined;
  make: Make;
  forecast: ZoneForecast | undefined;
  zone: ZoneId;
  /** What became here of the notes of the version before. */
  effects: readonly Effect[];
  unit: LengthUnit;
}) {
  const note = latestNote(make, zone);
  if (!note) return <span className="text-small text-ink2">{make.lacking.includes(zone) ? 'part left out' : 'not judged'}</span>;
  const kind = zoneOf(zone).kind;
  const fate = fateWords(effects, unit);
  return (
    <span title={`${lookedWords(note, make)}${note.words ? `: ${note.words}` : ''}`}>
      <span className="flex items-center justify-between gap-2">
        <span style={{ color: markColour(note.outcome) }}>{outcomeWords(note, unit)}</span>
        {forecast && x !== undefined && <Gauge best={forecast.best} x={x} outcome={note.outcome} kind={kind} domain={rowDomain(forecast)} />}
      </span>
      {fate !== '' && (
        <span className="block text-small leading-[15px] text-ink2" title={effects.map((e) => otherwiseWords(e, unit)).join('')}>
          {fate}
        </span>
      )}
    </span>
  );
}

/** The ends of the scale that the cells of a row share. */
function rowDomain({ best, evidence, x }: ZoneForecast): readonly [number, number] {
  const all = [best.low, best.high, x, 0, ...evidence.map((e) => e.offset.x)];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const pad = Math.max(1, (high - low) * 0.12);
  return [low - pad, high + pad];
}

interface CarryFitProps {
  readonly forecast: ZoneForecast;
  /** A note that the others make hardly believable, and of which nobody said that it is right. */
  readonly slip: boolean;
  readonly disagree: boolean;
  readonly unit: LengthUnit;
  readonly onWhy: (zone: ZoneId) => void;
  readonly chosen: boolean;
}

export function CarryFit({ forecast, disagree, slip, unit, onWhy, chosen }: CarryFitProps) {
  const { zone, x, best, chance, labels } = forecast;
  if (chance === undefined) return <span className="text-small text-ink2">no note yet: last cut kept</span>;
  const changed = isChanged(forecast);
  const place = offsetWords(labels, x, unit, true);
  const cut = sizeLineWords(forecast.line);
  const told = labels && place !== cut ? `${cut}, altered` : place;
  return (
    <button
      type="button"
      onClick={() => onWhy(zone)}
      aria-label={`${zoneOf(zone).label}: ${changed ? 'change to' : 'keep'} ${offsetWords(labels, x, unit)}, chance of right ${percent(chance)}. Why?`}
      className={clsx(
        '-mx-2 flex w-[calc(100%+16px)] items-center justify-between gap-2 rounded-md px-2 py-0.5 text-left hover:bg-amber-tint',
        chosen && 'bg-amber-tint',
      )}
    >
      <span>
        {!changed && 'keep '}
        <b>{told}</b> <span className="text-small text-ink2">about {rangeWords(labels, best.low, best.high, unit)}</span>
        {disagree && <span className="text-small text-garnet"> · {slip ? 'is a note wrong?' : 'notes disagree'}</span>}
      </span>
      <span className="text-small whitespace-nowrap text-ink2 underline decoration-dotted underline-offset-2">{percent(chance)}</span>
    </button>
  );
}

/** Nothing is known of it. */
export function Blank() {
  return <span className="text-small text-ink2">–</span>;
}
