import { evaluate } from '../evaluation/index.js';
import { type ProjectRecord, standingEntries, type Trailer } from '../project/index.js';
import { loadedRide } from '../running-gear/index.js';

/** Sizes that come out otherwise than drawn, and count when they are measured. */
export const BUILT_SIZES = ['axle-back', 'tongue-length', 'track', 'rail-top', 'ball-height'] as const;
export type BuiltSize = (typeof BUILT_SIZES)[number];

export interface BuiltReading {
  readonly size: BuiltSize;
  readonly value: number;
  readonly date: string;
  /** the entry it was noted in */
  readonly entryId: string;
}

/** Under this subject sizes of the built trailer are noted. */
export const BUILT = 'trailer';

/** What was measured on the built trailer, the last of each. */
export const builtReadings = (record: ProjectRecord): readonly BuiltReading[] => {
  const found = new Map<BuiltSize, BuiltReading>();
  for (const entry of standingEntries(record)) {
    if (entry.kind !== 'as-built' || entry.subject !== BUILT || entry.value === null) continue;
    const size = BUILT_SIZES.find((one) => one === entry.field);
    if (size) found.set(size, { size, value: entry.value, date: entry.date, entryId: entry.id });
  }
  return [...found.values()];
};

/** A size as it is drawn, heights under the heaviest load, m; undefined where the design does not say. */
export const drawnSize = (trailer: Trailer, size: BuiltSize): number | undefined => {
  const { runningGear } = trailer;
  const { chassis, rides } = evaluate(trailer);
  switch (size) {
    case 'axle-back':
      return runningGear.layout === 'none' ? undefined : runningGear.positionM;
    case 'tongue-length':
      return chassis.tongue ? -chassis.ballXM : undefined;
    case 'track':
      return runningGear.layout === 'none' ? undefined : runningGear.suspension.trackM;
    case 'rail-top':
      return loadedRide(rides)?.railTopM;
    case 'ball-height':
      return loadedRide(rides)?.couplerM;
  }
};

const withSize = (trailer: Trailer, { size, value }: BuiltReading): Trailer => {
  const { runningGear, frame } = trailer;
  switch (size) {
    case 'axle-back':
      return { ...trailer, runningGear: { ...runningGear, positionM: value } };
    case 'tongue-length':
      return { ...trailer, frame: { ...frame, tongue: { ...frame.tongue, lengthM: value } } };
    case 'track':
      return {
        ...trailer,
        runningGear: { ...runningGear, suspension: { ...runningGear.suspension, trackM: value } },
      };
    case 'rail-top':
      return { ...trailer, runningGear: { ...runningGear, measuredRailTopM: value } };
    case 'ball-height': {
      // Ball and rails are one piece: measured at one, both are known.
      const drawn = drawnSize(trailer, 'ball-height');
      const top = drawnSize(trailer, 'rail-top');
      if (drawn === undefined || top === undefined) return trailer;
      return { ...trailer, runningGear: { ...runningGear, measuredRailTopM: top + value - drawn } };
    }
  }
};

/** The trailer with what was measured on it in place of what was drawn; rails measured themselves win over the ball's height. */
export const withBuiltSizes = (trailer: Trailer, record: ProjectRecord): Trailer =>
  builtReadings(record)
    .toSorted((a, b) => BUILT_SIZES.indexOf(b.size) - BUILT_SIZES.indexOf(a.size))
    .reduce(withSize, trailer);
