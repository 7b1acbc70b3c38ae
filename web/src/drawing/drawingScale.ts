import { type Chassis, type Reach, reachOf, type Trailer } from '@kereta/core';
import type { Placement } from './Shapes';

/** Where metres land on the sheet, px. One scale and one left edge for all views, so that nothing moves sideways between steps. */
export interface DrawingScale {
  readonly pxPerM: number;
  readonly width: number;
  readonly x: (xM: number) => number;
  /** from a screen place back to metres */
  readonly toXM: (px: number) => number;
  readonly side: Placement;
  readonly groundY: number;
  readonly rulerY: number;
  readonly rulerHeight: number;
  /** stretch that the ruler is drawn over */
  readonly fromM: number;
  readonly toM: number;
  /** under the ruler, where the step's own view begins */
  readonly lowerY: number;
  readonly planWidthM: number;
}

const TITLE_PX = 34;
const GROUND_PX = 30;
const RULER_PX = 32;
const PLAN_TOP_PX = 46;
const PLAN_BOTTOM_PX = 62;
/** Without dimensions under it: just the pills. */
const PLAN_BOTTOM_BARE_PX = 26;
const LEFT_PX = 40;
const RIGHT_PX = 104;
/** On a narrow screen nothing is written beside the views. */
const NARROW_PX = 600;
const NARROW_EDGE_PX = 16;
/** The ruler goes on past the picture by so much, m. */
const PAST_M = 0.3;

export const isNarrow = (width: number): boolean => width < NARROW_PX;

/** Fits everything that is drawn into the sheet; `height` is what all steps count on, whatever hangs under the ruler. */
export const scaleFor = (reach: Reach, width: number, height: number, withPlan: boolean): DrawingScale => {
  const { x0M, x1M, topZM, groundZM, halfWidthM } = reach;
  const planWidthM = 2 * halfWidthM;
  const left = isNarrow(width) ? NARROW_EDGE_PX : LEFT_PX;
  const right = isNarrow(width) ? NARROW_EDGE_PX : RIGHT_PX;
  const lengthM = x1M - x0M;
  const heightM = topZM - groundZM + (withPlan ? planWidthM : 0);
  const fixedPx = TITLE_PX + GROUND_PX + RULER_PX + (withPlan ? PLAN_TOP_PX + PLAN_BOTTOM_PX : 0);
  const pxPerM = Math.max(20, Math.min((width - left - right) / lengthM, (height - fixedPx) / heightM));
  const spare = Math.max(0, width - left - right - lengthM * pxPerM);
  const originX = left + spare / 2 - x0M * pxPerM;
  const railY = TITLE_PX + topZM * pxPerM;
  const groundY = railY - groundZM * pxPerM;
  const x = (xM: number): number => originX + xM * pxPerM;
  const toXM = (px: number): number => (px - originX) / pxPerM;
  return {
    pxPerM,
    width,
    planWidthM,
    groundY,
    x,
    toXM,
    side: { x, y: (zM) => railY - zM * pxPerM, perM: pxPerM },
    rulerY: groundY + GROUND_PX,
    rulerHeight: RULER_PX,
    fromM: Math.max(toXM(0), x0M - PAST_M),
    toM: Math.min(toXM(width), x1M + PAST_M),
    lowerY: groundY + GROUND_PX + RULER_PX,
  };
};

/** The scale of a trailer with all of its loads, or bare. */
export const drawingScale = (
  trailer: Trailer,
  chassis: Chassis,
  width: number,
  height: number,
  withPlan: boolean,
  loads = true,
): DrawingScale => scaleFor(reachOf(trailer, chassis, loads), width, height, withPlan);

/** The plan under the ruler: the right side of the trailer at the top, because the sheet looks down with the coupler at the left. */
export const planPlacement = (scale: DrawingScale, topPx: number): Placement => {
  const centre = topPx + PLAN_TOP_PX + (scale.planWidthM / 2) * scale.pxPerM;
  return { x: scale.x, y: (yM) => centre - yM * scale.pxPerM, perM: scale.pxPerM };
};

export const planHeightPx = (scale: DrawingScale, withSizes: boolean): number =>
  PLAN_TOP_PX + scale.planWidthM * scale.pxPerM + (withSizes ? PLAN_BOTTOM_PX : PLAN_BOTTOM_BARE_PX);
