import { type ReactNode, Suspense } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { isNotLoaded, problemText } from './problemText';
import { t } from './language/t';

const Failed = ({ name, error, resetErrorBoundary }: FallbackProps & { readonly name: string }) => (
  <div role="alert" className="p-4">
    <p className="font-semibold">{t('{name} could not be shown.', { name })}</p>
    <p className="narrow mute my-1 text-[13px]">{problemText(error)}</p>
    <p className="my-2 text-[14px]">{t('Your trailer is kept. Undo the last step, or try again.')}</p>
    {isNotLoaded(error) ? (
      // What did not arrive is not asked for again by the same page.
      <button type="button" className="button" onClick={() => window.location.reload()}>
        {t('Load the page again')}
      </button>
    ) : (
      <button type="button" className="button" onClick={resetErrorBoundary}>
        {t('Try again')}
      </button>
    )}
  </div>
);

interface ContainedProps {
  /** "The panel", "The drawing": begins the sentence */
  readonly name: string;
  /** what it shows: another value of any of these is another try */
  readonly of: readonly unknown[];
  readonly children: ReactNode;
}

/** A part of the page that may fail without taking the rest with it; it is tried again when what it shows has changed. */
export const Contained = ({ name, of, children }: ContainedProps) => (
  // oxlint-disable-next-line react/no-unstable-nested-components -- a function that draws, not a component
  <ErrorBoundary resetKeys={[...of]} fallbackRender={(props) => <Failed name={name} {...props} />}>
    {children}
  </ErrorBoundary>
);

/** The same for a drawing whose code is loaded when it is first shown. */
export const ContainedChart = ({ name, of, children }: ContainedProps) => (
  <Contained name={name} of={of}>
    <Suspense fallback={<p className="mute text-[13px]">{t('Drawing …')}</p>}>{children}</Suspense>
  </Contained>
);
