import type { Project } from '../project/index.js';
import { buildBed } from './bed.js';
import type { ChassisProblem, Member } from './member.js';
import { buildDeck, buildSides, deckTopZM, type Panel } from './panels.js';
import { buildPlates, type Plate } from './plates.js';
import { buildTongue, type TongueGeometry } from './tongue/buildTongue.js';

/** The frame as it stands in space, from the project alone. */
export interface Chassis {
  readonly members: readonly Member[];
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
}

export const buildChassis = (project: Project): Chassis => {
  const problems: ChassisProblem[] = [];
  const bed = buildBed(project, problems);
  const tongue = bed && buildTongue(project, bed, problems);
  const sides = buildSides(project, problems);
  return {
    members: [
      ...(bed?.members ?? []),
      ...(tongue ? [...tongue.members, ...tongue.sideTubes, ...tongue.risers] : []),
      ...sides.members,
    ],
    panels: [...(bed ? buildDeck(project, bed) : []), ...sides.panels],
    plates: bed && tongue ? buildPlates(project, bed, tongue) : [],
    tongue,
    crossPlaced: bed?.crossPlaced ?? [],
    ballXM: -project.frame.tongue.lengthM,
    railWidthM: bed?.railWidthM ?? 0,
    railHeightM: bed?.railHeightM ?? 0,
    headerWidthM: bed?.headerWidthM ?? 0,
    deckTopZM: deckTopZM(project),
    problems,
  };
};
