import { Contrast } from 'lucide-react';
import { switchTheme, useTheme } from './theme';

export const ThemeSwitch = () => {
  const dark = useTheme() === 'kereta-slate';
  return (
    <button
      type="button"
      className="button button-plain px-3"
      onClick={switchTheme}
      aria-label={dark ? 'Light view' : 'Dark view'}
      title={dark ? 'Light view' : 'Dark view'}
    >
      <Contrast size={18} aria-hidden />
    </button>
  );
};
