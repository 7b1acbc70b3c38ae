import { type BarStock, placeBar } from '../bars.js';
import type { Hollow } from '../hollow.js';
import type { EndCut, Member, PlanPoint } from '../member.js';

/** A leg or side tube seen from above: its front is cut parallel to the centre line, its rear butts on the header or runs to the rail. */
export interface SlantedBar {
  readonly id: string;
  readonly side: -1 | 1;
  /** where its outer face starts: x, and how far from the centre line */
  readonly startXM: number;
  readonly startYM: number;
  /** to the centre line */
  readonly angleRad: number;
  /** x at which its outer and its inner face are cut behind */
  readonly outerXM: number;
  readonly innerXM: number;
  readonly under: boolean;
  /** underside of its rear end */
  readonly z0M: number;
  /** rises by this for each metre forward */
  readonly risePerM: number;
  readonly cutLaterM: number;
  /** into the open side of the header that it butts on, along the trailer */
  readonly intoM: number;
  /** of a round tube that starts on a round one: sawn square and hollowed to lie about it, instead of cut along the centre line */
  readonly hollow?: { readonly onId: string; readonly onRadiusM: number; readonly end: Hollow } | undefined;
}

/**
 * Angles of a saw cut in an upright plane across or along the trailer, through a bar at α to the centre line that slopes by σ along
 * itself: off square seen from above and seen from the side. Closed form, from the cut plane's normal n and the bar's own axes d, w, u:
 * tan(above) = n·w ÷ n·d, tan(side) = n·u ÷ n·d; the saw's blade leans by sin(tilt) = n·u with the bar flat on its table.
 */
export const slopedCut = (
  plane: 'across' | 'along',
  angleRad: number,
  slopeRad: number,
): Extract<EndCut, { kind: 'mitre' }> => {
  const across = plane === 'across';
  const above = (across ? Math.tan(angleRad) : 1 / Math.tan(angleRad)) / Math.cos(slopeRad);
  return {
    kind: 'mitre',
    offSquareRad: Math.atan(above),
    ...(Math.abs(slopeRad) > 1e-9
      ? {
          bevelRad: Math.abs(slopeRad),
          tiltRad: Math.asin((across ? Math.cos(angleRad) : Math.sin(angleRad)) * Math.sin(Math.abs(slopeRad))),
        }
      : {}),
  };
};

/**
 * Faces of one slanted bar: across = width ÷ cos α from face to face across the trailer, width ÷ sin α along it. At its front it is cut
 * along the centre line (90° − α off square), at its rear it butts on the header's face (α off square) or runs to the rail's outer face.
 */
export const slantedBar = (stock: BarStock, bar: SlantedBar): Member => {
  const { angleRad, startXM, startYM, side, outerXM, innerXM, under } = bar;
  const { widthM } = stock.bar;
  const tan = Math.tan(angleRad);
  const cos = Math.cos(angleRad);
  const acrossM = widthM / cos;
  const alongM = widthM / Math.sin(angleRad);
  const slopeRad = Math.atan(bar.risePerM * cos);
  const slant = 1 / Math.cos(slopeRad);
  const plan: PlanPoint[] = [
    [startXM, side * startYM],
    [outerXM, side * (startYM + (outerXM - startXM) * tan)],
    [innerXM, side * Math.max(startYM, startYM + (innerXM - startXM) * tan - acrossM)],
    [startXM + alongM, side * startYM],
  ];
  const intoM = (slant * bar.intoM) / cos;
  const outerM = (slant * (outerXM - startXM)) / cos + intoM;
  const innerM = (slant * (innerXM - startXM - alongM)) / cos + intoM;
  const tip = slopedCut('along', angleRad, slopeRad);
  const rear = under ? tip : slopedCut('across', angleRad, slopeRad);
  const placed = {
    plan,
    z0M: bar.z0M,
    risePerM: bar.risePerM,
    slant,
    intoM,
    cutLaterM: bar.cutLaterM,
  };
  const { hollow } = bar;
  if (!hollow)
    return placeBar(bar.id, 'tongue', stock, {
      ...placed,
      // Both cuts of a bar that runs under are parallel: its stick length is one face plus what the slant sticks out.
      faceLengthM: under ? outerM : Math.min(outerM, innerM),
      cutLengthM: under ? outerM + widthM / tan : Math.max(outerM, innerM),
      ends: [tip, rear],
    });
  // Along the tube from where both middle lines cross: its faces meet the plane beside the other tube at these, and it is sawn before them.
  const beside = hollow.onRadiusM / Math.sin(angleRad);
  const off = widthM / 2 / tan;
  const outerEndM = slant * (beside - off - hollow.end.nearM) + outerM;
  const innerEndM = slant * (beside + off - hollow.end.nearM) + (under ? outerM : innerM);
  const member = placeBar(bar.id, 'tongue', stock, {
    ...placed,
    faceLengthM: Math.min(outerEndM, innerEndM),
    cutLengthM: Math.max(outerEndM, innerEndM),
    ends: [{ kind: 'square' }, rear],
  });
  const moreM = slant * (beside - hollow.end.meanM);
  return {
    ...member,
    finish: [
      {
        kind: 'hollow',
        onId: hollow.onId,
        pastM: slant * (beside - hollow.end.nearM),
        lengthM: hollow.end.farM - hollow.end.nearM,
        angleRad,
        acrossM: hollow.end.acrossM,
        inPlaneM: hollow.end.inPlaneM,
      },
      { kind: 'square' },
    ],
    massKg: member.massKg + stock.bar.nominalAreaM2 * stock.material.densityKgM3 * moreM,
  };
};
