import { barOf, overrideBar } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { SelectField } from '../../fields/fields';
import { sectionChange, sectionOptions } from '../stepKit';

const IDS = ['tongue.side.left', 'tongue.side.right'] as const;

/** Section of both side tubes; like the backbone's until it is chosen apart. */
export const SideTubeFields = () => {
  const { trailer, edit } = useEditing();
  const bar = barOf(trailer, 'tongue', IDS[0]);
  return (
    <SelectField
      label="Side tubes, section"
      value={bar.sectionId}
      options={sectionOptions(trailer)}
      onCommit={(sectionId) => {
        const change = sectionChange(trailer, bar, sectionId);
        edit(`side tubes to ${change.label}`, (current) =>
          IDS.reduce((next, id) => overrideBar(next, [], id, change.bar), current),
        );
      }}
    />
  );
};
