import { asCut } from '../../core/make/joined';
import { makeName } from '../../core/make/make-name';
import { useParams } from 'react-router';
import { LinkButton } from '../../ui/button';
import { settleUses } from '../../core/fabric/stash';
import { changeWords } from '../../core/versions/change-words';
import { useBodies, useFabrics, useMakes, usePatterns, useUnit, useWearsOf } from '../../data/queries';
import { Make } from '../../core/records';
import { errataWrites } from '../../data/commands/enter-make';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { save } from '../../parts/save';
import { RecordField } from '../../parts/record-field';
import { PageHead } from '../../ui/page-head';
import { byHand } from '../../ui/by-hand';
import { MakeForm } from './make-form';
import { routes } from '../../routes';
import { withItsMake } from '../../core/wear/worn-up-to';
import { withId } from '../../core/units/by-id';

/** What was cut, changed afterwards: each change is saved as it is made and can be undone. */
export function ChangeMake() {
  const { makeId } = useParams();
  const makes = useMakes();
  const make = withId(makes, makeId);
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const bodies = useBodies();
  const unit = useUnit();
  const wears = useWearsOf(makeId === undefined ? [] : [makeId]);
  if (!make) return <NotInTheLedger table="makes" />;
  const recorded = withId(patterns, make.sources[0]?.patternId);
  const pattern = recorded && asCut(recorded, patterns);
  const name = makeName(make, patterns);
  const saveMake = (changed: typeof make) => {
    const { uses, changed: stash } = settleUses(fabrics, make.fabrics, changed.fabrics);
    void save(changeWords(name, make, changed, unit), [
      { table: 'makes', from: make, to: changed.fabrics === make.fabrics ? changed : { ...changed, fabrics: uses } },
      ...(recorded ? errataWrites(recorded, make.notes, changed.notes) : []),
      ...wears.flatMap((from) => {
        const to = withItsMake(from, make, changed);
        return to ? [{ table: 'wears' as const, from, to }] : [];
      }),
      ...stash.map(({ from, to }) => ({ table: 'fabrics' as const, from, to })),
    ]);
  };
  return (
    <>
      <PageHead
        title={name}
        under={byHand('Each change is saved as it is made; Ctrl Z takes it back.')}
        aside={<LinkButton to={routes.make(make.id)}>Back to the make</LinkButton>}
      />
      <div className="max-w-3xl">
        <MakeForm
          make={make}
          pattern={pattern}
          fabrics={fabrics}
          bodies={bodies.filter((b) => b.personId === make.personId)}
          unit={unit}
          onChange={saveMake}
        />
        <RecordField of={Make.shape} name="setAside" value={make.setAside} onValue={(setAside) => saveMake({ ...make, setAside })} className="mt-4" />
      </div>
    </>
  );
}
