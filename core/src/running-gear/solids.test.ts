import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { FIXED_JOINT, type Item, PLAIN_TONGUE, type Trailer } from '../project/index.js';
import { inches } from '../units/index.js';

const base = sampleTrailer();
const [apiary, , telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];

type Met = { what: string; withId: string; restM: number; bumpM: number };
const met = (trailer: Trailer): { verdict: string; data: Met }[] =>
  evaluate(trailer).findings.flatMap(({ code, verdict, data }) => (code === 'parts-meet' ? [{ verdict, data }] : []));
const straight = (trailer: Trailer, change: object): Trailer => ({
  ...trailer,
  frame: {
    ...trailer.frame,
    tongue: {
      ...PLAIN_TONGUE,
      kind: 'straight',
      lengthM: inches(48),
      underM: inches(80),
      tipBehindBallM: inches(4),
      joint: FIXED_JOINT,
      ...change,
    },
  },
});
const load = (trailer: Trailer, change: Partial<Item>): Trailer => ({
  ...trailer,
  items: trailer.items.map((item, i) => (i === 0 ? { ...item, ...change } : item)),
});

describe('solid parts that share a place', () => {
  test('nothing does in a new trailer, nor in the apiary flatbed', () => {
    expect(met(base)).toEqual([]);
    expect(met(apiary)).toEqual([]);
  });
  test('a tongue that runs on into the torsion tube: 10 mm, by the plan', () => {
    // Tube’s middle 145 mm ahead of the axle at 1420, 35 mm to its face: 1240; the tongue ends at 1250.
    const { tongue } = telescope.frame;
    if (tongue.kind !== 'straight') throw new Error('not straight');
    const longer = { ...telescope, frame: { ...telescope.frame, tongue: { ...tongue, underM: 1.25 } } };
    expect(met(telescope)).toEqual([]);
    const [first, ...others] = met(longer);
    expect(others).toEqual([]);
    expect(first).toMatchObject({ verdict: 'over', data: { what: 'axle', withId: 'tongue.middle' } });
    expect(first?.data.restM).toBeCloseTo(-0.01, 9);
  });
  test('an axle tube that rises against the tongue over it in a bump, whatever the rails leave', () => {
    const low: Trailer = straight(base, {});
    const { suspension } = low.runningGear;
    const deep = (travelIn: number): Trailer => ({
      ...low,
      runningGear: { ...low.runningGear, suspension: { ...suspension, bumpTravelM: inches(travelIn) } },
    });
    const of = (trailer: Trailer) => met(trailer).find(({ data }) => data.withId === 'tongue.middle');
    const found = of(deep(4));
    expect(found).toMatchObject({ verdict: 'over', data: { what: 'axle' } });
    const { restM, bumpM } = found?.data ?? { restM: Number.NaN, bumpM: Number.NaN };
    expect(bumpM).toBeCloseTo(restM - inches(4), 9);
    // By hand: the rails’ underside less the tongue’s 4 in, less the tube’s upper face.
    const rides = evaluate(deep(4)).rides;
    const least = Math.min(
      ...rides.map(({ stack }) => stack.railBottomM - inches(4) - stack.tubeMiddleM - inches(2.375) / 2),
    );
    expect(restM).toBeCloseTo(least, 9);
    expect(of(deep(1))).toBeUndefined();
  });
  test('a header deeper than the rails hangs into the legs that pass under it', () => {
    const header = { ...base.frame.groups.header, sectionId: 'hss-6x2x3_16' };
    const found = met({ ...base, frame: { ...base.frame, groups: { ...base.frame.groups, header } } });
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ verdict: 'over', data: { what: 'tongue', withId: 'header.front' } });
    expect(found[0]?.data.restM).toBeCloseTo(-inches(2), 9);
  });
  test('a body wider than the bed over wheels without fenders; one that stands above their travel is let be', () => {
    const [item] = base.items;
    if (!item) throw new Error('no load');
    const body = (aboveM: number) =>
      met(
        load(base, {
          sizeM: { lengthM: inches(98), widthM: inches(84), heightM: inches(60) },
          attach: { ...item.attach, offsetM: { ...item.attach.offsetM, value: inches(49) }, aboveM },
        }),
      );
    expect(body(0)[0]).toMatchObject({ verdict: 'over', data: { what: 'tire' } });
    expect(body(inches(12))).toEqual([]);
  });
  test('a box across the hinge of a folding tongue', () => {
    const folding = straight(base, { joint: { ...FIXED_JOINT, kind: 'folding', aheadM: inches(20) } });
    const [item] = folding.items;
    if (!item) throw new Error('no load');
    const box = (xIn: number) =>
      met(
        load(folding, {
          kind: 'fixed',
          sizeM: { lengthM: inches(16), widthM: inches(30), heightM: inches(15) },
          attach: {
            ...item.attach,
            on: 'tongue',
            from: 'front',
            offsetM: { ...item.attach.offsetM, value: inches(xIn) },
          },
        }),
      ).filter(({ data }) => data.what === 'hinge');
    expect(box(-20)).toHaveLength(1);
    expect(box(-8)).toEqual([]);
  });
});
