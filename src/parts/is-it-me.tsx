import { Link } from 'react-router';
import type { Plan } from '../core/records';
import { withId } from '../core/units/by-id';
import { counted } from '../core/units/counted';
import { enoughOf, enoughWords } from '../core/wardrobe/enough';
import { expectedWear } from '../core/wardrobe/expected-wear';
import { timesAMonth } from '../core/wear/a-month';
import { seasonsOf } from '../core/wear/season';
import { useTradeWords } from '../data/queries';
import { routes } from '../routes';
import { useWorn } from './use-worn';

/** "Is it me?": how often garments like a plan were worn, what of it speaks for that and what against, and whether there are enough of its kind. */
export function IsItMe({ plan }: { plan: Plan }) {
  const { hanging, told, tables } = useWorn(plan.personId);
  const inWords = useTradeWords();
  if (!told || !hanging) return <p className="text-small text-ink2">It is being worked out…</p>;
  const kind = withId(tables.patterns, plan.patternId)?.kind ?? plan.garment;
  const expected = expectedWear(plan, told, tables);
  const enough = kind && enoughOf(kind, hanging, seasonsOf(plan, tables.fabrics));
  return (
    <div>
      {expected ? (
        <>
          <p>
            Garments like this were worn {timesAMonth(expected.aMonth)}
            {expected.versions > 0 && `, ${counted(expected.versions, 'version')} of it among them`}.
          </p>
          {expected.pro.length > 0 && <p className="text-small text-moss">For it: {expected.pro.map((f) => f.words).join(', ')}.</p>}
          {expected.contra.length > 0 && <p className="text-small text-garnet">Against it: {expected.contra.map((f) => f.words).join(', ')}.</p>}
        </>
      ) : (
        <p className="text-small text-ink2">
          {told.more > 0
            ? `${counted(told.more, 'more garment')} that hung a month or longer, and it can be said how often it is likely to be worn.`
            : 'Nothing of its kind hung for a month or longer: how often it would be worn cannot be said.'}
        </p>
      )}
      {kind && enough && enough.alike > 0 && <p className="text-small">{enoughWords(inWords(kind), enough)}</p>}
      <Link className="text-small underline" to={routes.mostWorn}>
        What is really worn
      </Link>
    </div>
  );
}
