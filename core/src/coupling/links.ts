import {
  shareOf,
  concluding,
  finding,
  type FindingOf,
  over,
  quantity,
  rollUp,
  times,
  type Verdict,
  verdictOf,
  workedOut,
} from '../findings/index.js';
import type { Coupling, Trailer } from '../project/index.js';
import { commonPractice } from '../source.js';

import type { HitchDemand } from './demand.js';
import { RULES, HOLE_ROOM_M, BALL_TOLERANCE_M } from './rules.js';

/** From the vehicle back to the trailer's frame, and what holds when all of it fails. */
export type LinkId = 'vehicle' | 'receiver' | 'ball-mount' | 'ball' | 'coupler' | 'tongue' | 'chains';

/** One link of the chain that holds the trailer: what it may pull and bear, and how much of that is asked. */
export interface Link {
  readonly id: LinkId;
  readonly ratedKg: number | undefined;
  readonly tongueKg: number | undefined;
  /** the greater of gross and tongue against its rating; undefined where nobody has read it, or nothing is allowed */
  readonly utilisation: number | undefined;
  /** open where nobody has read its stamp, unchecked where it was made at home */
  readonly verdict: Verdict;
  readonly by: 'gross' | 'tongue' | 'strength';
}

export interface LinkFindingData {
  'weakest-link': {
    readonly link: LinkId | undefined;
    readonly by: Link['by'];
    readonly demandKg: number;
    readonly limitKg: number | undefined;
    readonly unread: readonly LinkId[];
  };
  'ball-fits': { readonly ballM: number | undefined; readonly couplerM: number };
  /** `asKg`: what the tongue's weight at this reach is worth at the rated one, by its moment */
  'mount-lever': {
    readonly reachM: number;
    readonly ratedReachM: number | undefined;
    readonly tongueKg: number | undefined;
    readonly asKg: number | undefined;
  };
  'ball-hole': { readonly holeM: number; readonly shankM: number };
  'coupling-kind': { readonly kind: Exclude<Coupling['kind'], 'ball'> };
}
export type LinkFinding = FindingOf<LinkFindingData>;

/** A 50 mm ball sits on a tow bar that is one part with it: there is no mount, shank or ball to be stamped apart. */
const ISO_BALL_M = 0.05;
export const isIsoBall = ({ coupling }: Trailer): boolean =>
  Math.abs(coupling.ballDiameterM - ISO_BALL_M) < BALL_TOLERANCE_M;

const kg = (value: number | null | undefined): number | undefined => value ?? undefined;

/** Nothing is allowed at all: more than any share, and no figure to tell. */
const BEYOND = Number.POSITIVE_INFINITY;

const share = (demand: number | undefined, limit: number | undefined): number | undefined =>
  demand === undefined || limit === undefined ? undefined : (shareOf(demand, limit) ?? BEYOND);

const judged = (asked: number | undefined): Pick<Link, 'utilisation' | 'verdict'> => ({
  utilisation: asked === BEYOND ? undefined : asked,
  verdict: asked === undefined ? 'open' : verdictOf(asked, RULES['weakest-link'].tightFrom),
});
/** How hard a link is asked, for comparing: what is allowed nothing comes before everything else. */
const askedOf = ({ utilisation, verdict }: Link): number =>
  utilisation ?? (verdict === 'over' ? BEYOND : Number.NEGATIVE_INFINITY);

/** Every link that this coupling has, from the vehicle to the chains; `tongueWorksAt` is the strength step's own figure. */
export const hitchLinks = (
  trailer: Trailer,
  { grossKg, tongueKg }: HitchDemand,
  tongueWorksAt: number | undefined,
): readonly Link[] => {
  const { coupling, towVehicle } = trailer;
  const rated = (id: LinkId, ratedKg: number | null | undefined, onBallKg?: number | null): Link => {
    const [gross, tongue] = [share(grossKg, kg(ratedKg)), share(tongueKg, kg(onBallKg))];
    const byTongue = (tongue ?? -1) > (gross ?? -1);
    return {
      id,
      ratedKg: kg(ratedKg),
      tongueKg: kg(onBallKg),
      ...judged(gross === undefined ? ((tongue ?? -1) > 1 ? tongue : undefined) : byTongue ? tongue : gross),
      by: byTongue ? 'tongue' : 'gross',
    };
  };
  const links: Link[] = [
    rated('vehicle', towVehicle?.towLimitKg, towVehicle?.tongueLimitKg),
    rated('receiver', coupling.receiver.ratedKg, coupling.receiver.tongueKg),
  ];
  if (!isIsoBall(trailer)) {
    links.push(rated('ball-mount', coupling.ballMount.ratedKg, coupling.ballMount.tongueKg));
    if (coupling.kind === 'ball') links.push(rated('ball', coupling.ball.ratedKg));
  }
  // Nobody has rated what was made at home, whatever is typed beside it.
  links.push(
    coupling.homeMade || !coupling.fitted
      ? { ...rated('coupler', null), verdict: coupling.fitted ? 'unchecked' : 'open' }
      : rated('coupler', coupling.ratedGrossKg, coupling.tongueLimitKg),
  );
  if (tongueWorksAt !== undefined)
    links.push({ id: 'tongue', ratedKg: undefined, tongueKg: undefined, ...judged(tongueWorksAt), by: 'strength' });
  if (coupling.chains === 'fitted') links.push(rated('chains', coupling.safetyChain.breaksAtKg));
  return links;
};

export const weakestLink = (links: readonly Link[]): Link | undefined =>
  links.reduce<Link | undefined>(
    (worst, next) =>
      next.verdict !== 'open' && next.verdict !== 'unchecked' && (!worst || askedOf(next) > askedOf(worst))
        ? next
        : worst,
    undefined,
  );

/** Pulled by people nothing is stamped: the coupling alone is asked for. */
const asked = (trailer: Trailer, links: readonly Link[]): readonly Link[] =>
  trailer.towVehicle?.kind === 'muscle' ? links.filter(({ id }) => id === 'coupler') : links;

const weakest = (trailer: Trailer, demand: HitchDemand, all: readonly Link[]): LinkFinding => {
  const links = asked(trailer, all);
  const found = weakestLink(links);
  // What holds up the tow vehicle and coupler is asked for by findings of their own.
  const unread = links
    .filter(({ id, verdict }) => verdict === 'open' && id !== 'vehicle' && id !== 'coupler')
    .map(({ id }) => id);
  const demandKg = found?.by === 'tongue' ? (demand.tongueKg ?? 0) : demand.grossKg;
  const limitKg = found?.by === 'strength' ? undefined : found?.by === 'tongue' ? found.tongueKg : found?.ratedKg;
  const unrated: readonly Verdict[] = links.some(({ verdict: own }) => own === 'unchecked') ? ['unchecked'] : [];
  const verdict = rollUp([found?.verdict ?? 'open', ...unrated]);
  const mass = (value: number) => quantity(value, 'mass');
  return finding({
    rule: RULES['weakest-link'],
    data: { link: found?.id, by: found?.by ?? 'gross', demandKg, limitKg, unread },
    verdict: verdict === 'over' ? 'over' : unread.length > 0 ? 'open' : verdict,
    step: 'tongue',
    subject: 'coupler',
    // The tongue is judged in the step on its strength.
    counts: found?.id !== 'tongue' || unread.length > 0,
    value: limitKg === undefined ? undefined : mass(demandKg),
    limit: limitKg === undefined ? undefined : mass(limitKg),
    utilisation: found?.utilisation,
    working:
      limitKg === undefined || shareOf(demandKg, limitKg) === undefined
        ? []
        : [concluding(workedOut('share-of-limit', over(mass(demandKg), mass(limitKg)), 'percent'))],
  });
};

const KIND_SOURCES: Readonly<Record<Exclude<Coupling['kind'], 'ball'>, string>> = {
  pintle: 'eye and pintle of SAE J847: noisy, keep the slack low, chains besides',
  'three-axis': 'couplings free in all three ways, tested to UN R55 or ADR 62',
  pin: 'drawbar pins of small machines: for yards and fields, with a clip through the pin',
  hand: 'carts that are pulled by hand',
};

/** The ball mount as a lever: within the reach that it was rated at, or nobody's word. */
const mountLever = ({ coupling }: Trailer, { tongueKg }: HitchDemand): LinkFinding[] => {
  const { reachM, ratedReachM } = coupling.ballMount;
  if (reachM === null || coupling.kind === 'hand') return [];
  const m = (value: number) => quantity(value, 'length');
  const beyond = ratedReachM !== null && reachM > ratedReachM + 1e-6;
  const asks =
    beyond && tongueKg !== undefined && ratedReachM > 0
      ? workedOut('mount-asks', over(times(quantity(tongueKg, 'mass'), m(reachM)), m(ratedReachM)), 'mass')
      : undefined;
  return [
    finding({
      step: 'tongue',
      subject: 'coupler',
      counts: true,
      rule: RULES['mount-lever'],
      data: { reachM, ratedReachM: ratedReachM ?? undefined, tongueKg, asKg: asks?.result.value },
      verdict: ratedReachM === null ? 'open' : beyond ? 'unchecked' : 'ok',
      value: m(reachM),
      limit: ratedReachM === null ? undefined : m(ratedReachM),
      working: asks ? [concluding(asks)] : [],
    }),
  ];
};

export const linkFindings = (trailer: Trailer, demand: HitchDemand, links: readonly Link[]): LinkFinding[] => {
  const { ball, ballDiameterM, kind } = trailer.coupling;
  const plain = { step: 'tongue', subject: 'coupler', counts: true, working: [] } as const;
  const byHand = trailer.towVehicle?.kind === 'muscle';
  const findings: LinkFinding[] = [weakest(trailer, demand, links), ...mountLever(trailer, demand)];
  if (kind === 'ball' && !byHand) {
    const ballM = ball.diameterM ?? undefined;
    findings.push(
      finding({
        ...plain,
        rule: RULES['ball-fits'],
        data: { ballM, couplerM: ballDiameterM },
        verdict: ballM === undefined ? 'open' : Math.abs(ballM - ballDiameterM) > BALL_TOLERANCE_M ? 'over' : 'ok',
        value: ballM === undefined ? undefined : quantity(ballM, 'length'),
        limit: quantity(ballDiameterM, 'length'),
      }),
    );
  }
  if (kind === 'ball' && ball.holeM !== null && ball.shankM !== null) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['ball-hole'],
        data: { holeM: ball.holeM, shankM: ball.shankM },
        verdict: ball.holeM > ball.shankM + HOLE_ROOM_M + 1e-6 || ball.holeM < ball.shankM ? 'over' : 'ok',
        value: quantity(ball.holeM, 'length'),
        limit: quantity(ball.shankM + HOLE_ROOM_M, 'length'),
      }),
    );
  }
  if (kind !== 'ball') {
    findings.push(
      finding({
        ...plain,
        rule: RULES['coupling-kind'],
        data: { kind },
        verdict: 'ok',
        counts: false,
        source: commonPractice(KIND_SOURCES[kind]),
      }),
    );
  }
  return findings;
};
