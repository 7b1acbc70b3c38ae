import { type BalancedCase, balanceParts } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { heaviestMachine, itemPart, type Part } from '../../mass/index.js';
import type { LoadCase, Trailer } from '../../project/index.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { rigidBody } from '../situations/inertia.js';
import type { RunContext } from '../situations/runs.js';

const LOADING: LoadCase = {
  id: 'loading.tail',
  name: '',
  mode: 'loading',
  countsForWindow: false,
  aboard: [],
  drawerOutM: 0,
  tongueBand: null,
};

/** The trailer as it stands while its heaviest machine drives on; undefined where nothing has wheels. */
export const loadingTail = (
  input: { readonly trailer: Trailer; readonly chassis: Chassis; readonly bare: readonly Part[] },
  frame: TrailerFrame,
): { readonly context: RunContext; readonly machineKg: number } | undefined => {
  const { trailer, chassis, bare } = input;
  const machine = heaviestMachine(trailer);
  if (!machine) return undefined;
  const fitted = trailer.items.filter(({ kind }) => kind === 'fixed').map((item) => itemPart(trailer, chassis, item));
  const balanced: BalancedCase = balanceParts(trailer, chassis, [...bare, ...fitted], LOADING);
  if (!balanced.standing) return undefined;
  return {
    context: {
      trailer,
      frame,
      balanced: { ...balanced, standing: balanced.standing },
      body: rigidBody(balanced.parts),
      stepsOnRear: false,
    },
    machineKg: machine.massKg,
  };
};
