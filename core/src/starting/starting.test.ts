import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { VEHICLE_ROWS } from '../catalog/index.js';
import { evaluate, type Evaluation } from '../evaluation/index.js';
import { JOBS } from '../jobs/index.js';
import { openProject, placeOf, type Trailer, trailerOf } from '../project/index.js';
import { inches, pounds } from '../units/index.js';
import { speaker, START_WORDS, startNoteIn } from '../wording/index.js';
import { type Answers, type Started, startingProject } from './index.js';

const began = (language: string) => ({ id: 'trailer.new', loadId: 'item.load', place: placeOf(language) });
const WOOD: Answers = {
  what: 'firewood',
  name: 'Trailer for firewood',
  massKg: pounds(2000),
  lengthM: inches(120),
  widthM: inches(60),
  heightM: inches(30),
  vehicleId: 'vehicle-pickup',
  road: 'road',
  steel: { kind: 'steel' },
};
const start = (part: Partial<Answers> = {}, language = 'en-US'): Started =>
  startingProject({ ...WOOD, ...part }, began(language));
const look = ({ project }: Started): { readonly trailer: Trailer; readonly evaluation: Evaluation } => {
  const trailer = trailerOf(project);
  return { trailer, evaluation: evaluate(trailer) };
};
const codes = ({ notes }: Started): readonly string[] => notes.map(({ code }) => code);
const loaded = ({ cases }: Evaluation) => cases.find(({ loadCase }) => loadCase.id === 'case.loaded');

describe('six answers', () => {
  test('by hand: 60 x 120 in of goods with 2 in about lie on a bed of 66 x 126 in', () => {
    const { trailer } = look(start());
    expect(trailer.frame.bed.widthM).toBeCloseTo(inches(66), 9);
    expect(trailer.frame.bed.lengthM).toBeCloseTo(inches(126), 9);
    // Tire to bed 3 in on each side: 66 + 6.9 + 6 in from wheel to wheel.
    expect(trailer.runningGear.suspension.trackM).toBeCloseTo(inches(72) + trailer.runningGear.tire.widthM, 9);
  });
  test('it opens as any project does, and the goods stand in it as a guess', () => {
    const { project } = start();
    const opened = openProject(JSON.parse(JSON.stringify(project)));
    expect(opened.ok).toBe(true);
    const [item] = trailerOf(project).items;
    expect(item).toMatchObject({ name: 'firewood', massKg: { value: pounds(2000), basis: 'guessed' } });
  });
  test('axle and tires carry what stands on them with a sixth to spare, tires as much as the axle', () => {
    for (const massKg of [300, 900, 1500, 2500]) {
      const { trailer, evaluation } = look(start({ massKg }));
      const { axle, tire, layout } = trailer.runningGear;
      const axles = layout === 'single' ? 1 : 2;
      const standing = loaded(evaluation)?.standing?.axles ?? [];
      const kg = standing.reduce((sum, { loadN }) => sum + loadN, 0) / 9.80665;
      expect((axle.ratingKg ?? 0) * axles).toBeGreaterThan(1.1 * kg);
      expect(2 * (tire.maxLoadKg ?? 0)).toBeGreaterThanOrEqual(axle.ratingKg ?? 0);
      expect(trailer.coupling.ratedGrossKg ?? 0).toBeGreaterThanOrEqual(loaded(evaluation)?.massKg ?? 0);
      expect(trailer.ratedGrossKg ?? 0).toBeGreaterThanOrEqual((loaded(evaluation)?.massKg ?? 0) - pounds(50));
    }
  });
  test('it balances: the loaded tongue has its share, inside the window of all loads', () => {
    for (const language of ['en-US', 'de-DE', 'en-AU'])
      for (const massKg of [200, 700, 1400]) {
        const started = start({ massKg }, language);
        const { trailer, evaluation } = look(started);
        expect(codes(started)).not.toContain('not-balanced');
        expect(evaluation.placement.window.kind).toBe('window');
        expect(loaded(evaluation)?.standing?.tongueShare).toBeCloseTo(trailer.wantedTongueShare, 1);
      }
  });
  test('more than one axle of 5,200 lb carries asks for two, and more than two for none to build at home', () => {
    expect(codes(start({ massKg: 1000 }))).not.toContain('tandem');
    expect(codes(start({ massKg: 3000 }))).toContain('tandem');
    expect(codes(start({ massKg: 9000 }))).toContain('no-axle-for-it');
  });
  test('brakes where the region asks for them: 750 kg in Europe, 3,000 lb in North America', () => {
    const brakes = (massKg: number, language: string) => look(start({ massKg }, language)).trailer.coupling;
    expect(brakes(300, 'de-DE')).toMatchObject({ brakes: 'none', plug: '13-way' });
    expect(brakes(800, 'de-DE')).toMatchObject({ brakes: 'fitted', brakeKind: 'overrun', breakaway: 'fitted' });
    expect(brakes(700, 'en-US')).toMatchObject({ brakes: 'none', plug: '4-way' });
    expect(brakes(1600, 'en-US')).toMatchObject({ brakes: 'fitted', brakeKind: 'electric', plug: '7-way' });
    // Overrun brakes end at 2,000 kg in Australia.
    expect(brakes(1900, 'en-AU').brakeKind).toBe('electric');
    expect(brakes(900, 'en-AU').brakeKind).toBe('overrun');
  });
  test('springs go with the axle: four leaves to 1,750 lb each, six to 2,600', () => {
    const leaves = (massKg: number) => {
      const { axle, suspension } = look(start({ massKg })).trailer.runningGear;
      return [Math.round((axle.ratingKg ?? 0) / pounds(1)), suspension.spring.leaves];
    };
    expect(leaves(900)).toEqual([3500, 4]);
    expect(leaves(1500)).toEqual([5200, 6]);
  });
  test('goods wider than fits between wheels reach over them, and it is said', () => {
    const wide = start({ widthM: inches(96) });
    expect(codes(wide)).toContain('wider-than-between-wheels');
    const { trailer, evaluation } = look(wide);
    expect(trailer.frame.bed.widthM).toBeLessThan(inches(96));
    // No wider over its tires than the law of most places lets by.
    expect(trailer.runningGear.suspension.trackM + trailer.runningGear.tire.widthM).toBeLessThanOrEqual(
      inches(102) + 1e-9,
    );
    expect(evaluation.chassis.problems).toEqual([]);
  });
  test('an example is no limit: the vehicle’s are open, what such ones usually tow is a note', () => {
    const started = start({ massKg: 3200 });
    expect(codes(started)).toContain('vehicle-tows-less');
    expect(look(started).trailer.towVehicle).toMatchObject({ likeId: 'vehicle-pickup', towLimitKg: null });
  });
  test('by hand: a straight tongue, small wheels, no plug, no brakes', () => {
    const cart = start(
      { massKg: 60, lengthM: 1, widthM: 0.6, heightM: 0.5, vehicleId: 'vehicle-by-hand', road: 'rough' },
      'de-DE',
    );
    const { trailer, evaluation } = look(cart);
    expect(trailer.frame.tongue.kind).toBe('straight');
    expect(trailer.coupling).toMatchObject({ plug: 'none', brakes: 'none' });
    expect(trailer.settings.tongueSchool).toBe('muscle-pulled');
    expect(evaluation.findings.filter(({ code, verdict }) => code === 'parts-meet' && verdict === 'over')).toEqual([]);
  });
});

describe('sized', () => {
  const sized = (part: Partial<Answers>, language = 'en-US') =>
    JOBS.start({ answers: { ...WOOD, ...part }, began: began(language) }, { aborted: false }, () => undefined);

  test('the lightest bars that pass; what it weighs then is what its parts were chosen for', async () => {
    const started = await sized({});
    expect(codes(started)).toEqual([]);
    const { trailer, evaluation } = look(started);
    const plain = look(start());
    expect(evaluation.cutList.massKg).toBeLessThan(plain.evaluation.cutList.massKg);
    expect(Math.abs((trailer.ratedGrossKg ?? 0) - (loaded(evaluation)?.massKg ?? 0))).toBeLessThan(pounds(50) + 1);
    const bad = evaluation.findings.filter(
      ({ verdict, step }) => verdict === 'over' && (step === 'frame' || step === 'axle' || step === 'balance'),
    );
    expect(bad.map(({ code }) => code)).toEqual([]);
  }, 60_000);
  test('of what is at hand alone; what does not bear it is said, and drawn all the same', async () => {
    const strong = await sized({ steel: { kind: 'section', sectionId: 'hss-4x2x3_16' } });
    for (const group of ['rail', 'header', 'cross', 'tongue'] as const)
      expect(look(strong).trailer.frame.groups[group].sectionId).toBe('hss-4x2x3_16');
    expect(codes(strong)).not.toContain('not-strong');
    const weak = await sized({ massKg: 1500, steel: { kind: 'section', sectionId: 'tube-1x1x14ga' } });
    expect(codes(weak)).toContain('not-strong');
    expect(look(weak).evaluation.chassis.members.length).toBeGreaterThan(6);
  }, 120_000);
});

describe('whatever is answered', () => {
  test('a trailer that opens, stands and has no hole in its numbers', () => {
    fc.assert(
      fc.property(
        fc.record({
          massKg: fc.double({ min: 10, max: 5000, noNaN: true }),
          lengthM: fc.double({ min: 0.05, max: 10, noNaN: true }),
          widthM: fc.double({ min: 0.05, max: 4, noNaN: true }),
          heightM: fc.double({ min: 0.05, max: 4, noNaN: true }),
          vehicleId: fc.constantFrom(null, 'nobody', ...VEHICLE_ROWS.map(({ id }) => id)),
          road: fc.constantFrom('road' as const, 'rough' as const, 'off-road' as const),
        }),
        fc.constantFrom('en-US', 'de-DE', 'en-AU', 'ja-JP', 'xx'),
        (part, language) => {
          const started = start(part, language);
          const opened = openProject(JSON.parse(JSON.stringify(started.project)));
          expect(opened.ok).toBe(true);
          const { trailer, evaluation } = look(started);
          expect(Number.isFinite(loaded(evaluation)?.massKg)).toBe(true);
          expect(evaluation.chassis.ballXM).toBeLessThan(0);
          expect(trailer.frame.bed.lengthM).toBeGreaterThan(0);
          const say = speaker(trailer);
          for (const note of started.notes)
            for (const words of Object.values(START_WORDS))
              expect(startNoteIn(words, note, say)).not.toMatch(/undefined|NaN|null/);
        },
      ),
      { numRuns: 25 },
    );
  }, 120_000);
});
