import { createRequire } from 'node:module';
import { beforeAll, describe, expect, test } from 'vitest';
import { EVERYDAY } from '../../test/everydayTrailers.js';
import { endFits, overlaps, placedBars } from '../../test/jointFit.js';
import { VARIED_FRAMES } from '../../test/variedFrames.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { frameSolids, type PieceSolid } from '../solids/index.js';
import { lastOf } from '../steps.js';
import { type Kernel, loadKernel, type NamedShape, shapeSteps, solidsFile } from './index.js';

const { validateBytes } = createRequire(import.meta.url)('gltf-validator') as {
  validateBytes: (bytes: Uint8Array) => Promise<{
    issues: { numErrors: number; numWarnings: number; messages: readonly { code: string }[] };
    info: { drawCallCount: number };
  }>;
};

let kernel: Kernel;
beforeAll(async () => {
  kernel = await loadKernel();
}, 60_000);

const solidsOf = (trailer: Trailer): readonly PieceSolid[] => {
  const { chassis, cutList } = evaluate(trailer);
  return frameSolids(trailer, chassis, cutList);
};
const shapesOf = (trailer: Trailer): readonly NamedShape[] => lastOf(shapeSteps(kernel, solidsOf(trailer)));
const kgOf = ({ solid, shape }: NamedShape): number => kernel.measureVolume(shape) * 1e-9 * solid.densityKgM3;

const ALL: readonly (readonly [string, Trailer])[] = [
  ...DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const),
  ...Object.entries(EVERYDAY),
  ...Object.entries(VARIED_FRAMES),
];

describe('solids of the frame', () => {
  test.each(ALL)('%s: as many as pieces, and as heavy as the cut list says', (_name, trailer) => {
    const { cutList, chassis } = evaluate(trailer);
    const shapes = shapesOf(trailer);
    const rows = [...cutList.rows, ...cutList.plates];
    expect(shapes.length).toBe(rows.reduce((sum, { quantity }) => sum + quantity, 0));
    expect(new Set(shapes.map(({ solid }) => solid.name)).size).toBe(shapes.length);
    const kg = shapes.reduce((sum, shape) => sum + kgOf(shape), 0);
    // Exact but for holes, which the model's mass does not take off.
    expect(Math.abs(kg / cutList.massKg - 1), `${kg} kg`).toBeLessThan(0.002);
    expect(chassis.problems.filter(({ code }) => code !== 'slope-under-frame')).toEqual([]);
  });
  test('bars that are there already are in it, and in no cut list', () => {
    const [, trailer] = ALL[0] as (typeof ALL)[number];
    const old: Trailer = {
      ...trailer,
      frame: { ...trailer.frame, overrides: { ...trailer.frame.overrides, 'rail.left': { existing: true } } },
    };
    expect(
      solidsOf(old)
        .filter(({ mark }) => mark === '')
        .map(({ partId }) => partId),
    ).toEqual(['rail.left']);
  });
});

/** Left and right are alike: bars on the left stand for both. */
const leftOnly = ({ partId }: PieceSolid): boolean => !partId.includes('right');

describe('what is cut fits', () => {
  // 0.5 mm is less than any tape reads; channels' ends lie against sloped flanges, where the last tenths are the root's.
  const LEAST_MM = 0.5;
  test.each([
    ...DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const),
    ...Object.entries(VARIED_FRAMES),
    ...Object.entries(EVERYDAY).filter(([name]) => /C6|angle/.test(name)),
  ])(
    '%s: no piece lies in another, no end stands off what it meets',
    (_name, trailer) => {
      const bars = placedBars(kernel, evaluate(trailer));
      for (const { ids, depthMm } of overlaps(kernel, bars)) expect(depthMm, ids.join(' in ')).toBeLessThan(LEAST_MM);
      const fits = endFits(kernel, bars, leftOnly);
      const meeting = fits.filter(({ gapMm }) => gapMm !== undefined);
      expect(meeting.length).toBeGreaterThan(3);
      for (const { id, end, gapMm } of meeting)
        expect(Math.abs(gapMm as number), `${id}, its ${end} end: ${gapMm} mm`).toBeLessThan(LEAST_MM);
    },
    60_000,
  );
  test('the check sees a bar that is 2 mm too short, and one 2 mm too long', () => {
    const evaluation = evaluate(DEMO_TRAILERS[0] as Trailer);
    const changed = (byM: number) =>
      placedBars(kernel, evaluation, (solid) =>
        solid.partId === 'cross.1' ? { ...solid, body: { ...solid.body, lengthM: solid.body.lengthM + byM } } : solid,
      );
    const of = (byM: number) =>
      endFits(kernel, changed(byM), ({ partId }) => partId === 'cross.1').map(({ gapMm }) => gapMm ?? Number.NaN);
    expect(Math.max(...of(-0.002))).toBeGreaterThan(LEAST_MM);
    expect(Math.min(...of(0.002))).toBeCloseTo(-2, 1);
    expect(Math.max(...overlaps(kernel, changed(0.002)).map(({ depthMm }) => depthMm))).toBeGreaterThan(0.5);
  });
});

describe('files of the solids', () => {
  test.each(DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const))(
    '%s: STEP comes back with every piece, its name and its mass',
    async (_name, trailer) => {
      const shapes = shapesOf(trailer);
      const bytes = await solidsFile(kernel, shapes, 'step');
      const text = new TextDecoder().decode(bytes);
      for (const { solid } of shapes) expect(text).toContain(`PRODUCT('${solid.name}'`);
      const back = await kernel.importSTEP(new Blob([bytes as Uint8Array<ArrayBuffer>]));
      const solids = [...kernel.iterTopo(back.wrapped, 'solid')];
      expect(solids.length).toBe(shapes.length);
      const density = shapes[0]?.solid.densityKgM3 ?? 0;
      const kg = kernel.measureVolume(back as Parameters<typeof kernel.measureVolume>[0]) * 1e-9 * density;
      expect(Math.abs(kg / evaluate(trailer).cutList.massKg - 1)).toBeLessThan(0.005);
    },
  );
  test('glTF passes its validator without an error or a warning; STL holds triangles as its head says', async () => {
    for (const trailer of [...DEMO_TRAILERS, VARIED_FRAMES['round backbone with round side tubes'] as Trailer]) {
      const shapes = shapesOf(trailer);
      const { issues, info } = await validateBytes(await solidsFile(kernel, shapes, 'glb'));
      expect(issues.messages.map(({ code }) => code)).toEqual([]);
      expect(issues.numErrors + issues.numWarnings).toBe(0);
      expect(info.drawCallCount).toBe(shapes.length);
      const stl = await solidsFile(kernel, shapes, 'stl');
      const triangles = new DataView(stl.buffer, stl.byteOffset).getUint32(80, true);
      expect(triangles).toBeGreaterThan(100);
      // Binary STL: a head of 80 bytes, how many triangles, 50 bytes for each.
      expect(stl.byteLength).toBe(84 + 50 * triangles);
    }
  }, 60_000);
  test('called off between two pieces, nothing goes on', () => {
    const steps = shapeSteps(kernel, solidsOf(DEMO_TRAILERS[0] as Trailer));
    const first = steps.next();
    expect(first).toEqual({ done: false, value: { done: 0, of: 10 } });
    steps.return([]);
    expect(steps.next().done).toBe(true);
  });
});
