import { DEMO_TRAILERS, evaluate, inches, type Instant, type Trailer, UNKNOWN_VEHICLE } from '@kereta/core';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { VehicleFields } from '../towing/VehicleFields';
import { testBench } from '../../bench/bench.testkit';
import { flickVerdict, PER_SECOND } from './flickVerdict';
import { RampView } from './RampView';
import { Trainer } from './Trainer';
import { Turning } from './Turning';

vi.mock('../../jobs/askWorker', async (original) => (await import('../../jobs/here.testkit')).jobsHere(original));

const [apiary] = DEMO_TRAILERS as [Trailer];
const { edits, show, type, choose, last } = testBench('towing');
const slide = (label: string | RegExp, value: number): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: String(value) } });
};

afterEach(() => {
  cleanup();
  edits.length = 0;
});

describe('what a flick came to', () => {
  const trail = (swing: (timeS: number) => number): readonly Instant[] =>
    Array.from({ length: 10 * PER_SECOND + 1 }, (_, i) => ({
      timeS: i / PER_SECOND,
      sideM: 0,
      headingRad: 0,
      angleRad: swing(i / PER_SECOND),
    }));
  test.each([
    ['it settles', (t: number) => 0.05 * Math.exp(-t) * Math.sin(6 * t)],
    ['it swings on for long', (t: number) => 0.05 * Math.exp(-0.1 * t) * Math.sin(6 * t)],
    ['the swing grows', (t: number) => 0.01 * Math.exp(0.2 * t) * Math.sin(6 * t)],
    ['it swings further than these sums hold', (t: number) => 0.01 * Math.exp(t) * Math.sin(6 * t)],
  ])('%s', (said, swing) => {
    expect(flickVerdict(trail(swing))).toBe(said);
  });
  test('nothing yet', () => {
    expect(flickVerdict([])).toBe('working it out');
  });
});

describe('over a break of the road', () => {
  test('its sliders say crest or dip, what comes nearest, and what strikes', () => {
    show(apiary, <RampView />);
    const region = screen.getByRole('region', { name: 'Crest and dip' });
    expect(within(region).getByRole('status').textContent).toContain('Nearest anywhere over it: the tongue');
    slide('Break of the road, crest to dip, degrees', 0);
    expect(within(region).getByRole('status').textContent).toContain('Riding level');
    slide('Break of the road, crest to dip, degrees', -15);
    expect(within(region).getByRole('img').getAttribute('aria-label')).toMatch(/^Crest of 15°/);
    slide('Where the break lies under the rig, front to rear, per cent', 0);
    expect(within(region).getByRole('img').getAttribute('aria-label')).toMatch(/tips by \d/);
  });
  test('without the vehicle’s overhang it asks for it', () => {
    show({ ...apiary, towVehicle: apiary.towVehicle && { ...apiary.towVehicle, ballBehindAxleM: null } }, <RampView />);
    expect(screen.getByText(/how far the ball stands behind/)).toBeTruthy();
  });
});

describe('turned', () => {
  test('the slider says what is near and when it touches', () => {
    show(apiary, <Turning />);
    slide('Angle between vehicle and trailer', 0);
    const status = within(screen.getByRole('region', { name: 'Turning' })).getByRole('status');
    expect(status.textContent).toMatch(/to Spare wheel/);
    slide('Angle between vehicle and trailer', 80);
    expect(status.textContent).toMatch(/■ Spare wheel touches/);
  });
});

describe('the trainer', () => {
  test('what is tried is shown beside the trailer as it is, and changes nothing', async () => {
    show(apiary, <Trainer />);
    const region = await screen.findByRole('region', { name: 'After a flick of the wheel' });
    expect((await within(region).findByText(/it settles/)).textContent).toContain('of 10');
    slide(/^Load: /, -6);
    expect(await screen.findByText(/As tried:/)).toBeTruthy();
    expect(await screen.findByText(/% on the tongue/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Back to as it is' }));
    expect(screen.queryByText(/As tried:/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'A tenth on' }));
    expect(within(region).getByRole('status').textContent).toMatch(/^0\.1 s/);
    expect(edits).toEqual([]);
  });
});

describe('tow vehicle', () => {
  test('an example fills what nobody has typed, and never a limit; one’s own are kept by name', () => {
    show({ ...apiary, towVehicle: { ...UNKNOWN_VEHICLE, towLimitKg: 2000, wheelbaseM: 3.1 } }, <VehicleFields />);
    choose('Start from', 'vehicle-pickup');
    expect(last().towVehicle).toMatchObject({
      name: 'Full-size pickup',
      likeId: 'vehicle-pickup',
      wheelbaseM: 3.1,
      ballBehindAxleM: inches(48),
      towLimitKg: 2000,
      tongueLimitKg: null,
    });
    expect(last().towVehicle).not.toHaveProperty('source');
    const asked = evaluate(last()).findings.find(({ code }) => code === 'tongue-limit');
    expect(asked?.verdict).toBe('open');
    cleanup();
    // Another example takes the place of what the first one filled, and of nothing else.
    show(last(), <VehicleFields />);
    choose('Start from', 'vehicle-estate');
    expect(last().towVehicle).toMatchObject({
      name: 'Family estate car',
      wheelbaseM: 3.1,
      ballBehindAxleM: 1.05,
      towLimitKg: 2000,
    });
    cleanup();
    show(apiary, <VehicleFields />);
    fireEvent.click(screen.getByRole('button', { name: /^Keep “Farm pickup”/ }));
    expect(last().ownRows.vehicles[0]?.vehicle.name).toBe('Farm pickup');
  });
  test('by hand asks for no wheelbase; a hitch that sinks is told by a weight one can stand on it', () => {
    show(apiary, <VehicleFields />);
    type('Hitch sinks under 100 lb', '1');
    expect((last().towVehicle?.hitchSinksMPerKg ?? 0) * 45.359237).toBeCloseTo(0.0254, 9);
    choose('Pulled by', 'muscle');
    expect(last().towVehicle?.kind).toBe('muscle');
    cleanup();
    show(last(), <VehicleFields />);
    expect(screen.queryByLabelText('Wheelbase')).toBeNull();
    expect(evaluate(last()).findings.some(({ code }) => code === 'hand-pull')).toBe(true);
  });
});
