import {
  newPiece,
  type PieceKind,
  PLAIN_TONGUE,
  type OwnBar,
  type Tongue,
  type Trailer,
  FIXED_JOINT,
} from '../src/project/index.js';
import { inches, toRadians } from '../src/units/index.js';
import { sampleTrailer } from './projects.js';

const sample = sampleTrailer();
const framed = (change: Partial<Trailer['frame']>): Trailer => ({ ...sample, frame: { ...sample.frame, ...change } });
const all = (sectionId: string, materialId: string): Trailer['frame']['groups'] => {
  const bar = { sectionId, materialId, faces: 'in' } as const;
  return { rail: bar, header: bar, cross: bar, tongue: bar, side: bar };
};
const STEEL = all('hss-3x2x3_16', 'a500b');
const aFrame = (change: Partial<Extract<Tongue, { kind: 'a-frame' }>> = {}): Tongue => ({
  ...PLAIN_TONGUE,
  kind: 'a-frame',
  lengthM: inches(42),
  includedAngleRad: toRadians(50, 'deg'),
  rearEnd: 'header',
  apexBehindBallM: inches(3),
  ...change,
});
const tube = {
  ...PLAIN_TONGUE,
  lengthM: inches(50),
  underM: 0,
  tipBehindBallM: inches(3),
  joint: FIXED_JOINT,
};
const straight = (change: Partial<Extract<Tongue, { kind: 'straight' }>> = {}): Tongue => ({
  ...tube,
  kind: 'straight',
  ...change,
});
const backbone = (change: Partial<Extract<Tongue, { kind: 'backbone' }>> = {}): Tongue => ({
  ...tube,
  kind: 'backbone',
  sideTubesAheadM: inches(30),
  sideTubeAngleRad: toRadians(25, 'deg'),
  ...change,
});
const on = (barId: string, atIn: number): OwnBar['from'] => ({ kind: 'on', barId, atM: inches(atIn) });
const up = (zIn: number): OwnBar['from'] => ({ kind: 'off', byXM: 0, byYM: 0, byZM: inches(zIn) });
const own = (id: string, from: OwnBar['from'], to: OwnBar['to'], sectionId = 'hss-1x1x1_8'): OwnBar => ({
  id: `bar.${id}`,
  sectionId,
  materialId: 'a500b',
  turnDeg: 0,
  from,
  to,
});
const overridden = (overrides: Trailer['frame']['overrides']): Trailer =>
  framed({ groups: STEEL, tongue: aFrame(), overrides });
const withPieces = (...kinds: readonly PieceKind[]): Trailer => {
  const base = framed({ groups: STEEL, tongue: aFrame() });
  return {
    ...base,
    frame: { ...base.frame, pieces: kinds.map((kind, i) => newPiece(base, 'imperial', kind, `piece.${i}`)) },
  };
};

/** Frames of every make, none of which has a problem. */
export const VARIED_FRAMES: Readonly<Record<string, Trailer>> = {
  'mitred corners': framed({ groups: STEEL, tongue: aFrame(), bed: { ...sample.frame.bed, corner: 'mitred' } }),
  'headers through, channels': framed({
    groups: all('c4x5.4', 'a36'),
    tongue: straight(),
    bed: { ...sample.frame.bed, corner: 'headers-through' },
  }),
  'legs under, sloped': framed({
    groups: STEEL,
    tongue: aFrame({ rearEnd: 'under', rise: { kind: 'sloped', byM: inches(4) } }),
  }),
  'one tube that slopes and folds': framed({
    groups: STEEL,
    tongue: straight({
      rise: { kind: 'sloped', byM: inches(3) },
      joint: { ...FIXED_JOINT, kind: 'folding' },
      caps: { ball: true, rear: true, sides: true },
      topPlate: { lengthM: inches(12), widthM: inches(8), thicknessM: inches(1 / 4) },
    }),
  }),
  'stepped down on uprights': framed({ groups: STEEL, tongue: aFrame({ rise: { kind: 'stepped', byM: inches(-8) } }) }),
  'through the frame': framed({ groups: STEEL, tongue: straight({ runs: 'through', underM: inches(40) }) }),
  'round backbone with round side tubes': framed({
    groups: { ...STEEL, tongue: { sectionId: 'pipe-2', materialId: 'unmarked-tube', faces: 'in' } },
    tongue: backbone(),
  }),
  'legs of two side by side, mitred': overridden({
    'tongue.left': { doubled: true },
    'tongue.right': { doubled: true },
    'rail.left': { splices: [{ atM: inches(30) }] },
  }),
  'plated, sleeved, boxed': {
    ...overridden({
      'rail.left': {
        built: {
          how: { kind: 'plated', faces: 'top-bottom', widthM: inches(1.5), thicknessM: inches(1 / 4) },
          stitch: null,
          over: { fromM: inches(20), toM: inches(60) },
        },
      },
      'cross.2': { built: { how: { kind: 'sleeved', sectionId: 'hss-2x1x1_8' }, stitch: null } },
    }),
  },
  'rails of two channels as a box': {
    ...framed({
      groups: { ...STEEL, rail: { sectionId: 'c3x4.1', materialId: 'a36', faces: 'in' } },
      tongue: aFrame(),
      overrides: Object.fromEntries(
        ['rail.left', 'rail.right'].map((id) => [id, { built: { how: { kind: 'boxed' as const }, stitch: null } }]),
      ),
    }),
  },
  'bars of one’s own': framed({
    groups: STEEL,
    tongue: aFrame(),
    ownBars: [
      own('post', on('rail.left', 24), up(30), 'hss-2x2x1_8'),
      own('brace', on('rail.left', 36), on('bar.post', 10.5)),
    ],
  }),
  'sides and a gate': withPieces('sides', 'gate'),
  'a rack': withPieces('rack'),
};
