import { DEMO_TRAILERS, evaluate, inches, pounds, type Trailer, type Tongue } from '@kereta/core';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { testBench } from '../../bench/bench.testkit';
import { CutsTable } from './CutsTable';
import { CouplerField } from './hardware/CouplerField';
import { HardwareFields } from './hardware/HardwareFields';
import { LengthTable } from './LengthTable';
import { LevelTable } from './LevelTable';
import { LinkTable } from './LinkTable';
import { ShortestTongue } from './ShortestTongue';
import { SideTubeFields } from './SideTubeFields';
import { TongueStep } from './TongueStep';
import { ofKind, TongueShape } from './TongueShape';

// The worker's own tasks, without the worker between.
vi.mock('../../jobs/askWorker', async (original) => (await import('../../jobs/here.testkit')).jobsHere(original));

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const { edits, show, type, choose, last } = testBench('tongue');
const withTongue = (trailer: Trailer, kind: string): Trailer => ({
  ...trailer,
  frame: {
    ...trailer.frame,
    tongue: ofKind(kind, trailer.frame.tongue, trailer.frame.bed.lengthM, trailer.settings.units === 'metric'),
  },
});

afterEach(() => {
  cleanup();
  edits.length = 0;
});

describe('kinds of tongue', () => {
  test('another kind keeps length, what is left on, plate and caps; and can be built', () => {
    const plated: Trailer = {
      ...apiary,
      frame: {
        ...apiary.frame,
        tongue: {
          ...apiary.frame.tongue,
          cutLaterM: 0.1,
          caps: { ball: false, rear: true, sides: true },
          topPlate: { lengthM: 0.3, widthM: 0.2, thicknessM: 0.005 },
        },
      },
    };
    for (const kind of ['a-frame', 'straight', 'backbone']) {
      const changed = withTongue(plated, kind);
      expect(changed.frame.tongue).toMatchObject({
        kind,
        lengthM: plated.frame.tongue.lengthM,
        cutLaterM: 0.1,
        caps: { ball: false, rear: true, sides: true },
      });
      expect(evaluate(changed).chassis.problems).toEqual([]);
    }
  });
  test('the step offers what each kind has', () => {
    show(apiary, <TongueStep />);
    expect(screen.getByLabelText('Legs end')).toBeTruthy();
    choose('Tongue', 'backbone');
    expect(last().frame.tongue.kind).toBe('backbone');
    cleanup();
    show(last(), <TongueStep />);
    expect(screen.queryByLabelText('Legs end')).toBeNull();
    expect(screen.getByLabelText('Runs on along the frame')).toBeTruthy();
    expect(screen.getByRole('combobox', { name: 'Side tubes, section' })).toBeTruthy();
  });
  test('height, joint, plate, caps and what is left on are one named edit each', () => {
    const trailer = withTongue(apiary, 'straight');
    show(trailer, <TongueShape />);
    choose('Height', 'stepped');
    expect(last().frame.tongue.rise).toEqual({ kind: 'stepped', byM: expect.closeTo(-inches(6), 9) as number });
    choose('Tongue is', 'folding');
    expect(last().frame.tongue).toMatchObject({ joint: { kind: 'folding', pins: 2 } });
    type('Left on, to be cut later', '6');
    expect(last().frame.tongue.cutLaterM).toBeCloseTo(inches(6), 9);
    fireEvent.click(screen.getByLabelText('Plate over the front'));
    expect(last().frame.tongue.topPlate).not.toBeNull();
    fireEvent.click(screen.getByLabelText('Capped at its rear end'));
    expect(last().frame.tongue.caps).toEqual({ ball: false, rear: true, sides: false });
    type('Gussets where it meets the frame, leg', '4');
    expect(last().strength.gussets.tongueM).toBeCloseTo(inches(4), 9);
    expect(edits.map(({ label }) => label)).toEqual([
      'height of the tongue',
      'joint of the tongue',
      'left on the tongue',
      'plate over the tongue',
      'rear end capped',
      'gussets of the tongue',
    ]);
  });
  test('pins: how many, how thick, how far apart', () => {
    const straight = withTongue(apiary, 'straight');
    const { tongue } = straight.frame;
    const folding: Trailer = {
      ...straight,
      frame: {
        ...straight.frame,
        tongue: tongue.kind === 'a-frame' ? tongue : { ...tongue, joint: { ...tongue.joint, kind: 'folding' } },
      },
    };
    show(folding, <TongueShape />);
    choose('Pins across it', '1');
    expect(last().frame.tongue).toMatchObject({ joint: { pins: 1 } });
    type('Pin diameter', '3/4');
    expect(last().frame.tongue).toMatchObject({ joint: { pinDiameterM: expect.closeTo(inches(0.75), 9) as number } });
    fireEvent.click(screen.getByLabelText('Cheeks to both sides'));
    expect(last().frame.tongue).toMatchObject({
      joint: { plates: { thicknessM: expect.closeTo(inches(0.25), 9) as number } },
    });
    choose('Pins’ grade', '10.9');
    expect(last().frame.tongue).toMatchObject({ joint: { grade: '10.9' } });
  });
  test('both side tubes get their section together', () => {
    show(withTongue(apiary, 'backbone'), <SideTubeFields />);
    choose('Side tubes, section', 'hss-2x2x1_8');
    expect(last().frame.overrides['tongue.side.left']?.sectionId).toBe('hss-2x2x1_8');
    expect(last().frame.overrides['tongue.side.right']?.sectionId).toBe('hss-2x2x1_8');
  });
});

describe('what is shown', () => {
  test('the shortest tongue that clears, and one edit to it', () => {
    show(apiary, <ShortestTongue />);
    fireEvent.click(screen.getByRole('button', { name: 'Make it so' }));
    const shortened = last();
    expect(shortened.frame.tongue.lengthM).toBeLessThan(apiary.frame.tongue.lengthM);
    const turns = evaluate(shortened).findings.find(({ code }) => code === 'turns-clear');
    expect(turns?.verdict).toBe('ok');
  });
  test('no vehicle, nothing to clear: nothing is offered', () => {
    show({ ...apiary, towVehicle: null }, <ShortestTongue />);
    expect(screen.queryByText(/Shortest that clears/)).toBeNull();
  });
  test('links with the weakest in words; what nobody has read says so', () => {
    const unread: Trailer = {
      ...oven,
      coupling: { ...oven.coupling, ball: { ...oven.coupling.ball, ratedKg: null } },
    };
    show(unread, <LinkTable />);
    const table = screen.getByRole('table', { name: 'Links between vehicle and trailer' });
    expect(within(table).getByText('Ball mount (weakest)')).toBeTruthy();
    expect(within(table).getByText('not read')).toBeTruthy();
    expect(table.textContent).toContain('■ 115 %');
  });
  test('level of every towed load; a pair of axles with what each carries', () => {
    show(oven, <LevelTable />);
    const rows = within(screen.getByRole('table', { name: 'How level every load rides' })).getAllByRole('row');
    expect(rows).toHaveLength(1 + oven.cases.filter(({ mode }) => mode === 'towed').length);
    expect(rows[1]?.textContent).toMatch(/lb \+ .*lb/);
    cleanup();
    show({ ...oven, towVehicle: null }, <LevelTable />);
    expect(screen.queryByRole('table')).toBeNull();
  });
  test('cuts: 65° and 25° told both ways, and the cope of a leg on a channel', () => {
    const channel: Trailer = {
      ...apiary,
      frame: {
        ...apiary.frame,
        groups: { ...apiary.frame.groups, header: { sectionId: 'c4x5.4', materialId: 'a36', faces: 'in' } },
        tongue: { ...(apiary.frame.tongue as Extract<Tongue, { kind: 'a-frame' }>), rearEnd: 'header' },
      },
    };
    show(channel, <CutsTable />);
    const list = screen.getByRole('list', { name: 'Cuts of the tongue' });
    expect(list.textContent).toContain('Front: 65° off square (saw reading from the stick: 25°)');
    expect(list.textContent).toContain('Rear: 25° off square (saw reading from the stick: 65°)');
  });
  test('what more length does: the whole trailer at each length, in the worker; a length is taken by its button', async () => {
    show(telescope, <LengthTable />);
    const details = screen.getByText('What more or less length does').closest('details');
    if (!details) throw new Error('no details');
    details.open = true;
    fireEvent(details, new Event('toggle'));
    const longer = await screen.findByRole('button', { name: 'Make the tongue 1600 mm long' });
    expect(longer.closest('tr')?.textContent).toContain('4100 mm in all');
    fireEvent.click(longer);
    expect(last().frame.tongue.lengthM).toBeCloseTo(1.6, 9);
  });
});

describe('hardware', () => {
  test('a coupler of the list brings its stamp and is not home-made', () => {
    show(apiary, <CouplerField />);
    choose('Coupler', 'coupler-2000-straight');
    expect(last().coupling).toMatchObject({ homeMade: false, catalogId: 'coupler-2000-straight' });
    expect(last().coupling.ratedGrossKg).toBeCloseTo(pounds(2000), 9);
    choose('Coupler', '');
    expect(last().coupling.ratedGrossKg).toBeNull();
  });
  test('chain, ball, hitch and jack of the lists bring their figures; an emptied field is missing', () => {
    show(apiary, <HardwareFields />);
    choose('Chain', 'chain-g70-3_8');
    expect(last().coupling.safetyChain.breaksAtKg).toBeCloseTo(pounds(26_400), 6);
    choose('Ball', 'ball-2-1-1_4');
    expect(last().coupling.ball.ratedKg).toBeCloseTo(pounds(8000), 6);
    choose('Hitch on the vehicle', 'class-ii');
    expect(last().coupling.receiver).toEqual({
      ratedKg: expect.closeTo(pounds(3500), 6) as number,
      tongueKg: expect.closeTo(pounds(350), 6) as number,
    });
    choose('Jack', 'jack-drop-5000');
    expect(last().coupling.jack.longM).toBeCloseTo(inches(32), 9);
    type('Each breaks at', '');
    expect(last().coupling.safetyChain.breaksAtKg).toBeNull();
    choose('Worked by', 'overrun');
    expect(last().coupling.brakeKind).toBe('overrun');
    choose('Plug for the lights', '4-way');
    expect(evaluate(last()).findings.find(({ code }) => code === 'plug')?.verdict).toBe('over');
  });
});
