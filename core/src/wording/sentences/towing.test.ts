import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject } from '../../../test/projects.js';
import { DEMO_TRAILERS } from '../../demos/index.js';
import { type AnyFinding, evaluate } from '../../evaluation/index.js';
import { FIXED_JOINT, PLAIN_TONGUE, type Trailer, UNKNOWN_VEHICLE } from '../../project/index.js';
import { inches, pounds, toRadians } from '../../units/index.js';
import { printWorking, sentenceOf, speaker } from '../index.js';

const [apiary, , telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
type Vehicle = NonNullable<Trailer['towVehicle']>;
const vehicle = (change: Partial<Vehicle>, trailer = apiary): Trailer => ({
  ...trailer,
  towVehicle: { ...(trailer.towVehicle ?? UNKNOWN_VEHICLE), ...change },
});
const coupling = (change: Partial<Trailer['coupling']>, trailer = apiary): Trailer => ({
  ...trailer,
  coupling: { ...trailer.coupling, ...change },
});
const chain = (change: Partial<Trailer['coupling']['safetyChain']>): Trailer =>
  coupling({ safetyChain: { ...apiary.coupling.safetyChain, ...change } });
const job = (change: Partial<Trailer['job']>): Trailer => ({ ...apiary, job: { ...apiary.job, ...change } });
const straight = (change: object): Trailer => ({
  ...apiary,
  frame: {
    ...apiary.frame,
    tongue: {
      ...PLAIN_TONGUE,
      kind: 'straight',
      lengthM: inches(50),
      underM: inches(40),
      tipBehindBallM: inches(3),
      joint: FIXED_JOINT,
      ...change,
    },
  },
});
const said = (trailer: Trailer, code: AnyFinding['code']): string => {
  const found = evaluate(trailer).findings.find((finding) => finding.code === code);
  if (!found) throw new Error(`no ${code}`);
  return sentenceOf(found, speaker(trailer));
};

describe('what is said of tongue, hardware and towing', () => {
  test.each<readonly [string, Trailer, AnyFinding['code'], RegExp]>([
    ['turns far enough', apiary, 'turns-clear', /^Turned by 76° Spare wheel touches the vehicle; 70° is wanted\.$/],
    ['turns too little', job({ turnRad: 1.38 }), 'turns-clear', /A tongue .* longer clears it\.$/],
    ['nothing touches', telescope, 'turns-clear', /^Turned to 90° nothing touches the vehicle/],
    ['tailgate has room', apiary, 'tailgate-hits', /^The open tailgate reaches 21" of 26" that there are\.$/],
    [
      'tailgate strikes',
      vehicle({ tailgateReachM: inches(30) }),
      'tailgate-hits',
      /strikes Spare wheel, 26" away\. A tongue 4" longer lets it open\.$/,
    ],
    [
      'tailgate passes over',
      vehicle({ tailgateReachM: inches(30), tailgateHeightM: inches(90) }),
      'tailgate-hits',
      /^The open tailgate passes .* over everything in front\.$/,
    ],
    [
      'a dip',
      coupling({ jack: { ...apiary.coupling.jack, swings: false } }),
      'ramp-clear',
      /^Through a dip of 8° the jack’s foot comes within .* of the road/,
    ],
    [
      'a hard dip',
      job({ rampRad: toRadians(20, 'deg') }),
      'ramp-clear',
      /strikes .* The coupling tips by .*, more than couplings must allow\.$/,
    ],
    [
      'shortest',
      apiary,
      'tongue-shortest',
      /^The shortest tongue that clears is 4' 1 5\/8", because of the turn; yours is 4' 2"\.$/,
    ],
    [
      'lane too narrow',
      job({ laneM: 2.5 }),
      'lane-swept',
      /on a circle of 25 ft, .*It does not go through without backing up\.$/,
    ],
    [
      'level',
      apiary,
      'tows-level',
      /A ball 3\/4" lower levels it\. The nearest mount that is sold: 3 1\/4" of drop, 1\/2" too low with it\./,
    ],
    [
      'hitch unknown',
      vehicle({ hitchHeightM: null }),
      'tows-level',
      /How high the vehicle holds its ball is missing\.$/,
    ],
    ['too low', vehicle({ hitchHeightM: inches(13) }), 'tows-level', /nose down\. A ball .* higher levels it\./],
    ['loads differ', apiary, 'level-spread', /^Its loads ride 1 1\/8" apart at the ball/],
    [
      'hitch over deck',
      vehicle({ hitchHeightM: inches(40) }),
      'hitch-above-deck',
      /^The vehicle’s hitch at 3' 4" stands higher/,
    ],
    [
      'tips',
      apiary,
      'rolls-over',
      /On paper it tips sideways at 1\.12 g: on a slope of 48\.1°, or in a curve of 130 ft at 47 mph\./,
    ],
    ['tips, metric', telescope, 'rolls-over', /in a curve of 40 m at 72 km\/h\./],
    ['off-tracks', apiary, 'off-tracks', /^Round a corner of 25 ft its wheels run .* inside the ball’s circle\.$/],
    [
      'vehicle’s axles',
      apiary,
      'vehicle-axles',
      /421 lb more on the vehicle’s rear axle and takes 122 lb off its front one, 4\.5 % of what it bears\.$/,
    ],
    [
      'rear axle’s limit',
      vehicle({ rearAxleLimitKg: pounds(2600) }),
      'vehicle-axles',
      /That makes 2,485 lb of 2,600 lb behind, before anybody gets in\.$/,
    ],
    [
      'braking, braked',
      apiary,
      'braking-adds',
      /^Its own brakes stop it at 0\.5\d g, Full hives, and that presses the ball down with \d+ lb more\. /,
    ],
    ['braking, unbraked', telescope, 'braking-adds', /the rig takes 1\.4 times as far to stop as the vehicle alone\.$/],
    ['a hill', apiary, 'hill-pulls', /^On a hill of 12 % it pulls with 316 lbf/],
    ['by hand', vehicle({ kind: 'muscle' }, telescope), 'hand-pull', /the handle carries 60 kg\.$/],
    [
      'weakest by the ball',
      apiary,
      'weakest-link',
      /^The weakest link is the tow vehicle: it may bear 500 lb on the ball and bears 298 lb, 60 %\.$/,
    ],
    [
      'weakest by pull',
      coupling({ ratedGrossKg: pounds(2000) }),
      'weakest-link',
      /^The weakest link is the coupler: it may pull 2,000 lb, the trailer may weigh 2,900 lb, 145 %\.$/,
    ],
    [
      'unread',
      coupling({ receiver: { ratedKg: null, tongueKg: null } }),
      'weakest-link',
      /Not read yet: hitch on the vehicle\. Each has a stamp/,
    ],
    ['ball fits', apiary, 'ball-fits', /^Ball and coupler are both 2"\.$/],
    [
      'ball too small',
      coupling({ ball: { ...apiary.coupling.ball, diameterM: 0.05 } }),
      'ball-fits',
      /50\.0 mm .* made for 50\.8 mm .* it comes off in a bump/,
    ],
    [
      'ball unknown',
      coupling({ ball: { ...apiary.coupling.ball, diameterM: null } }),
      'ball-fits',
      /it is stamped on its top\.$/,
    ],
    [
      'hole too small',
      coupling({ ball: { ...apiary.coupling.ball, holeM: inches(0.75) } }),
      'ball-hole',
      /Never file it thinner\.$/,
    ],
    ['pintle', coupling({ kind: 'pintle' }), 'coupling-kind', /^Pintle and eye clatter/],
    ['three axes', coupling({ kind: 'three-axis' }), 'coupling-kind', /must be a tested one with its own plate/],
    ['no chains', coupling({ chains: 'none' }), 'chains', /^No safety chains\. Fit two, crossed/],
    ['chains undecided', coupling({ chains: 'not-decided' }), 'chains', /not decided yet\.$/],
    ['chains on the coupler', chain({ heldOn: 'coupler' }), 'chains', /go where it goes/],
    ['chains uncrossed', chain({ crossed: false }), 'chains', /^Cross the chains under the tongue/],
    [
      'chains held somehow',
      chain({ heldOn: 'not-decided' }),
      'chains',
      /Where the chains are held on the trailer is missing/,
    ],
    ['one chain', chain({ count: 1 }), 'chain-strength', /^North America asks for 2 chains; 1 hangs here\.$/],
    ['chain unread', chain({ breaksAtKg: null }), 'chain-strength', /class 2\. What yours break at is missing/],
    ['Europe’s chain', telescope, 'chain-strength', /not worked out here; ask your own authority/],
    ['chain short', chain({ lengthM: inches(12) }), 'chain-length', /It tears off before that\./],
    ['chain long', chain({ lengthM: inches(40) }), 'chain-length', /strikes the road: shorten it\.$/],
    ['no breakaway', coupling({ breakaway: 'none' }), 'breakaway', /asks for a breakaway that sets its brakes/],
    ['breakaway?', coupling({ breakaway: 'not-decided' }), 'breakaway', /whether a breakaway is fitted is missing\.$/],
    ['what works the brakes?', coupling({ brakeKind: 'not-decided' }), 'brake-kind', /say what works the brakes/],
    ['overrun', coupling({ brakeKind: 'overrun' }), 'brake-kind', /overrun brakes are allowed to 11,550 lb\.$/],
    ['plug?', coupling({ plug: 'not-decided' }), 'plug', /^Which plug carries the lights is missing\.$/],
    [
      'jack unread',
      coupling({ jack: { fitted: true, swings: false, foot: 'foot', ratedKg: null, shortM: null, longM: null } }),
      'jack-rating',
      /read its stamp\.$/,
    ],
    [
      'jack short',
      coupling({ jack: { ...apiary.coupling.jack, longM: inches(14) } }),
      'jack-reach',
      /too short\. Take a drop leg\./,
    ],
    [
      'jack drags',
      coupling({ jack: { ...apiary.coupling.jack, swings: false, foot: 'foot', shortM: inches(30) } }),
      'jack-reach',
      /drags on the road: take one that swings up\.$/,
    ],
    ['D unread', coupling({ dValueN: null }, telescope), 'd-value', /what is stamped on its plate is missing\.$/],
    ['D read', telescope, 'd-value', /Behind this vehicle that is enough for 1,109 kg\.$/],
    ['coupler’s height', telescope, 'coupler-height', /within 395 mm to 465 mm\.$/],
    [
      'slope under the frame',
      straight({ rise: { kind: 'sloped', byM: -0.1 } }),
      'frame-problem',
      /bends at the front header/,
    ],
    [
      'step up under the frame',
      straight({ rise: { kind: 'stepped', byM: 0.1 } }),
      'frame-problem',
      /can only be stepped down/,
    ],
    [
      'step too small',
      straight({ underM: 0, rise: { kind: 'stepped', byM: 0.02 } }),
      'frame-problem',
      /leaves tongue and header overlapping/,
    ],
    [
      'joint off the tongue',
      straight({ joint: { ...FIXED_JOINT, kind: 'folding', aheadM: 3 } }),
      'frame-problem',
      /is not on the tongue/,
    ],
    [
      'pins',
      straight({ joint: { ...FIXED_JOINT, kind: 'removable' } }),
      'tongue-pins',
      /^The removable tongue’s pins bear/,
    ],
    [
      'one pin',
      straight({ joint: { ...FIXED_JOINT, kind: 'folding', pins: 1 } }),
      'one-pin-folds',
      /^A folding tongue on one pin is a hinge/,
    ],
    [
      'stored',
      straight({ joint: { ...FIXED_JOINT, kind: 'folding' } }),
      'overall-length',
      /Stored with the tongue away: 10' 6"\./,
    ],
  ])('%s', (_name, trailer, code, words) => {
    expect(said(trailer, code)).toMatch(words);
  });
  test('whatever the trailer: whole sentences, no gap in them, never “safe”; workings print', () => {
    fc.assert(
      fc.property(anyProject, fc.boolean(), (trailer, hand) => {
        const towed: Trailer = {
          ...trailer,
          towVehicle: {
            ...UNKNOWN_VEHICLE,
            kind: hand ? 'muscle' : 'vehicle',
            massKg: 1600,
            wheelbaseM: 2.7,
            ballBehindAxleM: 1,
            hitchHeightM: 0.45,
            tailgateReachM: 0.4,
            rearAxleLimitKg: 1100,
          },
          coupling: { ...apiary.coupling, brakes: 'none' },
          settings: { ...trailer.settings, regions: ['north-america', 'europe', 'australia'] },
        };
        const say = speaker(towed);
        for (const finding of evaluate(towed).findings) {
          const text = sentenceOf(finding, say);
          expect(text).toMatch(/[.?]$/);
          expect(text).not.toMatch(/undefined|NaN|null|\[object|\bsafe\b|Infinity/);
          for (const line of finding.working) expect(printWorking(line, towed.settings.units)).toBeDefined();
        }
      }),
      { numRuns: 40 },
    );
  });
});
