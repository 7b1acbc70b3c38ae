import { PROJECT_FILE_SUFFIX, writeProject } from '@kereta/core';
import { Download, Redo2, Search, Undo2 } from 'lucide-react';
import { useStore } from 'zustand';
import { Brand } from '../../fields/Brand';
import { ThemeSwitch } from '../../fields/ThemeSwitch';
import { download, fileName } from '../../fields/download';
import type { SaveState } from '../../bench/saving';
import { useWorkbench } from '../../bench/workbench';
import { OPEN_PALETTE } from '../palette/PageKeys';
import { t } from '../../fields/language/t';

const SAVE_WORDS: Readonly<Record<SaveState, string>> = {
  saved: t('Saved in this browser'),
  saving: t('Saving …'),
  failed: t('Not saved: export it before you close'),
  overtaken: t('Not saved: changed in another tab'),
};

const UNITS = [
  { value: 'imperial', text: t('ft-in · lb') },
  { value: 'metric', text: t('mm · kg') },
] as const;

/** Name, undo, units, theme, export. */
export const TopBar = ({ saveState, refused }: { readonly saveState: SaveState; readonly refused: boolean }) => {
  const { trailer, projectStore, readOnly } = useWorkbench('trailer', 'projectStore', 'readOnly');
  const label = useStore(projectStore.store, (state) => state.label);
  const past = useStore(projectStore.history, (state) => state.pastStates.length);
  const future = useStore(projectStore.history, (state) => state.futureStates);
  const nextLabel = future.at(-1)?.label ?? '';
  const undoName = past > 0 && label ? t('Undo: {label}', { label }) : t('Undo');
  const redoName = nextLabel ? t('Redo: {nextLabel}', { nextLabel }) : t('Redo');
  return (
    <header className="no-print flex h-12 shrink-0 items-center border-b border-base-300 bg-base-100">
      <div className="flex w-[180px] shrink-0 max-[1100px]:w-auto">
        <Brand />
      </div>
      <p className="min-w-0 flex-1 truncate px-3">
        <span className="wide font-bold">{trailer.name}</span>
        <span className="narrow mute ml-4 text-[13px] max-[800px]:hidden" role="status">
          {refused ? t('Open in another tab') : SAVE_WORDS[saveState]}
        </span>
      </p>
      <button
        type="button"
        className="button button-plain px-3 max-[480px]:hidden"
        onClick={() => window.dispatchEvent(new Event(OPEN_PALETTE))}
        aria-label={t('Find a part or a job')}
        title={t('Find a part or a job: Ctrl K')}
      >
        <Search size={18} aria-hidden />
      </button>
      <button
        type="button"
        className="button button-plain px-3"
        onClick={projectStore.undo}
        disabled={past === 0 || readOnly}
        aria-label={undoName}
        title={undoName}
      >
        <Undo2 size={18} aria-hidden />
      </button>
      <button
        type="button"
        className="button button-plain px-3"
        onClick={projectStore.redo}
        disabled={future.length === 0 || readOnly}
        aria-label={redoName}
        title={redoName}
      >
        <Redo2 size={18} aria-hidden />
      </button>
      <fieldset className="mx-2 flex max-[420px]:hidden">
        <legend className="sr-only">{t('Units')}</legend>
        {UNITS.map(({ value, text }) => {
          const on = trailer.settings.units === value;
          return (
            <button
              key={value}
              type="button"
              className="narrow min-h-[40px] border px-2 text-[13px] font-semibold whitespace-nowrap first-of-type:rounded-l last-of-type:rounded-r"
              style={{
                background: on ? 'var(--ink)' : undefined,
                color: on ? 'var(--color-base-100)' : 'var(--ink)',
                borderColor: on ? 'var(--ink)' : 'var(--color-base-300)',
              }}
              aria-pressed={on}
              disabled={readOnly}
              onClick={() => projectStore.changeSettings({ units: value })}
            >
              {text}
            </button>
          );
        })}
      </fieldset>
      <button
        type="button"
        className="button button-plain px-3 max-[560px]:hidden"
        onClick={() =>
          download(
            fileName(trailer.name, PROJECT_FILE_SUFFIX),
            writeProject(projectStore.projectNow()),
            'application/json',
          )
        }
        aria-label={t('Export this trailer as a file')}
        title={t('Export this trailer as a file')}
      >
        <Download size={18} aria-hidden />
      </button>
      <ThemeSwitch />
    </header>
  );
};
