import { boundsOf, type DrawnShape, type Point } from '@kereta/core';
import { memo, type SVGAttributes } from 'react';

/** Where a view's metres land on the sheet, px. The same value as long as the scale is the same. */
export interface Placement {
  readonly x: (across: number) => number;
  readonly y: (up: number) => number;
  readonly perM: number;
}

const STROKES: Readonly<
  Record<DrawnShape['line'], { readonly width: number; readonly dash?: string; readonly color: string }>
> = {
  outline: { width: 2, color: 'var(--ink)' },
  edge: { width: 1.3, color: 'var(--ink)' },
  detail: { width: 0.8, color: 'var(--ink)' },
  hidden: { width: 0.9, dash: '4 3', color: 'var(--ink)' },
  ghost: { width: 1, dash: '4 3', color: 'var(--mute)' },
  centre: { width: 0.9, dash: '14 3 3 3', color: 'var(--ink)' },
  none: { width: 0, color: 'none' },
};
const FILLS: Readonly<Record<DrawnShape['fill'], string>> = {
  none: 'none',
  paper: 'var(--paper)',
  steel: 'var(--steel)',
  wood: 'var(--wood)',
  load: 'var(--load)',
  behind: 'var(--behind)',
};
/** Thin parts are picked about them, too, until they are this wide, but never further than half of the second, px. What is large keeps to its outline: it must not hide its neighbours. */
const GRAB_PX = { wide: 22, most: 14 } as const;

const grabStroke = (shape: DrawnShape, { perM }: Placement): number => {
  const bounds = boundsOf([shape]);
  if (!bounds) return 0;
  const thin = Math.min(bounds.x1 - bounds.x0, bounds.y1 - bounds.y0) * perM;
  return Math.max(0, Math.min(GRAB_PX.most, GRAB_PX.wide - thin));
};

const pointsOf = (points: readonly Point[], { x, y }: Placement): string =>
  points.map(([across, up]) => `${x(across).toFixed(1)} ${y(up).toFixed(1)}`).join(' ');

type OutlineProps = Pick<
  SVGAttributes<SVGElement>,
  'fill' | 'fillOpacity' | 'stroke' | 'strokeWidth' | 'strokeDasharray' | 'strokeLinejoin' | 'pointerEvents'
> & {
  readonly shape: DrawnShape;
  readonly place: Placement;
};

/**
 * A shape's outline. Straight ones by their corners and not as a path: a path's `d` is a matter of style to the browser, worked out anew for
 * each of them at each frame of a drag; corners are not.
 */
const Outline = ({ shape, place, ...how }: OutlineProps) => {
  switch (shape.kind) {
    case 'polygon':
      return <polygon points={pointsOf(shape.points, place)} {...how} />;
    case 'line':
      return <polyline points={pointsOf(shape.points, place)} {...how} />;
    case 'region':
      return <path d={shape.loops.map((loop) => `M${pointsOf(loop, place)}Z`).join('')} fillRule="evenodd" {...how} />;
    case 'circle': {
      const r = (shape.radiusM * place.perM).toFixed(1);
      const [x, y] = [place.x(shape.centre[0]).toFixed(1), place.y(shape.centre[1]).toFixed(1)];
      return <circle cx={x} cy={y} r={r} {...how} />;
    }
  }
};

interface ShapeMarkProps {
  readonly shape: DrawnShape;
  readonly place: Placement;
  readonly picked: boolean;
  /** in place of the shape's own */
  readonly fill: string | undefined;
}

/** One shape. Drawn again only when it, its scale or its state changes: what a drag leaves as it is costs nothing. */
const ShapeMark = memo(({ shape, place, picked, fill }: ShapeMarkProps) => {
  const { width, dash, color } = STROKES[shape.line];
  const own = shape.fill === 'none' ? 'none' : (fill ?? FILLS[shape.fill]);
  const drawn = picked && shape.fill !== 'none' && shape.fill !== 'paper' ? 'var(--dye-soft)' : own;
  return (
    <>
      <Outline
        shape={shape}
        place={place}
        fill={drawn}
        fillOpacity={shape.layer === 'loads' && shape.line === 'hidden' ? 0.7 : undefined}
        stroke={picked ? 'var(--dye)' : color}
        strokeWidth={picked ? width + 0.6 : width}
        strokeDasharray={dash}
        strokeLinejoin="round"
      />
      {shape.hatch && shape.hatch !== 'sheet' && (
        <Outline shape={shape} place={place} fill={`url(#hatch-${shape.hatch})`} pointerEvents="none" />
      )}
    </>
  );
});

interface PartGroupProps {
  readonly part: string | undefined;
  readonly shapes: readonly DrawnShape[];
  readonly place: Placement;
  readonly state: PartState;
}

/** How a part is shown besides its shape. */
export interface PartState {
  readonly picked: boolean;
  readonly fill: string | undefined;
  /** may be picked; what may not lets the pointer through */
  readonly picks: boolean;
  /** may be dragged along the ruler */
  readonly moves: boolean;
  /** stands back while something else is worked on */
  readonly faint: boolean;
  /** left out for the moment */
  readonly hidden: boolean;
}

const isSameState = (a: PartState, b: PartState): boolean =>
  a.picked === b.picked &&
  a.fill === b.fill &&
  a.picks === b.picks &&
  a.moves === b.moves &&
  a.faint === b.faint &&
  a.hidden === b.hidden;

/** The very same shapes, shown alike. */
const isSameGroup = (a: PartGroupProps, b: PartGroupProps): boolean =>
  a.part === b.part &&
  a.place === b.place &&
  a.shapes.length === b.shapes.length &&
  a.shapes.every((shape, i) => shape === b.shapes[i]) &&
  isSameState(a.state, b.state);

/** What a pointer finds of a part beyond what is painted of it; nothing for what is large and filled. */
const Grab = ({ shape, place }: { readonly shape: DrawnShape; readonly place: Placement }) => {
  const width = grabStroke(shape, place);
  return width === 0 && shape.fill !== 'none' ? null : (
    <Outline
      shape={shape}
      place={place}
      fill="transparent"
      stroke="transparent"
      strokeWidth={width}
      pointerEvents="all"
    />
  );
};

const PartGroup = memo(
  ({ part, shapes, place, state: { picked, fill, picks, moves, faint, hidden } }: PartGroupProps) => {
    if (hidden) return null;
    const [first] = shapes;
    const marks = shapes.map((shape, i) => (
      // oxlint-disable-next-line react/no-array-index-key -- a part's shapes keep their order
      <ShapeMark key={i} shape={shape} place={place} picked={picked} fill={fill} />
    ));
    if (!picks || part === undefined)
      return (
        <g pointerEvents="none" opacity={faint ? 0.45 : undefined}>
          {marks}
        </g>
      );
    return (
      <g
        data-part={part}
        data-grab={part}
        data-picked={picked || undefined}
        opacity={faint ? 0.45 : undefined}
        style={{ cursor: moves ? 'ew-resize' : 'pointer', touchAction: moves ? 'pan-y' : 'auto' }}
      >
        {first && <Grab shape={first} place={place} />}
        {marks}
      </g>
    );
  },
  isSameGroup,
);

/** Shapes that follow each other and are of one part. */
const runsOf = (
  shapes: readonly DrawnShape[],
): readonly { readonly part: string | undefined; readonly shapes: readonly DrawnShape[] }[] => {
  const runs: { readonly part: string | undefined; readonly shapes: DrawnShape[] }[] = [];
  for (const shape of shapes) {
    const last = runs.at(-1);
    if (last && last.part === shape.part) last.shapes.push(shape);
    else runs.push({ part: shape.part, shapes: [shape] });
  }
  return runs;
};

/** The shapes of a view in the order of painting, grouped by the parts that are picked by them. */
export const Shapes = ({
  shapes,
  place,
  stateOf,
}: {
  readonly shapes: readonly DrawnShape[];
  readonly place: Placement;
  readonly stateOf: (part: string | undefined, layer: DrawnShape['layer']) => PartState;
}) =>
  runsOf(shapes).map(({ part, shapes: own }, i) => (
    <PartGroup
      // oxlint-disable-next-line react/no-array-index-key -- the runs of a view keep their order
      key={i}
      part={part}
      shapes={own}
      place={place}
      state={stateOf(part, own[0]?.layer ?? 'frame')}
    />
  ));

/** A view that is only looked at. */
export const STILL: PartState = {
  picked: false,
  fill: undefined,
  picks: false,
  moves: false,
  faint: false,
  hidden: false,
};

/** Hatches of what is told by lines. */
export const HatchPatterns = () => (
  <defs>
    <pattern id="hatch-planks" width="11" height="11" patternUnits="userSpaceOnUse">
      <path d="M0 5.5H11" stroke="var(--mute)" strokeWidth="0.5" strokeOpacity="0.55" />
    </pattern>
    <pattern id="hatch-mesh" width="9" height="6" patternUnits="userSpaceOnUse">
      <path d="M0 3L4.5 0L9 3L4.5 6Z" fill="none" stroke="var(--mute)" strokeWidth="0.5" strokeOpacity="0.55" />
    </pattern>
  </defs>
);
