import { useEditing } from '../../fields/editing';
import { CheckField, FieldGroup } from '../../fields/fields';
import { useWorkbench } from '../../bench/workbench';
import { inner, t } from '../../fields/language/t';

/** Where the tongue passes under bars: which it touches, and between which a packer lies. */
export const PackerFields = () => {
  const { trailer, edit } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const crossings = evaluation.chassis.tongue?.crossings ?? [];
  const unders = [...new Set(crossings.map(({ crossId }) => crossId))];
  if (unders.length === 0) return null;
  const setPacker = (crossId: string, on: boolean): void =>
    edit(
      t('{on} under {cross}', { on: on ? 'packer' : t('no packer'), cross: inner(say.partName(crossId)) }),
      (current) => ({
        ...current,
        frame: {
          ...current.frame,
          packers: [...current.frame.packers.filter((id) => id !== crossId), ...(on ? [crossId] : [])],
        },
      }),
    );
  return (
    <FieldGroup title={t('Where it meets the frame')}>
      {unders.map((crossId) => {
        const own = crossings.filter((crossing) => crossing.crossId === crossId);
        const name = say.partName(crossId);
        const gapM = Math.max(...own.map((crossing) => crossing.gapM));
        return (
          <div key={crossId} className="col-span-2">
            {own.every(({ touches }) => touches) ? (
              <p className="narrow min-h-[24px] text-[14px]">{t('{name}: touches, welded.', { name })}</p>
            ) : (
              <CheckField
                label={t('{name}: {gap} of air; packer between', { name, gap: say.length(gapM) })}
                checked={trailer.frame.packers.includes(crossId)}
                onCommit={(on) => setPacker(crossId, on)}
              />
            )}
          </div>
        );
      })}
      <p className="narrow mute col-span-2 text-[13px]">
        {t(
          'Metal joins only what it touches. A packer is a length of the cross-member’s own stock on end, welded to both.',
        )}
      </p>
    </FieldGroup>
  );
};
