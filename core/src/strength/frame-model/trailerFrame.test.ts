import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../../test/projects.js';
import { buildChassis } from '../../chassis/index.js';
import { itemPart, trailerParts } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { bearingFinder, elementLines } from './bearings.js';
import { type TrailerFrame, trailerFrame } from './trailerFrame.js';

const frameOf = (trailer: Trailer): TrailerFrame => {
  const frame = trailerFrame(trailer, buildChassis(trailer));
  if ('code' in frame) throw new Error(frame.code);
  return frame;
};
const gear = (trailer: Trailer, change: Partial<Trailer['runningGear']>): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, ...change },
});
const base = sampleTrailer();
const { positionM, suspension } = base.runningGear;

describe('the trailer as a frame', () => {
  test('each bar is cut where something joins it, and its stretches follow each other without a gap', () => {
    const frame = frameOf(base);
    const ids = new Set(frame.bars.map(({ member }) => member.id));
    for (const id of ids) {
      const own = frame.bars.filter(({ member }) => member.id === id);
      own.slice(1).forEach((bar, i) => expect(bar.fromM).toBeCloseTo(own[i]!.toM, 9));
    }
    // Rails: both headers, three cross-members, a leg's end, two hangers, a floor jack.
    expect(frame.bars.filter(({ member }) => member.id === 'rail.left').length).toBeGreaterThanOrEqual(7);
  });
  test('stretches end where the bar’s own line says, by rigid arms from the nodes', () => {
    const frame = frameOf(base);
    const lines = elementLines(frame);
    const { widthM } = base.frame.bed;
    for (const { id, member } of frame.bars) {
      const { start, end } = lines.get(id)!;
      if (member.group === 'cross') {
        // Between the rails' inner faces.
        expect(Math.abs(start[1])).toBeCloseTo(widthM / 2 - inches(2), 6);
        expect(start[0]).toBeCloseTo(end[0], 9);
      }
      if (member.group === 'rail') expect(Math.abs(start[1])).toBeCloseTo(widthM / 2 - inches(1), 9);
    }
  });
  test('leaf hangers stand half their distance ahead of and behind the axle; the equaliser’s pivot where its arms put it', () => {
    const frame = frameOf(base);
    const xs = (f: TrailerFrame): number[] => [...new Set(f.gear.hangers.map(({ xM }) => Number(xM.toFixed(9))))];
    expect(xs(frame)[0]).toBeCloseTo(positionM - suspension.hangerSpacingM / 2, 9);
    expect(xs(frame)[1]).toBeCloseTo(positionM + suspension.hangerSpacingM / 2, 9);
    const tandem = frameOf(
      gear(base, {
        layout: 'tandem-equaliser',
        spacingM: inches(33),
        equaliserArms: [1, 2],
        suspension: { ...suspension, hangerSpacingM: inches(24) },
      }),
    );
    const [, pivot] = xs(tandem);
    // Front axle 16.5 in ahead, its rear eye 12 in behind that; a gap of 9 in, a third of it to the pivot.
    expect(pivot).toBeCloseTo(positionM + inches(-16.5 + 12 + 3), 9);
    expect(tandem.gear.wheels).toHaveLength(4);
    expect(tandem.gear.pivots.map(({ side }) => side)).toEqual(['left', 'right']);
  });
  test('torsion brackets stand an arm’s length ahead of the wheels', () => {
    const frame = frameOf(gear(base, { suspension: { ...suspension, kind: 'torsion' } }));
    for (const { xM } of frame.gear.hangers) expect(xM).toBeCloseTo(positionM - suspension.armM, 9);
    for (const { node } of frame.gear.wheels) expect(frame.at(node)[0]).toBeCloseTo(positionM, 9);
  });
  test('the ball is where the tongue says; hubs at the wheels’ height over the ground', () => {
    const frame = frameOf(base);
    expect(frame.at(frame.ball)[0]).toBeCloseTo(-base.frame.tongue.lengthM, 12);
    const [hub] = frame.gear.wheels;
    expect(frame.at(hub!.node)[2] - frame.groundZM).toBeCloseTo(base.runningGear.tire.loadedRadiusM, 12);
  });
});

describe('what carries what', () => {
  test('shares of every part add up to one, on any trailer that can be put together', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        const chassis = buildChassis(trailer);
        const frame = trailerFrame(trailer, chassis);
        if ('code' in frame) return;
        const finder = bearingFinder(chassis, frame, false);
        const parts = [
          ...trailerParts(trailer, chassis),
          ...trailer.items.map((item) => itemPart(trailer, chassis, item)),
        ];
        for (const part of parts) {
          const bearings = finder.bearingsOf(part);
          expect(bearings.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
          for (const { fromM, toM } of bearings) expect(toM).toBeGreaterThanOrEqual(fromM);
        }
      }),
      { numRuns: 40 },
    );
  });
  test('a load half-way between two cross-members rests half on each; over one, on that one alone', () => {
    const trailer: Trailer = {
      ...base,
      frame: {
        ...base.frame,
        crossMembers: {
          kind: 'explicit',
          members: [
            { id: 'cross.1', xM: 0.8 },
            { id: 'cross.2', xM: 1.6 },
          ],
        },
      },
    };
    const chassis = buildChassis(trailer);
    const finder = bearingFinder(chassis, frameOf(trailer), false);
    const sharesAt = (x: number): Record<string, number> => {
      const part = {
        ...itemPart(trailer, chassis, trailer.items[0]!),
        x0M: x,
        x1M: x,
        y0M: -0.2,
        y1M: 0.2,
        carriedBy: 'deck' as const,
      };
      const shares: Record<string, number> = {};
      for (const { element, share } of finder.bearingsOf(part)) {
        const bar = element.split('#')[0]!;
        shares[bar] = (shares[bar] ?? 0) + share;
      }
      return shares;
    };
    expect(sharesAt(1.2)).toEqual({ 'cross.1': expect.closeTo(0.5, 9), 'cross.2': expect.closeTo(0.5, 9) });
    expect(sharesAt(1.0)).toEqual({ 'cross.1': expect.closeTo(0.75, 9), 'cross.2': expect.closeTo(0.25, 9) });
    expect(sharesAt(1.6)).toEqual({ 'cross.2': expect.closeTo(1, 9) });
  });
});
