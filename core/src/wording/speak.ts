import type { Measured } from '../findings/index.js';
import { axleCount } from '../mass/index.js';
import { parsePartId, type PartId, printPartId, type Side, type Trailer } from '../project/index.js';
import { partOfPieceName, pieceName } from './pieceNames.js';
import { printFigure } from './printWorking.js';
import {
  formatDistance,
  formatForce,
  formatGround,
  formatLength,
  formatLoad,
  formatMass,
  formatPercent,
  formatSpeed,
  formatStress,
  formatTorque,
  type LengthStyle,
} from '../units/index.js';

/** Writes numbers as a project wants them, and knows what its parts are called. */
export interface Speaker {
  readonly trailer: Trailer;
  readonly style: LengthStyle;
  length(metres: number): string;
  mass(kg: number): string;
  load(newtons: number): string;
  force(newtons: number): string;
  stress(pascals: number): string;
  torque(newtonMetres: number): string;
  /** no figure where there is none */
  percent(fraction: number | undefined, decimals?: number): string;
  distance(km: number): string;
  speed(metresPerSecond: number): string;
  /** a distance on the ground, in feet or metres */
  ground(metres: number): string;
  /** any figure of a finding, as it is written outside of workings */
  measured(figure: Measured): string;
  caseName(id: string | undefined): string;
  partName(id: string): string;
}

/** Derived cases: the plate's gross, its cargo in these places. */
const GROSS_CASE_NAMES: Readonly<Record<string, string>> = {
  'gross.uniform': 'Full to the plate, spread evenly',
  'gross.forward': 'Full to the plate, as far forward as the tongue allows',
  'gross.rearward': 'Full to the plate, as far back as the tongue allows',
  'gross.dense-front': 'Full to the plate, a dense load in front',
  'gross.dense-rear': 'Full to the plate, a dense load behind',
};

const SIDES: Readonly<Record<Side, string>> = { left: 'Left', right: 'Right' };
const EDGES = { ...SIDES, front: 'Front', rear: 'Rear' } as const;

/** One of the axles by where it stands among the others. */
const axleName = (trailer: Trailer, number: number): string => {
  const count = axleCount(trailer);
  if (count < 2) return 'Axle';
  return number === 1 ? 'Front axle' : number < count ? 'Middle axle' : 'Rear axle';
};
/** "Left wheel", or on several axles "Left wheel, middle axle". */
const onAxle = (what: string, trailer: Trailer, number: number): string =>
  axleCount(trailer) < 2 ? what : `${what}, ${axleName(trailer, number).toLowerCase()}`;

const riserName = ({ line, end }: Extract<PartId, { readonly kind: 'riser' }>): string => {
  if (line === 'middle') return end === 'front' ? 'Upright at the front header' : 'Rear upright of the tongue';
  return `${SIDES[line]} upright at the ${end === 'front' ? 'front header' : 'rail'}`;
};

const packerName = ({ line, under }: Extract<PartId, { readonly kind: 'packer' }>, trailer: Trailer): string => {
  const host = placedName(trailer, under) ?? partNameOf(parsePartId(under), trailer);
  return `${line === 'middle' ? 'Packer' : `${SIDES[line]} packer`} under ${host.toLowerCase()}`;
};

/** By the name it was given, or by its number in the order in which they were put on; those of a piece by what they are in it. */
const ownName = (id: string, what: 'bar' | 'panel', trailer: Trailer): string => {
  const { ownBars, ownPanels } = trailer.frame;
  const all: readonly { readonly id: string; readonly name?: string | undefined }[] =
    what === 'bar' ? ownBars : ownPanels;
  const index = all.findIndex((own) => own.id === id);
  if (index < 0) return partOfPieceName(trailer, id) ?? `A ${what} that was taken off`;
  return all[index]?.name || `${what === 'bar' ? 'Bar' : 'Panel'} ${index + 1}`;
};

/** What the trailer's own parts are called; those of the user by the names that they were given. */
const partNameOf = (part: PartId, trailer: Trailer): string => {
  switch (part.kind) {
    case 'trailer':
      return 'Trailer';
    case 'deck':
      return 'Deck';
    case 'coupler':
      return 'Coupler';
    case 'jack':
      return 'Jack';
    case 'top-plate':
      return 'Plate over the tongue';
    case 'tongue':
      return 'Tongue';
    case 'axles':
      return axleCount(trailer) < 2 ? 'Axle' : 'Axles';
    case 'rail':
      return `${SIDES[part.side]} rail`;
    case 'header':
      return `${EDGES[part.end]} header`;
    case 'cross':
      return `Cross-member ${part.number}`;
    case 'tongue-bar':
      return part.line === 'middle' ? 'Tongue' : `${SIDES[part.line]} tongue leg`;
    case 'side-tube':
      return `${SIDES[part.side]} side tube`;
    case 'riser':
      return riserName(part);
    case 'packer':
      return packerName(part, trailer);
    case 'side-rail':
      return `${EDGES[part.edge]} side rail`;
    case 'board':
      return `${EDGES[part.edge]} board`;
    case 'post':
      return `${EDGES[part.edge]} post ${part.number}`;
    case 'axle':
      return axleName(trailer, part.number);
    case 'springs':
      return onAxle('Springs', trailer, part.number);
    case 'wheel':
    case 'hub':
      return onAxle(`${SIDES[part.side]} wheel`, trailer, part.axle);
    case 'cap':
      return 'End cap';
    case 'gusset':
      return 'Gusset';
    case 'hanger':
      return `Hanger ${part.of.replaceAll('.', ' ')}`;
    case 'splice':
      return 'A splice';
    case 'reinforcement':
      return 'The end of a reinforcement';
    case 'own-bar':
      return ownName(printPartId(part), 'bar', trailer);
    case 'own-panel':
      return ownName(printPartId(part), 'panel', trailer);
    case 'piece':
    case 'spare-wheel':
      return pieceName(trailer, printPartId(part));
    case 'own':
      return part.id;
  }
};

/** Cross-members that stand in a list are numbered from the front as they stand today; the id stays with its bar. */
const placedName = (trailer: Trailer, id: string): string | undefined => {
  const { crossMembers, extras } = trailer.frame;
  const inPlace = [...extras].sort((a, b) => a.xM - b.xM);
  const extra = inPlace.findIndex((candidate) => candidate.id === id);
  if (extra >= 0) return inPlace[extra]?.name ?? `Extra cross-member ${extra + 1}`;
  if (crossMembers.kind !== 'explicit') return undefined;
  const index = [...crossMembers.members].sort((a, b) => a.xM - b.xM).findIndex((member) => member.id === id);
  return index >= 0 ? `Cross-member ${index + 1}` : undefined;
};

export const speaker = (trailer: Trailer): Speaker => {
  const { units, fraction } = trailer.settings;
  const style: LengthStyle = { system: units, denominator: fraction };
  return {
    trailer,
    style,
    length: (metres) => formatLength(metres, style),
    mass: (kg) => formatMass(kg, units),
    load: (newtons) => formatLoad(newtons, units),
    force: (newtons) => formatForce(newtons, units),
    stress: (pascals) => formatStress(pascals, units),
    torque: (newtonMetres) => formatTorque(newtonMetres, units),
    distance: (km) => formatDistance(km, units),
    ground: (metres) => formatGround(metres, units),
    speed: (metresPerSecond) => formatSpeed(metresPerSecond, units),
    percent: (fractionOfOne = Number.NaN, decimals = 1) => formatPercent(fractionOfOne, decimals),
    measured: ({ value, kind }) => {
      switch (kind) {
        case 'mass':
          return formatMass(value, units);
        case 'load':
          return formatLoad(value, units);
        case 'length':
        case 'arm':
          return formatLength(value, style);
        case 'percent':
          return formatPercent(value);
        case 'stress':
          return formatStress(value, units);
        case 'force':
          return formatForce(value, units);
        case 'kilometres':
          return formatDistance(value, units);
        default:
          return printFigure({ value, kind }, units);
      }
    },
    caseName: (id) =>
      trailer.cases.find((candidate) => candidate.id === id)?.name ??
      (id !== undefined && Object.hasOwn(GROSS_CASE_NAMES, id) ? GROSS_CASE_NAMES[id] : undefined) ??
      'any load',
    partName: (id) =>
      // What the user has put on goes by its own name, whatever its id looks like.
      trailer.items.find((item) => item.id === id)?.name ??
      placedName(trailer, id) ??
      partNameOf(parsePartId(id), trailer),
  };
};
