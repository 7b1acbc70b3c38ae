import type { Member } from '../../chassis/index.js';
import type { InnerAt, InnerForce } from '../../frame-analysis/index.js';
import {
  type BarProperties,
  barProperties,
  designShape,
  outsideSize,
  type SectionProperties,
  type Shape,
  wallThicknessM,
} from '../../sections/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';
import { shearModulusPa } from '../frame-model/framing.js';
import { aluminumBending, aluminumCompression, aluminumShearPa, aluminumTension } from './aluminum.js';
import {
  channelSizes,
  channelWarpingM6,
  type Nominal,
  steelBending,
  steelCompression,
  type SteelInput,
  steelShear,
  steelTorsion,
} from './steel.js';

/** AISC 360-16: ASD factors on yield in tension, compression, bending, shear of walls and torsion. */
const STEEL_FACTOR = 1.67;

/** What a bar's section may bear on a stretch, N and N·m; each with its clause. Already divided by the safety factor. */
export interface Resistance {
  readonly tension: Nominal;
  readonly compression: Nominal;
  /** bending in the vertical plane, about y */
  readonly bendingY: Nominal;
  /** bending in the level plane, about z */
  readonly bendingZ: Nominal;
  readonly shearY: Nominal;
  readonly shearZ: Nominal;
  /** tubes: their torsional strength; open bars twist against `open` instead */
  readonly torsion: Nominal | undefined;
  readonly open: OpenTorsion | undefined;
  readonly welded: boolean;
  readonly section: SectionProperties;
  /** for the yield limit: yield stress of the stretch, Pa */
  readonly yieldPa: number;
  readonly stressPer: StressPer;
  readonly shape: Shape;
  /** `section` and `shape` are of one; what is borne is of all */
  readonly pieces: 1 | 2;
}

/** Largest stress that each inner force makes, Pa per N or N·m. */
export type StressPer = Readonly<Record<InnerForce, number>>;

/** How an open bar answers twist: stress per N·m, and what is allowed. */
export interface OpenTorsion {
  /** St Venant shear stress per torque, t ÷ J, Pa per N·m */
  readonly shearPerNm: number;
  readonly allowedShearPa: number;
  /** warping stress per torque, Pa per N·m; 0 where nothing warps */
  readonly warpingPerNm: number;
  readonly allowedNormalPa: number;
}

export interface Stretch {
  /** between the joints that hold the bar sideways */
  readonly unbracedM: number;
  /** of the whole bar, for buckling in the vertical plane */
  readonly wholeM: number;
  /** from one place where something is joined to the next; twist grows and falls between these. The unbraced length where it is not said */
  readonly elementM?: number;
  readonly welded: boolean;
}

/** St Venant shear is largest where the bar is thickest. */
const thickestM = (shape: Shape): number =>
  shape.kind === 'channel' ? Math.max(shape.webM, shape.flangeThicknessM) : wallThicknessM(shape);

/**
 * Flange bending of a channel that is held against warping at both joints: a torque T gives M = T·L ÷ 4h in each flange (Design Guide 9's upper
 * bound). Where the torque only runs from a hanger to the next bar across, a distance a away, its flanges bend by T·a ÷ 2h at most.
 */
const warpingPerNm = (shape: Shape, { unbracedM, elementM = unbracedM }: Stretch): number => {
  if (shape.kind !== 'channel' && shape.kind !== 'bent-channel') return 0;
  const { flange, depthM, flangeM } = channelSizes(shape);
  const lever = Math.min(unbracedM / 4, elementM / 2);
  return lever / (depthM - flange) / ((flange * flangeM ** 2) / 6);
};

/**
 * Share of a torque that goes as St Venant shear half-way between two joints that hold the flanges against warping: 1 − 1 ÷ cosh(L ÷ 2a), with
 * a = √(E·Cw ÷ G·J); the rest bends the flanges. Source: Design Guide 9, closed form. Bars that do not warp take all of it so.
 */
const plainShare = (shape: Shape, { torsionM4 }: SectionProperties, { unbracedM }: Stretch, ratio: number): number => {
  if (shape.kind !== 'channel' && shape.kind !== 'bent-channel') return 1;
  const { web, flange, depthM, flangeM } = channelSizes(shape);
  const decayM = Math.sqrt((ratio * channelWarpingM6(depthM, flangeM, web, flange)) / torsionM4);
  return 1 - 1 / Math.cosh(unbracedM / 2 / decayM);
};

const openTorsion = (
  { elasticPa, shearModulus }: { readonly elasticPa: number; readonly shearModulus: number },
  shape: Shape,
  section: SectionProperties,
  stretch: Stretch,
  normalPa: number,
  shearPa: number,
): OpenTorsion => ({
  shearPerNm: (plainShare(shape, section, stretch, elasticPa / shearModulus) * thickestM(shape)) / section.torsionM4,
  allowedShearPa: shearPa,
  warpingPerNm: warpingPerNm(shape, stretch),
  allowedNormalPa: normalPa,
});

const allowed = ({ value, source }: Nominal, factor: number): Nominal => ({ value: value / factor, source });

const steelResistance = (member: Member, shape: Shape, stretch: Stretch): Resistance => {
  const { material, bar } = member;
  const input: SteelInput = {
    shape,
    section: bar.design,
    yieldPa: material.yieldPa,
    elasticPa: material.elasticPa,
    shearPa: shearModulusPa(material),
  };
  const torsion = steelTorsion(input, stretch.unbracedM);
  const normalPa = material.yieldPa / STEEL_FACTOR;
  return {
    tension: { value: bar.design.areaM2 * normalPa, source: publishedSure('AISC 360-16 D2') },
    compression: allowed(steelCompression(input, stretch.wholeM, stretch.unbracedM), STEEL_FACTOR),
    bendingY: allowed(steelBending(input, 'upright', stretch.unbracedM), STEEL_FACTOR),
    bendingZ: allowed(steelBending(input, 'level', stretch.unbracedM), STEEL_FACTOR),
    shearY: allowed(steelShear(input, 'level'), STEEL_FACTOR),
    shearZ: allowed(steelShear(input, 'upright'), STEEL_FACTOR),
    torsion: torsion && allowed(torsion, STEEL_FACTOR),
    open: torsion
      ? undefined
      : openTorsion(
          { elasticPa: material.elasticPa, shearModulus: shearModulusPa(material) },
          shape,
          bar.design,
          stretch,
          normalPa,
          0.6 * normalPa,
        ),
    welded: false,
    section: bar.design,
    yieldPa: material.yieldPa,
    stressPer: stressPer(shape, bar.design),
    shape,
    pieces: 1,
  };
};

const tubeTorsionModulusM3 = (shape: Shape): number | undefined => {
  if (shape.kind === 'rect-tube') {
    const t = shape.wallM;
    return 2 * (shape.widthM - t) * (shape.heightM - t) * t - 4.5 * (4 - Math.PI) * t ** 3;
  }
  if (shape.kind === 'round-tube') return (Math.PI * (shape.diameterM - shape.wallM) ** 2 * shape.wallM) / 2;
  return undefined;
};

const shearAreas = (shape: Shape, section: SectionProperties): { y: number; z: number } => {
  const { widthM, heightM } = outsideSize(shape);
  switch (shape.kind) {
    case 'rect-tube':
      return { y: 2 * (widthM - 2 * shape.wallM) * shape.wallM, z: 2 * (heightM - 2 * shape.wallM) * shape.wallM };
    case 'angle':
      return { y: shape.horizontalLegM * shape.thicknessM, z: shape.verticalLegM * shape.thicknessM };
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM, flangeM } = channelSizes(shape);
      return { y: 2 * flangeM * flange, z: depthM * web };
    }
    case 'round-tube':
      return { y: section.areaM2 / 2, z: section.areaM2 / 2 };
    case 'flat-bar':
      return { y: (2 / 3) * section.areaM2, z: (2 / 3) * section.areaM2 };
  }
};

/** Shear as the mean over the walls that bear it, twist at the wall. */
const stressPer = (shape: Shape, section: SectionProperties): StressPer => {
  const areas = shearAreas(shape, section);
  const modulus = tubeTorsionModulusM3(shape);
  return {
    n: 1 / section.areaM2,
    vy: 1 / areas.y,
    vz: 1 / areas.z,
    t: modulus === undefined ? thickestM(shape) / section.torsionM4 : 1 / modulus,
    my: 1 / Math.min(section.syTopM3, section.syBottomM3),
    mz: 1 / Math.min(section.szLeftM3, section.szRightM3),
  };
};

const aluminumResistance = (member: Member, shape: Shape, stretch: Stretch): Resistance => {
  const { material, bar } = member;
  const input = { shape, section: bar.design, material, welded: stretch.welded };
  const shearPa = aluminumShearPa(input);
  const shear: Source = publishedVerify('Aluminum Design Manual G.2');
  const areas = shearAreas(shape, bar.design);
  const modulus = tubeTorsionModulusM3(shape);
  const yieldPa = stretch.welded ? (material.weldedYieldPa ?? material.yieldPa) : material.yieldPa;
  const tension = aluminumTension(input);
  return {
    tension,
    compression: aluminumCompression(input, stretch.wholeM, stretch.unbracedM),
    bendingY: aluminumBending(input, 'upright', stretch.unbracedM),
    bendingZ: aluminumBending(input, 'level', stretch.unbracedM),
    shearY: { value: areas.y * shearPa, source: shear },
    shearZ: { value: areas.z * shearPa, source: shear },
    torsion:
      modulus === undefined
        ? undefined
        : { value: modulus * shearPa, source: publishedVerify('Aluminum Design Manual H.2') },
    open:
      modulus === undefined
        ? openTorsion(
            { elasticPa: material.elasticPa, shearModulus: shearModulusPa(material) },
            shape,
            bar.design,
            stretch,
            tension.value / bar.design.areaM2,
            shearPa,
          )
        : undefined,
    welded: stretch.welded,
    section: bar.design,
    yieldPa,
    stressPer: stressPer(shape, bar.design),
    shape,
    pieces: 1,
  };
};

/** Twice of everything that one bar bears, for two side by side. */
const twice = (one: Resistance): Resistance => {
  const both = ({ value, source }: Nominal): Nominal => ({ value: 2 * value, source });
  return {
    ...one,
    tension: both(one.tension),
    compression: both(one.compression),
    bendingY: both(one.bendingY),
    bendingZ: both(one.bendingZ),
    shearY: both(one.shearY),
    shearZ: both(one.shearZ),
    torsion: one.torsion && both(one.torsion),
    open: one.open && {
      ...one.open,
      shearPerNm: one.open.shearPerNm / 2,
      warpingPerNm: one.open.warpingPerNm / 2,
    },
    stressPer: {
      n: one.stressPer.n / 2,
      vy: one.stressPer.vy / 2,
      vz: one.stressPer.vz / 2,
      t: one.stressPer.t / 2,
      my: one.stressPer.my / 2,
      mz: one.stressPer.mz / 2,
    },
    pieces: 2,
  };
};

/** What a plated bar bears: the bare bar's, as its moduli and area grow by the plates; shear and twist stay the bare bar's. */
const withPlates = (one: Resistance, bare: BarProperties, { design: whole, sMinM3 }: BarProperties): Resistance => {
  const { design } = bare;
  const by = ({ value, source }: Nominal, share: number): Nominal => ({ value: value * share, source });
  const area = whole.areaM2 / design.areaM2;
  const upright = sMinM3 / bare.sMinM3;
  const level = Math.min(whole.szLeftM3, whole.szRightM3) / Math.min(design.szLeftM3, design.szRightM3);
  return {
    ...one,
    tension: by(one.tension, area),
    compression: by(one.compression, area),
    bendingY: by(one.bendingY, upright),
    bendingZ: by(one.bendingZ, level),
    section: whole,
    stressPer: {
      ...one.stressPer,
      n: 1 / whole.areaM2,
      my: 1 / Math.min(whole.syTopM3, whole.syBottomM3),
      mz: 1 / Math.min(whole.szLeftM3, whole.szRightM3),
    },
  };
};

/** What a stretch of a bar may bear; two side by side bear twice what one does. */
export const memberResistance = (member: Member, stretch: Stretch): Resistance => {
  const { builtUp } = member;
  const bare = builtUp && builtUp.how.kind !== 'boxed' ? barProperties(builtUp.base) : undefined;
  if (bare) {
    const { builtUp: _plates, ...rest } = member;
    return withPlates(memberResistance({ ...rest, bar: bare }, stretch), bare, member.bar);
  }
  const shape = designShape(member.section);
  const single = member.pieces === 1 ? member : { ...member, bar: barProperties(member.section) ?? member.bar };
  const one =
    member.material.family === 'steel'
      ? steelResistance(single, shape, stretch)
      : aluminumResistance(single, shape, stretch);
  return member.pieces === 1 ? one : twice(one);
};

/** Below this share of its strength twist does not count beside bending: AISC 360-16 H3.2. */
export const TWIST_COUNTS_FROM = 0.2;

/** Shares of what is borne, and how they add up. */
export interface Utilisation {
  readonly value: number;
  readonly rule: 'normal' | 'shear' | 'with-twist' | 'open-twist' | 'yield';
  readonly axial: number;
  readonly bendingY: number;
  readonly bendingZ: number;
  readonly shear: number;
  readonly twist: number;
}

/** Shares of shear in two planes together. */
const crossed = (y: number, z: number): number => Math.sqrt(y * y + z * z);

/** H1-1: axial force and bending in both planes. */
const axialAndBending = (axial: number, bending: number): number =>
  axial >= 0.2 ? axial + (8 / 9) * bending : axial / 2 + bending;

/**
 * H3-6, a + s² ≤ 1 with a of axial force and bending and s of shear and twist, as a share that grows with the load: 1 ÷ λ where λ times the
 * load just fits, λ·a + (λ·s)² = 1. The sum itself would show the square of the twist as if it were the stress.
 */
const withTwist = (a: number, s: number): number => (a + Math.sqrt(a * a + 4 * s * s)) / 2;

/** The largest share alone, for looking along a bar; `allowableUtilisation` tells how it comes about. */
export const allowableShare = (r: Resistance, inner: InnerAt): number => {
  const axial = inner.n >= 0 ? inner.n / r.tension.value : -inner.n / r.compression.value;
  const bending = Math.abs(inner.my) / r.bendingY.value + Math.abs(inner.mz) / r.bendingZ.value;
  const shear = crossed(inner.vy / r.shearY.value, inner.vz / r.shearZ.value);
  const twistNm = Math.abs(inner.t);
  if (r.torsion) {
    const twist = twistNm / r.torsion.value;
    return twist > TWIST_COUNTS_FROM
      ? withTwist(axial + bending, shear + twist)
      : Math.max(axialAndBending(axial, bending), shear);
  }
  const open = r.open as OpenTorsion;
  return Math.max(
    axialAndBending(axial, bending) + (twistNm * open.warpingPerNm) / open.allowedNormalPa,
    shear + (twistNm * open.shearPerNm) / open.allowedShearPa,
  );
};

/** Share of the allowable at a place: AISC 360-16 H1-1, G, H3-6 (tubes) or H3.3 (open bars); the same sums serve aluminum (ADM H.1, H.3). */
export const allowableUtilisation = (r: Resistance, inner: InnerAt): Utilisation => {
  const axial = inner.n >= 0 ? inner.n / r.tension.value : -inner.n / r.compression.value;
  const bendingY = Math.abs(inner.my) / r.bendingY.value;
  const bendingZ = Math.abs(inner.mz) / r.bendingZ.value;
  const shear = crossed(inner.vy / r.shearY.value, inner.vz / r.shearZ.value);
  const twistNm = Math.abs(inner.t);
  const parts = { axial, bendingY, bendingZ, shear, value: allowableShare(r, inner) };
  if (r.torsion) {
    const twist = twistNm / r.torsion.value;
    const rule = twist > TWIST_COUNTS_FROM ? 'with-twist' : parts.value === shear ? 'shear' : 'normal';
    return { ...parts, twist, rule };
  }
  const open = r.open as OpenTorsion;
  const twist = (twistNm * open.shearPerNm) / open.allowedShearPa;
  const warping = (twistNm * open.warpingPerNm) / open.allowedNormalPa;
  const rule = twist > 0.05 || warping > 0.05 ? 'open-twist' : parts.value === shear + twist ? 'shear' : 'normal';
  return { ...parts, twist, rule };
};

/** The largest stress ÷ yield alone, for looking along a bar; `yieldUtilisation` tells how it comes about. */
export const yieldShare = ({ stressPer: per, yieldPa }: Resistance, inner: InnerAt): number => {
  const normal = Math.abs(inner.n) * per.n + Math.abs(inner.my) * per.my + Math.abs(inner.mz) * per.mz;
  const shear = crossed(inner.vy * per.vy, inner.vz * per.vz) + Math.abs(inner.t) * per.t;
  return Math.sqrt(normal * normal + 3 * shear * shear) / yieldPa;
};

/** Largest stress ÷ yield: σ = N/A + My/Sy + Mz/Sz with τ of shear and twist by von Mises; for loads that must leave nothing bent. */
export const yieldUtilisation = (r: Resistance, inner: InnerAt): Utilisation => {
  const { stressPer: per, yieldPa } = r;
  return {
    axial: (Math.abs(inner.n) * per.n) / yieldPa,
    bendingY: (Math.abs(inner.my) * per.my) / yieldPa,
    bendingZ: (Math.abs(inner.mz) * per.mz) / yieldPa,
    shear: crossed(inner.vy * per.vy, inner.vz * per.vz) / yieldPa,
    twist: (Math.abs(inner.t) * per.t) / yieldPa,
    rule: 'yield',
    value: yieldShare(r, inner),
  };
};
