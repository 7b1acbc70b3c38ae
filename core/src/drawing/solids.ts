import { hasAxleAcross } from '../suspension/index.js';
import type { BalancedCase } from '../balance/index.js';
import {
  type Chassis,
  directionOf,
  type EndFinish,
  type Member,
  type MiddleLine,
  type Panel,
  panelBoxes,
  type Point3,
} from '../chassis/index.js';
import { add, dot, scale, type Vector3 } from '../frame-analysis/index.js';
import { axlePlaces, spareWheels } from '../mass/index.js';
import { parsePartId, type Trailer } from '../project/index.js';
import { endsInPlan, isMirrored } from './bars.js';
import { fendersFromSide, standsFromSide } from './fittings.js';
import { gearFromSide, springCentreYM, type Stance, stanceOf } from './gear.js';
import { hitchFromSide } from './hitch.js';
import { loadsOf } from './loads.js';
import { profileAt } from './profile.js';
import { box, type DrawnShape, type Fill, type Layer, type Point, strip } from './shapes.js';

interface Body {
  readonly part: string | undefined;
  readonly layer: Layer;
  readonly fill: Fill;
}

/** A body in the trailer's own axes, m. */
export type Solid = Body &
  (
    | {
        /** a section run from one end to the other: loops of the same corners at both, the hollow after the outline it lies in */
        readonly kind: 'sweep';
        readonly from: readonly (readonly Point3[])[];
        readonly to: readonly (readonly Point3[])[];
      }
    | {
        /** an outline in the x-z plane, as thick as from y0 to y1 */
        readonly kind: 'prism';
        readonly outline: readonly Point[];
        readonly y0M: number;
        readonly y1M: number;
      }
    | {
        /** its axis across the trailer, or along it where that is said */
        readonly kind: 'cylinder';
        readonly axis?: 'along';
        readonly centre: Point3;
        readonly radiusM: number;
        readonly lengthM: number;
      }
  );

type Sweep = Extract<Solid, { readonly kind: 'sweep' }>;

/** A bar that runs in any direction: its section pushed along its line, its ends as they are sawn. */
const sweepAlong = (line: MiddleLine, member: Member, sharp: boolean): Pick<Sweep, 'from' | 'to'> => {
  const { start, end, across, up } = line;
  const { bar, finish } = member;
  const loops = profileAt(member, [-bar.widthM / 2, -bar.design.centroidZM], false, sharp);
  const along = directionOf(line);
  const ringAt = (at: Vector3, how: EndFinish | undefined): readonly (readonly Point3[])[] =>
    loops.map((loop) =>
      loop.map(([u, v]): Point3 => {
        const off = add(scale(across, u), scale(up, v));
        // Along the bar to the face that its end lies on.
        const byM = how?.kind === 'flat' ? -dot(off, how.face) / dot(along, how.face) : 0;
        const [xM, yM, zM] = add(at, add(off, scale(along, byM)));
        return { xM, yM, zM };
      }),
    );
  return { from: ringAt(start, finish?.[0]), to: ringAt(end, finish?.[1]) };
};

/** A bar with its true outline, its wall, and its ends as they are cut. */
const barSolid = (trailer: Trailer, member: Member, sharp: boolean): Solid => {
  const own: Body = { part: member.id, layer: member.group === 'side' ? 'sides' : 'frame', fill: 'steel' };
  const { extent, frontRiseM, plan, bar } = member;
  if (member.line) return { ...own, kind: 'sweep', ...sweepAlong(member.line, member, sharp) };
  const kind = parsePartId(member.id).kind;
  const stands = kind === 'post' || kind === 'riser' || kind === 'packer';
  const ends = stands ? undefined : endsInPlan(member);
  if (!ends) {
    const at = (zM: number): readonly Point3[] => plan.map(([xM, yM]) => ({ xM, yM, zM }));
    return { ...own, kind: 'sweep', from: [at(extent.z0M)], to: [at(extent.z1M)] };
  }
  const loops = profileAt(member, [0, 0], isMirrored(trailer, member), sharp);
  const length = Math.max(1e-9, extent.x1M - extent.x0M);
  // A bar that slopes is the level one sheared: every point goes up by its share of the way forward.
  const lift = (xM: number): number => Math.max(0, -frontRiseM) + (frontRiseM * (extent.x1M - xM)) / length;
  const ringAt = ([low, high]: readonly [Point, Point]): readonly (readonly Point3[])[] =>
    loops.map((loop) =>
      loop.map(([u, v]): Point3 => {
        const share = u / bar.widthM;
        const xM = low[0] + (high[0] - low[0]) * share;
        return { xM, yM: low[1] + (high[1] - low[1]) * share, zM: extent.z0M + lift(xM) + v };
      }),
    );
  return { ...own, kind: 'sweep', from: ringAt(ends[0]), to: ringAt(ends[1]) };
};

const prism = ({ part, layer, fill }: DrawnShape, outline: readonly Point[], y0M: number, y1M: number): Solid => ({
  part,
  layer,
  fill: fill === 'none' ? 'steel' : fill,
  kind: 'prism',
  outline,
  y0M: Math.min(y0M, y1M),
  y1M: Math.max(y0M, y1M),
});

/** Polygons of a side view as bodies of a thickness, at places across the trailer. */
const thick = (shapes: readonly DrawnShape[], places: readonly number[], halfM: number): readonly Solid[] =>
  shapes.flatMap((shape) =>
    shape.kind === 'polygon' && shape.fill === 'steel'
      ? places.map((yM) => prism(shape, shape.points, yM - halfM, yM + halfM))
      : [],
  );

/** Thickness of hangers and brackets, of coupler and jack across the trailer, m, for the eye. */
const HALF = { bracketM: 0.03, couplerM: 0.04, jackM: 0.025, standM: 0.02 } as const;

const gearSolids = (trailer: Trailer, chassis: Chassis, stance: Stance): readonly Solid[] => {
  const { axle, suspension, tire, wheel } = trailer.runningGear;
  const springYM = springCentreYM(trailer, chassis);
  const sides = [-1, 1] as const;
  const held = gearFromSide(trailer, stance).filter(({ layer, line }) => layer === 'suspension' && line !== 'hidden');
  const leafHalfM = suspension.kind === 'leaf' ? suspension.spring.leafWidthM / 2 : HALF.bracketM;
  const inner = suspension.trackM / 2 - tire.widthM / 2;
  const wheels = axlePlaces(trailer).flatMap(({ xM }): Solid[] => [
    ...sides.flatMap((side): Solid[] => {
      const centre = { xM, yM: (side * suspension.trackM) / 2, zM: stance.hubZM };
      return [
        {
          part: 'axle',
          layer: 'wheels',
          fill: 'behind',
          kind: 'cylinder',
          centre,
          radiusM: tire.diameterM / 2,
          lengthM: tire.widthM,
        },
        {
          part: 'axle',
          layer: 'wheels',
          fill: 'steel',
          kind: 'cylinder',
          centre,
          radiusM: Math.min(0.47 * tire.diameterM, (wheel.rimM ?? tire.rimM ?? 0.56 * tire.diameterM) / 2),
          lengthM: tire.widthM * 1.02,
        },
      ];
    }),
    ...(!hasAxleAcross(suspension.kind)
      ? sides.map(
          (side): Solid => ({
            part: 'axle',
            layer: 'axle',
            fill: 'steel',
            kind: 'cylinder',
            centre: { xM, yM: (side * (springYM + suspension.trackM / 2)) / 2, zM: stance.hubZM },
            radiusM: axle.tubeDiameterM / 4,
            lengthM: Math.abs(suspension.trackM / 2 - springYM),
          }),
        )
      : [
          {
            part: 'axle',
            layer: 'axle',
            fill: 'steel',
            kind: 'cylinder',
            centre: { xM: xM - (suspension.kind === 'torsion' ? suspension.armM : 0), yM: 0, zM: stance.tubeZM },
            radiusM: axle.tubeDiameterM / 2,
            lengthM: 2 * inner,
          } as const,
        ]),
  ]);
  return [
    ...thick(
      held,
      sides.map((side) => side * springYM),
      leafHalfM,
    ),
    ...wheels,
  ];
};

const fenderSolids = (trailer: Trailer): readonly Solid[] => {
  const half = trailer.frame.bed.widthM / 2;
  const out = half + trailer.runningGear.fender.reachM;
  const { skirtM, aboveRailM } = trailer.runningGear.fender;
  return fendersFromSide(trailer).flatMap((shape) => {
    if (shape.kind !== 'polygon') return [];
    const xs = shape.points.map(([x]) => x);
    const top = box(Math.min(...xs), Math.max(...xs), aboveRailM, aboveRailM + 0.004);
    return [-1, 1].flatMap((side) => [
      prism(shape, top, side * half, side * out),
      ...(skirtM > 0 ? [prism(shape, shape.points, side * out, side * (out - 0.004))] : []),
    ]);
  });
};

/** A flat part: what its openings leave of it; leaning over bars across the trailer it is one plate, over bars along it boxes stand for it. */
const panelSolids = (trailer: Trailer, panel: Panel): readonly Solid[] => {
  const { id, kind, extent, y0M, y1M, own, holes } = panel;
  const body = { part: id, layer: kind === 'deck' ? 'deck' : 'sides', fill: 'wood', kind: 'prism' } as const;
  if (own?.slant?.axis === 1)
    return [{ ...body, outline: strip(own.slant.from, own.slant.to, own.sheet.thicknessM), y0M, y1M }];
  const boxes = own
    ? panelBoxes(panel, own)
    : holes
      ? panelBoxes(panel, { plane: 'flat', cutouts: holes, sheet: trailer.frame.deck })
      : [{ ...extent, y0M, y1M }];
  return boxes.map((part) => ({
    ...body,
    outline: box(part.x0M, part.x1M, part.z0M, part.z1M),
    y0M: part.y0M,
    y1M: part.y1M,
  }));
};

/** Everything that the trailer is made of as bodies, and what the shown load puts on it. Sharp: sections without the radii of their corners. */
export const trailerSolids = (
  trailer: Trailer,
  chassis: Chassis,
  shown: BalancedCase | undefined,
  sharp = false,
): readonly Solid[] => {
  const stance = stanceOf(trailer, chassis);
  const parked = shown?.standing?.on === 'jack';
  const railYM = (trailer.frame.bed.widthM - chassis.railWidthM) / 2;
  const hitch = hitchFromSide(trailer, chassis, stance, parked);
  return [
    ...chassis.members.map((member) => barSolid(trailer, member, sharp)),
    ...gearSolids(trailer, chassis, stance),
    ...fenderSolids(trailer),
    ...spareWheels(trailer, chassis).map(
      ({ id, heldBy, centre, heightM, x0M, x1M, y0M, y1M }): Solid => ({
        part: heldBy?.[0] ?? id,
        layer: 'wheels',
        fill: 'behind',
        kind: 'cylinder',
        centre,
        radiusM: heightM / 2,
        lengthM: Math.min(x1M - x0M, y1M - y0M),
        ...(x1M - x0M < y1M - y0M ? { axis: 'along' } : {}),
      }),
    ),
    ...thick(
      hitch.filter(({ layer }) => layer === 'coupling'),
      [0],
      HALF.couplerM,
    ),
    ...thick(
      hitch.filter(({ layer }) => layer === 'jack'),
      [0],
      HALF.jackM,
    ),
    ...thick(standsFromSide(trailer, stance, parked), [-railYM, railYM], HALF.standM),
    ...chassis.plates.flatMap((plate): Solid[] =>
      plate.kind === 'top-plate'
        ? [
            {
              part: 'top-plate',
              layer: 'plates',
              fill: 'steel',
              kind: 'prism',
              outline: box(
                plate.centre.xM - plate.lengthM / 2,
                plate.centre.xM + plate.lengthM / 2,
                plate.centre.zM - plate.thicknessM / 2,
                plate.centre.zM + plate.thicknessM / 2,
              ),
              y0M: -plate.widthM / 2,
              y1M: plate.widthM / 2,
            },
          ]
        : [],
    ),
    ...chassis.panels.flatMap((panel) => panelSolids(trailer, panel)),
    ...loadsOf(trailer, chassis, shown?.loadCase)
      .filter(({ aboard }) => aboard)
      .map(
        ({ part }): Solid => ({
          part: part.id,
          layer: 'loads',
          fill: 'load',
          kind: 'prism',
          outline: box(part.x0M, part.x1M, part.centre.zM - part.heightM / 2, part.centre.zM + part.heightM / 2),
          y0M: part.y0M,
          y1M: part.y1M,
        }),
      ),
  ];
};
