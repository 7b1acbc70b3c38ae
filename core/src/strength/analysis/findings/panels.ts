import type { Panel } from '../../../chassis/index.js';
import { concluding, finding, given, over, quantity, workedOut } from '../../../findings/index.js';
import { sheetShearNM } from '../../joints/sheetShear.js';
import { RULES } from '../../rules.js';
import type { StrengthAnalysis } from '../analysis.js';
import { type AnalysisFinding, plain } from './data.js';

/** Fasteners of skins are about so far apart, m: what a single one bears is told by it (common practice, 4 in). */
const PITCH_M = 0.1016;

/** Panels that hold bars square: the shear that flows in them, against what folds them. A folded skin still pulls, so that it is no fault by itself. */
export const panelFindings = (
  { panels }: Pick<StrengthAnalysis, 'panels'>,
  panelOf: (id: string) => Panel | undefined,
): AnalysisFinding[] =>
  panels.flatMap(({ panelId, flowNM, alongM, upM, situation, variant, caseId }): AnalysisFinding[] => {
    const sheet = panelOf(panelId)?.own?.sheet;
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
