import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { schoolOf, type Trailer } from '../project/index.js';
import { inches, massOfWeightKg, pounds } from '../units/index.js';
import { adviceFor } from './advice.js';
import { schoolAnswers } from './schools.js';
import { changesBetween } from './changes.js';
import { evaluate } from './evaluate.js';

const [apiary, oven] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const shifted = (trailer: Trailer, byM: number): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, positionM: trailer.runningGear.positionM + byM },
});

describe('advice', () => {
  test('nothing to do where every load is in its band', () => {
    expect(adviceFor(apiary)).toEqual([]);
  });
  test('an axle too far forward: back into the window mends every load', () => {
    const [best] = adviceFor(shifted(apiary, -inches(6)));
    expect(best?.move.kind).toBe('axle');
    expect(best?.outBefore).toBeGreaterThan(0);
    expect(best?.outAfter).toBe(0);
    expect(evaluate(best?.trailer ?? apiary).placement.window.kind).toBe('window');
  });
  test('what is promised is what the trailer then does', () => {
    for (const trailer of [shifted(apiary, -inches(8)), shifted(apiary, inches(8)), oven]) {
      const all = adviceFor(trailer);
      expect(all.length).toBeGreaterThan(0);
      for (const { trailer: changed, effects, outAfter } of all) {
        const { cases } = evaluate(changed);
        for (const { caseId, after } of effects)
          expect(cases.find(({ loadCase }) => loadCase.id === caseId)?.standing?.tongueShare).toBe(after);
        expect(effects.filter(({ within }) => !within)).toHaveLength(outAfter);
      }
    }
  });
  test('ballast brings the case that needs it to the middle of its band', () => {
    const trailer = shifted(apiary, -inches(5));
    const ballast = adviceFor(trailer).find(({ move }) => move.kind === 'ballast');
    const before = evaluate(trailer);
    const need = ballast?.effects.find(({ before: b, after }) => Math.abs(b - after) > 1e-6);
    const own = before.cases.find(({ loadCase }) => loadCase.id === need?.caseId);
    if (!need || !own) throw new Error('no ballast');
    // Edge cases move with their own weight: the share lands in the middle to a tenth of a percent.
    expect(need.after).toBeCloseTo((own.band.minShare + own.band.maxShare) / 2, 3);
  });
  test('an item is not pushed over the edge of the bed', () => {
    for (const { trailer, move } of adviceFor(shifted(apiary, -inches(14)))) {
      if (move.kind !== 'item') continue;
      const evaluation = evaluate(trailer);
      const part = evaluation.cases.flatMap(({ parts }) => parts).find(({ id }) => id === move.itemId);
      if (part?.carriedBy !== 'deck') continue;
      expect(part.x0M).toBeGreaterThan(-1e-9);
      expect(part.x1M).toBeLessThan(trailer.frame.bed.lengthM + 1e-9);
    }
  });
  test('the worse it makes something else, the further back it stands', () => {
    const all = adviceFor(oven);
    for (const [i, next] of all.slice(1).entries()) {
      const last = all[i];
      expect(last && last.outAfter <= next.outAfter).toBe(true);
    }
  });
});

describe('schools', () => {
  test('the school that is chosen counts as the strip does: its row and the tongues that are in order agree', () => {
    for (const trailer of [apiary, oven]) {
      const evaluation = evaluate(trailer);
      const own = schoolAnswers(evaluation).find(({ school }) => school === schoolOf(trailer));
      const shares = evaluation.findings.filter(
        (finding) => finding.code === 'tongue-share' && finding.data.side === 'within',
      );
      expect(own?.content).toBe(shares.length);
      expect(own?.of).toBe(evaluation.findings.filter(({ code }) => code === 'tongue-share').length);
    }
  });
  test('an empty tandem by the bathroom scale: where its axles must go for 75 to 100 lb, whatever its share', () => {
    const evaluation = evaluate(oven);
    const scale = schoolAnswers(evaluation).find(({ school }) => school === 'bathroom-scale');
    expect(scale?.of).toBe(1);
    if (!scale?.place) throw new Error('no place');
    const lightest = Math.min(...evaluation.cases.filter(({ standing }) => standing).map(({ massKg }) => massKg));
    for (const [place, lb] of [
      [scale.place.toM, 100],
      [scale.place.fromM, 75],
    ] as const) {
      const there = evaluate({ ...oven, runningGear: { ...oven.runningGear, positionM: place } });
      const own = there.cases.find(
        ({ massKg, loadCase }) => loadCase.mode === 'towed' && Math.abs(massKg - lightest) < 1e-6,
      );
      expect(massOfWeightKg(own?.standing?.tongueN ?? 0)).toBeCloseTo(pounds(lb), 3);
    }
    expect(schoolAnswers(evaluate(apiary)).map(({ school }) => school)).not.toContain('bathroom-scale');
  });
});

describe('ways out', () => {
  test('none is offered that helps nothing, none twice, and ballast only after everything else', () => {
    for (const trailer of [oven, shifted(apiary, inches(14)), shifted(apiary, -inches(14))]) {
      const ways = adviceFor(trailer);
      for (const way of ways) expect(way.outAfter).toBeLessThan(way.outBefore);
      const kinds = ways.map(({ move }) => move.kind);
      if (kinds.includes('ballast')) expect(kinds.indexOf('ballast')).toBe(kinds.length - 1);
      const told = ways.map(({ move }) => JSON.stringify({ ...move, byM: 'byM' in move ? move.byM.toFixed(2) : 0 }));
      expect(new Set(told).size).toBe(told.length);
    }
  });
});

describe('changes', () => {
  test('a wider tire changes the gaps beside it, and says what they were', () => {
    const trailer = sampleTrailer();
    const wide: Trailer = {
      ...trailer,
      runningGear: { ...trailer.runningGear, tire: { ...trailer.runningGear.tire, widthM: inches(9.3) } },
    };
    const changes = changesBetween(evaluate(trailer), evaluate(wide), ['axle']);
    const gap = changes.find(({ now }) => now.code === 'clearance' && now.data.what === 'tire-frame');
    expect(gap?.before.value?.value).toBeCloseTo(inches(2.95), 9);
    expect(gap?.now.value?.value).toBeCloseTo(inches(2.35), 9);
    expect(changesBetween(evaluate(trailer), evaluate(trailer), ['axle', 'balance'])).toEqual([]);
  });
  test('the axle moved changes each towed load’s tongue, by its own case', () => {
    const [before, now] = [evaluate(apiary), evaluate(shifted(apiary, inches(1)))];
    const shares = changesBetween(before, now, ['balance']).filter(
      ({ now: finding }) => finding.code === 'tongue-share',
    );
    expect(shares).toHaveLength(4);
    for (const { now: after, before: old } of shares) expect(after.caseId).toBe(old.caseId);
    expect(massOfWeightKg(now.cases[2]?.standing?.tongueN ?? 0)).toBeGreaterThan(
      massOfWeightKg(before.cases[2]?.standing?.tongueN ?? 0),
    );
  });
});
