import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { toast } from 'react-toastify';
import { ageOn } from '../../core/measure/body';
import { formatLength } from '../../core/measure/length';
import { BODY_MEASURES, type BodyMeasure } from '../../core/measure/zones';
import type { MeasurementSet } from '../../core/records';
import { db } from '../../data/database';
import { newId } from '../../data/new-id';
import { useBodies, useMakes, usePeople, useUnit } from '../../data/queries';
import { changeSettings } from '../../data/settings';
import { today } from '../../data/today';
import { keep } from '../../parts/keep';
import { Button } from '../../ui/button';
import { TextField, WordsField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';
import { Empty, PageHead } from '../../ui/page-head';

const MEASURES = Object.keys(BODY_MEASURES) as BodyMeasure[];

function NewPerson() {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string>();
  const add = async () => {
    if (name.trim() === '') return setProblem('Give the person a name; a short one will do.');
    const id = newId();
    await keep(`${name.trim()} added`, [{ table: 'people', put: { id, name: name.trim(), child: false } }]);
    await changeSettings(db, { personId: id });
    void navigate(`/people/${id}`);
  };
  return (
    <>
      <PageHead title="Another person" under="Whose body garments are cut for." />
      <form
        className="flex max-w-sm flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
      >
        <TextField label="Name" autoFocus value={name} onChange={(e) => setName(e.target.value)} problem={problem} />
        <Button type="submit" className="self-start">
          Add
        </Button>
      </form>
    </>
  );
}

/** A person’s body over time: dated sets of measures, the latest first. */
export function PersonPage() {
  const { personId } = useParams();
  return personId === 'new' ? <NewPerson /> : <Measures personId={personId ?? ''} />;
}

function Measures({ personId }: { personId: string }) {
  const people = usePeople();
  const bodies = useBodies();
  const makes = useMakes();
  const unit = useUnit();
  const navigate = useNavigate();
  const person = people?.find((p) => p.id === personId);
  if (people && !person) return <Empty>This person is not in the ledger. They may have been removed; Ctrl Z brings them back.</Empty>;
  if (!person || !bodies || !makes) return null;

  const sets = bodies.filter((b) => b.personId === person.id).sort((a, b) => b.date.localeCompare(a.date));
  const editSet = (set: MeasurementSet, part: Partial<MeasurementSet>) =>
    void keep(`measures of ${person.name}`, [{ table: 'bodies', from: set, to: { ...set, ...part } }]);
  const savePerson = (part: Partial<typeof person>) =>
    void keep(`change of ${person.name}`, [{ table: 'people', from: person, to: { ...person, ...part } }]);
  const measureToday = () => {
    if (sets.some((s) => s.date === today())) return toast('There is a column for today already.');
    void keep(`measures of ${person.name}`, [{ table: 'bodies', put: { id: newId(), personId: person.id, date: today(), measures: {} } }]);
  };
  const age = person.birthMonth ? ageOn(person.birthMonth, today()) : undefined;
  const remove = async () => {
    if (makes.some((m) => m.personId === person.id))
      return toast(`Garments of the ledger were made for ${person.name}: they are kept, and so is the person.`);
    await keep(`${person.name} removed`, [{ table: 'people', remove: person.id }, ...sets.map((s) => ({ table: 'bodies' as const, remove: s.id }))]);
    void navigate('/');
  };

  return (
    <>
      <PageHead
        title={`Measures of ${person.name}`}
        under={
          age
            ? `${age.years} years and ${age.months} months old`
            : 'Each version is compared with the body it was cut for, so sets are dated and none is overwritten.'
        }
        aside={
          <div className="flex gap-2">
            <Button quiet onClick={() => void remove()}>
              Remove
            </Button>
            <Link to="/people/new" className="inline-flex min-h-[30px] items-center rounded-md px-3 text-ink2 hover:bg-tint max-sm:min-h-11">
              Another person
            </Link>
            <Button onClick={measureToday}>Measure today</Button>
          </div>
        }
      />
      <div className="mb-4 flex flex-wrap gap-3">
        <WordsField label="Name" words={person.name} onWords={(name) => name && savePerson({ name })} className="w-48" />
        <TextField
          label="Month of birth, for a child"
          type="month"
          value={person.birthMonth ?? ''}
          onChange={(e) =>
            savePerson({ birthMonth: /^\d{4}-\d{2}$/.test(e.target.value) ? e.target.value : undefined, child: e.target.value !== '' })
          }
          className="w-48"
        />
      </div>
      {sets.length === 0 ? (
        <Empty>
          No measures yet. <i>Measure today</i> opens a column; any measure may be left out.
        </Empty>
      ) : (
        <div className="relative overflow-x-auto border border-rule2 bg-page">
          <table className="border-collapse">
            <thead className="double-rule-b">
              <tr>
                <th className="w-36 px-3 text-left text-small font-normal text-ink2">{unit}</th>
                {sets.map((s) => (
                  <th key={s.id} className="px-2 py-1 text-left font-normal">
                    <TextField
                      label="Measured on"
                      labelHidden
                      type="date"
                      value={s.date}
                      onChange={(e) => e.target.value && editSet(s, { date: e.target.value })}
                    />
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {MEASURES.map((m) => (
                <tr key={m} className="border-b border-rule">
                  <th scope="row" className="px-3 text-left font-normal text-ink2 first-letter:uppercase">
                    {BODY_MEASURES[m]}
                  </th>
                  {sets.map((s, i) => {
                    const before = sets[i + 1]?.measures[m];
                    const is = s.measures[m];
                    return (
                      <td key={s.id} className="px-2 py-0.5">
                        <span className="flex items-center gap-2">
                          <LengthField
                            label={`${BODY_MEASURES[m]} on ${s.date}`}
                            labelHidden
                            unit={unit}
                            cm={is}
                            onCm={(cm) => {
                              const { [m]: _, ...rest } = s.measures;
                              editSet(s, { measures: cm === undefined || cm <= 0 ? rest : { ...rest, [m]: cm } });
                            }}
                            className="[&_input]:w-20"
                          />
                          <span className="w-14 text-small text-ink2">
                            {before !== undefined && is !== undefined && Math.abs(is - before) >= 0.05
                              ? formatLength(is - before, unit, { signed: true, about: true })
                              : ''}
                          </span>
                        </span>
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}
