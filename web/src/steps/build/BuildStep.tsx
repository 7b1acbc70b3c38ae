import { taskName } from '@kereta/core';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { SelectField } from '../../fields/fields';
import { TaskActions } from './TaskActions';
import { TaskCard } from './TaskCard';
import { usePlan } from './usePlan';
import { t, voice } from '../../fields/language/t';

/** The task that is looked at, and which way up the frame is laid out. */
export const BuildStep = () => {
  const { evaluation, say, projectStore } = useWorkbench('evaluation', 'say', 'projectStore');
  const { trailer, edit } = useEditing();
  const record = useStore(projectStore.store, (state) => state.record);
  const { all, shown, show } = usePlan(evaluation, record);
  if (!shown) return null;
  const next = (): void => {
    const at = all.indexOf(shown);
    const following = all.slice(at + 1).find(({ state }) => state === 'to-do');
    if (following) show(following.task);
  };
  return (
    <div className="px-4 pb-3">
      <h2 className="text-[18px] leading-[22px] font-bold">{taskName(shown.task, voice)}</h2>
      <TaskCard progress={shown} evaluation={evaluation} say={say} />
      <TaskActions key={shown.task.id} progress={shown} onNote={projectStore.note} onNext={next} />
      <Link className="button mt-2 w-full" to={`/trailer/${trailer.id}/task/${shown.task.id}`}>
        {t('As a card, for the phone')}
      </Link>
      <div className="mt-3">
        <SelectField
          label={t('The frame is laid out')}
          value={trailer.building?.layOut ?? 'upside-down'}
          options={[
            { value: 'upside-down', text: t('upside down: tops flush, turned over once') },
            { value: 'right-side-up', text: t('right side up: turned over twice') },
          ]}
          onCommit={(layOut) =>
            edit(t('which way up it is laid out'), (now) => ({ ...now, building: { ...now.building, layOut } }))
          }
        />
      </div>
    </div>
  );
};
