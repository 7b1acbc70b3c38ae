import { newProject, type Project } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { createProjectStore } from './projectStore';

const opened = newProject({ id: 'p', name: 'Opened', units: 'imperial', newId: () => 'x' });
const named =
  (name: string) =>
  (project: Project): Project => ({ ...project, name });

describe('history of an open trailer', () => {
  test('each edit is one step, named; undo and redo go both ways', () => {
    const { store, edit, undo, redo } = createProjectStore(opened);
    edit('name A', named('A'));
    edit('name B', named('B'));
    expect(store.getState().label).toBe('name B');
    undo();
    expect(store.getState().project.name).toBe('A');
    expect(store.getState().label).toBe('name A');
    undo();
    expect(store.getState().project.name).toBe('Opened');
    redo();
    redo();
    expect(store.getState().project.name).toBe('B');
  });
  test('a drag is one step however many frames it had, and Esc leaves no trace', () => {
    const { store, history, edit, preview, undo } = createProjectStore(opened);
    for (let i = 0; i < 30; i += 1) preview(named(`frame ${i}`));
    expect(store.getState().preview?.name).toBe('frame 29');
    expect(store.getState().project.name).toBe('Opened');
    expect(history.getState().pastStates).toHaveLength(0);
    preview(undefined);
    expect(store.getState().preview).toBeUndefined();
    preview(named('x'));
    edit('dragged', named('dragged'));
    expect(store.getState().preview).toBeUndefined();
    expect(history.getState().pastStates).toHaveLength(1);
    undo();
    expect(store.getState().project.name).toBe('Opened');
  });
  test('units are outside undo', () => {
    const { store, edit, outsideHistory, undo } = createProjectStore(opened);
    edit('name A', named('A'));
    outsideHistory((project) => ({ ...project, settings: { ...project.settings, units: 'metric' } }));
    undo();
    expect(store.getState().project).toMatchObject({ name: 'Opened', settings: { units: 'metric' } });
  });
  test('an edit that changes nothing is no step', () => {
    const { history, edit } = createProjectStore(opened);
    edit('nothing', (project) => project);
    expect(history.getState().pastStates).toHaveLength(0);
  });
  test('what another tab saved starts a new history', () => {
    const { store, history, edit, replace } = createProjectStore(opened);
    edit('name A', named('A'));
    replace(named('elsewhere')(opened));
    expect(store.getState().project.name).toBe('elsewhere');
    expect(history.getState().pastStates).toHaveLength(0);
  });
});
