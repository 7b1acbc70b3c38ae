import {
  AXLE_ROWS,
  axleFromCatalog,
  TIRE_ROWS,
  formatPressureText,
  tireFromCatalog,
  withHubFace,
  withTire,
  withTrack,
  AXLE_LAYOUT_NAMES,
  MOUNTING_NAMES,
  SUSPENSION_NAMES,
  optionsOf,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { Picker } from '../../fields/Picker';
import { useRecord } from '../../fields/useRecord';
import { axleRows, tireRows } from '../pickRows';
import { useMemo } from 'react';
import { FieldGrid, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { rowSource } from '../stepKit';
import { Link } from 'react-router';
import { LastChanges } from '../../bench/LastChanges';
import { BracketOffer } from './BracketOffer';
import { ChooseAxle } from './ChooseAxle';
import { HangerTable } from './HangerTable';
import { OwnGear } from './OwnGear';
import { HeightTable } from './HeightTable';
import { SuspensionFields } from './SuspensionFields';
import { WheelFields } from './WheelFields';
import { snapTo, stepsOf } from '../../bench/sheet/parts';

const LAYOUTS = optionsOf(AXLE_LAYOUT_NAMES);
const SUSPENSIONS = optionsOf(SUSPENSION_NAMES);
const MOUNTINGS = optionsOf(MOUNTING_NAMES);

const CHANGED_STEPS = ['axle', 'balance', 'job'] as const;

/** The place of the axle, three ways side by side, each with one press to take it. */
const ThreeWays = () => {
  const { evaluation, say, readOnly } = useWorkbench('evaluation', 'say', 'readOnly');
  const { trailer } = useEditing();
  const [, setGear] = useRecord('runningGear');
  const { ruleOfThumbM, wanted, window } = evaluation.placement;
  const take = (xM: number): void => {
    const place = snapTo(xM, stepsOf(trailer).snap, trailer);
    setGear(`axle to ${say.length(place)}`, { positionM: place });
  };
  const middle = window.kind === 'window' ? (window.fromM + window.toM) / 2 : undefined;
  const rows = [
    { name: '60/40 rule', text: say.length(ruleOfThumbM), xM: ruleOfThumbM },
    {
      name: wanted ? `${say.percent(wanted.share)} in ${say.caseName(wanted.caseId)}` : 'Wanted tongue share',
      text: wanted?.xM === undefined ? 'no place gives it' : say.length(wanted.xM),
      xM: wanted?.xM,
    },
    {
      name: 'All towed loads ride well',
      text:
        window.kind === 'window'
          ? `${say.length(window.fromM)} to ${say.length(window.toM)}`
          : window.kind === 'conflict'
            ? 'nowhere: see checks'
            : 'no load yet',
      xM: middle,
    },
  ];
  return (
    <table className="mx-4 mb-3 w-[calc(100%-2rem)] text-[14px]" aria-label="The axle’s place, three ways">
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
                aria-label={`Take ${name}`}
                onClick={() => xM !== undefined && take(xM)}
              >
                Take
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
  const tires = useMemo(() => tireRows(trailer, say), [trailer, say]);
  const [, setAxle] = useRecord('runningGear.axle');
  const [, setSuspension] = useRecord('runningGear.suspension');
  const [, setTire] = useRecord('runningGear.tire');
  const { nudge } = stepsOf(trailer);
  const moveTo = (positionM: number): void => set(`axle to ${say.length(positionM)}`, { positionM });
  return (
    <>
      <FieldGrid>
        <SelectField
          label="Axles"
          value={gear.layout}
          options={LAYOUTS}
          partField="axle.layout"
          onCommit={(layout) => set('axles', { layout: layout })}
        />
        <SelectField
          label="Suspension"
          value={gear.suspension.kind}
          options={SUSPENSIONS}
          onCommit={(kind) => setSuspension('suspension', { kind: kind })}
        />
        <Picker
          label="Axle from the list"
          list="axles"
          hint={rowSource(AXLE_ROWS, gear.axle.catalogId)}
          value={gear.axle.catalogId ?? ''}
          rows={axles}
          onCommit={(id) => {
            const own = trailer.ownRows.axles.find((row) => row.id === id);
            if (own) set(`axle ${own.name}`, withHubFace({ ...gear, axle: own.axle }, own.axle.hubFaceM));
            else if (id === '') setAxle('another axle', { catalogId: null, name: 'Own axle', ratingKg: null });
            else
              setAxle(`axle ${AXLE_ROWS.find((row) => row.id === id)?.name ?? ''}`, {
                ...axleFromCatalog(id),
                hubFaceM: gear.axle.hubFaceM,
              });
          }}
        />
        <div className="col-span-2 grid grid-cols-[44px_1fr_44px] items-start gap-1">
          <button
            type="button"
            className="button mt-[22px] px-0"
            aria-label="Axle a step forward"
            disabled={readOnly}
            onClick={() => moveTo(gear.positionM - nudge)}
          >
            −
          </button>
          <QuantityField
            label="Middle of axle, back from front edge"
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
            aria-label="Axle a step back"
            disabled={readOnly}
            onClick={() => moveTo(gear.positionM + nudge)}
          >
            +
          </button>
        </div>
        <QuantityField
          label="Rating on its tag, each axle"
          kind="mass"
          value={gear.axle.ratingKg}
          of="runningGear.axle.ratingKg"
          onCommit={(ratingKg) => setAxle(`axle rating ${say.mass(ratingKg)}`, { ratingKg })}
          onClear={() => setAxle('axle rating taken out', { ratingKg: null })}
        />
      </FieldGrid>
      <ThreeWays />
      <LastChanges steps={CHANGED_STEPS} />
      <ChooseAxle />
      <FieldGroup title="Springs, hangers, track">
        {gear.suspension.kind === 'leaf' && (
          <QuantityField
            label="Spring, bolt to bolt"
            kind="length"
            value={gear.suspension.hangerSpacingM}
            of="runningGear.suspension.hangerSpacingM"
            onCommit={(hangerSpacingM) => setSuspension('hangers', { hangerSpacingM })}
          />
        )}
        {gear.suspension.kind === 'torsion' && (
          <QuantityField
            label="Wheel behind bracket, loaded"
            kind="length"
            value={gear.suspension.armM}
            of="runningGear.suspension.armM"
            onCommit={(armM) => setSuspension('torsion arm', { armM })}
          />
        )}
        {gear.layout !== 'single' && gear.layout !== 'none' && (
          <QuantityField
            label="Between the axles"
            kind="length"
            value={gear.spacingM}
            of="runningGear.spacingM"
            onCommit={(spacingM) => set('between the axles', { spacingM })}
          />
        )}
        {gear.layout === 'tandem-equaliser' && gear.suspension.kind === 'leaf' && (
          <QuantityField
            label="Equaliser, hole to hole"
            kind="length"
            value={gear.suspension.equaliserM}
            of="runningGear.suspension.equaliserM"
            hint="For the lean of its shackles"
            onCommit={(equaliserM) => setSuspension('equaliser', { equaliserM })}
            onClear={() => setSuspension('no equaliser measured', { equaliserM: null })}
          />
        )}
        <SelectField
          label="Hangers or brackets"
          value={gear.suspension.mounting}
          options={MOUNTINGS}
          onCommit={(mounting) => setSuspension('how hangers are held', { mounting: mounting })}
        />
        <QuantityField
          label="Wheel middle to wheel middle"
          kind="length"
          value={gear.suspension.trackM}
          of="runningGear.suspension.trackM"
          hint="The hub faces follow"
          onCommit={(trackM) => set('track', withTrack(gear, trackM))}
        />
        <QuantityField
          label="Spring or bracket centres"
          kind="length"
          value={gear.suspension.springCentresM}
          of="runningGear.suspension.springCentresM"
          hint="Under the middles of the rails where you say nothing"
          onCommit={(springCentresM) => setSuspension('spring centres', { springCentresM })}
          onClear={() => setSuspension('springs under the rails', { springCentresM: null })}
        />
        <QuantityField
          label="Axle weighs, with hubs"
          kind="mass"
          value={gear.axle.massKg}
          of="runningGear.axle.massKg"
          onCommit={(massKg) => setAxle('axle’s own weight', { massKg })}
        />
        <QuantityField
          label="Top of rails above ground, measured"
          kind="length"
          value={gear.measuredRailTopM}
          of="runningGear.measuredRailTopM"
          hint="Level, under the heaviest load; empty: by the parts"
          onCommit={(measuredRailTopM) =>
            set(`rails measured ${say.length(measuredRailTopM)} high`, { measuredRailTopM })
          }
          onClear={() => set('rails’ height by the parts', { measuredRailTopM: null })}
        />
        <BracketOffer />
      </FieldGroup>
      <SuspensionFields />
      <FieldGroup title="Tires and wheels">
        <Picker
          label="Tire from the list"
          list="tires"
          hint={rowSource(TIRE_ROWS, gear.tire.catalogId)}
          value={gear.tire.catalogId ?? ''}
          rows={tires}
          onCommit={(id) => {
            const row = TIRE_ROWS.find((candidate) => candidate.id === id);
            const own = trailer.ownRows.tires.find((candidate) => candidate.id === id);
            if (own) set(`tire ${own.name}`, withTire(gear, own.tire, own.assemblyMassKg));
            else if (row) {
              const tire = tireFromCatalog(id);
              const pressure = formatPressureText(tire.pressure, trailer.settings.units);
              set(`tire ${row.name}`, withTire(gear, { ...tire, pressure }, row.assemblyMassKg));
            } else setTire('another tire', { catalogId: null, name: 'Own tire', maxLoadKg: null });
          }}
        />
        <QuantityField
          label="On its sidewall, each"
          kind="mass"
          value={gear.tire.maxLoadKg}
          of="runningGear.tire.maxLoadKg"
          onCommit={(maxLoadKg) => setTire('tire load', { maxLoadKg })}
          onClear={() => setTire('tire load taken out', { maxLoadKg: null })}
        />
        <SelectField
          label="Tire made for"
          value={gear.tire.passenger ? 'passenger' : 'trailer'}
          options={[
            { value: 'trailer', text: 'Trailers, light trucks' },
            { value: 'passenger', text: 'Passenger cars' },
          ]}
          onCommit={(kind) => setTire('kind of tire', { passenger: kind === 'passenger' })}
        />
        <QuantityField
          label="Stamped on the wheel, each"
          kind="mass"
          value={gear.wheel.maxLoadKg}
          of="runningGear.wheel.maxLoadKg"
          onCommit={(maxLoadKg) => set('wheel load', { wheel: { ...gear.wheel, maxLoadKg } })}
          onClear={() => set('wheel load taken out', { wheel: { ...gear.wheel, maxLoadKg: null } })}
        />
        <QuantityField
          label="Tire and wheel weigh, each"
          kind="mass"
          value={gear.wheel.assemblyMassKg}
          of="runningGear.wheel.assemblyMassKg"
          onCommit={(assemblyMassKg) => set('wheel’s own weight', { wheel: { ...gear.wheel, assemblyMassKg } })}
        />
        <QuantityField
          label="Tire width"
          kind="length"
          value={gear.tire.widthM}
          of="runningGear.tire.widthM"
          onCommit={(widthM) => setTire('tire width', { widthM })}
        />
        <QuantityField
          label="Tire height, unloaded"
          kind="length"
          value={gear.tire.diameterM}
          of="runningGear.tire.diameterM"
          onCommit={(diameterM) => setTire('tire height', { diameterM })}
        />
        <QuantityField
          label="Hub to ground, loaded"
          kind="length"
          value={gear.tire.loadedRadiusM}
          of="runningGear.tire.loadedRadiusM"
          onCommit={(loadedRadiusM) => setTire('loaded radius', { loadedRadiusM })}
        />
        <WheelFields />
      </FieldGroup>
      <OwnGear />
      <HeightTable />
      <HangerTable />
      <p className="narrow mute border-t border-base-300 px-4 py-2 text-[13px]">
        <Link className="underline" to={`/trailer/${trailer.id}/print/axle`}>
          Axle card to print
        </Link>
        . The tag on the axle, the sidewall and the stamp on the wheel govern, not this list. Leaf springs under tension
        can throw parts: take the load off first.
      </p>
    </>
  );
};
