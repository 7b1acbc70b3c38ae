import type { Member } from '../../chassis/index.js';
import { type InnerAt, innerAt, type MemberPieces } from '../../frame-analysis/index.js';
import type { Trailer } from '../../project/index.js';
import { elementLines } from '../frame-model/bearings.js';
import type { PanelBay } from '../frame-model/shearPanels.js';
import { type TrailerFrame } from '../frame-model/trailerFrame.js';
import { type OpinionId, opinionOf } from '../situations/opinions.js';
import { type SituationId } from '../situations/situations.js';
import type {
  BoltResult,
  FatigueResult,
  HoleResult,
  Governing,
  HangerResult,
  MemberResult,
  OpinionResult,
  RunBalance,
  PanelShearResult,
  RunKey,
  SeamResult,
  WallResult,
  WeldResult,
} from './analysis.js';
import { type ElementStrength } from './bracing.js';
import {
  couplerBolts,
  governing,
  hangerForceN,
  hangerPlaces,
  hangerResult,
  hangerShare,
  type HardestPlace,
  hardestPlace,
  type HardPlace,
  holeCheck,
  holePlaces,
  limitOf,
} from './checks.js';
import { bayFlowNM } from './panelShear.js';
import { largestFlowNM, type SeamPlace, seamPlaces, weldedShare } from './seams.js';
import { type EndWallPlace, endWallPlaces, endWallResult, endWallShare } from './endWalls.js';
import { type DetailKind, detailOf, HOLE, kmToCrack } from './fatigue.js';
import { SPLICE } from '../frame-model/framing.js';
import { type EndMoments, endMoments, relieved, softBars } from './relief.js';
import { type WeldPlace, weldPlaces, weldResult, weldShare } from './welds.js';
import { type SolvedRun } from './solver.js';

/** A solved run with all that its bars bear. */
export interface WatchedRun {
  readonly key: RunKey;
  readonly opinion: OpinionId;
  readonly solved: SolvedRun;
  readonly strengths: readonly ElementStrength[];
  readonly ends: ReadonlyMap<string, EndMoments>;
}

/** A bar's hardest place in a run, not yet put in words. */
interface HeldPlace {
  readonly strength: ElementStrength;
  readonly place: HardPlace;
  readonly key: RunKey;
}
interface HeldMember {
  worst: HeldPlace;
  readonly bySituation: Map<SituationId, HeldPlace>;
}

const memberResult = (memberId: string, { worst, bySituation }: HeldMember): MemberResult => {
  const told = new Map<HeldPlace, Governing>();
  for (const held of bySituation.values()) told.set(held, governing(held.strength, held.place, held.key));
  return {
    memberId,
    worst: told.get(worst) as Governing,
    bySituation: Object.fromEntries(
      [...bySituation].map(([situation, held]) => [situation, told.get(held) as Governing]),
    ),
  };
};

/** The worst of its kind by id: how hard, and how to tell it; only what stays the worst to the end is told. */
const worstById = <Told>() => {
  const worst = new Map<string, { readonly share: number; readonly tell: () => Told }>();
  return {
    isWorse: (id: string, share: number): boolean => share > (worst.get(id)?.share ?? -1),
    keep: (id: string, share: number, tell: () => Told): void => {
      worst.set(id, { share, tell });
    },
    told: (): Told[] => [...worst.values()].map(({ tell }) => tell()),
  };
};

/** Worst of everything under one opinion, gathered run by run. */
const opinionCollector = () => {
  const members = new Map<string, HeldMember>();
  const welds = worstById<WeldResult>();
  const hangers = worstById<HangerResult>();
  const walls = worstById<WallResult>();
  const holes = worstById<HoleResult>();
  const seams = worstById<SeamResult>();
  const panels = worstById<PanelShearResult>();
  let bolts: BoltResult | undefined;
  return {
    takeMember: (strength: ElementStrength, share: number, hardest: HardestPlace, key: RunKey): void => {
      const { id } = strength.bar.member;
      const known = members.get(id);
      const own = known?.bySituation.get(key.situation);
      if (own && share <= own.place.share) return;
      const held = { strength, place: hardest.place(), key };
      if (!known) members.set(id, { worst: held, bySituation: new Map([[key.situation, held]]) });
      else {
        known.bySituation.set(key.situation, held);
        if (share > known.worst.place.share) known.worst = held;
      }
    },
    welds,
    hangers,
    walls,
    holes,
    takeSeam: (seam: SeamPlace | undefined, pieces: MemberPieces, rows: Float64Array, key: RunKey): void => {
      if (!seam) return;
      const { memberId } = seam;
      const flowNM = largestFlowNM(seam, pieces, rows);
      const bearsNM = seam.bearsNM[limitOf(key)];
      const utilisation = flowNM / bearsNM;
      if (seams.isWorse(memberId, utilisation))
        seams.keep(memberId, utilisation, () => ({
          ...key,
          memberId,
          flowNM,
          bearsNM,
          welded: weldedShare(seam.builtUp),
          utilisation,
        }));
    },
    takeBay: (bay: PanelBay, solved: SolvedRun, key: RunKey): void => {
      const { panelId, alongM, upM } = bay;
      const flowNM = bayFlowNM(bay, solved);
      if (panels.isWorse(panelId, flowNM))
        panels.keep(panelId, flowNM, () => ({ ...key, panelId, flowNM, alongM, upM }));
    },
    takeBolts: (found: BoltResult): void => {
      if (!bolts || found.utilisation > bolts.utilisation) bolts = found;
    },
    result: (): OpinionResult => ({
      members: [...members].map(([id, own]) => memberResult(id, own)),
      welds: welds.told(),
      hangers: hangers.told(),
      walls: walls.told(),
      holes: holes.told(),
      seams: seams.told(),
      panels: panels.told(),
      bolts,
    }),
  };
};

/** The published loads are asked of the drawbar, the header that it is joined to, and their joints. */
const isOfDrawbar = ({ group, id }: Member): boolean => group === 'tongue' || id === 'header.front';

/** The weld or bar's end that cracks first, gathered end by end. */
const fatigueCollector = (trailer: Trailer) => {
  let fatigue: FatigueResult | undefined;
  const take = (strength: ElementStrength, end: 'from' | 'to', inner: InnerAt, caseId: string): void => {
    const { member, jointFrom, jointTo, softFrom, softTo } = strength.bar;
    const [joint, toe] = end === 'from' ? [jointFrom, softFrom?.toe] : [jointTo, softTo?.toe];
    if (joint === undefined) return;
    // At a tube's end on a tube's wall the wall beside the toe works harder than the bar. (Sharp corners of the bar would work harder still;
    // real ones are round.)
    const toeFactor = toe?.wall ?? 1;
    const { section, pieces } = strength.free;
    const upright = Math.abs(inner.my) / Math.min(section.syTopM3, section.syBottomM3) / pieces;
    const rest =
      (Math.abs(inner.n) / section.areaM2 + Math.abs(inner.mz) / Math.min(section.szLeftM3, section.szRightM3)) /
      pieces;
    const staticPa = toe ? toeFactor * upright : upright + rest;
    keep(member, toe ? 'toe' : joint === SPLICE ? 'splice' : 'nominal', {
      joint,
      caseId,
      staticPa,
      yieldPa: strength.welded.yieldPa,
      toeFactor,
    });
  };
  const keep = (
    member: Member,
    kind: DetailKind,
    own: Pick<FatigueResult, 'joint' | 'caseId' | 'staticPa' | 'yieldPa' | 'toeFactor'>,
  ): void => {
    const detail = detailOf(member.material, kind);
    const { km, rangePa } = kmToCrack(own.staticPa, detail, trailer.job.road);
    if (fatigue && km >= fatigue.km) return;
    fatigue = { ...own, memberId: member.id, rangePa, category: detail.category, km };
  };
  /** beside a hole, on what it leaves */
  const takeHole = ({ stressPa }: HoleResult, member: Member, caseId: string): void =>
    keep(member, 'hole', {
      joint: HOLE,
      caseId,
      staticPa: stressPa,
      yieldPa: member.material.yieldPa,
      toeFactor: 1,
    });
  return { take, takeHole, first: (): FatigueResult | undefined => fatigue };
};

type OpinionCollector = ReturnType<typeof opinionCollector>;
type Asks = (memberId: string) => boolean;

/** Every weld in one run; the bare frame that is turned over has none of its running gear. */
const weldTaker =
  (places: readonly WeldPlace[]) =>
  (into: OpinionCollector, key: RunKey, solved: SolvedRun, ends: ReadonlyMap<string, EndMoments>, asks: Asks): void => {
    const limit = limitOf(key);
    for (const weld of places) {
      if (!asks(weld.memberId) && weld.kind !== 'coupler') continue;
      if (key.situation === 'turn-over' && weld.kind !== 'butt' && weld.kind !== 'splice' && weld.kind !== 'gusset')
        continue;
      const found = weldShare(weld, solved, ends, limit);
      if (into.welds.isWorse(weld.id, found.share))
        into.welds.keep(weld.id, found.share, () => weldResult(weld, found, key, limit));
    }
  };

/** Every wall under an end that has to pass a moment on, in one run. */
const wallTaker =
  (places: readonly EndWallPlace[]) =>
  (into: OpinionCollector, key: RunKey, solved: SolvedRun, asks: Asks): void => {
    const limit = limitOf(key);
    for (const place of places) {
      if (!asks(place.memberId)) continue;
      const load = place.load(solved);
      const share = endWallShare(place, load, limit);
      if (into.walls.isWorse(place.id, share))
        into.walls.keep(place.id, share, () => endWallResult(place, load, key, limit));
    }
  };

/** Worst of everything, gathered run by run, each opinion by itself. */
export const collector = (
  trailer: Trailer,
  frame: TrailerFrame,
  strengths: readonly ElementStrength[],
  watch: ((run: WatchedRun) => void) | undefined,
) => {
  const opinions = { own: opinionCollector(), badly: opinionCollector(), rules: opinionCollector() };
  const balances: RunBalance[] = [];
  const bumps = new Map<string, Map<string, number>>();
  const cracks = fatigueCollector(trailer);
  let runs = 0;
  const lines = elementLines(frame);
  const places = weldPlaces(trailer, frame, strengths, (id) => lines.get(id));
  const takeWelds = weldTaker(places);
  const takeWalls = wallTaker(endWallPlaces(places, strengths, (id) => lines.get(id)));
  const drawbar = new Set(
    strengths
      .map(({ bar }) => bar.member)
      .filter(isOfDrawbar)
      .map(({ id }) => id),
  );
  const soft = softBars(strengths);

  const hangersOf = hangerPlaces(frame);
  const drilled = holePlaces(strengths);
  const seamsOf = new Map(seamPlaces(strengths, trailer.strength).map((place) => [place.index, place]));
  const hardest = hardestPlace();

  const keepBump = (id: string, caseId: string, share: number): void => {
    const byCase = bumps.get(id) ?? new Map<string, number>();
    bumps.set(id, byCase);
    byCase.set(caseId, Math.max(share, byCase.get(caseId) ?? 0));
  };
  return {
    take: (key: RunKey, solved: SolvedRun, onTheRoad: boolean): void => {
      runs += 1;
      const limit = limitOf(key);
      const opinion = opinionOf(key);
      const into = opinions[opinion];
      const asks: Asks = (memberId) => opinion !== 'rules' || drawbar.has(memberId);
      const ends = endMoments(soft, strengths, solved);
      watch?.({ key, opinion, solved, strengths, ends });
      strengths.forEach((strength, own) => {
        const { bar } = strength;
        const { id } = bar.member;
        if (!asks(id)) return;
        const index = solved.prepared.memberIndex.get(bar.id) as number;
        const pieces = solved.pieces[index] as SolvedRun['pieces'][number];
        const rows = solved.inner(index);
        const ownEnds = ends.get(id);
        const share = hardest.look(strength, pieces, rows, limit, ownEnds);
        if (share !== undefined) {
          into.takeMember(strength, share, hardest, key);
          if (key.situation === 'bump-both') keepBump(id, key.caseId, share);
        }
        if (key.situation === 'standing' && onTheRoad && share !== undefined) {
          const at = (xM: number): InnerAt => relieved(innerAt(pieces, rows, xM), bar.fromM + xM, ownEnds);
          if (strength.weldFrom) cracks.take(strength, 'from', at(bar.clearFromM), key.caseId);
          if (strength.weldTo) cracks.take(strength, 'to', at(pieces.lengthM - bar.clearToM), key.caseId);
        }
        into.takeSeam(seamsOf.get(own), pieces, rows, key);
        for (const hole of drilled) {
          if (hole.index !== own) continue;
          const found = holeCheck(hole, pieces, rows, key);
          if (key.situation === 'standing' && onTheRoad && found.net) cracks.takeHole(found, hole.member, key.caseId);
          if (into.holes.isWorse(hole.id, found.utilisation)) into.holes.keep(hole.id, found.utilisation, () => found);
        }
      });
      takeWelds(into, key, solved, ends, asks);
      takeWalls(into, key, solved, asks);
      if (key.situation === 'turn-over' || opinion === 'rules') return;
      for (const bay of frame.panelBays) into.takeBay(bay, solved, key);
      for (const place of hangersOf) {
        const forceN = hangerForceN(place, solved);
        const share = hangerShare(place, forceN, limit);
        if (into.hangers.isWorse(place.id, share))
          into.hangers.keep(place.id, share, () => hangerResult(place, forceN, key));
      }
    },
    takeBolts: (key: RunKey, forceN: number): void => {
      const found = couplerBolts(trailer, frame, forceN, key);
      if (found) opinions[opinionOf(key)].takeBolts(found);
    },
    takeBalance: (balance: RunBalance): void => {
      balances.push(balance);
    },
    results: () => ({
      own: opinions.own.result(),
      badly: opinions.badly.result(),
      rules: opinions.rules.result(),
      fatigue: cracks.first(),
      balances,
      bumps,
      runs,
    }),
  };
};

export type Collector = ReturnType<typeof collector>;
