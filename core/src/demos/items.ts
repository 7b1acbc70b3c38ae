import type { Item, LoadCase } from '../project/index.js';

interface DemoItem {
  readonly id: string;
  readonly name: string;
  readonly kind?: Item['kind'];
  readonly massKg: number;
  readonly basis?: Item['massKg']['basis'];
  readonly emptyMassKg?: number;
  /** length, width, height, m */
  readonly sizeM: readonly [number, number, number];
  readonly on?: Item['attach']['on'];
  readonly from?: Item['attach']['from'];
  readonly offsetM: number;
  readonly rightM?: number;
  readonly aboveM?: number;
}

/** Guessed things are guessed to a fifth, listed ones to a twentieth. */
const TOLERANCE = { guessed: 0.2, listed: 0.05, weighed: 0.01 } as const;

export const demoItem = (demo: DemoItem): Item => {
  const basis = demo.basis ?? 'guessed';
  const [lengthM, widthM, heightM] = demo.sizeM;
  return {
    id: `item.${demo.id}`,
    name: demo.name,
    kind: demo.kind ?? 'cargo',
    massKg: { value: demo.massKg, basis, tolerance: demo.massKg * TOLERANCE[basis] },
    emptyMassKg: demo.emptyMassKg ?? 0,
    sizeM: { lengthM, widthM, heightM },
    wheels: null,
    attach: {
      on: demo.on ?? 'deck',
      from: demo.from ?? 'front',
      hostId: null,
      offsetM: { value: demo.offsetM, basis, tolerance: 0.03 },
      rightM: demo.rightM ?? 0,
      aboveM: demo.aboveM ?? 0,
    },
  };
};

export const demoCase = (
  id: string,
  name: string,
  aboard: readonly (string | readonly [string, { fill?: number; shiftM?: number }])[],
  { mode = 'towed', shares }: { readonly mode?: LoadCase['mode']; readonly shares?: readonly [number, number] } = {},
): LoadCase => ({
  id: `case.${id}`,
  name,
  mode,
  countsForWindow: mode === 'towed',
  aboard: aboard.map((entry) => {
    const [itemId, { fill = 1, shiftM = 0 }] = typeof entry === 'string' ? [entry, {}] : entry;
    return { itemId: `item.${itemId}`, fill, shiftM };
  }),
  drawerOutM: 0,
  tongueBand: shares ? { minShare: shares[0], maxShare: shares[1], minKg: null, maxKg: null, enoughKg: null } : null,
});
