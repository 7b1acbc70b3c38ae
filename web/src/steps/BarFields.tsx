import { BAR_GROUP_NAMES, type SharedGroup, findSection } from '@kereta/core';
import { SelectField } from '../fields/fields';
import { useEditing } from '../fields/editing';
import { Picker } from '../fields/Picker';
import { useMemo } from 'react';
import { sectionRows } from './pickRows';
import { materialOptions, metalNote, sectionChange } from './stepKit';

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
        label={`${BAR_GROUP_NAMES[group]}, section`}
        list="sections"
        value={bar.sectionId}
        rows={rows}
        partField={group}
        onCommit={(sectionId) => {
          const change = sectionChange(trailer, bar, sectionId);
          set(`${BAR_GROUP_NAMES[group].toLowerCase()} to ${change.label}`, change.bar);
        }}
      />
      <SelectField
        label={`${BAR_GROUP_NAMES[group]}, metal`}
        value={bar.materialId}
        options={materialOptions(trailer, bar.sectionId)}
        hint={metalNote(trailer, bar)}
        onCommit={(materialId) => set(`metal of ${BAR_GROUP_NAMES[group].toLowerCase()}`, { materialId })}
      />
      {isOpen && (group === 'rail' || group === 'header') && (
        <SelectField
          label={`${BAR_GROUP_NAMES[group]}, open side`}
          value={bar.faces}
          options={[
            { value: 'in', text: 'Towards the bed' },
            { value: 'out', text: 'Away from the bed' },
          ]}
          hint="What meets an open side reaches in to the web"
          onCommit={(faces) =>
            set(`open side of ${BAR_GROUP_NAMES[group].toLowerCase()}`, { faces: faces === 'out' ? 'out' : 'in' })
          }
        />
      )}
    </>
  );
};
