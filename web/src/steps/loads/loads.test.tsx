import { DEMO_TRAILERS, evaluate, inches, pounds, type Trailer } from '@kereta/core';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, test } from 'vitest';
import { testBench } from '../../bench/bench.testkit';
import { LoadsStep } from './LoadsStep';

const [apiary, oven] = DEMO_TRAILERS as [Trailer, Trailer];
const { edits, show, type, choose, last } = testBench('loads');
const itemOf = (trailer: Trailer, id: string) => {
  const found = trailer.items.find((item) => item.id === id);
  if (!found) throw new Error(id);
  return found;
};

afterEach(() => {
  cleanup();
  edits.length = 0;
});

describe('what is on it', () => {
  test('a load is added, aboard wherever something is; where it is not is taken off once, beside it', () => {
    show(apiary, <LoadsStep />, { caseId: 'case.full-hives' });
    fireEvent.click(screen.getByRole('button', { name: 'Add load' }));
    const added = last();
    expect(added.items).toHaveLength(apiary.items.length + 1);
    const id = added.items.at(-1)?.id;
    const aboard = added.cases.filter(({ aboard: list }) => list.some(({ itemId }) => itemId === id));
    const carrying = apiary.cases.filter(({ aboard: list }) =>
      list.some(({ itemId }) => apiary.items.find((item) => item.id === itemId)?.kind !== 'fixed'),
    );
    expect(carrying.length).toBeGreaterThan(1);
    expect(aboard.map((loadCase) => loadCase.id)).toEqual(carrying.map((loadCase) => loadCase.id));
  });
  test('a load is added in round figures of the units that are shown', () => {
    show(apiary, <LoadsStep />);
    fireEvent.click(screen.getByRole('button', { name: 'Add load' }));
    const { massKg, attach, sizeM } = last().items.at(-1) ?? {};
    expect((massKg?.tolerance ?? 0) / pounds(1)).toBeCloseTo(40, 9);
    expect((attach?.offsetM.tolerance ?? 0) / inches(1)).toBeCloseTo(2, 9);
    expect((sizeM?.heightM ?? 0) / inches(1)).toBeCloseTo(18, 9);
  });
  test('a jotted list becomes loads in one edit; what is not understood stays in the field and is named', () => {
    show(apiary, <LoadsStep />);
    const field = screen.getByLabelText('Quick add');
    const add = screen.getByRole('button', { name: 'Add' });
    fireEvent.change(field, { target: { value: '2 crates 600, oddments' } });
    fireEvent.click(add);
    expect(screen.getByRole('alert').textContent).toContain('“oddments” needs a weight');
    expect(edits).toHaveLength(0);
    fireEvent.change(field, { target: { value: '2 crates 600, 3 straw bales' } });
    fireEvent.click(add);
    expect(edits.map(({ label }) => label)).toEqual(['5 loads added']);
    const added = last().items.slice(apiary.items.length);
    expect(added.map(({ name }) => name)).toEqual([
      'Crate 1',
      'Crate 2',
      'Straw bale 1',
      'Straw bale 2',
      'Straw bale 3',
    ]);
    expect(added[0]?.massKg).toMatchObject({ value: expect.closeTo(pounds(600), 6) as number, basis: 'guessed' });
    expect(added[2]?.sizeM.lengthM).toBeCloseTo(inches(36), 9);
    expect((field as HTMLInputElement).value).toBe('');
  });
  test('a case is added with what is aboard in the one that is shown', () => {
    show(apiary, <LoadsStep />, { caseId: 'case.full-hives' });
    fireEvent.click(screen.getByRole('button', { name: 'Add case' }));
    const [from, made] = [apiary.cases.find(({ id }) => id === 'case.full-hives'), last().cases.at(-1)];
    expect(made?.aboard).toEqual(from?.aboard);
    expect(made?.id).not.toBe(from?.id);
  });
  test('weight, place, doubt: weighed is less unsure than guessed, in proportion', () => {
    const id = 'item.front';
    const picked = apiary.items.some((item) => item.id === id) ? id : (apiary.items.at(-1)?.id ?? '');
    show(apiary, <LoadsStep />, { picked });
    const region = screen.getByRole('region', { name: `Picked: ${itemOf(apiary, picked).name}` });
    choose('How sure', 'weighed');
    expect(itemOf(last(), picked).massKg.tolerance).toBeCloseTo(0.01 * itemOf(apiary, picked).massKg.value, 9);
    type('Weight', '500');
    expect(itemOf(last(), picked).massKg.value).toBeCloseTo(pounds(500), 9);
    type('Right of the middle', '6');
    expect(itemOf(last(), picked).attach.rightM).toBeCloseTo(inches(6), 9);
    expect(within(region).getByRole('button', { name: 'Take off' })).toBeTruthy();
  });
  test('a thing set on another one stands over its middle; taken off, it is gone from every case', () => {
    const [first, second] = apiary.items;
    if (!first || !second) throw new Error('no items');
    show(apiary, <LoadsStep />, { picked: second.id });
    choose('Stands on', `item:${first.id}`);
    expect(itemOf(last(), second.id).attach).toMatchObject({
      on: 'item',
      hostId: first.id,
      offsetM: { value: 0 },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Take off' }));
    expect(last().items.some(({ id }) => id === second.id)).toBe(false);
    expect(last().cases.some(({ aboard }) => aboard.some(({ itemId }) => itemId === second.id))).toBe(false);
  });
  test('measured from somewhere else, a thing stays where it is', () => {
    const [first] = apiary.items;
    if (!first) throw new Error('no item');
    show(apiary, <LoadsStep />, { picked: first.id, caseId: 'case.full-hives' });
    const middle = (trailer: Trailer): number =>
      evaluate(trailer)
        .cases.find(({ loadCase }) => loadCase.id === 'case.full-hives')
        ?.parts.find(({ id }) => id === first.id)?.centre.xM ?? Number.NaN;
    choose('Measured from', first.attach.from === 'rear' ? 'front' : 'rear');
    expect(last().items[0]?.attach.from).not.toBe(first.attach.from);
    expect(middle(last())).toBeCloseTo(middle(apiary), 9);
  });
  test('a case: what is aboard, whether it counts, how far something is moved, and that the last one stays', () => {
    show(apiary, <LoadsStep />, { caseId: 'case.full-hives' });
    const rear = screen.getByLabelText<HTMLInputElement>('Rear hives aboard');
    expect(rear.checked).toBe(true);
    fireEvent.click(rear);
    const full = last().cases.find(({ id }) => id === 'case.full-hives');
    expect(full?.aboard.some(({ itemId }) => itemOf(apiary, itemId).name === 'Rear hives')).toBe(false);
    fireEvent.click(screen.getByLabelText('Counts for the axle’s place'));
    expect(last().cases.find(({ id }) => id === 'case.full-hives')?.countsForWindow).toBe(false);
    const front = last().items.find(({ name }) => name === 'Front hives');
    fireEvent.change(screen.getByLabelText('Move'), { target: { value: front?.id } });
    type('Front hives, further back by', '10');
    const moved = evaluate(last()).cases.find(({ loadCase }) => loadCase.id === 'case.full-hives');
    const before = evaluate(apiary).cases.find(({ loadCase }) => loadCase.id === 'case.full-hives');
    expect(moved?.centre?.xM).toBeGreaterThan(before?.centre?.xM ?? 9);
    cleanup();
    const [only] = apiary.cases;
    show({ ...apiary, cases: only ? [only] : [] }, <LoadsStep />);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Take this case out' }).disabled).toBe(true);
  });
  test('a tank is filled by per cent, and drained on the way', () => {
    const tank = oven.items.find(({ kind }) => kind === 'tank');
    const wet = oven.cases.find(({ aboard }) => aboard.some(({ itemId, fill }) => itemId === tank?.id && fill > 0));
    if (!tank || !wet) throw new Error('no tank aboard');
    show(oven, <LoadsStep />, { caseId: wet.id });
    type(`${tank.name}, how full`, '50');
    expect(
      last()
        .cases.find(({ id }) => id === wet.id)
        ?.aboard.find(({ itemId }) => itemId === tank.id)?.fill,
    ).toBe(0.5);
    type(`${tank.name}, drained to`, '10');
    expect(
      last()
        .cases.find(({ id }) => id === wet.id)
        ?.aboard.find(({ itemId }) => itemId === tank.id)?.fillLow,
    ).toBeCloseTo(0.1, 12);
  });
  test('weights by part and group add up to the case', () => {
    show(apiary, <LoadsStep />, { caseId: 'case.full-hives' });
    const table = screen.getByRole('table', { name: 'Weights by part and group' });
    const whole = evaluate(apiary).cases.find(({ loadCase }) => loadCase.id === 'case.full-hives')?.massKg ?? 0;
    expect(table.textContent).toContain(`${Math.round(whole / 0.45359237).toLocaleString('en-US')} lb`);
  });
});
