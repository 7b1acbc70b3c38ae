import { describe, expect, test } from 'vitest';
import { VARIED_FRAMES } from '../../test/variedFrames.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import {
  asProject,
  newPiece,
  type ProjectRecord,
  recordEntry,
  type RecordEntry,
  type Trailer,
} from '../project/index.js';
import { feet, inches, pounds } from '../units/index.js';
import { figureName, figureText, hoursText, speaker, taskHow, taskName } from '../wording/index.js';
import { bowM, oneSideBowM, buildPlan, type BuildTask, doneByOf, paceOf, progressOf, turningOf } from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const planOf = (trailer: Trailer) => buildPlan(evaluate(trailer));
const taskIn = (plan: readonly BuildTask[], kind: BuildTask['kind']): BuildTask => {
  const found = plan.find((task) => task.kind === kind);
  if (!found) throw new Error(`no ${kind}`);
  return found;
};
const figure = (task: BuildTask, id: string): number => task.figures.find((own) => own.id === id)?.value ?? Number.NaN;
const kindsOf = (trailer: Trailer) => planOf(trailer).map(({ kind }) => kind);
const empty: ProjectRecord = { entries: [] };
const note = (record: ProjectRecord, ...entries: readonly RecordEntry[]): ProjectRecord =>
  entries.reduce(recordEntry, record);
const done = (task: BuildTask, id = `t.${task.id}`): RecordEntry => ({
  kind: 'task',
  id,
  date: '2026-05-01',
  taskId: task.id,
  state: 'done',
  doneBy: doneByOf(task),
});
const hours = (taskId: string, spent: number): RecordEntry => ({
  kind: 'log',
  id: `log.${taskId}.${spent}`,
  date: '2026-05-01',
  text: 'Work',
  hours: spent,
  taskId,
});

describe('the plan', () => {
  const plan = planOf(apiary);
  test('numbers of the apiary’s 10 ft by 5 ft 4 in, 4 ft 2 in of tongue, by hand', () => {
    const outline = taskIn(plan, 'lay-out');
    expect(figure(outline, 'long')).toBeCloseTo(feet(10), 9);
    expect(figure(outline, 'diagonal')).toBeCloseTo(inches(136), 9);
    // √(170² + 32²) = 172.985 in
    expect(figure(taskIn(plan, 'tongue'), 'corner-to-ball')).toBeCloseTo(inches(172.9856), 5);
    // the axle 5 ft 9 in back, hooked at its hub faces
    const half = apiary.runningGear.axle.hubFaceM / 2;
    expect(figure(taskIn(plan, 'axle'), 'hub-to-ball.1')).toBeCloseTo(Math.hypot(inches(119), half), 9);
  });
  test('each cross-member by its front face from the front edge, in order, within the bed', () => {
    for (const trailer of [apiary, oven, telescope]) {
      const { chassis } = evaluate(trailer);
      const cross = taskIn(planOf(trailer), 'cross-members').figures.filter(({ what }) => what === 'cross');
      expect(cross.map(({ value }) => value)).toEqual(cross.map(({ value }) => value).toSorted((a, b) => a - b));
      for (const { of, value } of cross) {
        const member = chassis.members.find(({ id }) => id === of);
        // Its middle is where the drawing says, half its width behind that face.
        expect(value + ((member?.extent.x1M ?? 0) - (member?.extent.x0M ?? 0)) / 2).toBeCloseTo(
          member?.centre.xM ?? Number.NaN,
          9,
        );
      }
    }
  });
  test('a recessed deck asks for a spacer of its own thickness, one on top for none', () => {
    const spacers = (seat: 'recessed' | 'on-top') =>
      taskIn(planOf({ ...apiary, frame: { ...apiary.frame, deck: { ...apiary.frame.deck, seat } } }), 'cross-members')
        .figures.filter(({ what }) => what === 'spacer')
        .map(({ value }) => value);
    expect(spacers('on-top')).toEqual([]);
    expect(spacers('recessed')).toHaveLength(1);
    expect(spacers('recessed')[0]).toBeCloseTo(apiary.frame.deck.thicknessM, 4);
  });
  test('hangers stand where the axle step says', () => {
    const { hangers } = evaluate(apiary);
    for (const { id, xM } of hangers.marks) expect(figure(taskIn(plan, 'hangers'), id)).toBe(xM);
  });
  test('it is turned once upside down, twice right side up; left and right are changed while it lies so', () => {
    const upright: Trailer = { ...apiary, building: { layOut: 'right-side-up' } };
    const turns = (trailer: Trailer) => kindsOf(trailer).filter((kind) => kind.startsWith('turn-')).length;
    expect([turns(apiary), turns(upright)]).toEqual([1, 2]);
    for (const kind of ['lay-out', 'tack', 'weld-first'] as const) {
      expect(taskIn(plan, kind).upsideDown).toBe(true);
      expect(taskIn(planOf(upright), kind).upsideDown).toBe(false);
    }
    expect(taskIn(plan, 'weld-second').upsideDown).toBe(false);
    // Hangers and axle go on from below either way.
    expect(taskIn(planOf(upright), 'axle').upsideDown).toBe(true);
  });
  test('what a trailer does not have is no task', () => {
    const cart: Trailer = {
      ...telescope,
      runningGear: { ...telescope.runningGear, layout: 'none' },
      coupling: { ...telescope.coupling, fitted: false, plug: 'none' },
      frame: { ...telescope.frame, pieces: [], ownBars: [] },
    };
    const kinds = kindsOf(cart);
    for (const kind of ['hangers', 'axle', 'wheels', 'coupler', 'chains', 'wire', 'gate'] as const)
      expect(kinds).not.toContain(kind);
    expect(taskIn(planOf(telescope), 'tack').cautions).toContain('aluminum');
    expect(
      kindsOf({ ...apiary, frame: { ...apiary.frame, pieces: [newPiece(apiary, 'imperial', 'gate', 'piece.g')] } }),
    ).toContain('gate');
  });
  test('every frame of every make: numbers are numbers, and every task has words', () => {
    for (const trailer of [...DEMO_TRAILERS, ...Object.values(VARIED_FRAMES)]) {
      const say = speaker(trailer);
      const tasks = planOf(trailer);
      expect(new Set(tasks.map(({ id }) => id)).size).toBe(tasks.length);
      for (const task of tasks) {
        expect(taskName(task).length + taskHow(task, say).join('').length).toBeGreaterThan(20);
        expect(task.hours[0]).toBeLessThanOrEqual(task.hours[1]);
        expect(new Set(task.figures.map(({ id }) => id)).size).toBe(task.figures.length);
        for (const own of task.figures) {
          expect(Number.isFinite(own.value)).toBe(true);
          expect(figureName(own, say)).not.toMatch(/undefined|NaN/);
          expect(figureText(own, say)).not.toMatch(/undefined|NaN|—/);
        }
      }
    }
  });
});

describe('turning over and bowing', () => {
  test('welds level with the rail’s middle bend it neither way; in aluminum it is twice as much', () => {
    // Cross-members of the apiary end half-way up its rails.
    expect(oneSideBowM(evaluate(apiary).chassis, null, false)?.[1]).toBeLessThan(inches(1 / 64));
    const { chassis } = evaluate(oven);
    const [rail] = chassis.members.filter(({ id }) => id === 'rail.left');
    if (!rail) throw new Error('none');
    const light = {
      ...chassis,
      members: chassis.members.map((member) => ({
        ...member,
        material: { ...member.material, family: 'aluminum' as const },
      })),
    };
    const [steel, aluminum] = [chassis, light].map((of) => oneSideBowM(of, inches(3 / 16), true)?.[1] ?? 0);
    expect((aluminum ?? 0) / (steel ?? 1)).toBeCloseTo(2, 9);
  });
  test('for the bath each shut end of a tube takes two holes; paint asks for none, aluminum for nothing', () => {
    const coatOf = (trailer: Trailer) => planOf(trailer).find(({ kind }) => kind === 'coat');
    const bath: Trailer = { ...apiary, coating: { system: 'galvanized', where: 'salt' } };
    const holes = coatOf(bath)?.figures.find(({ id }) => id === 'vents')?.value ?? Number.NaN;
    // Two headers and four cross-members are shut at both ends: twelve ends; of the tongue what does not end in the open.
    expect(holes).toBeGreaterThanOrEqual(24);
    expect(holes % 2).toBe(0);
    expect(coatOf(apiary)?.figures.some(({ id }) => id === 'vents')).toBe(false);
    expect(coatOf(DEMO_TRAILERS[2] as Trailer)).toBeUndefined();
    expect(coatOf({ ...apiary, coating: { system: 'none', where: 'dry' } })).toBeUndefined();
  });
  test('what hands cannot lift says so: the oven trailer with its axles', () => {
    expect(taskIn(planOf(oven), 'turn-over').cautions).toContain('hoist');
    expect(taskIn(planOf(telescope), 'turn-over').cautions).not.toContain('hoist');
  });
  test('half of it is lifted over an edge: 300 lb take three people, 51 lb each (NIOSH 1991, recalled)', () => {
    const part = { massKg: pounds(300), centre: { xM: 1.5, yM: 0, zM: 0 } } as never;
    const { liftedKg, people, hoist } = turningOf([part]);
    expect(liftedKg).toBeCloseTo(pounds(150), 9);
    expect([people, hoist]).toEqual([3, false]);
    expect(turningOf([{ massKg: pounds(20), centre: { xM: 0, yM: 0, zM: 0 } } as never]).people).toBe(2);
    expect(turningOf([{ massKg: pounds(900), centre: { xM: 0, yM: 0, zM: 0 } } as never]).hoist).toBe(true);
  });
  test('Δ = 0.005 A d L² ÷ I in inches: 0.1 in² 2 in off the middle of 100 in with 5 in⁴ is 2 in (Blodgett’s form, recalled)', () => {
    expect(bowM(0.1, 2, 100, 5)).toBeCloseTo(2, 12);
    // One unit or another: the formula has none of its own.
    expect(bowM(0.1 * inches(1) ** 2, inches(2), inches(100), 5 * inches(1) ** 4)).toBeCloseTo(inches(2), 12);
  });
  test('nine cross-members under 16 ft of 4 in tube: of the order of 1/8 to 3/8 in, as shops see it (common practice)', () => {
    const frame: Trailer = {
      ...apiary,
      frame: {
        ...apiary.frame,
        bed: { ...apiary.frame.bed, lengthM: feet(16) },
        deck: { ...apiary.frame.deck, seat: 'on-top' },
        overrides: {},
        groups: { ...apiary.frame.groups, cross: apiary.frame.groups.rail },
        crossMembers: { kind: 'spacing', maxSpacingM: inches(20) },
      },
    };
    const { chassis } = evaluate(frame);
    const bow = oneSideBowM(chassis, inches(3 / 16), false);
    if (!bow) throw new Error('no bow');
    // By hand: each underside weld 2 in of 3/16 in fillet, 2 in below the middle of HSS 4 x 2 x 3/16, whose I is 3.66 in⁴ (AISC, recalled).
    const count = chassis.members.filter(({ group }) => group === 'cross').length;
    const byHand = (0.005 * count * 2 * (0.1875 ** 2 / 2) * 2 * 192) / 3.66;
    expect(bow[1]).toBeCloseTo(inches(1.2 * byHand), 5);
    const [least, most] = bow;
    expect(least).toBeGreaterThan(inches(1 / 32));
    expect(most).toBeLessThan(inches(5 / 8));
    expect(most / least).toBeCloseTo(3, 9);
    // Twice the leg is four times the metal.
    const heavy = oneSideBowM(chassis, inches(3 / 8), false);
    expect((heavy?.[0] ?? 0) / least).toBeCloseTo(4, 6);
  });
});

describe('what was done of it', () => {
  const plan = planOf(apiary);
  test('ticked, it is done; by other numbers it is touched, and says which', () => {
    const record = plan.reduce((before, task) => note(before, done(task)), empty);
    expect(progressOf(plan, record).every(({ state, touched }) => state === 'done' && touched.length === 0)).toBe(true);
    const moved: Trailer = {
      ...apiary,
      runningGear: { ...apiary.runningGear, positionM: apiary.runningGear.positionM + inches(1) },
    };
    const touched = progressOf(planOf(moved), record).filter((one) => one.touched.length > 0);
    expect(touched.map(({ task }) => task.kind)).toEqual(expect.arrayContaining(['hangers', 'axle']));
    expect(touched.map(({ task }) => task.kind)).not.toContain('lay-out');
    const back = touched
      .find(({ task }) => task.kind === 'axle')
      ?.touched.find(({ figure: own }) => own.id === 'axle-back');
    expect(back?.was).toBeCloseTo(apiary.runningGear.positionM, 3);
  });
  test('a cross-member that was taken out since is told as well', () => {
    const [, , taken] = evaluate(apiary).chassis.crossPlaced;
    if (!taken) throw new Error('none');
    const record = note(empty, done(taskIn(plan, 'cross-members')));
    const members = evaluate(apiary).chassis.crossPlaced.filter(({ id }) => id !== taken.id);
    const fewer: Trailer = {
      ...apiary,
      frame: { ...apiary.frame, crossMembers: { kind: 'explicit', members: [...members] } },
    };
    const one = progressOf(planOf(fewer), record).find(({ task }) => task.kind === 'cross-members');
    expect(one).toMatchObject({ gone: 1, touched: [] });
  });
  test('undone again by a later note; the last one counts', () => {
    const [first] = plan as [BuildTask];
    const record = note(empty, done(first), {
      kind: 'task',
      id: 'later',
      date: '2026-05-02',
      taskId: first.id,
      state: 'to-do',
    });
    expect(progressOf(plan, record)[0]?.state).toBe('to-do');
  });
  test('a task waits for what has to be there before', () => {
    const waits = (record: ProjectRecord, kind: BuildTask['kind']) =>
      progressOf(plan, record).find(({ task }) => task.kind === kind)?.waitsFor;
    expect(waits(empty, 'tack')).toEqual(['cross-members', 'tongue', 'lay-out']);
    const ready = ['cross-members', 'tongue', 'lay-out'].reduce(
      (record, kind) => note(record, done(taskIn(plan, kind as BuildTask['kind']))),
      empty,
    );
    expect(waits(ready, 'tack')).toEqual([]);
  });
  test('nothing stands before what it needs', () => {
    for (const trailer of [apiary, oven, telescope, { ...apiary, building: { layOut: 'right-side-up' } } as Trailer]) {
      const order = planOf(trailer).map(({ id }) => id);
      for (const { task, waitsFor } of progressOf(planOf(trailer), empty))
        for (const need of waitsFor) expect(order.indexOf(need)).toBeLessThan(order.indexOf(task.id));
    }
  });
  test('a task of one’s own stands where it was put, and last where that is gone', () => {
    const own = (after: string | null): RecordEntry => ({
      kind: 'task',
      id: `own.${after ?? 'first'}`,
      date: '2026-05-01',
      taskId: 'own.1',
      state: 'to-do',
      title: 'Fetch the neighbour',
      after,
    });
    const place = (after: string | null) =>
      progressOf(plan, note(empty, own(after))).findIndex(({ task }) => task.id === 'own.1');
    expect(place(null)).toBe(0);
    expect(place('tack')).toBe(plan.findIndex(({ id }) => id === 'tack') + 1);
    expect(place('gone')).toBe(plan.length);
  });
  test('who takes twice as long is told so, from two tasks on', () => {
    const [a, b] = plan as [BuildTask, BuildTask];
    const middle = ({ hours: [least, most] }: BuildTask) => (least + most) / 2;
    const one = note(empty, done(a), hours(a.id, 2 * middle(a)));
    expect(paceOf(plan, one)).toBe(1);
    const two = note(one, done(b), hours(b.id, 2 * middle(b)));
    expect(paceOf(plan, two)).toBeCloseTo(2, 9);
    expect(progressOf(plan, two)[5]?.expectedH[1]).toBeCloseTo(2 * (plan[5]?.hours[1] ?? 0), 9);
    expect(hoursText([0.4, 2.2])).toBe('0.5 to 2 h');
  });
  test('the choice which way up is kept in the file', () => {
    const project = asProject({ ...apiary, building: { layOut: 'right-side-up' } });
    expect(project.design.building?.layOut).toBe('right-side-up');
  });
});
