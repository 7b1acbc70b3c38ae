import { type BalancedCase, bandKg, massOfWeightKg, type Verdict } from '@kereta/core';
import { memo } from 'react';

const WIDTH = 116;
const MOST_TILT_DEG = 14;

/** How a beam stands: its pivot, how far it tilts, and the outlines of what lies on it. Numbers and texts alone, so that it is compared by value. */
const beamOf = (
  { standing, massKg, band, parts }: BalancedCase,
  lengthM: number,
  ballXM: number,
): { readonly pivot: number; readonly tilt: number; readonly loads: string } => {
  const scale = (WIDTH - 8) / (lengthM - ballXM);
  const x = (xM: number): number => 4 + (xM - ballXM) * scale;
  let tilt = 0;
  if (standing && standing.on === 'ball') {
    const { minKg, maxKg } = bandKg(band, massKg);
    const tongueKg = massOfWeightKg(standing.tongueN);
    const middle = (minKg + maxKg) / 2;
    const half = Math.max((maxKg - minKg) / 2, 1e-6);
    // Nose down is negative on the sheet, the ball being at the left.
    tilt = Math.max(-MOST_TILT_DEG, Math.min(MOST_TILT_DEG, (-(tongueKg - middle) / half) * 2.5));
  }
  const loads = parts
    .filter(({ group }) => group === 'cargo' || group === 'fixed')
    .map((part) => {
      const width = Math.max(4, (part.x1M - part.x0M) * scale);
      const height = Math.min(24, Math.max(4, part.heightM * scale));
      const bottom = Math.max(0, part.centre.zM - part.heightM / 2) * scale;
      const left = x(part.centre.xM) - width / 2;
      const top = 33 - Math.min(bottom, 10) - height;
      return `M${left.toFixed(1)} ${top.toFixed(1)}h${width.toFixed(1)}v${height.toFixed(1)}h${(-width).toFixed(1)}z`;
    })
    .join('');
  return { pivot: Number(x(standing?.groupCentreXM ?? lengthM / 2).toFixed(1)), tilt: Number(tilt.toFixed(2)), loads };
};

const Beam = memo(({ pivot, tilt, loads, verdict }: ReturnType<typeof beamOf> & { readonly verdict: Verdict }) => (
  <svg width={WIDTH} height="46" viewBox={`0 0 ${WIDTH} 46`} aria-hidden>
    <g transform={`rotate(${tilt} ${pivot} 34)`}>
      <path d={loads} fill="var(--load)" stroke="var(--ink)" strokeWidth="1.1" />
      <path d={`M4 34H${WIDTH - 4}`} stroke={verdict === 'over' ? 'var(--fix)' : 'var(--ink)'} strokeWidth="2.6" />
      <circle cx="5" cy="34" r="3" fill="var(--color-base-100)" stroke="var(--ink)" strokeWidth="1.6" />
    </g>
    <path d={`M${pivot} 35l6 9h-12z`} fill="var(--ink)" />
  </svg>
));

/** One beam, the wheel its pivot, the load's own outlines on it; it tilts as the tongue is too light or too heavy. */
export const SeeSaw = ({
  balanced,
  lengthM,
  ballXM,
  verdict,
}: {
  readonly balanced: BalancedCase;
  readonly lengthM: number;
  readonly ballXM: number;
  readonly verdict: Verdict;
}) => <Beam {...beamOf(balanced, lengthM, ballXM)} verdict={verdict} />;

const BAR = 112;

/** Tongue share on a scale of 0 to 20 %, with the band that is wanted. */
export const ShareBar = memo(
  ({
    share,
    minShare,
    maxShare,
    verdict,
  }: {
    readonly share: number;
    readonly minShare: number;
    readonly maxShare: number;
    readonly verdict: Verdict;
  }) => {
    const most = Math.max(0.2, maxShare * 1.15);
    const x = (value: number): number => (Math.max(0, Math.min(value, most)) / most) * BAR;
    return (
      <svg width={BAR + 4} height="16" viewBox={`-2 0 ${BAR + 4} 16`} aria-hidden>
        <rect x="0" y="8" width={BAR} height="6" fill="none" stroke="var(--mute)" />
        <rect
          x={x(minShare)}
          y="6"
          width={Math.max(1, x(maxShare) - x(minShare))}
          height="10"
          fill="url(#band)"
          stroke="var(--good)"
        />
        <path d={`M${x(share) - 5} 0h10l-5 8z`} fill={verdict === 'over' ? 'var(--fix)' : 'var(--ink)'} />
      </svg>
    );
  },
);
