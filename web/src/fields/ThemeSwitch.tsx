import { Contrast } from 'lucide-react';
import { switchTheme, useTheme } from './theme';
import { t } from './language/t';

export const ThemeSwitch = () => {
  const dark = useTheme() === 'kereta-slate';
  return (
    <button
      type="button"
      className="button button-plain px-3"
      onClick={switchTheme}
      aria-label={dark ? t('Light view') : t('Dark view')}
      title={dark ? t('Light view') : t('Dark view')}
    >
      <Contrast size={18} aria-hidden />
    </button>
  );
};
