import { newProject, type RecordEntry, type Trailer } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { createProjectStore } from './projectStore';

const opened = newProject({ id: 'p', name: 'Opened', units: 'imperial', newId: () => 'x' });
const named =
  (name: string) =>
  (trailer: Trailer): Trailer => ({ ...trailer, name });
const price = (id: string, perKg: number, corrects?: string): RecordEntry => ({
  kind: 'price',
  id,
  date: '2026-11-27',
  family: 'steel',
  perKg,
  ...(corrects === undefined ? {} : { corrects }),
});

describe('history of an open trailer', () => {
  test('each edit is one step, named; undo and redo go both ways', () => {
    const { store, trailerNow, edit, undo, redo } = createProjectStore(opened);
    edit('name A', named('A'));
    edit('name B', named('B'));
    expect(store.getState().label).toBe('name B');
    undo();
    expect(trailerNow().name).toBe('A');
    expect(store.getState().label).toBe('name A');
    undo();
    expect(trailerNow().name).toBe('Opened');
    redo();
    redo();
    expect(trailerNow().name).toBe('B');
  });
  test('a drag is one step however many frames it had, and Esc leaves no trace', () => {
    const { store, history, trailerNow, trailerShown, edit, preview, undo } = createProjectStore(opened);
    for (let i = 0; i < 30; i += 1) preview(named(`frame ${i}`));
    expect(trailerShown().name).toBe('frame 29');
    expect(trailerShown()).toBe(trailerShown());
    expect(trailerNow().name).toBe('Opened');
    expect(history.getState().pastStates).toHaveLength(0);
    preview(undefined);
    expect(store.getState().preview).toBeUndefined();
    expect(trailerShown()).toBe(trailerNow());
    preview(named('x'));
    edit('dragged', named('dragged'));
    expect(store.getState().preview).toBeUndefined();
    expect(history.getState().pastStates).toHaveLength(1);
    undo();
    expect(trailerNow().name).toBe('Opened');
  });
  test('settings are outside undo', () => {
    const { trailerNow, edit, changeSettings, undo } = createProjectStore(opened);
    edit('name A', named('A'));
    changeSettings({ units: 'metric', regions: ['europe'] });
    undo();
    expect(trailerNow()).toMatchObject({ name: 'Opened', settings: { units: 'metric', regions: ['europe'] } });
  });
  test('the record only grows: undo and redo leave it alone, a correction stands beside what it corrects', () => {
    const { projectNow, trailerNow, edit, note, undo, redo } = createProjectStore(opened);
    edit('name A', named('A'));
    note(price('price.1', 2));
    undo();
    redo();
    note(price('price.2', 3, 'price.1'));
    undo();
    expect(projectNow().record.entries.map(({ id }) => id)).toEqual(['price.1', 'price.2']);
    expect(trailerNow().pricesPerKg).toEqual({ steel: 3, aluminum: null });
    note(price('price.2', 99));
    expect(projectNow().record.entries).toHaveLength(2);
  });
  test('an edit that hands back the whole trailer puts none of it into the design but design', () => {
    const { projectNow, edit } = createProjectStore(opened);
    edit('way out', (trailer) => ({
      ...trailer,
      name: 'A',
      id: 'stolen',
      settings: { ...trailer.settings, fraction: 32 },
    }));
    expect(projectNow().id).toBe('p');
    expect(projectNow().settings.fraction).toBe(16);
    expect(Object.keys(projectNow().design).sort()).toEqual(Object.keys(opened.design).sort());
  });
  test('an edit that changes nothing is no step, and the project stays the very same value', () => {
    const { history, projectNow, edit } = createProjectStore(opened);
    edit('nothing', (trailer) => trailer);
    expect(history.getState().pastStates).toHaveLength(0);
    expect(projectNow()).toBe(opened);
  });
  test('what another tab saved starts a new history', () => {
    const { history, trailerNow, edit, replace } = createProjectStore(opened);
    edit('name A', named('A'));
    replace({ ...opened, design: { ...opened.design, name: 'elsewhere' } });
    expect(trailerNow().name).toBe('elsewhere');
    expect(history.getState().pastStates).toHaveLength(0);
  });
});

describe('a tab that may only read', () => {
  test('changes nothing, whatever is asked of it, and drops the drag that was on', () => {
    const store = createProjectStore(opened);
    store.edit('name A', named('A'));
    store.preview(named('drag'));
    store.allowWriting(false);
    const before = store.projectNow();
    expect(store.trailerShown().name).toBe('A');
    store.edit('name B', named('B'));
    store.preview(named('C'));
    store.changeSettings({ units: 'metric' });
    store.note(price('price.1', 2));
    store.undo();
    store.redo();
    expect(store.projectNow()).toBe(before);
    expect(store.trailerShown().name).toBe('A');
    store.allowWriting(true);
    store.undo();
    expect(store.trailerNow().name).toBe('Opened');
  });
});
