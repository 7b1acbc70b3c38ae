import { balanceCase } from '../balance/index.js';
import { buildChassis } from '../chassis/index.js';
import { itemPart, trailerParts } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { type CaseSway, swayOf } from './swayOf.js';

/** What helps or harms against sway, tried on a copy. */
export interface WhatIf {
  /** everything that is cargo, this much further forward */
  readonly loadForwardM: number;
  /** tongue longer by this */
  readonly longerM: number;
  /** cargo behind the axle lighter by this share */
  readonly tailLighter: number;
}

export const AS_IT_IS: WhatIf = { loadForwardM: 0, longerM: 0, tailLighter: 0 };

/** The project with the change made; never stored. */
export const changedBy = (trailer: Trailer, { loadForwardM, longerM, tailLighter }: WhatIf): Trailer => {
  const behindAxle = (xM: number): boolean => xM > trailer.runningGear.positionM;
  const chassis = buildChassis(trailer);
  const placed = new Map(trailer.items.map((item) => [item.id, itemPart(trailer, chassis, item).centre.xM] as const));
  return {
    ...trailer,
    frame: {
      ...trailer.frame,
      tongue: { ...trailer.frame.tongue, lengthM: Math.max(0.3, trailer.frame.tongue.lengthM + longerM) },
    },
    items: trailer.items.map((item) =>
      item.kind === 'fixed'
        ? item
        : {
            ...item,
            massKg: behindAxle(placed.get(item.id) ?? 0)
              ? { ...item.massKg, value: item.massKg.value * (1 - tailLighter) }
              : item.massKg,
            attach: {
              ...item.attach,
              // What stands on another thing goes with it.
              offsetM: {
                ...item.attach.offsetM,
                value: item.attach.offsetM.value - (item.attach.on === 'item' ? 0 : loadForwardM),
              },
            },
          },
    ),
  };
};

/** The sway of one load with a change made; undefined where it does not stand on its ball. */
export const swayWhatIf = (
  trailer: Trailer,
  caseId: string,
  change: WhatIf,
): (CaseSway & { readonly tongueShare: number }) | undefined => {
  const changed = changedBy(trailer, change);
  const loadCase = changed.cases.find(({ id }) => id === caseId);
  if (!loadCase) return undefined;
  const chassis = buildChassis(changed);
  const balanced = balanceCase(changed, chassis, trailerParts(changed, chassis), loadCase);
  const [found] = swayOf(changed, [balanced]).cases;
  return found && balanced.standing ? { ...found, tongueShare: balanced.standing.tongueShare } : undefined;
};
