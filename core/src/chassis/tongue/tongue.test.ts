import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { FIXED_JOINT, PLAIN_TONGUE, type Trailer, type Tongue } from '../../project/index.js';
import { fromRadians, inches, toRadians } from '../../units/index.js';
import { buildChassis, copeInto, type Member, saddleLengthM, sideOutline, slopedCut, endWorkOf } from '../index.js';

const base = sampleTrailer();
const withTongue = (tongue: Tongue, change: Partial<Trailer['frame']> = {}): Trailer => ({
  ...base,
  frame: { ...base.frame, ...change, tongue },
});
const straight = (change: Partial<Extract<Tongue, { kind: 'straight' }>> = {}): Tongue => ({
  ...PLAIN_TONGUE,
  kind: 'straight',
  lengthM: inches(48),
  underM: inches(40),
  tipBehindBallM: inches(3),
  joint: FIXED_JOINT,
  ...change,
});
/** A level bar of a shape, so high, its top at a height. */
const bar = (id: string, shape: Member['section']['shape'], heightM: number, topZM: number) => {
  const [own] = buildChassis(base).members as [Member];
  const extent = { ...own.extent, z0M: topZM - heightM, z1M: topZM };
  return { extent, frontRiseM: 0, bar: { ...own.bar, heightM }, section: { ...own.section, id, shape } };
};
const backbone = (change: Partial<Extract<Tongue, { kind: 'backbone' }>> = {}): Tongue => ({
  ...PLAIN_TONGUE,
  kind: 'backbone',
  lengthM: inches(50),
  underM: 0,
  tipBehindBallM: inches(3),
  joint: FIXED_JOINT,
  sideTubesAheadM: inches(30),
  sideTubeAngleRad: toRadians(25, 'deg'),
  ...change,
});
const codes = (trailer: Trailer): readonly string[] => buildChassis(trailer).problems.map(({ code }) => code);
const deg = (rad: number): number => fromRadians(rad, 'deg');

describe('a backbone with side tubes', () => {
  test('side tubes: 65° off square along the backbone, 25° at the header, as long as the triangle says', () => {
    const { tongue } = buildChassis(withTongue(backbone()));
    const tube = tongue?.sideTubes[1];
    if (!tube) throw new Error('no side tube');
    const [tip, root] = tube.ends;
    verify({
      area: 'A-frame',
      check: 'side tube, cut along the backbone',
      ours: tip.kind === 'mitre' ? deg(tip.offSquareRad) : Number.NaN,
      outside: '65',
      unit: '° off square',
      source: 'plane geometry: 90° less the angle to the centre line',
    });
    verify({
      area: 'A-frame',
      check: 'side tube, cut on the header',
      ours: root.kind === 'mitre' ? deg(root.offSquareRad) : Number.NaN,
      outside: '25',
      unit: '° off square',
      source: 'plane geometry: the angle to the centre line',
    });
    // 30 in ahead at 25°: 30 ÷ cos 25° = 33.10 in on its outer face.
    expect(tube.cutLengthM).toBeCloseTo(inches(30) / Math.cos(toRadians(25, 'deg')), 9);
  });
  test('its sides mirror each other, and start at the backbone’s own sides', () => {
    const { tongue } = buildChassis(withTongue(backbone()));
    const [left, right] = tongue?.sideTubes ?? [];
    const half = (tongue?.members[0]?.bar.widthM ?? 0) / 2;
    expect(left?.massKg).toBeCloseTo(right?.massKg ?? 0, 12);
    expect(left?.centre.yM).toBeCloseTo(-(right?.centre.yM ?? 0), 12);
    expect(Math.min(...(right?.plan ?? []).map(([, y]) => y))).toBeCloseTo(half, 12);
  });
  test('run on under the frame they reach the rails', () => {
    const trailer = withTongue(backbone({ underM: inches(60), sideTubesAheadM: inches(20) }));
    const { tongue } = buildChassis(trailer);
    expect(tongue?.sideTubes[1]?.plan[1]?.[1]).toBeCloseTo(base.frame.bed.widthM / 2, 12);
    expect(tongue?.rearOn).toBe('cross-member');
  });
  test('side tubes that start ahead of the backbone, or spread past the frame, are told', () => {
    expect(codes(withTongue(backbone({ sideTubesAheadM: inches(49) })))).toContain('side-tubes-ahead-of-tongue');
    expect(codes(withTongue(backbone({ sideTubeAngleRad: toRadians(70, 'deg') })))).toContain('legs-outside-frame');
  });
});

describe('sloped and stepped', () => {
  test('a slope lowers the ball by what is asked, lengthens the leg by 1 ÷ cos σ, and makes a compound cut', () => {
    const level = withTongue(straight({ underM: 0 }));
    const sloped = withTongue(straight({ underM: 0, rise: { kind: 'sloped', byM: -inches(6) } }));
    const [a, b] = [buildChassis(level), buildChassis(sloped)];
    expect((b.tongue?.ballZM ?? 0) - (a.tongue?.ballZM ?? 0)).toBeCloseTo(-inches(6), 12);
    // 6 in over 48 in: σ = atan(1/8) = 7.125°.
    const end = b.tongue?.members[0]?.ends[1];
    verify({
      area: 'A-frame',
      check: 'bevel at the header of a tongue sloped 6 in over 48 in',
      ours: end?.kind === 'mitre' ? deg(end.bevelRad ?? 0) : Number.NaN,
      outside: '7.13',
      unit: '°',
      source: 'atan(6 ÷ 48)',
    });
    expect((b.tongue?.members[0]?.massKg ?? 0) / (a.tongue?.members[0]?.massKg ?? 1)).toBeCloseTo(
      Math.hypot(1, 1 / 8),
      9,
    );
  });
  test('a saw cut at the header is α seen from above where nothing slopes; both planes agree with vectors worked out anew', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1.2, noNaN: true }),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        fc.constantFrom('across' as const, 'along' as const),
        (alpha, sigma, plane) => {
          const n = plane === 'across' ? [1, 0, 0] : [0, 1, 0];
          const d = [Math.cos(sigma) * Math.cos(alpha), Math.cos(sigma) * Math.sin(alpha), Math.sin(sigma)];
          const w = [-Math.sin(alpha), Math.cos(alpha), 0];
          const u = [-Math.sin(sigma) * Math.cos(alpha), -Math.sin(sigma) * Math.sin(alpha), Math.cos(sigma)];
          const dot = (p: number[], q: number[]): number => p.reduce((sum, x, i) => sum + x * (q[i] as number), 0);
          const cut = slopedCut(plane, alpha, sigma);
          expect(Math.tan(cut.offSquareRad)).toBeCloseTo(Math.abs(dot(n, w) / dot(n, d)), 9);
          expect(Math.tan(cut.bevelRad ?? 0)).toBeCloseTo(Math.abs(dot(n, u) / dot(n, d)), 9);
        },
      ),
    );
    expect(deg(slopedCut('across', toRadians(25, 'deg'), 0).offSquareRad)).toBeCloseTo(25, 12);
  });
  test('side view: a sloped bar is a parallelogram as high as its section', () => {
    const { tongue } = buildChassis(withTongue(straight({ underM: 0, rise: { kind: 'sloped', byM: -inches(6) } })));
    const bar = tongue?.members[0];
    if (!bar) throw new Error('no tongue');
    const [frontTop, rearTop, rearBottom, frontBottom] = sideOutline(bar);
    expect((frontTop?.[1] ?? 0) - (frontBottom?.[1] ?? 0)).toBeCloseTo(bar.bar.heightM, 12);
    expect((rearTop?.[1] ?? 0) - (rearBottom?.[1] ?? 0)).toBeCloseTo(bar.bar.heightM, 12);
    expect((frontTop?.[1] ?? 0) - (rearTop?.[1] ?? 0)).toBeCloseTo(bar.frontRiseM, 12);
  });
  test('a step puts uprights between tongue and frame', () => {
    const under = buildChassis(withTongue(straight({ rise: { kind: 'stepped', byM: -inches(5) } })));
    expect(under.tongue?.risers.map(({ id }) => id)).toEqual(['tongue.riser.middle.front', 'tongue.riser.middle.rear']);
    expect(under.tongue?.risers[0]?.cutLengthM).toBeCloseTo(inches(5), 9);
    const legs = buildChassis(
      withTongue({
        ...PLAIN_TONGUE,
        kind: 'a-frame',
        lengthM: inches(48),
        includedAngleRad: toRadians(50, 'deg'),
        rearEnd: 'header',
        apexBehindBallM: inches(3),
        rise: { kind: 'stepped', byM: -inches(8) },
      }),
    );
    expect(legs.tongue?.risers).toHaveLength(2);
    // From under the header down to under the tongue: 8 in, the tongue's own half and the header's half even out.
    expect(legs.tongue?.risers[0]?.cutLengthM).toBeCloseTo(inches(8), 9);
  });
  test('what cannot be built is told', () => {
    expect(codes(withTongue(straight({ rise: { kind: 'sloped', byM: -0.1 } })))).toContain('slope-under-frame');
    expect(codes(withTongue(straight({ rise: { kind: 'stepped', byM: 0.2 } })))).toContain('step-up-under-frame');
    expect(codes(withTongue(straight({ underM: 0, rise: { kind: 'stepped', byM: 0.02 } })))).toContain(
      'step-too-small',
    );
    expect(codes(withTongue(backbone({ rise: { kind: 'stepped', byM: -0.3 } })))).toContain('step-with-side-tubes');
    expect(codes(withTongue(straight({ joint: { ...FIXED_JOINT, kind: 'folding', aheadM: 2 } })))).toContain(
      'tongue-joint-off-tongue',
    );
  });
});

describe('a folding tongue', () => {
  test('its pins drill it: two holes a sixteenth wider, 4 in apart about the joint', () => {
    const folding = straight({
      joint: { ...FIXED_JOINT, kind: 'folding', aheadM: inches(10), pinSpacingM: inches(4) },
    });
    const holes = buildChassis(withTongue(folding)).tongue?.members[0]?.holes ?? [];
    // 48 in less 3 in to the tip less 10 in: 35 in from the tip, 2 in either side.
    expect(holes.map(({ atM }) => atM / 0.0254)).toEqual([expect.closeTo(33, 9), expect.closeTo(37, 9)]);
    for (const { diameterM, through } of holes) {
      expect(diameterM).toBeCloseTo(inches(0.625 + 0.0625), 12);
      expect(through).toBe('sides');
    }
    expect(buildChassis(withTongue(straight())).tongue?.members[0]?.holes).toEqual([]);
    const single = straight({ joint: { ...FIXED_JOINT, kind: 'removable', pins: 1, aheadM: inches(10) } });
    expect(buildChassis(withTongue(single)).tongue?.members[0]?.holes).toHaveLength(1);
  });
});

describe('plates and end work', () => {
  test('a top plate weighs what it is: 12 × 8 × 1/4 in of steel, 6.8 lb', () => {
    const trailer = withTongue(
      straight({ topPlate: { lengthM: inches(12), widthM: inches(8), thicknessM: inches(0.25) } }),
    );
    verify({
      area: 'Mass',
      check: '12 x 8 x 1/4 in plate',
      ours: (buildChassis(trailer).plates[0]?.massKg ?? 0) / 0.45359237,
      outside: '6.8',
      unit: 'lb',
      source: 'steel weighs 40.8 lb/ft² at 1 in (AISC Manual): 10.2 lb/ft² × 2/3 ft²',
    });
  });
  test('caps close what ends in the open, gussets are half a square', () => {
    const capped = buildChassis(withTongue(straight({ caps: { ball: false, rear: true, sides: true } })));
    expect(capped.plates.map(({ kind }) => kind)).toEqual(['cap']);
    const both = buildChassis(withTongue(straight({ caps: { ball: true, rear: true, sides: false } }))).plates;
    expect(both.map(({ id }) => id)).toEqual(['cap.tongue.middle', 'cap.ball.tongue.middle']);
    expect(both[1]?.centre.xM).toBeLessThan(both[0]?.centre.xM ?? 0);
    expect(
      buildChassis(withTongue(straight({ caps: { ball: false, rear: true, sides: true }, underM: 0 }))).plates,
    ).toEqual([]);
    const gusseted = buildChassis({
      ...base,
      strength: { ...base.strength, gussets: { tongueM: inches(4), cornerM: inches(6) } },
    });
    expect(gusseted.plates.filter(({ kind }) => kind === 'gusset')).toHaveLength(8);
    const corner = gusseted.plates.find(({ id }) => id.startsWith('gusset.corner'));
    expect(corner?.massKg).toBeCloseTo(0.5 * inches(6) ** 2 * inches(0.25) * 7850, 9);
  });
  test('a bar 4 in high into a channel of 3.2 in clear: coped 0.4 in off top and bottom, as far back as the lips reach', () => {
    const channel = {
      kind: 'channel',
      depthM: inches(4),
      flangeM: inches(1.58),
      webM: inches(0.184),
      flangeThicknessM: inches(0.3),
      rootRadiusM: inches(0.1),
      toeRadiusM: 0,
      innerSlope: 0,
    } as const;
    const host = bar('c', channel, inches(4), 0);
    const cope = copeInto(bar('b', channel, inches(4), 0), host);
    expect(cope?.topM).toBeCloseTo(inches(0.4), 9);
    expect(cope?.bottomM).toBeCloseTo(inches(0.4), 9);
    expect(cope?.lengthM).toBeCloseTo(inches(1.58 - 0.184) + 0.0015, 9);
    // 3 in high and half-way up it goes in as it is; flush with the top the upper flange is in its way.
    expect(copeInto(bar('b', channel, inches(3), inches(-0.5)), host)).toBeUndefined();
    const flush = copeInto(bar('b', channel, inches(3), 0), host);
    expect(flush?.topM).toBeCloseTo(inches(0.4), 9);
    expect(flush?.bottomM).toBe(0);
  });
  test('on to the upright leg of an angle: what lies as low as its other leg is cut off below', () => {
    const angle = {
      kind: 'angle',
      verticalLegM: inches(2),
      horizontalLegM: inches(2),
      thicknessM: inches(3 / 16),
      rootRadiusM: inches(1 / 8),
      toeRadiusM: 0,
    } as const;
    const cope = copeInto(bar('b', angle, inches(2), 0), bar('a', angle, inches(2), 0));
    expect(cope?.topM).toBe(0);
    expect(cope?.bottomM).toBeCloseTo(inches(5 / 16), 9);
    expect(cope?.lengthM).toBeCloseTo(inches(2 - 3 / 16) + 0.0015, 9);
    expect(copeInto(bar('b', angle, inches(1.5), 0), bar('a', angle, inches(2), 0))).toBeUndefined();
  });
  test('a leg that slopes: saw and blade are set to 24.9° and 2.6°, not to the 6.2° that is scribed', () => {
    const cut = slopedCut('along', (25 * Math.PI) / 180, (6.2 * Math.PI) / 180);
    const degrees = (rad = 0): number => (rad * 180) / Math.PI;
    const source = 'cut plane’s normal in the bar’s axes, worked by hand';
    verify({
      area: 'A-frame',
      check: 'saw off the stick, tip of a 25° leg that slopes 6.2°',
      ours: 90 - degrees(cut.offSquareRad),
      outside: '24.9',
      unit: '°',
      source,
      tolerance: 0.003,
    });
    verify({
      area: 'A-frame',
      check: 'blade’s tilt there',
      ours: degrees(cut.tiltRad),
      outside: '2.6',
      unit: '°',
      source,
      tolerance: 0.01,
    });
    // With n·n = 1 both settings give the plane back: cos M·cos T = n·d ÷ |n| for the bar flat on its table.
    const [m, t] = [cut.offSquareRad, cut.tiltRad ?? 0];
    const along = Math.sin((25 * Math.PI) / 180) * Math.cos((6.2 * Math.PI) / 180);
    expect(Math.cos(m) * Math.cos(t)).toBeCloseTo(along, 9);
  });
  test('saddle of round on round: equal tubes at right angles are hollowed by their radius', () => {
    verify({
      area: 'A-frame',
      check: 'saddle of equal 2 in tubes at 90°',
      ours: (saddleLengthM(inches(1), inches(1), Math.PI / 2) ?? 0) / 0.0254,
      outside: '1.000',
      unit: 'in',
      source: 'intersection of two cylinders, R − √(R² − r²)',
    });
    expect(saddleLengthM(inches(0.5), inches(1), Math.PI / 2)).toBeCloseTo(inches(1 - Math.sqrt(0.75)), 6);
    // At a slant a thin tube's hollow nears that of a flat wall, 2r ÷ tan θ.
    expect(saddleLengthM(1e-4, 1, 0.4363)).toBeCloseTo(2e-4 / Math.tan(0.4363), 6);
    expect(saddleLengthM(0.03, 0.02, 1)).toBeUndefined();
  });
  test('a round side tube on a backbone as thick is sawn square where both middle lines cross, and hollowed from there', () => {
    const chassis = buildChassis(
      withTongue(backbone(), {
        groups: { ...base.frame.groups, tongue: { sectionId: 'pipe-2', materialId: 'unmarked-tube', faces: 'in' } },
      }),
    );
    const tube = chassis.tongue?.sideTubes[0];
    expect(tube?.ends[0].kind).toBe('square');
    verify({
      area: 'A-frame',
      check: 'cut length of a 2 in pipe at 25° on a 2 in pipe, 30 in ahead of the header',
      ours: (tube?.cutLengthM ?? 0) / 0.0254,
      outside: '33.36',
      unit: 'in',
      source: '(30 − r ÷ sin 25° + r ÷ tan 25°) ÷ cos 25° + r tan 25° with r = 1.1875 in, worked by hand',
      tolerance: 0.0005,
    });
    expect(endWorkOf(chassis).map(({ kind }) => kind)).toEqual(['saddle', 'saddle']);
  });
  test('legs on a channel header ask for a cope, on a tube for none', () => {
    const facing = (faces: 'in' | 'out') =>
      buildChassis(
        withTongue(straight({ underM: 0 }), {
          groups: { ...base.frame.groups, header: { sectionId: 'c4x5.4', materialId: 'a36', faces } },
        }),
      );
    expect(endWorkOf(buildChassis(withTongue(straight({ underM: 0 })))).length).toBe(0);
    expect(endWorkOf(facing('out')).map(({ kind }) => kind)).toEqual(['cope']);
    // Its back turned, it is butted on.
    expect(endWorkOf(facing('in'))).toEqual([]);
    // C4 x 5.4: flange 1.58 in less web 0.184 in is what the tube goes in by: 1.40 in.
    const lengthOf = (chassis: ReturnType<typeof facing>) => chassis.tongue?.members[0]?.cutLengthM ?? Number.NaN;
    verify({
      area: 'A-frame',
      check: 'tongue into an open channel header, C4 x 5.4, to its web',
      ours: (lengthOf(facing('out')) - lengthOf(facing('in'))) / 0.0254,
      outside: '1.40',
      unit: 'in',
      source: 'AISC table 1-5: flange 1.58 in, web 0.184 in; plane geometry',
      tolerance: 0.005,
    });
  });
  test('cross-members between channel rails that face each other end at their webs', () => {
    const facing = (faces: 'in' | 'out') =>
      buildChassis({
        ...base,
        frame: {
          ...base.frame,
          groups: { ...base.frame.groups, rail: { sectionId: 'c4x5.4', materialId: 'a36', faces } },
        },
      }).members.find(({ id }) => id === 'cross.1')?.cutLengthM ?? Number.NaN;
    // 60 in less two webs of 0.184 in; backs turned in, less two flanges of 1.58 in.
    expect(facing('in') / 0.0254).toBeCloseTo(60 - 2 * 0.184, 2);
    expect(facing('out') / 0.0254).toBeCloseTo(60 - 2 * 1.58, 2);
  });
});
