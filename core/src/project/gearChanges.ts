import type { RunningGear } from './schema.js';

type Wheel = RunningGear['wheel'];

const sameRim = (a: number | null, b: number | null): boolean => a !== null && b !== null && Math.abs(a - b) < 2e-3;

/**
 * Other tires. A wheel of the same rim stays; another rim is another wheel, whose stamp and studs nobody has read yet: they are missing, not
 * those of the former.
 */
export const withTire = (gear: RunningGear, tire: RunningGear['tire'], assemblyMassKg: number): RunningGear => {
  const { wheel } = gear;
  const kept: Wheel = sameRim(tire.rimM, wheel.rimM)
    ? { ...wheel, assemblyMassKg }
    : { ...wheel, assemblyMassKg, rimM: tire.rimM, maxLoadKg: null, studCircle: '', offsetM: 0, adapterM: 0 };
  const changed = { ...gear, tire, wheel: kept };
  return { ...changed, suspension: { ...gear.suspension, trackM: trackOf(changed) } };
};

/** From wheel middle to wheel middle: the hub faces, out by an adapter, in by the wheel's offset. */
export const trackOf = ({ axle, wheel }: Pick<RunningGear, 'axle' | 'wheel'>): number =>
  axle.hubFaceM + 2 * (wheel.adapterM - wheel.offsetM);

/** Wheels with another offset or adapter stand where that puts them. */
export const withWheel = (gear: RunningGear, change: Partial<Wheel>): RunningGear => {
  const changed = { ...gear, wheel: { ...gear.wheel, ...change } };
  return change.offsetM === undefined && change.adapterM === undefined
    ? changed
    : { ...changed, suspension: { ...gear.suspension, trackM: trackOf(changed) } };
};

/** Another distance between the hub faces moves the wheels. */
export const withHubFace = (gear: RunningGear, hubFaceM: number): RunningGear => {
  const changed = { ...gear, axle: { ...gear.axle, hubFaceM } };
  return { ...changed, suspension: { ...gear.suspension, trackM: trackOf(changed) } };
};

/** Another track with the same wheels is another axle. */
export const withTrack = (gear: RunningGear, trackM: number): RunningGear => ({
  ...gear,
  axle: { ...gear.axle, hubFaceM: trackM - 2 * (gear.wheel.adapterM - gear.wheel.offsetM) },
  suspension: { ...gear.suspension, trackM },
});
