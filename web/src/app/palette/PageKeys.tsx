import { STEP_IDS } from '@kereta/core';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useWorkbenchNow } from '../../bench/workbench';

const loadPalette = () => import('./Palette').then((module) => ({ default: module.Palette }));
const Palette = lazy(loadPalette);
const Shortcuts = lazy(() => import('./Shortcuts').then((module) => ({ default: module.Shortcuts })));

/** The page has drawn itself by then, ms. */
const LOADED_AFTER_MS = 1000;

/** Asks the page for its palette from anywhere, as a button does. */
export const OPEN_PALETTE = 'kereta:palette';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) || target.closest('dialog') !== null);

/** Keys that count anywhere on the workbench: palette, list of keys, step by step. What had the focus before has it again afterwards. */
export const PageKeys = ({ openFields }: { readonly openFields: (partId: string) => void }) => {
  const now = useWorkbenchNow();
  const [open, setOpen] = useState<'palette' | 'keys'>();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && !event.altKey && key === 'k') {
        event.preventDefault();
        setOpen('palette');
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (key === '/' || key === '?') {
        event.preventDefault();
        setOpen(key === '?' ? 'keys' : 'palette');
        return;
      }
      if (key !== 'j' && key !== 'k') return;
      const { step, goTo } = now();
      const next = STEP_IDS[STEP_IDS.indexOf(step) + (key === 'j' ? 1 : -1)];
      if (next) goTo(next);
    };
    const onAsk = (): void => setOpen('palette');
    window.addEventListener('keydown', onKey);
    // Fetched beforehand: who asks for it types on at once.
    const soon = setTimeout(() => void loadPalette(), LOADED_AFTER_MS);
    window.addEventListener(OPEN_PALETTE, onAsk);
    return () => {
      clearTimeout(soon);
      window.removeEventListener('keydown', onKey);
      window.removeEventListener(OPEN_PALETTE, onAsk);
    };
  }, [now]);
  if (open === undefined) return null;
  return (
    <Suspense fallback={null}>
      {open === 'palette' ? (
        <Palette onClose={() => setOpen(undefined)} openFields={openFields} />
      ) : (
        <Shortcuts onClose={() => setOpen(undefined)} />
      )}
    </Suspense>
  );
};
