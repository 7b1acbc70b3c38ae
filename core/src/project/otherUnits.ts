import { formatPressureText, inches, millimetres, pounds, type UnitSystem } from '../units/index.js';
import type { Design, Settings } from './schema.js';

/** The money that usually goes with a system of units where a project is switched to it; what was chosen on purpose stays. */
export const currencyOf = (units: UnitSystem, { currency }: Pick<Settings, 'currency'>): string => {
  if (units === 'metric' && currency === 'USD') return 'EUR';
  if (units === 'imperial' && currency === 'EUR') return 'USD';
  return currency;
};

/** Steps to which sizes are rounded: big ones, what a tape finds on a frame, and what is measured on a part. */
const STEPS = {
  metric: { frame: millimetres(10), part: millimetres(1), mass: 10 },
  imperial: { frame: inches(0.5), part: inches(1 / 16), mass: pounds(25) },
} as const;

/**
 * Sizes that were chosen and not measured, in round values of a system of units: 2590.8 mm becomes 2590. What came with a part or from
 * scales and tapes stays as it is.
 */
export const withRoundSizes = (design: Design, units: UnitSystem): Design => {
  const steps = STEPS[units];
  const to = (step: number) => (value: number) => (value === 0 ? 0 : Math.max(step, Math.round(value / step) * step));
  const signed = (step: number) => (value: number) => Math.round(value / step) * step;
  const frame = to(steps.frame);
  const part = to(steps.part);
  const mass = to(steps.mass);
  const maybe = (round: (value: number) => number, value: number | null): number | null =>
    value === null ? null : round(value);
  const { job, frame: old, runningGear: gear } = design;
  const { crossMembers, tongue } = old;
  return {
    ...design,
    job: {
      ...job,
      maxWidthM: maybe(frame, job.maxWidthM),
      maxLengthM: maybe(frame, job.maxLengthM),
      laneM: maybe(frame, job.laneM),
      cornerM: frame(job.cornerM),
    },
    ratedGrossKg: maybe(mass, design.ratedGrossKg),
    frame: {
      ...old,
      bed: { ...old.bed, lengthM: frame(old.bed.lengthM), widthM: frame(old.bed.widthM) },
      crossMembers:
        crossMembers.kind === 'spacing'
          ? { ...crossMembers, maxSpacingM: frame(crossMembers.maxSpacingM) }
          : {
              ...crossMembers,
              members: crossMembers.members.map((one) => ({ ...one, xM: signed(steps.part)(one.xM) })),
            },
      tongue: { ...tongue, lengthM: frame(tongue.lengthM) },
    },
    runningGear: {
      ...gear,
      positionM: signed(steps.frame)(gear.positionM),
      spacingM: frame(gear.spacingM),
      fender: {
        ...gear.fender,
        aboveRailM: signed(steps.part)(gear.fender.aboveRailM),
        reachM: part(gear.fender.reachM),
        skirtM: part(gear.fender.skirtM),
      },
      tire: { ...gear.tire, pressure: formatPressureText(gear.tire.pressure, units) },
    },
    strength: {
      ...design.strength,
      weldLegM: maybe(part, design.strength.weldLegM),
      deckPoint: { ...design.strength.deckPoint, patchM: part(design.strength.deckPoint.patchM) },
    },
  };
};

/** Whether the sizes that show first, of bed and tongue, are not round in these units. */
export const hasUnevenSizes = ({ frame }: Pick<Design, 'frame'>, units: UnitSystem): boolean => {
  const step = STEPS[units].part;
  return [frame.bed.lengthM, frame.bed.widthM, frame.tongue.lengthM].some(
    (value) => Math.abs(value / step - Math.round(value / step)) > 1e-3,
  );
};
