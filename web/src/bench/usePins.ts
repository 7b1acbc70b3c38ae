import { useCallback, useState } from 'react';
import { recall, remember } from '../storage/remembered';

const keyOf = (projectId: string): string => `kereta-pins-${projectId}`;

const readPins = (projectId: string): readonly string[] => {
  try {
    const stored: unknown = JSON.parse(recall(keyOf(projectId)) ?? '[]');
    return Array.isArray(stored) ? stored.filter((id) => typeof id === 'string') : [];
  } catch {
    return [];
  }
};

/** Load cases that are kept at the front of the strip: a matter of view, kept in this browser, outside undo and file. */
export const usePins = (projectId: string) => {
  const [pins, setPins] = useState(() => readPins(projectId));
  const togglePin = useCallback(
    (caseId: string): void =>
      setPins((before) => {
        const next = before.includes(caseId) ? before.filter((id) => id !== caseId) : [...before, caseId];
        remember(keyOf(projectId), JSON.stringify(next));
        return next;
      }),
    [projectId],
  );
  return { isPinned: (caseId: string): boolean => pins.includes(caseId), togglePin };
};
