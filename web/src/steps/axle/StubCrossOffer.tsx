import { addCrossMember } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { t } from '../../fields/language/t';

/** One click puts a cross-member where spindles turn the rails; one undo takes it out. */
export const StubCrossOffer = ({ xM }: { readonly xM: number }) => {
  const { say } = useWorkbench('say');
  const { edit, readOnly } = useEditing();
  return (
    <button
      type="button"
      className="button mt-2"
      disabled={readOnly}
      onClick={() =>
        edit(t('cross-member at the spindles'), (trailer) => addCrossMember(trailer, `extra.${nanoid(8)}`, xM))
      }
    >
      {t('Put a cross-member at {x}', { x: say.length(xM) })}
    </button>
  );
};
