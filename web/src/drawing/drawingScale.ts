import { drawnRailTopM, type Chassis, itemPart, overallWidthM, type Trailer } from '@kereta/core';

/** Where metres land on the sheet, px. One scale and one left edge for all views, so that nothing moves sideways between steps. */
export interface DrawingScale {
  readonly pxPerM: number;
  readonly width: number;
  readonly x: (xM: number) => number;
  /** from a screen place back to metres */
  readonly toXM: (px: number) => number;
  readonly sideY: (zM: number) => number;
  readonly groundY: number;
  readonly rulerY: number;
  readonly rulerHeight: number;
  /** under the ruler, where the step's own view begins */
  readonly lowerY: number;
  readonly planWidthM: number;
  readonly topM: number;
}

const TITLE_PX = 34;
const GROUND_PX = 30;
const RULER_PX = 32;
const PLAN_TOP_PX = 30;
const PLAN_BOTTOM_PX = 62;
/** Without dimensions under it: just the pills. */
const PLAN_BOTTOM_BARE_PX = 26;
const LEFT_PX = 58;
const RIGHT_PX = 104;
/** Room ahead of the ball for the coupler's nose, m. */
const NOSE_M = 0.12;

const highestM = (trailer: Trailer, chassis: Chassis): number => {
  const tops = trailer.items.map((item) => {
    const part = itemPart(trailer, chassis, item);
    return part.centre.zM + item.sizeM.heightM / 2;
  });
  const sides = chassis.members.map(({ extent }) => extent.z1M);
  const panels = chassis.panels.map(({ extent }) => extent.z1M);
  return Math.max(0.25, ...tops, ...sides, ...panels);
};

/** Fits the whole trailer into the sheet; `planHeightPx` is what all steps count on, whatever hangs under the ruler. */
export const drawingScale = (
  trailer: Trailer,
  chassis: Chassis,
  width: number,
  height: number,
  withPlan: boolean,
): DrawingScale => {
  const planWidthM = Math.max(overallWidthM(trailer).widthM, trailer.frame.bed.widthM);
  const topM = highestM(trailer, chassis);
  const groundM = drawnRailTopM(trailer, chassis);
  const phone = width < 600;
  const left = phone ? 24 : LEFT_PX;
  const right = phone ? 24 : RIGHT_PX;
  const lengthM = trailer.frame.bed.lengthM - chassis.ballXM + NOSE_M;
  const heightM = topM + groundM + (withPlan ? planWidthM : 0);
  const fixedPx = TITLE_PX + GROUND_PX + RULER_PX + (withPlan ? PLAN_TOP_PX + PLAN_BOTTOM_PX : 0);
  const pxPerM = Math.max(20, Math.min((width - left - right) / lengthM, (height - fixedPx) / heightM));
  const spare = Math.max(0, width - left - right - lengthM * pxPerM);
  const originX = left + spare / 2 + (NOSE_M - chassis.ballXM) * pxPerM;
  const railY = TITLE_PX + topM * pxPerM;
  const groundY = railY + groundM * pxPerM;
  return {
    pxPerM,
    width,
    planWidthM,
    topM,
    groundY,
    x: (xM) => originX + xM * pxPerM,
    toXM: (px) => (px - originX) / pxPerM,
    sideY: (zM) => railY - zM * pxPerM,
    rulerY: groundY + GROUND_PX,
    rulerHeight: RULER_PX,
    lowerY: groundY + GROUND_PX + RULER_PX,
  };
};

/** y of the plan: the right side of the trailer at the top, because the sheet looks down with the coupler at the left. */
export const planY = (scale: DrawingScale, topPx: number): ((yM: number) => number) => {
  const centre = topPx + PLAN_TOP_PX + (scale.planWidthM / 2) * scale.pxPerM;
  return (yM) => centre - yM * scale.pxPerM;
};

export const planHeightPx = (scale: DrawingScale, withSizes: boolean): number =>
  PLAN_TOP_PX + scale.planWidthM * scale.pxPerM + (withSizes ? PLAN_BOTTOM_PX : PLAN_BOTTOM_BARE_PX);
