import { type AnyFinding, sentenceOf, type Speaker, STEP_NAMES, VERDICT_WORDS } from '@kereta/core';
import { CornerDownRight } from 'lucide-react';
import { useWorkbench } from '../../bench/workbench';
import { showFinding } from '../../fields/showFinding';
import { Sized } from '../../fields/Sized';
import { VerdictMark } from '../../fields/VerdictMark';
import { stepOfPart } from '../../steps/steps';
import { inner, t } from '../../fields/language/t';

/** The check that gives a step its verdict, and how many there are like it; undefined where nothing asks for anything. */
export const deciding = (
  findings: readonly AnyFinding[],
): { readonly finding: AnyFinding; readonly others: number } | undefined => {
  const counting = findings.filter(({ counts, verdict }) => counts && (verdict === 'over' || verdict === 'open'));
  const [finding] = counting;
  return finding && { finding, others: counting.filter(({ verdict }) => verdict === finding.verdict).length - 1 };
};

interface WhyPathProps {
  readonly findings: readonly AnyFinding[];
  readonly say: Speaker;
  readonly openFields: (partId: string) => void;
}

/** From a step's verdict to the check that decides it, the load and the part it is about, and the fields that change it. */
export const WhyPath = ({ findings, say, openFields }: WhyPathProps) => {
  const { step, trailer, strength } = useWorkbench('step', 'trailer', 'strength');
  const why = deciding(findings);
  // Until the frame is analysed the check by hand stands there: it may be taken back in a moment.
  if (!why || (step === 'strength' && !strength.current && !strength.failed)) return null;
  const { finding, others } = why;
  const { subject, caseId, verdict } = finding;
  const isItem = trailer.items.some(({ id }) => id === subject);
  const known = subject !== 'trailer';
  const there = known ? stepOfPart(subject, isItem) : step;
  return (
    <section
      aria-label={t('Why {verdict}?', { verdict: t(VERDICT_WORDS[verdict]) })}
      className="mx-4 mb-2 border-l-4 border-[var(--ink)] pl-3"
    >
      <h2 className="flex items-center gap-2 text-[14px] font-semibold">
        <VerdictMark verdict={verdict} size={14} /> {t('Why {verdict}?', { verdict: t(VERDICT_WORDS[verdict]) })}
      </h2>
      <p className="narrow text-[13.5px] leading-[18px]">
        <Sized>{sentenceOf(finding, say)}</Sized>
        {caseId ? ` ${t('Load: {name}.', { name: say.caseName(caseId) })}` : ''}
        {others > 0 ? ` ${t('{others} more such below.', { others })}` : ''}
      </p>
      <p className="mt-1 flex flex-wrap gap-x-4">
        <button
          type="button"
          className="link narrow flex min-h-[28px] items-center gap-1 text-[13.5px] underline"
          onClick={() => showFinding(finding.id)}
        >
          <CornerDownRight size={14} aria-hidden /> {t('Show the check')}
        </button>
        {known && (
          <button
            type="button"
            className="link narrow flex min-h-[28px] items-center gap-1 text-[13.5px] underline"
            onClick={() => openFields(subject)}
          >
            <CornerDownRight size={14} aria-hidden />{' '}
            {t('Fields of {subject}{there}', {
              subject: inner(say.partName(subject)),
              there: there === step ? '' : `, ${t(STEP_NAMES[there])}`,
            })}
          </button>
        )}
      </p>
    </section>
  );
};
