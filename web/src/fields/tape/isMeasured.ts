import type { FieldPath } from '@kereta/core';

/** Sizes that are chosen or follow from others, and are never held a tape to. */
const NOT_MEASURED: ReadonlySet<FieldPath> = new Set<FieldPath>([
  'items.attach.offsetM.tolerance',
  'strength.deckPoint.patchM',
  'runningGear.suspension.shocks.dampingNsPerM',
  'runningGear.suspension.swing.dampingNsPerM',
  'runningGear.suspension.swing.unitRateNPerM',
]);

/** Whether somebody holds a tape to it: there is then a picture of where. Known without the pictures, which are loaded when they are asked for. */
export const isMeasured = (path: FieldPath): boolean => /M(\.value)?$/.test(path) && !NOT_MEASURED.has(path);
