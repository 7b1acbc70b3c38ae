import { type BarGroup, findSection } from '@kereta/core';
import { SelectField } from '../ui/fields';
import { useEditing } from '../ui/editing';
import { materialFor, materialOptions, sectionOptions } from './stepKit';

const GROUP_WORDS: Readonly<Record<BarGroup, string>> = {
  rail: 'Side rails',
  header: 'Headers',
  cross: 'Cross-members',
  tongue: 'Tongue',
  side: 'Sides',
};

/** Section and metal of a group of bars. */
export const BarFields = ({ group }: { readonly group: BarGroup }) => {
  const { trailer, edit } = useEditing();
  const bar = trailer.frame.groups[group];
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
      <SelectField
        label={`${GROUP_WORDS[group]}, section`}
        value={bar.sectionId}
        options={sectionOptions(trailer)}
        partField={group}
        onCommit={(sectionId) =>
          set(`${GROUP_WORDS[group].toLowerCase()} to ${findSection(trailer, sectionId)?.designation ?? sectionId}`, {
            sectionId,
            materialId: materialFor(trailer, sectionId, bar.materialId),
          })
        }
      />
      <SelectField
        label={`${GROUP_WORDS[group]}, metal`}
        value={bar.materialId}
        options={materialOptions(trailer, bar.sectionId)}
        onCommit={(materialId) => set(`metal of ${GROUP_WORDS[group].toLowerCase()}`, { materialId })}
      />
    </>
  );
};
