import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { evaluate } from '../../evaluation/index.js';
import { spareWheels } from '../../mass/index.js';
import { newPiece, type Piece, type PieceKind, type Trailer } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { buildChassis } from '../index.js';

const sample = sampleTrailer();
const STEEL = { sectionId: 'hss-1x1x1_8', materialId: 'a500b' } as const;
const put = <K extends PieceKind>(kind: K, change: Partial<Extract<Piece, { kind: K }>> = {}): Trailer => ({
  ...sample,
  frame: {
    ...sample.frame,
    pieces: [{ ...newPiece(sample, 'imperial', kind, 'piece.p'), ...STEEL, ...change }],
  },
});
const bars = (trailer: Trailer) => {
  const { members, problems, panels } = buildChassis(trailer);
  const own = members.filter(({ id }) => id.startsWith('bar.p.'));
  const roles = own.map(({ id }) => id.slice('bar.p.'.length));
  return {
    own,
    roles,
    problems,
    panels: panels.filter(({ id }) => id.startsWith('panel.p.')),
    of: (role: string) => own.find(({ id }) => id === `bar.p.${role}`),
  };
};
const found = (trailer: Trailer, code: string) => evaluate(trailer).findings.find((finding) => finding.code === code);

describe('fenders', () => {
  test('two arms, two legs and a beam to each side; its top lies where it is said to and its skirt hangs from it', () => {
    const { roles, problems, panels, of } = bars(put('fender', { levelM: inches(8), skirtM: inches(4) }));
    expect(problems).toEqual([]);
    expect(roles).toHaveLength(10);
    expect(panels).toHaveLength(4);
    const top = panels.find(({ id }) => id === 'panel.p.top.right');
    expect(top?.extent.z0M).toBeCloseTo(inches(8), 9);
    expect((top?.y0M ?? 0) - sample.frame.bed.widthM / 2).toBeCloseTo(0, 9);
    const skirt = panels.find(({ id }) => id === 'panel.p.skirt.right');
    expect(skirt?.extent.z0M).toBeCloseTo(inches(4), 9);
    // The legs end under the top.
    expect(of('leg.right.1')?.extent.z1M).toBeCloseTo(inches(8), 9);
    expect(of('arm.left.1')?.extent.x0M).toBeCloseTo(of('arm.right.1')?.extent.x0M ?? Number.NaN, 9);
  });
  test('whoever steps on its arm’s end: 220 lb × 1.5 × reach ÷ modulus', () => {
    const trailer = put('fender', { standOn: true, overhangM: inches(12) });
    const finding = found(trailer, 'tread-person');
    const arm = bars(trailer).of('arm.left.1');
    if (!arm || finding?.code !== 'tread-person') throw new Error('no arm');
    const stress = (100 * 9.80665 * 1.5 * inches(12)) / Math.min(arm.bar.design.syTopM3, arm.bar.design.syBottomM3);
    expect(finding.utilisation).toBeCloseTo(stress / (317.16e6 / 1.67), 3);
    expect(found(put('fender', { standOn: false }), 'tread-person')).toBeUndefined();
  });
  test('one that hangs over the bed’s end, or lies as low as its arms, cannot be built: it is said', () => {
    expect(bars(put('fender', { atM: 0 })).problems.map(({ code }) => code)).toEqual(['piece-off-bed']);
    expect(bars(put('fender', { levelM: -inches(1) })).problems.map(({ code }) => code)).toEqual(['piece-too-low']);
  });
});

describe('a step', () => {
  test.each(['left', 'right', 'front', 'rear'] as const)(
    'hangs from the %s edge, as low and as far out as it is said to',
    (edge) => {
      const atM = edge === 'left' || edge === 'right' ? inches(40) : 0;
      const { roles, problems, own, panels } = bars(
        put('step', { edge, atM, dropM: inches(12), depthM: inches(8), widthM: inches(20) }),
      );
      expect(problems).toEqual([]);
      expect(roles.toSorted()).toEqual(['arm.1', 'arm.2', 'hanger.1', 'hanger.2', 'tread.1', 'tread.2']);
      const rail = buildChassis(sample).members.find(({ id }) => id === 'rail.left');
      const middleZM = (rail?.extent.z1M ?? 0) - (rail?.bar.heightM ?? 0) / 2;
      expect(Math.min(...own.map(({ extent }) => extent.z0M))).toBeCloseTo(middleZM - inches(12), 2);
      expect(panels).toHaveLength(1);
      expect(found(put('step', { edge, atM }), 'tread-person')?.verdict).toBeDefined();
    },
  );
});

describe('a rear receiver', () => {
  test('its mouth stands so far behind the rear header, braced to both sides', () => {
    const { roles, of, problems } = bars(put('receiver', { behindM: inches(12), sectionId: 'hss-2x2x1_4' }));
    expect(problems).toEqual([]);
    expect(roles.toSorted()).toEqual(['brace.left', 'brace.right', 'tube']);
    const header = buildChassis(sample).members.find(({ id }) => id === 'header.rear');
    expect(of('tube')?.extent.x1M).toBeCloseTo((header?.centre.xM ?? 0) + inches(12), 6);
  });
});

describe('a spare on its carrier', () => {
  test('weighs as the trailer’s own wheels do, hangs on its post, and counts in weight, width and what it meets', () => {
    const trailer = put('spare', { edge: 'right', atM: inches(20), levelM: inches(20) });
    const chassis = buildChassis(trailer);
    const [wheel] = spareWheels(trailer, chassis);
    if (!wheel) throw new Error('no wheel');
    expect(wheel.massKg).toBe(sample.runningGear.wheel.assemblyMassKg);
    expect(wheel.heldBy).toEqual(['bar.p.post']);
    expect(wheel.centre.zM).toBeCloseTo(inches(20), 9);
    const bareKg = (own: Trailer): number => evaluate(own).bare.reduce((sum, { massKg }) => sum + massKg, 0);
    expect(bareKg(trailer) - bareKg(put('spare', { edge: 'right', atM: inches(20), wheel: false }))).toBeCloseTo(
      wheel.massKg +
        (evaluate(trailer).chassis.members.find(({ id }) => id === 'bar.p.post')?.massKg ?? 0) -
        (evaluate(put('spare', { edge: 'right', atM: inches(20), wheel: false })).chassis.members.find(
          ({ id }) => id === 'bar.p.post',
        )?.massKg ?? 0),
      6,
    );
  });
});

describe('a rack whose ends are bent up and out', () => {
  test('a bar at each end of each bar across, as high and as far out as it is said to', () => {
    const { roles, problems, of } = bars(
      put('rack', { hoops: 2, longBars: false, braced: false, horns: { heightM: inches(10), outM: inches(4) } }),
    );
    expect(problems).toEqual([]);
    expect(roles.filter((role) => role.startsWith('horn'))).toHaveLength(4);
    const [cross, horn] = [of('cross.1'), of('horn.right.1')];
    if (!cross?.line || !horn?.line) throw new Error('no horn');
    expect(horn.line.end[2] - cross.line.start[2]).toBeCloseTo(inches(10), 9);
    expect(horn.line.end[1]).toBeCloseTo(cross.line.end[1] - cross.bar.widthM / 2 + inches(4), 6);
  });
});
