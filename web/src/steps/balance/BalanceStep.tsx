import { changeCase, schoolOf, type LoadCase, type TongueBand, SCHOOL_NAMES, withBand, withSchool } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGrid, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { useWorkbench } from '../../bench/workbench';
import { Link } from 'react-router';
import { LastChanges } from '../../bench/LastChanges';
import { DoubtTable } from './DoubtTable';
import { Schools } from './Schools';
import { WaysOut } from './WaysOut';
import { StandingTable } from './StandingTable';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const SCHOOLS = optionsIn(SCHOOL_NAMES);

const CHANGED_STEPS = ['balance', 'axle', 'tongue'] as const;

/** A band for one load alone: an empty tandem, a load that is pulled by hand. */
const OwnBand = ({ loadCase }: { readonly loadCase: LoadCase }) => {
  const { edit } = useEditing();
  const setCaseBand = (change: Partial<TongueBand> | null): void => {
    edit(t('tongue band of {name}', { name: loadCase.name }), (current) =>
      changeCase(current, loadCase.id, (old) => ({
        ...old,
        tongueBand: change === null ? null : { ...(old.tongueBand ?? current.tongueBand), ...change },
      })),
    );
  };
  return (
    <FieldGroup title={t('Another band for {name}', { name: loadCase.name })}>
      <div className="col-span-2">
        <CheckField
          label={t('It has a band of its own')}
          checked={loadCase.tongueBand !== null}
          onCommit={(own) => setCaseBand(own ? {} : null)}
        />
      </div>
      {loadCase.tongueBand && (
        <>
          <QuantityField
            label={t('At least')}
            kind="percent"
            value={loadCase.tongueBand.minShare}
            of="cases.tongueBand.minShare"
            max={loadCase.tongueBand.maxShare}
            onCommit={(minShare) => setCaseBand({ minShare })}
          />
          <QuantityField
            label={t('At most')}
            kind="percent"
            value={loadCase.tongueBand.maxShare}
            of="cases.tongueBand.maxShare"
            min={loadCase.tongueBand.minShare}
            onCommit={(maxShare) => setCaseBand({ maxShare })}
          />
        </>
      )}
    </FieldGroup>
  );
};

/** Limits of the tongue in weight, beside those by share. */
const LimitsInWeight = () => {
  const { trailer, edit } = useEditing();
  const band = trailer.tongueBand;
  const setBand = (change: Partial<TongueBand>): void => edit(t('tongue band'), (current) => withBand(current, change));
  return (
    <FieldGroup title={t('Limits in weight')}>
      <QuantityField
        label={t('Tongue at least')}
        kind="mass"
        value={band.minKg}
        of="tongueBand.minKg"
        onCommit={(minKg) => setBand({ minKg })}
        onClear={() => setBand({ minKg: null })}
      />
      <QuantityField
        label={t('Tongue at most')}
        kind="mass"
        value={band.maxKg}
        of="tongueBand.maxKg"
        onCommit={(maxKg) => setBand({ maxKg })}
        onClear={() => setBand({ maxKg: null })}
      />
      <QuantityField
        label={t('Always enough')}
        kind="mass"
        value={band.enoughKg}
        of="tongueBand.enoughKg"
        hint={t('However small a share it is; Europe never asks for more than 25 kg')}
        onCommit={(enoughKg) => setBand({ enoughKg })}
        onClear={() => setBand({ enoughKg: null })}
      />
    </FieldGroup>
  );
};

/** Tongue band and the share that is wanted; the drawing shows where the axle may sit. */
export const BalanceStep = () => {
  const { trailer, edit } = useEditing();
  const { caseId, say, projectStore } = useWorkbench('caseId', 'say', 'projectStore');
  const band = trailer.tongueBand;
  const loadCase = trailer.cases.find(({ id }) => id === caseId);
  const setBand = (change: Partial<TongueBand>): void => edit(t('tongue band'), (current) => withBand(current, change));
  return (
    <>
      <FieldGrid>
        <div className="col-span-2">
          <SelectField
            label={t('School of tongue weight')}
            value={schoolOf(trailer)}
            options={SCHOOLS}
            onCommit={(chosen) => {
              const school = chosen;
              projectStore.changeSettings({ tongueSchool: school });
              if (school !== 'own') edit(t('school of tongue weight'), (current) => withSchool(current, school));
            }}
          />
        </div>
        <QuantityField
          label={t('Tongue share, at least')}
          kind="percent"
          value={band.minShare}
          of="tongueBand.minShare"
          max={band.maxShare}
          onCommit={(minShare) => setBand({ minShare })}
        />
        <QuantityField
          label={t('Tongue share, at most')}
          kind="percent"
          value={band.maxShare}
          of="tongueBand.maxShare"
          min={band.minShare}
          onCommit={(maxShare) => setBand({ maxShare })}
        />
        <QuantityField
          label={t('Wanted share')}
          kind="percent"
          value={trailer.wantedTongueShare}
          of="wantedTongueShare"
          min={band.minShare}
          max={band.maxShare}
          onCommit={(wantedTongueShare) => edit(t('wanted share'), (current) => ({ ...current, wantedTongueShare }))}
        />
        <SelectField
          label={t('in the load')}
          value={trailer.axleCaseId ?? ''}
          options={trailer.cases
            .filter(({ mode }) => mode === 'towed')
            .map(({ id, name }) => ({ value: id, text: name }))}
          onCommit={(axleCaseId) =>
            edit(t('wanted share in {axleCase}', { axleCase: say.caseName(axleCaseId) }), (current) => ({
              ...current,
              axleCaseId,
            }))
          }
        />
      </FieldGrid>
      <WaysOut />
      <LastChanges steps={CHANGED_STEPS} />
      <DoubtTable />
      <StandingTable />
      <Schools />
      {loadCase?.mode === 'towed' && <OwnBand loadCase={loadCase} />}
      <p className="grid gap-2 px-4 pb-3">
        <Link className="button w-full" to={`/trailer/${trailer.id}/trip`}>
          {t('Load it for one trip')}
        </Link>
        <Link className="button w-full" to={`/trailer/${trailer.id}/training`}>
          {t('Load it badly and see')}
        </Link>
      </p>
      <LimitsInWeight />
    </>
  );
};
