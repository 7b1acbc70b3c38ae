import { TIE_DOWN_NAMES, tieDownPlaces } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useRecord } from '../../fields/useRecord';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const KINDS = optionsIn(TIE_DOWN_NAMES);

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
    <FieldGroup title={t('Straps and stands')}>
      <QuantityField
        label={t('Places for straps on each rail')}
        kind="number"
        value={tieDowns.perSide}
        of="frame.tieDowns.perSide"
        onCommit={(count) => {
          const perSide = Math.round(count);
          setStraps(t('places for straps'), {
            perSide,
            ...(tieDowns.places.length > 0 ? { places: resized(tieDowns.places, perSide, bed.lengthM) } : {}),
          });
        }}
      />
      {tieDowns.perSide > 0 && (
        <SelectField
          label={t('They are')}
          value={tieDowns.kind}
          options={KINDS}
          onCommit={(kind) => setStraps(t('straps on {kind}s', { kind }), { kind })}
        />
      )}
      {tieDowns.perSide > 0 && (
        <div className="col-span-2">
          <CheckField
            label={t('At places of their own')}
            checked={tieDowns.places.length > 0}
            onCommit={(own) =>
              setStraps(own ? t('straps at places of their own') : t('straps spread evenly'), {
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
          label={t('Place {index}, back from front edge', { index: index + 1 })}
          kind="length"
          value={xM}
          min={0}
          max={bed.lengthM}
          onCommit={(next) =>
            setStraps(t('place of a strap'), {
              places: tieDowns.places.map((other, k) => (k === index ? next : other)),
            })
          }
        />
      ))}
      {tieDowns.perSide > 0 && (
        <QuantityField
          label={t('Each may be worked at')}
          kind="mass"
          value={tieDowns.workingLoadKg}
          of="frame.tieDowns.workingLoadKg"
          hint={t('The least of strap, hook and ring')}
          onCommit={(workingLoadKg) => setStraps(t('working load of a strap'), { workingLoadKg })}
          onClear={() => setStraps(t('working load of a strap unknown'), { workingLoadKg: null })}
        />
      )}
      {stands.map((pair, index) => (
        <div key={pair.id} className="col-span-2 grid grid-cols-2 gap-2">
          <QuantityField
            label={t('Pair of stands {index}, back from front edge', { index: index + 1 })}
            kind="length"
            value={pair.xM}
            of="frame.stands.xM"
            max={bed.lengthM}
            onCommit={(xM) =>
              setStands(
                t('stands moved'),
                stands.map((other) => (other.id === pair.id ? { ...other, xM } : other)),
              )
            }
          />
          <button
            type="button"
            className="button self-center"
            onClick={() =>
              setStands(
                t('stands taken off'),
                stands.filter((other) => other.id !== pair.id),
              )
            }
          >
            {t('Take off')}
          </button>
        </div>
      ))}
      {stands.length < 3 && (
        <button
          type="button"
          className="button self-center"
          onClick={() =>
            setStands(t('stands added'), [
              ...stands,
              { id: `stand.${nanoid(8)}`, xM: bed.lengthM * (stands.length === 0 ? 0.95 : 0.05) },
            ])
          }
        >
          {t('Add a pair of stands')}
        </button>
      )}
    </FieldGroup>
  );
};
