import { finding, concluding, given, minus, plus, workedOut, type Verdict } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';

import type { Clearance } from '../clearances.js';
import type { RideHeights } from '../heights.js';
import { type FitFinding, m, plain } from './data.js';
import { RULES, HEIGHT_OFF_M } from '../rules.js';

export const clearanceFinding = ({ what, caseId, restM, bumpM, wantedM }: Clearance): FitFinding => {
  // Over and beside a tire the bump decides; between two tires nothing moves.
  const verdict: Verdict = bumpM < 0 ? 'over' : restM < wantedM - 1e-9 ? 'tight' : 'ok';
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

export const heightFindings = (trailer: Trailer, loaded: RideHeights | undefined): FitFinding[] => {
  if (!loaded) return [];
  const saidM = trailer.runningGear.railTopHeightM;
  const findings: FitFinding[] = [
    finding({
      ...plain,
      rule: RULES['ride-height'],
      data: { stackM: loaded.railTopM, saidM },
      verdict: Math.abs(loaded.railTopM - saidM) > HEIGHT_OFF_M ? 'tight' : 'ok',
      caseId: loaded.caseId,
      value: m(loaded.railTopM),
      limit: m(saidM),
      working: [
        given('hub-height', loaded.stack.hubM, 'length'),
        ...(loaded.stack.archM === undefined ? [] : [given('arch-left', loaded.stack.archM, 'length')]),
        given('rail-underside', loaded.stack.railBottomM, 'length'),
        concluding(
          workedOut(
            'rail-top',
            plus(m(loaded.stack.railBottomM), m(loaded.railTopM - loaded.stack.railBottomM)),
            'length',
          ),
        ),
      ],
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
