import { useEditing } from '../../fields/editing';
import { Sized } from '../../fields/Sized';
import { snapTo, stepsOf } from '../../bench/sheet/parts';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

const BY = {
  turn: t('turning as far as you want'),
  tailgate: t('the open tailgate'),
  ramp: t('a dip of the road'),
} as const;

/** The shortest tongue that clears, offered; rounded up to a size that can be marked. */
export const ShortestTongue = () => {
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { trailer, edit, readOnly } = useEditing();
  const found = evaluation.findings.find((finding) => finding.code === 'tongue-shortest');
  if (found?.code !== 'tongue-shortest') return null;
  const { shortestM, nowM, by } = found.data;
  const step = stepsOf(trailer).snap;
  const lengthM = snapTo(shortestM + step / 2, step, trailer);
  return (
    <div className="flex items-center justify-between gap-3 border-t border-base-300 px-4 py-2 text-[14px]">
      <span className="narrow">
        {t('Shortest that clears {by}:', { by: BY[by] })} <Sized>{say.length(lengthM)}</Sized>.{' '}
        {nowM >= shortestM - 1e-6 ? (
          <>
            {t('Yours has')} <Sized>{say.length(nowM - shortestM)}</Sized> {t('to spare.')}
          </>
        ) : (
          <>
            {t('Yours lacks')} <Sized>{say.length(shortestM - nowM)}</Sized>.
          </>
        )}
      </span>
      {Math.abs(lengthM - nowM) > 1e-4 && (
        <button
          type="button"
          className="button"
          disabled={readOnly}
          onClick={() =>
            edit(t('tongue {length} long', { length: say.length(lengthM) }), (current) => ({
              ...current,
              frame: { ...current.frame, tongue: { ...current.frame.tongue, lengthM } },
            }))
          }
        >
          {t('Make it so')}
        </button>
      )}
    </div>
  );
};
