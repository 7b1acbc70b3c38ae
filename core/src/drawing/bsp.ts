import { add, cross, dot, length, scale, subtract, type Vector3 } from '../frame-analysis/index.js';

/** A flat face in space: its corners in turn seen from outside, and which of its edges are drawn, each from the corner of its number. */
export interface Face<Of> {
  readonly corners: readonly Vector3[];
  readonly drawn: readonly boolean[];
  readonly of: Of;
}

interface Plane {
  readonly normal: Vector3;
  readonly off: number;
}

interface Placed<Of> extends Face<Of> {
  readonly plane: Plane;
}

/** Nearer to a plane than this is on it, m. */
const ON_M = 1e-6;

/** By Newell's sum, which serves what is not quite flat or not convex too; undefined: no area. */
const planeOf = (corners: readonly Vector3[]): Plane | undefined => {
  let sum: Vector3 = [0, 0, 0];
  corners.forEach((corner, i) => {
    sum = add(sum, cross(corner, corners[(i + 1) % corners.length] as Vector3));
  });
  const size = length(sum);
  if (!(size > 1e-12)) return undefined;
  const normal = scale(sum, 1 / size);
  return { normal, off: dot(normal, corners[0] as Vector3) };
};

/** The part of a face on one side of a plane: its own edges stay as they were, the cut is not drawn. */
const part = <Of>(face: Placed<Of>, distances: readonly number[], sign: 1 | -1): Placed<Of> | undefined => {
  const corners: Vector3[] = [];
  const drawn: boolean[] = [];
  face.corners.forEach((corner, i) => {
    const next = (i + 1) % face.corners.length;
    const [a, b] = [sign * (distances[i] as number), sign * (distances[next] as number)];
    const own = face.drawn[i] ?? false;
    const crossing = (): Vector3 => {
      const share = a / (a - b);
      return add(corner, scale(subtract(face.corners[next] as Vector3, corner), share));
    };
    if (a >= -ON_M) {
      corners.push(corner);
      // What runs on behind the plane goes on along the cut from where it meets it.
      drawn.push(own && !(a <= ON_M && b < -ON_M));
    }
    if (a > ON_M && b < -ON_M) {
      corners.push(crossing());
      drawn.push(false);
    }
    if (a < -ON_M && b > ON_M) {
      corners.push(crossing());
      drawn.push(own);
    }
  });
  return corners.length >= 3 ? { ...face, corners, drawn } : undefined;
};

/** A place in the middle of many is likely to part them evenly. */
const splitterOf = <Of>(faces: readonly Placed<Of>[]): Placed<Of> => faces[faces.length >> 1] as Placed<Of>;

/**
 * Faces from the farthest to the nearest for who looks against `toViewer`, cut where they reach through each other, so that each painted over
 * those before it gives the right picture. Faces that look away are left out. Source: binary space partitioning, Fuchs, Kedem, Naylor (1980).
 */
export const farthestFirst = <Of>(all: readonly Face<Of>[], toViewer: Vector3): readonly Face<Of>[] => {
  const out: Face<Of>[] = [];
  const visit = (faces: readonly Placed<Of>[]): void => {
    if (faces.length === 0) return;
    const { plane } = splitterOf(faces);
    const [on, front, back]: readonly Placed<Of>[][] = [[], [], []] as Placed<Of>[][];
    for (const face of faces) {
      const distances = face.corners.map((corner) => dot(plane.normal, corner) - plane.off);
      const [least, most] = [Math.min(...distances), Math.max(...distances)];
      if (least >= -ON_M && most <= ON_M) on?.push(face);
      else if (least >= -ON_M) front?.push(face);
      else if (most <= ON_M) back?.push(face);
      else {
        const [ahead, behind] = [part(face, distances, 1), part(face, distances, -1)];
        if (ahead) front?.push(ahead);
        if (behind) back?.push(behind);
      }
    }
    const towards = dot(plane.normal, toViewer) > 0;
    visit((towards ? back : front) ?? []);
    for (const face of on ?? []) if (dot(face.plane.normal, toViewer) > 1e-9) out.push(face);
    visit((towards ? front : back) ?? []);
  };
  visit(
    all.flatMap((face) => {
      const plane = planeOf(face.corners);
      return plane ? [{ ...face, plane }] : [];
    }),
  );
  return out;
};
