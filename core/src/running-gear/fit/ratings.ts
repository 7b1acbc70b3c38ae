import type { BalancedCase } from '../../balance/index.js';
import { concluding, over, quantity, verdictOf, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { commonPractice } from '../../source.js';
import { massOfWeightKg } from '../../units/index.js';
import { weakestPart } from '../assembly.js';
import { type FitFinding, plain } from './data.js';

export const ratingFindings = (trailer: Trailer, cases: readonly BalancedCase[]): FitFinding[] => {
  const worst = cases
    .flatMap(({ standing, loadCase }) => (standing?.axles ?? []).map((axle) => ({ ...axle, caseId: loadCase.id })))
    .reduce<{ loadN: number; sprungN: number; caseId: string } | undefined>(
      (most, next) => (!most || next.loadN > most.loadN ? next : most),
      undefined,
    );
  if (!worst) return [];
  const weakest = weakestPart(trailer);
  const loadKg = massOfWeightKg(worst.loadN);
  const findings: FitFinding[] = [];
  // Where the axle itself is the weakest, its own load says it all.
  if (weakest && weakest.part !== 'axle') {
    const share = weakest.ratingKg > 0 ? loadKg / weakest.ratingKg : Number.MAX_VALUE;
    findings.push({
      ...plain,
      code: 'weakest-part',
      data: { part: weakest.part, ratingKg: weakest.ratingKg, loadKg },
      verdict: verdictOf(share, 0.9),
      caseId: worst.caseId,
      utilisation: share,
      working: [
        concluding(
          workedOut('share-of-rating', over(quantity(loadKg, 'mass'), quantity(weakest.ratingKg, 'mass')), 'percent'),
        ),
      ],
      source: commonPractice('an assembly carries what its weakest part carries'),
    });
  }
  if (trailer.runningGear.suspension.kind === 'leaf') {
    const { ratingKg } = trailer.runningGear.suspension.spring;
    const sprungKg = massOfWeightKg(worst.sprungN) / 2;
    const share = ratingKg === null ? undefined : ratingKg > 0 ? sprungKg / ratingKg : Number.MAX_VALUE;
    findings.push({
      ...plain,
      code: 'spring-load',
      data: { loadKg: sprungKg, ratingKg: ratingKg ?? undefined },
      verdict: share === undefined ? 'open' : verdictOf(share, 0.95),
      caseId: worst.caseId,
      utilisation: share,
      working:
        ratingKg === null
          ? []
          : [
              concluding(
                workedOut('share-of-rating', over(quantity(sprungKg, 'mass'), quantity(ratingKg, 'mass')), 'percent'),
              ),
            ],
      source: commonPractice('two springs together at least the axle’s sprung load'),
    });
  }
  return findings;
};
