import { lookedWords, outcomeWords } from '../../core/make/fit-note-words';
import { useCaseTables } from '../../data/engine-tables';
import { useEngine } from '../../workers/use-engine';
import { versionsOf } from '../../core/make/versions';
import { latestNote } from '../../core/make/latest-note';
import { useMemo, useState } from 'react';
import { type PatternCase } from '../../core/garment/case';
import type { LengthUnit } from '../../core/units/length';
import { itemAt, lastOf } from '../../core/units/item-at';
import { zoneOf, type ZoneId } from '../../core/body/zones';
import type { Make } from '../../core/records';
import { fateWords } from '../../core/versions/credit-words';
import { SelectField } from '../../ui/field';
import { drawnOf } from '../drawn-of';
import { FitMark, markColour } from '../fit-mark';
import { GarmentFigure, type SpotSaid } from '../garment-figure';
import { withId } from '../../core/units/by-id';

/** What was noted at a zone of one version: mark and words. */
function Noted({ make, zone, unit }: { make: Make; zone: ZoneId; unit: LengthUnit }) {
  const note = latestNote(make, zone);
  if (!note) return <span className="text-small text-ink2">{make.lacking.includes(zone) ? 'part left out' : 'not judged'}</span>;
  return (
    <span className="inline-flex items-center gap-1" title={lookedWords(note, make)}>
      <FitMark kind={zoneOf(zone).kind} outcome={note.outcome} />
      <span style={{ color: markColour(note.outcome) }}>{outcomeWords(note, unit)}</span>
    </span>
  );
}

/**
 * The notes on the garment itself: of one version, as they changed from one version to another, or of one zone in every version. What
 * the figure shows by marks stands beside it in words.
 */
export function VersionFigure({
  input,
  zones,
  unit,
  onZone,
}: {
  input: PatternCase;
  /** Zones to speak of. */
  zones: readonly ZoneId[];
  unit: LengthUnit;
  /** A zone was chosen: what else speaks of one can follow. */
  onZone: (zone: ZoneId) => void;
}) {
  const makes = useMemo(() => versionsOf(input), [input]);
  const noted = makes.filter((m) => m.fitNotes.length > 0);
  const [id, setId] = useState('');
  const [against, setAgainst] = useState('');
  const [zone, setZone] = useState<ZoneId>();
  const make = withId(makes, id) ?? noted.at(-1) ?? lastOf(makes);
  const before = makes.find((m) => m.id === against && m.id !== make.id);
  const [earlier, later] = before && before.version > make.version ? [make, before] : [before, make];
  const tables = useCaseTables();
  const effects = useEngine('changes', tables, earlier && [later.personId, input.pattern.id, earlier.id, later.id]).answer?.effects ?? [];
  const drawn = useMemo(() => drawnOf(input.pattern, later, input.fabrics), [input, later]);

  const wordsAt = (of: Make, at: ZoneId) => {
    const note = latestNote(of, at);
    return note ? outcomeWords(note, unit) : 'not judged';
  };
  const said = (at: ZoneId): SpotSaid => {
    const shown = (earlier ? [earlier, later] : [later]).map((m) => latestNote(m, at)?.outcome);
    const marks = shown.filter((o) => o !== undefined);
    const { label } = zoneOf(at);
    if (!earlier) return { marks, words: `${label} ${wordsAt(later, at)}` };
    return {
      marks: marks.length === 2 && marks[0] === marks[1] ? [itemAt(marks, 1)] : marks,
      words: `${label} ${wordsAt(earlier, at)} in version ${earlier.version}, ${wordsAt(later, at)} in version ${later.version}`,
    };
  };
  const choose = (at: ZoneId) => {
    setZone(at === zone ? undefined : at);
    onZone(at);
  };
  const rows = zones.filter((z) => latestNote(later, z) ?? (earlier && latestNote(earlier, z)));

  return (
    <section aria-labelledby="on-the-garment" className="mt-5">
      <div className="mb-1.5 flex flex-wrap items-end gap-3">
        <h2 id="on-the-garment" className="mr-auto text-head">
          On the garment
        </h2>
        <SelectField label="Version" value={make.id} onChange={(e) => setId(e.target.value)}>
          {makes.map((m) => (
            <option key={m.id} value={m.id}>
              version {m.version}
              {m.fitNotes.length === 0 ? ', nothing noted' : ''}
            </option>
          ))}
        </SelectField>
        {makes.length > 1 && (
          <SelectField label="Compare with" value={before?.id ?? ''} onChange={(e) => setAgainst(e.target.value)}>
            <option value="">none</option>
            {makes
              .filter((m) => m.id !== make.id)
              .map((m) => (
                <option key={m.id} value={m.id}>
                  version {m.version}
                </option>
              ))}
          </SelectField>
        )}
      </div>
      <div className="grid grid-cols-[minmax(0,420px)_minmax(0,1fr)] gap-6 max-md:grid-cols-1">
        <GarmentFigure drawn={drawn} zones={zones} said={said} chosen={zone} onZone={choose} className="max-w-[420px]" />
        <div aria-live="polite">
          {zone ? (
            <>
              <h3 className="text-large first-letter:uppercase">{zoneOf(zone).label}, in every version</h3>
              <ul className="border-t border-rule">
                {makes.map((m) => (
                  <li key={m.id} className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
                    <span className="w-20 text-ink2">version {m.version}</span>
                    <Noted make={m} zone={zone} unit={unit} />
                    {latestNote(m, zone)?.words && <i className="text-small text-ink2">{latestNote(m, zone)!.words}</i>}
                  </li>
                ))}
              </ul>
            </>
          ) : rows.length === 0 ? (
            <p className="text-ink2">Nothing was noted on the fit of this version. A look is written down on its page.</p>
          ) : (
            <ul className="border-t border-rule">
              {rows.map((z) => (
                <li key={z} className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
                  <span className="w-24 first-letter:uppercase">{zoneOf(z).label}</span>
                  {earlier && (
                    <>
                      <Noted make={earlier} zone={z} unit={unit} />
                      <span aria-label="then">→</span>
                    </>
                  )}
                  <Noted make={later} zone={z} unit={unit} />
                  {earlier && (
                    <span className="text-small text-ink2">
                      {fateWords(
                        effects.filter((e) => e.zone === z),
                        unit,
                      )}
                    </span>
                  )}
                </li>
              ))}
            </ul>
          )}
          {zone === undefined && rows.length > 0 && (
            <p className="mt-1 text-small text-ink2">A zone on the figure shows how it was in every version.</p>
          )}
          {zone && <p className="mt-1 text-small text-ink2">Chosen again, the figure shows the version.</p>}
        </div>
      </div>
    </section>
  );
}
