import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { buildChassis } from '../chassis/index.js';
import type { Item, LoadCase, Trailer } from '../project/index.js';
import { usualRailTopM } from '../suspension/index.js';
import { inches, pounds } from '../units/index.js';
import { axlePlaces, itemPart, itemParts, sumByGroup, sumMass, trailerParts } from './index.js';

const parts = (trailer: Trailer) => trailerParts(trailer, buildChassis(trailer));

describe('sums', () => {
  test('balance point of a frame by moments: 770 lb at 105.66 in from the ball', () => {
    const at = (massLb: number, xIn: number) => ({ massKg: pounds(massLb), centre: { xM: inches(xIn), yM: 0, zM: 0 } });
    const { massKg, centre } = sumMass([at(60, 30), at(320, 108), at(180, 110), at(210, 120)]);
    verify({
      area: 'Mass',
      check: 'frame of four parts',
      ours: massKg / pounds(1),
      outside: '770',
      unit: 'lb',
      source: 'statics, worked by hand',
    });
    verify({
      area: 'Mass',
      check: 'its balance point from the ball',
      ours: (centre?.xM ?? 0) / 0.0254,
      outside: '105.66',
      unit: 'in',
      source: 'statics, Σm·x ÷ Σm',
    });
  });
  test('nothing weighs nothing and has no balance point', () => {
    expect(sumMass([])).toEqual({ massKg: 0, centre: undefined });
  });
  test('groups add up to the whole, for any trailer', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        const all = parts(trailer);
        const whole = sumMass(all);
        const grouped = sumMass(
          sumByGroup(all).map(({ massKg, centre }) => ({ massKg, centre: centre ?? { xM: 0, yM: 0, zM: 0 } })),
        );
        expect(grouped.massKg).toBeCloseTo(whole.massKg, 6);
        expect(grouped.centre?.xM ?? 0).toBeCloseTo(whole.centre?.xM ?? 0, 6);
      }),
      { numRuns: 50 },
    );
  });
});

describe('parts', () => {
  const base = sampleTrailer();
  test('a deck of 3/4 in plywood weighs 2.2 to 2.4 lb/ft² (common practice)', () => {
    const deck = parts(base).find(({ id }) => id === 'deck');
    const squareFeet = (98 * 60) / 144;
    const perSquareFoot = (deck?.massKg ?? 0) / pounds(1) / squareFeet;
    expect(perSquareFoot).toBeGreaterThan(2.2);
    expect(perSquareFoot).toBeLessThan(2.4);
  });
  test('everything is even left and right on a trailer without loads', () => {
    expect(sumMass(parts(base)).centre?.yM).toBeCloseTo(0, 12);
  });
  test('axle, wheels and springs move with the axle and are unsprung; a tandem has them twice', () => {
    const tandem: Trailer = { ...base, runningGear: { ...base.runningGear, layout: 'tandem-equaliser' } };
    const moving = (trailer: Trailer) => parts(trailer).filter(({ movesWithAxle }) => movesWithAxle);
    expect(moving(base).every(({ carriedBy }) => carriedBy === 'axle.1')).toBe(true);
    expect(moving(tandem)).toHaveLength(2 * moving(base).length);
    expect(axlePlaces(tandem).map(({ xM }) => xM)).toEqual([
      base.runningGear.positionM - base.runningGear.spacingM / 2,
      base.runningGear.positionM + base.runningGear.spacingM / 2,
    ]);
    expect(moving({ ...base, runningGear: { ...base.runningGear, layout: 'none' } })).toEqual([]);
  });
  test('wheels stand on the ground: hub at its loaded radius above it', () => {
    const wheel = parts(base).find(({ id }) => id === 'axle.1.wheel.left');
    expect((wheel?.centre.zM ?? 0) + usualRailTopM(base, buildChassis(base).railHeightM, 1)).toBeCloseTo(
      base.runningGear.tire.loadedRadiusM,
      12,
    );
  });
  test('cargo is aboard where it is listed; fitted things and tanks always; a drawer goes out', () => {
    const [load] = base.items as [Item];
    const kinds: Trailer = {
      ...base,
      items: [
        load,
        { ...load, id: 'item.fixed', kind: 'fixed' },
        { ...load, id: 'item.tank', kind: 'tank', emptyMassKg: 5 },
        { ...load, id: 'item.drawer', attach: { ...load.attach, on: 'drawer' } },
      ],
    };
    const chassis = buildChassis(kinds);
    const loadCase = (change: Partial<LoadCase>): LoadCase => ({ ...(base.cases[0] as LoadCase), ...change });
    expect(itemParts(kinds, chassis, loadCase({})).map(({ id, massKg }) => [id, massKg])).toEqual([
      ['item.fixed', load.massKg.value],
      ['item.tank', 5],
    ]);
    const drawer = kinds.items[3] as Item;
    const out = loadCase({ aboard: [{ itemId: 'item.drawer', fill: 1, shiftM: 0.1 }], drawerOutM: 0.6 });
    expect(itemPart(kinds, chassis, drawer, out).centre.xM - itemPart(kinds, chassis, drawer).centre.xM).toBeCloseTo(
      0.7,
      12,
    );
  });
  test('what stands on the tongue is carried by it, above it', () => {
    const [load] = base.items as [Item];
    const box: Item = {
      ...load,
      attach: { ...load.attach, on: 'tongue', offsetM: { ...load.attach.offsetM, value: -0.5 } },
    };
    const chassis = buildChassis(base);
    const part = itemPart(base, chassis, box);
    expect(part.carriedBy).toBe('tongue');
    expect(part.centre.zM - part.heightM / 2).toBeCloseTo(chassis.tongue?.topZM ?? Number.NaN, 12);
  });
});
