import { findMaterial, type Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import type { Bed } from './bed.js';
import type { Member, Point3 } from './member.js';
import { PIN_ROOM_M, pinOffsetsM } from './tongue/pins.js';
import type { TongueGeometry } from './tongue/buildTongue.js';

export interface PlateHole {
  readonly alongM: number;
  readonly upM: number;
  readonly diameterM: number;
}

/** A piece cut from flat: a plate over the tongue, an end cap, a gusset. */
export interface Plate {
  readonly id: string;
  readonly kind: 'top-plate' | 'cap' | 'gusset' | 'cheek';
  readonly materialName: string;
  readonly lengthM: number;
  readonly widthM: number;
  readonly thicknessM: number;
  /** a right triangle of these legs instead of a rectangle */
  readonly triangular: boolean;
  /** drilled, from its front or left lower corner */
  readonly holes: readonly PlateHole[];
  readonly massKg: number;
  readonly centre: Point3;
  readonly carriedBy: 'tongue' | 'rails';
}

/** Caps and gussets are cut from what lies about: 1/8 in (3 mm) and 1/4 in (6 mm), common practice. */
const CAP_M = inches(1 / 8);
const GUSSET_M = inches(1 / 4);

type Sizes = Pick<Plate, 'id' | 'kind' | 'lengthM' | 'widthM' | 'thicknessM' | 'centre' | 'carriedBy'> & {
  readonly holes?: Plate['holes'];
};

const plate = (sizes: Sizes, metal: Member['material']): Plate => {
  const triangular = sizes.kind === 'gusset';
  const { holes = [] } = sizes;
  const drilledM2 = holes.reduce((sum, { diameterM }) => sum + (Math.PI * diameterM ** 2) / 4, 0);
  const areaM2 = sizes.lengthM * sizes.widthM * (triangular ? 0.5 : 1) - drilledM2;
  return {
    ...sizes,
    holes,
    triangular,
    materialName: metal.name,
    massKg: areaM2 * sizes.thicknessM * metal.densityKgM3,
  };
};

const isTube = ({ section: { shape } }: Member): boolean => shape.kind === 'rect-tube' || shape.kind === 'round-tube';

type Corner = readonly [number, number];

/** A cap over the end of a tube that lies between two corners of its outline. */
const capOver = (id: string, { bar, material, extent }: Member, [a, b]: readonly [Corner, Corner]): Plate =>
  plate(
    {
      id,
      kind: 'cap',
      lengthM: Math.hypot(a[0] - b[0], a[1] - b[1]),
      widthM: bar.heightM,
      thicknessM: CAP_M,
      centre: { xM: (a[0] + b[0]) / 2, yM: (a[1] + b[1]) / 2, zM: (extent.z0M + extent.z1M) / 2 },
      carriedBy: 'tongue',
    },
    material,
  );

/** Caps over the ends of tubes that are open, so that water and wasps stay out: at the ball's end, and at the rear of what runs on under the frame. */
const capsOf = (trailer: Trailer, tongue: TongueGeometry): Plate[] => {
  const { caps } = trailer.frame.tongue;
  const rearOf = (on: boolean, members: readonly Member[]): Plate[] =>
    on
      ? members
          .filter((member) => isTube(member) && member.extent.x1M > 0)
          .map((member) => {
            const [, outer, inner] = member.plan as readonly [Corner, Corner, Corner];
            return capOver(`cap.${member.id}`, member, [outer, inner]);
          })
      : [];
  const ball = caps.ball
    ? tongue.members.filter(isTube).map((member) => {
        const [outer, , , inner] = member.plan as readonly [Corner, Corner, Corner, Corner];
        return capOver(`cap.ball.${member.id}`, member, [outer, inner]);
      })
    : [];
  return [...rearOf(caps.rear, tongue.members), ...rearOf(caps.sides, tongue.sideTubes), ...ball];
};

/** Cheeks to both sides of a joint: past the pins by twice their diameter, and on along the rear piece by its height to be welded there. */
const cheeksOf = ({ frame: { tongue: told } }: Trailer, tongue: TongueGeometry): Plate[] => {
  const [bar] = tongue.members;
  if (told.kind === 'a-frame' || told.joint.kind === 'fixed' || !told.joint.plates || !bar) return [];
  const { joint } = told;
  const lengthM = cheekLengthM(joint, bar.bar.heightM);
  const spanM = joint.pins === 2 ? joint.pinSpacingM : 0;
  const frontXM = -joint.aheadM - spanM / 2 - 2 * joint.pinDiameterM;
  const holes = pinOffsetsM(joint).map((byM) => ({
    alongM: -joint.aheadM + byM - frontXM,
    upM: (joint.plates?.heightM ?? 0) / 2,
    diameterM: joint.pinDiameterM + PIN_ROOM_M,
  }));
  return ([-1, 1] as const).map((side) =>
    plate(
      {
        id: `cheek.${side < 0 ? 'left' : 'right'}`,
        kind: 'cheek',
        holes,
        lengthM,
        widthM: joint.plates?.heightM ?? 0,
        thicknessM: joint.plates?.thicknessM ?? 0,
        centre: {
          xM: frontXM + lengthM / 2,
          yM: (side * (bar.bar.widthM + (joint.plates?.thicknessM ?? 0))) / 2,
          zM: (bar.extent.z0M + bar.extent.z1M) / 2,
        },
        carriedBy: 'tongue',
      },
      bar.material,
    ),
  );
};

type Joint = Extract<Trailer['frame']['tongue'], { kind: 'straight' }>['joint'];

/** How long a cheek is, m. */
const cheekLengthM = ({ pins, pinSpacingM, pinDiameterM }: Joint, barHeightM: number): number =>
  (pins === 2 ? pinSpacingM : 0) + 4 * pinDiameterM + barHeightM;

const topPlateOf = (trailer: Trailer, tongue: TongueGeometry): Plate[] => {
  const { topPlate } = trailer.frame.tongue;
  const [first] = tongue.members;
  if (!topPlate || !first) return [];
  return [
    plate(
      {
        id: 'top-plate',
        kind: 'top-plate',
        ...topPlate,
        centre: {
          xM: first.extent.x0M + topPlate.lengthM / 2,
          yM: 0,
          zM: first.extent.z1M + topPlate.thicknessM / 2,
        },
        carriedBy: 'tongue',
      },
      first.material,
    ),
  ];
};

const gussetsOf = (trailer: Trailer, bed: Bed, tongue: TongueGeometry): Plate[] => {
  const { tongueM, cornerM } = trailer.strength.gussets;
  const zM = -bed.railHeightM / 2;
  const at = (id: string, legM: number, xM: number, yM: number, metal: Member['material']): Plate =>
    plate(
      {
        id,
        kind: 'gusset',
        lengthM: legM,
        widthM: legM,
        thicknessM: GUSSET_M,
        centre: { xM, yM, zM },
        carriedBy: 'rails',
      },
      metal,
    );
  const plates: Plate[] = [];
  if (tongueM !== null) {
    for (const leg of [...tongue.members, ...tongue.sideTubes]) {
      const [, outer, inner] = leg.plan as [unknown, readonly [number, number], readonly [number, number]];
      const sideways = Math.sign(leg.centre.yM);
      plates.push(
        at(`gusset.${leg.id}.front`, tongueM, -tongueM / 3, sideways * tongue.halfSpreadAtHeaderM, leg.material),
      );
      if (tongue.rearOn === 'rails' && leg.extent.x1M > 0)
        plates.push(at(`gusset.${leg.id}.rear`, tongueM, (outer[0] + inner[0]) / 2, outer[1], leg.material));
    }
  }
  const metal = findMaterial(trailer, trailer.frame.groups.rail.materialId);
  if (cornerM !== null && metal) {
    const { lengthM, widthM } = trailer.frame.bed;
    for (const [end, xM] of [
      ['front', cornerM / 3],
      ['rear', lengthM - cornerM / 3],
    ] as const)
      for (const [side, y] of [
        ['left', -1],
        ['right', 1],
      ] as const)
        plates.push(at(`gusset.corner.${end}.${side}`, cornerM, xM, y * (widthM / 2 - cornerM / 3), metal));
  }
  return plates;
};

/** Everything that is cut from flat for frame and tongue. */
export const buildPlates = (trailer: Trailer, bed: Bed, tongue: TongueGeometry): readonly Plate[] => [
  ...topPlateOf(trailer, tongue),
  ...capsOf(trailer, tongue),
  ...cheeksOf(trailer, tongue),
  ...gussetsOf(trailer, bed, tongue),
];
