import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Plan } from '../core/records';
import { expectedWear } from '../core/wardrobe/what-is-worn';
import { useFabrics, useMakes, usePatterns } from '../data/queries';
import { routes } from '../routes';
import { useWhatIsWorn } from '../workers/use-what-is-worn';
import { useWardrobe } from './use-wardrobe';

/** "Is it me?": how often garments like a plan were worn, and what of it speaks for that and what against. */
export function IsItMe({ plan }: { plan: Plan }) {
  const hanging = useWardrobe(plan.personId, { tolerant: true });
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const makes = useMakes();
  const tables = useMemo(() => ({ patterns, fabrics, makes }), [patterns, fabrics, makes]);
  const told = useWhatIsWorn(hanging, tables);
  if (!told) return <p className="text-small text-ink2">It is being worked out…</p>;
  const expected = expectedWear(plan, told, tables);
  if (!expected) return <p className="text-small text-ink2">Too few garments were worn for long enough to say: {told.more} more.</p>;
  const { aMonth, pro, contra } = expected;
  const often = aMonth < 0.75 ? 'less than once' : aMonth < 1.5 ? 'about once' : `about ${Math.round(aMonth)} times`;
  return (
    <div>
      <p>Garments like this were worn {often} a month.</p>
      {pro.length > 0 && <p className="text-small text-moss">For it: {pro.map((f) => f.words).join(', ')}.</p>}
      {contra.length > 0 && <p className="text-small text-garnet">Against it: {contra.map((f) => f.words).join(', ')}.</p>}
      <Link className="text-small underline" to={routes.mostWorn}>
        What is really worn
      </Link>
    </div>
  );
}
