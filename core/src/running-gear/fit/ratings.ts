import type { BalancedCase } from '../../balance/index.js';
import { check, quantity } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';

import { massOfWeightKg } from '../../units/index.js';
import { weakestPart } from '../assembly.js';
import { type FitFinding, plain } from './data.js';
import { RULES } from '../rules.js';

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
    findings.push(
      check({
        ...plain,
        rule: RULES['weakest-part'],
        data: { part: weakest.part, ratingKg: weakest.ratingKg, loadKg },
        caseId: worst.caseId,
        asked: quantity(loadKg, 'mass'),
        allowed: quantity(weakest.ratingKg, 'mass'),
        share: 'share-of-rating',
      }),
    );
  }
  if (trailer.runningGear.suspension.kind === 'leaf') {
    const { ratingKg } = trailer.runningGear.suspension.spring;
    const sprungKg = massOfWeightKg(worst.sprungN) / 2;
    findings.push(
      check({
        ...plain,
        rule: RULES['spring-load'],
        data: { loadKg: sprungKg, ratingKg: ratingKg ?? undefined },
        caseId: worst.caseId,
        asked: quantity(sprungKg, 'mass'),
        allowed: ratingKg === null ? undefined : quantity(ratingKg, 'mass'),
        share: 'share-of-rating',
      }),
    );
  }
  return findings;
};
