import type { Chassis, Member } from '../chassis/index.js';
import { type CutList, piecesOf } from '../fabrication/index.js';
import type { Trailer } from '../project/index.js';
import { barProperties } from '../sections/index.js';
import { barBodies, insideBodies, platesAlongBodies } from './barBodies.js';
import type { Body, PieceSolid } from './body.js';
import { plateBody } from './plateBodies.js';

/** A bar that its ends leave nothing of cannot be made; the cut list tells of it by itself. */
const canBe = ({ lengthM }: Body): boolean => Number.isFinite(lengthM) && lengthM > 1e-6;

/** Bars that are there already: in no cut list, but in the frame. */
const existingSolids = (member: Member, bodies: readonly Body[]): readonly PieceSolid[] => {
  const areaM2 = (member.builtUp && barProperties(member.builtUp.base)?.nominalAreaM2) ?? member.bar.nominalAreaM2;
  return bodies.filter(canBe).map((body, i) => ({
    id: `${member.id}#existing.${i + 1}`,
    partId: member.id,
    name: `there already ${member.id}`,
    mark: '',
    densityKgM3: member.material.densityKgM3,
    massKg: (areaM2 / (member.builtUp ? 1 : member.pieces)) * body.lengthM * member.material.densityKgM3,
    body,
  }));
};

/**
 * Every piece of metal of the frame as it stands, in the trailer's axes, m: bars with their true section, corners, cuts, hollows and holes,
 * and what is cut from flat; one for each piece and plate of the cut list, and those bars that are there already.
 */
export const frameSolids = (trailer: Trailer, chassis: Chassis, cutList: CutList): readonly PieceSolid[] => {
  const markOf = new Map(cutList.rows.flatMap(({ mark, pieceIds }) => pieceIds.map((id) => [id, mark] as const)));
  const flatMark = new Map(cutList.plates.flatMap(({ mark, plateIds }) => plateIds.map((id) => [id, mark] as const)));
  const solid = (
    id: string,
    partId: string,
    mark: string,
    densityKgM3: number,
    massKg: number,
    body: Body,
  ): PieceSolid => ({
    id,
    partId,
    name: `${mark} ${partId}`.trim(),
    mark,
    densityKgM3,
    massKg,
    body,
  });
  const bars = chassis.members.flatMap((member): readonly PieceSolid[] => {
    const own = barBodies(trailer, chassis, member);
    const inside = insideBodies(trailer, chassis, member);
    const { densityKgM3 } = member.material;
    const bodies = member.existing ? inside : [...own, ...inside];
    const all = piecesOf(member);
    const pieces = all.flatMap((piece, i): PieceSolid[] => {
      const id = `${member.id}#${i + 1}`;
      const body = bodies[i];
      if (!body || !canBe(body)) return [];
      const one = solid(id, member.id, markOf.get(id) ?? '', densityKgM3, piece.massKg, body);
      return [all.length > 1 ? { ...one, name: `${one.name} ${i + 1}` } : one];
    });
    const plates = platesAlongBodies(trailer, chassis, member).map((body, i) => {
      const id = `${member.id}.plate.${i + 1}`;
      const row = cutList.plates.find(({ plateIds }) => plateIds.includes(id));
      const one = solid(id, member.id, row?.mark ?? '', densityKgM3, row?.massEachKg ?? 0, body);
      return { ...one, name: `${one.name} plate ${i + 1}` };
    });
    return [...(member.existing ? existingSolids(member, own) : []), ...pieces, ...plates];
  });
  const plates = chassis.plates.flatMap((plate): PieceSolid[] => {
    const body = plateBody(trailer, chassis, plate);
    const drilledM2 = plate.holes.reduce((sum, { diameterM }) => sum + (Math.PI * diameterM ** 2) / 4, 0);
    const areaM2 = plate.lengthM * plate.widthM * (plate.triangular ? 0.5 : 1) - drilledM2;
    const volumeM3 = areaM2 * plate.thicknessM;
    return body
      ? [
          solid(
            plate.id,
            plate.id,
            flatMark.get(plate.id) ?? '',
            volumeM3 > 0 ? plate.massKg / volumeM3 : 0,
            plate.massKg,
            body,
          ),
        ]
      : [];
  });
  return [...bars, ...plates];
};
