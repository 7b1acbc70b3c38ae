import { inches } from '../../units/index.js';
import { type Fields, isFields, putIn } from './putIn.js';

/** What came in with version 4, as a trailer of version 3 was understood. */
const NEW: readonly (readonly [path: string, value: unknown])[] = [
  ...['rail', 'header', 'cross', 'tongue', 'side'].map((group) => [`frame.groups.${group}.faces`, 'in'] as const),
  ['frame.deck.incised', false],
  ['runningGear.suspension.bracketM', 0],
  ['runningGear.suspension.equaliserM', null],
  ...['towVehicle', 'ownRows.vehicles[].vehicle'].flatMap((vehicle) => [
    [`${vehicle}.maxMassKg`, null] as const,
    [`${vehicle}.likeId`, null] as const,
    [`${vehicle}.rearTopM`, null] as const,
  ]),
  ['tongueBand.enoughKg', null],
  ['cases[].tongueBand.enoughKg', null],
  ['coupling.fitted', true],
  ['coupling.study', null],
  ['coupling.jack.fitted', true],
  ['coupling.jack.swings', false],
];

/** What a new trailer of version 3 said of its rails without anybody's having measured it, m: 24-1/4 in and 615 mm. */
const NOBODYS_M: readonly unknown[] = [inches(24.25), 0.615];

/** The height that version 3 drew counts as measured where it is not the one that every new trailer came with. */
const withMeasured = (design: Fields): Fields => {
  const gear = design['runningGear'];
  if (!isFields(gear) || Object.hasOwn(gear, 'measuredRailTopM')) return design;
  const { railTopHeightM, ...rest } = gear;
  const measuredRailTopM = railTopHeightM === undefined || NOBODYS_M.includes(railTopHeightM) ? null : railTopHeightM;
  return { ...design, runningGear: { ...rest, measuredRailTopM } };
};

/** Europe's limits as version 3 wrote them out, and as they are: a trailer that went by them goes on doing so. */
const EUROPE_3 = { minShare: 0.04, maxShare: 0.07, minKg: null, maxKg: 100, enoughKg: null };
const EUROPE_4 = { minShare: 0.04, maxShare: 0.15, minKg: null, maxKg: null, enoughKg: 25 };
const withEurope = (design: Fields): Fields => {
  const band = design['tongueBand'];
  const same = isFields(band) && Object.entries(EUROPE_3).every(([name, value]) => band[name] === value);
  return same ? { ...design, tongueBand: EUROPE_4 } : design;
};

/**
 * Version 4 lets a measured height close the chain of parts that gives it, and says brackets, which way open sections look, what is
 * fitted at all, and the vehicle's greatest mass.
 */
export const toVersion4 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  const filled = NEW.reduce<Fields>((into, [path, value]) => putIn(into, path.split('.'), value) as Fields, design);
  return { ...file, design: withEurope(withMeasured(filled)) };
};
