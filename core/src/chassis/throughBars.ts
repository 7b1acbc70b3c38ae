import { cross, dot, length, subtract } from '../frame-analysis/index.js';
import type { Chassis } from './buildChassis.js';
import type { Member, MiddleLine } from './member.js';
import { directionOf, lineLengthM, middleLineOf } from './middleLine.js';

/** Two bars that lie in each other without one standing on the other. */
export interface ThroughBars {
  readonly memberId: string;
  readonly otherId: string;
}

/** Bars whose faces come this much into each other are not merely side by side, m. */
const INTO_M = 0.003;
/** Nearer to an end than so many times its section a bar is in a joint, where neighbours are fitted to each other. */
const JOINT = 1.5;

interface Bar {
  readonly member: Member;
  readonly line: MiddleLine;
  readonly lengthM: number;
  readonly sizeM: number;
}

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

/** Whether two bars pass through each other away from the ends of both. */
const passes = (a: Bar, b: Bar): boolean => {
  const [u, v] = [directionOf(a.line), directionOf(b.line)];
  const w = subtract(a.line.start, b.line.start);
  const along = dot(u, v);
  if (length(cross(u, v)) < 0.05) return false;
  const [du, dv] = [dot(u, w), dot(v, w)];
  const s = clamp((along * dv - du) / (1 - along ** 2), a.lengthM);
  const t = clamp(dv + along * s, b.lengthM);
  const inside = ({ lengthM, sizeM }: Bar, at: number): boolean => at > JOINT * sizeM && at < lengthM - JOINT * sizeM;
  if (!inside(a, s) || !inside(b, t)) return false;
  const apart = Math.hypot(...w.map((x, i) => x + (u[i] as number) * s - (v[i] as number) * t));
  return (
    apart <
    (Math.min(a.member.bar.widthM, a.member.bar.heightM) + Math.min(b.member.bar.widthM, b.member.bar.heightM)) / 2 -
      INTO_M
  );
};

const search = ({ members, ownBars }: Pick<Chassis, 'members' | 'ownBars'>): readonly ThroughBars[] => {
  const joined = new Set(
    ownBars.flatMap(({ id, from, to }) =>
      [from, to].flatMap((end) => (end.kind === 'on' ? [`${id} ${end.barId}`, `${end.barId} ${id}`] : [])),
    ),
  );
  const bars = members.flatMap((member): Bar[] => {
    const line = member.hungOn ? undefined : middleLineOf(member);
    return line
      ? [{ member, line, lengthM: lineLengthM(line), sizeM: Math.max(member.bar.widthM, member.bar.heightM) }]
      : [];
  });
  return bars.flatMap((bar, i) =>
    bar.member.group === 'own'
      ? bars
          .filter(
            (other, k) => (other.member.group !== 'own' || k < i) && !joined.has(`${bar.member.id} ${other.member.id}`),
          )
          .filter((other) => passes(bar, other))
          .map((other) => ({ memberId: bar.member.id, otherId: other.member.id }))
      : [],
  );
};

const kept = new WeakMap<object, readonly ThroughBars[]>();

/** Bars of one's own and of pieces that pass through others without being joined to them; worked out once for a frame. */
export const throughBars = (chassis: Pick<Chassis, 'members' | 'ownBars'>): readonly ThroughBars[] => {
  const known = kept.get(chassis);
  if (known) return known;
  const found = search(chassis);
  kept.set(chassis, found);
  return found;
};
