import type { Project } from './schema.js';

/** An id that names nothing, or names two things: where it stands, and what it says. */
export interface ReferenceProblem {
  readonly path: readonly PropertyKey[];
  readonly code: 'names-nothing' | 'taken-twice' | 'stands-on-itself';
  readonly id: string;
}

interface Named {
  readonly id: string;
}

const takenTwice = (path: readonly PropertyKey[], things: readonly Named[]): ReferenceProblem[] => {
  const seen = new Set<string>();
  return things.flatMap(({ id }, index) => {
    if (seen.has(id)) return [{ path: [...path, index, 'id'], code: 'taken-twice' as const, id }];
    seen.add(id);
    return [];
  });
};

/** Whether following the items that each stands on comes back to where it started. */
const standsOnItself = (start: string, hosts: ReadonlyMap<string, string | null>): boolean => {
  const seen = new Set<string>();
  for (let at: string | null | undefined = start; at !== null && at !== undefined; at = hosts.get(at)) {
    if (seen.has(at)) return at === start;
    seen.add(at);
  }
  return false;
};

/**
 * Ids of a project that dangle: loads that carry what is not there, items that stand on nothing or on themselves, ids taken twice.
 * Sections and metals are not looked at: a catalog may lack a row that another program had, and the part then says so (a finding).
 */
export const referenceProblems = ({ design, record }: Project): readonly ReferenceProblem[] => {
  const { items, cases, frame, axleCaseId, alsoTowedBy, ownRows, cutting, buying } = design;
  const vehicleIds = new Set(ownRows.vehicles.map(({ id }) => id));
  const itemIds = new Set(items.map(({ id }) => id));
  const caseIds = new Set(cases.map(({ id }) => id));
  const hosts = new Map(items.map(({ id, attach }) => [id, attach.hostId]));
  const entryIds = new Set(record.entries.map(({ id }) => id));
  const members = frame.crossMembers.kind === 'explicit' ? frame.crossMembers.members : [];
  return [
    ...takenTwice(['design', 'items'], items),
    ...takenTwice(['design', 'cases'], cases),
    ...takenTwice(['design', 'cutting', 'stock'], cutting.stock),
    ...takenTwice(['design', 'cutting', 'held'], cutting.held),
    ...takenTwice(['design', 'buying', 'lines'], buying.lines),
    ...takenTwice(['design', 'frame', 'crossMembers', 'members'], members),
    ...takenTwice(['design', 'frame', 'extras'], frame.extras),
    ...takenTwice(['design', 'frame', 'ownBars'], frame.ownBars),
    ...takenTwice(['design', 'frame', 'ownPanels'], frame.ownPanels),
    ...takenTwice(['design', 'frame', 'pieces'], frame.pieces),
    ...takenTwice(['design', 'frame', 'stands'], frame.stands),
    ...Object.entries(design.ownRows).flatMap(([name, rows]) =>
      takenTwice(['design', 'ownRows', name], Array.isArray(rows) ? (rows as Named[]) : []),
    ),
    ...alsoTowedBy.flatMap((id, index): ReferenceProblem[] =>
      vehicleIds.has(id) ? [] : [{ path: ['design', 'alsoTowedBy', index], code: 'names-nothing', id }],
    ),
    ...takenTwice(['record', 'entries'], record.entries),
    ...items.flatMap(({ id, attach }, index): ReferenceProblem[] => {
      const path = ['design', 'items', index, 'attach', 'hostId'];
      if (attach.hostId === null) return [];
      if (!itemIds.has(attach.hostId)) return [{ path, code: 'names-nothing', id: attach.hostId }];
      return standsOnItself(id, hosts) ? [{ path, code: 'stands-on-itself', id: attach.hostId }] : [];
    }),
    ...cases.flatMap(({ aboard }, index) =>
      aboard.flatMap(({ itemId }, place): ReferenceProblem[] => {
        const path = ['design', 'cases', index, 'aboard', place, 'itemId'];
        if (!itemIds.has(itemId)) return [{ path, code: 'names-nothing', id: itemId }];
        return aboard.findIndex((entry) => entry.itemId === itemId) < place
          ? [{ path, code: 'taken-twice', id: itemId }]
          : [];
      }),
    ),
    ...(axleCaseId !== null && !caseIds.has(axleCaseId)
      ? [{ path: ['design', 'axleCaseId'], code: 'names-nothing' as const, id: axleCaseId }]
      : []),
    ...record.entries.flatMap(({ id, corrects }, index): ReferenceProblem[] => {
      if (corrects === undefined) return [];
      const path = ['record', 'entries', index, 'corrects'];
      if (corrects === id) return [{ path, code: 'stands-on-itself', id }];
      return entryIds.has(corrects) ? [] : [{ path, code: 'names-nothing', id: corrects }];
    }),
  ];
};
