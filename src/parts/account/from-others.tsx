import { Link } from 'react-router';
import type { Speaker } from '../../core/forecast/recollection';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { usePatterns } from '../../data/queries';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** How many of those who spoke are named. */
const NAMED = 4;

/** Which other patterns moved an answer, and by how much: those of the same designer first said as such. */
export function WhoSpoke({ spoke, unit }: { spoke: readonly Speaker[]; unit: LengthUnit }) {
  const patterns = usePatterns();
  if (spoke.length === 0) return <>No single pattern moves it by as much as can be cut.</>;
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const same = spoke.filter((s) => s.sameDesigner).length;
  const count = same === 1 ? 'One of this designer’s patterns speaks' : `${same} of this designer’s patterns speak`;
  return (
    <>
      {same > 0 && `${count} here. `}
      Who spoke:{' '}
      {spoke.slice(0, NAMED).map((s, i) => (
        <span key={s.patternId}>
          {i > 0 && ', '}
          <Link className="underline underline-offset-2" to={routes.pattern(s.patternId)}>
            {withId(patterns, s.patternId)?.name ?? 'a pattern that is gone'}
          </Link>{' '}
          moves it {about(s.movedBy)}
        </span>
      ))}
      {spoke.length > NAMED && `, and ${spoke.length - NAMED} more`}.
    </>
  );
}
