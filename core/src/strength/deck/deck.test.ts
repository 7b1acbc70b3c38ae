import { describe, expect, test } from 'vitest';
import { verify } from '../../../test/verify.js';
import { DEMO_TRAILERS } from '../../demos/index.js';
import { evaluate } from '../../evaluation/index.js';
import type { Trailer } from '../../project/index.js';
import { fromNewtons, fromPascals, inches, pounds, toNewtons, toPascals } from '../../units/index.js';
import { homeMadeShares } from '../joints/homeMade.js';
import { DECK_STRENGTHS } from './deckStrength.js';

const apiary = DEMO_TRAILERS[0] as Trailer;
const load = (spanIn: number, thickIn: number, duration: 'standing' | 'moment' = 'standing') => ({
  spanM: inches(spanIn),
  thicknessM: inches(thickIn),
  duration,
});

describe('what a deck bears', () => {
  const area = 'Deck';
  test('planks: P·L ÷ 4 against Fb·S of one board', () => {
    // 2x6 flat, 24 in: S = 5.5 × 1.5² ÷ 6 = 2.0625 in³; Fb' = 875 × 1.3 × 1.15 = 1,308 psi; P = 4·Fb'·S ÷ L = 449.6 lb.
    verify({
      area,
      check: '2x6 no. 2 softwood flat over 24 in, point load',
      ours: fromNewtons(DECK_STRENGTHS.planks.pointN(load(24, 1.5), 1e-9), 'lbf'),
      outside: '449.6',
      unit: 'lbf',
      source: 'NDS Supplement table 4A (recalled), worked by hand',
    });
  });
  test('incised boards count four fifths', () => {
    verify({
      area,
      check: 'the same boards, incised',
      ours: fromNewtons(DECK_STRENGTHS.planks.pointN({ ...load(24, 1.5), incised: true }, 1e-9), 'lbf'),
      outside: '359.7',
      unit: 'lbf',
      source: 'NDS table 4.3.8, incising factor 0.80 (recalled), worked by hand',
    });
  });
  test('single-floor panels: rated spans and 100 lb/ft²', () => {
    verify({
      area,
      check: '23/32 in panel over its rated 24 in, even load',
      ours: fromPascals(DECK_STRENGTHS.plywood.pressurePa(load(24, 23 / 32)), 'psi') * 144,
      outside: '100',
      unit: 'lb/ft²',
      source: 'Voluntary Product Standard PS 2 (recalled)',
    });
    verify({
      area,
      check: '23/32 in panel over its rated 24 in, load on a disc: 550 ÷ 2.5',
      ours: fromNewtons(DECK_STRENGTHS.plywood.pointN(load(24, 23 / 32), 0.1), 'lbf'),
      outside: '220',
      unit: 'lbf',
      source: 'Voluntary Product Standard PS 2 (recalled); 2.5 is common practice',
    });
  });
  test('steel sheet: plate bending, Z = t² ÷ 4 over a strip', () => {
    // 1/8 in, 24 in, patch 4 in: m = 30 × 0.125² ÷ 4 ÷ 1.67 = 0.0702 kip·in/in; strip 18.4 in; arm (48 − 4) ÷ 8 = 5.5 in.
    verify({
      area,
      check: '1/8 in steel sheet over 24 in, 4 in square',
      ours: fromNewtons(DECK_STRENGTHS['steel-sheet'].pointN(load(24, 0.125), inches(4)), 'lbf'),
      outside: '234.8',
      unit: 'lbf',
      source: 'AISC 360-16 F11, worked by hand',
    });
  });
  test('every deck bears more when thicker and less when it spans further', () => {
    for (const strength of Object.values(DECK_STRENGTHS)) {
      expect(strength.pointN(load(24, 1), 0.1)).toBeGreaterThanOrEqual(strength.pointN(load(24, 0.6), 0.1));
      expect(strength.pointN(load(36, 0.75), 0.1)).toBeLessThan(strength.pointN(load(20, 0.75), 0.1));
      expect(strength.pressurePa(load(48, 0.75))).toBeLessThan(strength.pressurePa(load(24, 0.75)));
    }
  });
});

describe('findings', () => {
  const withDeck = (change: (trailer: Trailer) => Trailer) => evaluate(change(apiary)).findings;
  test('a person and the hardest load are always looked at, a wheel where one is named', () => {
    const codes = withDeck((trailer) => trailer).map(({ code }) => code);
    expect(codes.filter((code) => code === 'deck-point')).toHaveLength(1);
    expect(codes).toContain('deck-spread');
    const two = withDeck((trailer) => ({
      ...trailer,
      strength: { ...trailer.strength, deckPoint: { massKg: pounds(900), patchM: 0.1 } },
    })).filter(({ code }) => code === 'deck-point');
    expect(two).toHaveLength(2);
    expect(two.some(({ verdict }) => verdict === 'over')).toBe(true);
  });
  test('what no table covers is not checked, and an open frame has no deck to check', () => {
    const expanded = withDeck((trailer) => ({
      ...trailer,
      frame: { ...trailer.frame, deck: { ...trailer.frame.deck, kind: 'expanded-steel' } },
    }));
    expect(expanded.find(({ code }) => code === 'deck-not-checked')?.verdict).toBe('unchecked');
    const none = withDeck((trailer) => ({
      ...trailer,
      frame: { ...trailer.frame, deck: { ...trailer.frame.deck, kind: 'none' } },
    }));
    expect(none.some(({ code }) => code.startsWith('deck'))).toBe(false);
  });
  test('straps hold half of the load together, or what they hold is missing', () => {
    const strap = (workingLoadKg: number | null) =>
      withDeck((trailer) => ({
        ...trailer,
        frame: { ...trailer.frame, tieDowns: { ...trailer.frame.tieDowns, perSide: 3, workingLoadKg } },
      })).find(({ code }) => code === 'straps-hold');
    expect(strap(null)?.verdict).toBe('open');
    const found = strap(200);
    const cargoKg = (found as unknown as { data: { cargoKg: number } }).data.cargoKg;
    expect(found?.utilisation).toBeCloseTo((0.5 * cargoKg) / 600, 9);
  });
  test('a home-made coupling, for study: 2,900 lb at 1.5 g on a 1 in bolt over a gap of 2-1/2 in', () => {
    const study = {
      pinDiameterM: inches(1),
      threaded: false,
      yieldPa: toPascals(36, 'ksi'),
      planes: 2,
      gapM: inches(2.5),
      plateM: inches(3 / 8),
      edgeM: inches(1.5),
      weldLegM: inches(1 / 4),
      weldLengthM: inches(8),
    } as const;
    const shares = homeMadeShares(study, toNewtons(4350, 'lbf'));
    const source = 'beam theory and AISC 360-16 J2.4, J7, worked by hand';
    const ours = (part: keyof typeof shares): number => 100 * shares[part];
    const area = 'Joints';
    // 4,350 ÷ (2 × 0.7854 × 21,600); 4,350 × 2.5 ÷ 4 ÷ (0.09817 × 36,000); 4,350 ÷ (2 × 1 × 0.375 × 64,800).
    verify({ area, check: 'home-made pin in shear', ours: ours('pin-shear'), outside: '12.8', unit: '%', source });
    verify({ area, check: 'home-made pin in bending', ours: ours('pin-bending'), outside: '76.9', unit: '%', source });
    verify({ area, check: 'home-made pin bears', ours: ours('bearing'), outside: '8.95', unit: '%', source });
    // Two planes of 3/8 × 1 in on each of two plates: 4,350 ÷ (4 × 0.375 × 1 × 21,600); 4,350 ÷ (8 × 0.1768 × 21,000).
    verify({ area, check: 'home-made plate torn out', ours: ours('tear-out'), outside: '13.4', unit: '%', source });
    verify({ area, check: 'home-made fillets', ours: ours('weld'), outside: '14.6', unit: '%', source });
    // Threads take an eighth of the area and two fifths of the modulus; on one side it is a cantilever.
    const bad = homeMadeShares({ ...study, threaded: true }, toNewtons(4350, 'lbf'));
    expect(bad['pin-bending'] / shares['pin-bending']).toBeCloseTo(0.85 ** -3, 9);
    expect(homeMadeShares({ ...study, planes: 1 }, 1000)['pin-bending']).toBeCloseTo(
      4 * homeMadeShares(study, 1000)['pin-bending'],
      9,
    );
    const told = (threaded: boolean) =>
      withDeck((trailer) => ({
        ...trailer,
        coupling: { ...trailer.coupling, homeMade: true, study: { ...study, threaded } },
      })).find(({ code }) => code === 'home-made-study');
    expect(told(false)).toMatchObject({ verdict: 'unchecked', step: 'tongue', data: { part: 'pin-bending' } });
    expect(told(true)).toMatchObject({ verdict: 'over', data: { way: 'along', threaded: true } });
  });
  test('a post of the side rail: 200 lb at 16 in on a 1-1/2 x 1-1/2 in tube', () => {
    const found = withDeck((trailer) => ({
      ...trailer,
      frame: { ...trailer.frame, sides: { kind: 'rail', heightM: inches(16), carries: false } },
    })).find(({ code }) => code === 'side-post');
    const post = evaluate({
      ...apiary,
      frame: { ...apiary.frame, sides: { kind: 'rail', heightM: inches(16), carries: false } },
    }).chassis.members.find(({ id }) => id.startsWith('post.'));
    const modulus = Math.min(post?.bar.design.szLeftM3 ?? 0, post?.bar.design.szRightM3 ?? 0);
    // 200 × 16 = 3,200 lb·in on the post's modulus, against yield ÷ 1.67.
    const byHand = 3200 / (modulus / inches(1) ** 3) / (fromPascals(post?.material.yieldPa ?? 0, 'psi') / 1.67);
    expect(found?.utilisation).toBeCloseTo(byHand, 6);
    expect(withDeck((trailer) => trailer).some(({ code }) => code === 'side-post')).toBe(false);
  });
});
