import 'fake-indexeddb/auto';
import { newProject } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import {
  deleteProject,
  isFirstNoteRead,
  listProjects,
  loadProject,
  markFirstNoteRead,
  restoreProject,
  saveProject,
} from './projectDatabase';

const project = newProject({ id: 'trailer.a', name: 'A', units: 'metric', newId: () => 'x' });

describe('trailers in this browser', () => {
  test('a first visit finds the three demos, once; deleted ones stay deleted and can be put back', async () => {
    expect((await listProjects()).map(({ id }) => id)).toEqual([
      'demo.apiary-flatbed',
      'demo.oven-trailer',
      'demo.telescope-trailer',
    ]);
    const demo = await loadProject('demo.oven-trailer');
    await deleteProject('demo.oven-trailer');
    expect(await listProjects()).toHaveLength(2);
    if (demo) await restoreProject(demo);
    expect(await loadProject('demo.oven-trailer')).toEqual(demo);
  });
  test('what is saved comes back the same, newest first', async () => {
    await saveProject(project);
    expect((await loadProject('trailer.a'))?.project).toEqual(project);
    expect((await listProjects())[0]?.id).toBe('trailer.a');
    await saveProject({ ...project, name: 'A changed' });
    expect((await loadProject('trailer.a'))?.project.name).toBe('A changed');
  });
  test('the first note is said once', async () => {
    expect(await isFirstNoteRead()).toBe(false);
    await markFirstNoteRead();
    expect(await isFirstNoteRead()).toBe(true);
  });
});
