import { useEditing } from '../../fields/editing';
import { useWorkbench } from '../../bench/workbench';

/** One click puts a packer between tongue and the bar that it passes under; one undo takes it out. */
export const PackerOffer = ({ crossId }: { readonly crossId: string }) => {
  const { say } = useWorkbench('say');
  const { edit, readOnly } = useEditing();
  const name = say.partName(crossId).toLowerCase();
  return (
    <button
      type="button"
      className="button mt-2"
      disabled={readOnly}
      onClick={() =>
        edit(`packer under ${name}`, (trailer) => ({
          ...trailer,
          frame: { ...trailer.frame, packers: [...trailer.frame.packers, crossId] },
        }))
      }
    >
      Put a packer under {name}
    </button>
  );
};
