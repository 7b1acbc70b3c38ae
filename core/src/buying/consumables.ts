import type { Chassis, Member } from '../chassis/index.js';
import type { CutList } from '../fabrication/index.js';
import { outsideM } from '../coating/index.js';
import { wallThicknessM } from '../sections/index.js';
import { commonPractice, type Source } from '../source.js';

/** A weld by its length and leg, m. */
export interface WeldLength {
  readonly memberId: string;
  readonly lengthM: number;
  readonly legM: number;
}

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
