import type { Shape } from '../../sections/index.js';
import { channelSizes } from '../resistance/steel.js';

/** A weld as lines without width in the plane across the bar, y sideways, z up, m. */
export type WeldLine = readonly [y0: number, z0: number, y1: number, z1: number];

/** Properties of a weld taken as lines: length m, moduli m² (moment ÷ modulus = force per length), polar by radius m³. */
export interface WeldGroup {
  readonly lengthM: number;
  /** bending in the vertical plane */
  readonly modulusYM2: number;
  /** bending in the level plane */
  readonly modulusZM2: number;
  readonly polarM3: number;
  /** furthest place from the middle, m */
  readonly farYM: number;
  readonly farZM: number;
}

/** Source: Blodgett, Design of Welded Structures, section 7.4: treat the weld as a line. */
export const lineGroup = (lines: readonly WeldLine[]): WeldGroup => {
  let lengthM = 0;
  let firstY = 0;
  let firstZ = 0;
  for (const [y0, z0, y1, z1] of lines) {
    const l = Math.hypot(y1 - y0, z1 - z0);
    lengthM += l;
    firstY += (l * (y0 + y1)) / 2;
    firstZ += (l * (z0 + z1)) / 2;
  }
  const [cy, cz] = [firstY / lengthM, firstZ / lengthM];
  let aboutY = 0;
  let aboutZ = 0;
  let farYM = 0;
  let farZM = 0;
  for (const [y0, z0, y1, z1] of lines) {
    const l = Math.hypot(y1 - y0, z1 - z0);
    aboutY += l * (((z0 + z1) / 2 - cz) ** 2 + (z1 - z0) ** 2 / 12);
    aboutZ += l * (((y0 + y1) / 2 - cy) ** 2 + (y1 - y0) ** 2 / 12);
    farYM = Math.max(farYM, Math.abs(y0 - cy), Math.abs(y1 - cy));
    farZM = Math.max(farZM, Math.abs(z0 - cz), Math.abs(z1 - cz));
  }
  return {
    lengthM,
    modulusYM2: farZM > 0 ? aboutY / farZM : 0,
    modulusZM2: farYM > 0 ? aboutZ / farYM : 0,
    polarM3: aboutY + aboutZ,
    farYM,
    farZM,
  };
};

const box = (b: number, d: number): WeldLine[] => [
  [0, 0, b, 0],
  [0, d, b, d],
  [0, 0, 0, d],
  [b, 0, b, d],
];

const circle = (d: number): WeldGroup => ({
  lengthM: Math.PI * d,
  modulusYM2: (Math.PI * d ** 2) / 4,
  modulusZM2: (Math.PI * d ** 2) / 4,
  polarM3: (Math.PI * d ** 3) / 4,
  farYM: d / 2,
  farZM: d / 2,
});

/** Along both faces of thin walls: the same line twice. */
const bothFaces = (lines: readonly WeldLine[]): WeldLine[] => [...lines, ...lines];

/** All round the end of a bar: round a tube, along both faces of an open bar's walls. */
export const allRound = (shape: Shape): WeldGroup => {
  switch (shape.kind) {
    case 'rect-tube':
      return lineGroup(box(shape.widthM, shape.heightM));
    case 'round-tube':
      return circle(shape.diameterM);
    case 'angle':
      return lineGroup(
        bothFaces([
          [0, 0, 0, shape.verticalLegM],
          [0, 0, shape.horizontalLegM, 0],
        ]),
      );
    case 'channel':
    case 'bent-channel': {
      const { depthM, flangeM } = channelSizes(shape);
      return lineGroup(
        bothFaces([
          [0, 0, 0, depthM],
          [0, 0, flangeM, 0],
          [0, depthM, flangeM, depthM],
        ]),
      );
    }
    case 'flat-bar':
      return lineGroup(box(shape.widthM, shape.heightM));
  }
};

/** Forces and moments at the end of a bar: along it, sideways, up, and about the same axes. */
export interface EndForces {
  readonly n: number;
  readonly vy: number;
  readonly vz: number;
  readonly t: number;
  readonly my: number;
  readonly mz: number;
}

/** Force per length of weld at its worst corner, N/m. */
export interface WeldForce {
  readonly perLengthNM: number;
  /** the part of it that shears along the joint; the rest pulls across it */
  readonly shearNM: number;
}

/** The elastic line method, all parts at the worst corner together. */
export const weldForce = (group: WeldGroup, end: EndForces): WeldForce => {
  const across =
    Math.abs(end.n) / group.lengthM +
    (group.modulusYM2 > 0 ? Math.abs(end.my) / group.modulusYM2 : 0) +
    (group.modulusZM2 > 0 ? Math.abs(end.mz) / group.modulusZM2 : 0);
  const twist = Math.abs(end.t) / group.polarM3;
  const sideways = Math.abs(end.vy) / group.lengthM + twist * group.farZM;
  const upright = Math.abs(end.vz) / group.lengthM + twist * group.farYM;
  const shearNM = Math.hypot(sideways, upright);
  return { perLengthNM: Math.hypot(across, shearNM), shearNM };
};
