import { inches, millimetres } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { SelectField } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';
import { t } from '../../../fields/language/t';

const EDGES = [
  { value: 'left', text: t('Left wall') },
  { value: 'right', text: t('Right wall') },
  { value: 'front', text: t('Front wall') },
  { value: 'rear', text: t('Rear wall') },
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
  walls: { alongM: t('from the wall’s front or left end'), upM: t('above the deck'), lengthM: 'wide', heightM: 'high' },
  flat: { alongM: t('from the front edge'), upM: t('from the left edge'), lengthM: 'long', heightM: 'wide' },
  along: { alongM: t('from the front edge'), upM: t('from the lower edge'), lengthM: 'wide', heightM: 'high' },
  across: { alongM: t('from the left edge'), upM: t('from the lower edge'), lengthM: 'wide', heightM: 'high' },
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
          aria-label={t('Opening {i}', { i: i + 1 })}
        >
          {opening.edge !== undefined && (
            <SelectField
              label={t('Opening {i} in', { i: i + 1 })}
              value={opening.edge}
              options={EDGES}
              onCommit={(edge) => change(t('opening in the {edge} wall', { edge }), opening.id, { edge })}
            />
          )}
          {SIZES.map((field) => (
            <QuantityField
              key={field}
              label={t('Opening {i}, {names}', { i: i + 1, names: NAMES[cutIn][field] })}
              kind="length"
              value={opening[field]}
              of={`${path}.${field}`}
              onCommit={(value) =>
                change(
                  t('opening {value} {names}', { value: say.length(value), names: NAMES[cutIn][field] }),
                  opening.id,
                  { [field]: value },
                )
              }
            />
          ))}
          <button
            type="button"
            className="button self-end"
            onClick={() =>
              onCommit(
                t('opening closed'),
                openings.filter(({ id }) => id !== opening.id),
              )
            }
          >
            {t('Close it')}
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
          onCommit(t('opening cut'), [...openings, opening as O]);
        }}
      >
        {t('Add an opening')}
      </button>
    </>
  );
};
