import {
  bumpFactor,
  usualBumpFactor,
  BADLY_OFF,
  OPINION_NAMES,
  SITUATION_IDS,
  SITUATION_NAMES,
  type SituationId,
  ROAD_NAMES,
} from '@kereta/core';
import { Link } from 'react-router';
import { useShownResult } from '../../bench/sheet/useWork';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGrid, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useWorkbench } from '../../bench/workbench';
import { AnalysisStatus } from './AnalysisStatus';
import { BarLook } from './BarLook';
import { Culprit } from './Culprit';
import { JointsLook } from './JointsLook';
import { JointFields } from './JointFields';
import { Opinions } from './Opinions';
import { Sizing } from './Sizing';
import { WhatItCarries } from './WhatItCarries';
import { inner, t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const ROADS = optionsIn(ROAD_NAMES);

const WORST = 'worst';

/** What the trailer is put through, and what of it is switched off. */
const SituationFields = () => {
  const { trailer, edit } = useEditing();
  const [, setStrength] = useRecord('strength');
  const off = new Set(trailer.strength.off);
  const setOff = (id: SituationId | typeof BADLY_OFF, on: boolean): void =>
    edit(
      `${on ? t('look at') : t('leave out')}: ${inner(id === BADLY_OFF ? t(OPINION_NAMES.badly) : t(SITUATION_NAMES[id]))}`,
      (current) => ({
        ...current,
        strength: {
          ...current.strength,
          off: on ? current.strength.off.filter((other) => other !== id) : [...current.strength.off, id],
        },
      }),
    );
  return (
    <FieldGroup title={t('Situations')}>
      <div className="col-span-2">
        <CheckField
          label={t('Second opinion: loaded badly')}
          checked={!off.has(BADLY_OFF)}
          onCommit={(on) => setOff(BADLY_OFF, on)}
        />
      </div>
      <div className="col-span-2">
        <SelectField
          label={t('Somebody steps on the rear edge')}
          value={trailer.strength.personOnRear}
          options={[
            { value: 'usual', text: t('As is usual for such a bed') },
            { value: 'yes', text: t('Yes') },
            { value: 'no', text: t('No') },
          ]}
          onCommit={(personOnRear) => setStrength(t('who steps on the rear edge'), { personOnRear: personOnRear })}
        />
      </div>
      {SITUATION_IDS.map((id) => (
        <div key={id} className="col-span-2">
          <CheckField label={t(SITUATION_NAMES[id])} checked={!off.has(id)} onCommit={(on) => setOff(id, on)} />
        </div>
      ))}
      <div className="col-span-2">
        <QuantityField
          label={t('Pull when stuck, as a weight')}
          kind="mass"
          value={trailer.strength.recoveryPullKg ?? trailer.towVehicle?.massKg ?? null}
          of="strength.recoveryPullKg"
          hint={t(
            'The tow vehicle’s own weight where you say nothing. Do not pull by coupler, ball or chains unless each is rated for it.',
          )}
          onCommit={(recoveryPullKg) => setStrength(t('pull when stuck'), { recoveryPullKg })}
          onClear={() => setStrength(t('pull when stuck as the tow vehicle’s'), { recoveryPullKg: null })}
        />
      </div>
    </FieldGroup>
  );
};

/** What the trailer is put through, which of it the drawing shows, and what to do about it. */
export const StrengthStep = () => {
  const { trailer } = useEditing();
  const { situation, showSituation, bent, showBent, view3d, show3d } = useWorkbench(
    'situation',
    'showSituation',
    'bent',
    'showBent',
    'view3d',
    'show3d',
  );
  const off = new Set(trailer.strength.off);
  // Each opinion has its own situations; before there is an analysis all are on offer.
  const shown = useShownResult();
  const asked = (id: SituationId): boolean =>
    !shown || shown.members.some(({ bySituation }) => bySituation[id] !== undefined);
  const [, setStrength] = useRecord('strength');
  const [, setJob] = useRecord('job');
  return (
    <>
      <AnalysisStatus />
      <Culprit />
      <Opinions />
      <FieldGrid>
        <SelectField
          label={t('Roads')}
          value={trailer.job.road}
          options={ROADS}
          onCommit={(road) => setJob(t('roads'), { road: road })}
        />
        <QuantityField
          label={t('Bumps multiply loads by')}
          kind="number"
          value={bumpFactor(trailer)}
          of="strength.bumpFactor"
          hint={t('{trailer} is usual there', { trailer: usualBumpFactor(trailer) })}
          onCommit={(factor) =>
            setStrength(t('bumps × {factor}', { factor }), {
              bumpFactor: factor === usualBumpFactor(trailer) ? null : factor,
            })
          }
        />
        <div className="col-span-2">
          <SelectField
            label={t('Drawing shows')}
            value={situation ?? WORST}
            options={[
              { value: WORST, text: t('Each bar at its worst') },
              ...SITUATION_IDS.filter((id) => !off.has(id) && asked(id)).map((id) => ({
                value: id,
                text: t(SITUATION_NAMES[id]),
              })),
            ]}
            onCommit={(value) => showSituation(value === WORST ? undefined : value)}
          />
        </div>
      </FieldGrid>
      <div className="grid grid-cols-3 gap-2 px-4 pb-3">
        <button type="button" className="button" aria-pressed={bent} onClick={() => showBent(!bent)}>
          {t('Bent')}
        </button>
        <button type="button" className="button" aria-pressed={view3d} onClick={() => show3d(!view3d)}>
          {t('3-D view')}
        </button>
        <Link className="button" to={`/trailer/${trailer.id}/print/strength`}>
          {t('Report')}
        </Link>
      </div>
      <WhatItCarries />
      <BarLook />
      <JointsLook />
      <SituationFields />
      <FieldGroup title={t('Welds and coupler bolts')}>
        <JointFields />
      </FieldGroup>
      <Sizing />
      <p className="narrow mute border-t border-base-300 px-4 py-2 text-[13px]">
        {t(
          'Over 100 % is past what is allowed, which is not yet where the metal bends for good. The standards say what a bar bears; how hard the road hits is practice.',
        )}
      </p>
    </>
  );
};
