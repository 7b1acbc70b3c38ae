/** A mass in the format's axes: x from the ball rearward and z above the ground, both of the level trailer. */
export interface TiltedMass {
  readonly mass: number;
  readonly x: number;
  readonly z: number;
}

/** What a trailer on one axle is tilted by: its wheels' radius, its coupler's height when level, and the ball's. */
export interface TiltShape {
  readonly axleX: number;
  readonly wheelRadius: number;
  readonly couplerHeightLevel: number;
  readonly ballHeight: number;
}

/**
 * Ball force and attitude of a rigid trailer that is turned about its axle's centre until the coupler stands at the ball, N and rad (nose
 * down negative). With dx, dz of each mass from the axle's centre, x′ = dx·cosθ + dz·sinθ and T = g·Σm·x′ ÷ x′ of the coupler: exact, upright
 * forces only. θ from r + (h − r)·cosθ + a·sinθ = ball, which is R·sin(θ + φ) = ball − r. Undefined where the coupler cannot reach the ball.
 */
export const standTilted = (
  masses: readonly TiltedMass[],
  { axleX, wheelRadius, couplerHeightLevel, ballHeight }: TiltShape,
  g: number,
): { readonly ballN: number; readonly pitchRad: number } | undefined => {
  const rise = couplerHeightLevel - wheelRadius;
  const reach = Math.hypot(axleX, rise);
  const sine = (ballHeight - wheelRadius) / reach;
  if (!(axleX > 0) || Math.abs(sine) > 1) return undefined;
  const pitchRad = Math.asin(sine) - Math.atan2(rise, axleX);
  const [cos, sin] = [Math.cos(pitchRad), Math.sin(pitchRad)];
  const along = (dx: number, dz: number): number => dx * cos + dz * sin;
  const coupler = along(-axleX, rise);
  if (!(coupler < 0)) return undefined;
  const moment = masses.reduce((sum, { mass, x, z }) => sum + mass * along(x - axleX, z - wheelRadius), 0);
  return { ballN: (g * moment) / coupler, pitchRad };
};
