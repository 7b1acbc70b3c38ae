import {
  type BalancedCase,
  bandShares,
  byVerdict,
  isWithinBand,
  loadAnswer,
  loadCheckName,
  type Verdict,
} from '@kereta/core';
import { Pin } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { SeeSaw, ShareBar } from '../../bench/SeeSaw';
import { usePins } from '../../bench/usePins';
import { useBenchValue, useFollowed, useIsBehind, useWorkbench } from '../../bench/workbench';
import { WorkPatterns } from '../../drawing/workShading';
import { useInView } from '../../fields/useInView';
import { VerdictMark, VerdictWord } from '../../fields/VerdictMark';
import { t, voice } from '../../fields/language/t';

export type StripHeight = 'folded' | 'normal' | 'open';
export const STRIP_PX: Readonly<Record<StripHeight, number>> = { folded: 46, normal: 140, open: 192 };

/** Name and verdict: of what was worked out last, standing back while that is of the trailer before a move. */
const CaseVerdict = memo(
  ({
    name,
    verdict,
    worst,
    folded,
    behind,
  }: {
    readonly name: string;
    readonly verdict: Verdict;
    readonly worst: string | undefined;
    readonly folded: boolean;
    readonly behind: boolean;
  }) => (
    <>
      <span className="flex w-full items-center gap-2 pr-5">
        <span style={{ opacity: behind ? 0.35 : 1 }}>
          <VerdictMark verdict={verdict} named={folded} size={16} />
        </span>
        <span className="narrow flex-1 truncate text-[13px] font-semibold">{name}</span>
      </span>
      {!folded && (
        <span className="narrow text-[12.5px] leading-[14px]">
          {behind ? (
            <span className="mute">{t('being worked out …')}</span>
          ) : (
            <>
              <VerdictWord verdict={verdict} />
              {worst && <span className="mute">: {worst}</span>}
            </>
          )}
        </span>
      )}
    </>
  ),
);

interface CaseFiguresProps {
  readonly balanced: BalancedCase;
  readonly height: StripHeight;
  readonly tongue: Verdict;
}

/** What the load puts on the ball, live: see-saw, weight and share. */
const CaseFigures = ({ balanced, height, tongue }: CaseFiguresProps) => {
  const { say } = useWorkbench('say');
  const lengthM = useBenchValue(({ trailer }) => trailer.frame.bed.lengthM);
  const ballXM = useBenchValue(({ evaluation }) => evaluation.chassis.ballXM);
  const { standing, massKg } = balanced;
  const load = standing ? say.load(standing.aheadN) : t('no axle yet');
  const share = standing?.on === 'ball' ? say.percent(standing.tongueShare) : standing ? t('on jack') : '';
  if (height === 'folded')
    return (
      <span className="narrow pl-6 text-[13px] leading-[15px] whitespace-nowrap">
        <b>{load}</b> {share && `· ${share}`}
      </span>
    );
  return (
    <>
      <SeeSaw balanced={balanced} lengthM={lengthM} ballXM={ballXM} verdict={tongue} />
      <span className="flex w-full items-baseline justify-between">
        <b className={height === 'open' ? 'wide text-[19px] leading-[24px]' : 'text-[13.5px] leading-[17px]'}>
          {height === 'open' ? share : load}
        </b>
        <b className="text-[13.5px] leading-[17px]" style={{ color: tongue === 'over' ? 'var(--fix)' : undefined }}>
          {height === 'open' ? load : share}
        </b>
      </span>
      {standing?.on === 'ball' && <ShareBar share={standing.tongueShare} {...bandShares(balanced)} verdict={tongue} />}
      {height === 'open' && (
        <span className="narrow mute text-[12.5px] leading-[16px]">
          {standing?.axles.map(({ loadN }) => say.load(loadN)).join(' + ')} {t('on axle')}
          <br />
          {t('{mass} in all', { mass: say.mass(massKg) })}
        </span>
      )}
    </>
  );
};

interface PinButtonProps {
  readonly caseId: string;
  readonly name: string;
  readonly pinned: boolean;
  readonly onPin: (caseId: string) => void;
}

const PinButton = memo(({ caseId, name, pinned, onPin }: PinButtonProps) => (
  <button
    type="button"
    className="absolute top-[2px] right-[1px] flex h-[28px] w-[28px] items-center justify-center"
    aria-pressed={pinned}
    aria-label={t('Keep {name} in front', { name })}
    title={t('Keep in front')}
    onClick={() => onPin(caseId)}
  >
    <Pin size={13} aria-hidden color={pinned ? 'var(--dye)' : 'var(--mute)'} fill={pinned ? 'var(--dye)' : 'none'} />
  </button>
));

interface CaseCardProps {
  readonly loadId: string;
  readonly answer: ReturnType<typeof loadAnswer>;
  readonly height: StripHeight;
  readonly pinned: boolean;
  readonly onPin: (caseId: string) => void;
  readonly behind: boolean;
}

/** The load as it stands: live where it can be seen, else as it was worked out last. */
const useBalanced = (loadId: string, seen: boolean): BalancedCase | undefined => {
  const { evaluation } = useFollowed('evaluation');
  const followed = evaluation.cases.find(({ loadCase }) => loadCase.id === loadId);
  const live = useBenchValue((state) =>
    seen ? state.evaluation.cases.find(({ loadCase }) => loadCase.id === loadId) : undefined,
  );
  return live ?? followed;
};

const CaseCard = memo(({ loadId, answer, height, pinned, onPin, behind }: CaseCardProps) => {
  const [ref, seen] = useInView<HTMLLIElement>();
  const balanced = useBalanced(loadId, seen);
  return (
    <li ref={ref} className="strip-card relative shrink-0 border-r border-base-300" style={{ width: 136 }}>
      {balanced && <CaseFace {...{ balanced, answer, height, pinned, onPin, behind }} />}
    </li>
  );
});

const CaseFace = ({
  balanced,
  answer: { verdict, tongue, worst },
  height,
  pinned,
  onPin,
  behind,
}: Omit<CaseCardProps, 'loadId'> & { readonly balanced: BalancedCase }) => {
  const { caseId, showCase } = useWorkbench('caseId', 'showCase');
  const { loadCase, standing } = balanced;
  const chosen = caseId === loadCase.id;
  // While something moves, what the ball gets is live, and whether that is within its band with it.
  const now: Verdict = behind && standing?.on === 'ball' ? (isWithinBand(balanced) ? 'ok' : 'over') : tongue;
  return (
    <>
      <PinButton caseId={loadCase.id} name={loadCase.name} pinned={pinned} onPin={onPin} />
      <button
        type="button"
        className="flex h-full w-full flex-col items-start px-2 py-1 text-left"
        style={{
          background: chosen ? 'var(--color-base-200)' : undefined,
          boxShadow: chosen ? 'inset 0 3px 0 var(--dye)' : undefined,
        }}
        aria-pressed={chosen}
        onClick={() => showCase(loadCase.id)}
        data-testid={`strip-${loadCase.id}`}
      >
        <CaseVerdict
          name={loadCase.name}
          verdict={verdict}
          worst={worst && loadCheckName(worst, voice)}
          folded={height === 'folded'}
          behind={behind}
        />
        <CaseFigures balanced={balanced} height={height} tongue={now} />
      </button>
    </>
  );
};

/** What is told of a load that has just been made. */
const NOT_YET = { verdict: 'open', tongue: 'open', worst: undefined } as const;

/** The see-saw of every load case, pinned ones in front, then as they stood worst first when the step opened; never hidden while designing. */
export const BalanceStrip = memo(({ height }: { readonly height: StripHeight }) => {
  const loadCases = useBenchValue(({ trailer }) => trailer.cases);
  const trailerId = useBenchValue(({ trailer }) => trailer.id);
  const { evaluation } = useFollowed('evaluation');
  const behind = useIsBehind();
  const { isPinned, togglePin } = usePins(trailerId);
  const answers = useMemo(
    () => new Map(evaluation.cases.map(({ loadCase }) => [loadCase.id, loadAnswer(evaluation, loadCase.id)])),
    [evaluation],
  );
  const rated = loadCases.map(({ id }) => ({ id, answer: answers.get(id) ?? NOT_YET }));
  // Worst first when the step is opened; then each stays where the eye left it, whatever an edit makes of it.
  const [order] = useState(() =>
    rated.toSorted((a, b) => byVerdict(a.answer.verdict, b.answer.verdict)).map(({ id }) => id),
  );
  const place = (id: string): number => {
    const at = order.indexOf(id);
    return at < 0 ? order.length : at;
  };
  rated.sort((a, b) => Number(isPinned(b.id)) - Number(isPinned(a.id)) || place(a.id) - place(b.id));
  const inOrder = rated.filter(({ answer: { verdict } }) => verdict === 'ok' || verdict === 'tight').length;
  return (
    <section
      className="strip flex shrink-0 border-t-2 border-[var(--ink)] bg-base-100"
      style={{ height: STRIP_PX[height] }}
      aria-label={t('Balance of every load')}
    >
      <svg width="0" height="0" className="absolute" aria-hidden>
        <WorkPatterns />
      </svg>
      <div className="hidden w-[92px] shrink-0 flex-col border-r border-base-300 px-3 py-2 min-[700px]:flex">
        <span className="text-[13.5px] font-bold">{t('Balance')}</span>
        {height !== 'folded' && (
          <span className="narrow mute text-[12.5px] leading-[15px]">
            {t('{inOrder} of {count} loads in order', { inOrder, count: rated.length })}
          </span>
        )}
      </div>
      <ul className="flex min-w-0 flex-1 overflow-x-auto overflow-y-hidden" tabIndex={0} aria-label={t('Load cases')}>
        {rated.map(({ id, answer }) => (
          <CaseCard
            key={id}
            loadId={id}
            answer={answer}
            height={height}
            pinned={isPinned(id)}
            onPin={togglePin}
            behind={behind}
          />
        ))}
      </ul>
    </section>
  );
});
