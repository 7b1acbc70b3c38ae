import { type BalancedCase, brakeLinkage, type HardStop, hardStop } from '../../balance/index.js';
import { add, type Vector3 } from '../../frame-analysis/index.js';
import { isIndependent, type Part, PERSON_KG } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { STANDARD_GRAVITY, weightN } from '../../units/index.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { bumpFactor } from '../roads.js';
import { type Acceleration, accelerationUnder, resultant, type RigidBody } from './inertia.js';
import type { Balance, SituationId } from './situations.js';

/** How the frame is held; each has one factorisation. */
export type SupportId = 'road' | 'jack' | 'stands' | 'rail-left' | 'rail-right' | 'corners-left' | 'corners-right';

/** A force put on the frame from outside, with the node that passes it on. */
export interface OuterForce {
  readonly node: string;
  readonly at: Vector3;
  readonly forceN: Vector3;
}

/** Accelerations that the masses feel; gravity counts as one upward. */
export interface Field {
  readonly sprung: Vector3;
  readonly unsprung: Vector3;
  /** about the body's centre, all masses */
  readonly angular: Vector3;
}

/** One arrangement of forces of a situation; each situation has one or several, and the worst governs. */
export interface Run {
  readonly situation: SituationId;
  /** which of the situation's arrangements */
  readonly variant: string;
  readonly balance: Balance;
  readonly support: SupportId;
  readonly field: Field;
  readonly forces: readonly OuterForce[];
  /** forces that press on the frame where these parts lie */
  readonly pressing?: readonly { readonly part: Part; readonly forceN: Vector3 }[];
}

const NONE: Vector3 = [0, 0, 0];
const g = STANDARD_GRAVITY;
const up = (n: number): Vector3 => [0, 0, n * g];

/** What a case's runs are made of. */
export interface RunContext {
  readonly trailer: Trailer;
  readonly frame: TrailerFrame;
  readonly balanced: BalancedCase & { readonly standing: NonNullable<BalancedCase['standing']> };
  readonly body: RigidBody;
  /** whether somebody steps on the rear edge */
  readonly stepsOnRear: boolean;
}

interface Wheels {
  readonly left: readonly OuterForce[];
  readonly right: readonly OuterForce[];
}

const groundAt = ({ frame }: RunContext, node: string): Vector3 => {
  const [x, y] = frame.at(node);
  return [x, y, frame.groundZM];
};

/** Shares of one side's force between its wheels: as the equaliser gives them. */
const sideShares = ({ trailer, frame }: RunContext): readonly number[] => {
  if (frame.gear.wheels.length < 4) return [1];
  const [a, b] = isIndependent(trailer) ? [1, 1] : trailer.runningGear.equaliserArms;
  return [b / (a + b), a / (a + b)];
};

/** A force on each side's wheels, acting on the ground there. */
const onWheels = (context: RunContext, left: Vector3, right: Vector3): Wheels => {
  const shares = sideShares(context);
  const side = (name: 'left' | 'right', force: Vector3): OuterForce[] =>
    context.frame.gear.wheels
      .filter((wheel) => wheel.side === name)
      .map(({ node }, i) => {
        const share = shares[i] as number;
        return { node, at: groundAt(context, node), forceN: [force[0] * share, force[1] * share, force[2] * share] };
      });
  return { left: side('left', left), right: side('right', right) };
};
const both = ({ left, right }: Wheels): OuterForce[] => [...left, ...right];

const atNode = ({ frame }: RunContext, node: string, forceN: Vector3): OuterForce => ({
  node,
  at: frame.at(node),
  forceN,
});

const still = (n: number): Field => ({ sprung: up(n), unsprung: up(1), angular: NONE });

const supported = (
  situation: SituationId,
  variant: string,
  support: SupportId,
  field: Field,
  forces: readonly OuterForce[] = [],
): Run => ({ situation, variant, balance: 'supported', support, field, forces });

/** Forces balanced by the inertia of the whole, on top of n times the standing load; the supports then give the standing load only. */
const free = (
  context: RunContext,
  situation: SituationId,
  variant: string,
  n: number,
  forces: readonly OuterForce[],
): Run => {
  const { linear, angular }: Acceleration = accelerationUnder(context.body, resultant(forces, context.body.centre));
  return {
    situation,
    variant,
    balance: 'free',
    support: context.balanced.standing.on === 'ball' ? 'road' : 'jack',
    field: { sprung: add(up(n), linear), unsprung: add(up(Math.min(n, 1)), linear), angular },
    forces,
  };
};

const sprungOn = ({ balanced }: RunContext, side: 'left' | 'right'): number => {
  // Roll is taken by the springs in proportion to what each wheel carries.
  const { axles } = balanced.standing;
  return axles.reduce((sum, { sprungN, loadN, leftN, rightN }) => {
    const own = side === 'left' ? leftN : rightN;
    return sum + (loadN > 0 ? (sprungN * own) / loadN : 0);
  }, 0);
};

const SIDES = ['left', 'right'] as const;

const oneWheelBump = (context: RunContext): Run[] => {
  const n = bumpFactor(context.trailer);
  return SIDES.map((side) => {
    const extra: Vector3 = [0, 0, (n - 1) * sprungOn(context, side)];
    const wheels = side === 'left' ? onWheels(context, extra, NONE) : onWheels(context, NONE, extra);
    return free(context, 'bump-one', side, 1, both(wheels));
  });
};

/** Share of a wheel's load that goes from one diagonal of the wheels to the other, by road (common practice). */
const TWIST_SHARES = { road: 0.25, rough: 0.35, 'off-road': 0.5 } as const;

/**
 * A ball passes no roll, so nothing twists the frame ahead of the axles: only two axles that do not share their load can, and they twist what lies
 * between them. One diagonal of the wheels is pressed, the other let off, as much; together they push nothing and turn nothing.
 */
const twist = (context: RunContext): Run[] => {
  const { trailer, frame, balanced } = context;
  const { axles } = balanced.standing;
  if (!isIndependent(trailer) || axles.length < 2) return [];
  const wheelN = (sprungOn(context, 'left') + sprungOn(context, 'right')) / 2 / axles.length;
  const movedN = TWIST_SHARES[trailer.job.road] * wheelN;
  const [first, last] = [axles[0]?.id, axles.at(-1)?.id];
  return ([1, -1] as const).map((sign) =>
    free(
      context,
      'twist',
      sign === 1 ? 'left' : 'right',
      1,
      frame.gear.wheels
        .filter(({ axle }) => axle === first || axle === last)
        .map(({ node, axle, side }) => {
          const up = sign * movedN * (axle === first ? 1 : -1) * (side === 'left' ? 1 : -1);
          return { node, at: groundAt(context, node), forceN: [0, 0, up] };
        }),
    ),
  );
};

/** Dynamic vertical load that goes with braking and cornering. */
const WITH_VERTICAL = 1.5;
const CORNERING_G = 0.4;

/** The stop of a case: its own brakes as far as they and the tires' grip go, or the vehicle alone. */
const stopOf = ({ body, frame, balanced, trailer }: RunContext, by: 'own-brakes' | 'hitch'): HardStop => {
  const ball = frame.at(frame.ball);
  const { axles, groupCentreXM } = balanced.standing;
  const linked = axles.length === 2;
  const xOf = (id: string): number => {
    const wheel = frame.gear.wheels.find(({ axle }) => axle === id);
    return wheel ? frame.at(wheel.node)[0] : groupCentreXM;
  };
  return hardStop(
    {
      massKg: body.massKg,
      heightM: body.centre[2] - frame.groundZM,
      ballHeightM: ball[2] - frame.groundZM,
      drawbarsM: (linked ? axles.map(({ id }) => xOf(id)) : [groupCentreXM]).map((x) => x - ball[0]),
      standingN: linked ? axles.map(({ loadN }) => loadN) : [axles.reduce((sum, { loadN }) => sum + loadN, 0)],
      linkage: brakeLinkage(trailer, frame.railBottomZM - frame.groundZM),
    },
    by,
  );
};

/** Each side brakes in proportion to what its wheel then carries, so that none needs more than its grip. */
const braking = (context: RunContext): Run[] => {
  const { frame, balanced, trailer } = context;
  const variants = trailer.coupling.brakes === 'fitted' ? (['hitch', 'own-brakes'] as const) : (['hitch'] as const);
  return variants.map((variant) => {
    const { brakesN, addsN, ballAddsN, pushN } = stopOf(context, variant);
    const wheels = SIDES.flatMap((side) =>
      frame.gear.wheels
        .filter((wheel) => wheel.side === side)
        .map(({ node }, i): OuterForce => {
          const axle = Math.min(i, brakesN.length - 1);
          const { leftN, rightN } = balanced.standing.axles[i] ?? { leftN: 1, rightN: 1 };
          const half = (addsN[axle] as number) / 2;
          const [left, right] = [Math.max(0, leftN + half), Math.max(0, rightN + half)];
          const share = left + right > 0 ? (side === 'left' ? left : right) / (left + right) : 0.5;
          return {
            node,
            at: groundAt(context, node),
            forceN: [(brakesN[axle] as number) * share, 0, half],
          };
        }),
    );
    return free(context, 'braking', variant, WITH_VERTICAL, [
      atNode(context, frame.ball, [pushN, 0, ballAddsN]),
      ...wheels,
    ]);
  });
};

/**
 * A side force closes the play of shackle, slipper or equalizer, and all hangers of a side hold alike (common practice): what the frame's model gives
 * to the fixed eye goes to the other end by that share, and the spring is let off the turn that it had been held against. Together these push and
 * turn nothing.
 */
const sharedByShackles = ({ frame, balanced }: RunContext, wheels: readonly OuterForce[]): OuterForce[] =>
  frame.gear.springs.flatMap(({ axle, side, seat, fixed, sliding, slidingShare }) => {
    const hub = frame.gear.wheels.find((wheel) => wheel.axle === axle && wheel.side === side)?.node;
    const own = balanced.standing.axles.find(({ id }) => id === axle);
    const sprung = own && own.loadN > 0 ? own.sprungN / own.loadN : 1;
    const movedN = (wheels.find(({ node }) => node === hub)?.forceN[1] ?? 0) * sprung * slidingShare;
    return [
      { node: fixed.node, at: fixed.at, forceN: [0, -movedN, 0] },
      { node: sliding.node, at: sliding.at, forceN: [0, movedN, 0] },
      { node: seat, at: fixed.at, forceN: [0, movedN, 0] },
      { node: seat, at: sliding.at, forceN: [0, -movedN, 0] },
    ] satisfies OuterForce[];
  });

/** A curve to one side: side forces in proportion to the loads, the outer wheel carrying more. */
const cornering = (context: RunContext): Run[] => {
  const { body, frame, balanced, trailer } = context;
  const ball = frame.at(frame.ball);
  const axleX = balanced.standing.groupCentreXM;
  const total = body.massKg * CORNERING_G * g;
  const ballN = (total * (axleX - body.centre[0])) / (axleX - ball[0]);
  const rollNm = total * (body.centre[2] - frame.groundZM) - ballN * (ball[2] - frame.groundZM);
  const transferN = rollNm / trailer.runningGear.suspension.trackM;
  const axlesN = balanced.standing.axles.reduce((sum, { loadN }) => sum + loadN, 0);
  return ([1, -1] as const).map((sign) => {
    // sign 1: pushed to the right by the road, as in a curve to the right; the body leans on the left wheels.
    const wheels = (side: 'left' | 'right'): Vector3 => {
      const outer = side === 'left' ? sign : -sign;
      const share = Math.max(0, Math.min(1, 0.5 + (outer * transferN) / Math.max(axlesN, 1)));
      return [0, sign * (total - ballN) * share, outer * transferN];
    };
    const pushed = both(onWheels(context, wheels('left'), wheels('right')));
    return free(context, 'cornering', sign === 1 ? 'right' : 'left', WITH_VERTICAL, [
      atNode(context, frame.ball, [0, sign * ballN, 0]),
      ...pushed,
      ...sharedByShackles(context, pushed),
    ]);
  });
};

/** ADR 62 and VSB 1, in g on the whole trailer. */
const DRAWBAR_LOADS: readonly { readonly variant: string; readonly g: Vector3 }[] = [
  { variant: 'pull', g: [-1.5, 0, 0] },
  { variant: 'push', g: [1.5, 0, 0] },
  { variant: 'left', g: [0, -0.5, 0] },
  { variant: 'right', g: [0, 0.5, 0] },
  { variant: 'up', g: [0, 0, 0.5] },
  { variant: 'down', g: [0, 0, -0.5] },
];

const freeAlone = (context: RunContext, situation: SituationId, variant: string, forces: readonly OuterForce[]): Run =>
  free(context, situation, variant, 0, forces);

const drawbar = (context: RunContext): Run[] => {
  const weight = weightN(context.balanced.massKg);
  return DRAWBAR_LOADS.map(({ variant, g: share }) => {
    const force = atNode(context, context.frame.ball, [share[0] * weight, share[1] * weight, share[2] * weight]);
    return freeAlone(context, 'drawbar', variant, [force]);
  });
};

const ASIDE_RAD = Math.PI / 6;

const recovery = (context: RunContext): Run[] => {
  const pull = recoveryPullN(context.trailer);
  if (pull === undefined) return [];
  const { frame } = context;
  const along = pull * Math.cos(ASIDE_RAD);
  const aside = pull * Math.sin(ASIDE_RAD);
  const front = (variant: string, forceN: Vector3): Run =>
    freeAlone(context, 'recovery', variant, [atNode(context, frame.ball, forceN)]);
  const rear = (variant: string, forceN: Vector3): Run =>
    // What is pulled out hangs on the ball.
    freeAlone(context, 'recovery', variant, [
      atNode(context, frame.rearMiddle, forceN),
      atNode(context, frame.ball, [-forceN[0], 0, 0]),
    ]);
  return [
    front('front', [-pull, 0, 0]),
    front('front-aside', [-along, aside, 0]),
    rear('rear', [pull, 0, 0]),
    rear('rear-aside', [along, aside, 0]),
  ];
};

/** The user's figure, or the tow vehicle's own weight, N; undefined where neither is known. */
export const recoveryPullN = (trailer: Trailer): number | undefined => {
  const kg = trailer.strength.recoveryPullKg ?? trailer.towVehicle?.massKg;
  return kg === null || kg === undefined ? undefined : weightN(kg);
};

const STEPPING_ON = 1.5;

const person = (context: RunContext, support: SupportId): Run[] => {
  const { frame } = context;
  const down: Vector3 = [0, 0, -PERSON_KG * g * STEPPING_ON];
  return [
    ['middle', frame.rearMiddle],
    ['left', frame.corners[2]],
    ['right', frame.corners[3]],
  ].map(([variant, node]) =>
    supported('person-rear', variant as string, support, still(1), [atNode(context, node as string, down)]),
  );
};

const STRAP_RAD = Math.PI / 4;

/** Every ring pulled at its working load, up and in at 45°; the straps press the load down on the deck as hard. */
const tieDowns = (context: RunContext, support: SupportId): Run[] => {
  const { frame, trailer, balanced } = context;
  const { workingLoadKg } = trailer.frame.tieDowns;
  const cargo = balanced.parts.filter(
    ({ group, carriedBy, massKg }) => group === 'cargo' && carriedBy === 'deck' && massKg > 0,
  );
  if (frame.tieDowns.length === 0 || workingLoadKg === null || cargo.length === 0) return [];
  const [across, upward] = [Math.cos(STRAP_RAD), Math.sin(STRAP_RAD)].map((part) => part * weightN(workingLoadKg)) as [
    number,
    number,
  ];
  const cargoKg = cargo.reduce((sum, { massKg }) => sum + massKg, 0);
  const downN = 2 * frame.tieDowns.length * upward;
  return [
    {
      ...supported(
        'tie-downs',
        '',
        support,
        still(1),
        frame.tieDowns.flatMap(([left, right]) => [
          atNode(context, left, [0, across, upward]),
          atNode(context, right, [0, -across, upward]),
        ]),
      ),
      pressing: cargo.map((part) => ({ part, forceN: [0, 0, (-downN * part.massKg) / cargoKg] })),
    },
  ];
};

/** One axle's side is lifted by the rail behind it; of two axles each is lifted by itself, which loads no rail. */
const jackedRail = ({ frame }: RunContext): Run[] =>
  frame.gear.wheels.length > 2 ? [] : SIDES.map((side) => supported('jack-rail', side, `rail-${side}`, still(1)));

/** Parked on its stands with the springs let off, and with a person on the rear edge. */
const onStands = (context: RunContext): Run[] =>
  context.frame.stands.length === 0
    ? []
    : [
        supported('on-stands', '', 'stands', still(1)),
        ...(context.stepsOnRear ? person(context, 'stands') : []).map((run) => ({
          ...run,
          situation: 'on-stands' as const,
          variant: `person-${run.variant}`,
        })),
      ];

/** Every run of a case: what it goes through, each with its own balance. */
export const runsOf = (context: RunContext): readonly Run[] => {
  const { balanced, trailer } = context;
  const towed = balanced.loadCase.mode === 'towed';
  const support: SupportId = balanced.standing.on === 'ball' ? 'road' : 'jack';
  const all: Run[] = [
    supported('standing', '', support, still(1)),
    ...jackedRail(context),
    ...(context.stepsOnRear ? person(context, support) : []),
    ...onStands(context),
  ];
  if (!towed) return all;
  return [
    ...all,
    supported('bump-both', '', support, still(bumpFactor(trailer))),
    ...oneWheelBump(context),
    ...twist(context),
    ...braking(context),
    ...cornering(context),
    // Published drawbar loads are asked of the plate's gross, not of each load.
    ...(balanced.loadCase.id === 'gross.uniform' ? drawbar(context) : []),
    supported('jack-tongue', '', 'jack', still(1)),
    ...tieDowns(context, support),
    ...recovery(context),
  ];
};

/** Share of a machine's weight on the axle that is on the rear edge while it drives on: common practice, half to two thirds. */
const FIRST_AXLE = 2 / 3;

/** A machine drives on over the tail: its first axle on the rear header, the vehicle holding the ball, or stands under the rear. */
export const loadingTailRuns = ({ frame }: RunContext, machineKg: number): readonly Run[] => {
  const each = (FIRST_AXLE * machineKg * g) / 2;
  const wheels = frame.tailWheels.map((node): OuterForce => ({ node, at: frame.at(node), forceN: [0, 0, -each] }));
  return [
    supported('loading-tail', 'on-ball', 'road', still(1), wheels),
    ...(frame.stands.length > 0 ? [supported('loading-tail', 'on-stands', 'stands', still(1), wheels)] : []),
  ];
};

const TURN_OVER_FACTOR = 1.5;

/** The bare frame, lifted by the two corners of one side while the other side's stay on the floor. */
export const turnOverRun = (side: 'left' | 'right'): Run => ({
  situation: 'turn-over',
  variant: side,
  balance: 'supported',
  support: `corners-${side}`,
  field: { sprung: up(TURN_OVER_FACTOR), unsprung: NONE, angular: NONE },
  forces: [],
});
