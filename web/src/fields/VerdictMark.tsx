import { type Verdict, VERDICT_WORDS } from '@kereta/core';
import { t } from './language/t';

const SIZE = 18;

const shape = (verdict: Verdict) => {
  switch (verdict) {
    case 'ok':
      return (
        <>
          <circle cx="9" cy="9" r="8" fill="var(--good)" />
          <path d="M5 9.2l2.8 2.8L13 6.6" stroke="var(--color-base-100)" strokeWidth="2" fill="none" />
        </>
      );
    case 'tight':
      return (
        <>
          <path d="M9 1.5L17.2 16.5H0.8z" fill="var(--tight)" stroke="var(--ink)" strokeWidth="1" />
          <path d="M9 6.5v5M9 13v1.8" stroke="oklch(0.27 0.035 262)" strokeWidth="1.8" />
        </>
      );
    case 'over':
      return (
        <>
          <rect x="1" y="1" width="16" height="16" rx="1.5" fill="var(--fix)" />
          <path d="M5.5 5.5l7 7M12.5 5.5l-7 7" stroke="var(--color-base-100)" strokeWidth="2" />
        </>
      );
    case 'open':
      return <circle cx="9" cy="9" r="7.5" fill="none" stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="3 2.2" />;
    case 'unchecked':
      return <path d="M9 1.5L16.5 9L9 16.5L1.5 9z" fill="none" stroke="var(--mute)" strokeWidth="1.8" />;
  }
};

/** The verdict's shape; its word stands beside it or, where there is no room, is its accessible name. */
export const VerdictMark = ({
  verdict,
  named = false,
  size = SIZE,
}: {
  readonly verdict: Verdict;
  readonly named?: boolean;
  readonly size?: number;
}) => (
  <svg
    width={size}
    height={size}
    viewBox="0 0 18 18"
    className="shrink-0"
    {...(named ? { role: 'img', 'aria-label': t(VERDICT_WORDS[verdict]) } : { 'aria-hidden': true })}
  >
    {shape(verdict)}
  </svg>
);

const WORD_COLORS: Readonly<Record<Verdict, string>> = {
  ok: 'var(--good)',
  tight: 'var(--ink)',
  over: 'var(--fix)',
  open: 'var(--ink)',
  unchecked: 'var(--mute)',
};

export const VerdictWord = ({ verdict }: { readonly verdict: Verdict }) => (
  <span style={{ color: WORD_COLORS[verdict] }} className="font-semibold">
    {t(VERDICT_WORDS[verdict])}
  </span>
);
