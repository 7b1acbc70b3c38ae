import { z } from 'zod';
import { cutoutSchema, ownPanelSchema, pieceSchema, tiltSchema } from './bodySchema.js';
import { density, id, length, lengthOrZero, mass, object, place, text } from './fields.js';

export const barSchema = object({
  sectionId: id,
  materialId: id,
  /** which way an open section looks: towards the middle of the trailer, or away from it */
  faces: z.enum(['in', 'out']),
});

const crossMembersSchema = z.discriminatedUnion('kind', [
  object({ kind: z.literal('spacing'), maxSpacingM: length }),
  object({ kind: z.literal('explicit'), members: z.array(object({ id, xM: place })).max(200) }),
]);

/** What every tongue has. */
const anyTongue = {
  /** ball centre to the front face of the bed */
  lengthM: length,
  /** ball's end higher (+) or lower (−) than a tongue straight out of the frame would hold it, by a slope or by a step at the front header */
  rise: object({ kind: z.enum(['level', 'sloped', 'stepped']), byM: z.number().min(-1).max(1) }),
  /** what runs on along the frame lies under it or on top of it; a straight tube may go through it, as high as the rails, bars across cut to it */
  runs: z.enum(['under', 'over', 'through']),
  /** left on at the ball's end, to be cut when all is in place */
  cutLaterM: lengthOrZero,
  /** plate over the front of the tongue, for coupler and jack */
  topPlate: object({ lengthM: length, widthM: length, thicknessM: length }).nullable(),
  /** open ends of closed tubes capped, with a drain left low: of what runs to the ball at both ends, and of side tubes at their rear ones */
  caps: object({ ball: z.boolean(), rear: z.boolean(), sides: z.boolean() }),
};

/** A single tube that folds or comes out for storage, held by pins across it. */
const tongueJointSchema = object({
  kind: z.enum(['fixed', 'folding', 'removable']),
  /** the pins' middle ahead of the front face of the bed */
  aheadM: lengthOrZero,
  pins: z.number().int().min(1).max(2),
  /** from pin to pin along the tongue */
  pinSpacingM: length,
  pinDiameterM: length,
  grade: z.enum(['grade-5', 'grade-8', '8.8', '10.9']),
  /** cheeks to both sides, welded on the rear piece and pinned through the front one; null where tube goes into tube */
  plates: object({ thicknessM: length, heightM: length }).nullable(),
});

const singleTube = {
  ...anyTongue,
  /** how far it runs on under the frame; 0 ends it at the front header */
  underM: lengthOrZero,
  tipBehindBallM: lengthOrZero,
  joint: tongueJointSchema,
};

const tongueSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('a-frame'),
    ...anyTongue,
    /** between the legs; couplers are made for 50° */
    includedAngleRad: z.number().min(0.1).max(2.5),
    /** legs end at the front header, or run on under the frame to the rails */
    rearEnd: z.enum(['header', 'under']),
    /** from the ball back to where the outer faces of the legs meet */
    apexBehindBallM: lengthOrZero,
  }),
  object({ kind: z.literal('straight'), ...singleTube }),
  object({
    kind: z.literal('backbone'),
    ...singleTube,
    /** where the side tubes' front faces meet the backbone's sides, ahead of the front face of the bed */
    sideTubesAheadM: length,
    /** of each side tube to the centre line */
    sideTubeAngleRad: z.number().min(0.1).max(1.4),
  }),
]);

const sidesSchema = z.discriminatedUnion('kind', [
  object({ kind: z.literal('none') }),
  /** posts and top rail; `carries`: welded all round, so that they are part of the frame */
  object({ kind: z.literal('rail'), heightM: length, carries: z.boolean() }),
  object({
    kind: z.literal('boards'),
    heightM: length,
    thicknessM: length,
    densityKgM3: density,
  }),
]);

const deckKindSchema = z.enum(['none', 'plywood', 'planks', 'steel-sheet', 'aluminum-sheet', 'expanded-steel']);

/** Where a bar of one's own begins or ends. */
const barEndSchema = z.discriminatedUnion('kind', [
  /** on the middle line of another bar of the frame, so far from that one's front, left or ball end */
  object({ kind: z.literal('on'), barId: id, atM: lengthOrZero }),
  object({ kind: z.literal('at'), xM: place, yM: place, zM: place }),
  /** so far rearward, to the right and up from the bar's other end */
  object({ kind: z.literal('off'), byXM: place, byYM: place, byZM: place }),
]);

export const ownBarSchema = object({
  id,
  name: text.optional(),
  sectionId: id,
  materialId: id,
  /** about its own line, against standing upright (or, of a bar that stands, deep along the trailer), degrees */
  turnDeg: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
  from: barEndSchema,
  to: barEndSchema,
  /** on an old trailer, and to be cut off: drawn as a ghost, neither weighed nor analysed */
  removed: z.boolean().optional(),
});

export const frameSchema = object({
  bed: object({
    lengthM: length,
    widthM: length,
    corner: z.enum(['rails-through', 'headers-through', 'mitred']),
  }),
  groups: object({ rail: barSchema, header: barSchema, cross: barSchema, tongue: barSchema, side: barSchema }),
  crossMembers: crossMembersSchema,
  extras: z.array(object({ id, xM: place, name: text.optional() })).max(100),
  /** bars from any place to any other: uprights, diagonals, braces */
  ownBars: z.array(ownBarSchema).max(200),
  /** flat parts between bars or at a place: walls, shelves, skins */
  ownPanels: z.array(ownPanelSchema).max(100),
  /** sides, gates, racks and the like, made of such bars and panels */
  pieces: z.array(pieceSchema).max(40),
  /** null: the bed is fixed */
  tilt: tiltSchema.nullable(),
  /** by member id */
  overrides: z.record(
    z.string(),
    object({
      sectionId: id.optional(),
      materialId: id.optional(),
      /** two bars side by side, welded to each other: two pieces, one member */
      doubled: z.boolean().optional(),
      /** of two channels or angles as a box, with plates along it, or with a bar inside it; and how its seams are welded, all along where nothing is said */
      built: object({
        how: z.discriminatedUnion('kind', [
          object({ kind: z.literal('boxed') }),
          object({ kind: z.literal('sleeved'), sectionId: id }),
          object({
            kind: z.literal('plated'),
            faces: z.enum(['bottom', 'top-bottom', 'sides']),
            widthM: length,
            thicknessM: length,
          }),
        ]),
        /** stitches so long, from the middle of one to that of the next */
        stitch: object({ lengthM: length, pitchM: length }).nullable(),
        /** plates or what is inside reach only so far along it, from its front, left or ball end; all along where nothing is said */
        over: object({ fromM: lengthOrZero, toM: length }).optional(),
      }).optional(),
      /** is there already: weighed and analysed, neither cut nor bought */
      existing: z.boolean().optional(),
      /** of two or more lengths that are welded together, end on end: where, along it from its first end */
      splices: z
        .array(object({ atM: lengthOrZero }))
        .max(6)
        .optional(),
      /** drilled through the bar: along it from its first end; through the sides for a bolt across, or from top to bottom */
      holes: z
        .array(object({ atM: lengthOrZero, diameterM: length, through: z.enum(['sides', 'top-bottom']) }))
        .max(40)
        .optional(),
    }),
  ),
  tongue: tongueSchema,
  /** cross-members and headers from which a packer goes down to the tongue that passes under them, by id */
  packers: z.array(id).max(60),
  /** what straps are hooked to on both rails: rings, stake pockets, or a track with fittings */
  tieDowns: object({
    perSide: z.number().int().min(0).max(20),
    /** working load limit stamped on the weakest of ring, strap and hook; null where nobody has read it */
    workingLoadKg: mass.nullable(),
    kind: z.enum(['ring', 'pocket', 'track']),
    /** where they are on both rails, back from the bed's front edge; none: spread evenly, so many to a side */
    places: z.array(place).max(40),
  }),
  /** pairs of stands under both rails, for parking with the springs let off */
  stands: z.array(object({ id, xM: place })).max(3),
  /** incised: boards that were slit for treating, which takes some of their strength */
  deck: object({
    kind: deckKindSchema,
    thicknessM: length,
    seat: z.enum(['recessed', 'on-top']),
    incised: z.boolean(),
    /** of what whole sheets, their length along the trailer or across it; null where nobody has said */
    sheet: object({ lengthM: length, widthM: length, laid: z.enum(['along', 'across']) }).nullable(),
    /** wheel wells, holes: from the deck's front edge and from its left one */
    cutouts: z.array(cutoutSchema).max(20),
  }),
  sides: sidesSchema,
});
