import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { evaluate } from '../evaluation/index.js';
import { weightsCsv } from '../exchange/index.js';
import { speaker } from '../wording/index.js';
import { pairOf, parsePartId, type PartId, printPartId, type Trailer } from './index.js';

const side = fc.constantFrom('left' as const, 'right' as const);
const end = fc.constantFrom('front' as const, 'rear' as const);
const line = fc.constantFrom('left' as const, 'middle' as const, 'right' as const);
const edge = fc.constantFrom('left' as const, 'right' as const, 'front' as const, 'rear' as const);
const number = fc.integer({ min: 1, max: 9 });
const anyPart: fc.Arbitrary<PartId> = fc.oneof(
  fc.record({
    kind: fc.constantFrom('trailer', 'deck', 'coupler', 'jack', 'top-plate', 'tongue', 'axles'),
  }),
  fc.record({ kind: fc.constant('rail'), side }),
  fc.record({ kind: fc.constant('header'), end }),
  fc.record({ kind: fc.constant('cross'), number }),
  fc.record({ kind: fc.constant('tongue-bar'), line }),
  fc.record({ kind: fc.constant('side-tube'), side }),
  fc.record({ kind: fc.constant('riser'), line, end }),
  fc.record({ kind: fc.constantFrom('side-rail', 'board'), edge }),
  fc.record({ kind: fc.constant('post'), edge, number }),
  fc.record({ kind: fc.constantFrom('axle', 'springs'), number }),
  fc.record({ kind: fc.constantFrom('wheel', 'hub'), axle: number, side }),
  fc.record({ kind: fc.constantFrom('cap', 'gusset', 'hanger'), of: fc.constantFrom('tongue.left', '1.front', 'x') }),
) as fc.Arbitrary<PartId>;

describe('ids of parts', () => {
  test('printed and taken apart again they are the same', () => {
    fc.assert(
      fc.property(anyPart, (part) => {
        expect(parsePartId(printPartId(part))).toEqual(part);
      }),
    );
  });
  test('any text is taken apart, and printed again as it was', () => {
    fc.assert(
      fc.property(fc.string(), (id) => {
        expect(printPartId(parsePartId(id))).toBe(id);
      }),
    );
    for (const id of ['constructor', '__proto__', 'axle.0', 'axle.12', 'cross.0', 'rail', 'item.x', 'rail.left.rear'])
      expect(parsePartId(id)).toEqual({ kind: 'own', id });
  });
  test('a pair’s other one has this one for its other', () => {
    fc.assert(
      fc.property(anyPart, (part) => {
        const id = printPartId(part);
        const twin = pairOf(id);
        if (twin !== undefined) expect(pairOf(twin)).toBe(id);
      }),
    );
    expect(pairOf('rail.left')).toBe('rail.right');
    expect(pairOf('tongue.middle')).toBeUndefined();
    expect(pairOf('item.left')).toBeUndefined();
  });
  test('every part of any trailer is known by its kind', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        const { chassis } = evaluate(trailer);
        for (const { id } of chassis.members) expect(parsePartId(id).kind, id).not.toBe('own');
      }),
      { numRuns: 40 },
    );
  });
});

describe('what parts are called', () => {
  const withAxles = (layout: Trailer['runningGear']['layout']): Trailer => {
    const sample = sampleTrailer();
    return { ...sample, runningGear: { ...sample.runningGear, layout } };
  };
  test('axles, wheels and springs by where they stand; no raw id in the weights file', () => {
    const three = speaker(withAxles('triple-independent'));
    expect(['axle.1', 'axle.2', 'axle.3'].map((id) => three.partName(id))).toEqual([
      'Front axle',
      'Middle axle',
      'Rear axle',
    ]);
    expect(three.partName('axle.2.wheel.left')).toBe('Left wheel, middle axle');
    expect(three.partName('axle.3.springs')).toBe('Springs, rear axle');
    const two = speaker(withAxles('tandem-independent'));
    expect(two.partName('axle.2.wheel.right')).toBe('Right wheel, rear axle');
    const one = speaker(withAxles('single'));
    expect([one.partName('axle.1'), one.partName('axle.1.wheel.left')]).toEqual(['Axle', 'Left wheel']);
    for (const layout of ['single', 'tandem-equaliser', 'triple-equaliser', 'triple-independent'] as const) {
      const trailer = withAxles(layout);
      expect(weightsCsv(trailer, evaluate(trailer))).not.toMatch(/axle\.\d/);
    }
  });
  test('words that every object knows are names like any other', () => {
    const sample = sampleTrailer();
    const odd: Trailer = {
      ...sample,
      frame: {
        ...sample.frame,
        crossMembers: {
          kind: 'explicit',
          members: [
            { id: '__proto__', xM: 0.5 },
            { id: 'constructor', xM: 1 },
          ],
        },
      },
    };
    expect(['__proto__', 'constructor', 'toString'].map((id) => speaker(odd).partName(id))).toEqual([
      'Cross-member 1',
      'Cross-member 2',
      'toString',
    ]);
    expect(speaker(odd).caseName('constructor')).toBe('any load');
    const { chassis, findings } = evaluate(odd);
    expect(chassis.members.filter(({ group }) => group === 'cross').map(({ section }) => section.id)).toHaveLength(2);
    expect(findings.length).toBeGreaterThan(10);
  });
});
