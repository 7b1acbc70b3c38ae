import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { extremeProject } from '../../test/fuzz/extremes.js';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { type Trailer, trailerOf } from '../project/index.js';
import { inches } from '../units/index.js';
import {
  boundsOf,
  type Drawable,
  type DrawnShape,
  type DrawnView,
  type LaidOut,
  layOut,
  type Lettering,
  type Placing,
  planView,
  reachOf,
  rearView,
  sideView,
  trailerSolids,
  type ViewOptions,
} from './index.js';
import { type Bounds, cornersOf } from './shapes.js';

/** Sizes written so that they can be read back to the last digit. */
const plain: Lettering = {
  length: (m) => m.toFixed(6),
  mass: (kg) => `${kg.toFixed(1)} kg`,
  load: (n) => `${n.toFixed(0)} N`,
};
const OPTIONS: ViewOptions = { lettering: plain, sizes: true, gearSizes: true };
const drawable = (trailer: Trailer, bare = false): Drawable => {
  const { chassis, cases } = evaluate(trailer);
  return { trailer, chassis, shown: bare ? undefined : cases[0] };
};
const VIEWS = { side: sideView, plan: planView, rear: rearView } as const;
type ViewName = keyof typeof VIEWS;
const viewOf = (name: ViewName, trailer: Trailer, options: ViewOptions = OPTIONS): DrawnView =>
  VIEWS[name](drawable(trailer), options);

/** The sheet as the page makes it: everything to scale within a picture of this size, px. */
const placingOf = (trailer: Trailer, name: ViewName, width: number, height: number): Placing => {
  const reach = reachOf(trailer, evaluate(trailer).chassis, true);
  const [x0, x1, y0, y1] =
    name === 'side'
      ? [reach.x0M, reach.x1M, reach.groundZM, reach.topZM]
      : name === 'plan'
        ? [reach.x0M, reach.x1M, -reach.halfWidthM, reach.halfWidthM]
        : [-reach.halfWidthM, reach.halfWidthM, reach.groundZM, reach.topZM];
  const perM = Math.min((width - 200) / (x1 - x0), (height - 160) / (y1 - y0));
  return {
    x: (x) => 80 + (x - x0) * perM,
    y: (y) => 60 + (y1 - y) * perM,
    perM,
    bounds: { x0: 2, x1: width - 2, y0: 20, y1: height - 2 },
    text: 13,
  };
};
const boxesOf = ({ labels, dimensions, arrows, balancePoint }: LaidOut) => [
  ...labels.map(({ id, box }) => ({ id, box })),
  ...dimensions.map(({ text: { id, box } }) => ({ id, box })),
  ...arrows.map(({ text: { id, box } }) => ({ id, box })),
  ...(balancePoint
    ? [
        balancePoint.text,
        {
          id: 'disc',
          box: {
            x0: balancePoint.at[0] - 8,
            x1: balancePoint.at[0] + 8,
            y0: balancePoint.at[1] - 8,
            y1: balancePoint.at[1] + 8,
          },
        },
      ]
    : []),
];

const SIZES = [
  [768, 620],
  [1408, 900],
  [390, 420],
] as const;
const NAMES = Object.keys(VIEWS) as ViewName[];

const soundLettering = (trailer: Trailer): void => {
  for (const name of NAMES)
    for (const [width, height] of SIZES) {
      const view = viewOf(name, trailer, {
        ...OPTIONS,
        marks: new Map(evaluate(trailer).chassis.members.map(({ id }, i) => [id, `M${i}`])),
      });
      const placing = placingOf(trailer, name, width, height);
      const boxes = boxesOf(layOut(view, placing));
      boxes.forEach(({ id, box }, i) => {
        expect(box.x0, id).toBeGreaterThanOrEqual(placing.bounds.x0);
        expect(box.x1, id).toBeLessThanOrEqual(placing.bounds.x1);
        expect(box.y0, id).toBeGreaterThanOrEqual(placing.bounds.y0);
        expect(box.y1, id).toBeLessThanOrEqual(placing.bounds.y1);
        for (const other of boxes.slice(i + 1)) {
          const apart =
            box.x1 <= other.box.x0 + 1e-6 ||
            other.box.x1 <= box.x0 + 1e-6 ||
            box.y1 <= other.box.y0 + 1e-6 ||
            other.box.y1 <= box.y0 + 1e-6;
          expect(apart, `${name} ${width}: ${id} on ${other.id}`).toBe(true);
        }
      });
    }
};

/** Numbers of a shape, to be looked at for what is none. */
const numbersOf = (shapes: readonly DrawnShape[]): readonly number[] =>
  shapes.flatMap((shape) => cornersOf(shape).flat());

describe('the drawing says what the model says', () => {
  test.each(DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const))(
    '%s: every bar in its outline',
    (_name, trailer) => {
      const { chassis } = evaluate(trailer);
      const plan = viewOf('plan', trailer).shapes;
      const side = viewOf('side', trailer).shapes;
      for (const member of chassis.members) {
        const above = boundsOf(plan.filter(({ part, line }) => part === member.id && line !== 'ghost'));
        const xs = member.plan.map(([x]) => x);
        const ys = member.plan.map(([, y]) => y);
        expect(above?.x0).toBeCloseTo(Math.min(...xs), 9);
        expect(above?.x1).toBeCloseTo(Math.max(...xs), 9);
        expect(above?.y0).toBeCloseTo(Math.min(...ys), 9);
        expect(above?.y1).toBeCloseTo(Math.max(...ys), 9);
        // The bars of the right-hand side are hidden by those of the left.
        const beside = boundsOf(side.filter(({ part, line }) => part === member.id && line !== 'ghost'));
        if (!beside) {
          expect(member.centre.yM).toBeGreaterThan(0);
          continue;
        }
        expect(beside.x0).toBeCloseTo(member.extent.x0M, 9);
        expect(beside.x1).toBeCloseTo(member.extent.x1M, 9);
        expect(beside.y0).toBeCloseTo(member.extent.z0M, 9);
        expect(beside.y1).toBeCloseTo(member.extent.z1M, 9);
      }
    },
  );
  test('every figure is the distance of its ends', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        for (const name of NAMES)
          for (const { id, from, to, text } of viewOf(name, trailer).dimensions)
            expect(Math.abs(Number(/-?\d+\.\d+/.exec(text)?.[0])), `${name} ${id}`).toBeCloseTo(Math.abs(to - from), 5);
      }),
      { numRuns: 60 },
    );
  });
  test('the overall figures are those of the frame, worked out by hand', () => {
    const [apiary] = DEMO_TRAILERS as [Trailer];
    const sizes = new Map(viewOf('plan', apiary).dimensions.map(({ id, from, to }) => [id, Math.abs(to - from)]));
    // A bed of 10' × 5' 4" with the ball 4' 2" ahead: 14' 2" from ball to rear edge.
    expect(sizes.get('overall')).toBeCloseTo(inches(170), 9);
    expect(sizes.get('bed-width')).toBeCloseTo(inches(64), 9);
    const rear = new Map(viewOf('rear', apiary).dimensions.map(({ id, from, to }) => [id, Math.abs(to - from)]));
    expect(rear.get('track')).toBeCloseTo(apiary.runningGear.suspension.trackM, 9);
  });
  test('tires stand on the ground in every view', () => {
    for (const trailer of DEMO_TRAILERS) {
      const { chassis } = evaluate(trailer);
      const { groundZM } = reachOf(trailer, chassis, false);
      for (const name of ['side', 'rear'] as const) {
        const wheels = viewOf(name, trailer, { ...OPTIONS, gearSizes: false }).shapes.filter(
          ({ layer }) => layer === 'wheels',
        );
        expect(boundsOf(wheels)?.y0).toBeCloseTo(groundZM, 3);
      }
    }
  });
});

describe('lettering finds room', () => {
  test.each(DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const))(
    '%s: nothing lies on anything, nothing outside',
    (_name, trailer) => soundLettering(trailer),
  );
  test('nor on any other trailer', () => {
    fc.assert(fc.property(anyProject, soundLettering), { numRuns: 40 });
  });
  test.each(DEMO_TRAILERS.flatMap((trailer) => NAMES.map((name) => [trailer.name, name, trailer] as const)))(
    '%s, %s: a load’s name stands on what is seen of it, not on what stands before it',
    (_name, name, trailer) => {
      const view = viewOf(name, trailer);
      const placing = placingOf(trailer, name, 1408, 900);
      const boxes = view.shapes.filter(({ layer, fill }) => layer === 'loads' && fill === 'load');
      const names = layOut(view, placing).labels.filter(({ kind }) => kind === 'name');
      expect(names.length).toBeGreaterThan(0);
      for (const { id, box } of names) {
        const own = boxes.findIndex(({ part }) => part === id);
        expect(own).toBeGreaterThanOrEqual(0);
        for (const nearer of boxes.slice(own + 1)) {
          const { x0, x1, y0, y1 } = boundsOf([nearer]) as Bounds;
          const before = { x0: placing.x(x0), x1: placing.x(x1), y0: placing.y(y1), y1: placing.y(y0) };
          const clear =
            box.x1 <= before.x0 + 1e-6 ||
            before.x1 <= box.x0 + 1e-6 ||
            box.y1 <= before.y0 + 1e-6 ||
            before.y1 <= box.y0 + 1e-6;
          expect(clear, `${id} on ${nearer.part}`).toBe(true);
        }
      }
    },
  );
  test('badges of bars that stand close step aside, with a leader', () => {
    const sample = sampleTrailer();
    const close: Trailer = {
      ...sample,
      frame: { ...sample.frame, crossMembers: { kind: 'spacing', maxSpacingM: inches(8) } },
    };
    const { chassis } = evaluate(close);
    const shares = new Map(chassis.members.map(({ id }) => [id, '100 %']));
    const view = planView(drawable(close, true), { ...OPTIONS, gearSizes: false, shares });
    const laid = layOut(view, placingOf(close, 'plan', 600, 500));
    expect(laid.labels.filter(({ kind }) => kind === 'share')).toHaveLength(shares.size);
    expect(laid.labels.some(({ leader }) => leader !== undefined)).toBe(true);
  });
});

/** Inputs that have a shape, each with a change, and the views that show it. */
const base = ((): Trailer => {
  const sample = sampleTrailer();
  return {
    ...sample,
    frame: { ...sample.frame, stands: [{ id: 'stand.1', xM: 2 }], tieDowns: { ...sample.frame.tieDowns, perSide: 2 } },
    runningGear: { ...sample.runningGear, fender: { kind: 'fitted', aboveRailM: 0.1, reachM: 0.25, skirtM: 0.1 } },
    coupling: { ...sample.coupling, chains: 'fitted' },
  };
})();
const frame = (change: Partial<Trailer['frame']>): Trailer => ({ ...base, frame: { ...base.frame, ...change } });
const tongue = (change: Partial<Trailer['frame']['tongue']>): Trailer =>
  frame({ tongue: { ...base.frame.tongue, ...change } as Trailer['frame']['tongue'] });
const gear = (change: Partial<Trailer['runningGear']>): Trailer => ({
  ...base,
  runningGear: { ...base.runningGear, ...change },
});
const suspension = (change: Partial<Trailer['runningGear']['suspension']>): Trailer =>
  gear({ suspension: { ...base.runningGear.suspension, ...change } });
const spring = (change: Partial<Trailer['runningGear']['suspension']['spring']>): Trailer =>
  suspension({ spring: { ...base.runningGear.suspension.spring, ...change } });
const axle = (change: Partial<Trailer['runningGear']['axle']>): Trailer =>
  gear({ axle: { ...base.runningGear.axle, ...change } });
const coupling = (change: Partial<Trailer['coupling']>): Trailer => ({
  ...base,
  coupling: { ...base.coupling, ...change },
});
const { frame: f, runningGear: g, coupling: c } = base;

/** From the left rail up, back and inward. */
const LEANING: Trailer['frame']['ownBars'][number] = {
  id: 'bar.1',
  sectionId: 'hss-2x2x1_8',
  materialId: 'a500b',
  turnDeg: 0,
  from: { kind: 'on', barId: 'rail.left', atM: 0.6 },
  to: { kind: 'off', byXM: 0.3, byYM: 0.2, byZM: 0.8 },
};

const CHANGES: readonly (readonly [string, Trailer, readonly ViewName[]])[] = [
  ['bed length', frame({ bed: { ...f.bed, lengthM: f.bed.lengthM + 0.1 } }), ['side', 'plan']],
  ['bed width', frame({ bed: { ...f.bed, widthM: f.bed.widthM + 0.1 } }), ['plan', 'rear']],
  ['corners', frame({ bed: { ...f.bed, corner: 'mitred' } }), ['plan']],
  [
    'a rail’s section',
    frame({ groups: { ...f.groups, rail: { ...f.groups.rail, sectionId: 'c4x5.4' } } }),
    ['side', 'plan', 'rear'],
  ],
  ['cross-members', frame({ crossMembers: { kind: 'spacing', maxSpacingM: 0.3 } }), ['side', 'plan']],
  ['a doubled bar', frame({ overrides: { 'rail.left': { doubled: true } } }), ['plan', 'rear']],
  [
    'a hole',
    frame({ overrides: { 'rail.left': { holes: [{ atM: 1, diameterM: 0.02, through: 'sides' }] } } }),
    ['side', 'plan'],
  ],
  ['a splice', frame({ overrides: { 'rail.left': { splices: [{ atM: 1 }] } } }), ['plan']],
  ['metal that is there already', frame({ overrides: { 'rail.left': { existing: true } } }), ['side', 'plan', 'rear']],
  ['sheets', frame({ deck: { ...f.deck, sheet: { lengthM: 2.4, widthM: 1.2, laid: 'across' } } }), ['plan']],
  ['a bar of one’s own', frame({ ownBars: [LEANING] }), ['side', 'plan', 'rear']],
  ['rings', frame({ tieDowns: { ...f.tieDowns, perSide: 3 } }), ['side', 'plan']],
  ['stands', frame({ stands: [] }), ['side', 'plan']],
  ['deck’s kind', frame({ deck: { ...f.deck, kind: 'expanded-steel' } }), ['plan']],
  [
    'deck’s seat',
    frame({ deck: { ...f.deck, seat: f.deck.seat === 'on-top' ? 'recessed' : 'on-top' } }),
    ['side', 'plan', 'rear'],
  ],
  [
    'boards',
    frame({ sides: { kind: 'boards', heightM: 0.4, thicknessM: 0.02, densityKgM3: 500 } }),
    ['side', 'plan', 'rear'],
  ],
  ['posts and rails', frame({ sides: { kind: 'rail', heightM: 0.4, carries: false } }), ['side', 'plan', 'rear']],
  ['tongue length', tongue({ lengthM: f.tongue.lengthM + 0.2 }), ['side', 'plan']],
  ['left on', tongue({ cutLaterM: 0.1 }), ['side', 'plan']],
  ['top plate', tongue({ topPlate: { lengthM: 0.4, widthM: 0.2, thicknessM: 0.006 } }), ['side', 'plan']],
  ['caps', tongue({ caps: { ...f.tongue.caps, rear: !f.tongue.caps.rear } }), ['plan']],
  ['gussets', { ...base, strength: { ...base.strength, gussets: { tongueM: 0.1, cornerM: 0.15 } } }, ['plan']],
  ['axle’s place', gear({ positionM: g.positionM + 0.1 }), ['side', 'plan']],
  ['axles', gear({ layout: 'tandem-equaliser' }), ['side', 'plan']],
  ['drop of the axle', axle({ dropM: 0.1 }), ['side', 'rear']],
  ['tube of the axle', axle({ tubeDiameterM: 0.09 }), ['side', 'plan', 'rear']],
  ['track', suspension({ trackM: g.suspension.trackM + 0.1 }), ['plan', 'rear']],
  ['brackets', suspension({ bracketM: 0.1 }), ['side', 'rear']],
  ['torsion', suspension({ kind: 'torsion', armM: 0.15 }), ['side', 'plan', 'rear']],
  ['stubs', suspension({ kind: 'stub' }), ['side', 'plan', 'rear']],
  ['no springs', suspension({ kind: 'none' }), ['side', 'plan', 'rear']],
  ['spring over or under', spring({ seat: g.suspension.spring.seat === 'over' ? 'under' : 'over' }), ['side', 'rear']],
  ['leaves', spring({ leaves: g.suspension.spring.leaves + 2 }), ['side']],
  ['shackle', spring({ shackleM: g.suspension.spring.shackleM + 0.03 }), ['side']],
  ['tire', gear({ tire: { ...g.tire, diameterM: g.tire.diameterM + 0.05 } }), ['side', 'plan', 'rear']],
  ['rim', gear({ wheel: { ...g.wheel, rimM: 0.3 }, tire: { ...g.tire, rimM: null } }), ['side']],
  ['fenders', gear({ fender: { ...g.fender, skirtM: 0.2, reachM: 0.3 } }), ['side', 'plan', 'rear']],
  ['an eye', coupling({ kind: 'pintle' }), ['side', 'plan']],
  ['three axes', coupling({ kind: 'three-axis' }), ['side', 'plan']],
  ['ball', coupling({ ballDiameterM: 0.06 }), ['side', 'plan']],
  ['no coupler', coupling({ fitted: false }), ['side', 'plan']],
  ['chains', coupling({ chains: 'none' }), ['side', 'plan']],
  [
    'crossed chains',
    coupling({ safetyChain: { ...c.safetyChain, crossed: !c.safetyChain.crossed, apartM: 0.2 } }),
    ['plan'],
  ],
  ['jack up for the road', coupling({ jack: { ...c.jack, fitted: true, swings: !c.jack.swings } }), ['side']],
  [
    'jack’s place',
    coupling({ jack: { ...c.jack, fitted: true }, jackBehindBallM: c.jackBehindBallM + 0.1 }),
    ['side', 'plan'],
  ],
];

describe('what is drawn follows what is said', () => {
  test.each(CHANGES)('%s', (_name, changed, views) => {
    for (const name of views)
      expect(JSON.stringify(viewOf(name, changed).shapes), name).not.toBe(JSON.stringify(viewOf(name, base).shapes));
  });
  test.each([
    ['folding', 'straight'],
    ['removable', 'backbone'],
  ] as const)('the joint of a %s tongue is drawn in side and plan', (joint, kind) => {
    const single = (jointKind: 'fixed' | typeof joint): Trailer =>
      frame({
        tongue: {
          ...(({ includedAngleRad: _a, rearEnd: _r, apexBehindBallM: _x, ...rest }) => rest)(
            f.tongue as Extract<Trailer['frame']['tongue'], { kind: 'a-frame' }>,
          ),
          kind,
          underM: 0.5,
          tipBehindBallM: 0.1,
          joint: { kind: jointKind, aheadM: 0.5, pins: 2, pinSpacingM: 0.1, pinDiameterM: 0.016, grade: 'grade-8' },
          ...(kind === 'backbone' ? { sideTubesAheadM: 0.3, sideTubeAngleRad: 0.6 } : {}),
        } as Trailer['frame']['tongue'],
      });
    expect(JSON.stringify(viewOf('side', single(joint)).shapes)).not.toBe(
      JSON.stringify(viewOf('side', single('fixed')).shapes),
    );
    expect(JSON.stringify(viewOf('plan', single(joint)).shapes)).not.toBe(
      JSON.stringify(viewOf('plan', single('fixed')).shapes),
    );
  });
  test('the jack goes down where it is parked on it', () => {
    const trailer: Trailer = { ...base, coupling: { ...base.coupling, jack: { ...base.coupling.jack, fitted: true } } };
    const { chassis, cases } = evaluate({
      ...trailer,
      cases: trailer.cases.map((own) => ({ ...own, mode: 'parked' as const })),
    });
    const { groundZM } = reachOf(trailer, chassis, false);
    const jack = sideView({ trailer, chassis, shown: cases[0] }, OPTIONS).shapes.filter(
      ({ layer }) => layer === 'jack',
    );
    expect(boundsOf(jack)?.y0).toBeCloseTo(groundZM, 9);
    const towed = viewOf('side', trailer).shapes.filter(({ layer }) => layer === 'jack');
    expect(boundsOf(towed)?.y0).toBeGreaterThan(groundZM);
  });
});

describe('bodies in space', () => {
  /** Signed volume of a body swept between two rings: of its faces with the origin (divergence theorem). */
  const volumeM3 = ({ from, to }: Extract<ReturnType<typeof trailerSolids>[number], { kind: 'sweep' }>): number => {
    type P = (typeof from)[number][number];
    const six = (a: P, b: P, d: P): number =>
      a.xM * (b.yM * d.zM - b.zM * d.yM) - a.yM * (b.xM * d.zM - b.zM * d.xM) + a.zM * (b.xM * d.yM - b.yM * d.xM);
    let sum = 0;
    from.forEach((loop, k) => {
      const other = to[k] as readonly P[];
      loop.forEach((a, i) => {
        const j = (i + 1) % loop.length;
        sum += six(a, loop[j] as P, other[j] as P) + six(a, other[j] as P, other[i] as P);
      });
      // Ends as fans: those of hollows run the other way round and take away.
      for (let i = 1; i + 1 < loop.length; i += 1) {
        sum -= six(loop[0] as P, loop[i] as P, loop[i + 1] as P);
        sum += six(other[0] as P, other[i] as P, other[i + 1] as P);
      }
    });
    return Math.abs(sum) / 6;
  };
  test('a bar’s body has the volume of its metal: outline, wall and slanted ends', () => {
    for (const trailer of [...DEMO_TRAILERS, frame({ ownBars: [LEANING] })]) {
      const { chassis } = evaluate(trailer);
      const solids = trailerSolids(trailer, chassis, undefined);
      for (const member of chassis.members.filter(({ group }) => group !== 'tongue' && group !== 'side')) {
        const solid = solids.find(({ part, kind }) => part === member.id && kind === 'sweep');
        if (solid?.kind !== 'sweep') throw new Error(`no body of ${member.id}`);
        // Corners are drawn as runs of straight lines, and weight goes by the nominal wall, the drawing by the one that strength counts with.
        const metalM3 = member.massKg / member.material.densityKgM3;
        expect(volumeM3(solid) / metalM3, member.id).toBeGreaterThan(0.9);
        expect(volumeM3(solid) / metalM3, member.id).toBeLessThan(1.02);
      }
    }
  });
});

test('nothing breaks the drawing: no number that is none, whatever a trailer says', () => {
  for (let seed = 0; seed < 80; seed += 1) {
    const project = extremeProject(seed);
    if (!project) continue;
    const trailer = trailerOf(project);
    for (const name of NAMES) {
      const view = viewOf(name, trailer);
      expect(
        numbersOf(view.shapes).filter((value) => !Number.isFinite(value)),
        `seed ${seed} ${name}`,
      ).toEqual([]);
    }
  }
});
