import { isRouteErrorResponse, Link, useLocation, useNavigate, useRouteError } from 'react-router';
import { useQueryErrorResetBoundary } from '@tanstack/react-query';
import { EngineProblem } from '../parts/engine-boundary';
import { isPartGone, PART_GONE } from '../parts/save';
import { PageHead } from '../ui/page-head';
import { EngineError } from '../workers/engine-error';
import { Button } from '../ui/button';
import { routes } from '../routes';

/** What a page says that cannot be shown. What was entered is in the ledger; nothing is lost by it. */
export function PageProblem() {
  const error = useRouteError();
  const { reset } = useQueryErrorResetBoundary();
  const navigate = useNavigate();
  const here = useLocation();
  // Where an address leads nowhere the page is shown as any other, and there is no error.
  const missing = error === undefined || error === null || (isRouteErrorResponse(error) && error.status === 404);
  if (error instanceof EngineError)
    return (
      <EngineProblem
        error={error}
        onAgain={() => {
          reset();
          // The router shows a page anew only where one goes to it.
          void navigate(here, { replace: true });
        }}
      />
    );
  return (
    <div className="p-[22px]">
      <PageHead title={missing ? 'There is no such page' : 'This page could not be shown'} />
      <p className="my-3">
        {missing
          ? 'The address leads nowhere in the ledger.'
          : isPartGone(error)
            ? `A part of it could not be loaded: ${PART_GONE}.`
            : `Something went wrong while it was drawn: ${error instanceof Error ? error.message : String(error)}.`}{' '}
        What you entered is kept.
      </p>
      {isPartGone(error) && (
        <p className="my-3">
          <Button onClick={() => location.reload()}>Open the page anew</Button>
        </p>
      )}
      <Link className="underline" to={routes.dayBook}>
        Go to the day book
      </Link>
    </div>
  );
}
