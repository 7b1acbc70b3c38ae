import { openProject, type Project } from '@kereta/core';
import { forget, recall, remember } from './remembered';

/**
 * What a page had not written yet when it went away. The database answers later than a page that is closed can wait for; this small store
 * answers at once. The next page of the trailer takes it up, unless something newer has been saved since.
 */
const keyOf = (projectId: string): string => `kereta-rescue-${projectId}`;

export const keepForNextPage = (project: Project, since: number): void =>
  remember(keyOf(project.id), JSON.stringify({ since, project }));

export const dropRescued = (projectId: string): void => forget(keyOf(projectId));

/** The state that the last page could not write, where it started from what is stored now. */
export const rescued = (projectId: string, storedAt: number): Project | undefined => {
  const text = recall(keyOf(projectId));
  if (text === null) return undefined;
  try {
    const { since, project } = JSON.parse(text) as { readonly since?: unknown; readonly project?: unknown };
    const opened = openProject(project);
    return typeof since === 'number' && since >= storedAt && opened.ok ? opened.value : undefined;
  } catch {
    return undefined;
  }
};
