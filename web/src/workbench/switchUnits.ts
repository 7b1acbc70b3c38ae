import { currencyOf, type Trailer, type UnitSystem } from '@kereta/core';
import type { ProjectStore } from './projectStore';

/** Another system of units, with the money that goes with it unless another was chosen. */
export const switchUnits = (
  { changeSettings }: Pick<ProjectStore, 'changeSettings'>,
  { settings }: Pick<Trailer, 'settings'>,
  units: UnitSystem,
): void => changeSettings({ units, currency: currencyOf(units, settings) });
