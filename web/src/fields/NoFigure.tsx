import { t } from './language/t';
/** In place of what could not be worked out: said once, in words, and never as a wait without end. */
export const NoFigure = ({ what, onRetry }: { readonly what: string; readonly onRetry?: () => void }) => (
  <p className="narrow flex items-center gap-3 py-1 text-[13px]" role="status">
    <span>
      {t(
        'No figure: {what} could not be worked out in reasonable time. Look for a size that is far too large or too small.',
        { what },
      )}
    </span>
    {onRetry && (
      <button type="button" className="button min-h-[36px]" onClick={onRetry}>
        {t('Try again')}
      </button>
    )}
  </p>
);
