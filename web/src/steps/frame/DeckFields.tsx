import { DECK_ROWS, DECK_SEAT_NAMES, deckLay, optionsOf, SHEET_SIZES, wholeSheetLengthM } from '@kereta/core';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { CutoutFields } from './body/CutoutFields';
import { QuantityField } from '../../fields/QuantityField';

const SEATS = optionsOf(DECK_SEAT_NAMES);

const LAID = [
  { value: 'across', text: 'Across the trailer' },
  { value: 'along', text: 'Along the trailer' },
] as const;

/** Of what sheets the deck is, how they lie, and the bed that whole ones give. */
const SheetFields = () => {
  const { trailer } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const [{ sheet }, set] = useRecord('frame.deck');
  const [bed, setBed] = useRecord('frame.bed');
  const { units } = trailer.settings;
  const sizes = SHEET_SIZES.toSorted((a, b) => Number(b.units === units) - Number(a.units === units));
  const size = SHEET_SIZES.find(({ lengthM, widthM }) => lengthM === sheet?.lengthM && widthM === sheet.widthM);
  const lay = deckLay(trailer, evaluation.chassis);
  const wholeM = wholeSheetLengthM(trailer, evaluation.chassis);
  const own =
    sheet && !size ? [{ value: 'own', text: `${say.length(sheet.widthM)} x ${say.length(sheet.lengthM)}` }] : [];
  return (
    <>
      <SelectField
        label="Of sheets"
        value={sheet ? (size?.id ?? 'own') : 'none'}
        options={[
          { value: 'none', text: 'Not said' },
          ...own,
          ...sizes.map(({ id, name }) => ({ value: id, text: name })),
        ]}
        {...(lay ? { hint: `${lay.count} of them` } : {})}
        onCommit={(id) => {
          const chosen = SHEET_SIZES.find((candidate) => candidate.id === id);
          if (chosen)
            set(`deck of ${chosen.name} sheets`, {
              sheet: { lengthM: chosen.lengthM, widthM: chosen.widthM, laid: sheet?.laid ?? 'across' },
            });
          else if (id === 'none') set('deck’s sheets not said', { sheet: null });
        }}
      />
      {sheet && (
        <SelectField
          label="Their length lies"
          value={sheet.laid}
          options={LAID}
          onCommit={(laid) => set(`sheets ${laid} the trailer`, { sheet: { ...sheet, laid } })}
        />
      )}
      {wholeM !== undefined && Math.abs(wholeM - bed.lengthM) > 0.001 && (
        <div className="col-span-2 flex items-center justify-between gap-3">
          <p className="text-[13px]">Whole sheets give a bed {say.length(wholeM)} long.</p>
          <button
            type="button"
            className="button"
            onClick={() => setBed(`bed ${say.length(wholeM)} long, of whole sheets`, { lengthM: wholeM })}
          >
            Make it so
          </button>
        </div>
      )}
    </>
  );
};

/** What the deck is, where it lies, and the hardest thing that stands on it. */
export const DeckFields = () => {
  const [deck, set] = useRecord('frame.deck');
  const [deckPoint, setPoint] = useRecord('strength.deckPoint');
  return (
    <FieldGroup title="Deck">
      <SelectField
        label="Deck of"
        value={deck.kind}
        options={[{ value: 'none', text: 'No deck' }, ...DECK_ROWS.map(({ id, name }) => ({ value: id, text: name }))]}
        onCommit={(kind) => {
          const row = DECK_ROWS.find(({ id }) => id === kind);
          set('deck', { kind: kind, thicknessM: row?.usualThicknessM ?? deck.thicknessM });
        }}
      />
      <QuantityField
        label="Thickness"
        kind="length"
        value={deck.thicknessM}
        of="frame.deck.thicknessM"
        onCommit={(thicknessM) => set('deck thickness', { thicknessM })}
      />
      <SelectField
        label="Where it lies"
        value={deck.seat}
        options={SEATS}
        onCommit={(seat) => set('deck seat', { seat: seat })}
      />
      {deck.kind !== 'none' && deck.kind !== 'planks' && <SheetFields />}
      {deck.kind !== 'none' && (
        <CutoutFields
          openings={deck.cutouts}
          path="frame.deck.cutouts"
          cutIn="flat"
          onCommit={(said, cutouts) => set(`deck: ${said}`, { cutouts: [...cutouts] })}
        />
      )}
      {deck.kind === 'planks' && (
        <div className="col-span-2">
          <CheckField
            label="Boards are incised (slit for treating)"
            checked={deck.incised}
            onCommit={(incised) => set(incised ? 'incised boards' : 'plain boards', { incised })}
          />
        </div>
      )}
      {deck.kind !== 'none' && (
        <>
          <QuantityField
            label="Hardest wheel or post on it"
            kind="mass"
            value={deckPoint.massKg}
            of="strength.deckPoint.massKg"
            hint="A person is looked at anyway"
            onCommit={(massKg) => setPoint('wheel on the deck', { massKg })}
            onClear={() => setPoint('no wheel on the deck', { massKg: null })}
          />
          {deckPoint.massKg !== null && (
            <QuantityField
              label="Presses on a square of"
              kind="length"
              value={deckPoint.patchM}
              of="strength.deckPoint.patchM"
              onCommit={(patchM) => setPoint('square it presses on', { patchM })}
            />
          )}
        </>
      )}
    </FieldGroup>
  );
};
