import { useEditing } from '../../fields/editing';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** Less than this is the tape's, m. */
const WORTH_M = 0.003;

/** What was measured beyond the parts that are known: one click enters it as a bracket, so that every height adds up. */
export const BracketOffer = () => {
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { edit, readOnly } = useEditing();
  const found = evaluation.findings.find((finding) => finding.code === 'ride-height');
  if (found?.code !== 'ride-height' || found.data.restM < WORTH_M) return null;
  const { restM } = found.data;
  return (
    <div className="narrow col-span-2 flex items-center justify-between gap-3 text-[13px]">
      <span>
        <Sized>{say.length(restM)}</Sized> {t('more than the parts add up to.')}
      </span>
      <button
        type="button"
        className="button min-h-[36px]"
        disabled={readOnly}
        onClick={() =>
          edit(t('brackets of {rest} entered', { rest: say.length(restM) }), (current) => {
            const { suspension } = current.runningGear;
            return {
              ...current,
              runningGear: {
                ...current.runningGear,
                suspension: { ...suspension, bracketM: suspension.bracketM + restM },
              },
            };
          })
        }
      >
        {t('Enter it as brackets')}
      </button>
    </div>
  );
};
