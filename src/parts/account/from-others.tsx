import { Link } from 'react-router';
import type { Influence } from '../../core/forecast/recollection';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { usePatterns } from '../../data/queries';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** How many influences are named. */
const NAMED = 4;

/** Which other patterns moved an answer, and by how much: those of the same designer first said as such. */
export function FromOthers({ influences, unit }: { influences: readonly Influence[]; unit: LengthUnit }) {
  const patterns = usePatterns();
  if (influences.length === 0) return <>No single pattern moves it by as much as can be cut.</>;
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const same = influences.filter((s) => s.sameDesigner).length;
  const count = same === 1 ? 'One of this designer’s patterns speaks' : `${same} of this designer’s patterns speak`;
  return (
    <>
      {same > 0 && `${count} here. `}
      Most of it from{' '}
      {influences.slice(0, NAMED).map((s, i) => (
        <span key={s.patternId}>
          {i > 0 && ', '}
          <Link className="underline underline-offset-2" to={routes.pattern(s.patternId)}>
            {withId(patterns, s.patternId)?.name ?? 'a pattern that is gone'}
          </Link>{' '}
          moves it {about(s.movedBy)}
        </span>
      ))}
      {influences.length > NAMED && `, and ${influences.length - NAMED} more`}.
    </>
  );
}
