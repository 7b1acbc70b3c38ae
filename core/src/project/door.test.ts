import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { DEMO_PROJECTS } from '../demos/index.js';
import { evaluate, type Evaluation } from '../evaluation/index.js';
import { fileProblemSentence, storedProblemSentence } from '../wording/index.js';
import {
  asProject,
  type FieldPath,
  type FileProblem,
  limitsOf,
  MIGRATIONS,
  migrate,
  openProject,
  type Project,
  projectSchema,
  readProject,
  SCHEMA_VERSION,
  schemaLimitsOf,
  trailerOf,
  UNKNOWN_VEHICLE,
  USUAL_SIZES,
  withDesign,
  writeProject,
} from './index.js';

const EXAMPLES = join(import.meta.dirname, '../../test/examples');
const jsonOf = (...path: string[]): Record<string, unknown> =>
  JSON.parse(readFileSync(join(EXAMPLES, ...path), 'utf8')) as Record<string, unknown>;

const sample = (): Project => asProject(sampleTrailer());
const problemOf = (text: string): FileProblem => {
  const read = readProject(text);
  if (read.ok) throw new Error('was read');
  return read.error;
};
/** Paths of everything that is wrong. */
const faultsOf = (raw: unknown): readonly string[] => {
  const opened = openProject(raw);
  return !opened.ok && opened.error.code === 'invalid' ? opened.error.problems.map(({ path }) => path) : [];
};
/** What a builder would see first: what it weighs and stands on, which pieces are cut, the verdict of each step. */
const answerOf = ({ cases, cutList, steps }: Evaluation) => {
  const figure = (value: number): number => Number(value.toPrecision(9));
  return {
    cases: Object.fromEntries(
      cases.map(({ loadCase, massKg, standing }) => [
        loadCase.id,
        {
          massKg: figure(massKg),
          aheadN: standing ? figure(standing.aheadN) : null,
          axlesN: standing ? standing.axles.map(({ leftN, rightN }) => figure(leftN + rightN)) : null,
        },
      ]),
    ),
    pieces: cutList.rows.map(({ mark, quantity, cutLengthM }) => [mark, quantity, figure(cutLengthM)]),
    steps: Object.fromEntries(Object.entries(steps).map(([step, { verdict }]) => [step, verdict])),
  };
};
const design = (change: object): Project => {
  const project = sample();
  return withDesign(project, { ...project.design, ...change });
};

describe('what was written comes in again', () => {
  test('the same, for any trailer', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        const project = asProject(trailer);
        expect(readProject(writeProject(project))).toEqual({ ok: true, value: JSON.parse(JSON.stringify(project)) });
      }),
      { numRuns: 40 },
    );
  });
  test('the demos with the same findings, new ones hold to the schema', () => {
    for (const project of DEMO_PROJECTS) {
      const read = readProject(writeProject(project));
      if (!read.ok) throw new Error(fileProblemSentence(read.error));
      expect(evaluate(trailerOf(read.value)).findings).toEqual(evaluate(trailerOf(project)).findings);
    }
    for (const project of [sample(), asProject(sampleTrailer('metric'))])
      expect(projectSchema.safeParse(project).success).toBe(true);
  });
  test('fields of a later program are kept', () => {
    const later = {
      ...design({
        futureField: { a: [1, 2] },
        items: sampleTrailer().items.map((item) => ({ ...item, color: 'blue' })),
      }),
      alsoLater: true,
    };
    const read = readProject(JSON.stringify(later));
    expect(read.ok && JSON.parse(writeProject(read.value))).toEqual(JSON.parse(JSON.stringify(later)));
  });
  test('a byte-order mark before the text means nothing', () => {
    expect(readProject(`\uFEFF${writeProject(sample())}`).ok).toBe(true);
  });
  test('an id that no address can hold gets a new one, always the same; others stay', () => {
    for (const id of ['a/b', '..', '#', 'a b', '\uD800', 'é']) {
      const first = openProject({ ...sample(), id });
      const second = openProject({ ...sample(), id });
      if (!first.ok || !second.ok) throw new Error('not opened');
      expect(first.value.id).toMatch(/^trailer\.[0-9a-z]+$/);
      expect(second.value.id).toBe(first.value.id);
    }
    expect(openProject({ ...sample(), id: 'trailer.x-Y_z~1' })).toMatchObject({ value: { id: 'trailer.x-Y_z~1' } });
  });
});

describe('old work opens', () => {
  test('migrations are numbered without gaps up to the present version', () => {
    expect(MIGRATIONS.map(({ to }) => to)).toEqual(Array.from({ length: SCHEMA_VERSION - 1 }, (_, i) => i + 2));
  });
  test('steps run in order, each once, and write their version', () => {
    const steps = [{ to: 1, up: (file: Record<string, unknown>) => ({ ...file, a: 1 }) }];
    expect(migrate({ schemaVersion: 0 }, 0, steps)).toEqual({ schemaVersion: 1, a: 1 });
    expect(migrate({ schemaVersion: 1 }, 1, steps)).toEqual({ schemaVersion: 1 });
  });
  test.each(MIGRATIONS.map(({ to }) => to))('step %i turns its old sample into its new one, and that opens', (to) => {
    const before = jsonOf('migrations', `${to}-before.json`);
    const after = jsonOf('migrations', `${to}-after.json`);
    const untouched = structuredClone(before);
    const upTo = MIGRATIONS.filter((step) => step.to <= to);
    expect(migrate(before, to - 1, upTo)).toEqual(after);
    expect(before).toEqual(untouched);
    expect(openProject(before)).toEqual({ ok: true, value: migrate(after, to) });
  });
  const answers = jsonOf('versionAnswers.json') as Record<string, object>;
  // One sample of each shape that files had while version 1 was written: the apiary demo, and a new metric trailer.
  const versions = readdirSync(join(EXAMPLES, 'versions')).sort();
  test('there is a sample of every shape of version 1', () => {
    expect(versions).toHaveLength(24);
  });
  test.each(versions)('%s opens, is worked out, and goes out as the present version', (name) => {
    const opened = openProject(jsonOf('versions', name));
    if (!opened.ok) throw new Error(storedProblemSentence(opened.error));
    const evaluation = evaluate(trailerOf(opened.value));
    const { findings } = evaluation;
    // What the last build of version 1 said to the same file; since then the jack counts as standing in the way of a tailgate.
    expect(answerOf(evaluation)).toEqual(answers[name]);
    const again = readProject(writeProject(opened.value));
    if (!again.ok) throw new Error('not read again');
    expect(again.value.schemaVersion).toBe(SCHEMA_VERSION);
    expect(evaluate(trailerOf(again.value)).findings).toEqual(findings);
  });
  test('what came in while version 1 was written is unread or as it was taken to be, never anything of today', () => {
    const { coupling, towVehicle, frame, ...rest } = jsonOf('versions', versions.at(-1) ?? '') as {
      coupling: object;
      towVehicle: object;
      frame: { tongue: object };
    };
    const opened = openProject({
      ...rest,
      towVehicle: { ...towVehicle, kind: undefined, tailgateHeightM: undefined, hitchSinksMPerKg: undefined },
      coupling: { ...coupling, ball: undefined, ballMount: { ratedKg: 1, tongueKg: 1 }, jack: undefined },
      frame: { ...frame, tongue: { ...frame.tongue, rise: undefined, cutLaterM: undefined, topPlate: undefined } },
    });
    if (!opened.ok) throw new Error('not opened');
    expect(opened.value.design.frame.tongue.rise).toEqual({ kind: 'level', byM: 0 });
    expect(opened.value.design.coupling.ball.ratedKg).toBeNull();
    expect(opened.value.design.coupling.ballMount).toMatchObject({
      ratedKg: 1,
      tongueKg: 1,
      dropM: null,
      reachM: null,
    });
    expect(opened.value.design.towVehicle?.kind).toBe('vehicle');
  });
  test('a field that version 1 could not do without is missed by its name, not made up', () => {
    const { runningGear: _gear, ...rest } = jsonOf('versions', versions[0] ?? '');
    expect(faultsOf(rest)).toEqual(['design.runningGear']);
  });
});

describe('what is no trailer is refused, with the place', () => {
  test('impossible tow vehicles, tongues and hardware', () => {
    const { frame, coupling } = sampleTrailer();
    const vehicle = (change: object) => design({ towVehicle: { ...UNKNOWN_VEHICLE, ...change } });
    const tongue = (change: object) => design({ frame: { ...frame, tongue: { ...frame.tongue, ...change } } });
    const cases: readonly (readonly [object, string])[] = [
      [vehicle({ wheelbaseM: 0 }), 'design.towVehicle.wheelbaseM'],
      [vehicle({ hitchSinksMPerKg: -1 }), 'design.towVehicle.hitchSinksMPerKg'],
      [vehicle({ kind: 'horse' }), 'design.towVehicle.kind'],
      [tongue({ lengthM: -1 }), 'design.frame.tongue.lengthM'],
      [tongue({ lengthM: undefined }), 'design.frame.tongue.lengthM'],
      [tongue({ rise: { kind: 'sloped', byM: 40 } }), 'design.frame.tongue.rise.byM'],
      [design({ coupling: { ...coupling, jack: { ...coupling.jack, ratedKg: -5 } } }), 'design.coupling.jack.ratedKg'],
      [design({ frame: { ...frame, bed: { ...frame.bed, lengthM: 5000 } } }), 'design.frame.bed.lengthM'],
    ];
    for (const [bad, path] of cases) expect(faultsOf(bad)).toEqual([path]);
  });
  test('all faults come back together, each with its place', () => {
    const { runningGear, items } = sampleTrailer();
    const bad = design({
      ratedGrossKg: -5,
      runningGear: { ...runningGear, spacingM: 0 },
      items: [{ ...items[0], name: 7 }],
    });
    expect(faultsOf(bad)).toEqual(
      expect.arrayContaining(['design.ratedGrossKg', 'design.runningGear.spacingM', 'design.items[0].name']),
    );
  });
  test('ids that name nothing, two things, or stand on themselves', () => {
    const { items, cases } = sampleTrailer();
    const [load] = items;
    if (!load) throw new Error('no load');
    const on = (id: string, hostId: string) => ({ ...load, id, attach: { ...load.attach, on: 'item', hostId } });
    expect(faultsOf(design({ items: [], cases }))).toEqual([
      'design.cases[1].aboard[0].itemId',
      'design.cases[2].aboard[0].itemId',
    ]);
    expect(faultsOf(design({ items: [load, load] }))).toEqual(['design.items[1].id']);
    expect(faultsOf(design({ axleCaseId: 'case.gone' }))).toEqual(['design.axleCaseId']);
    expect(faultsOf(design({ items: [load, on('item.a', 'item.gone')] }))).toEqual(['design.items[1].attach.hostId']);
    expect(faultsOf(design({ items: [load, on('item.a', 'item.b'), on('item.b', 'item.a')] }))).toEqual([
      'design.items[1].attach.hostId',
      'design.items[2].attach.hostId',
    ]);
    const log = (id: string, corrects?: string) => ({ kind: 'log', id, date: '', text: '', hours: null, corrects });
    const recorded = (...entries: object[]) => ({ ...sample(), record: { entries } });
    expect(openProject(recorded(log('entry.1'), log('entry.2', 'entry.1'))).ok).toBe(true);
    expect(faultsOf(recorded(log('entry.1', 'entry.1'), log('entry.2', 'entry.3'), log('entry.2')))).toEqual([
      'record.entries[2].id',
      'record.entries[0].corrects',
      'record.entries[1].corrects',
    ]);
    const opened = openProject(design({ axleCaseId: 'case.gone' }));
    expect(!opened.ok && storedProblemSentence(opened.error)).toContain(
      'design.axleCaseId “case.gone” names something that is not there',
    );
  });
  test('each fault is said in words of its own, never in the program’s', () => {
    const { runningGear, items } = sampleTrailer();
    const opened = openProject(
      design({
        ratedGrossKg: 2e5,
        runningGear: { ...runningGear, spacingM: undefined, layout: 'quad' },
        items: [{ ...items[0], name: 7 }],
        wantedTongueShare: -1,
        axleCaseId: null,
      }),
    );
    if (opened.ok || opened.error.code !== 'invalid') throw new Error('not refused');
    const said = opened.error.problems.map((problem) =>
      storedProblemSentence({ code: 'invalid', problems: [problem] }),
    );
    expect(said.join(' ')).toMatch(/design\.ratedGrossKg is more than 100000/);
    expect(said.join(' ')).toMatch(/design\.runningGear\.spacingM is missing/);
    expect(said.join(' ')).toMatch(/design\.runningGear\.layout should be none, single/);
    expect(said.join(' ')).toMatch(/design\.items\[0\]\.name should be a text/);
    expect(said.join(' ')).toMatch(/design\.wantedTongueShare is less than 0/);
    expect(said.join(' ')).not.toMatch(/undefined|received|Invalid input/);
  });
  test('empty, truncated, damaged, foreign, newer, versionless: each its own sentence', () => {
    const whole = writeProject(sample());
    expect(problemOf('  ')).toEqual({ code: 'empty' });
    expect(problemOf(whole.slice(0, whole.length / 2))).toMatchObject({ code: 'not-json', endsEarly: true });
    expect(problemOf(whole.replace('"items"', '"items'))).toMatchObject({ code: 'not-json' });
    expect(problemOf('{"hello": 1}')).toEqual({ code: 'not-a-project' });
    expect(problemOf('[1, 2]')).toEqual({ code: 'not-a-project' });
    const newer = JSON.stringify({ ...sample(), schemaVersion: SCHEMA_VERSION + 1 });
    expect(problemOf(newer)).toEqual({ code: 'newer-version', version: SCHEMA_VERSION + 1, known: SCHEMA_VERSION });
    expect(problemOf(JSON.stringify({ ...sample(), schemaVersion: 'one' }))).toMatchObject({ code: 'bad-version' });
    const sentences = ['', whole.slice(0, 500), '{}', newer].map((text) => fileProblemSentence(problemOf(text)));
    expect(new Set(sentences).size).toBe(4);
    for (const sentence of sentences) expect(sentence).toContain('Nothing was changed.');
  });
  test('too deep, too large, names that would change what an object is: at once, and as what they are', () => {
    const deep = `${'{"a":'.repeat(200_000)}1${'}'.repeat(200_000)}`;
    const started = performance.now();
    expect(problemOf(`{"format":"kereta-project","schemaVersion":2,"x":${deep}}`)).toMatchObject({ code: 'too-deep' });
    expect(problemOf(`{"format":"kereta-project","schemaVersion":2,"x":[${'0,'.repeat(600_000)}0]}`).code).toBe(
      'too-large',
    );
    expect(performance.now() - started).toBeLessThan(5000);
    expect(problemOf(writeProject(sample()).replace('"items"', '"__proto__"')).code).toBe('forbidden-name');
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });
  test('whatever is given, it answers', () => {
    fc.assert(
      fc.property(fc.anything(), (raw) => {
        expect(openProject(raw).ok).toBe(false);
      }),
    );
  });
});

describe('the damaged line', () => {
  const lines = writeProject(sample()).split('\n');

  test('is the one that lost a quote, a comma, a colon, a bracket, or got a sign too many', () => {
    let broken = 0;
    let right = 0;
    for (const [index, line] of lines.entries()) {
      if (index === 0 || index > lines.length - 4) continue;
      for (const sign of ['"', ',', ':', '{', '}', '[', ']', '@']) {
        const at = line.indexOf(sign);
        const losing = at < 0 ? [] : [line.slice(0, at) + line.slice(at + 1)];
        for (const damaged of [...losing, `${line}${sign}`]) {
          const read = readProject(lines.with(index, damaged).join('\n'));
          if (read.ok || read.error.code !== 'not-json') continue;
          broken += 1;
          if (read.error.line === index + 1) right += 1;
        }
      }
    }
    expect(broken).toBeGreaterThan(1000);
    expect(right / broken).toBeGreaterThan(0.99);
  });
  test('of a file that was cut off is its last', () => {
    const whole = lines.join('\n');
    fc.assert(
      fc.property(fc.integer({ min: 50, max: whole.length - 4 }), (length) => {
        const cut = whole.slice(0, length);
        expect(problemOf(cut)).toEqual({
          code: 'not-json',
          endsEarly: true,
          line: cut.trimEnd().split('\n').length,
        });
      }),
    );
  });
});

describe('limits stand once, beside the schema', () => {
  test('are those of the schema, with what may be missing and what is whole', () => {
    expect(schemaLimitsOf('frame.bed.lengthM')).toEqual({ least: 1e-4, most: 100, whole: false, mayBeMissing: false });
    expect(schemaLimitsOf('ratedGrossKg')).toEqual({ least: 0, most: 1e5, whole: false, mayBeMissing: true });
    expect(schemaLimitsOf('coupling.jack.shortM')).toMatchObject({ least: 0, mayBeMissing: true });
    expect(schemaLimitsOf('items.massKg.value')).toMatchObject({ least: 0, most: 1e5 });
    expect(() => schemaLimitsOf('frame.bed.lengthm')).toThrow('no number');
  });
  test('a field asks for usual sizes, whole where the schema is', () => {
    expect(limitsOf('frame.bed.lengthM')).toMatchObject({ least: 0.3, most: 20 });
    expect(limitsOf('coupling.bolts.count')).toMatchObject({ least: 1, most: 12, whole: true });
    expect(limitsOf('cases.tongueBand.minShare')).toMatchObject({ least: 0, most: 1 });
  });
  test('what a field takes the schema takes, too: no file that a page has written is refused', () => {
    for (const path of Object.keys(USUAL_SIZES) as FieldPath[]) {
      const [schema, [least, most]] = [schemaLimitsOf(path), USUAL_SIZES[path]];
      if (least !== undefined) expect(least, path).toBeGreaterThanOrEqual(schema.least);
      if (most !== undefined) expect(most, path).toBeLessThanOrEqual(schema.most);
      expect(Number.isFinite(limitsOf(path).least) && Number.isFinite(limitsOf(path).most), path).toBe(true);
      expect(limitsOf(path).least, path).toBeLessThan(limitsOf(path).most);
    }
  });
  test('demos and new trailers hold to the usual sizes', () => {
    const valuesAt = (value: unknown, [name, ...rest]: readonly string[]): readonly number[] => {
      if (Array.isArray(value))
        return value.flatMap((inner) => valuesAt(inner, name === undefined ? [] : [name, ...rest]));
      if (name === undefined) return typeof value === 'number' ? [value] : [];
      if (typeof value !== 'object' || value === null) return [];
      return Object.hasOwn(value, name) ? valuesAt((value as Record<string, unknown>)[name], rest) : [];
    };
    for (const { design: sizes } of [...DEMO_PROJECTS, sample(), asProject(sampleTrailer('metric'))])
      for (const path of Object.keys(USUAL_SIZES) as FieldPath[])
        for (const value of valuesAt(sizes, path.split('.'))) {
          expect(value, path).toBeGreaterThanOrEqual(limitsOf(path).least);
          expect(value, path).toBeLessThanOrEqual(limitsOf(path).most);
        }
  });
});
