import { type AnyFinding, sentenceOf, sourceText, type Speaker, VERDICT_WORDS } from '@kereta/core';
import { ChevronDown } from 'lucide-react';
import { type ReactNode, useId, useState } from 'react';
import { useShown } from './showFinding';
import { Sized } from './Sized';
import { VerdictMark } from './VerdictMark';
import { WorkingTable } from './WorkingTable';
import { t, voice } from './language/t';

interface FindingCardProps {
  readonly finding: AnyFinding;
  readonly say: Speaker;
  readonly startOpen?: boolean;
  readonly action?: ReactNode;
  readonly onPick?: () => void;
}

/** A finding as a sentence that unfolds to its working and its source. */
const FindingCard = ({ finding, say, startOpen = false, action, onPick }: FindingCardProps) => {
  const [open, setOpen] = useState(startOpen);
  const id = useId();
  const button = useShown(finding.id, () => {
    setOpen(true);
    onPick?.();
  });
  const word = finding.counts ? t(VERDICT_WORDS[finding.verdict]) : t('Note');
  return (
    <li className="border-b border-base-300">
      <button
        ref={button}
        type="button"
        className="flex w-full items-start gap-3 px-4 py-3 text-left"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => {
          setOpen(!open);
          if (!open) onPick?.();
        }}
      >
        <span className="flex w-[46px] shrink-0 flex-col items-center">
          {finding.counts ? (
            <VerdictMark verdict={finding.verdict} />
          ) : (
            <span aria-hidden className="mute text-[18px] leading-[18px]">
              ≈
            </span>
          )}
          <span className="narrow mt-[2px] text-center text-[11.5px] leading-[13px]">{word}</span>
        </span>
        <span className="flex-1 text-[14px] leading-[19px]">
          <Sized>{sentenceOf(finding, say)}</Sized>
        </span>
        <ChevronDown size={16} aria-hidden className={`mt-1 shrink-0 ${open ? 'rotate-180' : ''}`} />
      </button>
      {open && (
        <div id={id} className="narrow px-4 pb-3 pl-[74px] text-[13px] leading-[18px]">
          <WorkingTable working={finding.working} say={say} />
          <p className="mt-1">{t('Rule: {formula}.', { formula: voice.name(finding.rule.formula) })}</p>
          <p className="mute">{t('Holds for: {holds}.', { holds: voice.name(finding.rule.holds) })}</p>
          <p className="mute">{sourceText(finding.source, voice)}</p>
          {action}
        </div>
      )}
    </li>
  );
};

export const FindingList = ({
  findings,
  say,
  onPick,
  openFirst = false,
  actionOf,
}: {
  readonly findings: readonly AnyFinding[];
  readonly say: Speaker;
  readonly onPick?: (finding: AnyFinding) => void;
  readonly openFirst?: boolean;
  /** what can be done about a finding, shown when it is open */
  readonly actionOf?: (finding: AnyFinding) => ReactNode;
}) => (
  <ul className="border-t border-base-300" aria-label={t('Checks')}>
    {findings.map((finding, index) => (
      <FindingCard
        key={finding.id}
        finding={finding}
        say={say}
        startOpen={openFirst && index === 0 && finding.counts && finding.verdict === 'over'}
        {...(onPick ? { onPick: () => onPick(finding) } : {})}
        action={actionOf?.(finding)}
      />
    ))}
  </ul>
);
