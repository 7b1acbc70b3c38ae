import { type Design, FILE_FORMAT, type Project, SCHEMA_VERSION, type Settings } from './schema.js';
import { type PricesPerKg, pricesPerKg } from './record.js';

/**
 * The trailer in one state, as every stage works on it: the design with what it is told and judged by. The record is not in it, so that
 * a page of the log does not set an analysis going; of it only the prices are, by value.
 */
export type Trailer = Design & {
  readonly id: string;
  readonly settings: Settings;
  readonly pricesPerKg: PricesPerKg;
  /** by group of its own parts, so many times as heavy as drawn: what a scale found; never of the trailer as designed */
  readonly massFactors?: Readonly<Record<string, number>>;
};

const kept = new WeakMap<Project, Trailer>();
/** The last trailer of a design: a record that grows without a new price gives the very same one. */
const keptOfDesign = new WeakMap<Design, Trailer>();

const samePrices = (a: PricesPerKg, b: PricesPerKg): boolean => a.steel === b.steel && a.aluminum === b.aluminum;

/** The trailer as designed. One value for one project: what is worked out of it can be kept by identity. */
export const trailerOf = (project: Project): Trailer => {
  const known = kept.get(project);
  if (known) return known;
  const prices = pricesPerKg(project.record);
  const before = keptOfDesign.get(project.design);
  const trailer =
    before && before.id === project.id && before.settings === project.settings && samePrices(before.pricesPerKg, prices)
      ? before
      : { ...project.design, id: project.id, settings: project.settings, pricesPerKg: prices };
  kept.set(project, trailer);
  keptOfDesign.set(project.design, trailer);
  return trailer;
};

/** The design of a trailer: what is not design falls away, so that a whole trailer may be handed back where a design is wanted. */
export const designOf = (trailer: Design | Trailer): Design => {
  const { id: _id, settings: _settings, pricesPerKg: _prices, massFactors: _factors, ...design } = trailer;
  return design;
};

export const withDesign = (project: Project, design: Design | Trailer): Project => ({
  ...project,
  design: designOf(design),
});

/** A trailer as a project of its own, with nothing recorded yet. */
export const asProject = (trailer: Trailer): Project => ({
  format: FILE_FORMAT,
  schemaVersion: SCHEMA_VERSION,
  id: trailer.id,
  design: designOf(trailer),
  settings: trailer.settings,
  record: { entries: [] },
});
