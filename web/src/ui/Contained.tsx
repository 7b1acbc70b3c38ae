import type { ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { problemText } from './problemText';

const Failed = ({ name, error, resetErrorBoundary }: FallbackProps & { readonly name: string }) => (
  <div role="alert" className="p-4">
    <p className="font-semibold">{name} could not be shown.</p>
    <p className="narrow mute my-1 text-[13px]">{problemText(error)}</p>
    <p className="my-2 text-[14px]">Your trailer is kept. Undo the last step, or try again.</p>
    <button type="button" className="button" onClick={resetErrorBoundary}>
      Try again
    </button>
  </div>
);

/** A part of the page that may fail without taking the rest with it; it is tried again when what it shows has changed. */
export const Contained = ({
  name,
  of,
  children,
}: {
  /** "The panel", "The drawing": begins the sentence */
  readonly name: string;
  /** what it shows: another value is another try */
  readonly of: unknown;
  readonly children: ReactNode;
}) => (
  // oxlint-disable-next-line react/no-unstable-nested-components -- a function that draws, not a component
  <ErrorBoundary resetKeys={[of]} fallbackRender={(props) => <Failed name={name} {...props} />}>
    {children}
  </ErrorBoundary>
);
