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
import { figures, t, voice } from '../fields/language/t';
import { metalName } from '../fields/metalName';

const OWN = t('Your own');

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
  const metal = metalName(trailer, row.usualMaterialId);
  const weight =
    bar &&
    figures(formatMassPerLength(bar.nominalAreaM2 * density(trailer, row.usualMaterialId), trailer.settings.units));
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
    ...listed.map(({ section }) => row(section, voice.name(section.group))),
  ];
};

/** What the maker's world calls the class, without what governs. */
const className = (source: Parameters<typeof sourceText>[0]): string =>
  sourceText(source, voice).split(/[;(]/)[0]?.trim() ?? '';

const another = (what: string): PickRow => ({
  id: '',
  name: t('Another one'),
  group: t('Not on the list'),
  detail: t('{what} that you read off it', { what }),
  search: searchText(t('another one own')),
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
    detail: t('tube {tubeDiameter}, {studCircle}, {mass}', {
      tubeDiameter: say.length(row.tubeDiameterM),
      studCircle: row.studCircle,
      mass: say.mass(row.massKg),
    }),
    search: searchText(row.name, row.suspension, row.studCircle),
  })),
  another(t('rating and sizes')),
];

export const tireRows = (trailer: Trailer, say: Speaker): readonly PickRow[] => [
  ...trailer.ownRows.tires.map(({ id, name, tire }) => ({
    id,
    name,
    group: OWN,
    detail: tire.maxLoadKg === null ? '' : t('{maxLoad} each', { maxLoad: say.mass(tire.maxLoadKg) }),
    search: searchText(name, OWN),
  })),
  ...TIRE_ROWS.map((row) => ({
    id: row.id,
    name: row.name,
    group: t('On rims of {rim}', { rim: say.length(row.rimM) }),
    detail: t('{maxLoad} each at {pressure}, {diameter} high, {assemblyMass} with its wheel', {
      maxLoad: say.mass(row.maxLoadKg),
      pressure: row.pressure,
      diameter: say.length(row.diameterM),
      assemblyMass: say.mass(row.assemblyMassKg),
    }),
    search: searchText(row.name, row.passenger ? 'passenger' : 'trailer'),
  })),
  another(t('load and sizes')),
];

export const springRows = (say: Speaker): readonly PickRow[] => [
  ...SPRING_ROWS.map((row) => ({
    id: row.id,
    name: row.name,
    group: row.kind === 'slipper' ? t('Slipper springs') : t('Springs with two eyes'),
    detail: t('{leaves} leaves {leafWidth} × {leafThickness}, arch {freeArch}', {
      leaves: row.leaves,
      leafWidth: say.length(row.leafWidthM),
      leafThickness: say.length(row.leafThicknessM),
      freeArch: say.length(row.freeArchM),
    }),
    search: searchText(row.name, row.kind === 'slipper' ? 'slipper' : t('double eye')),
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
    detail: [
      row.ballDiameterM > 0 ? t('ball {ballDiameter}', { ballDiameter: say.length(row.ballDiameterM) }) : '',
      say.mass(row.massKg),
    ]
      .filter(Boolean)
      .join(', '),
    search: searchText(row.name, row.kind, row.fits),
  })),
  another('stamp'),
  {
    id: NO_COUPLER,
    name: t('None: pulled by hand'),
    group: t('Not on the list'),
    detail: t('no coupler, no jack'),
    search: searchText(t('none pulled by hand')),
  },
];
