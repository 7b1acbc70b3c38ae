import type { Measured } from '../findings/index.js';
import { axleCount } from '../mass/index.js';
import { parsePartId, type PartId, printPartId, type Trailer } from '../project/index.js';
import type { Phrase } from './phrasebook/index.js';
import { ENGLISH, type Voice } from './voice.js';
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
import type { DrawnText, SayDrawn } from '../drawing/index.js';

/** Writes numbers as a project wants them, and knows what its parts are called. */
export interface Speaker extends Voice {
  /** texts of the drawing; each stands in the phrasebook */
  readonly drawn: SayDrawn;
  readonly trailer: Trailer;
  readonly style: LengthStyle;
  /** a name as it stands inside a sentence: without its capital where the language wants that */
  inner(name: string): string;
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
const GROSS_CASE_NAMES = {
  'gross.uniform': 'Full to the plate, spread evenly',
  'gross.forward': 'Full to the plate, as far forward as the tongue allows',
  'gross.rearward': 'Full to the plate, as far back as the tongue allows',
  'gross.dense-front': 'Full to the plate, a dense load in front',
  'gross.dense-rear': 'Full to the plate, a dense load behind',
} as const;
const isGrossCase = (id: string): id is keyof typeof GROSS_CASE_NAMES => Object.hasOwn(GROSS_CASE_NAMES, id);

const SIDE_NAMES = {
  rail: { left: 'Left rail', right: 'Right rail' },
  header: { front: 'Front header', rear: 'Rear header' },
  leg: { left: 'Left tongue leg', right: 'Right tongue leg' },
  sideTube: { left: 'Left side tube', right: 'Right side tube' },
  sideRail: { left: 'Left side rail', right: 'Right side rail', front: 'Front side rail', rear: 'Rear side rail' },
  board: { left: 'Left board', right: 'Right board', front: 'Front board', rear: 'Rear board' },
  post: {
    left: 'Left post {number}',
    right: 'Right post {number}',
    front: 'Front post {number}',
    rear: 'Rear post {number}',
  },
  wheel: { left: 'Left wheel', right: 'Right wheel' },
} as const;
const RISERS = {
  middle: { front: 'Upright at the front header', rear: 'Rear upright of the tongue' },
  left: { front: 'Left upright at the front header', rear: 'Left upright at the rail' },
  right: { front: 'Right upright at the front header', rear: 'Right upright at the rail' },
} as const;
const PACKERS = {
  middle: 'Packer under {host}',
  left: 'Left packer under {host}',
  right: 'Right packer under {host}',
} as const;

/** Names things of one trailer in one language. */
type Namer = Pick<Speaker, 'trailer' | 't' | 'figures' | 'inner'>;

/** One of the axles by where it stands among the others. */
const axleName = ({ trailer, t }: Namer, number: number): string => {
  const count = axleCount(trailer);
  if (count < 2) return t('Axle');
  return number === 1 ? t('Front axle') : number < count ? t('Middle axle') : t('Rear axle');
};
/** "Left wheel", or on several axles "Left wheel, middle axle". */
const onAxle = (what: string, by: Namer, number: number): string =>
  axleCount(by.trailer) < 2 ? what : `${what}, ${by.inner(axleName(by, number))}`;

const packerName = ({ line, under }: Extract<PartId, { readonly kind: 'packer' }>, by: Namer): string =>
  by.t(PACKERS[line], { host: by.inner(placedName(by, under) ?? partNameOf(parsePartId(under), by)) });

/** By the name it was given, or by its number in the order in which they were put on; those of a piece by what they are in it. */
const ownName = (id: string, what: 'bar' | 'panel', by: Namer): string => {
  const { ownBars, ownPanels } = by.trailer.frame;
  const all: readonly { readonly id: string; readonly name?: string | undefined }[] =
    what === 'bar' ? ownBars : ownPanels;
  const index = all.findIndex((own) => own.id === id);
  if (index < 0)
    return (
      partOfPieceName(by, id) ??
      (what === 'bar' ? by.t('A bar that was taken off') : by.t('A panel that was taken off'))
    );
  const number = index + 1;
  return all[index]?.name || (what === 'bar' ? by.t('Bar {number}', { number }) : by.t('Panel {number}', { number }));
};

/** What the trailer's own parts are called; those of the user by the names that they were given. */
const partNameOf = (part: PartId, by: Namer): string => {
  const { trailer, t } = by;
  switch (part.kind) {
    case 'trailer':
      return t('Trailer');
    case 'deck':
      return t('Deck');
    case 'coupler':
      return t('Coupler');
    case 'jack':
      return t('Jack');
    case 'top-plate':
      return t('Plate over the tongue');
    case 'tongue':
      return t('Tongue');
    case 'axles':
      return axleCount(trailer) < 2 ? t('Axle') : t('Axles');
    case 'rail':
      return t(SIDE_NAMES.rail[part.side]);
    case 'header':
      return t(SIDE_NAMES.header[part.end]);
    case 'cross':
      return t('Cross-member {number}', { number: part.number });
    case 'tongue-bar':
      return part.line === 'middle' ? t('Tongue') : t(SIDE_NAMES.leg[part.line]);
    case 'side-tube':
      return t(SIDE_NAMES.sideTube[part.side]);
    case 'riser':
      return t(RISERS[part.line][part.end]);
    case 'packer':
      return packerName(part, by);
    case 'side-rail':
      return t(SIDE_NAMES.sideRail[part.edge]);
    case 'board':
      return t(SIDE_NAMES.board[part.edge]);
    case 'post':
      return t(SIDE_NAMES.post[part.edge], { number: part.number });
    case 'axle':
      return axleName(by, part.number);
    case 'springs':
      return onAxle(t('Springs'), by, part.number);
    case 'wheel':
    case 'hub':
      return onAxle(t(SIDE_NAMES.wheel[part.side]), by, part.axle);
    case 'cap':
      return t('End cap');
    case 'gusset':
      return t('Gusset');
    case 'hanger':
      return t('Hanger {which}', { which: part.of.replaceAll('.', ' ') });
    case 'splice':
      return t('A splice');
    case 'reinforcement':
      return t('The end of a reinforcement');
    case 'own-bar':
      return ownName(printPartId(part), 'bar', by);
    case 'own-panel':
      return ownName(printPartId(part), 'panel', by);
    case 'piece':
    case 'spare-wheel':
      return pieceName(by, printPartId(part));
    case 'own':
      return part.id;
  }
};

/** Cross-members that stand in a list are numbered from the front as they stand today; the id stays with its bar. */
const placedName = ({ trailer, t }: Namer, id: string): string | undefined => {
  const { crossMembers, extras } = trailer.frame;
  const inPlace = [...extras].sort((a, b) => a.xM - b.xM);
  const extra = inPlace.findIndex((candidate) => candidate.id === id);
  if (extra >= 0) return inPlace[extra]?.name ?? t('Extra cross-member {number}', { number: extra + 1 });
  if (crossMembers.kind !== 'explicit') return undefined;
  const index = [...crossMembers.members].sort((a, b) => a.xM - b.xM).findIndex((member) => member.id === id);
  return index >= 0 ? t('Cross-member {number}', { number: index + 1 }) : undefined;
};

export const speaker = (trailer: Trailer, voice: Voice = ENGLISH): Speaker => {
  const { language, t, figures } = voice;
  const { units, fraction } = trailer.settings;
  const style: LengthStyle = { system: units, denominator: fraction };
  // Which of the texts it is, and so what fills it in, cannot be followed from here.
  const sayDrawn = t as (text: Phrase & DrawnText, fill: Readonly<Record<string, string>>) => string;
  const inner = (name: string): string => (language === 'en' ? name.toLowerCase() : name);
  const by: Namer = { trailer, t, figures, inner };
  return {
    ...voice,
    trailer,
    style,
    inner,
    drawn: (text, fill) => sayDrawn(text satisfies Phrase, fill),
    length: (metres) => figures(formatLength(metres, style)),
    mass: (kg) => figures(formatMass(kg, units)),
    load: (newtons) => figures(formatLoad(newtons, units)),
    force: (newtons) => figures(formatForce(newtons, units)),
    stress: (pascals) => figures(formatStress(pascals, units)),
    torque: (newtonMetres) => figures(formatTorque(newtonMetres, units)),
    distance: (km) => figures(formatDistance(km, units)),
    ground: (metres) => figures(formatGround(metres, units)),
    speed: (metresPerSecond) => figures(formatSpeed(metresPerSecond, units)),
    percent: (fractionOfOne = Number.NaN, decimals = 1) => figures(formatPercent(fractionOfOne, decimals)),
    measured: ({ value, kind }) => {
      switch (kind) {
        case 'mass':
          return figures(formatMass(value, units));
        case 'load':
          return figures(formatLoad(value, units));
        case 'length':
        case 'arm':
          return figures(formatLength(value, style));
        case 'percent':
          return figures(formatPercent(value));
        case 'stress':
          return figures(formatStress(value, units));
        case 'force':
          return figures(formatForce(value, units));
        case 'kilometres':
          return figures(formatDistance(value, units));
        default:
          return figures(printFigure({ value, kind }, units));
      }
    },
    caseName: (id) =>
      trailer.cases.find((candidate) => candidate.id === id)?.name ??
      (id !== undefined && isGrossCase(id) ? t(GROSS_CASE_NAMES[id]) : undefined) ??
      t('any load'),
    partName: (id) =>
      // What the user has put on goes by its own name, whatever its id looks like.
      trailer.items.find((item) => item.id === id)?.name ?? placedName(by, id) ?? partNameOf(parsePartId(id), by),
  };
};
