import 'fake-indexeddb/auto';
import { newProject } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { blobsOf, putBlob } from './blobs';
import { openDatabase } from './database';
import {
  addTrailer,
  deleteTrailer,
  isFirstNoteRead,
  KEPT_AFTER_DELETING_MS,
  listDeleted,
  listTrailers,
  loadTrailer,
  markFirstNoteRead,
  restoreTrailer,
  saveTrailer,
} from './trailers';

const project = newProject({ id: 'trailer.a', name: 'A', units: 'metric', newId: () => 'x' });
const named = (name: string) => ({ ...project, design: { ...project.design, name } });

describe('trailers in this browser', () => {
  test('a first visit finds the three demos, once, and puts none over what is there', async () => {
    const { database } = await openDatabase();
    const own = { ...project, id: 'demo.oven-trailer' };
    await database.projects.put({ id: own.id, project: own, updatedAt: 5 });
    expect((await listTrailers()).map(({ id }) => id)).toEqual([
      'demo.apiary-flatbed',
      'demo.telescope-trailer',
      'demo.oven-trailer',
    ]);
    expect((await loadTrailer('demo.oven-trailer'))?.opened).toEqual({ ok: true, value: own });
  });
  test('a deleted one stays deleted, can be brought back with its date for 30 days, and is gone after that', async () => {
    const before = await loadTrailer('demo.apiary-flatbed');
    await deleteTrailer('demo.apiary-flatbed');
    expect((await listTrailers()).map(({ id }) => id)).not.toContain('demo.apiary-flatbed');
    expect((await listDeleted()).map(({ id }) => id)).toEqual(['demo.apiary-flatbed']);
    await restoreTrailer('demo.apiary-flatbed');
    expect(await loadTrailer('demo.apiary-flatbed')).toEqual(before);
    expect(await listDeleted()).toEqual([]);
    await putBlob({ id: 'photo', projectId: 'demo.apiary-flatbed', blob: new Blob(['x']) });
    await deleteTrailer('demo.apiary-flatbed');
    expect(await listDeleted(Date.now() + KEPT_AFTER_DELETING_MS - 60_000)).toHaveLength(1);
    expect(await blobsOf('demo.apiary-flatbed')).toHaveLength(1);
    expect(await listDeleted(Date.now() + KEPT_AFTER_DELETING_MS + 60_000)).toEqual([]);
    expect(await blobsOf('demo.apiary-flatbed')).toEqual([]);
  });
  test('what goes for good takes no photos from the same trailer, come in again from a file', async () => {
    const own = { ...project, id: 'trailer.again' };
    await addTrailer(own);
    await putBlob({ id: 'photo.again', projectId: own.id, blob: new Blob(['x']) });
    await deleteTrailer(own.id);
    await addTrailer(own);
    await listDeleted(Date.now() + KEPT_AFTER_DELETING_MS + 60_000);
    expect(await blobsOf(own.id)).toHaveLength(1);
  });
  test('what is brought back is not put over one that took its place', async () => {
    await addTrailer({ ...project, id: 'trailer.twice' });
    await deleteTrailer('trailer.twice');
    await addTrailer({ ...named('B'), id: 'trailer.twice' });
    await expect(restoreTrailer('trailer.twice')).rejects.toThrow();
    expect((await listDeleted()).map(({ id }) => id)).toEqual(['trailer.twice']);
  });
  test('what is saved comes back the same, newest first', async () => {
    await addTrailer(project);
    expect((await loadTrailer('trailer.a'))?.opened).toEqual({ ok: true, value: project });
    expect((await listTrailers())[0]?.id).toBe('trailer.a');
  });
  test('a save starts from what it has seen: something newer is not put over, and a write always follows the last one', async () => {
    const seen = (await loadTrailer('trailer.a'))?.updatedAt ?? 0;
    const first = await saveTrailer(named('first'), seen);
    expect(first.kind).toBe('saved');
    expect(await saveTrailer(named('of another tab'), seen)).toEqual({ kind: 'overtaken' });
    expect((await loadTrailer('trailer.a'))?.opened).toMatchObject({ value: { design: { name: 'first' } } });
    if (first.kind === 'saved') {
      const second = await saveTrailer(named('second'), first.updatedAt);
      expect(second.kind === 'saved' && second.updatedAt > first.updatedAt).toBe(true);
    }
  });
  test('a record that cannot be read stays as it is, says why, and leaves the others alone', async () => {
    const { database } = await openDatabase();
    const { runningGear: _gear, ...lacking } = project.design;
    const broken = { ...project, id: 'trailer.broken', design: lacking };
    await database.projects.bulkPut([
      { id: 'trailer.broken', project: broken, updatedAt: 7 },
      { id: 'trailer.nothing', project: undefined, updatedAt: 6 },
      { id: 'trailer.undated', project, updatedAt: undefined as unknown as number },
    ]);
    const all = await listTrailers();
    expect(all.find(({ id }) => id === 'trailer.broken')).toMatchObject({
      opened: { ok: false, error: { code: 'invalid', problems: [{ path: 'design.runningGear' }] } },
      raw: broken,
    });
    expect(all.find(({ id }) => id === 'trailer.nothing')?.opened).toEqual({
      ok: false,
      error: { code: 'not-a-project' },
    });
    expect(all.find(({ id }) => id === 'trailer.undated')).toMatchObject({
      updatedAt: 0,
      opened: { ok: true, value: { id: 'trailer.undated' } },
    });
    expect(all.find(({ id }) => id === 'trailer.a')?.opened.ok).toBe(true);
  });
  test('the first note is said once', async () => {
    expect(await isFirstNoteRead()).toBe(false);
    await markFirstNoteRead();
    expect(await isFirstNoteRead()).toBe(true);
  });
});
