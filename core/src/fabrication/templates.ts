import { type Chassis, endWorkOf, type Hole } from '../chassis/index.js';
import type { CutList } from './cutList.js';

/** A place on paper, m. */
export type PaperPoint = readonly [x: number, y: number];

/** Something to be put on the metal and marked along, at 1:1. */
export interface Template {
  readonly id: string;
  readonly mark: string;
  /** saddle: wrapped about a round tube; slant and notch: wrapped about a square or flat one, creased at its corners; plate, drill and cope: laid on */
  readonly kind: 'saddle' | 'slant' | 'notch' | 'plate' | 'drill' | 'cope';
  /** of a drill card: how far from the bar's front, left or ball end its own near edge lies, m */
  readonly fromM?: number;
  readonly angleRad: number;
  /** along which is marked */
  readonly cut: readonly PaperPoint[];
  /** folds and the edge that is laid round the bar square to it */
  readonly help: readonly (readonly PaperPoint[])[];
  readonly closed: boolean;
  /** centre-punched and drilled */
  readonly holes: readonly { readonly at: PaperPoint; readonly diameterM: number }[];
  readonly widthM: number;
  readonly heightM: number;
}

/** Paper behind the cut, by which it is laid square round the bar, m. */
const BEHIND_M = 0.03;
const STEPS = 72;

/**
 * The end of a round tube of radius r on one of radius R, rolled flat: z(φ) = √(R² − r² sin² φ) ÷ sin θ + r cos φ ÷ tan θ over r φ, from its
 * furthest place. Source: a line parallel to the tube's middle meets the cylinder.
 */
export const saddleCurve = (radiusM: number, ontoM: number, angleRad: number): readonly PaperPoint[] => {
  const zs = Array.from({ length: STEPS + 1 }, (_, i) => {
    const phi = (2 * Math.PI * i) / STEPS;
    const across = radiusM * Math.sin(phi);
    return (
      Math.sqrt(Math.max(0, ontoM ** 2 - across ** 2)) / Math.sin(angleRad) +
      (radiusM * Math.cos(phi)) / Math.tan(angleRad)
    );
  });
  const least = Math.min(...zs);
  return zs.map((z, i) => [(2 * Math.PI * radiusM * i) / STEPS, z - least]);
};

/** Steps over the width of a face. */
const FACE_STEPS = 24;

/**
 * The end of a flat-sided bar, a across the plane of both bars and b in it, on a round tube of radius R, rolled off its four sides from a corner:
 * z(u, v) = √(R² − u²) ÷ sin θ + v ÷ tan θ, from its furthest place. Source: as the saddle's.
 */
export const notchCurve = (
  acrossM: number,
  inPlaneM: number,
  ontoM: number,
  angleRad: number,
): readonly PaperPoint[] => {
  const z = (u: number, v: number): number =>
    Math.sqrt(Math.max(0, ontoM ** 2 - u ** 2)) / Math.sin(angleRad) + v / Math.tan(angleRad);
  const [half, deep] = [acrossM / 2, inPlaneM / 2];
  const face = (from: number, sense: 1 | -1): PaperPoint[] =>
    Array.from({ length: FACE_STEPS + 1 }, (_, i): PaperPoint => {
      const along = (acrossM * i) / FACE_STEPS;
      return [from + along, z(sense * (along - half), sense * deep)];
    });
  // Over one face, down the side to the other, over it, and up to where it began: sides are straight.
  const curve = [...face(0, 1), ...face(acrossM + inPlaneM, -1), [2 * (acrossM + inPlaneM), z(-half, deep)] as const];
  const least = Math.min(...curve.map(([, y]) => y));
  return curve.map(([x, y]): PaperPoint => [x, y - least]);
};

/** A slanting cut rolled off a bar's four sides: top, side, bottom, side. */
export const slantCurve = (widthM: number, heightM: number, offSquareRad: number): readonly PaperPoint[] => {
  const rise = widthM * Math.tan(offSquareRad);
  return [
    [0, 0],
    [widthM, rise],
    [widthM + heightM, rise],
    [2 * widthM + heightM, 0],
    [2 * (widthM + heightM), 0],
  ];
};

const wrapped = (
  base: Pick<Template, 'id' | 'mark' | 'kind' | 'angleRad'>,
  cut: readonly PaperPoint[],
  folds: readonly number[],
): Template => {
  const widthM = cut.at(-1)?.[0] ?? 0;
  const deepM = Math.max(...cut.map(([, y]) => y));
  const heightM = deepM + BEHIND_M;
  return {
    ...base,
    cut,
    help: [
      [
        [0, heightM],
        [widthM, heightM],
      ],
      ...folds.map((x): readonly PaperPoint[] => [
        [x, 0],
        [x, heightM],
      ]),
    ],
    closed: false,
    holes: [],
    widthM,
    heightM,
  };
};

const TURNS: ReadonlySet<string> = new Set(['rect-tube', 'flat-bar']);

/** Each slant of a row once, on what has four flat sides; tilted ones are a matter of the saw. */
const slants = (chassis: Chassis, { rows }: CutList): readonly Template[] =>
  rows.flatMap((row): readonly Template[] => {
    const member = chassis.members.find(({ id }) => id === row.memberIds[0]);
    if (!member || !TURNS.has(member.section.shape.kind)) return [];
    const angles = row.ends.flatMap((end) =>
      end.kind === 'mitre' && end.offSquareRad > 1e-3 && (end.bevelRad ?? 0) < 1e-6 ? [end.offSquareRad] : [],
    );
    const { widthM, heightM } = member.bar;
    return [...new Set(angles.map((angle) => angle.toFixed(6)))].map((angle) =>
      wrapped(
        { id: `${row.mark} ${angle}`, mark: row.mark, kind: 'slant', angleRad: Number(angle) },
        slantCurve(widthM, heightM, Number(angle)),
        [widthM, widthM + heightM, 2 * widthM + heightM],
      ),
    );
  });

const saddles = (chassis: Chassis, { rows }: CutList): readonly Template[] =>
  endWorkOf(chassis).flatMap((work, i): readonly Template[] => {
    if (work.kind !== 'saddle') return [];
    const shapes = [work.memberId, work.against].map(
      (id) => chassis.members.find((member) => member.id === id)?.section.shape,
    );
    const [own, onto] = shapes;
    const mark = rows.find(({ memberIds }) => memberIds.includes(work.memberId))?.mark ?? '';
    if (own?.kind !== 'round-tube' || onto?.kind !== 'round-tube') return [];
    const curve = saddleCurve(own.diameterM / 2, onto.diameterM / 2, work.angleRad);
    return [wrapped({ id: `${mark} saddle ${i}`, mark, kind: 'saddle', angleRad: work.angleRad }, curve, [])];
  });

const notches = (chassis: Chassis, { rows }: CutList): readonly Template[] =>
  endWorkOf(chassis).flatMap((work, i): readonly Template[] => {
    if (work.kind !== 'notch') return [];
    const onto = chassis.members.find(({ id }) => id === work.against)?.section.shape;
    const mark = rows.find(({ memberIds }) => memberIds.includes(work.memberId))?.mark ?? '';
    if (onto?.kind !== 'round-tube') return [];
    const { acrossM, inPlaneM, angleRad } = work;
    const curve = notchCurve(acrossM, inPlaneM, onto.diameterM / 2, angleRad);
    const folds = [acrossM, acrossM + inPlaneM, 2 * acrossM + inPlaneM];
    return [wrapped({ id: `${mark} notch ${i}`, mark, kind: 'notch', angleRad }, curve, folds)];
  });

/** Copes of a row once: the end as it is left, seen from its side. */
const copes = (chassis: Chassis, { rows }: CutList): readonly Template[] => {
  const cards = endWorkOf(chassis).flatMap((work): readonly Template[] => {
    if (work.kind !== 'cope') return [];
    const mark = rows.find(({ memberIds }) => memberIds.includes(work.memberId))?.mark ?? '';
    const tallM = chassis.members.find(({ id }) => id === work.memberId)?.bar.heightM ?? 0;
    const { topM, bottomM, lengthM } = work;
    const wideM = lengthM + BEHIND_M;
    // Paper's y runs down: the top of the bar lies at 0.
    const left: readonly PaperPoint[] = [
      [lengthM, 0],
      [wideM, 0],
      [wideM, tallM],
      [lengthM, tallM],
      [lengthM, tallM - bottomM],
      [0, tallM - bottomM],
      [0, topM],
      [lengthM, topM],
    ];
    return [
      {
        id: `${mark} cope ${topM.toFixed(5)} ${bottomM.toFixed(5)} ${lengthM.toFixed(5)}`,
        mark,
        kind: 'cope',
        angleRad: 0,
        cut: left,
        help: [],
        closed: true,
        holes: [],
        widthM: wideM,
        heightM: tallM,
      },
    ];
  });
  return [...new Map(cards.map((card) => [card.id, card])).values()];
};

const plates = ({ plates: rows }: CutList): readonly Template[] =>
  rows.map(({ mark, lengthM, widthM, triangular, holes }) => ({
    id: mark,
    mark,
    kind: 'plate',
    angleRad: 0,
    cut: triangular
      ? [
          [0, 0],
          [lengthM, 0],
          [0, widthM],
        ]
      : [
          [0, 0],
          [lengthM, 0],
          [lengthM, widthM],
          [0, widthM],
        ],
    help: [],
    closed: true,
    holes: holes.map(({ alongM, upM, diameterM }) => ({ at: [alongM, upM] as const, diameterM })),
    widthM: lengthM,
    heightM: widthM,
  }));

/** Beyond the outermost holes of a drill template, m. */
const ABOUT_HOLES_M = 0.02;
/** Holes further apart along a bar are drilled by templates of their own, m: each fits on a page. */
const ONE_CARD_M = 0.2;

/** Groups of holes so near to each other along a bar that one card holds them. */
const together = (holes: readonly Hole[]): readonly (readonly Hole[])[] =>
  holes
    .toSorted((a, b) => a.atM - b.atM)
    .reduce<Hole[][]>((cards, hole) => {
      const card = cards.at(-1);
      const first = card?.[0];
      if (card && first && hole.atM - first.atM <= ONE_CARD_M) card.push(hole);
      else cards.push([hole]);
      return cards;
    }, []);

/** Holes in bars: a card as wide as the face that is drilled, from an end of it that is measured to; alike ones once. */
const drillCards = (chassis: Chassis, { rows }: CutList): readonly Template[] => {
  const cards = rows.flatMap(({ mark, memberIds }) => {
    const member = chassis.members.find(({ id }) => id === memberIds[0]);
    if (!member) return [];
    return (['sides', 'top-bottom'] as const).flatMap((through) =>
      together(member.holes.filter((hole) => hole.through === through)).map((holes): Template => {
        const faceM = through === 'sides' ? member.bar.heightM : member.bar.widthM;
        const fromM = Math.max(0, (holes[0] as Hole).atM - ABOUT_HOLES_M);
        const lengthM = (holes.at(-1) as Hole).atM + ABOUT_HOLES_M - fromM;
        const edge: readonly PaperPoint[] = [
          [0, 0],
          [lengthM, 0],
          [lengthM, faceM],
          [0, faceM],
        ];
        const middle: readonly PaperPoint[] = [
          [0, faceM / 2],
          [lengthM, faceM / 2],
        ];
        return {
          id: `${mark} holes ${through} ${fromM}`,
          mark,
          kind: 'drill',
          angleRad: 0,
          fromM,
          cut: edge,
          help: [middle],
          closed: true,
          holes: holes.map(({ atM, diameterM }) => ({ at: [atM - fromM, faceM / 2], diameterM })),
          widthM: lengthM,
          heightM: faceM,
        };
      }),
    );
  });
  return [...new Map(cards.map((card) => [card.id, card])).values()];
};

/** Templates for all slants, hollows, copes, plates and holes of a trailer, each kind once. */
export const templatesOf = (chassis: Chassis, cutList: CutList): readonly Template[] => [
  ...slants(chassis, cutList),
  ...saddles(chassis, cutList),
  ...notches(chassis, cutList),
  ...copes(chassis, cutList),
  ...plates(cutList),
  ...drillCards(chassis, cutList),
];
