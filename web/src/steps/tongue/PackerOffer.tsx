import { useEditing } from '../../fields/editing';
import { useWorkbench } from '../../bench/workbench';
import { inner, t } from '../../fields/language/t';

/** One click puts a packer between tongue and the bar that it passes under; one undo takes it out. */
export const PackerOffer = ({ crossId }: { readonly crossId: string }) => {
  const { say } = useWorkbench('say');
  const { edit, readOnly } = useEditing();
  const name = inner(say.partName(crossId));
  return (
    <button
      type="button"
      className="button mt-2"
      disabled={readOnly}
      onClick={() =>
        edit(t('packer under {name}', { name }), (trailer) => ({
          ...trailer,
          frame: { ...trailer.frame, packers: [...trailer.frame.packers, crossId] },
        }))
      }
    >
      {t('Put a packer under {name}', { name })}
    </button>
  );
};
