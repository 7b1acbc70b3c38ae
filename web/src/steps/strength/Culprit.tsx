import { type AnyFinding, parsePartId, sentenceOf, STEP_NAMES, type StepId } from '@kereta/core';
import { useWorkbench } from '../../bench/workbench';
import { inner, t } from '../../fields/language/t';

type Fault = Extract<AnyFinding, { readonly code: 'frame-fault' | 'frame-unsolvable' }>;
const isFault = (finding: AnyFinding): finding is Fault =>
  finding.code === 'frame-fault' || finding.code === 'frame-unsolvable';

/** What keeps the frame from being analysed, in its own words, and the way there, whatever step it stands in. */
export const Culprit = () => {
  const { evaluation, say, goTo, pick } = useWorkbench('evaluation', 'say', 'goTo', 'pick');
  const finding = evaluation.findings.find(isFault);
  if (!finding) return null;
  const problem = evaluation.findings.find(({ code }) => code === 'frame-problem');
  const loose =
    finding.code === 'frame-unsolvable'
      ? finding.data.problems.flatMap((own) => ('member' in own ? [own.member.split('#')[0] ?? ''] : []))[0]
      : undefined;
  const step: StepId =
    finding.code === 'frame-fault' && finding.data.fault !== 'frame-incomplete' ? 'axle' : (problem?.step ?? 'frame');
  const subject = loose ?? problem?.subject;
  const part = subject !== undefined && parsePartId(subject).kind !== 'trailer' ? subject : undefined;
  return (
    <div className="narrow px-4 pb-3 text-[14px]">
      <p>{sentenceOf(problem && step === problem.step ? problem : finding, say)}</p>
      <button
        type="button"
        className="button mt-1"
        onClick={() => {
          if (part !== undefined) pick(part);
          goTo(step);
        }}
      >
        {part === undefined
          ? t('Go to {step}', { step: t(STEP_NAMES[step]) })
          : t('Go to {part}', { part: inner(say.partName(part)) })}
      </button>
    </div>
  );
};
