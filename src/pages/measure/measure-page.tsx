import { Link, useParams } from 'react-router';
import { makeName } from '../../core/make/make-name';
import { planName } from '../../core/make/plan-name';
import { kindOfMake } from '../../core/make/kind-of';
import { withId } from '../../core/units/by-id';
import type { StoredPicture } from '../../data/database';
import { useFabrics, useMakes, usePatterns, usePeople, usePictureById, usePlans, useUnit } from '../../data/queries';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { urlOf } from '../../parts/blob-url';
import { MeasureTool, type MeasuredChange } from '../../parts/measure/measure-tool';
import { originalOf } from '../../parts/measure/originals';
import { WhereItGoes, type MeasuredOwner } from '../../parts/measure/where-it-goes';
import { save } from '../../parts/save';
import { routes } from '../../routes';
import { LinkButton } from '../../ui/button';
import { PageHead } from '../../ui/page-head';
import { PrintFrame } from './print-frame';

/** Whose picture it is, what it is called, and the way back. */
interface Whose {
  readonly owner: MeasuredOwner;
  readonly name: string;
  readonly back: string;
}

function useWhose(picture: StoredPicture | null | undefined): Whose | undefined {
  const [makes, patterns, fabrics, plans, people] = [useMakes(), usePatterns(), useFabrics(), usePlans(), usePeople()];
  const make = withId(makes, picture?.makeId);
  if (make) return { owner: { kind: 'make', record: make }, name: makeName(make, patterns), back: routes.make(make.id) };
  const pattern = withId(patterns, picture?.patternId);
  if (pattern) return { owner: { kind: 'pattern', record: pattern }, name: pattern.name, back: routes.changePattern(pattern.id) };
  const fabric = withId(fabrics, picture?.fabricId);
  if (fabric) return { owner: { kind: 'fabric', record: fabric }, name: fabric.name, back: routes.fabric(fabric.id) };
  const plan = withId(plans, picture?.planId);
  if (plan) return { owner: { kind: 'plan', record: plan }, name: planName(plan, patterns), back: routes.plan(plan.id) };
  const person = withId(people, picture?.personId);
  return person && { owner: { kind: 'person', record: person }, name: person.name, back: routes.person(person.id) };
}

/** A picture of the ledger, measured in. */
export function MeasurePage() {
  const { pictureId = '' } = useParams();
  const picture = usePictureById(pictureId);
  const unit = useUnit();
  const patterns = usePatterns();
  const whose = useWhose(picture);
  if (picture === undefined) return null;
  if (picture === null || !whose) return <NotInTheLedger table="pictures" />;
  const { owner, name, back } = whose;
  const garment = owner.kind === 'pattern' ? owner.record.kind : owner.kind === 'make' ? kindOfMake(owner.record, patterns) : undefined;
  const keep = (change: MeasuredChange, what: string) =>
    void save(`${what}, in a picture of ${name}`, [
      {
        table: 'pictures',
        id: picture.id,
        edit: (now: StoredPicture): StoredPicture => {
          const measured = change(now.measured);
          return measured ? { ...now, measured } : now;
        },
      },
    ]);
  return (
    <>
      <PageHead
        title="Measured from a picture"
        under={
          <>
            of{' '}
            <Link className="underline underline-offset-2" to={back}>
              {name}
            </Link>
            . It never leaves this machine.
          </>
        }
        aside={
          <div className="flex flex-wrap gap-2">
            <LinkButton quiet to={routes.practice}>
              Practise first
            </LinkButton>
            <PrintFrame />
          </div>
        }
      />
      <MeasureTool
        key={picture.id}
        picture={originalOf(picture.id) ?? picture.blob}
        url={urlOf(picture.blob)}
        measured={picture.measured}
        garment={garment}
        unit={unit}
        lies={owner.kind === 'make' || owner.kind === 'person' ? 'thick' : 'flat'}
        onMeasured={keep}
        under={(mark, measured) => <WhereItGoes owner={owner} mark={mark} measured={measured} unit={unit} />}
      />
    </>
  );
}
