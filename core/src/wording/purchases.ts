import type {
  LineState,
  LineUnit,
  LineWhat,
  PartCode,
  PriceFrom,
  PriceListProblem,
  PriceRowProblem,
} from '../buying/index.js';
import type { PurchaseGroup } from '../project/index.js';
import { feet, formatArea, formatGas, formatLiquid, formatNumber } from '../units/index.js';
import { lampToBuyText, wireText } from './lights.js';
import type { Speaker } from './speak.js';
import { SHEET_NAMES } from './sheetNames.js';

export const PURCHASE_GROUP_NAMES: Readonly<Record<PurchaseGroup, string>> = {
  metal: 'Bars and plates',
  sheets: 'Deck, sides and skins',
  'running-gear': 'Axle and wheels',
  coupling: 'Coupler and hitch',
  electrics: 'Lights and wire',
  fittings: 'Screws and fittings',
  welding: 'Welding',
  coating: 'Coating',
  papers: 'Papers',
  other: 'What else there is',
};

export const LINE_STATE_NAMES: Readonly<Record<LineState, string>> = {
  'to-buy': 'to buy',
  ordered: 'ordered',
  here: 'here',
  fitted: 'fitted',
};

export const PRICE_FROM_NAMES: Readonly<Record<PriceFrom, string>> = {
  typed: 'typed',
  plan: 'from “Saw and stock”',
  quote: 'as quoted',
};

type Named = Extract<LineWhat, { kind: 'part' }>;
type Say = Pick<Speaker, 'length' | 'mass' | 'trailer'>;

const HANGING: Readonly<Record<string, string>> = { 'double-eye': 'double eye', slipper: 'slipper' };
const TIE_DOWN: Readonly<Record<string, string>> = {
  ring: 'tie-down ring',
  pocket: 'stake pocket',
  track: 'track fitting',
};

const withName = (text: string, named: string): string => (named === '' ? text : `${text}, ${named}`);
const rated = ({ ratedKg }: Named, say: Say, word = 'for at least'): string =>
  ratedKg === undefined ? '' : `, ${word} ${say.mass(ratedKg)}`;
const sized = ({ sizeM }: Named, say: Say, words: (size: string) => string): string =>
  sizeM === undefined ? '' : `, ${words(say.length(sizeM))}`;

const PARTS: Readonly<Record<PartCode, (what: Named, say: Say) => string>> = {
  spindle: (what, say) => `Spindle${rated(what, say)}`,
  hub: (what, say) => withName(`Hub with bearings, seal and cap${rated(what, say)}`, what.named),
  spring: (what, say) =>
    `Leaf spring, ${HANGING[what.named] ?? what.named}${sized(what, say, (size) => `${size} long`)}${rated(what, say)}`,
  hanger: () => 'Spring hanger or shackle with bolts',
  equaliser: (what, say) => `Equaliser with bolts${sized(what, say, (size) => `${size} hole to hole`)}`,
  'u-bolt': (what, say) => `U-bolt with nuts${sized(what, say, (size) => `over a tube of ${size}`)}`,
  shock: () => 'Shock absorber with mounts',
  tire: (what, say) => `Tire${what.named ? ` ${what.named}` : ''}${rated(what, say, 'bears')}`,
  wheel: (what, say) => `${withName('Wheel', what.named)}${rated(what, say, 'bears')}`,
  'spare-wheel': (what) => withName('Spare wheel with tire', what.named),
  'wheel-nut': (what) => withName('Wheel nut', what.named),
  fender: (what, say) => `Fender${sized(what, say, (size) => `for a tire ${size} wide`)}`,
  brake: () => 'Brake with drum',
  coupler: (what, say) =>
    `${what.named || 'Coupler'}${sized(what, say, (size) => `for a ball of ${size}`)}${rated(what, say)}`,
  'coupler-bolt': (what, say) =>
    `Coupler bolt with nut and washers${sized(what, say, (size) => size)}, ${what.named.replace('-', ' ')}`,
  ball: (what, say) => `Ball${sized(what, say, (size) => size)}${rated(what, say)}`,
  'ball-mount': (what, say) => `Ball mount${rated(what, say)}`,
  'safety-chain': (what, say) =>
    `Safety chain${sized(what, say, (size) => `${size} long`)}${rated(what, say, 'breaking at no less than')}`,
  'chain-hook': (what, say) => `Chain hook with latch${rated(what, say, 'breaking at no less than')}`,
  breakaway: () => 'Breakaway switch with battery',
  jack: (what, say) => `Jack with ${what.named || 'foot'}${rated(what, say)}`,
  plug: (what) => (what.named ? `Plug, ${what.named}` : 'Plug: not decided yet which'),
  lamps: (what, say) => `Lamps and reflectors${sized(what, say, (size) => `for a bed ${size} wide`)}`,
  wire: () => 'Stranded wire with loom and clips',
  tape: () => 'Conspicuity tape, red and white',
  'junction-box': () => 'Junction box, sealed, with terminals',
  loom: () => 'Loom over the wires',
  clip: () => 'Clip for the loom, with its screw',
  'fuse-box': ({ named }) => `Fuse box, ${named} ways or more`,
  'main-fuse': ({ named }) => `Main fuse ${named} A with its holder, beside the battery`,
  solar: ({ named }) => `Solar panel ${named} W with its regulator`,
  grommet: () => 'Grommet for a wire hole',
  'deck-screw': () => 'Deck screw',
  'tie-down': (what, say) =>
    `${(TIE_DOWN[what.named] ?? 'Tie-down').replace(/^./, (first) => first.toUpperCase())}${rated(what, say, 'working load')}`,
  stand: () => 'Stand',
  hinge: () => 'Gate hinge',
  latch: () => 'Gate latch',
  'gate-chain': () => 'Gate chain',
  'weld-wire': ({ named }) => `Welding wire for ${named}`,
  gas: () => 'Shielding gas',
  'cutting-disc': () => 'Cutting disc',
  'flap-disc': () => 'Flap disc',
  primer: ({ named }) => withName('Primer', named),
  paint: ({ named }) => withName('Paint', named),
  'powder-coat': () => 'Blasting and powder coating, by the area outside',
  galvanizing: () => 'Hot-dip galvanizing, by the weight of the steel',
  'isolating-tape': () => 'Tape between aluminum and steel',
  sealer: () => 'Sealer for the wood of the deck',
  'plate-and-papers': () => 'Plate, inspection and registration',
  weighing: () => 'Weighing',
};

/** What a line of the purchase list is called. */
export const purchaseName = (what: LineWhat, say: Say): string => {
  switch (what.kind) {
    case 'stick':
      return `${what.designation}, ${say.length(what.lengthM)}${what.toSize ? ', sawn to size' : ''}, ${what.materialName}`;
    case 'plate':
      return `Plate ${say.length(what.thicknessM)}, ${what.materialName}, ${say.length(what.sheet.widthM)} x ${say.length(what.sheet.lengthM)}`;
    case 'sheet': {
      const size = what.sheet ? `, sheet of ${say.length(what.sheet.widthM)} x ${say.length(what.sheet.lengthM)}` : '';
      return `${SHEET_NAMES[what.of]} ${say.length(what.thicknessM)}${size}`;
    }
    case 'axle':
      return [
        what.name || 'Axle',
        what.ratingKg === null ? 'rating not read yet' : `rated ${say.mass(what.ratingKg)}`,
        `hub face ${say.length(what.hubFaceM)}`,
        ...(what.springCentresM === undefined ? [] : [`spring centres ${say.length(what.springCentresM)}`]),
        `tube ${say.length(what.tubeDiameterM)}`,
        ...(what.studCircle ? [what.studCircle] : []),
        ...(Math.abs(what.dropM) > 1e-6 ? [`drop ${say.length(what.dropM)}`] : []),
        ...(what.brakes ? ['with brakes'] : []),
      ].join(', ');
    case 'axle-tube':
      return `Axle tube ${say.length(what.diameterM)} x ${say.length(what.wallM)}, cut to fit hub faces ${say.length(what.lengthM)} apart`;
    case 'part':
      return PARTS[what.part](what, say);
    case 'lamp':
      return lampToBuyText(what);
    case 'battery':
      return `Battery, ${what.of === 'lead' ? 'lead, deep cycle' : 'lithium iron phosphate'}, ${what.ampereHours === null ? 'size not decided yet' : `${formatNumber(what.ampereHours, 0)} Ah`}`;
    case 'wire':
      return `Stranded wire, ${wireText({ wire: what })}`;
    case 'own':
      return what.text;
  }
};

/** So much of something: "4", "12.5 m2" or "135 sq ft". */
export const amountText = (
  amount: number,
  unit: LineUnit,
  say: Pick<Speaker, 'length' | 'mass' | 'trailer'>,
): string => {
  const { units } = say.trailer.settings;
  switch (unit) {
    case 'piece':
      return String(Math.round(amount * 100) / 100);
    case 'm': {
      // Bought off a roll: whole feet or metres.
      const step = units === 'imperial' ? feet(1) : 1;
      return say.length(Math.ceil(amount / step - 1e-9) * step);
    }
    case 'kg':
      return say.mass(amount);
    case 'm2':
      return formatArea(amount, units);
    case 'liquid':
      return formatLiquid(amount, units);
    case 'gas':
      return formatGas(amount, units);
  }
};

const ROW_PROBLEMS: Readonly<Record<PriceRowProblem['code'], (found: string) => string>> = {
  'no-name': () => 'has no name',
  'no-price': (found) => `has no price that can be read (${found})`,
  negative: (found) => `has a price below nothing (${found})`,
  'too-large': (found) => `has a price that is too large to be one (${found})`,
  'bad-length': (found) => `has a length that is none (${found})`,
  'unknown-unit': (found) => `is priced by ${found}, which Kereta does not know`,
  'bad-stock': (found) => `says how many there are in a way that cannot be read (${found})`,
};

/** Why a row of a price list is left out. */
export const priceRowSentence = ({ row, name, code, found }: PriceRowProblem): string =>
  `Row ${row}${name ? `, ${name},` : ''} ${ROW_PROBLEMS[code](found)}: left out.`;

const LIST_PROBLEMS: Readonly<Record<PriceListProblem['code'], (path: string) => string>> = {
  'not-json': () => 'The yard answered something that is no list of prices.',
  'not-a-list': (path) => `The yard’s answer has no usable “${path || 'items'}”.`,
  empty: () => 'There is no row under the headings.',
  'too-long': () => 'The list has more than 5000 rows.',
};
export const priceListSentence = ({ code, path }: PriceListProblem): string =>
  `${LIST_PROBLEMS[code](path)} No price was changed.`;
