import type { Shape } from './shape.js';

/** Which formula a torsion constant came from; printed beside it. */
export type TorsionMethod = 'en-10219-closed' | 'round-exact' | 'rectangle-series' | 'filleted-open' | 'thin-wall-open';

const rectangularTube = (s: Extract<Shape, { kind: 'rect-tube' }>): number => {
  const b = s.widthM - s.wallM;
  const h = s.heightM - s.wallM;
  const cornerRadius = (s.outerRadiusM + s.innerRadiusM) / 2;
  const perimeter = 2 * (b + h) - 2 * cornerRadius * (4 - Math.PI);
  const enclosed = b * h - cornerRadius ** 2 * (4 - Math.PI);
  return (s.wallM ** 3 * perimeter) / 3 + (4 * enclosed ** 2 * s.wallM) / perimeter;
};

const solidRectangle = (a: number, b: number): number => {
  const long = Math.max(a, b);
  const short = Math.min(a, b);
  let series = 0;
  for (let n = 1; n <= 41; n += 2) series += Math.tanh((n * Math.PI * long) / (2 * short)) / n ** 5;
  return ((long * short ** 3) / 3) * (1 - (192 / Math.PI ** 5) * (short / long) * series);
};

/** Free end of a leg of thickness t carries less than its share of t³/3 per length. */
const END_LOSS = 0.105;

const angle = (s: Extract<Shape, { kind: 'angle' }>): number => {
  const t = s.thicknessM;
  const r = s.rootRadiusM;
  const inscribed = 2 * (3 * r + 2 * t - Math.SQRT2 * (2 * r + t));
  const junction = (0.0768 + (0.0479 * r) / t) * inscribed ** 4;
  const legs = ((s.verticalLegM + s.horizontalLegM - t) * t ** 3) / 3;
  return legs + junction - 2 * END_LOSS * t ** 4;
};

const channel = (s: Extract<Shape, { kind: 'channel' }>): number => {
  const { webM: tw, flangeThicknessM: tf, rootRadiusM: r } = s;
  const taper = (s.innerSlope * (s.flangeM - tw)) / 2;
  // ∫t³ along a flange whose thickness runs evenly from tf − taper to tf + taper.
  const flange = (s.flangeM * (tf ** 3 + tf * taper ** 2)) / 3;
  const web = ((s.depthM - 2 * tf) * tw ** 3) / 3;
  const inscribed = 2 * (3 * r + tw + tf - Math.sqrt(2 * (2 * r + tw) * (2 * r + tf)));
  const junction =
    (-0.0908 + (0.2621 * tw) / tf + (0.1231 * r) / tf - (0.0752 * tw * r) / tf ** 2 - 0.0945 * (tw / tf) ** 2) *
    inscribed ** 4;
  return 2 * flange + web + 2 * junction - 4 * END_LOSS * (tf - taper) ** 4;
};

const bentChannel = (s: Extract<Shape, { kind: 'bent-channel' }>): number => {
  const t = s.thicknessM;
  const radius = (s.outerRadiusM + s.innerRadiusM) / 2;
  const developed = 2 * (s.flangeM - t / 2) + (s.depthM - t) - 2 * radius * (2 - Math.PI / 2);
  return (developed * t ** 3) / 3;
};

/**
 * St Venant torsion constant, m⁴.
 * Rectangular tube: EN 10219-2 annex B. Round: polar moment. Flat bar: Saint-Venant's series (Timoshenko & Goodier §109).
 * Angle and channel: El Darwish & Johnston 1965 junction terms as steel section handbooks use them (from memory); tapered
 * flanges by ∫t³ over the taper. Bent channel: developed length × t³/3.
 */
export const torsionConstantM4 = (shape: Shape): { readonly valueM4: number; readonly method: TorsionMethod } => {
  switch (shape.kind) {
    case 'rect-tube':
      return { valueM4: rectangularTube(shape), method: 'en-10219-closed' };
    case 'round-tube': {
      const r = shape.diameterM / 2;
      return { valueM4: (Math.PI / 2) * (r ** 4 - (r - shape.wallM) ** 4), method: 'round-exact' };
    }
    case 'angle':
      return { valueM4: angle(shape), method: 'filleted-open' };
    case 'channel':
      return { valueM4: channel(shape), method: 'filleted-open' };
    case 'bent-channel':
      return { valueM4: bentChannel(shape), method: 'thin-wall-open' };
    case 'flat-bar':
      return { valueM4: solidRectangle(shape.widthM, shape.heightM), method: 'rectangle-series' };
  }
};
