import type { Chassis, Member } from '../chassis/index.js';
import type { CutList } from '../fabrication/index.js';
import { type Shape, wallThicknessM } from '../sections/index.js';
import { commonPractice, type Source } from '../source.js';

/** A weld by its length and leg, m. */
export interface WeldLength {
  readonly memberId: string;
  readonly lengthM: number;
  readonly legM: number;
}

/** Length of a section's outside, m: what is painted, and welded where it ends. */
export const outsideM = (shape: Shape): number => {
  switch (shape.kind) {
    case 'rect-tube':
      return 2 * (shape.widthM + shape.heightM) - (8 - 2 * Math.PI) * shape.outerRadiusM;
    case 'round-tube':
      return Math.PI * shape.diameterM;
    // Fillets and slopes change these by a few parts in a hundred.
    case 'angle':
      return 2 * (shape.verticalLegM + shape.horizontalLegM);
    case 'channel':
      return 2 * shape.depthM + 4 * shape.flangeM - 2 * shape.webM;
    case 'bent-channel':
      return 2 * shape.depthM + 4 * shape.flangeM - 2 * shape.thicknessM;
    case 'flat-bar':
      return 2 * (shape.widthM + shape.heightM);
  }
};

/** A leg as people weld it where nothing is worked out: as thick as the wall, 3/16 in at most. Common practice. */
export const usualLegOf = ({ section }: Member): number => Math.min(wallThicknessM(section.shape), 0.0047625);

/** Welds that are worked out, and both ends all round of every bar that none of them is of. */
export const allWelds = ({ members }: Chassis, worked: readonly WeldLength[]): readonly WeldLength[] => {
  const known = new Set(worked.map(({ memberId }) => memberId));
  return [
    ...worked,
    ...members
      .filter(({ id, existing }) => !existing && !known.has(id))
      .map((member) => ({
        memberId: member.id,
        lengthM: 2 * member.pieces * outsideM(member.section.shape),
        legM: usualLegOf(member),
      })),
  ];
};

/** More metal than the triangle of leg by leg: welds are made full. Common practice. */
const FULL = 1.2;
/** Of the wire that is fed so much stays in the weld. Common practice for solid wire under gas. */
const STAYS = 0.93;
/** Gas for a kilogram of wire, m³: 14 l/min for as long as a home machine takes to feed it, 1.4 kg/h. Common practice. */
const GAS_M3_PER_KG = (0.014 * 60) / 1.4;
export const WIRE_SOURCE: Source = commonPractice(
  'length × leg² / 2 of every weld, made a fifth fuller than its triangle, 7 % of the wire lost',
);
export const GAS_SOURCE: Source = commonPractice('14 l/min while 1.4 kg of wire is fed in an hour');

/** Wire to weld it all with, kg, by the metal's density. */
export const weldWireKg = (welds: readonly WeldLength[], densityKgM3: number): number =>
  (welds.reduce((sum, { lengthM, legM }) => sum + (lengthM * legM ** 2) / 2, 0) * FULL * densityKgM3) / STAYS;

/** Of weld metal, kg/m³. Source: usual handbook figures of mild steel and of aluminum. */
const DENSITIES_KG_M3 = { steel: 7850, aluminum: 2700 } as const;

/** Wire for the steel and for the aluminum of a frame, kg. A weld that is of no bar, as a plate's, is of the metal that the frame begins with. */
export const wireByMetal = (
  { members }: Chassis,
  welds: readonly WeldLength[],
): { readonly steelKg: number; readonly aluminumKg: number } => {
  const families = new Map(members.map(({ id, material }) => [id, material.family]));
  const usual = members[0]?.material.family;
  const kgOf = (family: keyof typeof DENSITIES_KG_M3): number =>
    weldWireKg(
      welds.filter(({ memberId }) => (families.get(memberId) ?? usual) === family),
      DENSITIES_KG_M3[family],
    );
  return { steelKg: kgOf('steel'), aluminumKg: kgOf('aluminum') };
};

export const gasM3 = (wireKg: number): number => wireKg * GAS_M3_PER_KG;

/** Cuts that one disc or blade makes, and metres of weld that one flap disc dresses, with as much mill scale beside it. */
const CUTS_PER_DISC = 20;
const METRES_PER_FLAP_DISC = 4;
export const DISC_SOURCE: Source = commonPractice('a cutting disc for 20 cuts, a flap disc for 4 m of weld');

export const cuttingDiscs = ({ rows }: Pick<CutList, 'rows'>): number =>
  Math.ceil(rows.reduce((sum, { quantity }) => sum + quantity, 0) / CUTS_PER_DISC);
export const flapDiscs = (welds: readonly WeldLength[]): number =>
  Math.ceil(welds.reduce((sum, { lengthM }) => sum + lengthM, 0) / METRES_PER_FLAP_DISC);

/** Outside of all steel of the frame, m²: bars all round, plates on both sides; nothing of the inside of tubes. */
export const steelAreaM2 = ({ members, plates, panels }: Chassis): number => {
  const steel = members.filter(({ material }) => material.family === 'steel');
  const bars = steel.reduce(
    (sum, { section, cutLengthM, pieces }) => sum + outsideM(section.shape) * cutLengthM * pieces,
    0,
  );
  const flats = steel.length === 0 ? 0 : plates.reduce((sum, plate) => sum + 2 * plate.lengthM * plate.widthM, 0);
  const sheets = panels
    .filter(({ own }) => own?.sheet.kind === 'steel-sheet')
    .reduce((sum, { own }) => sum + 2 * (own?.areaM2 ?? 0), 0);
  return bars + flats + sheets;
};

/** A cubic metre covers so much in one coat, what drips and blows away counted in, m²: 8 from a litre. Common practice. */
const COVERS_M2 = 8000;
const PAINT_COATS = 2;
export const PAINT_SOURCE: Source = commonPractice(
  'one coat of primer, two of paint, 8 m² from a litre; insides of tubes not counted',
);

export const primerM3 = (areaM2: number): number => areaM2 / COVERS_M2;
export const paintM3 = (areaM2: number): number => (areaM2 * PAINT_COATS) / COVERS_M2;
