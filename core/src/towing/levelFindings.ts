import { ballZM, type BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { finding, type FindingOf, minus, quantity, workedOut } from '../findings/index.js';
import type { Trailer } from '../project/index.js';

import { heaviestTowed } from './heaviest.js';
import { type CaseLevel, couplerHeightM, mountFor } from './level.js';
import { RULES, LEVEL_M } from './rules.js';

export interface LevelFindingData {
  'tows-level': {
    readonly couplerM: number;
    readonly hitchM: number | undefined;
    readonly noseUpRad: number | undefined;
    /** lower (+) or higher (−) that the ball must stand, told where it is half an inch or more */
    readonly lowerM: number | undefined;
    /** drop (+) or rise (−) of the mount that is sold nearest, where it is known what is fitted */
    readonly mountM: number | undefined;
    readonly leftM: number;
    readonly sinks: boolean;
  };
  'level-spread': { readonly byM: number; readonly highId: string; readonly lowId: string };
  'hitch-above-deck': { readonly hitchM: number; readonly deckM: number };
}
export type LevelFinding = FindingOf<LevelFindingData>;

const spread = (levels: readonly CaseLevel[]): LevelFinding[] => {
  const [high, low] = [
    levels.reduce<CaseLevel | undefined>((most, next) => (!most || next.offM > most.offM ? next : most), undefined),
    levels.reduce<CaseLevel | undefined>((least, next) => (!least || next.offM < least.offM ? next : least), undefined),
  ];
  if (!high || !low || high.offM - low.offM < LEVEL_M) return [];
  return [
    finding({
      rule: RULES['level-spread'],
      data: { byM: high.offM - low.offM, highId: high.caseId, lowId: low.caseId },
      verdict: 'ok',
      step: 'tongue',
      subject: 'trailer',
      counts: false,
      value: quantity(high.offM - low.offM, 'length'),
      working: [
        workedOut('level-spread', minus(quantity(high.offM, 'length'), quantity(low.offM, 'length')), 'length'),
      ],
    }),
  ];
};

/** Level behind this vehicle in the heaviest load, the mount that would do, and how much the loads differ. */
export const levelFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
  levels: readonly CaseLevel[],
): LevelFinding[] => {
  const heaviest = heaviestTowed(cases);
  if (!heaviest) return [];
  const muscle = trailer.towVehicle?.kind === 'muscle';
  const own = levels.find(({ caseId }) => caseId === heaviest.loadCase.id);
  const couplerM = own?.couplerM ?? couplerHeightM(trailer, chassis, heaviest);
  const deckM = couplerM - ballZM(chassis) + chassis.deckTopZM;
  const off = own?.offM;
  const mount = off === undefined || Math.abs(off) < LEVEL_M ? undefined : mountFor(trailer, off);
  const m = (value: number) => quantity(value, 'length');
  const plain = { step: 'tongue', subject: 'trailer', caseId: heaviest.loadCase.id } as const;
  return [
    finding({
      ...plain,
      rule: RULES['tows-level'],
      data: {
        couplerM,
        hitchM: own?.hitchM,
        noseUpRad: own?.noseUpRad,
        lowerM: mount?.wantedM,
        mountM: mount?.dropM,
        leftM: mount?.leftM ?? 0,
        sinks: trailer.towVehicle?.hitchSinksMPerKg !== null,
      },
      // Hands hold it where they please.
      verdict: off === undefined ? (muscle ? 'ok' : 'open') : Math.abs(off) > 2 * LEVEL_M && !muscle ? 'tight' : 'ok',
      counts: !muscle,
      value: m(couplerM),
      limit: own && m(own.hitchM),
      working: own ? [workedOut('off-level', minus(m(own.hitchM), m(couplerM)), 'length')] : [],
    }),
    // A low deck behind a tongue that steps up rides level all the same.
    ...(own && !muscle && own.hitchM > deckM && Math.abs(own.offM) > 2 * LEVEL_M
      ? [
          finding({
            ...plain,
            rule: RULES['hitch-above-deck'],
            data: { hitchM: own.hitchM, deckM },
            // A small machine's carts lie low; at its pace a nose held high is not pretty, and no more.
            verdict: trailer.towVehicle?.kind === 'small-machine' ? 'tight' : 'over',
            counts: true,
            value: m(own.hitchM),
            limit: m(deckM),
            working: [],
          }),
        ]
      : []),
    ...spread(levels),
  ];
};
