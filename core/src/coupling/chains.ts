import { J684_CLASSES } from '../catalog/index.js';
import { shareOf, finding, type FindingOf, given, quantity, type Verdict } from '../findings/index.js';
import { towsOnRoad, type Trailer } from '../project/index.js';
import { publishedSure, publishedVerify, type Source } from '../source.js';
import { RULES } from './rules.js';

type Region = Trailer['settings']['regions'][number];
type Chain = Trailer['coupling']['safetyChain'];

export interface ChainFindingData {
  chains: {
    readonly state: Trailer['coupling']['chains'];
    readonly grossKg: number;
    readonly count: number;
    /** Europe holds a braked trailer by its breakaway cable, and asks for no chain */
    readonly cable: boolean;
    readonly fault: 'none' | 'on-coupler' | 'not-crossed' | 'undecided';
  };
  'chain-strength': {
    readonly region: Region;
    /** undefined where the region's rule is not worked out here */
    readonly neededKg: number | undefined;
    readonly breaksAtKg: number | undefined;
    readonly count: number;
    readonly wantedCount: number;
    readonly className: string;
  };
  'chain-length': {
    readonly lengthM: number;
    readonly neededM: number;
    readonly dropM: number;
    readonly hitchM: number | undefined;
  };
}
export type ChainFinding = FindingOf<ChainFindingData>;

/** Trailers over the last listed class. */
const CLASS_4 = '4';
const CLASS_4_SOURCE: Source = publishedVerify(
  'SAE J684, class 4: above 5,000 lb each chain breaks at the gross itself',
);

/** What one chain must break at in the class of this gross, kg: SAE J684. */
export const chainClass = (grossKg: number): { readonly name: string; readonly chainKg: number } => {
  const found = J684_CLASSES.find(({ upToKg }) => grossKg <= upToKg + 1e-6);
  return found ?? { name: CLASS_4, chainKg: grossKg };
};

/** Distance from a tab on the trailer turned by γ to its hook on the vehicle, m; crossed chains go to the other side's hook. */
const chainSpanM = (chain: Chain, gammaRad: number): number => {
  const half = chain.apartM / 2;
  const hookY = chain.crossed ? -half : half;
  const [cos, sin] = [Math.cos(gammaRad), Math.sin(gammaRad)];
  // The tab at (t, half) behind the ball, turned; the hook at (−a, hookY).
  const x = chain.tabBehindBallM * cos - half * sin;
  const y = chain.tabBehindBallM * sin + half * cos;
  return Math.hypot(x + chain.hookAheadOfBallM, y - hookY);
};

/**
 * The shortest chain that lets the trailer turn this far either way, m: the longest span on the way there. Its square goes as
 * cos(γ + φ), tan φ = (a·h + y·t) ÷ (a·t − y·h), so that it is longest at either end or at γ = −φ: exact.
 */
export const chainNeededM = (chain: Chain, turnRad: number): number => {
  const half = chain.apartM / 2;
  const hookY = chain.crossed ? -half : half;
  const { tabBehindBallM: t, hookAheadOfBallM: a } = chain;
  const longestAt = -Math.atan2(a * half + hookY * t, a * t - hookY * half);
  const within = Math.min(Math.max(longestAt, -turnRad), turnRad);
  return Math.max(...[-turnRad, within, turnRad].map((gamma) => chainSpanM(chain, gamma)));
};

/** How far a dropped tongue goes down before a chain of this length is straight, m; pulled straight behind the vehicle. */
export const chainDropM = (chain: Chain, lengthM: number): number => {
  const spanM = chainSpanM(chain, 0);
  return lengthM > spanM ? Math.sqrt(lengthM ** 2 - spanM ** 2) : 0;
};

interface ChainRule {
  readonly wantedCount: (grossKg: number) => number;
  readonly needed: (grossKg: number) => { readonly name: string; readonly chainKg: number } | undefined;
  readonly source: Source;
}

const BY_REGION: Readonly<Record<Region, ChainRule>> = {
  'north-america': {
    wantedCount: () => 2,
    needed: chainClass,
    source: publishedSure('SAE J684 classes: what each chain must break at'),
  },
  europe: {
    wantedCount: () => 1,
    needed: () => undefined,
    source: publishedSure(
      'UN R55 and R13: a second coupling where there are no brakes, a breakaway cable where there are',
    ),
  },
  australia: {
    wantedCount: (grossKg) => (grossKg > 2500 ? 2 : 1),
    needed: () => undefined,
    source: publishedVerify('VSB 1: one chain of AS 4177.4 up to 2,500 kg, two to 3,500 kg, stronger ones beyond'),
  },
};

const strength = (trailer: Trailer, grossKg: number, region: Region): ChainFinding => {
  const { count, breaksAtKg } = trailer.coupling.safetyChain;
  const rule = BY_REGION[region];
  const wantedCount = rule.wantedCount(grossKg);
  const needed = rule.needed(grossKg);
  const breaks = breaksAtKg ?? undefined;
  const judged: Verdict =
    count < wantedCount
      ? 'over'
      : needed === undefined
        ? 'unchecked'
        : breaks === undefined
          ? 'open'
          : breaks < needed.chainKg - 1e-6
            ? 'over'
            : 'ok';
  return finding({
    rule: RULES['chain-strength'],
    data: {
      region,
      neededKg: needed?.chainKg,
      breaksAtKg: breaks,
      count,
      wantedCount,
      className: needed?.name ?? '',
    },
    verdict: judged,
    step: 'tongue',
    subject: 'coupler',
    region,
    counts: true,
    value: breaks === undefined ? undefined : quantity(breaks, 'mass'),
    limit: needed && quantity(needed.chainKg, 'mass'),
    utilisation: needed && breaks ? shareOf(needed.chainKg, breaks) : undefined,
    working: [],
    source: needed?.name === CLASS_4 ? CLASS_4_SOURCE : rule.source,
  });
};

const length = (trailer: Trailer): ChainFinding[] => {
  const { safetyChain } = trailer.coupling;
  if (safetyChain.lengthM === null) return [];
  const neededM = chainNeededM(safetyChain, trailer.job.turnRad);
  const dropM = chainDropM(safetyChain, safetyChain.lengthM);
  const hitchM = trailer.towVehicle?.hitchHeightM ?? undefined;
  const short = safetyChain.lengthM < neededM;
  const drags = hitchM !== undefined && dropM >= hitchM;
  return [
    finding({
      rule: RULES['chain-length'],
      data: { lengthM: safetyChain.lengthM, neededM, dropM, hitchM },
      verdict: short || drags ? 'over' : hitchM === undefined ? 'open' : dropM > 0.6 * hitchM ? 'tight' : 'ok',
      step: 'tongue',
      subject: 'coupler',
      counts: true,
      value: quantity(safetyChain.lengthM, 'length'),
      limit: quantity(neededM, 'length'),
      working: [given('chain-spans', neededM, 'length'), given('chain-drops', dropM, 'length')],
    }),
  ];
};

/** Whether any region of the trailer asks for chains: Europe only of one without brakes. */
const asksChains = ({ settings, coupling }: Trailer): boolean =>
  settings.regions.length === 0 ||
  settings.regions.some((region) => region !== 'europe' || coupling.brakes !== 'fitted');

/** How the chains hang, how strong they are and how long, region by region; only what goes on the road hangs on any. */
export const chainFindings = (trailer: Trailer, grossKg: number): ChainFinding[] => {
  if (!towsOnRoad(trailer)) return [];
  const { chains: state, safetyChain } = trailer.coupling;
  const cable = state !== 'fitted' && !asksChains(trailer);
  const fault =
    state !== 'fitted'
      ? 'none'
      : safetyChain.heldOn === 'coupler'
        ? 'on-coupler'
        : safetyChain.count > 1 && !safetyChain.crossed
          ? 'not-crossed'
          : safetyChain.heldOn === 'not-decided'
            ? 'undecided'
            : 'none';
  const verdict: Verdict = cable
    ? 'ok'
    : state === 'none'
      ? 'over'
      : state === 'not-decided' || fault === 'undecided'
        ? 'open'
        : fault === 'none'
          ? 'ok'
          : 'over';
  const hung: ChainFinding = finding({
    rule: RULES.chains,
    data: { state, grossKg, count: safetyChain.count, cable, fault },
    verdict,
    step: 'tongue',
    subject: 'coupler',
    counts: true,
    working: [],
  });
  if (state !== 'fitted') return [hung];
  const asking = trailer.settings.regions.filter(
    (region) => region !== 'europe' || trailer.coupling.brakes !== 'fitted',
  );
  return [hung, ...asking.map((region) => strength(trailer, grossKg, region)), ...length(trailer)];
};
