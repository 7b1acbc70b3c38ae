import type { Measured } from '../findings/index.js';
import { axleCount } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
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
  'gross.front': 'Full to the plate, all on the front half',
  'gross.rear': 'Full to the plate, all on the rear half',
  'gross.middle': 'Full to the plate, all in the middle',
};

const FIXED_NAMES: Readonly<Record<string, string>> = {
  trailer: 'Trailer',
  'rail.left': 'Left rail',
  'rail.right': 'Right rail',
  'header.front': 'Front header',
  'header.rear': 'Rear header',
  tongue: 'Tongue',
  'tongue.left': 'Left tongue leg',
  'tongue.right': 'Right tongue leg',
  'tongue.middle': 'Tongue',
  'tongue.side.left': 'Left side tube',
  'tongue.side.right': 'Right side tube',
  'tongue.riser.middle.front': 'Upright at the front header',
  'tongue.riser.middle.rear': 'Rear upright of the tongue',
  'tongue.riser.left.front': 'Left upright at the front header',
  'tongue.riser.left.rear': 'Left upright at the rail',
  'tongue.riser.right.front': 'Right upright at the front header',
  'tongue.riser.right.rear': 'Right upright at the rail',
  'top-plate': 'Plate over the tongue',
  deck: 'Deck',
  coupler: 'Coupler',
  jack: 'Jack',
  'axle.1': 'Axle',
  'axle.2': 'Rear axle',
  'axle.3': 'Rear axle',
  'board.left': 'Left board',
  'board.right': 'Right board',
  'board.front': 'Front board',
  'board.rear': 'Rear board',
  'side.left': 'Left side rail',
  'side.right': 'Right side rail',
  'side.front': 'Front side rail',
};

const crossName = (trailer: Trailer, id: string): string | undefined => {
  const { crossMembers, extras } = trailer.frame;
  const extra = extras.findIndex((candidate) => candidate.id === id);
  if (extra >= 0) return extras[extra]?.name ?? `Extra cross-member ${extra + 1}`;
  if (crossMembers.kind === 'explicit') {
    // Numbered from the front as they stand today; the id stays with its bar.
    const inOrder = [...crossMembers.members].sort((a, b) => a.xM - b.xM);
    const index = inOrder.findIndex((member) => member.id === id);
    return index >= 0 ? `Cross-member ${index + 1}` : undefined;
  }
  const number = /^cross\.(\d+)$/.exec(id)?.[1];
  return number ? `Cross-member ${number}` : undefined;
};

const axlePartName = (id: string): string | undefined => {
  const match = /^(axle\.[12])\.(springs|wheel\.(left|right))$/.exec(id);
  if (!match) return undefined;
  return match[3]
    ? `${match[3] === 'left' ? 'Left' : 'Right'} wheel${match[1] === 'axle.2' ? ', rear axle' : ''}`
    : `Springs${match[1] === 'axle.2' ? ', rear axle' : ''}`;
};

const postName = (id: string): string | undefined => {
  const match = /^post\.(left|right)\.(\d+)$/.exec(id);
  return match ? `${match[1] === 'left' ? 'Left' : 'Right'} post ${match[2]}` : undefined;
};

const plateName = (id: string): string | undefined =>
  id.startsWith('cap.') ? 'End cap' : id.startsWith('gusset.') ? 'Gusset' : undefined;

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
      trailer.cases.find((candidate) => candidate.id === id)?.name ?? GROSS_CASE_NAMES[id ?? ''] ?? 'any load',
    partName: (id) => {
      if (id === 'axle.1' && axleCount(trailer) > 1) return 'Front axle';
      if (id === 'axle.2' && axleCount(trailer) === 3) return 'Middle axle';
      const hanger = /^hanger\.(\d)$/.exec(id)?.[1];
      return (
        FIXED_NAMES[id] ??
        crossName(trailer, id) ??
        trailer.items.find((item) => item.id === id)?.name ??
        axlePartName(id) ??
        postName(id) ??
        plateName(id) ??
        (hanger ? `Hanger ${hanger}` : id)
      );
    },
  };
};
