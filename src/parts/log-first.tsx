import { routes } from '../routes';
import { LinkButton } from '../ui/button';
import { KeyCap } from '../ui/key-cap';

/** The way on from a page that has nothing to say before something is sewn. */
export function LogFirst() {
  return (
    <p className="mt-3">
      <LinkButton to={routes.newMake()}>
        Log the first garment <KeyCap>n</KeyCap>
      </LinkButton>
    </p>
  );
}
