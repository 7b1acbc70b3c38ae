import type { StepId } from '../findings/index.js';
import type { PurchaseGroup, SheetFill } from '../project/index.js';
import type { LampToBuy } from '../lighting/index.js';
import type { Source } from '../source.js';

/** Parts that are bought by the piece or by measure, by what they are called. */
export type PartCode =
  | 'spindle'
  | 'hub'
  | 'spring'
  | 'hanger'
  | 'equaliser'
  | 'u-bolt'
  | 'shock'
  | 'tire'
  | 'wheel'
  | 'spare-wheel'
  | 'wheel-nut'
  | 'fender'
  | 'brake'
  | 'coupler'
  | 'coupler-bolt'
  | 'ball'
  | 'ball-mount'
  | 'safety-chain'
  | 'chain-hook'
  | 'breakaway'
  | 'jack'
  | 'plug'
  | 'lamps'
  | 'wire'
  | 'tape'
  | 'junction-box'
  | 'loom'
  | 'clip'
  | 'grommet'
  | 'fuse-box'
  | 'main-fuse'
  | 'solar'
  | 'deck-screw'
  | 'tie-down'
  | 'stand'
  | 'hinge'
  | 'latch'
  | 'gate-chain'
  | 'weld-wire'
  | 'gas'
  | 'cutting-disc'
  | 'flap-disc'
  | 'primer'
  | 'paint'
  | 'powder-coat'
  | 'galvanizing'
  | 'isolating-tape'
  | 'sealer'
  | 'plate-and-papers'
  | 'weighing';

/** What a line of the purchase list is, with the figures that an order needs; lengths in metres. */
export type LineWhat =
  | {
      readonly kind: 'stick';
      readonly sectionId: string;
      readonly designation: string;
      readonly materialName: string;
      readonly lengthM: number;
      /** sawn to this length by the supplier */
      readonly toSize: boolean;
    }
  | {
      readonly kind: 'plate';
      readonly materialName: string;
      readonly thicknessM: number;
      readonly sheet: { readonly lengthM: number; readonly widthM: number };
    }
  | {
      readonly kind: 'sheet';
      readonly of: SheetFill['kind'];
      readonly thicknessM: number;
      /** of one whole sheet; undefined of what is sold by its area */
      readonly sheet: { readonly lengthM: number; readonly widthM: number } | undefined;
    }
  | {
      readonly kind: 'axle';
      readonly name: string;
      readonly ratingKg: number | null;
      readonly hubFaceM: number;
      /** undefined where it has no springs */
      readonly springCentresM: number | undefined;
      readonly tubeDiameterM: number;
      readonly studCircle: string;
      readonly dropM: number;
      readonly brakes: boolean;
    }
  | { readonly kind: 'axle-tube'; readonly diameterM: number; readonly wallM: number; readonly lengthM: number }
  | {
      readonly kind: 'part';
      readonly part: PartCode;
      /** as the project has it: a name, a size, a stamp */
      readonly named: string;
      /** least rating that it needs, kg */
      readonly ratedKg?: number | undefined;
      readonly sizeM?: number | undefined;
    }
  | {
      readonly kind: 'lamp';
      readonly lamp: LampToBuy['code'];
      readonly colour: LampToBuy['colour'];
      readonly serves: LampToBuy['serves'];
    }
  | { readonly kind: 'battery'; readonly of: 'lead' | 'lithium'; readonly ampereHours: number | null }
  | { readonly kind: 'wire'; readonly awg: number; readonly areaMm2: number }
  | { readonly kind: 'own'; readonly text: string };

/** What is counted: pieces, or so much of something: metres, kilograms, m², m³ of a liquid or a gas. */
export type LineUnit = 'piece' | 'm' | 'kg' | 'm2' | 'liquid' | 'gas';

/** One line of what is bought. */
export interface PurchaseLine {
  /** stays the same while the trailer changes: states and prices hang on it */
  readonly id: string;
  readonly group: PurchaseGroup;
  readonly what: LineWhat;
  readonly needed: number;
  readonly unit: LineUnit;
  /** of one piece, or of all of what is measured, as the plan of sticks or an own line has it; null where nobody has said */
  readonly each: number | null;
  /** where it is decided */
  readonly step: StepId;
  readonly subject: string | undefined;
  /** of the quantity, where it is a rule of thumb */
  readonly source: Source | undefined;
}
