import { lookedWords, outcomeWords } from '../../core/make/fit-note-words';
import type { ReactNode } from 'react';
import type { ZoneForecast } from '../../core/forecast/carry-forward';
import { DIFFERENCE_WORDS, basisWords, stepsWords, UNKNOWN_WORDS, UNUSED_WORDS } from '../../core/forecast/words';
import { labelsRestOn, offsetWords, rangeWords } from '../../core/forecast/label-places';
import type { Why } from '../../core/forecast/why';
import type { Evidence } from '../../core/garment/evidence';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { percent } from '../../core/units/percent';
import { Link } from 'react-router';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { zoneOf } from '../../core/body/zones';
import { ClosingInChart } from '../closing-in-chart';
import { FitMark } from '../fit-mark';
import { OffsetTerms } from '../offset-terms';

/**
 * Why a figure of the carry-forward column is what it is: which versions, which notes, how much each counts.
 *
 * `influences` says which other patterns moved it; who shows the reasons asks for that. `onRight` keeps that a doubted note is no slip.
 */
export function Reasons({
  forecast,
  why,
  influences,
  unit,
  onRight,
}: {
  forecast: ZoneForecast;
  why: Why;
  influences: ReactNode;
  unit: LengthUnit;
  onRight: (evidence: Evidence) => void;
}) {
  const { zone, best, x, lastX, chance, chanceOfLast, chanceOfBest, unused, unknown, fabricTooFar, labels } = forecast;
  const { reasons, contradictions, closingIn, saidByOthers } = why;
  const kind = zoneOf(zone).kind;
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const place = (cm: number) => offsetWords(labels, cm, unit);
  const span = (a: number, b: number) => (labels ? `about ${rangeWords(labels, a, b, unit)}` : `${about(a)} to ${about(b)}`);
  const unknowns = [...new Set(unknown.map((u) => u.what))];
  const said = (e: Pick<Evidence, 'note' | 'make'>) => (
    <>
      <FitMark kind={kind} outcome={e.note.outcome} /> {outcomeWords(e.note, unit)}
    </>
  );
  return (
    <div className="mt-3 flex flex-col gap-4">
      <div className="border-y border-amber-fill bg-amber-wash px-3 py-2">
        <p>
          <strong className="text-amber first-letter:uppercase">{place(x)}</strong>
          {!labels && ' against the pattern'}
          {chance !== undefined && (
            <>
              , chance of right <strong>{percent(chance)}</strong>
            </>
          )}
          .
        </p>
        <p className="text-small text-ink2">
          {basisWords(forecast, unit)}
          {chanceOfLast !== undefined && chanceOfBest !== undefined && (
            <>
              {' '}
              The last cut again ({place(lastX)}): {percent(chanceOfLast)}. The very best cut{labels ? '' : ` (${about(best.median)})`}:{' '}
              {percent(chanceOfBest)}.
            </>
          )}
        </p>
      </div>

      {labels && <p className="text-small">{labelsRestOn(labels, unit)}</p>}

      {saidByOthers && (
        <div>
          <h3 className="font-serif text-base">What the other patterns say</h3>
          <p className="text-small text-ink2">
            Before any note of this one they make it about <b className="text-ink">{about(saidByOthers.median)}</b> (
            {span(saidByOthers.low, saidByOthers.high)}). {influences}
          </p>
        </div>
      )}

      {reasons.length > 0 && (
        <>
          <p className="text-small text-ink2">
            Best cut {labels ? '' : 'about '}
            <b className="text-ink">{place(best.median)}</b>; four times in five it lies {labels ? '' : 'from '}
            {span(best.low, best.high)}.{closingIn[0] && <> Before any note the range was {span(closingIn[0].best.low, closingIn[0].best.high)}.</>}
          </p>
          <ClosingInChart forecast={forecast} steps={closingIn} unit={unit} width={476} height={180} />
          <table className="w-full border-collapse">
            <caption className="pb-1 text-left font-serif text-base">What each note says</caption>
            <thead className="double-rule-b text-left text-small text-ink2">
              <tr>
                <th className="pr-3 font-normal">Version</th>
                <th className="pr-3 font-normal">Noted</th>
                <th className="pr-3 font-normal">Cut at</th>
                <th className="w-24 font-normal">Counts</th>
              </tr>
            </thead>
            <tbody>
              {reasons.map((r) => (
                <tr key={r.evidence.note.id} className="border-b border-rule align-top">
                  <td className="py-1.5 pr-3">{r.evidence.make.version}</td>
                  <td className="py-1.5 pr-3">
                    <span className="flex items-center gap-1">{said(r.evidence)}</span>
                    <span className="block text-small text-ink2">{lookedWords(r.evidence.note, r.evidence.make)}</span>
                    {r.evidence.note.words && <span className="block text-small text-ink2 italic">{r.evidence.note.words}</span>}
                  </td>
                  <td className="py-1.5 pr-3">
                    {place(r.evidence.offset.x)}
                    <OffsetTerms offset={r.evidence.offset} unit={unit} />
                  </td>
                  <td className="py-1.5">
                    {percent(r.share)}
                    <span className="block text-small text-ink2">moves it {labels ? stepsWords(r.movedBy / labels.step) : about(r.movedBy)}</span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}

      {contradictions.length > 0 && (
        <div>
          <h3 className="font-serif text-base">These notes contradict each other</h3>
          {contradictions.map((c) => (
            <div key={c.evidence.note.id} className="mb-1.5 text-small">
              <p>
                Version {c.evidence.make.version} ({outcomeWords(c.evidence.note, unit)}) is hardly believable beside the others
                {c.differed.length > 0 ? `. What differed: ${c.differed.map((d) => DIFFERENCE_WORDS[d]).join(', ')}.` : '.'}
              </p>
              {c.evidence.note.sure ? (
                <p className="text-ink2">You said that it is right: it counts in full.</p>
              ) : (
                <p className="flex flex-wrap items-center gap-x-2 gap-y-1 text-ink2">
                  Is it right? Until you say so it may be a slip, and the others outvote it.
                  <Button onClick={() => onRight(c.evidence)}>It is right</Button>
                  <Link to={routes.make(c.evidence.make.id)} className="underline underline-offset-2">
                    Mend it on its page
                  </Link>
                </p>
              )}
            </div>
          ))}
        </div>
      )}
      {unused.length > 0 && (
        <div>
          <h3 className="font-serif text-base">Shown, and not counted</h3>
          <ul className="text-small">
            {unused.map((u) => (
              <li key={u.note.id} className="flex flex-wrap items-center gap-1">
                Version {u.make.version}: {said(u)} — {UNUSED_WORDS[u.why]}
              </li>
            ))}
          </ul>
        </div>
      )}
      {(unknowns.length > 0 || fabricTooFar) && (
        <div>
          <h3 className="font-serif text-base">What was not known</h3>
          <ul className="list-disc pl-5 text-small">
            {unknowns.map((what) => (
              <li key={what}>{UNKNOWN_WORDS[what]}</li>
            ))}
            {fabricTooFar && <li>the planned fabric stretches too differently from what the pattern asks to reckon with: sew a toile in it</li>}
          </ul>
        </div>
      )}
    </div>
  );
}
