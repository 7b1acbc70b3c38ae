import { BAR_GROUP_NAMES, type SharedGroup, findSection } from '@kereta/core';
import { SelectField } from '../fields/fields';
import { useEditing } from '../fields/editing';
import { Picker } from '../fields/Picker';
import { useMemo } from 'react';
import { sectionRows } from './pickRows';
import { materialOptions, metalNote, sectionChange } from './stepKit';
import { inner, t } from '../fields/language/t';

/** Section and metal of a group of bars. */
export const BarFields = ({ group }: { readonly group: SharedGroup }) => {
  const { trailer, edit } = useEditing();
  const bar = trailer.frame.groups[group];
  const rows = useMemo(() => sectionRows(trailer), [trailer]);
  const shape = findSection(trailer, bar.sectionId)?.shape.kind;
  const isOpen = shape === 'channel' || shape === 'bent-channel' || shape === 'angle';
  const set = (label: string, change: Partial<typeof bar>): void =>
    edit(label, (current) => ({
      ...current,
      frame: {
        ...current.frame,
        groups: { ...current.frame.groups, [group]: { ...current.frame.groups[group], ...change } },
      },
    }));
  return (
    <>
      <Picker
        label={t('{bar}, section', { bar: t(BAR_GROUP_NAMES[group]) })}
        list="sections"
        value={bar.sectionId}
        rows={rows}
        partField={group}
        onCommit={(sectionId) => {
          const change = sectionChange(trailer, bar, sectionId);
          set(t('{bar} to {label}', { bar: inner(t(BAR_GROUP_NAMES[group])), label: change.label }), change.bar);
        }}
      />
      <SelectField
        label={t('{bar}, metal', { bar: t(BAR_GROUP_NAMES[group]) })}
        value={bar.materialId}
        options={materialOptions(trailer, bar.sectionId)}
        hint={metalNote(trailer, bar)}
        onCommit={(materialId) => set(t('metal of {bar}', { bar: inner(t(BAR_GROUP_NAMES[group])) }), { materialId })}
      />
      {isOpen && (group === 'rail' || group === 'header') && (
        <SelectField
          label={t('{bar}, open side', { bar: t(BAR_GROUP_NAMES[group]) })}
          value={bar.faces}
          options={[
            { value: 'in', text: t('Towards the bed') },
            { value: 'out', text: t('Away from the bed') },
          ]}
          hint={t('What meets an open side reaches in to the web')}
          onCommit={(faces) =>
            set(t('open side of {bar}', { bar: inner(t(BAR_GROUP_NAMES[group])) }), {
              faces: faces === 'out' ? 'out' : 'in',
            })
          }
        />
      )}
    </>
  );
};
