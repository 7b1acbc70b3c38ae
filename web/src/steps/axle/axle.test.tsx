import { DEMO_TRAILERS, evaluate, inches, pounds, type Trailer } from '@kereta/core';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, test } from 'vitest';
import { testBench } from '../../bench/bench.testkit';
import { AxleStep } from './AxleStep';

const [apiary, , telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const { edits, show, type, choose, last } = testBench('axle');
const axleOf = (trailer: Trailer) => trailer.runningGear.axle;

afterEach(() => {
  cleanup();
  edits.length = 0;
});

describe('axle and wheels', () => {
  test('what was measured beyond the parts is entered as a bracket, and then everything adds up', () => {
    const tall = { ...telescope, runningGear: { ...telescope.runningGear, measuredRailTopM: 0.6 } };
    const rest = (trailer: Trailer): number => {
      const found = evaluate(trailer).findings.find(({ code }) => code === 'ride-height');
      return found?.code === 'ride-height' ? found.data.restM : Number.NaN;
    };
    show(tall, <AxleStep />);
    const before = rest(tall);
    expect(before).toBeGreaterThan(0.02);
    fireEvent.click(screen.getByRole('button', { name: 'Enter it as brackets' }));
    expect(last().runningGear.suspension.bracketM).toBeCloseTo(tall.runningGear.suspension.bracketM + before, 9);
    expect(rest(last())).toBeCloseTo(0, 9);
  });
  test('the axle’s place: typed, a step either way, or one of three ways, each one named edit', () => {
    show(apiary, <AxleStep />);
    type('Middle of axle, back from front edge', '70');
    expect(last().runningGear.positionM).toBeCloseTo(inches(70), 9);
    fireEvent.click(screen.getByRole('button', { name: 'Axle a step back' }));
    expect(last().runningGear.positionM).toBeCloseTo(apiary.runningGear.positionM + inches(1 / 16), 9);
    fireEvent.click(screen.getByRole('button', { name: 'Axle a step forward' }));
    expect(last().runningGear.positionM).toBeCloseTo(apiary.runningGear.positionM - inches(1 / 16), 9);
    fireEvent.click(screen.getByRole('button', { name: /^Take .*60/ }));
    expect(last().runningGear.positionM).toBeCloseTo(0.6 * apiary.frame.bed.lengthM, 2);
    expect(edits.every(({ label }) => label.startsWith('axle to '))).toBe(true);
  });
  test('an axle of the list keeps the hub faces that were measured; another one has no rating until it is read', () => {
    show(apiary, <AxleStep />);
    choose('Axle from the list', 'axle-2000');
    expect(axleOf(last()).ratingKg).toBeCloseTo(pounds(2000), 6);
    expect(axleOf(last()).hubFaceM).toBe(axleOf(apiary).hubFaceM);
    choose('Axle from the list', '');
    expect(axleOf(last()).ratingKg).toBeNull();
    expect(evaluate(last()).findings.find(({ code }) => code === 'axle-load')?.verdict).toBe('open');
  });
  test('a rating taken out is missing, a tire’s load as well', () => {
    show(apiary, <AxleStep />);
    type('Rating on its tag, each axle', '');
    expect(axleOf(last()).ratingKg).toBeNull();
    type('On its sidewall, each', '');
    expect(last().runningGear.tire.maxLoadKg).toBeNull();
    type('Stamped on the wheel, each', '');
    expect(last().runningGear.wheel.maxLoadKg).toBeNull();
  });
  test('a passenger tire is derated; one of the list brings rim and weight', () => {
    show(apiary, <AxleStep />);
    choose('Tire made for', 'passenger');
    const before = evaluate(apiary).findings.find(({ code }) => code === 'tire-load')?.utilisation ?? 0;
    const after = evaluate(last()).findings.find(({ code }) => code === 'tire-load')?.utilisation ?? 0;
    expect(after / before).toBeCloseTo(1.1, 6);
    choose('Tire from the list', '480-8b');
    expect(last().runningGear.tire.rimM).toBeCloseTo(inches(8), 9);
    expect(last().runningGear.wheel.rimM).toBeCloseTo(inches(8), 9);
  });
  test('leaf springs ask bolt to bolt, torsion arms how far the wheel trails; a tandem how far apart', () => {
    show(apiary, <AxleStep />);
    expect(screen.getByLabelText('Spring, bolt to bolt')).toBeTruthy();
    expect(screen.queryByLabelText('Wheel behind bracket, loaded')).toBeNull();
    expect(screen.queryByLabelText('Between the axles')).toBeNull();
    choose('Axles', 'tandem-equaliser');
    const tandem = last();
    cleanup();
    show(tandem, <AxleStep />);
    type('Between the axles', '34');
    expect(last().runningGear.spacingM).toBeCloseTo(inches(34), 9);
    cleanup();
    show(telescope, <AxleStep />);
    type('Wheel behind bracket, loaded', '150');
    expect(last().runningGear.suspension.armM).toBeCloseTo(0.15, 9);
  });
  test('springs as they are measured, leaves in whole numbers', () => {
    show(apiary, <AxleStep />);
    type('Leaves', '4.6');
    expect(screen.getByText('Must be a whole number.')).toBeTruthy();
    expect(edits).toEqual([]);
    type('Leaves', '5');
    expect(last().runningGear.suspension.spring.leaves).toBe(5);
    type('Arch, unloaded', '3 1/4');
    expect(last().runningGear.suspension.spring.freeArchM).toBeCloseTo(inches(3.25), 9);
    type('One spring may carry', '');
    expect(last().runningGear.suspension.spring.ratingKg).toBeNull();
  });
});
