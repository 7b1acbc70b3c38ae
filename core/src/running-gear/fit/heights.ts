import { concluding, given, minus, plus, workedOut, type Verdict } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { commonPractice, computedBy } from '../../source.js';
import { inches } from '../../units/index.js';
import type { Clearance } from '../clearances.js';
import type { RideHeights } from '../heights.js';
import { type FitFinding, m, plain } from './data.js';

export const clearanceFinding = ({ what, caseId, restM, bumpM, wantedM }: Clearance): FitFinding => {
  // Over and beside a tire the bump decides; between two tires nothing moves.
  const verdict: Verdict = bumpM < 0 ? 'over' : restM < wantedM - 1e-9 ? 'tight' : 'ok';
  return {
    ...plain,
    code: 'clearance',
    data: { what, restM, bumpM, wantedM },
    verdict,
    caseId,
    value: m(restM),
    limit: m(wantedM),
    working: [
      given('gap-rest', restM, 'length'),
      concluding(workedOut('gap-bump', minus(m(restM), m(restM - bumpM)), 'length')),
    ],
    source: commonPractice(
      'shop clearances about wheels: 1 in beside, 1-1/2 in on leaf springs, the travel and 1 in above',
    ),
  };
};

/** Half an inch off level, off the plan (common practice). */
const HEIGHT_OFF_M = inches(0.5);

export const heightFindings = (trailer: Trailer, loaded: RideHeights | undefined): FitFinding[] => {
  if (!loaded) return [];
  const saidM = trailer.runningGear.railTopHeightM;
  const findings: FitFinding[] = [
    {
      ...plain,
      code: 'ride-height',
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
      source: computedBy('loaded radius, axle, seat, leaves, arch left, hanger, rail'),
    },
  ];
  if (loaded.departureRad !== undefined && loaded.approachRad !== undefined) {
    findings.push({
      ...plain,
      code: 'departure-angle',
      data: { rad: loaded.departureRad, approachRad: loaded.approachRad, clearM: loaded.clearM },
      verdict: 'ok',
      caseId: loaded.caseId,
      counts: false,
      source: computedBy('rear wheel’s foot to the rear lower edge'),
    });
  }
  return findings;
};
