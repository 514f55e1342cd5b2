import { isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { PageHead } from '../ui/page-head';

/** What a page says that cannot be shown. What was entered is in the ledger; nothing is lost by it. */
export function PageProblem() {
  const error = useRouteError();
  const missing = error === undefined || (isRouteErrorResponse(error) && error.status === 404);
  return (
    <div className="p-[22px]">
      <PageHead title={missing ? 'There is no such page' : 'This page could not be shown'} />
      <p className="my-3">
        {missing
          ? 'The address leads nowhere in the ledger.'
          : `Something went wrong while it was drawn: ${error instanceof Error ? error.message : String(error)}.`}{' '}
        What you entered is kept.
      </p>
      <Link className="underline" to="/">
        Go to the day book
      </Link>
    </div>
  );
}
