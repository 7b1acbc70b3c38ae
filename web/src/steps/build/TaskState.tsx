import type { TaskProgress } from '@kereta/core';
import { Square, SquareCheckBig, SquareSlash, TriangleAlert } from 'lucide-react';
import { t } from '../../fields/language/t';

const WORDS = { 'to-do': t('To do'), done: t('Done'), skipped: t('Skipped') } as const;
const MARKS = { 'to-do': Square, done: SquareCheckBig, skipped: SquareSlash } as const;

/** How far a task is, by shape and by word. */
export const TaskState = ({ progress: { state, touched, gone, waitsFor } }: { readonly progress: TaskProgress }) => {
  const changed = touched.length + gone > 0;
  const Mark = changed ? TriangleAlert : MARKS[state];
  const word = changed ? t('Changed since') : WORDS[state];
  const waits = state === 'to-do' && waitsFor.length > 0;
  return (
    <span className="narrow inline-flex items-center gap-1 text-[13px] whitespace-nowrap">
      <Mark size={17} aria-hidden color={state === 'done' && !changed ? 'var(--good)' : 'var(--ink)'} />
      <span className={waits ? 'mute' : ''}>{waits ? t('Waits') : word}</span>
    </span>
  );
};
