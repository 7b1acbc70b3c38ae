import { sectionProperties } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useEditing } from '../../fields/editing';
import { FieldGroup, SelectField, TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { t } from '../../fields/language/t';

const DEFAULT = { heightM: 0.0508, widthM: 0.0508, wallM: 0.003 };

/** A tube that no list has: measured with a caliper, kept with this trailer. */
export const OwnSection = () => {
  const { edit, readOnly } = useEditing();
  const [name, setName] = useState(t('My tube'));
  const [size, setSize] = useState(DEFAULT);
  const [pricePerKg, setPrice] = useState<number | null>(null);
  const [family, setFamily] = useState<'steel' | 'aluminum'>('steel');
  const shape = { kind: 'rect-tube', ...size, outerRadiusM: 2 * size.wallM, innerRadiusM: size.wallM } as const;
  const possible = sectionProperties(shape).ok;
  return (
    <FieldGroup title={t('A tube of your own')}>
      <TextField label={t('Name')} value={name} onCommit={setName} />
      <SelectField
        label={t('Of')}
        value={family}
        options={[
          { value: 'steel', text: t('Steel, unmarked') },
          { value: 'aluminum', text: t('Aluminum') },
        ]}
        onCommit={(value) => setFamily(value)}
      />
      <QuantityField
        label={t('Height')}
        kind="length"
        value={size.heightM}
        of="ownRows.sections.shape.heightM"
        onCommit={(heightM) => setSize({ ...size, heightM })}
      />
      <QuantityField
        label={t('Width')}
        kind="length"
        value={size.widthM}
        of="ownRows.sections.shape.widthM"
        onCommit={(widthM) => setSize({ ...size, widthM })}
      />
      <QuantityField
        label={t('Wall')}
        kind="length"
        value={size.wallM}
        of="ownRows.sections.shape.wallM"
        onCommit={(wallM) => setSize({ ...size, wallM })}
      />
      <QuantityField
        label={t('A kilogram costs')}
        kind="number"
        value={pricePerKg}
        of="ownRows.sections.pricePerKg"
        hint={t('0 where it lies in the shed already; as its metal where you say nothing')}
        onCommit={setPrice}
        onClear={() => setPrice(null)}
      />
      <button
        type="button"
        className="button self-center"
        disabled={!possible || readOnly}
        onClick={() =>
          edit(t('{name} added', { name }), (current) => ({
            ...current,
            ownRows: {
              ...current.ownRows,
              sections: [
                ...current.ownRows.sections,
                {
                  id: `own-${nanoid(8)}`,
                  designation: name,
                  family,
                  group: t('Your own'),
                  usualMaterialId: family === 'steel' ? 'unmarked-tube' : '6063-t5',
                  shape,
                  ...(pricePerKg === null ? {} : { pricePerKg }),
                  source: { kind: 'own', note: 'measured' },
                },
              ],
            },
          }))
        }
      >
        {t('Add to the list')}
      </button>
      {!possible && (
        <p style={{ color: 'var(--fix)' }} className="col-span-2 text-[13px]">
          {t('Such a wall and such sides make no tube.')}
        </p>
      )}
    </FieldGroup>
  );
};
