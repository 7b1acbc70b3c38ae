import type { HeldStick } from '../project/index.js';
import type { NoPlan } from '../nesting/index.js';
import type { EndShape } from './pieces.js';

/** One piece that is to be laid on a stick. */
export interface StickPiece {
  readonly id: string;
  readonly mark: string;
  /** over the long points, with what is left on */
  readonly lengthM: number;
  readonly shape: EndShape;
  /** what its slanted cut runs along it */
  readonly slantM: number;
  /** of its slanted cut off square */
  readonly angleRad: number;
  /** lies nose to tail with others of this name */
  readonly nests: { readonly name: string } | undefined;
  /** how its ends are sawn, for comparing */
  readonly ends: string;
}

/** One length of stock with what is cut out of it. */
export interface Stick {
  readonly id: string;
  readonly sectionId: string;
  readonly materialName: string;
  /** it is called by, through the whole trailer */
  readonly number: number;
  /** row of stock; null for what yards usually sell */
  readonly stockId: string | null;
  /** its pieces stay on it, whatever the rest is planned like */
  readonly held: boolean;
  readonly origin: HeldStick['origin'];
  /** cut off each end first */
  readonly trimM: number;
  readonly lengthM: number;
  /** for this one; null where no price is known */
  readonly price: number | null;
  readonly onHand: boolean;
  readonly note: string;
  readonly pieces: readonly {
    readonly id: string;
    readonly mark: string;
    /** its long points, from the end of the stick */
    readonly fromM: number;
    readonly toM: number;
    readonly slantM: number;
    readonly shape: EndShape;
    /** turned over, so that its slant lies against the one before */
    readonly turned: boolean;
    readonly angleRad: number;
    /** one cut ends the piece before and begins this one */
    readonly sharesCut: boolean;
    /** wrong: it was cut and is none of the pieces that are wanted */
    readonly state: 'planned' | 'cut' | 'wrong';
  }[];
  /** what is left at its end, after the last cut */
  readonly leftM: number;
  /** long enough to be kept */
  readonly kept: boolean;
}

/** How everything of one section and metal is cut. */
export interface StickSection {
  readonly sectionId: string;
  readonly designation: string;
  readonly materialName: string;
  readonly sticks: readonly Stick[];
  /** all that is sold has a price, and the plan goes by it; else the least metal is bought */
  readonly byPrice: boolean;
  /** of what is bought; null where a price is not known */
  readonly price: number | null;
  /** no plan is cheaper (buys less metal where not all prices are known), and none of that price needs fewer sticks */
  readonly proved: boolean;
  /** sticks whose pieces the user keeps on them: the plan is the best one with them as they are */
  readonly heldSticks: number;
  /** share that the price could be above the least one at most */
  readonly gap: number;
  readonly problem:
    | {
        readonly code: NoPlan['code'];
        readonly marks: readonly string[];
        /** nobody has said which lengths are sold */
        readonly assumed: boolean;
      }
    | undefined;
}

/** Where a length of stock is cut, m from its end. */
interface Laid {
  readonly pieces: readonly Stick['pieces'][number][];
  /** what the pieces and the cuts between them take */
  readonly takenM: number;
}

/** A piece on a stick, planned unless it says otherwise. */
export type OnStick = StickPiece & { readonly state?: Stick['pieces'][number]['state'] };
const isCut = ({ state }: OnStick): boolean => state !== undefined && state !== 'planned';

/** Lays pieces one after another, nose to tail where their slants fit, what is cut first, then the long ones. */
export const laidOn = (
  pieces: readonly OnStick[],
  { kerfM, trimM }: { readonly kerfM: number; readonly trimM: number },
): Laid => {
  const order = [...pieces].sort(
    (a, b) =>
      Number(isCut(b)) - Number(isCut(a)) ||
      Number(b.nests !== undefined) - Number(a.nests !== undefined) ||
      (a.nests?.name ?? '').localeCompare(b.nests?.name ?? '') ||
      b.lengthM - a.lengthM ||
      a.mark.localeCompare(b.mark),
  );
  let atM = trimM;
  let endM = trimM;
  let before: StickPiece | undefined;
  let turned = false;
  const laid = order.map((piece): Stick['pieces'][number] => {
    const fits = before?.nests !== undefined && before.nests.name === piece.nests?.name;
    if (before) atM = fits ? endM - before.slantM + kerfM / Math.cos(before.angleRad) : endM + kerfM;
    turned = fits && piece.shape === 'same-side' ? !turned : false;
    endM = atM + piece.lengthM;
    before = piece;
    return {
      id: piece.id,
      mark: piece.mark,
      fromM: atM,
      toM: endM,
      slantM: piece.slantM,
      shape: piece.shape,
      turned,
      angleRad: piece.angleRad,
      sharesCut: fits,
      state: piece.state ?? 'planned',
    };
  });
  return { pieces: laid, takenM: endM - trimM };
};

/** Lengths of one kind that are bought, for the yard. */
export const boughtOf = ({
  sticks,
}: StickSection): readonly {
  readonly lengthM: number;
  readonly count: number;
  readonly priceEach: number | null;
}[] => {
  const bought = new Map<string, { lengthM: number; count: number; priceEach: number | null }>();
  for (const { onHand, lengthM, price } of sticks) {
    if (onHand) continue;
    const key = `${lengthM} ${price}`;
    bought.set(key, { lengthM, count: (bought.get(key)?.count ?? 0) + 1, priceEach: price });
  }
  return [...bought.values()].sort((a, b) => b.lengthM - a.lengthM);
};
