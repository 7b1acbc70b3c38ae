import {
  type FrameProblem,
  readyLoads,
  type ReadyLoads,
  sumOfLoads,
  type UnheldFrame,
} from '../../frame-analysis/index.js';
import type { Part } from '../../mass/index.js';
import type { NodesOf } from '../frame-model/spread.js';
import {
  type FieldId,
  fieldWrench,
  type Grips,
  isUnsprung,
  type Loaded,
  type Pressed,
  pressedBy,
  pushedBy,
} from './fields.js';

/** The frame, or a load on it, cannot be solved. */
export class FrameUnsolvable extends Error {
  readonly problems: readonly FrameProblem[];
  constructor(problems: readonly FrameProblem[]) {
    super('the frame cannot be solved');
    this.problems = problems;
  }
}

export const orThrow = <T>(result: { ok: true; value: T } | { ok: false; error: readonly FrameProblem[] }): T => {
  if (result.ok) return result.value;
  throw new FrameUnsolvable(result.error);
};

/** A part as one or several cases have it, with its loads on the frame under unit accelerations. */
interface LoadedPart {
  readonly number: number;
  readonly part: Part;
  readonly units: Map<FieldId, ReadyPart>;
}
interface ReadyPart {
  readonly ready: ReadyLoads;
  readonly pushes: Pressed['pushes'];
}

/** Parts that come and go together, by what they feel; cases that have the same ones share what they do. */
const GROUPS = ['bare', 'axles', 'cargo'] as const;
type GroupId = (typeof GROUPS)[number];
interface PartGroup {
  readonly key: string;
  readonly parts: readonly LoadedPart[];
}

/** A case's parts, sorted. */
export interface PartGroups {
  readonly byId: Readonly<Record<GroupId, PartGroup>>;
  /** the same for cases in which the same parts feel this acceleration */
  readonly keyOf: (field: FieldId) => string;
}

const groupOf = (part: Part): GroupId => (isUnsprung(part) ? 'axles' : part.group === 'cargo' ? 'cargo' : 'bare');

/** Who feels it: springs carry some, and all turn with the trailer. */
const feelers = (field: FieldId): readonly GroupId[] =>
  field.startsWith('turn') ? GROUPS : field.startsWith('unsprung') ? ['axles'] : ['bare', 'cargo'];

/** What decides how a part presses on the frame. */
const loadKey = ({
  id,
  massKg,
  centre,
  x0M,
  x1M,
  y0M,
  y1M,
  heightM,
  carriedBy,
  feet,
  heldX0M,
  heldX1M,
}: Part): string =>
  JSON.stringify([id, massKg, centre, x0M, x1M, y0M, y1M, heightM, carriedBy, feet, heldX0M, heldX1M]);

/** Loads of parts on one frame, however it is held, each made ready once and added up. */
export const loadsOnBody = (unheld: UnheldFrame, grips: Grips, nodesOf: NodesOf) => {
  const byKey = new Map<string, LoadedPart>();
  const byPart = new WeakMap<Part, LoadedPart>();
  const loadedOf = (part: Part): LoadedPart => {
    const same = byPart.get(part);
    if (same) return same;
    const key = loadKey(part);
    const loaded = byKey.get(key) ?? { number: byKey.size, part, units: new Map() };
    byKey.set(key, loaded);
    byPart.set(part, loaded);
    return loaded;
  };
  const unit = ({ part, units }: LoadedPart, field: FieldId): ReadyPart => {
    const known = units.get(field);
    if (known) return known;
    const { pattern, pushes } = pressedBy({ part, wrench: fieldWrench(field, part) }, grips, nodesOf);
    const fresh = { ready: orThrow(readyLoads(unheld, pattern)), pushes };
    units.set(field, fresh);
    return fresh;
  };
  /** Parts that every case has are made ready together. */
  const together = (loaded: readonly Loaded[]): ReadyLoads => {
    const pressed = loaded.map((own) => pressedBy(own, grips, nodesOf));
    const pushes = pressed.flatMap((own) => own.pushes ?? []);
    const patterns = [...pressed.map(({ pattern }) => pattern), pushedBy(pushes, grips, nodesOf)];
    return orThrow(
      readyLoads(unheld, {
        member: patterns.flatMap(({ member }) => member),
        nodal: patterns.flatMap(({ nodal }) => nodal),
      }),
    );
  };
  const sums = new Map<string, ReadyLoads>();
  const sumOf = ({ key, parts }: PartGroup, field: FieldId): ReadyLoads => {
    const id = `${field} ${key}`;
    const known = sums.get(id);
    if (known) return known;
    const fresh = together(parts.map(({ part }) => ({ part, wrench: fieldWrench(field, part) })));
    sums.set(id, fresh);
    return fresh;
  };
  /** Those that come and go one by one, so that cases share them. */
  const cargoOf = ({ parts }: PartGroup, field: FieldId): readonly ReadyLoads[] => {
    const units = parts.map((part) => unit(part, field));
    const pushes = units.flatMap((own) => own.pushes ?? []);
    return [
      ...units.map(({ ready }) => ready),
      ...(pushes.length > 0 ? [orThrow(readyLoads(unheld, pushedBy(pushes, grips, nodesOf)))] : []),
    ];
  };
  return {
    groupsOf: (parts: readonly Part[]): PartGroups => {
      const group = (id: GroupId): PartGroup => {
        const own = parts.filter((part) => part.massKg > 0 && groupOf(part) === id).map(loadedOf);
        return { key: `${id} ${own.map(({ number }) => number).join(' ')}`, parts: own };
      };
      const byId = { bare: group('bare'), axles: group('axles'), cargo: group('cargo') };
      const keys = new Map<FieldId, string>();
      const keyOf = (field: FieldId): string => {
        const known = keys.get(field);
        if (known !== undefined) return known;
        const fresh = feelers(field)
          .map((id) => byId[id].key)
          .join(', ');
        keys.set(field, fresh);
        return fresh;
      };
      return { byId, keyOf };
    },
    /** all parts that feel it under one unit of an acceleration */
    ofField: ({ byId }: PartGroups, field: FieldId): ReadyLoads => {
      const all = feelers(field).flatMap((id) => (id === 'cargo' ? cargoOf(byId[id], field) : sumOf(byId[id], field)));
      return all.length === 1 ? (all[0] as ReadyLoads) : sumOfLoads(unheld, all);
    },
    /** any wrenches on parts */
    ofWrenches: together,
  };
};

export type LoadsOnBody = ReturnType<typeof loadsOnBody>;
