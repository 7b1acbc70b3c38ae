import { nanoid } from 'nanoid';
import { useRecord } from '../../fields/useRecord';
import { FieldGroup } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';

/** Rings for straps along both rails, and pairs of stands to park on. */
export const StrapsAndStands = () => {
  const [{ stands, bed }, setFrame] = useRecord('frame');
  const [tieDowns, setStraps] = useRecord('frame.tieDowns');
  const setStands = (label: string, next: typeof stands): void => setFrame(label, { stands: next });
  return (
    <FieldGroup title="Straps and stands">
      <QuantityField
        label="Rings on each rail"
        kind="number"
        value={tieDowns.perSide}
        of="frame.tieDowns.perSide"
        onCommit={(count) => setStraps('rings for straps', { perSide: Math.round(count) })}
      />
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
