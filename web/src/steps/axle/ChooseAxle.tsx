import {
  type AxleCandidate,
  axleCandidates,
  axleDemand,
  axleFromCatalog,
  candidateDoes,
  type Misfit,
  type Speaker,
} from '@kereta/core';
import { useMemo } from 'react';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { FieldGroup } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** So many stand in the list; the rest are smaller still or far too large. */
const SHOWN = 8;

const misfitText = (misfit: Misfit, spareKg: number, say: Speaker): string => {
  switch (misfit.code) {
    case 'too-small':
      return spareKg >= 0
        ? t('bears it with {spare} spare, less than the reserve that you want', { spare: say.mass(spareKg) })
        : t('too small by {spare}', { spare: say.mass(-spareKg) });
    case 'far-too-large':
      return t('far larger than needed: rides hard, costs');
    case 'tires-too-small':
      return t('these tires carry {tire} each, it asks for {demand}', {
        tire: say.mass(misfit.tireKg),
        demand: say.mass(misfit.demandKg),
      });
    case 'wheels-other-studs':
      return t('needs wheels for {studs}', { studs: misfit.studs });
    case 'spare-other-studs':
      return t('{studs}: the tow vehicle’s spare does not fit', { studs: misfit.studs });
    case 'other-suspension':
      return t('other suspension than chosen');
    case 'long-overhang':
      return t('wheels {overhang} outside the springs: less than its rating', {
        overhang: say.length(misfit.overhangM),
      });
  }
};

/** Which axles of the list would do, one or two of them, and what else would have to change. */
export const ChooseAxle = () => {
  const { trailer, edit, readOnly } = useEditing();
  const [, setGear] = useRecord('runningGear');
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { chassis, cases } = evaluation;
  const demand = useMemo(() => axleDemand(trailer, cases), [trailer, cases]);
  const candidates = useMemo(
    () => axleCandidates(trailer, cases, chassis.railWidthM),
    [trailer, cases, chassis.railWidthM],
  );
  const take = ({ row, count }: AxleCandidate): void =>
    edit(`${count === 2 ? t('two axles') : t('axle')} ${row.name}`, (current) => ({
      ...current,
      runningGear: {
        ...current.runningGear,
        layout:
          count === 1
            ? 'single'
            : current.runningGear.layout === 'single'
              ? 'tandem-equaliser'
              : current.runningGear.layout,
        axle: { ...axleFromCatalog(row.id), hubFaceM: current.runningGear.axle.hubFaceM },
      },
    }));
  return (
    <FieldGroup title={t('Choose an axle')}>
      <QuantityField
        label={t('Reserve above the worst load')}
        kind="percent"
        value={trailer.runningGear.reserveShare}
        of="runningGear.reserveShare"
        onCommit={(reserveShare) => setGear(t('reserve'), { reserveShare })}
      />
      {demand && (
        <p className="narrow self-center text-[13px]">
          {t('{by} puts', {
            by: demand.by === 'plate' ? t('The plate less the lightest tongue') : say.caseName(demand.caseId),
          })}{' '}
          <Sized>{say.mass(demand.loadKg)}</Sized> {t('on the axles, with the reserve')}{' '}
          <Sized>{say.mass(demand.withReserveKg)}</Sized>.
        </p>
      )}
      <ul className="narrow col-span-2 text-[13px]" aria-label={t('Axles that would do')}>
        {candidates.slice(0, SHOWN).map((candidate) => {
          const does = candidateDoes(candidate);
          return (
            <li
              key={`${candidate.row.id} ${candidate.count}`}
              className="flex items-center justify-between gap-2 border-t border-base-300 py-1"
            >
              <span>
                <span className="font-semibold">
                  {does ? '' : '✕ '}
                  {candidate.count === 2 ? `${t('Two ×')} ` : ''}
                  {candidate.row.name}
                </span>
                {does && <span> {t('· {spare} spare', { spare: say.mass(candidate.spareKg) })}</span>}
                {candidate.misfits.length > 0 && (
                  <span className="mute block">
                    {candidate.misfits.map((misfit) => misfitText(misfit, candidate.spareKg, say)).join('; ')}
                  </span>
                )}
              </span>
              <button
                type="button"
                className="button min-h-[36px]"
                disabled={readOnly}
                aria-label={t('Take {count}{name}', {
                  count: candidate.count === 2 ? `${t('two of')} ` : '',
                  name: candidate.row.name,
                })}
                onClick={() => take(candidate)}
              >
                {t('Take')}
              </button>
            </li>
          );
        })}
      </ul>
      <p className="narrow mute col-span-2 text-[13px]">
        {t('Ratings and studs are trade classes, from memory. What stands on the axle’s own tag governs.')}
      </p>
    </FieldGroup>
  );
};
