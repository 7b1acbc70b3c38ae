import {
  findMaterial,
  SIZED_GROUPS,
  BOLT_GRADE_NAMES,
  COUPLER_MOUNT_NAMES,
  FILLER_NAMES,
  optionsOf,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';

const MOUNTS = optionsOf(COUPLER_MOUNT_NAMES);
const GRADES = optionsOf(BOLT_GRADE_NAMES);
const FILLERS = optionsOf(FILLER_NAMES);

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
    setGusset(label.toLowerCase(), { [place]: legM });
  return (
    <>
      <QuantityField
        label="Leg of the welds"
        kind="length"
        value={strength.weldLegM}
        of="strength.weldLegM"
        hint="As the wall, up to 3/16 in (5 mm), where you say nothing"
        onCommit={(weldLegM) => setStrength('leg of the welds', { weldLegM })}
        onClear={() => setStrength('leg of the welds as the wall', { weldLegM: null })}
      />
      {(
        [
          ['tongueM', 'Gussets at the tongue, leg'],
          ['cornerM', 'Gussets in the corners, leg'],
        ] as const
      ).map(([place, label]) => (
        <QuantityField
          key={place}
          label={label}
          kind="length"
          value={strength.gussets[place]}
          of="strength.gussets.tongueM"
          hint="None where you say nothing"
          onCommit={(legM) => setGussets(label, place, legM)}
          onClear={() => setGussets(`no ${label.toLowerCase()}`, place, null)}
        />
      ))}
      {aluminum ? (
        <SelectField
          label="Wire for aluminum"
          value={strength.filler}
          options={FILLERS}
          onCommit={(filler) => setStrength('wire', { filler: filler })}
        />
      ) : (
        <span />
      )}
      <SelectField
        label="Coupler"
        value={coupling.mount}
        options={MOUNTS}
        onCommit={(mount) => setCoupling('how the coupler is held', { mount: mount })}
      />
      {coupling.mount === 'bolted' && (
        <>
          <QuantityField
            label="Bolts"
            kind="number"
            value={coupling.bolts.count}
            of="coupling.bolts.count"
            onCommit={(count) =>
              setCoupling('coupler bolts', { bolts: { ...coupling.bolts, count: Math.round(count) } })
            }
          />
          <QuantityField
            label="Their diameter"
            kind="length"
            value={coupling.bolts.diameterM}
            of="coupling.bolts.diameterM"
            onCommit={(diameterM) => setCoupling('coupler bolts', { bolts: { ...coupling.bolts, diameterM } })}
          />
          <SelectField
            label="Their grade"
            value={coupling.bolts.grade}
            options={GRADES}
            onCommit={(grade) =>
              setCoupling('coupler bolts', {
                bolts: { ...coupling.bolts, grade: grade },
              })
            }
          />
        </>
      )}
    </>
  );
};
