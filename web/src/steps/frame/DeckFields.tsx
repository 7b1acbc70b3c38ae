import { DECK_ROWS, DECK_SEAT_NAMES, optionsOf } from '@kereta/core';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';

const SEATS = optionsOf(DECK_SEAT_NAMES);

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
