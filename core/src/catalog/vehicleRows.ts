import { commonPractice, type Source } from '../source.js';
import { inches, pounds } from '../units/index.js';

/** What might pull the trailer: made-up examples of their kind, to start from until one's own has been measured. */
export interface VehicleRow {
  readonly id: string;
  readonly name: string;
  readonly kind: 'vehicle' | 'small-machine' | 'muscle';
  readonly massKg: number;
  readonly wheelbaseM: number | null;
  readonly ballBehindAxleM: number | null;
  readonly frontShare: number;
  readonly hitchHeightM: number;
  readonly towLimitKg: number;
  readonly tongueLimitKg: number;
  readonly widthM: number;
  readonly bumperAheadOfBallM: number;
  readonly tailgateReachM: number;
  readonly tailgateHeightM: number | null;
  readonly source: Source;
}

const source = commonPractice('a made-up example of its kind: read your own handbook, plate and tape');

export const VEHICLE_ROWS: readonly VehicleRow[] = [
  {
    id: 'vehicle-estate',
    name: 'Family estate car',
    kind: 'vehicle',
    massKg: 1550,
    wheelbaseM: 2.7,
    ballBehindAxleM: 1.05,
    frontShare: 0.57,
    hitchHeightM: 0.4,
    towLimitKg: 1300,
    tongueLimitKg: 75,
    widthM: 1.8,
    bumperAheadOfBallM: 0.15,
    tailgateReachM: 0.75,
    tailgateHeightM: 1.75,
    source,
  },
  {
    id: 'vehicle-pickup',
    name: 'Full-size pickup',
    kind: 'vehicle',
    massKg: pounds(5200),
    wheelbaseM: inches(145),
    ballBehindAxleM: inches(48),
    frontShare: 0.57,
    hitchHeightM: inches(19),
    towLimitKg: pounds(7500),
    tongueLimitKg: pounds(750),
    widthM: inches(78),
    bumperAheadOfBallM: inches(9),
    tailgateReachM: inches(21),
    tailgateHeightM: inches(31),
    source,
  },
  {
    id: 'vehicle-van',
    name: 'Panel van',
    kind: 'vehicle',
    massKg: 2100,
    wheelbaseM: 3.3,
    ballBehindAxleM: 1.2,
    frontShare: 0.55,
    hitchHeightM: 0.42,
    towLimitKg: 2000,
    tongueLimitKg: 100,
    widthM: 2,
    bumperAheadOfBallM: 0.2,
    tailgateReachM: 0,
    tailgateHeightM: null,
    source,
  },
  {
    id: 'vehicle-yard-tractor',
    name: 'Yard tractor',
    kind: 'small-machine',
    massKg: 280,
    wheelbaseM: 1.25,
    ballBehindAxleM: 0.25,
    frontShare: 0.4,
    hitchHeightM: 0.3,
    towLimitKg: 250,
    tongueLimitKg: 30,
    widthM: 1,
    bumperAheadOfBallM: 0.05,
    tailgateReachM: 0,
    tailgateHeightM: null,
    source,
  },
  {
    id: 'vehicle-by-hand',
    name: 'Two people, by hand',
    kind: 'muscle',
    massKg: 150,
    wheelbaseM: null,
    ballBehindAxleM: null,
    frontShare: 0.5,
    hitchHeightM: 0.75,
    towLimitKg: 200,
    tongueLimitKg: 15,
    widthM: 0.6,
    bumperAheadOfBallM: 0.4,
    tailgateReachM: 0,
    tailgateHeightM: null,
    source,
  },
];
