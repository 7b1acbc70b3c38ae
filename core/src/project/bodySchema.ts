import { z } from 'zod';
import { id, length, lengthOrZero, object, place, text } from './fields.js';

/** Sheet goods and what else is flat. */
export const sheetKindSchema = z.enum([
  'plywood',
  'planks',
  'steel-sheet',
  'aluminum-sheet',
  'expanded-steel',
  'welded-mesh',
  'foam-board',
]);

/** What a frame of bars is filled or skinned with. */
const fillSchema = object({ kind: sheetKindSchema, thicknessM: length });

/** Where a flat part lies. Its bars: the two that it reaches from and to, on the face of them that looks so. */
const panelPlaceSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('between'),
    barIds: z.tuple([id, id]),
    /** in the middle of the bars, or on their outer face: away from the trailer's middle, or upward */
    face: z.enum(['middle', 'outer', 'inner']),
  }),
  object({
    kind: z.literal('at'),
    /** lies flat, stands along the trailer, or stands across it */
    plane: z.enum(['flat', 'along', 'across']),
    /** its middle: height above the rails, right of the trailer's middle, or back from the bed's front edge */
    atM: place,
    /** back from the front edge; of one that stands across, right of the middle */
    fromM: place,
    toM: place,
    /** above the rails; of one that lies flat, right of the middle */
    lowM: place,
    highM: place,
  }),
]);

/** A window, a door, a wheel well: from the panel's front or left edge and from its lower edge. */
export const cutoutSchema = object({ id, alongM: lengthOrZero, upM: lengthOrZero, lengthM: length, heightM: length });

export const ownPanelSchema = object({
  id,
  name: text.optional(),
  sheet: fillSchema,
  place: panelPlaceSchema,
  cutouts: z.array(cutoutSchema).max(20),
  /** is there already: weighed, and not bought */
  existing: z.boolean(),
  /** fastened to all bars along its edges, so that it holds them square: in the frame analysis by its shear */
  carries: z.boolean(),
  /** on an old trailer, and to be taken off: drawn as a ghost, not weighed */
  removed: z.boolean().optional(),
});

const edgeSchema = z.enum(['left', 'right', 'front', 'rear']);

/** What every ready-made piece has: one section for its bars; any bar of it may be given its own. */
const anyPiece = { id, name: text.optional(), sectionId: id, materialId: id };

const openingSchema = object({
  id,
  edge: edgeSchema,
  /** from the wall's front or left end */
  alongM: lengthOrZero,
  /** above the deck */
  upM: lengthOrZero,
  lengthM: length,
  heightM: length,
});

export const pieceSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('sides'),
    ...anyPiece,
    edges: object({ left: z.boolean(), right: z.boolean(), front: z.boolean(), rear: z.boolean() }),
    /** above the deck */
    heightM: length,
    postSpacingM: length,
    /** bars from post to post below the top rail */
    midRails: z.number().int().min(0).max(10),
    fill: fillSchema.nullable(),
    /** welded all round and part of the frame; else it weighs on it, and is not in the analysis */
    carries: z.boolean(),
  }),
  object({
    kind: z.literal('gate'),
    ...anyPiece,
    edge: edgeSchema,
    /** its middle, back from the bed's front edge or right of the middle */
    atM: place,
    widthM: length,
    heightM: length,
    /** uprights inside its frame */
    bars: z.number().int().min(0).max(30),
    /** between the gate's lower bar and the deck's level */
    gapM: lengthOrZero,
    fill: fillSchema.nullable(),
    /** let down, it hangs on chains, or lies on the ground as a ramp */
    held: z.enum(['chains', 'ground']),
  }),
  object({
    kind: z.literal('headboard'),
    ...anyPiece,
    /** its middle, back from the bed's front edge */
    atM: place,
    heightM: length,
    /** on the rails, and between them on what runs across there */
    posts: z.number().int().min(2).max(12),
    midRails: z.number().int().min(0).max(10),
    fill: fillSchema.nullable(),
  }),
  object({
    kind: z.literal('rack'),
    ...anyPiece,
    fromM: place,
    toM: place,
    /** pairs of uprights, evenly spread */
    hoops: z.number().int().min(2).max(12),
    /** top of its bars across, above the deck */
    heightM: length,
    /** how far its bars across reach past the uprights */
    overhangM: lengthOrZero,
    /** bars along both sides from the first pair to the last */
    longBars: z.boolean(),
    /** a diagonal on each side, between the first two pairs */
    braced: z.boolean(),
    /** bars from the ends of those across, up and outward: for what is long and light between them */
    horns: object({ heightM: length, outM: lengthOrZero }).optional(),
  }),
  object({
    kind: z.literal('body'),
    ...anyPiece,
    /** of its walls, above the deck */
    heightM: length,
    postSpacingM: length,
    /** its bars are part of the frame; else it weighs on the frame, and is not in the analysis */
    carries: z.boolean(),
    /** its skins are fastened to all posts and rails, and hold them square by their shear */
    skinCarries: z.boolean(),
    /** how far its walls stand out past the bed's sides, on arms from the rails */
    overhangM: lengthOrZero,
    skin: fillSchema,
    roof: fillSchema.nullable(),
    /** between the posts and under the roof */
    insulation: fillSchema.nullable(),
    openings: z.array(openingSchema).max(40),
  }),
  object({
    kind: z.literal('upper-frame'),
    ...anyPiece,
    fromM: place,
    toM: place,
    /** top of its bars above the rails' top */
    heightM: length,
    /** how far it reaches past the bed's sides */
    overhangM: lengthOrZero,
    spacingM: length,
    fill: fillSchema.nullable(),
  }),
  object({
    kind: z.literal('shelf'),
    ...anyPiece,
    /** ahead of the bed's front edge */
    fromM: lengthOrZero,
    toM: length,
    widthM: length,
    fill: fillSchema.nullable(),
  }),
  object({
    kind: z.literal('bumper'),
    ...anyPiece,
    /** its rear face behind the bed's rear edge */
    behindM: length,
    widthM: length,
    /** its middle above (+) or below the rails' top */
    levelM: place,
  }),
  /** over the wheels, one to each side */
  object({
    kind: z.literal('fender'),
    ...anyPiece,
    /** its middle, back from the bed's front edge */
    atM: place,
    lengthM: length,
    /** how far it reaches past the bed's sides */
    overhangM: length,
    /** underside of its top above the rails' top */
    levelM: place,
    /** how far its outside hangs down */
    skirtM: lengthOrZero,
    fill: fillSchema,
    /** somebody steps on it */
    standOn: z.boolean(),
  }),
  object({
    kind: z.literal('step'),
    ...anyPiece,
    edge: edgeSchema,
    /** its middle, back from the bed's front edge or right of the middle */
    atM: place,
    widthM: length,
    /** from what it hangs on down to its own lower edge */
    dropM: length,
    /** outward */
    depthM: length,
    fill: fillSchema.nullable(),
  }),
  object({
    kind: z.literal('receiver'),
    ...anyPiece,
    /** its mouth behind the rear header's middle */
    behindM: length,
  }),
  object({
    kind: z.literal('spare'),
    ...anyPiece,
    edge: edgeSchema,
    /** its middle, back from the bed's front edge or right of the middle */
    atM: place,
    /** the wheel's middle above the rails' top */
    levelM: place,
    /** with a wheel as the trailer's own on it */
    wheel: z.boolean(),
  }),
]);

/** A bed that tips about a pivot across it, to be driven on. */
export const tiltSchema = object({
  /** back from the bed's front edge */
  pivotXM: place,
  latchXM: place,
  /** one pin to each side */
  pinDiameterM: length,
});
