import { optionsOf, TIE_DOWN_NAMES, tieDownPlaces } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useRecord } from '../../fields/useRecord';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';

const KINDS = optionsOf(TIE_DOWN_NAMES);

/** As many places as are asked for: those that there are, and further ones at the rear. */
const resized = (places: readonly number[], count: number, bedM: number): number[] =>
  Array.from({ length: count }, (_, i) => places[i] ?? bedM);

/** What straps are hooked to along both rails, and pairs of stands to park on. */
export const StrapsAndStands = () => {
  const [{ stands, bed }, setFrame] = useRecord('frame');
  const [tieDowns, setStraps] = useRecord('frame.tieDowns');
  const { trailer } = useEditing();
  const evenly = tieDownPlaces(trailer);
  const setStands = (label: string, next: typeof stands): void => setFrame(label, { stands: next });
  return (
    <FieldGroup title="Straps and stands">
      <QuantityField
        label="Places for straps on each rail"
        kind="number"
        value={tieDowns.perSide}
        of="frame.tieDowns.perSide"
        onCommit={(count) => {
          const perSide = Math.round(count);
          setStraps('places for straps', {
            perSide,
            ...(tieDowns.places.length > 0 ? { places: resized(tieDowns.places, perSide, bed.lengthM) } : {}),
          });
        }}
      />
      {tieDowns.perSide > 0 && (
        <SelectField
          label="They are"
          value={tieDowns.kind}
          options={KINDS}
          onCommit={(kind) => setStraps(`straps on ${kind}s`, { kind })}
        />
      )}
      {tieDowns.perSide > 0 && (
        <div className="col-span-2">
          <CheckField
            label="At places of their own"
            checked={tieDowns.places.length > 0}
            onCommit={(own) =>
              setStraps(own ? 'straps at places of their own' : 'straps spread evenly', {
                places: own ? [...evenly] : [],
              })
            }
          />
        </div>
      )}
      {tieDowns.places.map((xM, index) => (
        <QuantityField
          // biome-ignore lint/suspicious/noArrayIndexKey: places have nothing but their order
          key={index}
          label={`Place ${index + 1}, back from front edge`}
          kind="length"
          value={xM}
          min={0}
          max={bed.lengthM}
          onCommit={(next) =>
            setStraps('place of a strap', {
              places: tieDowns.places.map((other, k) => (k === index ? next : other)),
            })
          }
        />
      ))}
      {tieDowns.perSide > 0 && (
        <QuantityField
          label="Each may be worked at"
          kind="mass"
          value={tieDowns.workingLoadKg}
          of="frame.tieDowns.workingLoadKg"
          hint="The least of strap, hook and ring"
          onCommit={(workingLoadKg) => setStraps('working load of a strap', { workingLoadKg })}
          onClear={() => setStraps('working load of a strap unknown', { workingLoadKg: null })}
        />
      )}
      {stands.map((pair, index) => (
        <div key={pair.id} className="col-span-2 grid grid-cols-2 gap-2">
          <QuantityField
            label={`Pair of stands ${index + 1}, back from front edge`}
            kind="length"
            value={pair.xM}
            of="frame.stands.xM"
            max={bed.lengthM}
            onCommit={(xM) =>
              setStands(
                'stands moved',
                stands.map((other) => (other.id === pair.id ? { ...other, xM } : other)),
              )
            }
          />
          <button
            type="button"
            className="button self-center"
            onClick={() =>
              setStands(
                'stands taken off',
                stands.filter((other) => other.id !== pair.id),
              )
            }
          >
            Take off
          </button>
        </div>
      ))}
      {stands.length < 3 && (
        <button
          type="button"
          className="button self-center"
          onClick={() =>
            setStands('stands added', [
              ...stands,
              { id: `stand.${nanoid(8)}`, xM: bed.lengthM * (stands.length === 0 ? 0.95 : 0.05) },
            ])
          }
        >
          Add a pair of stands
        </button>
      )}
    </FieldGroup>
  );
};
