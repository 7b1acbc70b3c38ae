import 'fake-indexeddb/auto';
import { newProject, type Project, type RecordEntry, recordEntry } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { takeInProject } from '../shed/arrivals';
import { mergeInto } from '../storage/mergeInto';
import { addTrailer, loadTrailer } from '../storage/trailers';
import { readSent, sentText } from './takeIn';

const day = (id: string, text: string): RecordEntry => ({ kind: 'log', id, date: '2026-05-02', text, hours: 2 });
const withDay = (project: Project, entry: RecordEntry): Project => ({
  ...project,
  record: recordEntry(project.record, entry),
});
/** A trailer that is here, by a name of its own. */
const here = async (id: string): Promise<Project> => {
  await addTrailer(newProject({ id, name: 'Flatbed', units: 'imperial', newId: () => 'x' }));
  const opened = (await loadTrailer(id))?.opened;
  if (!opened?.ok) throw new Error('not here');
  return opened.value;
};
const recordOf = async (id: string) => {
  const found = await loadTrailer(id);
  return found?.opened.ok ? found.opened.value.record.entries.map((entry) => entry.id) : undefined;
};

describe('what comes over an address', () => {
  test('a whole trailer comes out as it went in', async () => {
    const project = withDay(await here('trailer.whole'), day('log.a', 'Tongue cut'));
    expect(await readSent(sentText(project, false))).toEqual({ kind: 'trailer', project });
  });
  test('a record alone leaves the design behind, and keeps its kind whatever the project holds', async () => {
    const project = withDay(await here('trailer.record'), day('log.a', 'Tongue cut'));
    const text = sentText(project, true);
    expect(JSON.parse(text)).toMatchObject({ kereta: 'record', design: { name: 'Flatbed' } });
    expect(Object.keys(JSON.parse(text).design)).toEqual(['name']);
    const odd = { ...project, kereta: 'other' } as Project;
    expect(JSON.parse(sentText(odd, true)).kereta).toBe('record');
    expect(await readSent(text)).toEqual({ kind: 'record', id: project.id, name: 'Flatbed', record: project.record });
  });
  test('a damaged record of a trailer that is here is not taken for an empty one', async () => {
    const project = await here('trailer.damaged');
    const torn = {
      kereta: 'record',
      id: project.id,
      design: { name: 'Flatbed' },
      record: { entries: [{ kind: '?' }] },
    };
    expect(await readSent(JSON.stringify(torn))).toBeUndefined();
  });
  test('no text of others is ours', async () => {
    for (const text of ['', 'null', '[]', '1', '{"kereta":"record"}', '{"kereta":"trailer"}', '{"a":1}'])
      expect(await readSent(text), text).toBeUndefined();
  });
});

describe('readings of elsewhere', () => {
  test('come in once; the design stays; what says something else is told and what was here stays', async () => {
    const project = await here('trailer.merge');
    const away = withDay(project, day('log.a', 'Tongue cut'));
    expect(await mergeInto(project.id, away.record)).toEqual({ taken: 1, conflicts: [], refused: undefined });
    expect(await mergeInto(project.id, away.record)).toEqual({ taken: 0, conflicts: [], refused: undefined });
    const other = withDay(project, day('log.a', 'Tongue welded'));
    const { taken, conflicts } = await mergeInto(project.id, other.record);
    expect([taken, conflicts.length]).toEqual([0, 1]);
    expect((await loadTrailer(project.id))?.opened).toEqual({ ok: true, value: away });
  });
  test('of a trailer that is not here: refused, and nothing is made up', async () => {
    expect((await mergeInto('trailer.nowhere', { entries: [] })).refused).toBe('not-here');
    expect(await loadTrailer('trailer.nowhere')).toBeUndefined();
  });
  test('a file of the same trailer brings its entries, told by their number', async () => {
    const project = await here('trailer.file');
    const { id, told } = await takeInProject(withDay(project, day('log.b', 'Axle hung')));
    expect([id, told]).toEqual([project.id, '1 entry noted elsewhere came into the record of Flatbed.']);
    expect(await recordOf(project.id)).toEqual(['log.b']);
  });
  test('a file with another design stands beside, under another id, and the one here is not touched', async () => {
    const project = await here('trailer.beside');
    const other = { ...project, design: { ...project.design, name: 'Flatbed, longer' } };
    const { id, told } = await takeInProject(other);
    expect(id).not.toBe(project.id);
    expect(told).toBe('Its design is another: it stands beside as Flatbed, longer (from file).');
    expect((await loadTrailer(project.id))?.opened).toEqual({ ok: true, value: project });
  });
});
