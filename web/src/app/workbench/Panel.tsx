import { type AnyFinding, fatigueShare, isChecked, STEP_NAMES, isOfAxle } from '@kereta/core';
import type { ReactNode } from 'react';
import { STEP_VIEWS, stepOfPart } from '../../steps/steps';
import { StubCrossOffer } from '../../steps/axle/StubCrossOffer';
import { PackerOffer } from '../../steps/tongue/PackerOffer';
import { WayOutOffer } from '../../steps/strength/WayOutOffer';
import { FindingList } from '../../fields/FindingCard';
import { WhyPath } from './WhyPath';
import { useIsBehind, useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** A bar past its allowance comes with a section that mends it, a tongue that hangs loose with a packer, stub axles with a bar between them. */
const actionOf = (finding: AnyFinding): ReactNode => {
  if (finding.code === 'frame-member' && finding.verdict === 'over')
    return <WayOutOffer memberId={finding.data.memberId} share={finding.utilisation ?? 1} />;
  if (finding.code === 'fatigue-life' && finding.verdict === 'over')
    return <WayOutOffer memberId={finding.data.memberId} share={fatigueShare(finding.data.km)} />;
  if (finding.code === 'stub-cross' && finding.verdict !== 'ok') return <StubCrossOffer xM={finding.data.xM} />;
  const [crossId] = finding.code === 'tongue-gap' && finding.data.loose ? finding.data.crossIds : [];
  return crossId === undefined ? undefined : <PackerOffer crossId={crossId} />;
};

/** The step's few inputs, then its findings, worst first and open. */
export const Panel = ({ openFields }: { readonly openFields: (partId: string) => void }) => {
  const behind = useIsBehind();
  const { step, evaluation, say, pick, showCase, trailer } = useWorkbench(
    'step',
    'evaluation',
    'say',
    'pick',
    'showCase',
    'trailer',
  );
  const { Fields, line } = STEP_VIEWS[step];
  const findings = isChecked(step) ? evaluation.steps[step].findings : undefined;
  // What a finding is about turns dye on the drawing, unless its fields stand in another step.
  const point = (finding: AnyFinding): void => {
    if (finding.caseId) showCase(finding.caseId);
    const part = isOfAxle(finding.subject) ? 'axle' : finding.subject;
    const isItem = trailer.items.some(({ id }) => id === part);
    if (step === 'strength' || stepOfPart(part, isItem) === step) pick(part === 'trailer' ? undefined : part);
  };
  return (
    <aside
      className="panel flex min-h-0 flex-col border-base-300 bg-base-100 min-[801px]:overflow-y-auto min-[801px]:border-l"
      aria-label={t(STEP_NAMES[step])}
      tabIndex={0}
    >
      <div className="top-0 z-10 bg-base-100 px-4 pt-4 pb-2 min-[801px]:sticky">
        <h1 className="wide text-[22px] leading-[26px] font-bold">{t(STEP_NAMES[step])}</h1>
        <p className="narrow mute text-[14px]">{behind ? t('Being worked out …') : line}</p>
      </div>
      {findings && (
        <div style={{ opacity: behind ? 0.5 : undefined }}>
          <WhyPath findings={findings} say={say} openFields={openFields} />
        </div>
      )}
      <Fields />
      {findings && (
        <>
          <div aria-busy={behind} style={{ opacity: behind ? 0.5 : undefined }}>
            <FindingList findings={findings} say={say} onPick={point} openFirst actionOf={actionOf} />
          </div>
          <p className="narrow mute px-4 py-3 text-[13px]">
            {t(
              'What was checked stands above; nothing else was. Local law and a licensed engineer or inspector have the last word.',
            )}
          </p>
        </>
      )}
    </aside>
  );
};
