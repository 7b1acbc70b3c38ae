import { inches, millimetres } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { SelectField } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';

const EDGES = [
  { value: 'left', text: 'Left wall' },
  { value: 'right', text: 'Right wall' },
  { value: 'front', text: 'Front wall' },
  { value: 'rear', text: 'Rear wall' },
] as const;
type Edge = (typeof EDGES)[number]['value'];

interface Opening {
  readonly id: string;
  readonly alongM: number;
  readonly upM: number;
  readonly lengthM: number;
  readonly heightM: number;
  readonly edge?: Edge;
}

interface CutoutFieldsProps<O extends Opening> {
  readonly openings: readonly O[];
  readonly path: 'frame.pieces.openings' | 'frame.ownPanels.cutouts' | 'frame.deck.cutouts';
  /** with walls to choose from */
  readonly walls: boolean;
  readonly onCommit: (said: string, openings: readonly O[]) => void;
}

const SIZES = [
  { field: 'alongM', label: 'from its front or left' },
  { field: 'upM', label: 'from below or left' },
  { field: 'lengthM', label: 'wide' },
  { field: 'heightM', label: 'high' },
] as const;

/** Doors, windows and wells in flat parts. */
export const CutoutFields = <O extends Opening>({ openings, path, walls, onCommit }: CutoutFieldsProps<O>) => {
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const metric = trailer.settings.units === 'metric';
  const size = (inch: number, mm: number): number => (metric ? millimetres(mm) : inches(inch));
  const change = (said: string, id: string, part: Partial<Opening>): void =>
    onCommit(
      said,
      openings.map((opening) => (opening.id === id ? { ...opening, ...part } : opening)),
    );
  return (
    <>
      {openings.map((opening, i) => (
        <fieldset
          key={opening.id}
          className="col-span-2 grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 pt-2"
          aria-label={`Opening ${i + 1}`}
        >
          {opening.edge !== undefined && (
            <SelectField
              label={`Opening ${i + 1} in`}
              value={opening.edge}
              options={EDGES}
              onCommit={(edge) => change(`opening in the ${edge} wall`, opening.id, { edge })}
            />
          )}
          {SIZES.map(({ field, label }) => (
            <QuantityField
              key={field}
              label={`Opening ${i + 1}, ${label}`}
              kind="length"
              value={opening[field]}
              of={`${path}.${field}`}
              onCommit={(value) => change(`opening ${say.length(value)} ${label}`, opening.id, { [field]: value })}
            />
          ))}
          <button
            type="button"
            className="button self-end"
            onClick={() =>
              onCommit(
                'opening closed',
                openings.filter(({ id }) => id !== opening.id),
              )
            }
          >
            Close it
          </button>
        </fieldset>
      ))}
      <button
        type="button"
        className="button"
        onClick={() => {
          const opening: Opening = {
            id: `opening.${nanoid(6)}`,
            alongM: size(12, 300),
            upM: size(24, 600),
            lengthM: size(20, 500),
            heightM: size(16, 400),
            ...(walls ? { edge: 'left' as const } : {}),
          };
          onCommit('opening cut', [...openings, opening as O]);
        }}
      >
        Add an opening
      </button>
    </>
  );
};
