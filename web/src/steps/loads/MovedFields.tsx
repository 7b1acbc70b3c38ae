import { changeCase, type LoadCase } from '@kereta/core';
import { useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { t } from '../../fields/language/t';

const WAYS = [
  { field: 'shiftM', label: t('further back by'), said: t('further back') },
  { field: 'shiftRightM', label: t('further right by'), said: t('further right') },
  { field: 'shiftUpM', label: t('higher by'), said: t('higher') },
] as const;

/** What stands elsewhere in one load than it usually does: a boom out, a roof raised, a crate pushed forward. */
export const MovedFields = ({ loadCase }: { readonly loadCase: LoadCase }) => {
  const { trailer, edit } = useEditing();
  const { say } = useWorkbench('say');
  const [asked, setAsked] = useState<readonly string[]>([]);
  const entryOf = (id: string) => loadCase.aboard.find(({ itemId }) => itemId === id);
  const present = trailer.items.filter(({ id, kind }) => kind !== 'cargo' || entryOf(id) !== undefined);
  const isMoved = (id: string): boolean => WAYS.some(({ field }) => (entryOf(id)?.[field] ?? 0) !== 0);
  const shown = present.filter(({ id }) => isMoved(id) || asked.includes(id));
  const rest = present.filter((item) => !shown.includes(item));
  if (present.length === 0) return null;
  return (
    <FieldGroup title={t('Moved in this load')}>
      {shown.map((item) => (
        <fieldset
          key={item.id}
          className="col-span-2 grid grid-cols-2 gap-x-3 gap-y-2"
          aria-label={t('{name} moved', { name: item.name })}
        >
          {WAYS.map(({ field, label, said }) => (
            <QuantityField
              key={field}
              label={`${item.name}, ${label}`}
              kind="length"
              value={entryOf(item.id)?.[field] ?? 0}
              of={`cases.aboard.${field}`}
              onCommit={(value) =>
                edit(
                  t('{name} {said} by {value} in {name2}', {
                    name: item.name,
                    said,
                    value: say.length(value),
                    name2: loadCase.name,
                  }),
                  (current) =>
                    changeCase(current, loadCase.id, (old) => ({
                      ...old,
                      aboard: [
                        ...old.aboard.filter(({ itemId }) => itemId !== item.id),
                        {
                          fill: item.kind === 'tank' ? 0 : 1,
                          shiftM: 0,
                          ...old.aboard.find(({ itemId }) => itemId === item.id),
                          itemId: item.id,
                          [field]: value,
                        },
                      ],
                    })),
                )
              }
            />
          ))}
        </fieldset>
      ))}
      {rest.length > 0 && (
        <SelectField
          label={t('Move')}
          value=""
          options={rest.map(({ id, name }) => ({ value: id, text: name }))}
          onCommit={(id) => setAsked((before) => [...before, id])}
        />
      )}
    </FieldGroup>
  );
};
