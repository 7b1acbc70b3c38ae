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
import { ENGLISH, type Says } from './voice.js';

export const PURCHASE_GROUP_NAMES = {
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
} as const satisfies Readonly<Record<PurchaseGroup, string>>;

export const LINE_STATE_NAMES = {
  'to-buy': 'to buy',
  ordered: 'ordered',
  here: 'here',
  fitted: 'fitted',
} as const satisfies Readonly<Record<LineState, string>>;

export const PRICE_FROM_NAMES = {
  typed: 'typed',
  plan: 'from “Saw and stock”',
  quote: 'as quoted',
} as const satisfies Readonly<Record<PriceFrom, string>>;

type Named = Extract<LineWhat, { kind: 'part' }>;
type Say = Pick<Speaker, 'length' | 'mass' | 'trailer' | 't' | 'name' | 'figures'>;

const HANGING = { 'double-eye': 'double eye', slipper: 'slipper' } as const;
const isHanging = (word: string): word is keyof typeof HANGING => Object.hasOwn(HANGING, word);
const TIE_DOWN = {
  ring: 'Tie-down ring',
  pocket: 'Stake pocket',
  track: 'Track fitting',
} as const;
const isTieDown = (word: string): word is keyof typeof TIE_DOWN => Object.hasOwn(TIE_DOWN, word);

const withName = (text: string, named: string): string => (named === '' ? text : `${text}, ${named}`);
const rated = ({ ratedKg }: Named, say: Say, word = say.t('for at least')): string =>
  ratedKg === undefined ? '' : `, ${word} ${say.mass(ratedKg)}`;
const sized = ({ sizeM }: Named, say: Say, words: (size: string) => string): string =>
  sizeM === undefined ? '' : `, ${words(say.length(sizeM))}`;

const PARTS: Readonly<Record<PartCode, (what: Named, say: Say) => string>> = {
  spindle: (what, say) => say.t('Spindle{what}', { what: rated(what, say) }),
  hub: (what, say) => withName(say.t('Hub with bearings, seal and cap{what}', { what: rated(what, say) }), what.named),
  spring: (what, say) =>
    say.t('Leaf spring, {hanging}{what}{what2}', {
      hanging: isHanging(what.named) ? say.t(HANGING[what.named]) : what.named,
      what: sized(what, say, (size) => say.t('{size} long', { size })),
      what2: rated(what, say),
    }),
  hanger: (_, say) => say.t('Spring hanger or shackle with bolts'),
  equaliser: (what, say) =>
    say.t('Equaliser with bolts{what}', { what: sized(what, say, (size) => say.t('{size} hole to hole', { size })) }),
  'u-bolt': (what, say) =>
    say.t('U-bolt with nuts{what}', { what: sized(what, say, (size) => say.t('over a tube of {size}', { size })) }),
  shock: (_, say) => say.t('Shock absorber with mounts'),
  tire: (what, say) =>
    say.t('Tire{named}{what}', { named: what.named ? ` ${what.named}` : '', what: rated(what, say, say.t('bears')) }),
  wheel: (what, say) => `${withName(say.t('Wheel'), what.named)}${rated(what, say, say.t('bears'))}`,
  'spare-wheel': (what, say) => withName(say.t('Spare wheel with tire'), what.named),
  'wheel-nut': (what, say) => withName(say.t('Wheel nut'), what.named),
  fender: (what, say) =>
    say.t('Fender{what}', { what: sized(what, say, (size) => say.t('for a tire {size} wide', { size })) }),
  brake: (_, say) => say.t('Brake with drum'),
  coupler: (what, say) =>
    `${what.named || say.t('Coupler')}${sized(what, say, (size) => say.t('for a ball of {size}', { size }))}${rated(what, say)}`,
  'coupler-bolt': (what, say) =>
    say.t('Coupler bolt with nut and washers{what}, {grade}', {
      what: sized(what, say, (size) => size),
      grade: what.named.replace('-', ' '),
    }),
  ball: (what, say) => say.t('Ball{what}{what2}', { what: sized(what, say, (size) => size), what2: rated(what, say) }),
  'ball-mount': (what, say) => say.t('Ball mount{what}', { what: rated(what, say) }),
  'safety-chain': (what, say) =>
    say.t('Safety chain{what}{what2}', {
      what: sized(what, say, (size) => say.t('{size} long', { size })),
      what2: rated(what, say, say.t('breaking at no less than')),
    }),
  'chain-hook': (what, say) =>
    say.t('Chain hook with latch{what}', { what: rated(what, say, say.t('breaking at no less than')) }),
  breakaway: (_, say) => say.t('Breakaway switch with battery'),
  jack: (what, say) => say.t('Jack with {named}{what}', { named: what.named || say.t('foot'), what: rated(what, say) }),
  plug: (what, say) =>
    what.named ? say.t('Plug, {named}', { named: what.named }) : say.t('Plug: not decided yet which'),
  lamps: (what, say) =>
    say.t('Lamps and reflectors{what}', { what: sized(what, say, (size) => say.t('for a bed {size} wide', { size })) }),
  wire: (_, say) => say.t('Stranded wire with loom and clips'),
  tape: (_, say) => say.t('Conspicuity tape, red and white'),
  'junction-box': (_, say) => say.t('Junction box, sealed, with terminals'),
  loom: (_, say) => say.t('Loom over the wires'),
  clip: (_, say) => say.t('Clip for the loom, with its screw'),
  'fuse-box': ({ named }, say) => say.t('Fuse box, {named} ways or more', { named }),
  'main-fuse': ({ named }, say) => say.t('Main fuse {named} A with its holder, beside the battery', { named }),
  solar: ({ named }, say) => say.t('Solar panel {named} W with its regulator', { named }),
  grommet: (_, say) => say.t('Grommet for a wire hole'),
  'deck-screw': (_, say) => say.t('Deck screw'),
  'tie-down': (what, say) =>
    `${isTieDown(what.named) ? say.t(TIE_DOWN[what.named]) : say.t('Tie-down')}${rated(what, say, say.t('working load'))}`,
  stand: (_, say) => say.t('Stand'),
  hinge: (_, say) => say.t('Gate hinge'),
  latch: (_, say) => say.t('Gate latch'),
  'gate-chain': (_, say) => say.t('Gate chain'),
  'weld-wire': ({ named }, say) => say.t('Welding wire for {named}', { named }),
  gas: (_, say) => say.t('Shielding gas'),
  'cutting-disc': (_, say) => say.t('Cutting disc'),
  'flap-disc': (_, say) => say.t('Flap disc'),
  primer: ({ named }, say) => withName(say.t('Primer'), named),
  paint: ({ named }, say) => withName(say.t('Paint'), named),
  'powder-coat': (_, say) => say.t('Blasting and powder coating, by the area outside'),
  galvanizing: (_, say) => say.t('Hot-dip galvanizing, by the weight of the steel'),
  'isolating-tape': (_, say) => say.t('Tape between aluminum and steel'),
  sealer: (_, say) => say.t('Sealer for the wood of the deck'),
  'plate-and-papers': (_, say) => say.t('Plate, inspection and registration'),
  weighing: (_, say) => say.t('Weighing'),
};

/** What a line of the purchase list is called. */
export const purchaseName = (what: LineWhat, say: Say): string => {
  switch (what.kind) {
    case 'stick':
      return `${what.designation}, ${say.length(what.lengthM)}${what.toSize ? say.t(', sawn to size') : ''}, ${say.name(what.materialName)}`;
    case 'plate':
      return say.t('Plate {thickness}, {materialName}, {width} x {length}', {
        thickness: say.length(what.thicknessM),
        materialName: say.name(what.materialName),
        width: say.length(what.sheet.widthM),
        length: say.length(what.sheet.lengthM),
      });
    case 'sheet': {
      const size = what.sheet
        ? say.t(', sheet of {width} x {length}', {
            width: say.length(what.sheet.widthM),
            length: say.length(what.sheet.lengthM),
          })
        : '';
      return `${say.name(SHEET_NAMES[what.of])} ${say.length(what.thicknessM)}${size}`;
    }
    case 'axle':
      return [
        what.name || say.t('Axle'),
        what.ratingKg === null
          ? say.t('rating not read yet')
          : say.t('rated {rating}', { rating: say.mass(what.ratingKg) }),
        say.t('hub face {hubFace}', { hubFace: say.length(what.hubFaceM) }),
        ...(what.springCentresM === undefined
          ? []
          : [say.t('spring centres {springCentres}', { springCentres: say.length(what.springCentresM) })]),
        say.t('tube {tubeDiameter}', { tubeDiameter: say.length(what.tubeDiameterM) }),
        ...(what.studCircle ? [what.studCircle] : []),
        ...(Math.abs(what.dropM) > 1e-6 ? [say.t('drop {drop}', { drop: say.length(what.dropM) })] : []),
        ...(what.brakes ? [say.t('with brakes')] : []),
      ].join(', ');
    case 'axle-tube':
      return say.t('Axle tube {diameter} x {wall}, cut to fit hub faces {length} apart', {
        diameter: say.length(what.diameterM),
        wall: say.length(what.wallM),
        length: say.length(what.lengthM),
      });
    case 'part':
      return PARTS[what.part](what, say);
    case 'lamp':
      return lampToBuyText(what, say);
    case 'battery':
      return say.t('Battery, {of}, {ampereHours}', {
        of: what.of === 'lead' ? say.t('lead, deep cycle') : say.t('lithium iron phosphate'),
        ampereHours:
          what.ampereHours === null
            ? say.t('size not decided yet')
            : say.t('{ampereHours} Ah', { ampereHours: say.figures(formatNumber(what.ampereHours, 0)) }),
      });
    case 'wire':
      return say.t('Stranded wire, {gauge}', { gauge: wireText({ wire: what }, say) });
    case 'own':
      return what.text;
  }
};

/** So much of something: "4", "12.5 m2" or "135 sq ft". */
export const amountText = (
  amount: number,
  unit: LineUnit,
  say: Pick<Speaker, 'length' | 'mass' | 'trailer' | 'figures'>,
): string => {
  const { units } = say.trailer.settings;
  switch (unit) {
    case 'piece':
      return say.figures(String(Math.round(amount * 100) / 100));
    case 'm': {
      // Bought off a roll: whole feet or metres.
      const step = units === 'imperial' ? feet(1) : 1;
      return say.length(Math.ceil(amount / step - 1e-9) * step);
    }
    case 'kg':
      return say.mass(amount);
    case 'm2':
      return say.figures(formatArea(amount, units));
    case 'liquid':
      return say.figures(formatLiquid(amount, units));
    case 'gas':
      return say.figures(formatGas(amount, units));
  }
};

const ROW_PROBLEMS: Readonly<Record<PriceRowProblem['code'], (found: string, say: Says) => string>> = {
  'no-name': (_, say) => say.t('has no name'),
  'no-price': (found, say) => say.t('has no price that can be read ({found})', { found }),
  negative: (found, say) => say.t('has a price below nothing ({found})', { found }),
  'too-large': (found, say) => say.t('has a price that is too large to be one ({found})', { found }),
  'bad-length': (found, say) => say.t('has a length that is none ({found})', { found }),
  'unknown-unit': (found, say) => say.t('is priced by {found}, which Kereta does not know', { found }),
  'bad-stock': (found, say) => say.t('says how many there are in a way that cannot be read ({found})', { found }),
};

/** Why a row of a price list is left out. */
export const priceRowSentence = ({ row, name, code, found }: PriceRowProblem, say: Says = ENGLISH): string =>
  say.t('Row {row}{name} {found}: left out.', {
    row,
    name: name ? `, ${name},` : '',
    found: ROW_PROBLEMS[code](found, say),
  });

const LIST_PROBLEMS: Readonly<Record<PriceListProblem['code'], (path: string, say: Says) => string>> = {
  'not-json': (_, say) => say.t('The yard answered something that is no list of prices.'),
  'not-a-list': (path, say) => say.t('The yard’s answer has no usable “{path}”.', { path: path || say.t('items') }),
  empty: (_, say) => say.t('There is no row under the headings.'),
  'too-long': (_, say) => say.t('The list has more than 5000 rows.'),
};
export const priceListSentence = ({ code, path }: PriceListProblem, say: Says = ENGLISH): string =>
  say.t('{path} No price was changed.', { path: LIST_PROBLEMS[code](path, say) });
