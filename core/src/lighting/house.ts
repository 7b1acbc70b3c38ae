import type { House, HouseLoad } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';
import { LAMPS_MAY_LOSE, NOMINAL_V, type Wire, wireFor } from './wiring.js';

/** Of a battery's ampere-hours, what may be taken before it suffers. Common practice; its maker's leaflet governs. */
export const USABLE_SHARE = { lead: 0.5, lithium: 0.8 } as const;
/** Of a panel's rating, what comes into the battery over hours of full sun: heat, slant, regulator, charging. Common practice. */
const FROM_SUN = 0.7;
/** Fuse over the largest steady current. Common practice. */
const OVER_FUSE = 1.25;
/** What a compressor or a pump takes at its start is not counted: a slow fuse bears it. */
export const HOUSE_SOURCE: Source = commonPractice(
  'half of a lead battery or four fifths of a lithium one may be used; 70 % of a panel’s rating arrives; 3 % lost on the wires at most; fuse a quarter above the current',
);

export interface HouseRun {
  readonly load: HouseLoad;
  readonly amperes: number;
  readonly ahADay: number;
  /** the thinnest that loses no more than it may and bears its fuse; undefined where none of the list does */
  readonly wire: Wire | undefined;
  readonly dropShare: number | undefined;
  readonly fuseA: number;
}

export interface HouseFigures {
  readonly runs: readonly HouseRun[];
  readonly ahADay: number;
  /** of the battery; undefined while its size is missing */
  readonly usableAh: number | undefined;
  /** until it is down to what may be taken, with nothing coming in; undefined while its size is missing or nothing draws */
  readonly days: number | undefined;
  readonly fromVehicleAh: number;
  readonly fromSunAh: number;
  /** everything on at once */
  readonly mostA: number;
  readonly mainFuseA: number;
}

/** A living body's own 12 V: what each load takes, what wire it needs, how long the battery lasts, what comes back in. Ampere-hours a day. */
export const houseFigures = ({ battery, batteryAh, loads, fromVehicle, sun }: House): HouseFigures => {
  const runs = loads.map((load): HouseRun => {
    const amperes = load.watts / NOMINAL_V;
    const found = wireFor(amperes, load.runM, LAMPS_MAY_LOSE, 16, OVER_FUSE);
    return {
      load,
      amperes,
      ahADay: amperes * load.hoursADay,
      wire: found.wire,
      dropShare: found.dropShare,
      fuseA: found.fuseA,
    };
  });
  const ahADay = runs.reduce((sum, run) => sum + run.ahADay, 0);
  const mostA = runs.reduce((sum, run) => sum + run.amperes, 0);
  const usableAh = batteryAh === null ? undefined : batteryAh * USABLE_SHARE[battery];
  return {
    runs,
    ahADay,
    usableAh,
    days: usableAh === undefined || ahADay <= 0 ? undefined : usableAh / ahADay,
    fromVehicleAh: fromVehicle ? fromVehicle.chargeA * fromVehicle.hoursADay : 0,
    fromSunAh: sun ? (sun.watts / NOMINAL_V) * sun.hoursADay * FROM_SUN : 0,
    mostA,
    mainFuseA: wireFor(mostA, 0, LAMPS_MAY_LOSE, 16, OVER_FUSE).fuseA,
  };
};
