import type { Trailer } from '@kereta/core';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { t } from '../fields/language/t';
import { PAGE_LANGUAGE } from '../fields/language/language';

/** A sheet of paper: white and black whatever the view on the screen, with its title block; buttons stay on the screen. */
export const SheetFrame = ({
  trailer,
  sheet,
  back,
  note,
  updatedAt,
  children,
}: {
  readonly trailer: Trailer;
  readonly sheet: string;
  readonly back: string;
  readonly note: string;
  readonly updatedAt: number;
  readonly children: ReactNode;
}) => (
  <div
    data-theme="kereta-paper"
    className="sheet mx-auto max-w-[1000px] bg-white p-6 text-black"
    style={{
      ['--paper' as string]: 'white',
      ['--color-base-100' as string]: 'white',
      ['--grid' as string]: 'oklch(0.93 0 0)',
    }}
  >
    <div className="no-print mb-4 flex gap-3">
      <Link className="button" to={back}>
        {t('Back')}
      </Link>
      <button type="button" className="button button-main" onClick={() => window.print()}>
        <Printer size={17} aria-hidden /> {t('Print')}
      </button>
    </div>
    {children}
    <footer className="mt-4 flex justify-end">
      <table className="narrow border border-black text-[13px]" aria-label={t('Title block')}>
        <tbody>
          <tr>
            <td className="border border-black px-2">{t('Job: {name}', { name: trailer.name })}</td>
            <td className="border border-black px-2">{t('Sheet: {sheet}', { sheet })}</td>
          </tr>
          <tr>
            <td className="border border-black px-2">{note}</td>
            <td className="border border-black px-2">
              {new Intl.DateTimeFormat(PAGE_LANGUAGE, { dateStyle: 'medium' }).format(updatedAt)}
            </td>
          </tr>
        </tbody>
      </table>
    </footer>
  </div>
);
