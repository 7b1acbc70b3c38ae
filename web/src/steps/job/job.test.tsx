import { asProject, DEMO_TRAILERS, evaluate, inches, pounds, type Trailer } from '@kereta/core';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, test } from 'vitest';
import { testBench } from '../../bench/bench.testkit';
import { createProjectStore } from '../../bench/projectStore';
import { JobStep } from './JobStep';

const [apiary] = DEMO_TRAILERS as [Trailer];
const { edits, show, type, choose, last } = testBench('job');

afterEach(() => {
  cleanup();
  edits.length = 0;
});

describe('the job', () => {
  test('name, purpose, roads, plate: one named edit each', () => {
    show(apiary, <JobStep />);
    type('Trailer’s name', 'Bee wagon');
    expect(last().name).toBe('Bee wagon');
    type('What it will carry', 'Hives');
    expect(last().job.purpose).toBe('Hives');
    choose('On what roads', 'off-road');
    expect(last().job.road).toBe('off-road');
    type('Rated gross, for its plate', '3000');
    expect(last().ratedGrossKg).toBeCloseTo(pounds(3000), 9);
    expect(edits.map(({ label }) => label)).toEqual(['name Bee wagon', 'what it carries', 'roads', 'rated gross']);
  });
  test('an emptied plate is missing, not nothing', () => {
    show(apiary, <JobStep />);
    type('Rated gross, for its plate', '');
    expect(last().ratedGrossKg).toBeNull();
    expect(evaluate(last()).findings.find(({ code }) => code === 'gross-against-plate')?.verdict).toBe('open');
  });
  test('what the vehicle may tow, and what its hitch allows', () => {
    show({ ...apiary, towVehicle: null }, <JobStep />);
    type('May tow', '4000');
    expect(last().towVehicle?.towLimitKg).toBeCloseTo(pounds(4000), 9);
    type('Hitch allows', '400');
    expect(last().towVehicle?.tongueLimitKg).toBeCloseTo(pounds(400), 9);
    type('Hitch height', '20');
    expect(last().towVehicle?.hitchHeightM).toBeCloseTo(inches(20), 9);
  });
  test('regions come and go, outside of the history; without any the rules are missing', () => {
    const projectStore = createProjectStore(asProject(apiary));
    show(apiary, <JobStep />, { projectStore });
    fireEvent.click(screen.getByLabelText('Europe'));
    expect(projectStore.trailerNow().settings.regions).toEqual(['north-america', 'europe']);
    fireEvent.click(screen.getByLabelText('North America'));
    expect(edits).toEqual([]);
    const none = evaluate({ ...apiary, settings: { ...apiary.settings, regions: [] } });
    expect(none.findings.find(({ code }) => code === 'no-region')?.verdict).toBe('open');
  });
  test('how sizes are written is no step of the history', () => {
    const projectStore = createProjectStore(asProject(apiary));
    show(apiary, <JobStep />, { projectStore });
    choose('Units', 'metric');
    expect(edits).toEqual([]);
    expect(projectStore.trailerNow().settings.units).toBe('metric');
    projectStore.undo();
    expect(projectStore.trailerNow().settings.units).toBe('metric');
  });
  test('other units offer their money and round sizes; neither is changed unasked', () => {
    const metric = { ...apiary, settings: { ...apiary.settings, units: 'metric' as const } };
    const projectStore = createProjectStore(asProject(metric));
    show(metric, <JobStep />, { projectStore });
    expect(projectStore.trailerNow().settings.currency).toBe('USD');
    fireEvent.click(screen.getByRole('button', { name: 'Take EUR' }));
    expect(projectStore.trailerNow().settings.currency).toBe('EUR');
    // 10 ft are 3048 mm, 5 ft 4 in 1625.6: rounded they are 3050 and 1630.
    fireEvent.click(screen.getByRole('button', { name: 'Round them to mm' }));
    expect(last().frame.bed.lengthM).toBeCloseTo(3.05, 9);
    expect(last().frame.bed.widthM).toBeCloseTo(1.63, 9);
  });
  test('where a region’s people go by another school of tongue weight, that is offered', () => {
    const europe: Trailer = { ...apiary, settings: { ...apiary.settings, regions: ['europe'] } };
    const projectStore = createProjectStore(asProject(europe));
    show(europe, <JobStep />, { projectStore });
    fireEvent.click(screen.getByRole('button', { name: /^Take Europe/ }));
    expect(projectStore.trailerNow().settings.tongueSchool).toBe('europe');
    expect(last().tongueBand).toMatchObject({ minShare: 0.04, enoughKg: 25 });
    expect(last().wantedTongueShare).toBe(0.06);
  });
  test('where it must fit: a limit of width is judged, without one nothing is', () => {
    show(apiary, <JobStep />);
    type('Widest it may be', '70');
    expect(evaluate(last()).findings.find(({ code }) => code === 'overall-width')?.verdict).toBe('over');
    type('Widest it may be', '');
    expect(last().job.maxWidthM).toBeNull();
  });
});
