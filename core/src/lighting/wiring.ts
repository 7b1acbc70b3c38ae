import { axleCount } from '../mass/index.js';
import type { Evaluation } from '../evaluation/index.js';
import { commonPractice, publishedSure, publishedVerify, type Source } from '../source.js';
import { feet } from '../units/index.js';
import { placedLamps, type PlacedLamp } from './places.js';
import { wayLengthM, wireWay } from './wireWay.js';

/** Stranded copper at 20 °C: ohms along a metre, and the metal's area; what it carries for good with insulation for 75 °C. */
export interface Wire {
  readonly awg: number;
  readonly areaMm2: number;
  readonly ohmsPerM: number;
  readonly carriesA: number;
}

const PER_1000_FT = 1 / feet(1000);
export const WIRES: readonly Wire[] = [
  { awg: 18, areaMm2: 0.823, ohmsPerM: 6.385 * PER_1000_FT, carriesA: 10 },
  { awg: 16, areaMm2: 1.31, ohmsPerM: 4.016 * PER_1000_FT, carriesA: 15 },
  { awg: 14, areaMm2: 2.08, ohmsPerM: 2.525 * PER_1000_FT, carriesA: 20 },
  { awg: 12, areaMm2: 3.31, ohmsPerM: 1.588 * PER_1000_FT, carriesA: 25 },
  { awg: 10, areaMm2: 5.26, ohmsPerM: 0.9989 * PER_1000_FT, carriesA: 40 },
  { awg: 8, areaMm2: 8.37, ohmsPerM: 0.6282 * PER_1000_FT, carriesA: 65 },
];
export const WIRE_TABLE_SOURCE: Source = publishedSure('NBS Handbook 100: copper wire tables, 20 °C');
export const CARRIES_SOURCE: Source = publishedVerify(
  'ABYC E-11, allowable amperage of conductors, 75 °C, outside engine spaces',
);
export const DROP_SOURCE: Source = commonPractice('3 % lost on lamps and 5 % on brakes at most, there and back');

/** Voltage lost over a run there and back: V = 2 I L r. */
export const dropV = (amperes: number, lengthM: number, { ohmsPerM }: Wire): number => 2 * amperes * lengthM * ohmsPerM;

export const NOMINAL_V = 12;
export const LAMPS_MAY_LOSE = 0.03;
const LOST = { lamps: LAMPS_MAY_LOSE, brakes: 0.05 } as const;
/** Fuse over the current of a road circuit: bulbs take more while they are cold. Common practice. */
const OVER_FUSE = 1.5;
/** Thinner than that nobody pulls through a frame: it breaks before it burns. Common practice. */
const LEAST_AWG = { lamps: 16, brakes: 12, ground: 12 } as const;

export type CircuitCode = 'running' | 'left' | 'right' | 'stop' | 'fog' | 'reverse' | 'brakes' | 'charge' | 'ground';

export const AMPERES_SOURCE: Source = commonPractice(
  'amperes of one lamp by its function, 3 A to a 10 in magnet, 10 A to charge; what is printed on them governs',
);

/** Amperes of one lamp by its function. */
export const LAMP_AMPERES = {
  led: { tail: 0.1, stop: 0.3, turn: 0.3, marker: 0.05, plate: 0.05, fog: 0.3, reversing: 0.3 },
  incandescent: { tail: 0.5, stop: 2.1, turn: 2.1, marker: 0.35, plate: 0.4, fog: 1.75, reversing: 1.75 },
} as const;
export type LampKind = keyof typeof LAMP_AMPERES;
/** One 10 in magnet. */
const MAGNET_A = 3;
const CHARGE_A = 10;

export interface Circuit {
  readonly code: CircuitCode;
  readonly amperes: number;
  /** from the plug to its furthest lamp, along the bars, m */
  readonly runM: number;
  /** the thinnest that loses no more than it may and bears its fuse; undefined where none of the list does */
  readonly wire: Wire | undefined;
  readonly dropShare: number | undefined;
  /** of the vehicle's or the battery's feed, A */
  readonly fuseA: number;
}

/** What a plug hangs behind the coupler, and what a run needs besides: bends, ends, drip loops. Common practice. */
const PIGTAIL_M = 1.2;
const MORE = 1.1;
const FUSES = [3, 5, 7.5, 10, 15, 20, 25, 30, 40] as const;

/** The smallest fuse that bears so much over the current; beyond the list the current itself, which no blade fuse is made for. */
const fuseFor = (amperes: number, over: number): number =>
  FUSES.find((fuse) => fuse >= over * amperes - 1e-9) ?? over * amperes;

/**
 * The thinnest wire of the list, no thinner than `leastAwg`, that loses no more than `share` of the voltage there and back over `runM`, and
 * carries for good what its fuse lets through: a fuse that outlives its wire protects nothing.
 */
export const wireFor = (
  amperes: number,
  runM: number,
  share: number,
  leastAwg: number,
  over: number,
): { readonly wire: Wire | undefined; readonly dropShare: number | undefined; readonly fuseA: number } => {
  const fuseA = fuseFor(amperes, over);
  const wire = WIRES.filter(({ awg }) => awg <= leastAwg).find(
    (one) => dropV(amperes, runM, one) <= share * NOMINAL_V + 1e-12 && one.carriesA >= fuseA,
  );
  return { wire, dropShare: wire && dropV(amperes, runM, wire) / NOMINAL_V, fuseA };
};

const circuit = (
  code: CircuitCode,
  amperes: number,
  runM: number,
  kind: keyof typeof LEAST_AWG = 'lamps',
): Circuit => ({
  code,
  amperes,
  runM,
  ...wireFor(amperes, runM, kind === 'brakes' ? LOST.brakes : LOST.lamps, LEAST_AWG[kind], OVER_FUSE),
});

/** From the plug along the bars to the lamps at the left rear corner, at the right one, and to the brakes of both sides. */
export const wireRuns = (
  evaluation: Evaluation,
): { readonly leftM: number; readonly rightM: number; readonly axleM: number } => {
  const { main, across, toAxle } = wireWay(evaluation);
  const leftM = PIGTAIL_M + wayLengthM(main);
  const { lengthM, widthM } = evaluation.trailer.frame.bed;
  // The branch leaves the rail that far ahead of the rear corner; beyond the axle's middle it goes on to the other side's brake.
  const aheadM = Math.max(0, lengthM - (toAxle[0]?.[0] ?? lengthM));
  return {
    leftM: MORE * leftM,
    rightM: MORE * (leftM + wayLengthM(across)),
    axleM: MORE * (leftM - Math.min(aheadM, wayLengthM(main)) + wayLengthM(toAxle) + widthM / 2),
  };
};

const MARKERS = new Set<PlacedLamp['rule']['code']>([
  'marker-front',
  'marker-rear',
  'marker-middle',
  'clearance-front',
  'clearance-rear',
  'identification',
  'front-position',
]);

/** Every circuit by its function, with what it carries, how long it runs, its wire and its fuse. */
export const circuitsOf = (evaluation: Evaluation, kind: LampKind): readonly Circuit[] => {
  const { trailer } = evaluation;
  const { coupling } = trailer;
  const lamps = placedLamps(evaluation);
  const region = trailer.settings.regions[0];
  const own = lamps.filter(({ rule }) => rule.region === region);
  const count = (code: PlacedLamp['rule']['code']): number => own.filter(({ rule }) => rule.code === code).length;
  const amps = LAMP_AMPERES[kind];
  const runs = wireRuns(evaluation);
  const markers = own.filter(({ rule }) => MARKERS.has(rule.code)).length;
  const running = count('tail') * amps.tail + count('plate') * amps.plate + markers * amps.marker;
  // Where turn signals are amber, stop lamps have a wire of their own.
  const apart = own.some(({ rule }) => rule.code === 'turn' && rule.colour === 'amber');
  const lit: Circuit[] =
    own.length === 0 || coupling.plug === 'none'
      ? []
      : [
          circuit('running', running, runs.rightM),
          circuit('left', amps.turn, runs.leftM),
          circuit('right', amps.turn, runs.rightM),
          ...(apart ? [circuit('stop', 2 * amps.stop, runs.rightM)] : []),
          ...(count('fog') > 0 ? [circuit('fog', amps.fog, runs.rightM)] : []),
          ...(count('reversing') > 0 ? [circuit('reverse', amps.reversing, runs.rightM)] : []),
        ];
  const electric = coupling.brakes === 'fitted' && coupling.brakeKind === 'electric';
  const braked: Circuit[] = electric
    ? [circuit('brakes', 2 * axleCount(trailer) * MAGNET_A, runs.axleM, 'brakes')]
    : [];
  const charge: Circuit[] =
    coupling.breakaway === 'fitted' ? [circuit('charge', CHARGE_A, PIGTAIL_M * MORE, 'brakes')] : [];
  const all = [...lit, ...braked, ...charge];
  // At most running, both stop or turn lamps and the brakes come back by the ground at once.
  const back = running + 2 * Math.max(amps.turn, amps.stop) + (braked[0]?.amperes ?? 0);
  return all.length === 0 ? [] : [...all, circuit('ground', back, runs.rightM, electric ? 'brakes' : 'ground')];
};

/** Stranded wire to buy by its gauge, m. */
export const wireToBuy = (
  circuits: readonly Pick<Circuit, 'wire' | 'runM'>[],
): readonly { readonly wire: Wire; readonly lengthM: number }[] => {
  const by = new Map<number, { wire: Wire; lengthM: number }>();
  for (const { wire, runM } of circuits) {
    if (!wire) continue;
    const known = by.get(wire.awg) ?? { wire, lengthM: 0 };
    by.set(wire.awg, { wire, lengthM: known.lengthM + runM });
  }
  return [...by.values()].toSorted((a, b) => b.wire.awg - a.wire.awg);
};

/** Gauges of all wires that go along the main run, and of those that branch off to the axle. */
export const gaugesOf = (
  circuits: readonly Circuit[],
): { readonly main: readonly number[]; readonly branch: readonly number[] } => {
  const of = (codes: (code: CircuitCode) => boolean): readonly number[] =>
    circuits.flatMap(({ code, wire }) => (wire && codes(code) ? [wire.awg] : []));
  const brakes = of((code) => code === 'brakes');
  // The charge line ends at the battery on the tongue; brakes go back by a wire as thick as theirs.
  return { main: of((code) => code !== 'charge'), branch: [...brakes, ...brakes] };
};
