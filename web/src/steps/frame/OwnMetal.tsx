import { METALS } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useEditing } from '../../fields/editing';
import { FieldGroup, SelectField, TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { t } from '../../fields/language/t';

const LIKE = {
  steel: METALS.find(({ id }) => id === 'a36'),
  aluminum: METALS.find(({ id }) => id === '6061-t6'),
} as const;

/** A metal with its certificate in hand; stiffness and weight are those of its kind. */
export const OwnMetal = () => {
  const { edit, readOnly } = useEditing();
  const [name, setName] = useState(t('My metal'));
  const [family, setFamily] = useState<'steel' | 'aluminum'>('steel');
  const [yieldPa, setYield] = useState(250e6);
  const [ultimatePa, setUltimate] = useState(400e6);
  const [weldedPa, setWelded] = useState(100e6);
  const like = LIKE[family];
  const possible = ultimatePa >= yieldPa && (family === 'steel' || weldedPa <= yieldPa);
  return (
    <FieldGroup title={t('A metal of your own')}>
      <TextField label={t('Name')} value={name} onCommit={setName} />
      <SelectField
        label={t('Kind')}
        value={family}
        options={[
          { value: 'steel', text: t('Steel') },
          { value: 'aluminum', text: t('Aluminum') },
        ]}
        onCommit={(value) => setFamily(value === 'aluminum' ? 'aluminum' : 'steel')}
      />
      <QuantityField
        label={t('Bends for good at (yield)')}
        kind="stress"
        value={yieldPa}
        of="ownRows.materials.yieldPa"
        onCommit={setYield}
      />
      <QuantityField
        label={t('Breaks at')}
        kind="stress"
        value={ultimatePa}
        of="ownRows.materials.ultimatePa"
        onCommit={setUltimate}
      />
      {family === 'aluminum' && (
        <QuantityField
          label={t('Bends for good beside a weld')}
          kind="stress"
          value={weldedPa}
          of="ownRows.materials.weldedYieldPa"
          onCommit={setWelded}
        />
      )}
      <button
        type="button"
        className="button self-center"
        disabled={!possible || readOnly || !like}
        onClick={() =>
          like &&
          edit(t('{name} added', { name }), (current) => ({
            ...current,
            ownRows: {
              ...current.ownRows,
              materials: [
                ...current.ownRows.materials,
                {
                  id: `own-${nanoid(8)}`,
                  name,
                  family,
                  yieldPa,
                  ultimatePa,
                  elasticPa: like.elasticPa,
                  densityKgM3: like.densityKgM3,
                  source: { kind: 'own', note: 'certificate' },
                  ...(family === 'aluminum'
                    ? {
                        weldedYieldPa: weldedPa,
                        weldedUltimatePa: Math.max(weldedPa, (ultimatePa * weldedPa) / yieldPa),
                      }
                    : {}),
                },
              ],
            },
          }))
        }
      >
        {t('Add to the list')}
      </button>
      {!possible && (
        <p className="col-span-2 text-[13px]" style={{ color: 'var(--fix)' }}>
          {t('It cannot break before it bends, nor be stronger beside a weld.')}
        </p>
      )}
    </FieldGroup>
  );
};
