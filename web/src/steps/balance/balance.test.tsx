import { asProject, DEMO_TRAILERS, doubtOf, evaluate, type Trailer } from '@kereta/core';
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { LastChanges } from '../../bench/LastChanges';
import { testBench } from '../../bench/bench.testkit';
import { createProjectStore } from '../../bench/projectStore';
import { ChooseAxle } from '../axle/ChooseAxle';
import { HangerTable } from '../axle/HangerTable';
import { HeightTable } from '../axle/HeightTable';
import { OwnGear } from '../axle/OwnGear';
import { DoubtTable } from './DoubtTable';
import { Schools } from './Schools';
import { WaysOut } from './WaysOut';

const [apiary, oven] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const { edits, show } = testBench('balance');

vi.mock('../../jobs/askWorker', async (original) => (await import('../../jobs/here.testkit')).jobsHere(original));

afterEach(() => {
  cleanup();
  edits.length = 0;
});

describe('ways out', () => {
  test('none where every load rides well', () => {
    show(apiary, <WaysOut />);
    expect(screen.queryByText('Ways out')).toBeNull();
  });
  test('each says what it does to every load; Try is one edit, named', async () => {
    show(oven, <WaysOut />);
    const [first] = await screen.findAllByRole('button', { name: /^Try:/ });
    first?.click();
    expect(edits).toHaveLength(1);
    expect(edits[0]?.label).toMatch(/^(put|move|make) /);
    const { cases } = evaluate(edits[0]?.trailer ?? oven);
    expect(cases).toHaveLength(oven.cases.length);
    expect(screen.getAllByText(/To market 12\.1 % → /).length).toBeGreaterThan(0);
  });
});

describe('doubt', () => {
  test('range, chance and the guess to settle first; nothing before the worker has answered', () => {
    show(oven, <DoubtTable />);
    expect(screen.queryByText(/What your guesses do/)).toBeNull();
    cleanup();
    const doubts = doubtOf(evaluate(oven));
    show(oven, <DoubtTable />, { doubt: { doubts, current: false } });
    expect(screen.getByText('What your guesses do (before the last change)')).toBeTruthy();
    expect(screen.getAllByText(/in nine tries of ten/)).toHaveLength(4);
    expect(screen.getAllByText(/Measure the place of Brick oven first/).length).toBeGreaterThan(0);
  });
});

describe('schools', () => {
  test('says of how many loads each is content', () => {
    show(apiary, <Schools />);
    expect(screen.getAllByText(/^\d of 4$/)).toHaveLength(4);
  });
});

describe('axle', () => {
  test('candidates come with their reasons; taking one keeps the hub faces', () => {
    show(oven, <ChooseAxle />);
    expect(screen.getAllByText(/spare does not fit/).length).toBeGreaterThan(0);
    screen.getByRole('button', { name: 'Take two of 3,500 lb axle' }).click();
    const { runningGear } = edits[0]?.trailer ?? oven;
    expect(runningGear.axle.ratingKg).toBeGreaterThan(oven.runningGear.axle.ratingKg ?? 0);
    expect(runningGear.axle.hubFaceM).toBe(oven.runningGear.axle.hubFaceM);
    expect(runningGear.layout).toBe('tandem-equaliser');
  });
  test('heights of every load', () => {
    show(apiary, <HeightTable />);
    expect(screen.getByRole('table', { name: /Heights above the ground/ }).querySelectorAll('tbody tr')).toHaveLength(
      5,
    );
  });
  test('hangers of a tandem: outer eyes and the pivot between', () => {
    show(oven, <HangerTable />);
    expect(screen.getByText(/equaliser’s pivot/)).toBeTruthy();
    expect(screen.getAllByText(/fixed eye/).length).toBeGreaterThanOrEqual(2);
  });
});

describe('rows of one’s own', () => {
  test('an axle is kept with its figures, and is the one that is chosen', () => {
    show(oven, <OwnGear />);
    screen.getByRole('button', { name: 'Keep this axle' }).click();
    const { ownRows, runningGear } = edits[0]?.trailer ?? oven;
    expect(ownRows.axles).toHaveLength(1);
    expect(ownRows.axles[0]?.axle.ratingKg).toBe(oven.runningGear.axle.ratingKg);
    expect(runningGear.axle.catalogId).toBe(ownRows.axles[0]?.id);
    screen.getByRole('button', { name: 'Keep this tire' }).click();
    expect(edits[1]?.trailer.ownRows.tires[0]?.tire.maxLoadKg).toBe(oven.runningGear.tire.maxLoadKg);
  });
});

describe('what an edit changed', () => {
  test('nothing before the first edit; then the findings that differ, with what they were', async () => {
    const projectStore = createProjectStore(asProject(apiary));
    show(apiary, <LastChanges steps={['axle']} />, { projectStore });
    expect(screen.queryByText(/changed/)).toBeNull();
    cleanup();
    const wider: Trailer = {
      ...apiary,
      runningGear: { ...apiary.runningGear, tire: { ...apiary.runningGear.tire, widthM: 0.25 } },
    };
    projectStore.edit('tire width', () => wider);
    show(wider, <LastChanges steps={['axle']} />, { projectStore });
    expect(await screen.findByText(/What “tire width” changed/)).toBeTruthy();
    expect(screen.getAllByText(/^Was/).length).toBeGreaterThan(0);
  });
});
