import { describe, expect, test } from 'vitest';
import { METALS } from '../materials/index.js';
import { materialRowSchema, sectionRowSchema } from '../project/schema.js';
import { barProperties } from '../sections/index.js';
import { AXLE_ROWS, BALL_ROWS, COUPLER_ROWS, DECK_ROWS, SECTION_ROWS, TIRE_ROWS } from './index.js';

describe('catalog rows', () => {
  test('enough of what a yard sells', () => {
    expect(SECTION_ROWS.length).toBeGreaterThanOrEqual(60);
    expect(METALS.length).toBeGreaterThanOrEqual(10);
    expect(AXLE_ROWS.length).toBeGreaterThanOrEqual(8);
    expect(COUPLER_ROWS.length).toBeGreaterThanOrEqual(5);
    expect(BALL_ROWS.length).toBe(8);
  });
  test('ids are unique in each list', () => {
    for (const rows of [SECTION_ROWS, METALS, AXLE_ROWS, TIRE_ROWS, COUPLER_ROWS, DECK_ROWS])
      expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
  });
  test.each(SECTION_ROWS.map((row) => [row.id, row] as const))('section %s is whole and has a source', (_id, row) => {
    expect(sectionRowSchema.safeParse(row).success).toBe(true);
    const bar = barProperties(row);
    expect(bar).toBeDefined();
    expect(bar?.nominalAreaM2).toBeGreaterThanOrEqual((bar?.design.areaM2 ?? 1) * 0.999999);
    expect(METALS.find(({ id }) => id === row.usualMaterialId)?.family).toBe(row.family);
  });
  test.each(METALS.map((metal) => [metal.id, metal] as const))(
    'metal %s: welds never make it stronger',
    (_id, metal) => {
      expect(materialRowSchema.safeParse(metal).success).toBe(true);
      expect(metal.yieldPa).toBeLessThan(metal.ultimatePa);
      if (metal.family === 'aluminum') {
        expect(metal.weldedYieldPa).toBeLessThan(metal.yieldPa);
        expect(metal.weldedUltimatePa).toBeLessThan(metal.ultimatePa);
      } else {
        expect(metal.weldedYieldPa).toBeUndefined();
      }
    },
  );
  test('running gear weighs something and carries more than it weighs', () => {
    for (const axle of AXLE_ROWS) expect(axle.ratingKg).toBeGreaterThan(axle.massKg);
    for (const tire of TIRE_ROWS) expect(tire.maxLoadKg).toBeGreaterThan(tire.assemblyMassKg);
    for (const tire of TIRE_ROWS) expect(tire.loadedRadiusM).toBeLessThan(tire.diameterM / 2);
  });
});
