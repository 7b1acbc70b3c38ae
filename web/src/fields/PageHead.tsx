import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { t } from './language/t';

interface PageHeadProps {
  readonly title: string;
  /** where back leads, and what it is called */
  readonly back: string;
  readonly backText?: string;
  /** the page is made to be printed: the words of its button */
  readonly print?: string;
  readonly children?: ReactNode;
}

/** Head of a page beside the workbench: what it is, its actions, the way back; on paper the title alone. */
export const PageHead = ({ title, back, backText = t('Back'), print, children }: PageHeadProps) => (
  <header className="flex flex-wrap items-center justify-between gap-3 py-3">
    <h1 className="wide text-[19px] font-bold">{title}</h1>
    <span className="no-print flex flex-wrap gap-2">
      {print && (
        <button type="button" className="button" onClick={() => window.print()}>
          <Printer size={17} aria-hidden /> {print}
        </button>
      )}
      {children}
      <Link className="button" to={back}>
        {backText}
      </Link>
    </span>
  </header>
);
