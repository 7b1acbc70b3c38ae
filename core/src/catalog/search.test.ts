import { expect, test } from 'vitest';
import { SECTION_ROWS, searchRank, searchText } from './index.js';

const texts = SECTION_ROWS.map(({ designation, group }) => ({ designation, text: searchText(designation, group) }));
/** What a search finds, best first. */
const found = (search: string): readonly string[] =>
  texts
    .flatMap(({ designation, text }) => {
      const rank = searchRank(text, search);
      return rank === undefined ? [] : [{ designation, rank }];
    })
    .toSorted((a, b) => b.rank - a.rank)
    .map(({ designation }) => designation);

test.each([
  ['3x2 3/16', 'HSS 3 x 2 x 3/16'],
  ['3 x 2 x 3/16', 'HSS 3 x 2 x 3/16'],
  ['2x3 3/16', 'HSS 3 x 2 x 3/16'],
  ['HSS 3 X 2', 'HSS 3 x 2 x 3/16'],
  ['c4x5.4', 'C4 x 5.4'],
])('%s finds %s', (search, name) => {
  expect(found(search).map((own) => own.replaceAll(' ', '').toLowerCase())).toContain(
    name.replaceAll(' ', '').toLowerCase(),
  );
});
test('a size begins at its first digit: 2x1 is not within 12x1, nor 3/16 within 13/16', () => {
  expect(searchRank(searchText('Tube 12 x 1'), '2x1')).toBeUndefined();
  expect(searchRank(searchText('Bar 13/16'), '3/16')).toBeUndefined();
  expect(searchRank(searchText('Tube 2-1/2 x 1/8'), '1/2')).toBeUndefined();
});
test('what is typed half is found, and stands behind what is whole', () => {
  const whole = searchRank(searchText('Tube 50 x 30 x 3'), '50x30');
  const half = searchRank(searchText('Tube 50 x 300 x 3'), '50x30');
  expect(whole).toBeGreaterThan(half ?? 0);
  expect(half).toBeDefined();
});
test('nothing typed finds everything; words may come in any order', () => {
  expect(found('')).toHaveLength(SECTION_ROWS.length);
  expect(found('aluminum 50x50')).toEqual(found('50x50 aluminum'));
  expect(found('aluminum 50x50').length).toBeGreaterThan(0);
});
