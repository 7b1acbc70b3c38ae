import { type Coupling, inches, millimetres, toPascals } from '@kereta/core';
import { useEditing } from '../../../fields/editing';
import { CheckField, SelectField } from '../../../fields/fields';
import { RecordFields, type SizeOf } from '../../../fields/RecordFields';
import { useCoupling } from './useCoupling';
import { t } from '../../../fields/language/t';

type Study = NonNullable<Coupling['study']>;

/** Sizes to start a drawing from: mild steel, a gap and plates of the kind; they are the user's to change. */
const startOf = (metric: boolean): Study => ({
  pinDiameterM: metric ? millimetres(25) : inches(1),
  threaded: true,
  yieldPa: metric ? toPascals(235, 'MPa') : toPascals(36, 'ksi'),
  planes: 2,
  gapM: metric ? millimetres(60) : inches(2.5),
  plateM: metric ? millimetres(10) : inches(3 / 8),
  edgeM: metric ? millimetres(40) : inches(1.5),
  weldLegM: metric ? millimetres(6) : inches(1 / 4),
  weldLengthM: metric ? millimetres(200) : inches(8),
});

const SIZES: readonly SizeOf<Study>[] = [
  {
    field: 'pinDiameterM',
    label: t('Pin or bolt'),
    kind: 'length',
    of: 'coupling.study.pinDiameterM',
    said: t('pin of the coupling'),
  },
  {
    field: 'yieldPa',
    label: t('Its metal bends for good at'),
    kind: 'stress',
    of: 'coupling.study.yieldPa',
    said: t('metal of the coupling'),
    hint: t('Of pin and plates; mild steel where nobody knows'),
  },
  {
    field: 'gapM',
    label: t('Gap that the pin bends over'),
    kind: 'length',
    of: 'coupling.study.gapM',
    said: t('gap of the coupling'),
    hint: t('Middle of one plate to the next'),
  },
  {
    field: 'plateM',
    label: t('Plates'),
    kind: 'length',
    of: 'coupling.study.plateM',
    said: t('plates of the coupling'),
  },
  {
    field: 'edgeM',
    label: t('Hole’s middle to the edge'),
    kind: 'length',
    of: 'coupling.study.edgeM',
    said: t('edge of the coupling’s plates'),
  },
  {
    field: 'weldLegM',
    label: t('Fillet leg'),
    kind: 'length',
    of: 'coupling.study.weldLegM',
    said: t('fillet of the coupling'),
  },
  {
    field: 'weldLengthM',
    label: t('Fillets together'),
    kind: 'length',
    of: 'coupling.study.weldLengthM',
    said: t('length of the coupling’s fillets'),
  },
];

/** Pin, plates and weld of a coupling that the user makes: to study, never to rate. */
export const CouplingStudy = () => {
  const { trailer, readOnly } = useEditing();
  const { coupling, set } = useCoupling();
  const { study } = coupling;
  const advice = (
    <p className="narrow col-span-2 text-[13px]">
      {t(
        'Buy a rated coupling: it costs less than a tow home, and it has been pulled to many times its load. What stands here is to learn by; a home-made one is never rated, and no size is called enough.',
      )}
    </p>
  );
  if (study === null)
    return (
      <>
        {advice}
        <button
          type="button"
          className="button col-span-2"
          disabled={readOnly}
          onClick={() => set(t('coupling to study'), { study: startOf(trailer.settings.units === 'metric') })}
        >
          {t('Study one that I have drawn')}
        </button>
      </>
    );
  const change = (said: string, part: Partial<Study>): void => set(said, { study: { ...study, ...part } });
  return (
    <>
      {advice}
      <RecordFields record={study} sizes={SIZES} onChange={change} />
      <SelectField
        label={t('The pin is held')}
        value={String(study.planes)}
        options={[
          { value: '2', text: t('On both sides') },
          { value: '1', text: t('On one side') },
        ]}
        onCommit={(planes) => change(t('how the pin is held'), { planes: planes === '1' ? 1 : 2 })}
      />
      <div className="col-span-2">
        <CheckField
          label={t('Threads where it is sheared')}
          checked={study.threaded}
          onCommit={(threaded) => change(t('threads of the pin'), { threaded })}
        />
      </div>
    </>
  );
};
