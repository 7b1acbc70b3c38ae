import { parsePartId, printPartId, type TongueLine, type Trailer } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { placeBar, stockOf } from '../bars.js';
import type { Bed } from '../bed.js';
import { type ChassisProblem, type Member, planBox, type PlanPoint } from '../member.js';

/** Metal within this of other metal is pulled together and welded, m: 1/16 in, common practice. */
const TOUCH_M = inches(1 / 16);

/** A bar of the tongue under a cross-member or header: where, and how much air lies between them. */
export interface Crossing {
  readonly barId: string;
  readonly crossId: string;
  readonly xM: number;
  readonly yM: number;
  /** 0 or less where they touch */
  readonly gapM: number;
  readonly touches: boolean;
  /** id of the packer between them, where there is one */
  readonly packerId: string | undefined;
}

const middle = (a: PlanPoint, b: PlanPoint): PlanPoint => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

/** Both ends of the middle line of a bar of the tongue, seen from above: from its ball's end to its rear. */
export const tongueMiddle = (member: Member): readonly [PlanPoint, PlanPoint] => {
  const [tipOuter, rearOuter, rearInner, tipInner] = member.plan as [PlanPoint, PlanPoint, PlanPoint, PlanPoint];
  const part = parsePartId(member.id);
  const tip = middle(tipOuter, tipInner);
  // Both tips of an A-frame are cut along the centre line: a leg's own middle meets it half-way along that cut.
  const onCentreLine = part.kind === 'tongue-bar' && part.line !== 'middle';
  return [[tip[0], onCentreLine ? 0 : tip[1]], middle(rearOuter, rearInner)];
};

const lineOf = (id: string): TongueLine | undefined => {
  const part = parsePartId(id);
  return part.kind === 'tongue-bar' ? part.line : part.kind === 'side-tube' ? part.side : undefined;
};

/** Every place where a bar of the tongue passes under (or, on top of the frame, over) a cross-member or the front header, between the rails. */
export const crossingsUnder = (trailer: Trailer, bars: readonly Member[], bed: Bed): readonly Crossing[] => {
  const packed = new Set(trailer.frame.packers);
  const over = trailer.frame.tongue.runs === 'over';
  const crosses = bed.members.filter(({ group, id }) => group === 'cross' || id === 'header.front');
  return bars.flatMap((bar) => {
    const line = lineOf(bar.id);
    if (line === undefined || bar.extent.x1M <= 0) return [];
    const [tip, rear] = tongueMiddle(bar);
    return crosses.flatMap((cross): Crossing[] => {
      const { xM } = cross.centre;
      if (xM <= tip[0] || xM > rear[0] + cross.bar.widthM / 2) return [];
      const yM = tip[1] + ((rear[1] - tip[1]) * (Math.min(xM, rear[0]) - tip[0])) / (rear[0] - tip[0]);
      const ys = cross.plan.map(([, y]) => y);
      if (yM < Math.min(...ys) || yM > Math.max(...ys)) return [];
      const gapM = over ? bar.extent.z0M - cross.extent.z1M : cross.extent.z0M - bar.extent.z1M;
      const touches = gapM <= TOUCH_M;
      return [
        {
          barId: bar.id,
          crossId: cross.id,
          xM: Math.min(xM, rear[0]),
          yM,
          gapM,
          touches,
          packerId:
            !touches && !over && packed.has(cross.id)
              ? printPartId({ kind: 'packer', line, under: cross.id })
              : undefined,
        },
      ];
    });
  });
};

/** A length of the cross-member's own stock on end, from its underside down to the tongue. */
export const buildPackers = (
  trailer: Trailer,
  crossings: readonly Crossing[],
  bed: Bed,
  problems: ChassisProblem[],
): Member[] =>
  crossings.flatMap(({ crossId, packerId, xM, yM, gapM }) => {
    const cross = bed.members.find(({ id }) => id === crossId);
    if (!cross || packerId === undefined) return [];
    const stock = stockOf(trailer, cross.group, crossId, problems);
    if (!stock) return [];
    const [halfX, halfY] = [stock.bar.widthM / 2, stock.bar.heightM / 2];
    return [
      placeBar(
        packerId,
        'tongue',
        { ...stock, holes: [] },
        {
          plan: planBox(xM - halfX, xM + halfX, yM - halfY, yM + halfY),
          z0M: cross.extent.z0M - gapM,
          cutLengthM: gapM,
          standingM: gapM,
        },
      ),
    ];
  });

/** The trailer with its tongue's rear end packed up to the last bar that it passes under, where nothing else would hold it. */
export const withRearHeld = (trailer: Trailer, crossings: readonly Crossing[]): Trailer => {
  const behind = crossings.filter(({ crossId }) => crossId !== 'header.front');
  const last = behind.at(-1);
  return !last || behind.some(({ touches, packerId }) => touches || packerId !== undefined)
    ? trailer
    : { ...trailer, frame: { ...trailer.frame, packers: [...trailer.frame.packers, last.crossId] } };
};
