import { beforeAll, describe, expect, test } from 'vitest';
import { EVERYDAY } from '../../test/everydayTrailers.js';
import { verify } from '../../test/verify.js';
import { type Kernel, loadKernel, shapeSteps } from '../cad/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { frameSolids } from '../solids/index.js';
import { lastOf } from '../steps.js';
import { feet, inches } from '../units/index.js';
import { COATING_HOW, COATING_NAMES, CONTACT_TEXT } from '../wording/index.js';
import {
  COATING_SYSTEMS,
  coatingChoice,
  coatingFigures,
  contactsOf,
  deckSeal,
  insideOf,
  openEndsOf,
  outsideM,
  steelAreaM2,
  surfacesOf,
  ventHoleM,
  ventRows,
  zincOf,
  zincThicknessM,
  zincYears,
} from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];

describe('outside of sections', () => {
  // EN 10219-2, annex B, superficial area per metre, from memory: 50 x 50 x 3 has 0.190 m², 100 x 50 x 4 0.286, CHS 60.3 0.189.
  test('of hollow sections as the standard lists it', () => {
    const rect = (widthM: number, heightM: number, wallM: number) =>
      outsideM({
        kind: 'rect-tube',
        widthM,
        heightM,
        wallM,
        outerRadiusM: 2 * wallM,
        innerRadiusM: wallM,
      });
    expect(rect(0.05, 0.05, 0.003)).toBeCloseTo(0.19, 3);
    expect(rect(0.05, 0.1, 0.004)).toBeCloseTo(0.286, 3);
    expect(outsideM({ kind: 'round-tube', diameterM: 0.0603, wallM: 0.003 })).toBeCloseTo(0.189, 3);
  });
  test('of open ones by their lines: an angle of 2 x 2 has 8 in, a flat bar of 3 x 1/4 has 6.5', () => {
    const angle = {
      kind: 'angle',
      verticalLegM: inches(2),
      horizontalLegM: inches(2),
      thicknessM: inches(1 / 4),
      rootRadiusM: 0,
      toeRadiusM: 0,
    } as const;
    expect(outsideM(angle)).toBeCloseTo(inches(8), 9);
    expect(outsideM({ kind: 'flat-bar', widthM: inches(3), heightM: inches(1 / 4) })).toBeCloseTo(inches(6.5), 9);
  });
});

describe('areas', () => {
  test('the area to paint is near what the frame’s bars have as they stand; none of aluminum', () => {
    const { chassis } = evaluate(apiary);
    const byHand = chassis.members.reduce(
      (sum, { section, cutLengthM }) => sum + outsideM(section.shape) * cutLengthM,
      0,
    );
    // Over the long points, without caps and gussets: slanting ends take a little off, plates put some on.
    expect(steelAreaM2(chassis)).toBeGreaterThan(0.97 * byHand);
    expect(steelAreaM2(chassis)).toBeLessThan(1.2 * byHand);
    expect(steelAreaM2(evaluate(DEMO_TRAILERS[2] as Trailer).chassis)).toBe(0);
  });
  test('inside of a tube by hand: 50 x 50 x 3 with square corners inside has 176 mm around and 1936 mm²', () => {
    const inside = insideOf({
      kind: 'rect-tube',
      widthM: 0.05,
      heightM: 0.05,
      wallM: 0.003,
      outerRadiusM: 0.003,
      innerRadiusM: 0,
    });
    expect(inside?.aroundM).toBeCloseTo(0.176, 9);
    expect(inside?.areaM2).toBeCloseTo(1936e-6, 12);
    expect(insideOf({ kind: 'flat-bar', widthM: 0.05, heightM: 0.006 })).toBeUndefined();
    // A wall as thick as the tube leaves nothing.
    expect(insideOf({ kind: 'round-tube', diameterM: 0.02, wallM: 0.02 })).toEqual({ aroundM: 0, areaM2: 0 });
  });
  test('ends of the apiary: rails go through and are open, what stands between them is shut', () => {
    const { chassis } = evaluate(apiary);
    const endsOf = (id: string) => {
      const member = chassis.members.find((one) => one.id === id);
      return member && openEndsOf(chassis, member);
    };
    expect(endsOf('rail.left')).toEqual([true, true]);
    expect(endsOf('header.front')).toEqual([false, false]);
    expect(endsOf('cross.1')).toEqual([false, false]);
  });
  test('a tube that is capped is shut', () => {
    const capped: Trailer = {
      ...telescope,
      frame: {
        ...telescope.frame,
        tongue: { ...telescope.frame.tongue, caps: { ball: true, rear: true, sides: true } },
      },
    };
    const endsOf = (trailer: Trailer) => {
      const { chassis } = evaluate(trailer);
      const member = chassis.members.find(({ id }) => id === 'tongue.middle');
      return member && openEndsOf(chassis, member);
    };
    expect(endsOf(capped)).toEqual([false, false]);
    const open = { ...telescope.frame.tongue, caps: { ball: false, rear: false, sides: false } };
    expect(endsOf({ ...telescope, frame: { ...telescope.frame, tongue: open } })).toEqual([true, true]);
  });
});

describe('areas against solids', () => {
  let kernel: Kernel;
  beforeAll(async () => {
    kernel = await loadKernel();
  }, 60_000);

  test.each([...DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const), ...Object.entries(EVERYDAY)])(
    '%s: outside and inside are the surface of all its solids, but for what their sawn ends have',
    (name, trailer) => {
      const { chassis, cutList } = evaluate(trailer);
      const shapes = lastOf(shapeSteps(kernel, frameSolids(trailer, chassis, cutList)));
      const solidM2 = shapes.reduce((sum, { shape }) => sum + kernel.measureArea(shape) * 1e-6, 0);
      const { steel, aluminum } = surfacesOf(chassis);
      // Panels are no solids of the frame; sawn ends are metal in the solids and nothing that is painted in the sum.
      const panelsM2 = chassis.panels.reduce(
        (sum, { own }) => sum + (own && own.sheet.kind.endsWith('-sheet') ? 2 * own.areaM2 : 0),
        0,
      );
      const ours =
        [steel, aluminum].reduce(
          (sum, { outsideM2, openInsideM2, shutInsideM2 }) => sum + outsideM2 + openInsideM2 + shutInsideM2,
          0,
        ) - panelsM2;
      const endsM2 = chassis.members.reduce((sum, { bar, pieces }) => sum + 2 * pieces * bar.design.areaM2, 0);
      if (DEMO_TRAILERS.includes(trailer))
        verify({
          area: 'Coating',
          check: `${name}: surface of all bars, inside and out`,
          ours: ours + endsM2,
          outside: solidM2.toFixed(2),
          tolerance: 0.01,
          unit: 'm²',
          source: 'a CAD kernel’s area of the same solids, with copes and slants',
        });
      expect((ours + endsM2) / solidM2).toBeGreaterThan(0.97);
      expect((ours + endsM2) / solidM2).toBeLessThan(1.03);
    },
  );
});

describe('zinc', () => {
  test('thickness by ISO 1461, table 3', () => {
    expect([0.007, 0.006, 0.0031, 0.003, 0.0015, 0.0014].map((m) => zincThicknessM(m) * 1e6)).toEqual(
      [85, 70, 70, 55, 55, 45].map((um) => expect.closeTo(um, 9)),
    );
  });
  test('years by hand: 70 µm at 0.7 to 2.1 µm a year last 33 to 100 years, at 2.1 to 8.4 µm 8 to 33', () => {
    expect(zincYears(70e-6, 'rain').map(Math.round)).toEqual([33, 100]);
    expect(zincYears(70e-6, 'salt').map(Math.round)).toEqual([8, 33]);
  });
  test('a square metre of 70 µm weighs half a kilogram; none on aluminum', () => {
    const { chassis } = evaluate(apiary);
    const { massKg, thinnestM } = zincOf(chassis);
    const { outsideM2, openInsideM2, shutInsideM2 } = surfacesOf(chassis).steel;
    expect(massKg / (outsideM2 + openInsideM2 + shutInsideM2)).toBeCloseTo(7140 * thinnestM, 9);
    expect(7140 * 70e-6).toBeCloseTo(0.4998, 4);
    expect(zincOf(evaluate(telescope).chassis)).toEqual({ massKg: 0, thinnestM: 0 });
  });
  test('holes by hand: 4 x 2 x 3/16 in is open 5.86 in² inside; a quarter over two holes is 1 in; never under 3/8 in', () => {
    const shape = evaluate(apiary).chassis.members.find(({ id }) => id === 'header.front')?.section.shape;
    if (shape?.kind !== 'rect-tube') throw new Error('no tube');
    const inside = insideOf(shape);
    // (4 − 3/8) × (2 − 3/8) = 5.89 in², less its corners 5.86; × 0.25 ÷ 2 = 0.73 in² to a hole: 0.966 in, so 1 in.
    expect((inside?.areaM2 ?? 0) / inches(1) ** 2).toBeCloseTo(5.86, 2);
    expect(ventHoleM(shape)).toBeCloseTo(inches(1), 9);
    expect(ventHoleM({ kind: 'round-tube', diameterM: 0.02, wallM: 0.002 })).toBeCloseTo(inches(3 / 8), 9);
    expect(ventHoleM({ kind: 'flat-bar', widthM: 0.05, heightM: 0.006 })).toBeUndefined();
  });
  test('rows tell shut ends alone: four cross-members and two headers of the apiary have two each', () => {
    const rows = ventRows(evaluate(apiary).chassis);
    const ends = rows.reduce((sum, row) => sum + row.ends, 0);
    // Legs that end on rails or under the coupler come on top.
    expect(ends).toBeGreaterThanOrEqual(12);
    for (const { holes, ends: own, diameterM } of rows) {
      expect(holes).toBe(2 * own);
      expect(diameterM).toBeGreaterThanOrEqual(inches(3 / 8) - 1e-9);
    }
    expect(ventRows(evaluate(telescope).chassis)).toEqual([]);
  });
});

describe('systems', () => {
  test('by hand: three coats on 8 m² take 3 l; the primer is a third of it', () => {
    const { chassis } = evaluate(apiary);
    const figures = coatingFigures(chassis, { system: 'brush', where: 'rain' });
    const { areaM2, primerM3, paintM3 } = figures;
    expect(primerM3).toBeCloseTo(areaM2 / 8000, 12);
    expect(paintM3).toBeCloseTo(2 * primerM3, 12);
    expect(figures.cleanHours[0]).toBeCloseTo(areaM2 / 4, 9);
  });
  test('the wetter and saltier, the sooner; every range runs upward', () => {
    const { chassis } = evaluate(apiary);
    for (const system of Object.keys(COATING_SYSTEMS) as (keyof typeof COATING_SYSTEMS)[]) {
      const years = (['dry', 'rain', 'salt'] as const).map((where) => coatingFigures(chassis, { system, where }).years);
      if (system === 'none') {
        expect(years).toEqual([undefined, undefined, undefined]);
        continue;
      }
      const [dry, rain, salt] = years as [
        readonly [number, number],
        readonly [number, number],
        readonly [number, number],
      ];
      for (const [least, most] of [dry, rain, salt]) expect(least).toBeLessThan(most);
      expect(dry[0]).toBeGreaterThan(rain[0]);
      expect(rain[0]).toBeGreaterThan(salt[0]);
    }
  });
  test('aluminum alone is left bare, steel is painted where nobody has said', () => {
    expect(coatingChoice(telescope, evaluate(telescope).chassis).system).toBe('none');
    expect(coatingChoice(apiary, evaluate(apiary).chassis)).toEqual({ system: 'brush', where: 'rain' });
  });
  test('every system and contact has words', () => {
    for (const text of [
      ...Object.values(COATING_NAMES),
      ...Object.values(COATING_HOW).flat(),
      ...Object.values(CONTACT_TEXT),
    ])
      expect(text.length).toBeGreaterThan(6);
  });
});

describe('what meets what', () => {
  const codes = (trailer: Trailer) => contactsOf(trailer, evaluate(trailer).chassis).map(({ code }) => code);
  test('an aluminum deck on a steel frame is taped along every bar under it', () => {
    const trailer: Trailer = {
      ...apiary,
      frame: { ...apiary.frame, deck: { ...apiary.frame.deck, kind: 'aluminum-sheet' } },
    };
    const { chassis } = evaluate(trailer);
    const contact = contactsOf(trailer, chassis).find(({ code }) => code === 'aluminum-deck-on-steel');
    // Two rails of 10 ft, two headers and four cross-members of 60 in between them.
    expect(contact?.lengthM).toBeCloseTo(2 * feet(10) + 6 * inches(60), 6);
  });
  test('wood is told of on both metals; steel gear on an aluminum frame', () => {
    expect(codes(apiary)).toEqual(['wood-on-steel']);
    expect(codes(telescope)).toContain('steel-gear-on-aluminum');
    expect(codes(telescope)).not.toContain('wood-on-steel');
  });
  test('no deck, nothing of wood', () => {
    const bare: Trailer = { ...apiary, frame: { ...apiary.frame, deck: { ...apiary.frame.deck, kind: 'none' } } };
    expect(codes(bare)).toEqual([]);
  });
});

describe('the deck’s seal', () => {
  const sealOf = (trailer: Trailer) => {
    const { chassis, cutList } = evaluate(trailer);
    return deckSeal(trailer, chassis, cutList);
  };
  test('both faces and all edges; edges drink three times', () => {
    for (const kind of ['planks', 'plywood'] as const) {
      const trailer: Trailer = { ...apiary, frame: { ...apiary.frame, deck: { ...apiary.frame.deck, kind } } };
      const seal = sealOf(trailer);
      if (!seal) throw new Error('no seal');
      const panel = evaluate(trailer).chassis.panels.find((one) => one.kind === 'deck');
      if (!panel) throw new Error('no deck');
      const faceM2 = (panel.extent.x1M - panel.extent.x0M) * (panel.y1M - panel.y0M);
      const { thicknessM } = trailer.frame.deck;
      expect(seal.areaM2).toBeCloseTo(2 * faceM2 + seal.edgesM * thicknessM, 9);
      expect(seal.sealerM3 * 5000).toBeCloseTo(2 * faceM2 + 3 * seal.edgesM * thicknessM, 9);
      // More edge than the deck's own rim: boards and joints have theirs.
      expect(seal.edgesM).toBeGreaterThan(2 * (panel.extent.x1M - panel.extent.x0M + panel.y1M - panel.y0M) - 1e-9);
    }
  });
  test('metal has none', () => {
    expect(sealOf({ ...apiary, frame: { ...apiary.frame, deck: { ...apiary.frame.deck, kind: 'steel-sheet' } } })).toBe(
      undefined,
    );
  });
});

test('the oven’s frame is larger than the apiary’s, in every way', () => {
  expect(steelAreaM2(evaluate(oven).chassis)).toBeGreaterThan(steelAreaM2(evaluate(apiary).chassis));
});
