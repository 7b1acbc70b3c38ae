import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { BALL_ROWS, CHAIN_ROWS, J684_CLASSES, JACK_ROWS, RECEIVER_ROWS, VEHICLE_ROWS } from '../catalog/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { type AnyFinding, evaluate } from '../evaluation/index.js';
import { couplingFromCatalog, FIXED_JOINT, PLAIN_TONGUE, type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches, pounds } from '../units/index.js';
import {
  chainClass,
  chainDropM,
  chainNeededM,
  dValueN,
  hitchDemand,
  hitchLinks,
  surgeUpToKg,
  trailerOfDKg,
  vValueN,
  weakestLink,
} from './index.js';

const [apiary, , telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const lb = (kg: number): number => kg / 0.45359237;
const coupled = (change: Partial<Trailer['coupling']>, trailer: Trailer = apiary): Trailer => ({
  ...trailer,
  coupling: { ...trailer.coupling, ...change },
});
const find = (trailer: Trailer, code: AnyFinding['code']): AnyFinding | undefined =>
  evaluate(trailer).findings.find((finding) => finding.code === code);
const verdictOf = (trailer: Trailer, code: AnyFinding['code']) => find(trailer, code)?.verdict;
const area = 'Coupling';

describe('classes', () => {
  const source = 'SAE J684: classes by gross, and what each safety chain must break at (recalled)';
  test.each([
    [1500, '1', '2000'],
    [2000, '1', '2000'],
    [2001, '2', '3500'],
    [3500, '2', '3500'],
    [4999, '3', '5000'],
    [7000, '4', '7000'],
  ])('a trailer of %i lb is of class %s', (gross, name, chain) => {
    const found = chainClass(pounds(gross));
    expect(found.name).toBe(name);
    verify({
      area,
      check: `each chain of a ${gross} lb trailer`,
      ours: lb(found.chainKg),
      outside: chain,
      unit: 'lb',
      source,
      tolerance: 1e-6,
    });
  });
  test.each([
    ['chain-g30-3_16', '3200'],
    ['chain-g30-1_4', '5200'],
    ['chain-g43-1_4', '7800'],
    ['chain-g70-1_4', '12600'],
    ['chain-g30-5_16', '7600'],
    ['chain-g43-5_16', '11700'],
    ['chain-g30-3_8', '10600'],
    ['chain-g43-3_8', '16200'],
  ])('%s breaks at %s lb', (id, breaks) => {
    verify({
      area,
      check: `${id} breaks at`,
      ours: lb(CHAIN_ROWS.find((row) => row.id === id)?.breaksAtKg ?? 0),
      outside: breaks,
      unit: 'lb',
      source: 'NACM, ASTM A413: working load times four, grade 43 times three (recalled)',
      tolerance: 1e-6,
    });
  });
  test('chains for a trailer of each class, as they are chosen', () => {
    const least = (grossLb: number): string | undefined =>
      CHAIN_ROWS.filter(({ breaksAtKg }) => breaksAtKg >= chainClass(pounds(grossLb)).chainKg).sort(
        (a, b) => a.breaksAtKg - b.breaksAtKg,
      )[0]?.id;
    expect(least(3500)).toBe('chain-g30-1_4');
    expect(least(5000)).toBe('chain-g30-1_4');
    expect(least(10_000)).toBe('chain-g30-3_8');
  });
  test('rows: ids are unique, figures positive, a thicker shank pulls no less, a dearer class no less', () => {
    for (const rows of [BALL_ROWS, CHAIN_ROWS, RECEIVER_ROWS, JACK_ROWS, VEHICLE_ROWS])
      expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
    for (const { shortM, longM } of JACK_ROWS) expect(longM).toBeGreaterThan(shortM);
    const twoInch = BALL_ROWS.filter(({ diameterM }) => Math.abs(diameterM - inches(2)) < 1e-9);
    for (let i = 1; i < twoInch.length; i += 1)
      expect(twoInch[i]?.ratedKg ?? 0).toBeGreaterThan(twoInch[i - 1]?.ratedKg ?? 0);
    for (let i = 1; i < J684_CLASSES.length; i += 1)
      expect(J684_CLASSES[i]?.upToKg ?? 0).toBeGreaterThan(J684_CLASSES[i - 1]?.upToKg ?? 0);
  });
});

describe('D and V of UN R55', () => {
  test('2.2 t and 1.5 t ask for 8.75 kN, and 8.75 kN allow 1.5 t', () => {
    verify({
      area,
      check: 'D of 2.2 t and 1.5 t',
      ours: dValueN(2200, 1500) / 1000,
      outside: '8.75',
      unit: 'kN',
      source: 'UN R55: g·T·R ÷ (T + R), by hand',
    });
    expect(trailerOfDKg(dValueN(2200, 1500), 2200)).toBeCloseTo(1500, 6);
    expect(trailerOfDKg(30_000, 2200)).toBeUndefined();
  });
  test('there and back for any vehicle and trailer; D grows with both and is even between them', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 9000, noNaN: true }),
        fc.double({ min: 50, max: 9000, noNaN: true }),
        (t, r) => {
          expect((trailerOfDKg(dValueN(t, r), t) ?? 0) / r).toBeCloseTo(1, 9);
          expect(dValueN(t, r)).toBeCloseTo(dValueN(r, t), 6);
          expect(dValueN(t, r * 1.1)).toBeGreaterThan(dValueN(t, r));
        },
      ),
    );
  });
  test('V: 4 t on the axles, deck 6 m, drawbar 4.8 m: 2.4 × 4000 × 1.5625 = 15.0 kN; a short deck counts as long as the drawbar', () => {
    verify({
      area,
      check: 'V of 4 t, 6 m on 4.8 m',
      ours: vValueN(4000, 6, 4.8) / 1000,
      outside: '15.0',
      unit: 'kN',
      source: 'UN R55: a·C·X² ÷ L², a = 2.4 m/s², by hand',
      tolerance: 1e-3,
    });
    expect(vValueN(4000, 3, 4.8)).toBeCloseTo(9600, 9);
  });
  test('V is asked from 3.5 t, in Europe alone; it stays unchecked', () => {
    const heavy: Trailer = { ...telescope, ratedGrossKg: 4000 };
    expect(verdictOf(heavy, 'v-value')).toBe('unchecked');
    expect(verdictOf(telescope, 'v-value')).toBeUndefined();
    expect(verdictOf({ ...apiary, ratedGrossKg: 4000 }, 'v-value')).toBeUndefined();
  });
});

describe('link by link', () => {
  const links = (trailer: Trailer, worksAt?: number) =>
    hitchLinks(trailer, hitchDemand(trailer, evaluate(trailer).cases), worksAt);
  test('from the vehicle to the chains, in their order', () => {
    expect(links(apiary, 0.3).map(({ id }) => id)).toEqual([
      'vehicle',
      'receiver',
      'ball-mount',
      'ball',
      'coupler',
      'tongue',
      'chains',
    ]);
    // A 50 mm ball is one part with its tow bar.
    expect(links(telescope).map(({ id }) => id)).toEqual(['vehicle', 'receiver', 'coupler', 'chains']);
  });
  test('a coupler under its class is the weakest, and the tongue where it works harder', () => {
    const weak = coupled({ ratedGrossKg: pounds(2000) });
    expect(weakestLink(links(weak, 0.3))?.id).toBe('coupler');
    expect(find(weak, 'weakest-link')).toMatchObject({ verdict: 'over', data: { link: 'coupler', by: 'gross' } });
    expect(weakestLink(links(apiary, 0.97))?.id).toBe('tongue');
  });
  test('by the tongue’s load, too: a mount for 150 lb on the ball', () => {
    const weak = coupled({ ballMount: { ...apiary.coupling.ballMount, tongueKg: pounds(150) } });
    expect(find(weak, 'weakest-link')).toMatchObject({ verdict: 'over', data: { link: 'ball-mount', by: 'tongue' } });
  });
  test('what nobody has read is missing and named, unless something is already too weak', () => {
    const unread = coupled({ ball: { ...apiary.coupling.ball, ratedKg: null } });
    expect(find(unread, 'weakest-link')).toMatchObject({ verdict: 'open', data: { unread: ['ball'] } });
    const weakToo = coupled({ ratedGrossKg: pounds(1000), ball: { ...apiary.coupling.ball, ratedKg: null } });
    expect(verdictOf(weakToo, 'weakest-link')).toBe('over');
  });
  test('a rating of nothing is over, never a division by zero', () => {
    const found = find(coupled({ ratedGrossKg: 0 }), 'weakest-link');
    expect(found?.verdict).toBe('over');
    expect(found?.utilisation).toBeUndefined();
    expect(found?.working).toEqual([]);
  });
  test('doubling every rating halves every share', () => {
    const doubled = coupled({
      ratedGrossKg: 2 * (apiary.coupling.ratedGrossKg ?? 0),
      receiver: { ratedKg: pounds(10_000), tongueKg: pounds(1000) },
    });
    const [one, two] = [links(apiary), links(doubled)];
    for (const id of ['receiver', 'coupler'] as const) {
      const of = (list: typeof one): number => list.find((link) => link.id === id)?.utilisation ?? Number.NaN;
      expect(of(one) / of(two)).toBeCloseTo(2, 9);
    }
  });
});

describe('ball, chains, brakes, jack', () => {
  test('a 50 mm ball and a 2 in coupler do not go together, nor the other way round', () => {
    const ball = (diameterM: number | null, couplerM: number) =>
      coupled({ ballDiameterM: couplerM, ball: { ...apiary.coupling.ball, diameterM } });
    expect(verdictOf(ball(0.05, inches(2)), 'ball-fits')).toBe('over');
    expect(verdictOf(ball(inches(2), 0.05), 'ball-fits')).toBe('over');
    expect(verdictOf(ball(inches(2), inches(2)), 'ball-fits')).toBe('ok');
    expect(verdictOf(ball(null, inches(2)), 'ball-fits')).toBe('open');
    const hole = (holeIn: number) => coupled({ ball: { ...apiary.coupling.ball, holeM: inches(holeIn) } });
    expect(verdictOf(hole(1.0625), 'ball-hole')).toBe('ok');
    expect(verdictOf(hole(1.125), 'ball-hole')).toBe('over');
    expect(verdictOf(hole(0.9), 'ball-hole')).toBe('over');
    expect(verdictOf(coupled({ kind: 'pintle' }), 'ball-fits')).toBeUndefined();
    expect(verdictOf(coupled({ kind: 'pintle' }), 'coupling-kind')).toBe('ok');
  });
  test('a pintle’s eye and a three-axis coupling ask for no ball, and keep their rating', () => {
    for (const id of ['coupler-pintle-10000', 'coupler-three-axis-3500kg']) {
      const { kind, ratedGrossKg, ballDiameterM } = couplingFromCatalog(id);
      const trailer = coupled({ kind, ratedGrossKg, ballDiameterM });
      expect(verdictOf(trailer, 'ball-fits')).toBeUndefined();
      expect(verdictOf(trailer, 'coupling-kind')).toBe('ok');
      expect(verdictOf(trailer, 'gross-against-coupler')).toBe('ok');
      expect(
        hitchLinks(trailer, hitchDemand(trailer, evaluate(trailer).cases), undefined).map((link) => link.id),
      ).not.toContain('ball');
    }
  });
  const chain = (change: Partial<Trailer['coupling']['safetyChain']>): Trailer =>
    coupled({ safetyChain: { ...apiary.coupling.safetyChain, ...change } });
  test('chains hang crossed from tabs of their own, two of them, each of its class', () => {
    expect(verdictOf(chain({}), 'chains')).toBe('ok');
    expect(verdictOf(chain({ heldOn: 'coupler' }), 'chains')).toBe('over');
    expect(verdictOf(chain({ heldOn: 'not-decided' }), 'chains')).toBe('open');
    expect(verdictOf(chain({ crossed: false }), 'chains')).toBe('over');
    expect(verdictOf(chain({ count: 1 }), 'chain-strength')).toBe('over');
    expect(verdictOf(chain({ breaksAtKg: pounds(3200) }), 'chain-strength')).toBe('over');
    expect(verdictOf(chain({ breaksAtKg: null }), 'chain-strength')).toBe('open');
    expect(verdictOf(telescope, 'chain-strength')).toBe('unchecked');
  });
  test('a chain pulled straight: crossed 8 in over 13 in is 15.26 in long; it drops as Pythagoras says', () => {
    const own = apiary.coupling.safetyChain;
    verify({
      area,
      check: 'crossed chain, straight behind the vehicle',
      ours: chainNeededM(own, 0) / 0.0254,
      outside: '15.26',
      unit: 'in',
      source: '√(13² + 8²)',
      tolerance: 1e-3,
    });
    expect(chainDropM(own, inches(20))).toBeCloseTo(Math.sqrt(inches(20) ** 2 - inches(13) ** 2 - inches(8) ** 2), 9);
    expect(chainDropM(own, inches(10))).toBe(0);
  });
  test('turning further never asks for a shorter chain; too short and too long are both told', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1.5, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (turn, apartM) => {
          const own = { ...apiary.coupling.safetyChain, apartM };
          expect(chainNeededM(own, turn + 0.05)).toBeGreaterThanOrEqual(chainNeededM(own, turn) - 1e-4);
        },
      ),
    );
    expect(verdictOf(chain({ lengthM: inches(14) }), 'chain-length')).toBe('over');
    expect(verdictOf(chain({ lengthM: inches(40) }), 'chain-length')).toBe('over');
    expect(verdictOf(chain({ lengthM: null }), 'chain-length')).toBeUndefined();
  });
  test('brakes ask for a breakaway, for what works them, and for a plug that carries them', () => {
    expect(verdictOf(apiary, 'breakaway')).toBe('ok');
    expect(verdictOf(coupled({ breakaway: 'none' }), 'breakaway')).toBe('over');
    expect(verdictOf(coupled({ breakaway: 'not-decided' }), 'breakaway')).toBe('open');
    expect(verdictOf(coupled({ brakes: 'none' }), 'breakaway')).toBeUndefined();
    expect(verdictOf(coupled({ plug: '4-way' }), 'plug')).toBe('over');
    expect(verdictOf(coupled({ plug: 'none' }), 'plug')).toBe('over');
    expect(verdictOf(coupled({ brakeKind: 'overrun' }), 'brake-kind')).toBe('ok');
    const light: Trailer = {
      ...coupled({ brakeKind: 'overrun' }),
      towVehicle: { ...UNKNOWN_VEHICLE, massKg: pounds(6000), maxMassKg: pounds(1500) },
    };
    expect(verdictOf(light, 'brake-kind')).toBe('over');
    expect(verdictOf({ ...coupled({ brakeKind: 'overrun' }), towVehicle: null }, 'brake-kind')).toBe('open');
  });
  test.each([
    [4000, 7000],
    [6857, 12_000],
    [9000, 12_000],
    [10_000, 12_500],
    [17_000, 20_000],
  ])(
    'surge brakes behind a GVWR of %i lb hold up to %i lb: 1.75 times to 12,000, 1.25 times to 20,000',
    (vehicle, trailer) => {
      expect(Math.round(surgeUpToKg(pounds(vehicle)) / pounds(1) / 10) * 10).toBe(trailer);
    },
  );
  test('unbraked from two fifths of the vehicle’s weight, brakes are advised', () => {
    const unbraked = (massKg: number): Trailer => ({
      ...coupled({ brakes: 'none' }, sampleTrailer()),
      ratedGrossKg: 800,
      items: [],
      towVehicle: { ...UNKNOWN_VEHICLE, massKg },
    });
    expect(verdictOf(unbraked(3000), 'brakes-advised')).toBe('ok');
    expect(verdictOf(unbraked(1500), 'brakes-advised')).toBe('tight');
  });
  test('a jack holds half as much again, reaches over the ball and clears the road', () => {
    const jack = (change: Partial<Trailer['coupling']['jack']>) =>
      coupled({ jack: { ...apiary.coupling.jack, swings: false, ...change } });
    expect(verdictOf(jack({ ratedKg: pounds(200) }), 'jack-rating')).toBe('over');
    expect(verdictOf(jack({ ratedKg: pounds(400) }), 'jack-rating')).toBe('tight');
    expect(verdictOf(jack({ ratedKg: null }), 'jack-rating')).toBe('open');
    expect(verdictOf(jack({ longM: inches(15) }), 'jack-reach')).toBe('over');
    expect(verdictOf(jack({ shortM: inches(17) }), 'jack-reach')).toBe('tight');
    expect(verdictOf(jack({ shortM: inches(30) }), 'jack-reach')).toBe('over');
    expect(verdictOf(jack({ longM: null }), 'jack-reach')).toBe('open');
    expect(verdictOf(jack({ fitted: false }), 'jack-rating')).toBeUndefined();
    // What swings up for the road does not drag on it.
    expect(verdictOf(jack({ shortM: inches(30), swings: true }), 'jack-reach')).toBe('ok');
  });
});

describe('pins of a folding tongue', () => {
  const folding = (change: Partial<typeof FIXED_JOINT>): Trailer => ({
    ...apiary,
    ratedGrossKg: 1500,
    items: [],
    cases: apiary.cases.map((loadCase) => ({ ...loadCase, aboard: [] })),
    frame: {
      ...apiary.frame,
      tongue: {
        ...PLAIN_TONGUE,
        kind: 'straight',
        lengthM: 1.2,
        underM: 1,
        tipBehindBallM: 0.08,
        joint: { ...FIXED_JOINT, kind: 'folding', aheadM: 0, pinSpacingM: inches(4), ...change },
      },
    },
  });
  test('1,500 kg on 1.2 m: 22.07 kN along; upright 7.36 kN, two pins 0.1016 m apart hold 90.5 kN each', () => {
    const source = 'ADR 62, VSB 1: 1.5 g along, 0.5 g upright (recalled); statics by hand';
    const found = find(folding({}), 'tongue-pins');
    if (found?.code !== 'tongue-pins') throw new Error('no pins');
    // 7355 × 1.2 ÷ 0.1016 + 7355 ÷ 2.
    verify({
      area,
      check: 'two pins under the upright load',
      ours: found.data.forceN / 1000,
      outside: '90.5',
      unit: 'kN',
      source,
    });
    const single = find(folding({ pins: 1 }), 'tongue-pins');
    if (single?.code !== 'tongue-pins') throw new Error('no pin');
    verify({
      area,
      check: 'pull along on one pin',
      ours: single.data.forceN / 1000,
      outside: '22.07',
      unit: 'kN',
      source,
    });
  });
  test('a 5/8 in grade 5 pin in double shear: 2 × 0.45 × 120 ksi × 0.3068 in² × 0.75 = 24.9 kip', () => {
    const found = find(folding({ pins: 1, pinDiameterM: inches(0.625) }), 'tongue-pins');
    if (found?.code !== 'tongue-pins') throw new Error('no pin');
    // The walls of 3/16 in tube are the weaker where their holes are to stay round: 2 × 1.8 × 0.75 × 0.625 × 0.174 × 46.
    const shear = 2 * 0.45 * 120 * 0.3068 * 0.75;
    const bearing = 2 * 1.8 * 0.75 * 0.625 * 0.174 * 46;
    verify({
      area,
      check: 'pin of 5/8 in, grade 5, through HSS 4x2x3/16',
      ours: found.data.strengthN / 4448.2216152605,
      outside: Math.min(shear, bearing).toFixed(1),
      unit: 'kip',
      source: 'AISC 360-16 J3.6 and J7, φ = 0.75, by hand',
    });
  });
  test('one pin is a hinge; pins further apart and thicker bear more; a tongue in one piece asks for none', () => {
    expect(verdictOf(folding({ pins: 1 }), 'one-pin-folds')).toBe('over');
    expect(verdictOf(folding({}), 'one-pin-folds')).toBeUndefined();
    const use = (change: Partial<typeof FIXED_JOINT>): number => find(folding(change), 'tongue-pins')?.utilisation ?? 0;
    expect(use({ pinSpacingM: 0.3 })).toBeLessThan(use({}));
    expect(use({ pinDiameterM: inches(0.75) })).toBeLessThan(use({}));
    expect(find(folding({ kind: 'fixed' }), 'tongue-pins')).toBeUndefined();
  });
  test('cheeks are cut for both sides, and bear what a 1/4 in plate does round the pin', () => {
    const plates = { thicknessM: inches(0.25), heightM: inches(3) };
    const trailer = folding({ plates, pinDiameterM: inches(0.625) });
    const cheeks = evaluate(trailer).chassis.plates.filter(({ kind }) => kind === 'cheek');
    expect(cheeks).toHaveLength(2);
    // 4 in from pin to pin, twice the diameter beyond either, and 4 in of the tube's height to weld on: 10.5 in.
    expect((cheeks[0]?.lengthM ?? 0) / inches(1)).toBeCloseTo(10.5, 9);
    // Two holes of 11/16 in are drilled out of it.
    const areaM2 = inches(10.5) * inches(3) - (2 * Math.PI * inches(11 / 16) ** 2) / 4;
    expect(cheeks[0]?.massKg).toBeCloseTo(areaM2 * inches(0.25) * 7850, 9);
    const thin = find(
      folding({ plates: { ...plates, thicknessM: inches(1 / 16) }, pinDiameterM: inches(0.625) }),
      'tongue-pins',
    );
    if (thin?.code !== 'tongue-pins') throw new Error('no pins');
    expect(thin.data.by).toBe('cheek');
    // Two of 1.8 × 46 ksi × 5/8 × 1/16 in × 0.75, as bearing that leaves the hole round.
    verify({
      area,
      check: 'two cheeks of 1/16 in round a 5/8 in pin, 46 ksi',
      ours: thin.data.strengthN / 4448.2216152605,
      outside: (2 * 1.8 * 0.75 * 46 * 0.625 * 0.0625).toFixed(2),
      unit: 'kip',
      source: 'AISC 360-16 J7, φ = 0.75, by hand',
    });
  });
});

describe('a ball mount as a lever', () => {
  const mount = (change: Partial<Trailer['coupling']['ballMount']>): Trailer => ({
    ...apiary,
    coupling: { ...apiary.coupling, ballMount: { ...apiary.coupling.ballMount, ...change } },
  });
  test('nothing is asked where nobody has measured it; its maker’s reach is missing, kept, or overstepped', () => {
    expect(find(mount({}), 'mount-lever')).toBeUndefined();
    expect(verdictOf(mount({ reachM: inches(8) }), 'mount-lever')).toBe('open');
    expect(verdictOf(mount({ reachM: inches(8), ratedReachM: inches(8) }), 'mount-lever')).toBe('ok');
    expect(verdictOf(mount({ reachM: inches(12), ratedReachM: inches(8) }), 'mount-lever')).toBe('unchecked');
  });
  test('at 12 in its tongue weight asks one and a half times what it asks at 8', () => {
    const found = find(mount({ reachM: inches(12), ratedReachM: inches(8) }), 'mount-lever');
    if (found?.code !== 'mount-lever') throw new Error('no mount');
    expect(found.data.asKg).toBeCloseTo(1.5 * (found.data.tongueKg ?? Number.NaN), 9);
  });
});
