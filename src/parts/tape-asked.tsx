import { useState } from 'react';
import { measureWords } from '../core/body/measure-words';
import { bodyOn } from '../core/body/measures';
import { doubtsOf } from '../core/body/how-to-measure';
import { BODY_MEASURES, type BodyMeasure } from '../core/body/zones';
import { tapeFor, type TapeGain } from '../core/forecast/worth-measuring';
import type { MeasurementSet, Person } from '../core/records';
import { asTapeReads, formatLength } from '../core/units/length';
import { takeTape } from '../data/commands/take-tape';
import { db } from '../data/database';
import { useUnit } from '../data/queries';
import { today } from '../data/today';
import { aboveNought, LengthField } from '../ui/length-field';
import { DoubtLine } from './doubt-line';
import { save } from './save';

interface Props {
  /** Whose body it is; nothing is asked where what is expected of it was said. */
  person: Person;
  /** The person's sets, as they were taken. */
  bodies: readonly MeasurementSet[];
  /** What the tape would help at each place of the cut. */
  gains: readonly (TapeGain | undefined)[];
}

/** Before a cut: the measures whose age costs most are asked for, one field each. What is left empty stays as it is. */
export function TapeAsked({ person, bodies, gains }: Props) {
  const unit = useUnit();
  /** Measures that were taken on this visit: they stay in sight, with what is odd about them. */
  const [taken, setTaken] = useState<readonly BodyMeasure[]>([]);
  const say = (cm: number) => formatLength(cm, unit, { about: true });
  const asked = tapeFor(gains.flatMap((g) => g ?? []));
  const measures = [...taken, ...asked.map((a) => a.measure).filter((m) => !taken.includes(m))];
  if (measures.length === 0) return null;

  const now = bodies.find((b) => b.date === today())?.measures ?? {};
  const earlier = bodies.filter((b) => b.date < today());
  const keep = async (measure: BodyMeasure, cm: number) => {
    if (await save(`${BODY_MEASURES[measure]} of ${person.name}`, () => takeTape(db, person.id, { [measure]: cm })))
      setTaken((before) => (before.includes(measure) ? before : [...before, measure]));
  };
  return (
    <section aria-labelledby="tape" className="border-y border-rule py-2">
      <h2 id="tape" className="text-head">
        Take the tape first
      </h2>
      <p className="text-ink2">{person.name} may have changed since. Empty, it stays as it was measured.</p>
      <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-2">
        {measures.map((m) => {
          const before = bodyOn(earlier, m, today());
          const gain = asked.find((a) => a.measure === m)?.gain;
          const doubt = doubtsOf(now, before && { [m]: before.cm }).find((d) => d.measure === m);
          return (
            <li key={m}>
              <LengthField
                label={BODY_MEASURES[m]}
                hint={before && measureWords(before, say)}
                unit={unit}
                cm={now[m]}
                check={aboveNought}
                onCm={(cm) => cm !== undefined && void keep(m, cm)}
                className="[&_input]:w-24"
              />
              {gain !== undefined && <p className="text-small text-ink2">right would be surer by {Math.round(100 * gain)} points</p>}
              {doubt && <DoubtLine doubt={doubt} unit={unit} onInstead={(cm) => void keep(m, asTapeReads(cm))} />}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
