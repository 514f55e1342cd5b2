import { QueryErrorResetBoundary } from '@tanstack/react-query';
import { Component, type ReactNode } from 'react';
import { Button } from '../ui/button';
import { EngineError } from '../workers/engine-error';

/** What is said where the figures could not be worked out, what still works, and the way to try again. */
export function EngineProblem({ error, onAgain, children }: { error: Error; onAgain: () => void; children?: ReactNode }) {
  return (
    <div role="alert" className="my-3 border-l-4 border-ink bg-tint px-3 py-2">
      <p>
        <b>The figures could not be worked out:</b> {error.message.replace(/\.$/, '')}. Nothing in the ledger is touched by it. Makes, wears, plans
        and pictures can be looked at and entered, and the ledger can be saved to a file.
      </p>
      {children}
      <p className="mt-2">
        <Button onClick={onAgain}>Work them out again</Button>
      </p>
    </div>
  );
}

interface BoundaryProps {
  readonly children: ReactNode;
  /** What stands beneath the message: what this page can still show. */
  readonly instead?: ReactNode;
  readonly onReset: () => void;
}

class Boundary extends Component<BoundaryProps, { readonly error: EngineError | undefined }> {
  override state = { error: undefined };

  static getDerivedStateFromError(error: unknown) {
    // What is not the engine's is the page's to say.
    if (!(error instanceof EngineError)) throw error;
    return { error };
  }

  override render() {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <EngineProblem
        error={error}
        onAgain={() => {
          this.props.onReset();
          this.setState({ error: undefined });
        }}
      >
        {this.props.instead}
      </EngineProblem>
    );
  }
}

/** Holds what the engine's failure would take from a page: the rest of it goes on. */
export function EngineBoundary({ children, instead }: { children: ReactNode; instead?: ReactNode }) {
  return (
    <QueryErrorResetBoundary>
      {({ reset }) => (
        <Boundary onReset={reset} instead={instead}>
          {children}
        </Boundary>
      )}
    </QueryErrorResetBoundary>
  );
}
