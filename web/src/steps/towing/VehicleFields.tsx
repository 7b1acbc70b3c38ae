import { type Project, type TowVehicle, UNKNOWN_VEHICLE } from '@kereta/core';
import { useEditing } from '../../ui/editing';
import { FieldGroup } from '../../ui/fields';
import { QuantityField } from '../../ui/QuantityField';

/** The vehicle's shape and weight, as far as towing asks for them. */
export const VehicleFields = () => {
  const { project, edit } = useEditing();
  const vehicle = project.towVehicle ?? UNKNOWN_VEHICLE;
  const set = (label: string, change: Partial<TowVehicle>): void =>
    edit(label, (current) => ({ ...current, towVehicle: { ...(current.towVehicle ?? UNKNOWN_VEHICLE), ...change } }));
  const setJob = (label: string, change: Partial<Project['job']>): void =>
    edit(label, (current) => ({ ...current, job: { ...current.job, ...change } }));
  return (
    <FieldGroup title="Tow vehicle" open>
      <QuantityField
        label="Wheelbase"
        kind="length"
        value={vehicle.wheelbaseM}
        min={0.5}
        max={8}
        onCommit={(wheelbaseM) => set('wheelbase', { wheelbaseM })}
        onClear={() => set('wheelbase unknown', { wheelbaseM: null })}
      />
      <QuantityField
        label="Ball behind its rear axle"
        kind="length"
        value={vehicle.ballBehindAxleM}
        min={0}
        max={4}
        onCommit={(ballBehindAxleM) => set('ball behind the rear axle', { ballBehindAxleM })}
        onClear={() => set('ball behind the rear axle unknown', { ballBehindAxleM: null })}
      />
      <QuantityField
        label="Vehicle weighs"
        kind="mass"
        value={vehicle.massKg}
        min={5}
        max={20000}
        onCommit={(massKg) => set('vehicle’s weight', { massKg })}
        onClear={() => set('vehicle’s weight taken out', { massKg: null })}
      />
      <QuantityField
        label="On its front axle, alone"
        kind="percent"
        value={vehicle.frontShare}
        min={0.2}
        max={0.8}
        onCommit={(frontShare) => set('weight on the front axle', { frontShare })}
      />
      <QuantityField
        label="Hitch height, to the ball’s centre"
        kind="length"
        value={vehicle.hitchHeightM}
        min={0}
        max={2}
        onCommit={(hitchHeightM) => set('hitch height', { hitchHeightM })}
        onClear={() => set('hitch height taken out', { hitchHeightM: null })}
      />
      <QuantityField
        label="Width at the rear"
        kind="length"
        value={vehicle.widthM}
        min={0.3}
        max={3}
        onCommit={(widthM) => set('vehicle’s width', { widthM })}
      />
      <QuantityField
        label="Rear face ahead of the ball"
        kind="length"
        value={vehicle.bumperAheadOfBallM}
        min={0}
        max={2}
        onCommit={(bumperAheadOfBallM) => set('rear face ahead of the ball', { bumperAheadOfBallM })}
      />
      <QuantityField
        label="Open tailgate reaches back"
        kind="length"
        value={vehicle.tailgateReachM}
        min={0}
        max={2}
        hint="From its rear face; 0 where it has none"
        onCommit={(tailgateReachM) => set('reach of the tailgate', { tailgateReachM })}
      />
      <QuantityField
        label="To be turned by"
        kind="angle"
        value={project.job.turnRad}
        min={0}
        max={1.58}
        onCommit={(turnRad) => setJob('turn without touching', { turnRad })}
      />
    </FieldGroup>
  );
};
