import { inches, type Item, pounds, type Trailer } from '@kereta/core';
import { nanoid } from 'nanoid';
import { USUAL_DOUBT } from './usualDoubt';
import { t } from '../../fields/language/t';

/** In round figures of whatever units are shown; its doubt is that of a guess. */
export const freshItem = (trailer: Trailer): Item => {
  const metric = trailer.settings.units === 'metric';
  const massKg = metric ? 100 : pounds(200);
  const size = (inch: number, mm: number): number => (metric ? mm / 1000 : inches(inch));
  return {
    id: `item.${nanoid(8)}`,
    name: t('New load'),
    kind: 'cargo',
    massKg: { value: massKg, basis: 'guessed', tolerance: massKg * USUAL_DOUBT.guessed },
    emptyMassKg: 0,
    wheels: null,
    sizeM: { lengthM: size(24, 600), widthM: size(24, 600), heightM: size(18, 450) },
    attach: {
      on: 'deck',
      from: 'front',
      hostId: null,
      offsetM: { value: trailer.frame.bed.lengthM / 2, basis: 'guessed', tolerance: size(2, 50) },
      rightM: 0,
      aboveM: 0,
    },
  };
};

/** A case in which something is aboard is one that a further load belongs to as well, until it is said otherwise. */
const carries = ({ items }: Trailer, { aboard }: Trailer['cases'][number]): boolean =>
  aboard.some(({ itemId }) => items.some(({ id, kind }) => id === itemId && kind !== 'fixed'));

/** The cases that a new load is aboard in. */
export const casesFor = (trailer: Trailer): readonly string[] =>
  trailer.cases.filter((own) => carries(trailer, own)).map(({ id }) => id);
