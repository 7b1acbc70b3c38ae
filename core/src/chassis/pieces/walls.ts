import type { BarEnd, Piece, SheetFill } from '../../project/index.js';
import type { BarBox } from '../barBoxes.js';
import type { PanelDraft } from '../ownPanels.js';
import { at, type Draft, nameOf, SIDES, type Foot, footAcross, footOnRail, spread } from './site.js';

type Edge = Extract<Piece, { kind: 'gate' }>['edge'];

/** Posts on rails and headers with a rail on top, round the bed or on some of its edges. */
export interface Walls {
  readonly edges: readonly Edge[];
  /** above the deck */
  readonly heightM: number;
  readonly postSpacingM: number;
  readonly midRails: number;
  readonly fill: SheetFill | null;
  /** on which face of the posts the fill lies */
  readonly face: 'inside' | 'outside';
  /** part of the frame; else it hangs on what it stands on */
  readonly carries: boolean;
  /** what fills or skins them is fastened to all posts and rails, and holds them square */
  readonly fillCarries: boolean;
  /** middle of the side walls from the trailer's middle; past the rails they stand on sills that arms from the rails hold */
  readonly sideYM: number;
  readonly cutouts: (edge: Edge) => PanelDraft['cutouts'];
}

interface Post {
  readonly role: string;
  /** along the wall */
  readonly atM: number;
  readonly foot: Foot;
}
interface Wall {
  readonly edge: Edge;
  readonly posts: readonly Post[];
  readonly hostIds: readonly string[];
}

const alongTrailer = (edge: Edge): boolean => edge === 'left' || edge === 'right';
const cornerRole = (xEnd: 'front' | 'rear', side: -1 | 1): string => `post.${xEnd}.${side < 0 ? 'left' : 'right'}`;

/** Where a post of a side wall stands. */
type SideFoot = (side: -1 | 1, xM: number) => Foot | undefined;

/** Nearer to the rails than this the walls stand on them, m. */
const ON_RAILS_M = 0.005;

/**
 * The feet of the side walls: on the rails; or on sills beside them, level with the rails' middle, with an arm from the rail to the sill under
 * each post.
 */
const sideFeet = (draft: Draft, { sideYM, postSpacingM, edges }: Walls): SideFoot => {
  const { site, size, bar, barId } = draft;
  const { frontXM, rearXM, railYM } = site;
  const onRail: SideFoot = (side, xM) => footOnRail(site, side, xM);
  const rail = site.hosts.get('rail.left');
  if (!rail || sideYM - railYM < ON_RAILS_M) return onRail;
  const zM = rail.line.start[2];
  const startXM = frontXM - size.heightM / 2;
  for (const side of SIDES) {
    const name = nameOf(side);
    if (!edges.includes(name)) continue;
    bar(`sill.${name}`, at(startXM, side * sideYM, zM), at(rearXM + size.heightM / 2, side * sideYM, zM));
    spread(frontXM, rearXM, postSpacingM).forEach((xM, i) => {
      const foot = onRail(side, xM);
      const end: BarEnd = { kind: 'on', barId: barId(`sill.${name}`), atM: xM - startXM };
      if (foot) bar(`arm.${name}.${i + 1}`, foot.end, end);
    });
  }
  return (side, xM) => ({
    end: { kind: 'on', barId: barId(`sill.${nameOf(side)}`), atM: xM - startXM },
    hostId: barId(`sill.${nameOf(side)}`),
    topZM: zM + size.heightM - size.middleM,
  });
};

/** Corner posts of one wall and those between them, from its front or left end. */
const postsOf = (
  { site }: Draft,
  { postSpacingM: spacingM, sideYM }: Walls,
  edge: Edge,
  sideFoot: SideFoot,
): readonly Post[] => {
  const { frontXM, rearXM } = site;
  const post = (role: string, atM: number, foot: Foot | undefined): Post[] => (foot ? [{ role, atM, foot }] : []);
  if (alongTrailer(edge)) {
    const side = edge === 'left' ? -1 : 1;
    const places = spread(frontXM, rearXM, spacingM);
    return places.flatMap((xM, i) => {
      const role =
        i === 0 ? cornerRole('front', side) : i === places.length - 1 ? cornerRole('rear', side) : `post.${edge}.${i}`;
      return post(role, xM, sideFoot(side, xM));
    });
  }
  const end = edge === 'front' ? 'front' : 'rear';
  const xM = end === 'front' ? frontXM : rearXM;
  const places = spread(-sideYM, sideYM, spacingM);
  return places.flatMap((yM, i) => {
    const side = i === 0 ? -1 : i === places.length - 1 ? 1 : undefined;
    return side === undefined
      ? post(`post.${edge}.${i}`, yM, footAcross(site, xM, yM))
      : post(cornerRole(end, side), yM, sideFoot(side, xM));
  });
};

/** Walls of posts and a top rail, what fills or skins them, and bars between the posts; gives the bars that they stand on. */
export const buildWalls = (draft: Draft, walls: Walls): readonly string[] => {
  const { site, size, bar, barId } = draft;
  const { frontXM, rearXM, deckZM } = site;
  const { sideYM } = walls;
  const has = (edge: Edge): boolean => walls.edges.includes(edge);
  const sideFoot = sideFeet(draft, walls);
  const topZM = deckZM + walls.heightM - size.heightM + size.middleM;
  const all = walls.edges.map((edge): Wall => {
    const posts = postsOf(draft, walls, edge, sideFoot);
    return { edge, posts, hostIds: [...new Set(posts.map(({ foot }) => foot.hostId))] };
  });
  const hungOf = ({ hostIds }: Wall): readonly string[] | undefined => (walls.carries ? undefined : hostIds);
  const reachM = size.heightM / 2;
  const topStartXM = frontXM - reachM;

  // Top rails: along the sides from end to end, across between those of the sides.
  for (const wall of all) {
    const options = { hungOn: hungOf(wall) };
    if (alongTrailer(wall.edge)) {
      const yM = wall.edge === 'left' ? -sideYM : sideYM;
      bar(`top.${wall.edge}`, at(topStartXM, yM, topZM), at(rearXM + reachM, yM, topZM), options);
      continue;
    }
    const xM = wall.edge === 'front' ? frontXM : rearXM;
    const endOn = (side: -1 | 1): BarEnd => {
      const edge = side < 0 ? 'left' : 'right';
      return has(edge)
        ? { kind: 'on', barId: barId(`top.${edge}`), atM: xM - topStartXM }
        : at(xM, side * (sideYM + size.widthM / 2), topZM);
    };
    bar(`top.${wall.edge}`, endOn(-1), endOn(1), options);
  }

  const built = new Set<string>();
  for (const wall of all) {
    const { edge, posts } = wall;
    const along = alongTrailer(edge);
    posts.forEach(({ role, atM, foot }) => {
      if (built.has(role)) return;
      built.add(role);
      // A corner post stands under the side's top rail where there is one.
      const sideEdge = atM < 0 ? 'left' : 'right';
      const corner = !along && Math.abs(Math.abs(atM) - sideYM) < 1e-9;
      const [xM, yM] = along ? [atM, edge === 'left' ? -sideYM : sideYM] : [edge === 'front' ? frontXM : rearXM, atM];
      const under = along ? edge : corner && has(sideEdge) ? sideEdge : edge;
      const topAtM = under === 'left' || under === 'right' ? xM - topStartXM : undefined;
      const acrossAtM = (): number => (has('left') ? yM + sideYM - size.widthM / 2 : yM + sideYM + size.widthM / 2);
      bar(
        role,
        foot.end,
        { kind: 'on', barId: barId(`top.${under}`), atM: Math.max(0, topAtM ?? acrossAtM()) },
        { hungOn: hungOf(wall), turnDeg: under === 'front' || under === 'rear' ? 90 : 0 },
      );
    });
    for (let k = 1; k <= walls.midRails; k += 1) {
      const zM = deckZM + ((walls.heightM - size.heightM) * k) / (walls.midRails + 1);
      posts.slice(1).forEach((post, i) => {
        const before = posts[i] as Post;
        const on = ({ role, foot }: Post): BarEnd => ({ kind: 'on', barId: barId(role), atM: zM - foot.topZM });
        bar(`mid.${edge}.${k}.${i + 1}`, on(before), on(post), { hungOn: hungOf(wall) });
      });
    }
    if (walls.fill)
      draft.panel(
        walls.face === 'outside' ? `skin.${edge}` : `fill.${edge}`,
        walls.fill,
        along ? 'along' : 'across',
        fillBox(draft, walls, edge),
        {
          cutouts: walls.cutouts(edge),
          carries: walls.carries && walls.fillCarries,
          heldBy: walls.carries ? [barId(`top.${edge}`), ...posts.map(({ role }) => barId(role))] : wall.hostIds,
        },
      );
  }
  return [...new Set(all.flatMap(({ hostIds }) => hostIds))];
};

/** Fills lie between the front's and the rear's on the sides' inner faces; skins reach round the corners. */
const fillBox = ({ site, size }: Draft, { fill, face, heightM, edges, sideYM }: Walls, edge: Edge): BarBox => {
  const { frontXM, rearXM, deckZM } = site;
  const t = fill?.thicknessM ?? 0;
  const levels = { z0M: deckZM, z1M: deckZM + heightM };
  const [deep, wide] = [size.heightM / 2, size.widthM / 2];
  const outside = face === 'outside';
  const has = (other: Edge): boolean => edges.includes(other);
  if (alongTrailer(edge)) {
    const side = edge === 'left' ? -1 : 1;
    const near = outside ? sideYM + wide : sideYM - wide - t;
    const [y0M, y1M] = side < 0 ? [-near - t, -near] : [near, near + t];
    const inset = (end: Edge): number => (outside ? -deep : has(end) ? deep : 0);
    return { x0M: frontXM + inset('front'), x1M: rearXM - inset('rear'), y0M, y1M, ...levels };
  }
  const [xM, away] = edge === 'front' ? [frontXM, -1] : [rearXM, 1];
  const near = outside ? deep : -deep - t;
  const [a, b] = [xM + away * near, xM + away * (near + t)];
  const reach = outside ? sideYM + wide + t : sideYM - wide - (has('left') || has('right') ? t : 0);
  return { x0M: Math.min(a, b), x1M: Math.max(a, b), y0M: -reach, y1M: reach, ...levels };
};
