import { Link, useNavigate, useParams } from 'react-router';
import { planName } from '../../core/make/plan-name';
import { Occasion } from '../../core/records';
import { withId } from '../../core/units/by-id';
import { useOccasions, usePatterns, usePeople, usePlans } from '../../data/queries';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { dayWords } from '../../parts/bench-words';
import { RecordField } from '../../parts/record-field';
import { save } from '../../parts/save';
import { routes } from '../../routes';
import { Button, LinkButton } from '../../ui/button';
import { Fold } from '../../ui/fold';
import { PageHead } from '../../ui/page-head';
import { useNarrow } from '../../ui/use-narrow';
import { CouldISew } from './could-i-sew';
import { daysOf, FromWhatHangs } from './from-what-hangs';

/** Its facts, each as wide as what it holds. */
const FACTS = [
  ['name', 'w-60'],
  ['date', 'w-36'],
  ['until', 'w-36'],
  ['warmth', 'w-28'],
  ['dressy', 'w-44'],
  ['long', 'w-28'],
  ['care', 'w-56'],
  ['layers', 'w-52'],
  ['note', 'w-64'],
] as const;

/** What is known of it in a few words, where its form is folded away. */
const saidOf = ({ warmth, dressy, long }: Occasion): string =>
  [warmth, dressy === undefined ? undefined : `dressy ${dressy} of 5`, long && `long ${long}`].filter(Boolean).join(', ');

/** An occasion: what is known of it, what could be sewn for it, and what already hangs. */
export function OccasionPage() {
  const { occasionId = '' } = useParams();
  const occasion = withId(useOccasions(), occasionId);
  const people = usePeople();
  const navigate = useNavigate();
  const narrow = useNarrow();
  const person = withId(people, occasion?.personId);
  if (!occasion || !person) return <NotInTheLedger table="occasions" />;
  const change = (part: Partial<Occasion>) =>
    void save(`facts of ${occasion.name}`, [{ table: 'occasions', id: occasion.id, edit: (now: Occasion): Occasion => ({ ...now, ...part }) }]);
  const remove = async () => {
    if (
      await save(`${occasion.name} removed`, [{ table: 'occasions', remove: occasion.id }], {
        done: `${occasion.name} is removed. Ctrl Z brings it back.`,
      })
    )
      void navigate(routes.sewNext);
  };
  const facts = (
    <div className="flex flex-wrap items-start gap-3">
      {FACTS.map(([name, width]) => (
        <RecordField
          key={name}
          of={Occasion.shape}
          name={name}
          value={occasion[name]}
          onValue={(value) => change({ [name]: value })}
          className={`${width} max-sm:w-[calc(50%-6px)]`}
        />
      ))}
    </div>
  );
  return (
    <>
      <PageHead
        title={occasion.name}
        under={`for ${person.name}, ${dayWords(occasion.date)}${occasion.until ? ` to ${dayWords(occasion.until)}` : ''}`}
        aside={
          <Button quiet onClick={() => void remove()}>
            Remove it
          </Button>
        }
      />
      {narrow ? (
        <Fold head="What is known of it" said={saidOf(occasion)}>
          {facts}
        </Fold>
      ) : (
        facts
      )}
      <PlansForIt occasion={occasion} />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)_minmax(0,320px)] gap-8 max-lg:grid-cols-1">
        <CouldISew key={occasion.id} occasion={occasion} person={person} />
        <FromWhatHangs key={daysOf(occasion)} occasion={occasion} person={person} />
      </div>
    </>
  );
}

function PlansForIt({ occasion }: { occasion: Occasion }) {
  const plans = usePlans().filter((p) => p.occasionId === occasion.id && p.state !== 'dropped');
  const patterns = usePatterns();
  if (plans.length === 0) return null;
  return (
    <p className="mt-3">
      Meant for it:{' '}
      {plans.map((plan, i) => (
        <span key={plan.id}>
          {i > 0 && ', '}
          <Link className="underline underline-offset-2" to={plan.makeId ? routes.make(plan.makeId) : routes.plan(plan.id)}>
            {planName(plan, patterns)}
          </Link>
        </span>
      ))}
      .{' '}
      <LinkButton quiet to={routes.bench}>
        In time?
      </LinkButton>
    </p>
  );
}
