import { useWorkbench } from '../../bench/workbench';
import { useJobProgress } from '../../jobs/progress';
import { t } from '../../fields/language/t';

/** Whether the frame analysis below is of the trailer as drawn, of one before the last change, or under way. */
export const AnalysisStatus = () => {
  const { strength } = useWorkbench('strength');
  const { outcome, current, progressKey, failed } = strength;
  const progress = useJobProgress(progressKey);
  const text = (): string => {
    if (failed) return t('No figure: the frame could not be analysed in reasonable time. The hand check stands alone.');
    if (!outcome)
      return progress
        ? t('Analysing the frame: load {done} of {of} …', { done: progress.done + 1, of: progress.of })
        : t('Analysing the frame …');
    if (!current) return t('What stands below is from before the last change. Analysing anew …');
    if (outcome.kind !== 'analysed') return t('The frame could not be analysed; the hand check stands alone.');
    const { runs, elements } = outcome.analysis.counts;
    return t('Whole frame analysed: {elements} stretches of bar in {runs} situations.', { elements, runs });
  };
  return (
    <p
      className="narrow mute flex items-center gap-2 px-4 pb-2 text-[13px]"
      role="status"
      data-testid="analysis-status"
    >
      {(!outcome || !current) && !failed && (
        <progress
          className="progress w-[60px]"
          aria-label={t('Frame analysis')}
          {...(progress ? { value: progress.done, max: progress.of } : {})}
        />
      )}
      {text()}
    </p>
  );
};
