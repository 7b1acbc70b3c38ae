import { barOf, overrideBar } from '@kereta/core';
import { useMemo } from 'react';
import { useEditing } from '../../fields/editing';
import { Picker } from '../../fields/Picker';
import { sectionRows } from '../pickRows';
import { sectionChange } from '../stepKit';
import { t } from '../../fields/language/t';

const IDS = ['tongue.side.left', 'tongue.side.right'] as const;

/** Section of both side tubes; like the backbone's until it is chosen apart. */
export const SideTubeFields = () => {
  const { trailer, edit } = useEditing();
  const bar = barOf(trailer, 'tongue', IDS[0]);
  const rows = useMemo(() => sectionRows(trailer), [trailer]);
  return (
    <Picker
      label={t('Side tubes, section')}
      list="sections"
      value={bar.sectionId}
      rows={rows}
      onCommit={(sectionId) => {
        const change = sectionChange(trailer, bar, sectionId);
        edit(t('side tubes to {label}', { label: change.label }), (current) =>
          IDS.reduce((next, id) => overrideBar(next, [], id, change.bar), current),
        );
      }}
    />
  );
};
