import { SHEET_ROWS } from '../catalog/index.js';
import type { SheetFill } from '../project/index.js';
import type { Speaker } from './speak.js';

/** Sheet goods and what else is flat, by the catalog's names. */
export const SHEET_NAMES = Object.fromEntries(SHEET_ROWS.map(({ id, name }) => [id, name])) as Readonly<
  Record<SheetFill['kind'], string>
>;

/** What is cut out of a panel: "cut out 20 in x 16 in, 30 in along, 12 in up". */
export const cutoutsText = (
  cutouts: readonly {
    readonly alongM: number;
    readonly upM: number;
    readonly lengthM: number;
    readonly heightM: number;
  }[],
  say: Pick<Speaker, 'length' | 't' | 'figures'>,
): string =>
  cutouts
    .map(({ alongM, upM, lengthM, heightM }) =>
      say.t('cut out {length} x {height}, {along} along, {up} up', {
        length: say.length(lengthM),
        height: say.length(heightM),
        along: say.length(alongM),
        up: say.length(upM),
      }),
    )
    .join('; ');
