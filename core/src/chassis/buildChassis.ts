import type { Trailer } from '../project/index.js';
import { buildBed } from './bed.js';
import { copeInto, withoutCopes } from './cope.js';
import type { ChassisProblem, Member } from './member.js';
import { type BarDraft, buildOwnBars } from './ownBars.js';
import { buildOwnPanels, panelOf } from './ownPanels.js';
import type { Panel } from './panel.js';
import { buildDeck, buildSides, deckTopZM } from './panels.js';
import { draftPieces } from './pieces/index.js';
import { buildPlates, type Plate } from './plates.js';
import { withReinforcement } from './reinforced.js';
import { partedBy } from './tongue/parted.js';
import { buildTongue, type TongueGeometry } from './tongue/buildTongue.js';

/** The frame as it stands in space, from the project alone. */
export interface Chassis {
  readonly members: readonly Member[];
  /** bars of one's own and of ready-made pieces, as they are told: what each end stands on */
  readonly ownBars: readonly BarDraft[];
  readonly panels: readonly Panel[];
  readonly plates: readonly Plate[];
  readonly tongue: TongueGeometry | undefined;
  readonly crossPlaced: readonly { readonly id: string; readonly xM: number }[];
  /** ball centre; negative */
  readonly ballXM: number;
  readonly railWidthM: number;
  readonly railHeightM: number;
  readonly headerWidthM: number;
  readonly deckTopZM: number;
  readonly problems: readonly ChassisProblem[];
  /** on an old trailer and to be taken off: drawn, in no figure */
  readonly goes: { readonly members: readonly Member[]; readonly panels: readonly Panel[] };
}

/** Bars that reach into what is open, without the metal that is cut off their ends for it. */
const coped = (frame: readonly Member[]): readonly Member[] => {
  const byId = new Map(frame.map((member) => [member.id, member]));
  return frame.map((member) => {
    if (member.intoM === 0) return member;
    const onto = member.group === 'tongue' ? ['header.front'] : ['rail.left', 'rail.right'];
    const copes = onto.flatMap((id) => {
      const host = byId.get(id);
      return (host && copeInto(member, host)) ?? [];
    });
    return withoutCopes(member, copes);
  });
};

const build = (trailer: Trailer): Chassis => {
  const problems: ChassisProblem[] = [];
  const bed = buildBed(trailer, problems);
  const tongue = bed && buildTongue(trailer, bed, problems);
  const sides = buildSides(trailer, problems);
  const frame = coped([
    ...partedBy(trailer.frame.tongue, tongue?.members[0], bed?.members ?? []),
    ...(tongue ? [...tongue.members, ...tongue.sideTubes, ...tongue.risers, ...tongue.packers] : []),
    ...sides.members,
  ]);
  const pieces = draftPieces(trailer, frame, problems);
  const stays = <T extends { readonly removed?: boolean | undefined }>(all: readonly T[]): readonly T[] =>
    all.filter(({ removed }) => !removed);
  const ownBars = [...pieces.bars, ...stays(trailer.frame.ownBars)];
  const members = [...frame, ...buildOwnBars(trailer, ownBars, frame, problems)].map(withReinforcement);
  return {
    members,
    ownBars,
    panels: [
      ...(bed ? buildDeck(trailer, bed) : []),
      ...sides.panels,
      ...pieces.panels.flatMap((draft) => panelOf(draft) ?? []),
      ...buildOwnPanels(stays(trailer.frame.ownPanels), members, problems),
    ],
    plates: bed && tongue ? buildPlates(trailer, bed, tongue) : [],
    tongue,
    crossPlaced: bed?.crossPlaced ?? [],
    ballXM: -trailer.frame.tongue.lengthM,
    railWidthM: bed?.railWidthM ?? 0,
    railHeightM: bed?.railHeightM ?? 0,
    headerWidthM: bed?.headerWidthM ?? 0,
    deckTopZM: deckTopZM(trailer),
    problems,
    goes: goesOf(trailer, frame, pieces.bars),
  };
};

/** What is to be taken off, where it is while it is still there. */
const goesOf = (trailer: Trailer, frame: readonly Member[], drafts: readonly BarDraft[]): Chassis['goes'] => {
  const { ownBars, ownPanels } = trailer.frame;
  const ids = new Set([...ownBars, ...ownPanels].filter(({ removed }) => removed).map(({ id }) => id));
  if (ids.size === 0) return { members: [], panels: [] };
  const told: ChassisProblem[] = [];
  const members = [...frame, ...buildOwnBars(trailer, [...drafts, ...ownBars], frame, told)];
  return {
    members: members.filter(({ id }) => ids.has(id)),
    panels: buildOwnPanels(
      ownPanels.filter(({ id }) => ids.has(id)),
      members,
      told,
    ),
  };
};

/** Chassis by what they are built of, last asked last; a few are enough for an edit, its undo and what is compared with it. */
const kept: { readonly of: readonly unknown[]; readonly chassis: Chassis }[] = [];
const KEPT = 8;

/** The chassis is built of frame, gussets and rows of one's own alone: while axle or loads are dragged, it is the very same. */
export const buildChassis = (trailer: Trailer): Chassis => {
  const of = [trailer.frame, trailer.strength.gussets, trailer.ownRows.sections, trailer.ownRows.materials];
  const known = kept.find((one) => one.of.every((value, i) => value === of[i]));
  if (known) return known.chassis;
  const chassis = build(trailer);
  kept.push({ of, chassis });
  if (kept.length > KEPT) kept.shift();
  return chassis;
};
