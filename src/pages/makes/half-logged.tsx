import { whereToLog } from '../../core/make/where-to-log';
import { makeName } from '../../core/make/make-name';
import { Link } from 'react-router';
import { routes } from '../../routes';
import { useDrafts } from '../../data/drafts';
import { usePatterns } from '../../data/queries';

/** Makes that were begun to be logged and left: nothing typed is lost, and each can be gone on with. */
export function HalfLogged() {
  const patterns = usePatterns();
  const drafts = useDrafts('log');
  if (drafts.length === 0) return null;
  return (
    <ul className="my-3 border-l-4 border-ink bg-tint px-3 py-1.5">
      {drafts.map(({ name, value }) => (
        <li key={name}>
          You were logging {makeName(value.make, value.newPattern ? [value.newPattern] : patterns)}.{' '}
          <Link className="underline" to={routes.newMake(whereToLog(value))}>
            Go on with it
          </Link>
        </li>
      ))}
    </ul>
  );
}
