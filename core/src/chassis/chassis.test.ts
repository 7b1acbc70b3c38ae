import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { newProject, PLAIN_TONGUE, type Trailer, trailerOf } from '../project/index.js';
import { feet, fromRadians, inches, toRadians } from '../units/index.js';
import { buildChassis } from './index.js';

const base = trailerOf(newProject({ id: 'p', name: 'p', units: 'imperial', newId: () => 'x' }));
const withFrame = (frame: Partial<Trailer['frame']>): Trailer => ({ ...base, frame: { ...base.frame, ...frame } });
const bed = (lengthIn: number, widthIn: number, corner: Trailer['frame']['bed']['corner'] = 'rails-through') => ({
  lengthM: inches(lengthIn),
  widthM: inches(widthIn),
  corner,
});
const aFrame = (lengthIn: number, rearEnd: 'header' | 'under', apexIn = 0): Trailer['frame']['tongue'] => ({
  ...PLAIN_TONGUE,
  kind: 'a-frame',
  lengthM: inches(lengthIn),
  includedAngleRad: toRadians(50, 'deg'),
  rearEnd,
  apexBehindBallM: inches(apexIn),
});
const member = (trailer: Trailer, id: string) => {
  const found = buildChassis(trailer).members.find((candidate) => candidate.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('a 50° A-frame', () => {
  const source = 'trigonometry';
  const area = 'A-frame';
  test('legs under the frame reach the rails where w/tan 25° says, along w/sin 25°, both ends cut 65° off square', () => {
    const trailer = withFrame({ bed: bed(120, 60), tongue: aFrame(40, 'under') });
    const leg = member(trailer, 'tongue.right');
    const outerEnd = leg.plan[1] as readonly [number, number];
    verify({
      area,
      check: 'apex to where the legs reach a 60 in frame',
      ours: (outerEnd[0] + inches(40)) / 0.0254,
      outside: '64.34',
      unit: 'in',
      source,
    });
    verify({
      area,
      check: 'outer face of a leg',
      ours: leg.faceLengthM / 0.0254,
      outside: '70.99',
      unit: 'in',
      source,
    });
    for (const end of leg.ends) {
      if (end.kind !== 'mitre') throw new Error('square');
      verify({
        area,
        check: 'end cut along the centre line or rail',
        ours: fromRadians(end.offSquareRad, 'deg'),
        outside: '65',
        unit: '° off square',
        source,
      });
    }
  });
  test('legs that butt on the header: 25° off square there, 65° at the tip; short side shorter by b·(tan 25° + tan 65°)', () => {
    const leg = member(withFrame({ bed: bed(120, 72), tongue: aFrame(48, 'header') }), 'tongue.left');
    const [tip, root] = leg.ends;
    expect(tip.kind === 'mitre' && fromRadians(tip.offSquareRad, 'deg')).toBeCloseTo(65, 9);
    expect(root.kind === 'mitre' && fromRadians(root.offSquareRad, 'deg')).toBeCloseTo(25, 9);
    expect(leg.cutLengthM).toBeCloseTo(inches(48) / Math.cos(toRadians(25, 'deg')), 9);
    const width = leg.bar.widthM;
    expect(leg.cutLengthM - leg.faceLengthM).toBeCloseTo(
      width * (Math.tan(toRadians(25, 'deg')) + Math.tan(toRadians(65, 'deg'))),
      9,
    );
    verify({
      area,
      check: '25° cut across 2 in: short side shorter by',
      ours: (width * Math.tan(toRadians(25, 'deg'))) / 0.0254,
      outside: '0.933',
      unit: 'in',
      source,
    });
  });
  test('left and right legs mirror each other in place and mass', () => {
    const trailer = withFrame({ tongue: aFrame(48, 'under', 3) });
    const left = member(trailer, 'tongue.left');
    const right = member(trailer, 'tongue.right');
    expect(left.massKg).toBeCloseTo(right.massKg, 12);
    expect(left.centre.yM).toBeCloseTo(-right.centre.yM, 12);
    expect(left.centre.xM).toBeCloseTo(right.centre.xM, 12);
  });
  test('a leg’s mass is its mean length times its nominal weight', () => {
    const leg = member(withFrame({ bed: bed(120, 60), tongue: aFrame(40, 'under') }), 'tongue.right');
    // Both cuts parallel: the mean length is that of a face.
    expect(leg.massKg).toBeCloseTo(leg.faceLengthM * leg.bar.nominalAreaM2 * 7850, 9);
  });
  test('legs wider than the frame are a finding, not a bent drawing', () => {
    const { problems } = buildChassis(withFrame({ bed: bed(120, 36), tongue: aFrame(60, 'under') }));
    expect(problems.map(({ code }) => code)).toContain('legs-outside-frame');
  });
});

describe('bed', () => {
  test('two sheets of plywood laid crosswise and recessed ask for 98 in outside with 1 in of tube at each end', () => {
    const trailer = withFrame({
      bed: bed(98, 50),
      groups: {
        ...base.frame.groups,
        rail: { sectionId: 'tube-1x1x11ga', materialId: 'unmarked-tube', faces: 'in' },
        header: { sectionId: 'tube-1x1x11ga', materialId: 'unmarked-tube', faces: 'in' },
      },
      deck: { kind: 'plywood', thicknessM: inches(0.75), seat: 'recessed', incised: false, sheet: null, cutouts: [] },
    });
    const deck = buildChassis(trailer).panels.find(({ kind }) => kind === 'deck');
    expect(deck && deck.extent.x1M - deck.extent.x0M).toBeCloseTo(feet(8), 9);
    expect(deck && deck.y1M - deck.y0M).toBeCloseTo(feet(4), 9);
    expect(deck?.extent.z1M).toBe(0);
  });
  test('cross-members are spread evenly and never further apart than asked', () => {
    for (const spacing of [10, 17, 24, 30, 200]) {
      const { crossPlaced, headerWidthM } = buildChassis(
        withFrame({ bed: bed(120, 60), crossMembers: { kind: 'spacing', maxSpacingM: inches(spacing) } }),
      );
      const places = [headerWidthM / 2, ...crossPlaced.map(({ xM }) => xM), inches(120) - headerWidthM / 2];
      const gaps = places.slice(1).map((x, i) => x - (places[i] as number));
      expect(Math.max(...gaps)).toBeLessThanOrEqual(inches(spacing) + 1e-9);
      expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(1e-9);
    }
  });
  test.each(['rails-through', 'headers-through', 'mitred'] as const)(
    'corners %s: the outline is the same, the metal the same to the corner',
    (corner) => {
      const members = buildChassis(withFrame({ bed: bed(120, 60, corner) })).members.filter(
        ({ group }) => group === 'rail' || group === 'header',
      );
      const xs = members.flatMap(({ plan }) => plan.map(([x]) => x));
      const ys = members.flatMap(({ plan }) => plan.map(([, y]) => y));
      expect(Math.min(...xs)).toBeCloseTo(0, 12);
      expect(Math.max(...xs)).toBeCloseTo(inches(120), 12);
      expect(Math.max(...ys)).toBeCloseTo(inches(30), 12);
      // Centre-line perimeter of 118 × 58 in, whichever way the corners go.
      const area = members.reduce((sum, { massKg, bar }) => sum + massKg / bar.nominalAreaM2 / 7850, 0);
      expect(area).toBeCloseTo(inches(2 * 118 + 2 * 58), 6);
    },
  );
  test('a mitred frame: long points 60 in, short points 56 in for 2 in tube at 45°', () => {
    const header = member(withFrame({ bed: bed(120, 60, 'mitred') }), 'header.front');
    verify({
      area: 'Mitres',
      check: '45° both ends, 2 in tube: short point',
      ours: header.faceLengthM / 0.0254,
      outside: '56',
      unit: 'in',
      source: 'trigonometry',
    });
    expect(header.cutLengthM).toBeCloseTo(inches(60), 12);
  });
  test('misplaced, overlapping and missing things are named', () => {
    const off = buildChassis(
      withFrame({
        crossMembers: {
          kind: 'explicit',
          members: [
            { id: 'cross.1', xM: -0.3 },
            { id: 'cross.2', xM: 1 },
            { id: 'cross.3', xM: 1.01 },
          ],
        },
      }),
    );
    expect(off.problems).toEqual([
      { code: 'cross-member-off-bed', memberId: 'cross.1', xM: expect.closeTo(-0.3, 9) },
      { code: 'cross-members-overlap', memberId: 'cross.2', otherId: 'cross.3' },
    ]);
    const lost = buildChassis(
      withFrame({
        groups: { ...base.frame.groups, rail: { sectionId: 'nowhere', materialId: 'nothing', faces: 'in' } },
      }),
    );
    expect(lost.problems.map(({ code }) => code)).toEqual([
      'missing-section',
      'missing-material',
      'missing-section',
      'missing-material',
    ]);
    expect(lost.members).toEqual([]);
    const mixed = buildChassis(
      withFrame({
        groups: { ...base.frame.groups, cross: { sectionId: 'alu-2x2x1_8', materialId: 'a36', faces: 'in' } },
      }),
    );
    expect(mixed.problems[0]).toMatchObject({ code: 'wrong-metal', memberId: 'cross.1' });
    const narrow = buildChassis(withFrame({ bed: bed(120, 3) }));
    expect(narrow.problems[0]).toMatchObject({ code: 'bed-narrower-than-rails' });
  });
  test('one member may have its own section', () => {
    const trailer = withFrame({ overrides: { 'cross.2': { sectionId: 'hss-3x2x3_16' } } });
    expect(member(trailer, 'cross.2').section.designation).toBe('HSS 3 x 2 x 3/16');
    expect(member(trailer, 'cross.1').section.designation).toBe('HSS 2 x 2 x 1/8');
  });
});

test('weight of a cut list: 45 ft of HSS 2x2x3/16 and 30 ft of L 2x2x3/16', async () => {
  const { barProperties } = await import('../sections/index.js');
  const { SECTION_ROWS } = await import('../catalog/index.js');
  const kgPerM = (id: string): number => {
    const row = SECTION_ROWS.find((candidate) => candidate.id === id);
    return ((row && barProperties(row)?.nominalAreaM2) ?? 0) * 7850;
  };
  const kg = kgPerM('hss-2x2x3_16') * feet(45) + kgPerM('l-2x2x3_16') * feet(30);
  verify({
    area: 'Mass',
    check: '45 ft of HSS 2x2x3/16 and 30 ft of L 2x2x3/16',
    ours: kg / 0.45359237,
    outside: '267.6',
    unit: 'lb',
    source: 'AISC Manual weights, 4.32 and 2.44 lb/ft',
    tolerance: 0.01,
    note: 'angle fillet assumed',
  });
});

test('the demo frames are sound', () => {
  for (const trailer of DEMO_TRAILERS) expect(buildChassis(trailer).problems).toEqual([]);
});

describe('boards about the bed', () => {
  test('the rear one is the gate: side boards stop at it, none shares a place with another, and they weigh their volume', () => {
    const [heightM, thicknessM, densityKgM3] = [0.4, 0.018, 600];
    const { panels } = buildChassis({
      ...base,
      frame: { ...base.frame, sides: { kind: 'boards', heightM, thicknessM, densityKgM3 } },
    });
    const boards = panels.filter(({ kind }) => kind === 'board');
    const gate = boards.find(({ id }) => id === 'board.rear');
    for (const id of ['board.left', 'board.right'])
      expect(boards.find((board) => board.id === id)?.extent.x1M).toBeCloseTo(gate?.extent.x0M ?? 0, 12);
    boards.forEach((a, i) =>
      boards.slice(i + 1).forEach((b) => {
        const apart = (a0: number, a1: number, b0: number, b1: number): boolean => a1 <= b0 + 1e-12 || b1 <= a0 + 1e-12;
        expect(
          apart(a.extent.x0M, a.extent.x1M, b.extent.x0M, b.extent.x1M) || apart(a.y0M, a.y1M, b.y0M, b.y1M),
          `${a.id} ${b.id}`,
        ).toBe(true);
      }),
    );
    const { lengthM, widthM } = base.frame.bed;
    const ringM2 = lengthM * widthM - (lengthM - 2 * thicknessM) * (widthM - 2 * thicknessM);
    expect(boards.reduce((sum, { massKg }) => sum + massKg, 0)).toBeCloseTo(ringM2 * heightM * densityKgM3, 9);
  });
});
