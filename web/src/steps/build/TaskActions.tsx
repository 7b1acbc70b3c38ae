import { doneByOf, type RecordEntry, type TaskEntry, type TaskProgress } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useId, useState } from 'react';
import { useEditing } from '../../fields/editing';
import { HoursField, readHours } from '../../fields/HoursField';
import { noteOf } from '../../fields/newEntry';
import { PhotoField } from '../../fields/PhotoField';
import { t } from '../../fields/language/t';

/** Puts a task of the user's own into the plan. */
const OwnTask = ({ onAdd }: { readonly onAdd: (title: string) => void }) => {
  const { readOnly } = useEditing();
  const ownId = useId();
  const [own, setOwn] = useState('');
  const add = (): void => {
    const title = own.trim();
    if (title === '') return;
    onAdd(title);
    setOwn('');
  };
  return (
    <details className="mt-2">
      <summary className="min-h-[44px] cursor-pointer py-2 text-[14.5px]">
        {t('A task of your own after this one')}
      </summary>
      <label htmlFor={ownId} className="narrow mb-1 block text-[14px]">
        {t('What is to be done')}
      </label>
      <div className="flex gap-2">
        <input
          id={ownId}
          className="field-box"
          value={own}
          maxLength={120}
          disabled={readOnly}
          onChange={(event) => setOwn(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') add();
          }}
        />
        <button type="button" className="button" disabled={readOnly || own.trim() === ''} onClick={add}>
          {t('Add')}
        </button>
      </div>
    </details>
  );
};

interface TaskActionsProps {
  readonly progress: TaskProgress;
  readonly onNote: (entry: RecordEntry) => void;
  /** after it was ticked off or skipped */
  readonly onNext?: () => void;
}

/** Ticks a task off, skips it with a reason, and keeps what was seen: note, hours, photos. */
export const TaskActions = ({ progress, onNote, onNext }: TaskActionsProps) => {
  const { readOnly } = useEditing();
  const { task, state, entry } = progress;
  const [note, setNote] = useState('');
  const [typed, setTyped] = useState('');
  const { hours, bad } = readHours(typed);
  const [photos, setPhotos] = useState<readonly string[]>([]);
  const noteId = useId();
  const write = noteOf(onNote);
  const keep = (next: TaskEntry['state']): void => {
    const text = note.trim();
    const blobIds = [...(entry?.blobIds ?? []), ...photos];
    write({
      kind: 'task',
      taskId: task.id,
      state: next,
      ...(next === 'done' ? { doneBy: doneByOf(task) } : {}),
      ...(task.title === undefined ? {} : { title: task.title, after: entry?.after ?? null }),
      ...(text !== '' ? { note: text } : entry?.note ? { note: entry.note } : {}),
      ...(blobIds.length > 0 ? { blobIds: blobIds.slice(0, 50) } : {}),
    });
    if (hours !== null) write({ kind: 'log', text: text || t('Work'), hours, taskId: task.id });
    setNote('');
    setTyped('');
    setPhotos([]);
    if (next !== 'to-do') onNext?.();
  };
  const addOwn = (title: string): void =>
    write({ kind: 'task', taskId: `own.${nanoid(8)}`, state: 'to-do', title, after: task.id });
  return (
    <div className="mt-2 border-t border-base-300 pt-3">
      <div className="grid grid-cols-[1fr_92px] gap-2">
        <div>
          <label htmlFor={noteId} className="narrow mb-1 block text-[14px]">
            {t('Note, or why it is skipped')}
          </label>
          <input
            id={noteId}
            className="field-box"
            value={note}
            maxLength={200}
            disabled={readOnly}
            onChange={(event) => setNote(event.target.value)}
          />
        </div>
        <HoursField typed={typed} onChange={setTyped} />
      </div>
      <PhotoField
        label={t('Photo')}
        count={photos.length}
        onAdd={(blobId) => setPhotos((before) => [...before, blobId])}
      />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <button
          type="button"
          className="button button-main col-span-2 min-h-[52px]"
          disabled={readOnly || bad}
          onClick={() => keep('done')}
        >
          {state === 'done' ? t('Done again, by today’s numbers') : t('Done')}
        </button>
        {state === 'to-do' ? (
          <button
            type="button"
            className="button"
            disabled={readOnly || note.trim() === ''}
            title={t('Say why first')}
            onClick={() => keep('skipped')}
          >
            {t('Skip, by the note’s reason')}
          </button>
        ) : (
          <button type="button" className="button" disabled={readOnly} onClick={() => keep('to-do')}>
            {t('Not done yet')}
          </button>
        )}
        <button
          type="button"
          className="button"
          disabled={readOnly || bad || (note.trim() === '' && hours === null && photos.length === 0)}
          onClick={() => keep(state)}
        >
          {t('Keep the note')}
        </button>
      </div>
      <OwnTask onAdd={addOwn} />
    </div>
  );
};
