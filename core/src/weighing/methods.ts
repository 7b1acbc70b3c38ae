/** A figure with its standard deviation. */
export interface Read {
  readonly value: number;
  readonly sd: number;
}

const root = (...parts: readonly number[]): number => Math.hypot(...parts);

/**
 * Load at the end of a lever board: a from block to load, b from block to scale, what the scale reads less its reading of the bare board:
 * T = (R − tare) b ÷ a. Moments about the block. Undefined where there is no lever. Any one unit of length; loads in the scale's.
 */
export const leverLoad = (scale: Read, tare: Read, a: Read, b: Read): Read | undefined => {
  if (!(a.value > 0) || !(b.value > 0)) return undefined;
  const ratio = b.value / a.value;
  const net = scale.value - tare.value;
  const value = net * ratio;
  return {
    value,
    sd: root(ratio * root(scale.sd, tare.sd), value * (a.sd / a.value), value * (b.sd / b.value)),
  };
};

/** Three readings of a public scale: the vehicle alone, both hitched with every wheel on it, and the trailer's axles alone. */
export const publicScale = (
  vehicle: Read,
  both: Read,
  axles: Read,
): { readonly total: Read; readonly axles: Read; readonly tongue: Read } => ({
  total: { value: both.value - vehicle.value, sd: root(both.sd, vehicle.sd) },
  axles,
  tongue: { value: both.value - vehicle.value - axles.value, sd: root(both.sd, vehicle.sd, axles.sd) },
});

/**
 * Height of the balance point above the ground from the tongue's load level and with the nose raised by θ, springs blocked, all in one
 * unit of force and one of length: h = r + (T₁ − T₂) L ÷ (W tan θ) + (T₂ ÷ W)(h_c − r). r: wheel's radius, L: axle to coupler along the level
 * trailer, h_c: coupler's height on the level. Moments about the axle. Undefined where it is not raised, or weighs nothing.
 */
export const heightByTilting = (given: {
  readonly levelTongue: number;
  readonly raisedTongue: number;
  readonly weight: number;
  readonly lengthM: number;
  readonly radiusM: number;
  readonly couplerM: number;
  readonly raisedRad: number;
}): number | undefined => {
  const { levelTongue, raisedTongue, weight, lengthM, radiusM, couplerM, raisedRad } = given;
  const slope = Math.tan(raisedRad);
  if (!(weight > 0) || !(slope > 0)) return undefined;
  return (
    radiusM +
    ((levelTongue - raisedTongue) * lengthM) / (weight * slope) +
    (raisedTongue / weight) * (couplerM - radiusM)
  );
};

/**
 * Height of the axle load's balance point above the ground with one wheel raised by H over track t, springs blocked: sin φ = H ÷ t,
 * h = (F₀ − F) t ÷ (W tan φ), the raised wheel's load level and raised. Moments about the wheel that stays. Undefined where it is not raised.
 */
export const heightByRaisingSide = (given: {
  readonly levelWheel: number;
  readonly raisedWheel: number;
  readonly axleWeight: number;
  readonly trackM: number;
  readonly raisedM: number;
}): number | undefined => {
  const { levelWheel, raisedWheel, axleWeight, trackM, raisedM } = given;
  const sine = raisedM / trackM;
  if (!(axleWeight > 0) || !(sine > 0) || sine >= 1) return undefined;
  return ((levelWheel - raisedWheel) * trackM) / (axleWeight * Math.tan(Math.asin(sine)));
};
