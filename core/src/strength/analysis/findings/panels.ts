import type { Panel } from '../../../chassis/index.js';
import { concluding, finding, given, over, quantity, workedOut } from '../../../findings/index.js';
import { sheetShearNM } from '../../joints/sheetShear.js';
import { RULES } from '../../rules.js';
import type { StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, plain } from './data.js';

/** Fasteners of skins are about so far apart, m: what a single one bears is told by it (common practice, 4 in). */
const PITCH_M = 0.1016;

/** The shear that flows in them, against what folds them. A folded skin still pulls, so that it is no fault by itself. */
const shearFindings = ({ panels }: Pick<StrengthAnalysis, 'panels'>, built: readonly Panel[]): AnalysisFinding[] =>
  panels.flatMap(({ panelId, flowNM, alongM, upM, situation, variant, caseId }): AnalysisFinding[] => {
    const sheet = built.find(({ id }) => id === panelId)?.own?.sheet;
    if (!sheet) return [];
    const foldsNM = sheetShearNM(sheet, alongM, upM);
    const flow = quantity(flowNM, 'force-per-length');
    return [
      finding({
        ...plain,
        rule: RULES['panel-shear'],
        data: { panelId, situation, variant, flowNM, foldsNM, fastenerN: flowNM * PITCH_M, pitchM: PITCH_M },
        subject: panelId,
        caseId,
        verdict: foldsNM === undefined ? 'unchecked' : flowNM > foldsNM ? 'tight' : 'ok',
        value: flow,
        limit: foldsNM === undefined ? undefined : quantity(foldsNM, 'force-per-length'),
        working: [
          given('seam-flow', flowNM, 'force-per-length'),
          ...(foldsNM === undefined
            ? []
            : [concluding(workedOut('works-at', over(flow, quantity(foldsNM, 'force-per-length')), 'percent'))]),
        ],
      }),
    ];
  });

/** Panels that are said to hold bars square: what flows in them, or that they hold nothing. */
export const panelFindings = (
  analysis: Pick<StrengthAnalysis, 'panels'>,
  built: readonly Panel[],
): AnalysisFinding[] => {
  const holds = new Set(analysis.panels.map(({ panelId }) => panelId));
  const idle = built.filter(({ id, own }) => own?.carries && !holds.has(id));
  return [
    ...shearFindings(analysis, built),
    ...idle.map(({ id }) =>
      finding({
        ...plain,
        rule: RULES['panel-holds-nothing'],
        data: { panelId: id },
        subject: id,
        verdict: 'tight',
        working: [],
      }),
    ),
  ];
};
