import { findMaterial, SIZED_GROUPS, BOLT_GRADE_NAMES, COUPLER_MOUNT_NAMES, FILLER_NAMES } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { inner, t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const MOUNTS = optionsIn(COUPLER_MOUNT_NAMES);
const GRADES = optionsIn(BOLT_GRADE_NAMES);
const FILLERS = optionsIn(FILLER_NAMES);

/** Legs of the fillets, the wire for aluminum, and how the coupler is held. */
export const JointFields = () => {
  const { trailer } = useEditing();
  const { strength, coupling, frame } = trailer;
  const aluminum = SIZED_GROUPS.some(
    (group) => findMaterial(trailer, frame.groups[group].materialId)?.family === 'aluminum',
  );
  const [, setCoupling] = useRecord('coupling');
  const [, setStrength] = useRecord('strength');
  const [, setGusset] = useRecord('strength.gussets');
  const setGussets = (label: string, place: 'tongueM' | 'cornerM', legM: number | null): void =>
    setGusset(inner(label), { [place]: legM });
  return (
    <>
      <QuantityField
        label={t('Leg of the welds')}
        kind="length"
        value={strength.weldLegM}
        of="strength.weldLegM"
        hint={t('As the wall, up to 3/16 in (5 mm), where you say nothing')}
        onCommit={(weldLegM) => setStrength(t('leg of the welds'), { weldLegM })}
        onClear={() => setStrength(t('leg of the welds as the wall'), { weldLegM: null })}
      />
      {(
        [
          ['tongueM', t('Gussets at the tongue, leg')],
          ['cornerM', t('Gussets in the corners, leg')],
        ] as const
      ).map(([place, label]) => (
        <QuantityField
          key={place}
          label={label}
          kind="length"
          value={strength.gussets[place]}
          of="strength.gussets.tongueM"
          hint={t('None where you say nothing')}
          onCommit={(legM) => setGussets(label, place, legM)}
          onClear={() => setGussets(t('no {label}', { label: inner(label) }), place, null)}
        />
      ))}
      {aluminum ? (
        <SelectField
          label={t('Wire for aluminum')}
          value={strength.filler}
          options={FILLERS}
          onCommit={(filler) => setStrength(t('wire'), { filler: filler })}
        />
      ) : (
        <span />
      )}
      <SelectField
        label={t('Coupler')}
        value={coupling.mount}
        options={MOUNTS}
        onCommit={(mount) => setCoupling(t('how the coupler is held'), { mount: mount })}
      />
      {coupling.mount === 'bolted' && (
        <>
          <QuantityField
            label={t('Bolts')}
            kind="number"
            value={coupling.bolts.count}
            of="coupling.bolts.count"
            onCommit={(count) =>
              setCoupling(t('coupler bolts'), { bolts: { ...coupling.bolts, count: Math.round(count) } })
            }
          />
          <QuantityField
            label={t('Their diameter')}
            kind="length"
            value={coupling.bolts.diameterM}
            of="coupling.bolts.diameterM"
            onCommit={(diameterM) => setCoupling(t('coupler bolts'), { bolts: { ...coupling.bolts, diameterM } })}
          />
          <SelectField
            label={t('Their grade')}
            value={coupling.bolts.grade}
            options={GRADES}
            onCommit={(grade) =>
              setCoupling(t('coupler bolts'), {
                bolts: { ...coupling.bolts, grade: grade },
              })
            }
          />
        </>
      )}
    </>
  );
};
