import type { PanelBay } from '../frame-model/shearPanels.js';
import type { SolvedRun } from './solver.js';

/** Shear flow in a bay of a panel, N/m: both ties pull against each other, (N₁ − N₂) ÷ L with L the diagonal; equilibrium of a sheet in pure shear. */
export const bayFlowNM = ({ ties, alongM, upM }: PanelBay, { prepared, endForces }: SolvedRun): number => {
  const pull = (element: string): number => {
    const index = prepared.memberIndex.get(element) as number;
    return endForces[index * 12 + 6] as number;
  };
  return Math.abs(pull(ties[0]) - pull(ties[1])) / Math.hypot(alongM, upM);
};
