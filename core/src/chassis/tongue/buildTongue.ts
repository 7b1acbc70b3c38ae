import { barOf, findSection, type Tongue, type Trailer } from '../../project/index.js';
import { type BarStock, placeBar, stockOf } from '../bars.js';
import type { Bed } from '../bed.js';
import { type ChassisProblem, type Hole, type Member, planBox } from '../member.js';
import { roundOnRound } from '../hollow.js';
import { openReachM } from '../openSide.js';
import { tongueLevel } from './level.js';
import { buildPackers, type Crossing, crossingsUnder } from './crossings.js';
import { PIN_ROOM_M, pinOffsetsM } from './pins.js';
import { buildRisers } from './risers.js';
import { type SlantedBar, slantedBar } from './slantedBar.js';

/** How the tongue carries its bending into the frame; the hand check needs it. */
export interface TongueGeometry {
  /** what runs to the coupler: both legs, or the one tube */
  readonly members: readonly Member[];
  /** side tubes of a backbone */
  readonly sideTubes: readonly Member[];
  /** uprights of a stepped tongue */
  readonly risers: readonly Member[];
  /** where its bars pass under cross-members and the front header */
  readonly crossings: readonly Crossing[];
  /** packers between it and what it passes under */
  readonly packers: readonly Member[];
  /** angle of each leg to the centre line; 0 for a straight tongue */
  readonly legAngleRad: number;
  /** how many tubes share the bending */
  readonly legs: number;
  /** under the frame: where its rear end bears, m; undefined where it ends at the front header */
  readonly rearBearingXM: number | undefined;
  /** the rear end bears on the rails themselves, or on the cross-member above it */
  readonly rearOn: 'rails' | 'cross-member' | 'header';
  /** half the distance between the legs' middles at the front header, m */
  readonly halfSpreadAtHeaderM: number;
  /** where coupler, jack and what is fixed on the tongue stand: its top, half-way along where it slopes */
  readonly topZM: number;
  /** ball centre, m: half-way up the tongue's front end */
  readonly ballZM: number;
}

type AFrame = Extract<Tongue, { kind: 'a-frame' }>;
type SingleTube = Exclude<Tongue, { kind: 'a-frame' }>;

/** Top and ball of a tongue whose rear end's underside lies at z0. */
const heights = (
  tongue: Tongue,
  z0M: number,
  risePerM: number,
  barHeightM: number,
): Pick<TongueGeometry, 'topZM' | 'ballZM'> => ({
  topZM: z0M + barHeightM + (risePerM * tongue.lengthM) / 2,
  ballZM: z0M + barHeightM / 2 + risePerM * tongue.lengthM,
});

/** How far what butts on the front header reaches into it, m: to its web where it is a channel open towards the ball. */
const intoHeaderM = (trailer: Trailer): number => {
  const { sectionId, faces } = barOf(trailer, 'header', 'header.front');
  const section = findSection(trailer, sectionId);
  return section ? openReachM(section, faces, 'out') : 0;
};

interface Reach {
  readonly outerXM: number;
  readonly innerXM: number;
  readonly under: boolean;
}

/** Where bars that start at x, y and slant by α end: at the header's front face, or at the rails' outer faces. */
const reachOf = (
  trailer: Trailer,
  start: { readonly xM: number; readonly yM: number },
  angleRad: number,
  widthM: number,
  under: boolean,
  problems: ChassisProblem[],
): Reach => {
  const { bed } = trailer.frame;
  const tan = Math.tan(angleRad);
  const spreadM = start.yM - start.xM * tan;
  if (spreadM > bed.widthM / 2 + 1e-9) {
    problems.push({ code: 'legs-outside-frame', spreadM: 2 * spreadM, widthM: bed.widthM });
    return { outerXM: 0, innerXM: 0, under: false };
  }
  if (!under) return { outerXM: 0, innerXM: 0, under: false };
  const outerXM = start.xM + (bed.widthM / 2 - start.yM) / tan;
  const innerXM = outerXM + widthM / Math.cos(angleRad) / tan;
  if (innerXM > bed.lengthM) problems.push({ code: 'tongue-under-longer-than-bed', underM: innerXM });
  return { outerXM, innerXM, under: true };
};

const aFrame = (
  trailer: Trailer,
  tongue: AFrame,
  bed: Bed,
  stock: readonly BarStock[],
  problems: ChassisProblem[],
): Omit<TongueGeometry, 'crossings' | 'packers'> => {
  const angle = tongue.includedAngleRad / 2;
  const tan = Math.tan(angle);
  const apexX = tongue.apexBehindBallM - tongue.lengthM;
  const wanted = tongue.rearEnd === 'under';
  const tallestM = Math.max(...stock.map(({ bar }) => bar.heightM));
  const reach = stock.map(({ bar }, i) =>
    reachOf(trailer, { xM: apexX, yM: 0 }, angle, bar.widthM, wanted, i === 0 ? problems : []),
  );
  const { z0M, risePerM } = tongueLevel(tongue, bed, tallestM, reach[0]?.under ?? false, problems);
  const legs = (['tongue.left', 'tongue.right'] as const).map((id, i) => {
    const own = stock[i] as BarStock;
    const side = id === 'tongue.right' ? (1 as const) : (-1 as const);
    const member = slantedBar(own, {
      id,
      side,
      startXM: apexX,
      startYM: 0,
      angleRad: angle,
      ...(reach[i] as Reach),
      intoM: reach[i]?.under || tongue.rise.kind === 'stepped' ? 0 : intoHeaderM(trailer),
      // Legs of unequal height lie with their tops level.
      z0M: z0M + (tongue.runs === 'over' ? 0 : tallestM - own.bar.heightM),
      risePerM,
      cutLaterM: tongue.cutLaterM / Math.cos(angle),
    });
    const middle = Math.max(0, -apexX * tan - own.bar.widthM / Math.cos(angle) / 2);
    return { member, stock: own, headerYM: side * middle };
  });
  const last = reach[1] as Reach;
  const rearOn = last.under ? 'rails' : 'header';
  return {
    members: legs.map(({ member }) => member),
    sideTubes: [],
    risers: buildRisers(tongue, bed, legs, rearOn),
    legAngleRad: angle,
    legs: 2,
    rearBearingXM: last.under ? (last.outerXM + last.innerXM) / 2 : undefined,
    rearOn,
    halfSpreadAtHeaderM: Math.abs(legs[1]?.headerYM ?? 0),
    ...heights(tongue, z0M, risePerM, tallestM),
  };
};

/** A tube that runs on by less than this ends at the header: it has no lever there, m. */
const LEAST_UNDER_M = 1e-3;

/** How a round side tube lies on a round backbone; undefined where either is not, or the backbone is the narrower. */
const hollowOnBackbone = (own: BarStock, backbone: BarStock, angleRad: number): SlantedBar['hollow'] => {
  const [tube, onto] = [own.section.shape, backbone.section.shape];
  if (tube.kind !== 'round-tube' || onto.kind !== 'round-tube') return undefined;
  const onRadiusM = onto.diameterM / 2;
  const end = roundOnRound(tube, onRadiusM, angleRad);
  return end && { onId: 'tongue.middle', onRadiusM, end };
};

const buildSideTubes = (
  trailer: Trailer,
  tongue: SingleTube,
  backbone: BarStock,
  level: { readonly z0M: number; readonly risePerM: number },
  under: boolean,
  problems: ChassisProblem[],
): Member[] => {
  if (tongue.kind !== 'backbone' || tongue.rise.kind === 'stepped') return [];
  const { sideTubesAheadM: aheadM, sideTubeAngleRad: angleRad } = tongue;
  if (aheadM > tongue.lengthM - tongue.tipBehindBallM)
    problems.push({ code: 'side-tubes-ahead-of-tongue', aheadM, lengthM: tongue.lengthM - tongue.tipBehindBallM });
  const start = { xM: -aheadM, yM: backbone.bar.widthM / 2 };
  return (['tongue.side.left', 'tongue.side.right'] as const).flatMap((id, i) => {
    const own = stockOf(trailer, 'tongue', id, problems);
    if (!own) return [];
    const reach = reachOf(trailer, start, angleRad, own.bar.widthM, under, i === 0 ? problems : []);
    return [
      slantedBar(own, {
        id,
        side: id.endsWith('right') ? 1 : -1,
        startXM: start.xM,
        startYM: start.yM,
        angleRad,
        ...reach,
        intoM: reach.under ? 0 : intoHeaderM(trailer),
        // Tops level with the backbone's where they run under the rails, middles level where they butt on the header.
        z0M: level.z0M + (backbone.bar.heightM - own.bar.heightM) * (under ? (tongue.runs === 'over' ? 0 : 1) : 0.5),
        risePerM: level.risePerM,
        cutLaterM: 0,
        hollow: hollowOnBackbone(own, backbone, angleRad),
      }),
    ];
  });
};

/** Holes that the pins of a folding or removable tongue leave in it, from its ball's end. */
const pinHoles = ({ joint, lengthM, tipBehindBallM }: SingleTube): readonly Hole[] => {
  if (joint.kind === 'fixed') return [];
  const middleM = lengthM - tipBehindBallM - joint.aheadM;
  return pinOffsetsM(joint)
    .map((byM): Hole => ({ atM: middleM + byM, diameterM: joint.pinDiameterM + PIN_ROOM_M, through: 'sides' }))
    .filter(({ atM }) => atM >= 0);
};

const singleTube = (
  trailer: Trailer,
  tongue: SingleTube,
  bed: Bed,
  stock: BarStock,
  problems: ChassisProblem[],
): Omit<TongueGeometry, 'crossings' | 'packers'> => {
  const half = stock.bar.widthM / 2;
  const tip = tongue.tipBehindBallM - tongue.lengthM;
  const under = tongue.underM > LEAST_UNDER_M;
  if (tongue.underM > trailer.frame.bed.lengthM)
    problems.push({ code: 'tongue-under-longer-than-bed', underM: tongue.underM });
  if (tongue.joint.kind !== 'fixed' && tongue.joint.aheadM >= -tip)
    problems.push({ code: 'tongue-joint-off-tongue', aheadM: tongue.joint.aheadM, lengthM: -tip });
  if (tongue.kind === 'backbone' && tongue.joint.kind !== 'fixed' && tongue.joint.aheadM <= tongue.sideTubesAheadM)
    problems.push({
      code: 'tongue-joint-behind-side-tubes',
      aheadM: tongue.joint.aheadM,
      sideTubesAheadM: tongue.sideTubesAheadM,
    });
  const level = tongueLevel(tongue, bed, stock.bar.heightM, under, problems);
  const slopeRad = Math.atan(level.risePerM);
  const slant = 1 / Math.cos(slopeRad);
  const sloped = {
    kind: 'mitre',
    offSquareRad: 0,
    bevelRad: Math.abs(slopeRad),
    tiltRad: Math.abs(slopeRad),
  } as const;
  const intoM = under ? 0 : intoHeaderM(trailer);
  const drilled: BarStock = { ...stock, holes: [...stock.holes, ...pinHoles(tongue)] };
  const member = placeBar('tongue.middle', 'tongue', drilled, {
    plan: planBox(tip, tongue.underM, -half, half),
    z0M: level.z0M,
    risePerM: level.risePerM,
    slant,
    // Sawn upright at the header and square at the ball, one face of a sloping tube is longer than its middle, the other shorter.
    intoM: intoM * slant,
    cutLengthM: (tongue.underM - tip + intoM) * slant + (stock.bar.heightM * Math.abs(level.risePerM)) / 2,
    faceLengthM: (tongue.underM - tip + intoM) * slant - (stock.bar.heightM * Math.abs(level.risePerM)) / 2,
    ...(slopeRad === 0 ? {} : { ends: [{ kind: 'square' }, sloped] as const }),
    cutLaterM: tongue.cutLaterM,
    // Measured along its middle; it folds where it is level or nearly so.
    hingeAtM: tongue.joint.kind === 'folding' ? (-tip - tongue.joint.aheadM) * slant : undefined,
  });
  const rearOn = under ? 'cross-member' : 'header';
  return {
    members: [member],
    sideTubes: buildSideTubes(trailer, tongue, stock, level, under, problems),
    risers: buildRisers(tongue, bed, [{ member, stock, headerYM: 0 }], rearOn),
    legAngleRad: 0,
    legs: 1,
    rearBearingXM: under ? tongue.underM : undefined,
    rearOn,
    halfSpreadAtHeaderM: 0,
    ...heights(tongue, level.z0M, level.risePerM, stock.bar.heightM),
  };
};

/** A stepped tongue hangs clear of what it passes under: uprights hold it. */
const withPackers = (
  trailer: Trailer,
  bed: Bed,
  tongue: Omit<TongueGeometry, 'crossings' | 'packers'>,
  problems: ChassisProblem[],
): TongueGeometry => {
  const crossings =
    tongue.risers.length > 0 ? [] : crossingsUnder(trailer, [...tongue.members, ...tongue.sideTubes], bed);
  return { ...tongue, crossings, packers: buildPackers(trailer, crossings, bed, problems) };
};

export const buildTongue = (trailer: Trailer, bed: Bed, problems: ChassisProblem[]): TongueGeometry | undefined => {
  const { tongue } = trailer.frame;
  const ids = tongue.kind === 'a-frame' ? ['tongue.left', 'tongue.right'] : ['tongue.middle'];
  const stock = ids.map((id) => stockOf(trailer, 'tongue', id, problems)).filter((own) => own !== undefined);
  if (stock.length !== ids.length) return undefined;
  const built =
    tongue.kind === 'a-frame'
      ? aFrame(trailer, tongue, bed, stock, problems)
      : singleTube(trailer, tongue, bed, stock[0] as BarStock, problems);
  return withPackers(trailer, bed, built, problems);
};
