import { measuredHeight } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import {
  finding,
  concluding,
  given,
  minus,
  plus,
  workedOut,
  type Verdict,
  type WorkingLine,
} from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';

import type { Clearance } from '../clearances.js';
import type { RideHeights } from '../heights.js';
import { type FitFinding, m, plain } from './data.js';
import { BUMP_AIR_M, HEIGHT_OFF_M, RULES } from '../rules.js';

export const clearanceFinding = ({ what, caseId, restM, bumpM, wantedM }: Clearance): FitFinding => {
  // Over and beside a tire the bump decides; between two tires nothing moves.
  const verdict: Verdict = bumpM < 0 ? 'over' : restM < wantedM - 1e-9 || bumpM < BUMP_AIR_M ? 'tight' : 'ok';
  return finding({
    ...plain,
    rule: RULES.clearance,
    data: { what, restM, bumpM, wantedM },
    aspect: what,
    verdict,
    caseId,
    value: m(restM),
    limit: m(wantedM),
    working: [
      given('gap-rest', restM, 'length'),
      concluding(workedOut('gap-bump', minus(m(restM), m(restM - bumpM)), 'length')),
    ],
  });
};

/** What was measured closes the chain of parts: what is left over is a bracket to be named, or speaks against them. */
const measured = (
  trailer: Trailer,
  chassis: Chassis,
  loaded: RideHeights,
  working: readonly WorkingLine[],
): FitFinding[] => {
  const found = measuredHeight(trailer, chassis);
  if (!found) return [];
  const { measuredM, partsM, restM } = found;
  const agree = Math.abs(restM) <= HEIGHT_OFF_M;
  return [
    finding({
      ...plain,
      rule: RULES['ride-height'],
      data: { partsM, measuredM, restM },
      // A bracket that nobody has entered is no fault; a frame that stands lower than its own parts is one of tape or list.
      verdict: agree ? 'ok' : 'tight',
      caseId: loaded.caseId,
      value: m(measuredM),
      limit: m(partsM),
      working: [...working, concluding(workedOut('height-rest', minus(m(measuredM), m(partsM)), 'length'))],
    }),
  ];
};

export const heightFindings = (trailer: Trailer, chassis: Chassis, loaded: RideHeights | undefined): FitFinding[] => {
  if (!loaded) return [];
  const { stack } = loaded;
  const working = [
    given('hub-height', stack.hubM, 'length'),
    ...(stack.archM === undefined ? [] : [given('arch-left', stack.archM, 'length')]),
    given('rail-underside', stack.railBottomM, 'length'),
    workedOut('rail-top', plus(m(stack.railBottomM), m(loaded.railTopM - stack.railBottomM)), 'length'),
  ];
  const findings: FitFinding[] = [
    ...measured(trailer, chassis, loaded, working),
    finding({
      ...plain,
      rule: RULES['stands-high'],
      data: { railTopM: loaded.railTopM, deckM: loaded.deckM },
      verdict: 'ok',
      caseId: loaded.caseId,
      counts: false,
      value: m(loaded.railTopM),
      working,
    }),
  ];
  if (loaded.departureRad !== undefined && loaded.approachRad !== undefined) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['departure-angle'],
        data: { rad: loaded.departureRad, approachRad: loaded.approachRad, clearM: loaded.clearM },
        verdict: 'ok',
        caseId: loaded.caseId,
        counts: false,
      }),
    );
  }
  return findings;
};
