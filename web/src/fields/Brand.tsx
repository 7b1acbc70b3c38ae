import { Link } from 'react-router';
import { t } from './language/t';

export const Brand = () => (
  <Link to="/" className="flex items-center gap-2 px-3" aria-label={t('Kereta, to the shed')}>
    <svg width="32" height="26" viewBox="0 0 32 26" aria-hidden>
      <path d="M1 12h30M8 12V5h14v7" stroke="var(--ink)" strokeWidth="2.4" fill="none" />
      <path d="M16 13l6 10H10z" fill="var(--dye)" />
    </svg>
    <span className="wide text-[20px] font-bold">{t('Kereta')}</span>
  </Link>
);
