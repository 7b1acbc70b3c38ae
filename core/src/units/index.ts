export { STANDARD_GRAVITY, type UnitSystem } from './factors.js';
export {
  editLength,
  feet,
  formatLength,
  fromMetres,
  inches,
  type LengthParts,
  lengthParts,
  type LengthStyle,
  millimetres,
  parseLength,
  toMetres,
} from './length.js';
export { parseNumber, type TextProblem } from './parseNumber.js';
export {
  editAngle,
  editMass,
  editNumber,
  footPounds,
  formatAngle,
  formatDistance,
  formatForce,
  formatGround,
  formatLoad,
  formatMass,
  formatMassPerLength,
  formatNumber,
  formatPercent,
  formatSpeed,
  formatStress,
  formatTorque,
  fromKilograms,
  fromKilometres,
  toKilometres,
  fromNewtons,
  fromPascals,
  fromRadians,
  massOfWeightKg,
  parseAngle,
  parseForce,
  parseMass,
  parseStress,
  pounds,
  toKilograms,
  toNewtons,
  toPascals,
  toRadians,
  weightN,
} from './quantities.js';
export { formatPressureText } from './pressureText.js';
export { formatArea, formatGas, formatLiquid } from './amounts.js';
export { formatMoney } from './money.js';
export { isFigure, NO_FIGURE } from './noFigure.js';
