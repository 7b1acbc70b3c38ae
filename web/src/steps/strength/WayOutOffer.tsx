import { findSection, pairOf, withBar, formatPercent, worstName } from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { NoFigure } from '../../fields/NoFigure';
import { useWorkbench } from '../../bench/workbench';
import { useJob } from '../../jobs/useJob';
import { figures, inner, t } from '../../fields/language/t';

/** The lightest stronger section with which the bar passes, worked out in the worker; one click takes it, one undo gives it back. */
export const WayOutOffer = ({ memberId, share }: { readonly memberId: string; readonly share: number }) => {
  const { strength, say } = useWorkbench('strength', 'say');
  const { edit, readOnly } = useEditing();
  const { of, current } = strength;
  const {
    result: data,
    working,
    failed,
  } = useJob('wayOut', of && current ? { trailer: of, memberId, share } : undefined, {
    dependsOn: [of, memberId],
    urgency: 'soon',
    keepsOld: false,
  });
  if (failed || strength.failed) return <NoFigure what={t('a bar that would do')} />;
  if (working || !current) return <p className="mute mt-2">{t('Looking for a bar that would do …')}</p>;
  if (!data || !of)
    return (
      <p className="mt-2">
        {t('The next stronger bars of this kind do not mend it. Try “Size it for me”, or shorten what is long.')}
      </p>
    );
  const name = findSection(of, data.sectionId)?.designation ?? data.sectionId;
  const bars = pairOf(memberId)
    ? t('{member} and its twin', { member: say.partName(memberId) })
    : say.partName(memberId);
  const hardest =
    data.worst.share <= 1
      ? t('and everything else passes.')
      : t('but {worst} is then at {share}.', {
          worst: worstName(data.worst, say),
          share: figures(formatPercent(data.worst.share, 0)),
        });
  return (
    <div className="mt-2">
      <p>
        {t('{bars} as {name}: {share}, {hardest}', {
          bars,
          name,
          share: figures(formatPercent(data.share, 0)),
          hardest,
        })}
      </p>
      <button
        type="button"
        className="button mt-1"
        disabled={readOnly}
        onClick={() =>
          edit(t('{member} to {name}', { member: inner(say.partName(memberId)), name }), (trailer) =>
            withBar(trailer, memberId, data.sectionId, data.materialId),
          )
        }
      >
        {t('Take {name}', { name })}
      </button>
    </div>
  );
};
