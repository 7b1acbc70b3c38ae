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
  /** where they are cut: which wall is asked for, and an opening is told from its edges, as the place has them */
  readonly cutIn: 'walls' | 'flat' | 'along' | 'across';
  readonly onCommit: (said: string, openings: readonly O[]) => void;
}

const SIZES = ['alongM', 'upM', 'lengthM', 'heightM'] as const;
/** What each size of an opening is called where it is cut. */
const NAMES: Readonly<Record<CutoutFieldsProps<Opening>['cutIn'], Readonly<Record<(typeof SIZES)[number], string>>>> = {
  walls: { alongM: 'from the wall’s front or left end', upM: 'above the deck', lengthM: 'wide', heightM: 'high' },
  flat: { alongM: 'from the front edge', upM: 'from the left edge', lengthM: 'long', heightM: 'wide' },
  along: { alongM: 'from the front edge', upM: 'from the lower edge', lengthM: 'wide', heightM: 'high' },
  across: { alongM: 'from the left edge', upM: 'from the lower edge', lengthM: 'wide', heightM: 'high' },
};

/** Doors, windows and wells in flat parts. */
export const CutoutFields = <O extends Opening>({ openings, path, cutIn, onCommit }: CutoutFieldsProps<O>) => {
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
          {SIZES.map((field) => (
            <QuantityField
              key={field}
              label={`Opening ${i + 1}, ${NAMES[cutIn][field]}`}
              kind="length"
              value={opening[field]}
              of={`${path}.${field}`}
              onCommit={(value) =>
                change(`opening ${say.length(value)} ${NAMES[cutIn][field]}`, opening.id, { [field]: value })
              }
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
        className="button self-end"
        onClick={() => {
          const opening: Opening = {
            id: `opening.${nanoid(6)}`,
            alongM: size(12, 300),
            upM: size(24, 600),
            lengthM: size(20, 500),
            heightM: size(16, 400),
            ...(cutIn === 'walls' ? { edge: 'left' as const } : {}),
          };
          onCommit('opening cut', [...openings, opening as O]);
        }}
      >
        Add an opening
      </button>
    </>
  );
};
