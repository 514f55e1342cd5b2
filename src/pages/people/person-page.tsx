import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { toast } from 'react-toastify';
import { ageOn } from '../../core/body/measures';
import { byDay } from '../../core/units/date';
import { doubtsOf, HOW_TO_MEASURE } from '../../core/body/how-to-measure';
import { formatLength } from '../../core/units/length';
import { keysOf } from '../../core/units/keys';
import { BODY_MEASURES, zoneOf } from '../../core/body/zones';
import { BoughtGarment, MeasurementSet, Person } from '../../core/records';
import { db } from '../../data/database';
import { newId } from '../../data/new-id';
import { useBodies, useMakes, usePeople, useUnit } from '../../data/queries';
import { removalOf } from '../../data/removal';
import { today } from '../../data/today';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { DoubtLine } from '../../parts/doubt-line';
import { choose, save } from '../../parts/save';
import { Pictures } from '../../parts/pictures/pictures';
import { RecordField } from '../../parts/record-field';
import { shadeOf } from '../../parts/what-hangs';
import { RecordRows } from '../../parts/record-rows';
import { Button, LinkButton } from '../../ui/button';
import { ColourField } from '../../ui/colour-field';
import { DayField } from '../../ui/date-field';
import { TextField } from '../../ui/field';
import { aboveNought, LengthField } from '../../ui/length-field';
import { Empty, HeadActions, PageHead } from '../../ui/page-head';
import { routes } from '../../routes';
import { walkGrid } from '../../ui/walk-grid';
import { withId } from '../../core/units/by-id';

const MEASURES = keysOf(BODY_MEASURES);

/** The measures that most garments are sized by. */
const FIRST_MEASURES = ['bust', 'waist', 'hip'] as const;

function NewPerson() {
  const navigate = useNavigate();
  const people = usePeople();
  const unit = useUnit();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string>();
  const [measures, setMeasures] = useState<MeasurementSet['measures']>({});
  const add = async () => {
    if (name.trim() === '') return setProblem('Give the person a name; a short one will do.');
    const id = newId();
    const set: MeasurementSet = { id: newId(), personId: id, date: today(), measures };
    const added = await save(`${name.trim()} added`, [
      { table: 'people', put: { id, name: name.trim(), child: false } },
      ...(Object.keys(measures).length > 0 ? [{ table: 'bodies', put: set } as const] : []),
    ]);
    if (!added) return;
    await choose({ personId: id });
    void navigate(routes.person(id));
  };
  return (
    <>
      <PageHead
        title={people.length === 0 ? 'Who do you sew for?' : 'Another person'}
        under="A name, and if you like the measures that help most; all of them can be said later."
      />
      <form
        className="flex max-w-sm flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          // A measure that could not be read stays where it stands, with its sentence.
          if (!e.currentTarget.querySelector('[aria-invalid="true"]')) void add();
        }}
      >
        <TextField label="Name" autoFocus value={name} onChange={(e) => setName(e.target.value)} problem={problem} />
        <div className="grid grid-cols-3 gap-3">
          {FIRST_MEASURES.map((m) => (
            <LengthField
              key={m}
              label={BODY_MEASURES[m]}
              unit={unit}
              cm={measures[m]}
              check={aboveNought}
              onCm={(cm) => {
                const { [m]: _, ...others } = measures;
                setMeasures(cm === undefined ? others : { ...others, [m]: cm });
              }}
              className="first-letter:uppercase"
            />
          ))}
        </div>
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
  /** The set that was just begun: its first measure is typed next. */
  const [begun, setBegun] = useState<string>();
  const person = withId(people, personId);
  if (!person) return <NotInTheLedger table="people" />;

  const sets = bodies.filter((b) => b.personId === person.id).sort((a, b) => byDay(b.date, a.date));
  const editSet = (set: MeasurementSet, part: Partial<MeasurementSet>) =>
    void save(`measures of ${person.name}`, [{ table: 'bodies', from: set, to: { ...set, ...part } }]);
  const savePerson = (part: Partial<typeof person>) =>
    void save(`change of ${person.name}`, [{ table: 'people', from: person, to: { ...person, ...part } }]);
  const measureToday = () => {
    if (sets.some((s) => s.date === today())) return toast('There is a column for today already.');
    const id = newId();
    setBegun(id);
    void save(`measures of ${person.name}`, [{ table: 'bodies', put: { id, personId: person.id, date: today(), measures: {} } }]);
  };
  // Only the latest set is asked about: what was let stand before was meant.
  const doubts = sets.map((s, i) => (i === 0 ? doubtsOf(s.measures, sets[1]?.measures) : []));
  const age = person.birthMonth ? ageOn(person.birthMonth, today()) : undefined;
  const remove = async () => {
    if (makes.some((m) => m.personId === person.id))
      return toast(`Garments of the ledger were made for ${person.name}: they are kept, and so is the person.`);
    if (await save(`${person.name} removed`, () => removalOf(db, 'people', person.id))) void navigate(routes.dayBook);
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
          <HeadActions>
            <Button onClick={measureToday}>Measure today</Button>
            <LinkButton to={routes.newPerson} quiet>
              Another person
            </LinkButton>
            <Button quiet onClick={() => void remove()}>
              Remove
            </Button>
          </HeadActions>
        }
      />
      <div className="mb-4 flex flex-wrap gap-3">
        <RecordField of={Person.shape} name="name" value={person.name} onValue={(name) => savePerson({ name })} className="w-48" />
        <RecordField of={Person.shape} name="unit" value={person.unit} onValue={(u) => savePerson({ unit: u })} className="w-32" />
        <RecordField of={Person.shape} name="sizedBy" value={person.sizedBy} onValue={(sizedBy) => savePerson({ sizedBy })} className="w-32" />
        <RecordField
          of={Person.shape}
          name="birthMonth"
          value={person.birthMonth}
          onValue={(birthMonth) => savePerson({ birthMonth, child: birthMonth !== undefined })}
          className="w-48"
        />
        <RecordField of={Person.shape} name="note" value={person.note} onValue={(note) => savePerson({ note })} className="min-w-56 flex-1" />
      </div>
      {sets.length === 0 ? (
        <Empty>
          No measures yet. <i>Measure today</i> opens a column, in which any measure may be left out; or write them in the line above:{' '}
          <i>{unit === 'cm' ? 'bust 92, waist 74' : 'bust 36, waist 29'}</i>.
        </Empty>
      ) : (
        <div className="relative overflow-x-auto border border-rule2 bg-page">
          <table className="border-collapse">
            <thead className="double-rule-b">
              <tr>
                <th className="w-72 px-3 text-left text-small font-normal text-ink2 max-sm:w-40">
                  {unit}
                  <span className="max-sm:hidden">; Enter goes down the column</span>
                </th>
                {sets.map((s) => (
                  <th key={s.id} className="px-2 py-1 text-left font-normal">
                    <DayField label="Measured on" labelHidden value={s.date} onValue={(date) => editSet(s, { date })} />
                  </th>
                ))}
              </tr>
            </thead>
            <tbody onKeyDownCapture={(e) => walkGrid(e, sets.length, 'down')}>
              {MEASURES.map((m) => (
                <tr key={m} className="border-b border-rule">
                  <th scope="row" className="px-3 text-left font-normal">
                    <span className="block first-letter:uppercase">{BODY_MEASURES[m]}</span>
                    <span className="block text-small leading-4 text-ink2">{HOW_TO_MEASURE[m]}</span>
                  </th>
                  {sets.map((s, i) => {
                    const before = sets[i + 1]?.measures[m];
                    const is = s.measures[m];
                    const doubt = doubts[i]?.find((d) => d.measure === m);
                    return (
                      <td key={s.id} className="px-2 py-0.5">
                        <span className="flex items-center gap-2">
                          <LengthField
                            label={`${BODY_MEASURES[m]} on ${format(parseISO(s.date), 'd MMMM yyyy')}`}
                            labelHidden
                            unit={unit}
                            autoFocus={s.id === begun && m === MEASURES[0]}
                            cm={is}
                            check={aboveNought}
                            onCm={(cm) => {
                              const { [m]: _, ...rest } = s.measures;
                              editSet(s, { measures: cm === undefined ? rest : { ...rest, [m]: cm } });
                            }}
                            className="[&_input]:w-20"
                          />
                          <span className="w-14 text-small text-ink2">
                            {before !== undefined && is !== undefined && Math.abs(is - before) >= 0.05
                              ? formatLength(is - before, unit, { signed: true, about: true })
                              : ''}
                          </span>
                        </span>
                        {doubt && (
                          <DoubtLine
                            doubt={doubt}
                            unit={unit}
                            onInstead={(cm) => editSet(s, { measures: { ...s.measures, [m]: Math.round(cm * 10) / 10 } })}
                          />
                        )}
                      </td>
                    );
                  })}
                </tr>
              ))}
              <tr>
                <th scope="row" className="px-3 text-left font-normal">
                  Note
                </th>
                {sets.map((s) => (
                  <td key={s.id} className="px-2 py-1">
                    <RecordField
                      of={MeasurementSet.shape}
                      name="note"
                      value={s.note}
                      onValue={(note) => editSet(s, { note })}
                      labelHidden
                      className="w-40"
                    />
                  </td>
                ))}
              </tr>
            </tbody>
          </table>
        </div>
      )}
      <Bought person={person} onBought={(bought) => savePerson({ bought })} />
    </>
  );
}

/** What they bought: worn with what is sewn. One that is loved and was measured says what ease is liked. */
function Bought({ person, onBought }: { person: Person; onBought: (bought: BoughtGarment[]) => void }) {
  const unit = useUnit();
  const bought = person.bought ?? [];
  return (
    <section className="mt-5" aria-labelledby="bought">
      <h2 id="bought" className="text-head">
        Bought garments
      </h2>
      <p className="mb-1 text-small text-ink2">
        A few that are worn with what is sewn. One that is loved for its fit, measured from a picture, says what ease a size should have.
      </p>
      <RecordRows
        of={BoughtGarment.shape}
        names={['name', 'kind', 'structure', 'fit', 'colour', 'loved']}
        rows={bought}
        blank={(): BoughtGarment => ({ id: newId(), name: '', kind: 'top', measured: [] })}
        add="a bought garment"
        widths={{ name: 'w-44' }}
        under={({ measured, shade, colour, name }, change) => (
          <div className="flex flex-wrap items-center gap-3 text-small text-ink2">
            {measured.length > 0 && (
              <span>{measured.map(({ zone, cm }) => `${zoneOf(zone).label} ${formatLength(cm, unit, { about: true })}`).join(', ')}</span>
            )}
            <ColourField
              label={`Shade of ${name || 'it'}`}
              colour={shadeOf({ shade, colour })}
              onColour={(chosen) => change({ shade: chosen })}
              hint={shade === undefined ? 'by the name of its colour; what goes with it is told by it' : 'what goes with it is told by it'}
            />
          </div>
        )}
        onRows={onBought}
      />
      <div className="mt-2">
        <Pictures of={{ personId: person.id }} name={person.name} />
      </div>
    </section>
  );
}
