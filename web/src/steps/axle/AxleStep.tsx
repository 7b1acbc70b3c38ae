import { AXLE_ROWS, axleFromCatalog, withHubFace, AXLE_LAYOUT_NAMES, SUSPENSION_NAMES } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { Picker } from '../../fields/Picker';
import { useRecord } from '../../fields/useRecord';
import { axleRows } from '../pickRows';
import { useMemo } from 'react';
import { FieldGrid, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { rowSource } from '../stepKit';
import { Link } from 'react-router';
import { LastChanges } from '../../bench/LastChanges';
import { ChooseAxle } from './ChooseAxle';
import { HangerTable } from './HangerTable';
import { OwnGear } from './OwnGear';
import { HeightTable } from './HeightTable';
import { SuspensionFields } from './SuspensionFields';
import { GearFields } from './GearFields';
import { TireFields } from './TireFields';
import { snapTo, stepsOf } from '../../bench/sheet/parts';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const LAYOUTS = optionsIn(AXLE_LAYOUT_NAMES);
const SUSPENSIONS = optionsIn(SUSPENSION_NAMES);

const CHANGED_STEPS = ['axle', 'balance', 'job'] as const;

/** The place of the axle, three ways side by side, each with one press to take it. */
const ThreeWays = () => {
  const { evaluation, say, readOnly } = useWorkbench('evaluation', 'say', 'readOnly');
  const { trailer } = useEditing();
  const [, setGear] = useRecord('runningGear');
  const { ruleOfThumbM, wanted, window } = evaluation.placement;
  const take = (xM: number): void => {
    const place = snapTo(xM, stepsOf(trailer).snap, trailer);
    setGear(t('axle to {place}', { place: say.length(place) }), { positionM: place });
  };
  const middle = window.kind === 'window' ? (window.fromM + window.toM) / 2 : undefined;
  const rows = [
    { name: t('60/40 rule'), text: say.length(ruleOfThumbM), xM: ruleOfThumbM },
    {
      name: wanted
        ? t('{share} in {case}', { share: say.percent(wanted.share), case: say.caseName(wanted.caseId) })
        : t('Wanted tongue share'),
      text: wanted?.xM === undefined ? t('no place gives it') : say.length(wanted.xM),
      xM: wanted?.xM,
    },
    {
      name: t('All towed loads ride well'),
      text:
        window.kind === 'window'
          ? t('{from} to {to}', { from: say.length(window.fromM), to: say.length(window.toM) })
          : window.kind === 'conflict'
            ? t('nowhere: see checks')
            : t('no load yet'),
      xM: middle,
    },
  ];
  return (
    <table className="mx-4 mb-3 w-[calc(100%-2rem)] text-[14px]" aria-label={t('The axle’s place, three ways')}>
      <tbody>
        {rows.map(({ name, text, xM }) => (
          <tr key={name} className="border-b border-base-300">
            <th scope="row" className="narrow py-1 pr-2 text-left font-normal">
              {name}
            </th>
            <td className="py-1 pr-2 font-semibold">
              <Sized>{text}</Sized>
            </td>
            <td className="py-1 text-right">
              <button
                type="button"
                className="button min-h-[36px]"
                disabled={xM === undefined || readOnly}
                aria-label={t('Take {name}', { name })}
                onClick={() => xM !== undefined && take(xM)}
              >
                {t('Take')}
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};

/** Axle, its place, wheels and suspension. */
export const AxleStep = () => {
  const { trailer } = useEditing();
  const { say, readOnly } = useWorkbench('say', 'readOnly');
  const [gear, set] = useRecord('runningGear');
  const axles = useMemo(() => axleRows(trailer, say), [trailer, say]);
  const [, setAxle] = useRecord('runningGear.axle');
  const [, setSuspension] = useRecord('runningGear.suspension');
  const { nudge } = stepsOf(trailer);
  const moveTo = (positionM: number): void =>
    set(t('axle to {position}', { position: say.length(positionM) }), { positionM });
  return (
    <>
      <FieldGrid>
        <SelectField
          label={t('Axles')}
          value={gear.layout}
          options={LAYOUTS}
          partField="axle.layout"
          onCommit={(layout) => set(t('axles'), { layout: layout })}
        />
        <SelectField
          label={t('Suspension')}
          value={gear.suspension.kind}
          options={SUSPENSIONS}
          onCommit={(kind) =>
            // A walking beam is two axles on one pivot, or nothing.
            kind === 'walking-beam'
              ? set(t('walking beams'), { layout: 'tandem-equaliser', suspension: { ...gear.suspension, kind } })
              : setSuspension(t('suspension'), { kind })
          }
        />
        <Picker
          label={t('Axle from the list')}
          list="axles"
          hint={rowSource(AXLE_ROWS, gear.axle.catalogId)}
          value={gear.axle.catalogId ?? ''}
          rows={axles}
          onCommit={(id) => {
            const own = trailer.ownRows.axles.find((row) => row.id === id);
            if (own)
              set(t('axle {name}', { name: own.name }), withHubFace({ ...gear, axle: own.axle }, own.axle.hubFaceM));
            else if (id === '') setAxle(t('another axle'), { catalogId: null, name: t('Own axle'), ratingKg: null });
            else
              setAxle(t('axle {name}', { name: AXLE_ROWS.find((row) => row.id === id)?.name ?? '' }), {
                ...axleFromCatalog(id),
                hubFaceM: gear.axle.hubFaceM,
              });
          }}
        />
        <div className="col-span-2 grid grid-cols-[44px_1fr_44px] items-start gap-1">
          <button
            type="button"
            className="button mt-[22px] px-0"
            aria-label={t('Axle a step forward')}
            disabled={readOnly}
            onClick={() => moveTo(gear.positionM - nudge)}
          >
            −
          </button>
          <QuantityField
            label={t('Middle of axle, back from front edge')}
            kind="length"
            value={gear.positionM}
            of="runningGear.positionM"
            hot
            partField="axle"
            onCommit={moveTo}
          />
          <button
            type="button"
            className="button mt-[22px] px-0"
            aria-label={t('Axle a step back')}
            disabled={readOnly}
            onClick={() => moveTo(gear.positionM + nudge)}
          >
            +
          </button>
        </div>
        <QuantityField
          label={t('Rating on its tag, each axle')}
          kind="mass"
          value={gear.axle.ratingKg}
          of="runningGear.axle.ratingKg"
          onCommit={(ratingKg) => setAxle(t('axle rating {rating}', { rating: say.mass(ratingKg) }), { ratingKg })}
          onClear={() => setAxle(t('axle rating taken out'), { ratingKg: null })}
        />
      </FieldGrid>
      <ThreeWays />
      <LastChanges steps={CHANGED_STEPS} />
      <ChooseAxle />
      <GearFields />
      <SuspensionFields />
      <TireFields />
      <OwnGear />
      <HeightTable />
      <HangerTable />
      <p className="narrow mute border-t border-base-300 px-4 py-2 text-[13px]">
        <Link className="underline" to={`/trailer/${trailer.id}/print/axle`}>
          {t('Axle card to print')}
        </Link>
        {t(
          '. The tag on the axle, the sidewall and the stamp on the wheel govern, not this list. Leaf springs under tension can throw parts: take the load off first.',
        )}
      </p>
    </>
  );
};
