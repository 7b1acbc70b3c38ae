import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { buildChassis } from '../chassis/index.js';
import { evaluate } from '../evaluation/index.js';
import { fromPascals, inches, millimetres, pounds } from '../units/index.js';
import {
  addCrossMember,
  asProject,
  currencyOf,
  findMaterial,
  hasUnevenSizes,
  likeExample,
  metalOfNewSection,
  moveCrossMember,
  newProject,
  openProject,
  overrideBar,
  placeOf,
  removeCrossMember,
  TONGUE_SCHOOLS,
  tireFromCatalog,
  type Trailer,
  trailerOf,
  UNKNOWN_VEHICLE,
  widestGapM,
  withBand,
  withHubFace,
  withRoundSizes,
  withSchool,
  withTire,
  withTrack,
  withWheel,
} from './index.js';
import { VEHICLE_ROWS } from '../catalog/index.js';

const base = sampleTrailer();
const ofCode = (trailer: Trailer, code: string) => evaluate(trailer).findings.filter((found) => found.code === code);

describe('a new section brings its metal', () => {
  const rail = base.frame.groups.rail;
  test.each([
    ['c4x5.4', 36],
    ['l-3x3x3_16', 36],
    ['pipe-3', 30],
  ] as const)('%s counts at its own yield, %d ksi, not at a tube’s 46', (sectionId, ksi) => {
    const found = metalOfNewSection(base, rail, sectionId);
    expect(found.because).toBe('usual');
    expect(fromPascals(findMaterial(base, found.materialId)?.yieldPa ?? 0, 'ksi')).toBeCloseTo(ksi, 6);
  });
  test('a metal that was chosen on purpose stays where such shapes are made in it', () => {
    const chosen = { ...rail, materialId: 'unmarked-tube' };
    expect(metalOfNewSection(base, chosen, 'l-3x3x3_16')).toEqual({ materialId: 'unmarked-tube', because: 'kept' });
  });
  test('a channel in a tube’s metal is a fault, and a small one where the metal is the weaker', () => {
    const railed = (sectionId: string, materialId: string): Trailer => ({
      ...base,
      frame: { ...base.frame, groups: { ...base.frame.groups, rail: { ...rail, sectionId, materialId } } },
    });
    expect(ofCode(railed('c4x5.4', 'a500b'), 'metal-not-of-shape')[0]).toMatchObject({ verdict: 'over' });
    expect(ofCode(railed('c4x5.4', 'a36'), 'metal-not-of-shape')).toEqual([]);
    expect(ofCode(railed('l-3x3x3_16', 'rail-steel'), 'cracks-beside-welds')[0]).toMatchObject({
      verdict: 'unchecked',
    });
  });
});

describe('wheels, tires and hubs', () => {
  const gear = { ...base.runningGear, wheel: { ...base.runningGear.wheel, maxLoadKg: pounds(1820) } };
  test('another rim is another wheel: stamp and studs are missing, not those of the former', () => {
    const small = withTire(gear, tireFromCatalog('480-8b'), pounds(15));
    expect(small.wheel).toMatchObject({ maxLoadKg: null, studCircle: '', rimM: inches(8) });
    expect(ofCode({ ...base, runningGear: small }, 'wheel-load')[0]?.verdict).toBe('open');
    const same = withTire(gear, tireFromCatalog('st205-15d'), pounds(44));
    expect(same.wheel).toMatchObject({ maxLoadKg: pounds(1820), studCircle: gear.wheel.studCircle });
  });
  test('track, hub faces, offset and adapter agree whichever is typed', () => {
    for (const changed of [
      withTrack(gear, inches(80)),
      withHubFace(gear, inches(70)),
      withWheel(gear, { offsetM: 0.02 }),
      withWheel(gear, { adapterM: 0.03 }),
    ])
      expect(ofCode({ ...base, runningGear: changed }, 'widths-differ')).toEqual([]);
    expect(withTrack(gear, inches(80)).axle.hubFaceM).toBeCloseTo(inches(80), 9);
  });
});

describe('cross-members of one’s own', () => {
  test('one that was added may be changed, moved and taken off; nothing is counted twice', () => {
    const placed = buildChassis(base).crossPlaced;
    const added = addCrossMember(base, 'extra.a', widestGapM(placed, base.frame.bed.lengthM));
    const { crossPlaced, members } = buildChassis(added);
    expect(members.filter(({ group }) => group === 'cross')).toHaveLength(4);
    expect(ofCode(added, 'frame-problem')).toEqual([]);
    const changed = overrideBar(added, crossPlaced, 'extra.a', { sectionId: 'hss-3x2x1_8' });
    const own = buildChassis(changed);
    expect(own.members.map(({ id }) => id).filter((id) => id === 'extra.a')).toHaveLength(1);
    expect(own.members).toHaveLength(members.length);
    expect(ofCode(changed, 'frame-problem')).toEqual([]);
    const moved = moveCrossMember(changed, own.crossPlaced, 'cross.1', inches(26));
    expect(buildChassis(moved).members).toHaveLength(members.length);
    expect(buildChassis(removeCrossMember(changed, own.crossPlaced, 'extra.a')).members).toHaveLength(
      members.length - 1,
    );
  });
  test('it lands in the widest gap, never on another', () => {
    expect(widestGapM([{ xM: 1 }, { xM: 1.5 }], 4)).toBeCloseTo(2.75, 12);
    expect(widestGapM([], 4)).toBe(2);
  });
});

describe('an example vehicle', () => {
  const [row] = VEHICLE_ROWS;
  if (!row) throw new Error('no rows');
  test('fills what is empty, never what was typed, and no limit', () => {
    const typed = { ...UNKNOWN_VEHICLE, towLimitKg: pounds(5000), tongueLimitKg: pounds(500), widthM: 1.9 };
    const filled = likeExample(typed, row);
    expect(filled).toMatchObject({ towLimitKg: pounds(5000), tongueLimitKg: pounds(500), likeId: row.id });
    expect(filled.widthM).toBe(1.9);
    expect(filled.wheelbaseM).toBe(row.wheelbaseM);
    expect(likeExample(UNKNOWN_VEHICLE, row)).toMatchObject({ towLimitKg: null, tongueLimitKg: null });
  });
});

describe('where it is built', () => {
  test.each([
    ['en-US', 'imperial', 'north-america', 'USD'],
    ['fr-CA', 'imperial', 'north-america', 'CAD'],
    ['de-AT', 'metric', 'europe', 'EUR'],
    ['en-GB', 'metric', 'europe', 'GBP'],
    ['sv', 'metric', 'europe', 'SEK'],
    ['en-AU', 'metric', 'australia', 'AUD'],
    ['ja-JP', 'metric', undefined, ''],
  ] as const)('%s: %s, %s, %s', (language, units, region, currency) => {
    expect(placeOf(language)).toEqual({ units, region, currency });
  });
  test('a new trailer takes region, school, units, coupler, axle and sections together', () => {
    const made = (language: string) => {
      const place = placeOf(language);
      return newProject({ id: 'x', name: 'X', units: place.units, place, newId: () => 'y' });
    };
    const europe = made('de');
    expect(europe.design.tongueBand).toEqual(TONGUE_SCHOOLS.europe);
    expect(europe.settings).toMatchObject({ tongueSchool: 'europe', regions: ['europe'], currency: 'EUR' });
    expect(europe.design.coupling.ballDiameterM).toBeCloseTo(millimetres(50), 9);
    expect(europe.design.runningGear.suspension.kind).toBe('torsion');
    const america = made('en-US');
    expect(america.design.tongueBand).toEqual(TONGUE_SCHOOLS['north-america']);
    expect(america.design.coupling.ballDiameterM).toBeCloseTo(inches(2), 9);
    for (const { design } of [europe, america, made('en-AU'), made('ja')]) {
      expect(design.wantedTongueShare).toBeGreaterThanOrEqual(design.tongueBand.minShare);
      expect(design.wantedTongueShare).toBeLessThanOrEqual(design.tongueBand.maxShare);
    }
    // Nothing in it is red at once.
    for (const language of ['de', 'en-US', 'en-AU'])
      expect(
        evaluate(trailerOf(made(language)))
          .findings.filter(({ verdict, counts }) => verdict === 'over' && counts)
          .map(({ code }) => code),
      ).toEqual([]);
  });
  test('the wanted share stays within a band that is changed, and a school brings its own', () => {
    expect(withBand(base, { minShare: 0.13 }).wantedTongueShare).toBe(0.13);
    expect(withSchool(base, 'europe').wantedTongueShare).toBe(0.06);
  });
});

describe('other units', () => {
  test('102 in of width become 2590 mm, 50 psi 3.4 bar; round ones stay', () => {
    const wide = { ...base, job: { ...base.job, maxWidthM: inches(102) } };
    expect(hasUnevenSizes(wide, 'metric')).toBe(true);
    const round = withRoundSizes(wide, 'metric');
    expect(round.job.maxWidthM).toBeCloseTo(2.59, 9);
    expect(round.frame.bed.lengthM).toBeCloseTo(2.49, 9);
    expect(round.runningGear.tire.pressure).toBe('3.4 bar');
    expect(hasUnevenSizes(round, 'metric')).toBe(false);
    const back = withRoundSizes(round, 'imperial');
    expect(back.frame.bed.lengthM).toBeCloseTo(inches(98), 9);
    expect(back.runningGear.tire.pressure).toBe('49 psi');
  });
  test('money goes with the units unless another was chosen', () => {
    expect(currencyOf('metric', { currency: 'USD' })).toBe('EUR');
    expect(currencyOf('imperial', { currency: 'EUR' })).toBe('USD');
    expect(currencyOf('metric', { currency: 'CAD' })).toBe('CAD');
  });
});

describe('a file of version 3', () => {
  const opened = (tongueBand: object) => {
    const file = structuredClone(asProject(base)) as unknown as {
      schemaVersion: number;
      design: Record<string, unknown>;
    };
    file.schemaVersion = 3;
    file.design['tongueBand'] = tongueBand;
    const read = openProject(file);
    if (!read.ok) throw new Error('not opened');
    return read.value.design.tongueBand;
  };
  test('that went by Europe’s limits goes by them as they are, one with limits of its own keeps those', () => {
    expect(opened({ minShare: 0.04, maxShare: 0.07, minKg: null, maxKg: 100 })).toEqual(TONGUE_SCHOOLS.europe);
    expect(opened({ minShare: 0.05, maxShare: 0.07, minKg: null, maxKg: 100 })).toEqual({
      minShare: 0.05,
      maxShare: 0.07,
      minKg: null,
      maxKg: 100,
      enoughKg: null,
    });
  });
});
