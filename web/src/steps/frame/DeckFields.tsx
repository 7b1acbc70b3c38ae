import { DECK_ROWS, DECK_SEAT_NAMES, deckLay, SHEET_SIZES, wholeSheetLengthM } from '@kereta/core';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { CutoutFields } from './body/CutoutFields';
import { QuantityField } from '../../fields/QuantityField';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const SEATS = optionsIn(DECK_SEAT_NAMES);

const LAID = [
  { value: 'across', text: t('Across the trailer') },
  { value: 'along', text: t('Along the trailer') },
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
        label={t('Of sheets')}
        value={sheet ? (size?.id ?? 'own') : 'none'}
        options={[
          { value: 'none', text: t('Not said') },
          ...own,
          ...sizes.map(({ id, name }) => ({ value: id, text: name })),
        ]}
        {...(lay ? { hint: t('{count} of them', { count: lay.count }) } : {})}
        onCommit={(id) => {
          const chosen = SHEET_SIZES.find((candidate) => candidate.id === id);
          if (chosen)
            set(t('deck of {name} sheets', { name: chosen.name }), {
              sheet: { lengthM: chosen.lengthM, widthM: chosen.widthM, laid: sheet?.laid ?? 'across' },
            });
          else if (id === 'none') set(t('deck’s sheets not said'), { sheet: null });
        }}
      />
      {sheet && (
        <SelectField
          label={t('Their length lies')}
          value={sheet.laid}
          options={LAID}
          onCommit={(laid) => set(t('sheets {laid} the trailer', { laid }), { sheet: { ...sheet, laid } })}
        />
      )}
      {wholeM !== undefined && Math.abs(wholeM - bed.lengthM) > 0.001 && (
        <div className="col-span-2 flex items-center justify-between gap-3">
          <p className="text-[13px]">{t('Whole sheets give a bed {whole} long.', { whole: say.length(wholeM) })}</p>
          <button
            type="button"
            className="button"
            onClick={() =>
              setBed(t('bed {whole} long, of whole sheets', { whole: say.length(wholeM) }), { lengthM: wholeM })
            }
          >
            {t('Make it so')}
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
    <FieldGroup title={t('Deck')}>
      <SelectField
        label={t('Deck of')}
        value={deck.kind}
        options={[
          { value: 'none', text: t('No deck') },
          ...DECK_ROWS.map(({ id, name }) => ({ value: id, text: name })),
        ]}
        onCommit={(kind) => {
          const row = DECK_ROWS.find(({ id }) => id === kind);
          set(t('deck'), { kind: kind, thicknessM: row?.usualThicknessM ?? deck.thicknessM });
        }}
      />
      <QuantityField
        label={t('Thickness')}
        kind="length"
        value={deck.thicknessM}
        of="frame.deck.thicknessM"
        onCommit={(thicknessM) => set(t('deck thickness'), { thicknessM })}
      />
      <SelectField
        label={t('Where it lies')}
        value={deck.seat}
        options={SEATS}
        onCommit={(seat) => set(t('deck seat'), { seat: seat })}
      />
      {deck.kind !== 'none' && deck.kind !== 'planks' && <SheetFields />}
      {deck.kind !== 'none' && (
        <CutoutFields
          openings={deck.cutouts}
          path="frame.deck.cutouts"
          cutIn="flat"
          onCommit={(said, cutouts) => set(t('deck: {said}', { said }), { cutouts: [...cutouts] })}
        />
      )}
      {deck.kind === 'planks' && (
        <div className="col-span-2">
          <CheckField
            label={t('Boards are incised (slit for treating)')}
            checked={deck.incised}
            onCommit={(incised) => set(incised ? t('incised boards') : t('plain boards'), { incised })}
          />
        </div>
      )}
      {deck.kind !== 'none' && (
        <>
          <QuantityField
            label={t('Hardest wheel or post on it')}
            kind="mass"
            value={deckPoint.massKg}
            of="strength.deckPoint.massKg"
            hint={t('A person is looked at anyway')}
            onCommit={(massKg) => setPoint(t('wheel on the deck'), { massKg })}
            onClear={() => setPoint(t('no wheel on the deck'), { massKg: null })}
          />
          {deckPoint.massKg !== null && (
            <QuantityField
              label={t('Presses on a square of')}
              kind="length"
              value={deckPoint.patchM}
              of="strength.deckPoint.patchM"
              onCommit={(patchM) => setPoint(t('square it presses on'), { patchM })}
            />
          )}
        </>
      )}
    </FieldGroup>
  );
};
