import {
  AXLE_ROWS,
  barProperties,
  COUPLER_ROWS,
  findMaterial,
  formatMassPerLength,
  METALS,
  SECTION_ROWS,
  type SectionRow,
  searchText,
  sourceText,
  type Speaker,
  SPRING_ROWS,
  TIRE_ROWS,
  type Trailer,
} from '@kereta/core';
import type { PickRow } from '../fields/Picker';

const OWN = 'Your own';

/** Rows in the project's own units first, each kind in the order of its list. */
const nearestFirst = <Row extends { readonly metric: boolean }>(
  rows: readonly Row[],
  { settings }: Trailer,
): readonly Row[] => {
  const wanted = settings.units === 'metric';
  return rows.toSorted((a, b) => Number(a.metric !== wanted) - Number(b.metric !== wanted));
};

const density = (trailer: Trailer, materialId: string): number =>
  (findMaterial(trailer, materialId) ?? METALS.find(({ id }) => id === materialId))?.densityKgM3 ?? 0;

/** Weight by length and usual metal of a section: what a choice goes by beside its size. */
const sectionDetail = (trailer: Trailer, row: SectionRow): string => {
  const bar = barProperties(row);
  const metal = findMaterial(trailer, row.usualMaterialId)?.name;
  const weight =
    bar && formatMassPerLength(bar.nominalAreaM2 * density(trailer, row.usualMaterialId), trailer.settings.units);
  return [weight, metal].filter(Boolean).join(', ');
};

/** Sections on offer: the project's own rows first, then the yard's list, shapes in the project's units before the others. */
export const sectionRows = (trailer: Trailer): readonly PickRow[] => {
  const row = (section: SectionRow, group: string): PickRow => ({
    id: section.id,
    name: section.designation,
    group,
    detail: sectionDetail(trailer, section),
    search: searchText(section.designation, group, section.family),
  });
  const listed = nearestFirst(
    SECTION_ROWS.map((section) => ({ section, metric: /mm$|EN \d/.test(section.group) })),
    trailer,
  );
  return [
    ...trailer.ownRows.sections.map((section) => row(section, OWN)),
    ...listed.map(({ section }) => row(section, section.group)),
  ];
};

/** What the maker's world calls the class, without what governs. */
const className = (source: Parameters<typeof sourceText>[0]): string =>
  sourceText(source).split(/[;(]/)[0]?.trim() ?? '';

const another = (what: string): PickRow => ({
  id: '',
  name: 'Another one',
  group: 'Not on the list',
  detail: `${what} that you read off it`,
  search: searchText('another one own'),
});

export const axleRows = (trailer: Trailer, say: Speaker): readonly PickRow[] => [
  ...trailer.ownRows.axles.map(({ id, name, axle }) => ({
    id,
    name,
    group: OWN,
    detail: [axle.ratingKg === null ? '' : say.mass(axle.ratingKg), axle.studCircle].filter(Boolean).join(', '),
    search: searchText(name, OWN),
  })),
  ...nearestFirst(
    AXLE_ROWS.map((row) => ({ row, metric: /\bkg\b/.test(row.name) })),
    trailer,
  ).map(({ row }) => ({
    id: row.id,
    name: row.name,
    group: className(row.source),
    detail: `tube ${say.length(row.tubeDiameterM)}, ${row.studCircle}, ${say.mass(row.massKg)}`,
    search: searchText(row.name, row.suspension, row.studCircle),
  })),
  another('rating and sizes'),
];

export const tireRows = (trailer: Trailer, say: Speaker): readonly PickRow[] => [
  ...trailer.ownRows.tires.map(({ id, name, tire }) => ({
    id,
    name,
    group: OWN,
    detail: tire.maxLoadKg === null ? '' : `${say.mass(tire.maxLoadKg)} each`,
    search: searchText(name, OWN),
  })),
  ...TIRE_ROWS.map((row) => ({
    id: row.id,
    name: row.name,
    group: `On rims of ${say.length(row.rimM)}`,
    detail: `${say.mass(row.maxLoadKg)} each at ${row.pressure}, ${say.length(row.diameterM)} high, ${say.mass(row.assemblyMassKg)} with its wheel`,
    search: searchText(row.name, row.passenger ? 'passenger' : 'trailer'),
  })),
  another('load and sizes'),
];

export const springRows = (say: Speaker): readonly PickRow[] => [
  ...SPRING_ROWS.map((row) => ({
    id: row.id,
    name: row.name,
    group: row.kind === 'slipper' ? 'Slipper springs' : 'Springs with two eyes',
    detail: `${row.leaves} leaves ${say.length(row.leafWidthM)} × ${say.length(row.leafThicknessM)}, arch ${say.length(row.freeArchM)}`,
    search: searchText(row.name, row.kind === 'slipper' ? 'slipper' : 'double eye'),
  })),
  another('sizes'),
];

/** Nothing couples: a cart that is pulled by hand. */
export const NO_COUPLER = 'none';

export const couplerRows = (trailer: Trailer, say: Speaker): readonly PickRow[] => [
  ...nearestFirst(
    COUPLER_ROWS.map((row) => ({ row, metric: /\bkg\b/.test(row.name) })),
    trailer,
  ).map(({ row }) => ({
    id: row.id,
    name: row.name,
    group: className(row.source),
    detail: [row.ballDiameterM > 0 ? `ball ${say.length(row.ballDiameterM)}` : '', say.mass(row.massKg)]
      .filter(Boolean)
      .join(', '),
    search: searchText(row.name, row.kind, row.fits),
  })),
  another('stamp'),
  {
    id: NO_COUPLER,
    name: 'None: pulled by hand',
    group: 'Not on the list',
    detail: 'no coupler, no jack',
    search: searchText('none pulled by hand'),
  },
];
