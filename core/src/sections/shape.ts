/**
 * Cross-sections by their dimensions, m. y runs to the right, z up, as the bar lies in the drawing:
 * `height` and `depth` are vertical, `width` and `flange` horizontal.
 */
export type Shape =
  | {
      readonly kind: 'rect-tube';
      readonly widthM: number;
      readonly heightM: number;
      readonly wallM: number;
      readonly outerRadiusM: number;
      readonly innerRadiusM: number;
    }
  | { readonly kind: 'round-tube'; readonly diameterM: number; readonly wallM: number }
  | {
      readonly kind: 'angle';
      readonly verticalLegM: number;
      readonly horizontalLegM: number;
      readonly thicknessM: number;
      readonly rootRadiusM: number;
      readonly toeRadiusM: number;
    }
  | {
      readonly kind: 'channel';
      readonly depthM: number;
      readonly flangeM: number;
      readonly webM: number;
      /** at the middle of the overhang */
      readonly flangeThicknessM: number;
      readonly rootRadiusM: number;
      readonly toeRadiusM: number;
      /** rise over run of the flange's inner face; 0 for parallel flanges, 1/6 for American standard channels */
      readonly innerSlope: number;
    }
  | {
      readonly kind: 'bent-channel';
      readonly depthM: number;
      readonly flangeM: number;
      readonly thicknessM: number;
      readonly outerRadiusM: number;
      readonly innerRadiusM: number;
    }
  | { readonly kind: 'flat-bar'; readonly widthM: number; readonly heightM: number };

export type ShapeProblem = {
  readonly code: 'not-positive' | 'negative' | 'wall-too-thick' | 'radius-too-large';
  /** the dimension at fault, as named in the shape */
  readonly field: string;
};

const heightOf = (shape: Shape): number => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'flat-bar':
      return shape.heightM;
    case 'round-tube':
      return shape.diameterM;
    case 'angle':
      return shape.verticalLegM;
    case 'channel':
    case 'bent-channel':
      return shape.depthM;
  }
};

const widthOf = (shape: Shape): number => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'flat-bar':
      return shape.widthM;
    case 'round-tube':
      return shape.diameterM;
    case 'angle':
      return shape.horizontalLegM;
    case 'channel':
    case 'bent-channel':
      return shape.flangeM;
  }
};

/** Outside height and width of the bar, m. */
export const outsideSize = (shape: Shape): { readonly heightM: number; readonly widthM: number } => ({
  heightM: heightOf(shape),
  widthM: widthOf(shape),
});

/** Area that carries vertical shear, m²: AISC 360-16 G2 (channel web), G3 (angle leg), G4 (tube sides, H − 3t), G5 (round, half); flat bar 2/3 of its area (peak is 1.5 V/A). */
export const shearAreaM2 = (shape: Shape, areaM2: number): number => {
  switch (shape.kind) {
    case 'rect-tube':
      return 2 * Math.max(shape.heightM - 3 * shape.wallM, shape.wallM) * shape.wallM;
    case 'round-tube':
      return areaM2 / 2;
    case 'angle':
      return shape.verticalLegM * shape.thicknessM;
    case 'channel':
      return shape.depthM * shape.webM;
    case 'bent-channel':
      return shape.depthM * shape.thicknessM;
    case 'flat-bar':
      return (2 / 3) * areaM2;
  }
};

/** Thickness of the wall that bears shear: a tube's wall, a channel's web, an angle's leg; the smaller side of a flat bar, m. */
export const wallThicknessM = (shape: Shape): number => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'round-tube':
      return shape.wallM;
    case 'angle':
    case 'bent-channel':
      return shape.thicknessM;
    case 'channel':
      return shape.webM;
    case 'flat-bar':
      return Math.min(shape.widthM, shape.heightM);
  }
};
