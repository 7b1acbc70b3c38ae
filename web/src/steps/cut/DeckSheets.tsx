import { type Chassis, deckLay, type Speaker, type Trailer } from '@kereta/core';
import { Sized } from '../../fields/Sized';
import { t } from '../../fields/language/t';

interface DeckSheetsProps {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
  readonly say: Speaker;
  /** of the table that it is a row of */
  readonly columns: number;
}

/** Whole sheets to buy for the deck, where somebody has said of which it is. */
export const DeckSheets = ({ trailer, chassis, say, columns }: DeckSheetsProps) => {
  const { sheet } = trailer.frame.deck;
  const lay = deckLay(trailer, chassis);
  if (!sheet || !lay) return null;
  return (
    <tr className="border-t border-base-300">
      <td className="py-1" colSpan={columns}>
        {t('Deck: {count} of', { count: lay.count === 1 ? t('one sheet') : t('{count} sheets', { count: lay.count }) })}{' '}
        <Sized>{say.length(sheet.widthM)}</Sized> x <Sized>{say.length(sheet.lengthM)}</Sized>
      </td>
    </tr>
  );
};
