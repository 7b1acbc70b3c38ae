import { openProject, type Project } from '@kereta/core';
import { loadTrailer } from '../storage/trailers';

/** What comes over an address: a whole trailer, or only what was recorded of one that is there already. */
export type Sent =
  | { readonly kind: 'trailer'; readonly project: Project }
  | { readonly kind: 'record'; readonly id: string; readonly name: string; readonly record: Project['record'] };

export const sentText = (project: Project, recordOnly: boolean): string =>
  JSON.stringify(
    recordOnly
      ? { ...project, design: { name: project.design.name }, kereta: 'record' }
      : { kereta: 'trailer', project },
  );

/** Reads what came; undefined where it is none of ours, or not whole. A record is read with the trailer that it is of. */
export const readSent = async (text: string): Promise<Sent | undefined> => {
  let sent: Readonly<Record<string, unknown>> | null;
  try {
    sent = JSON.parse(text) as typeof sent;
  } catch {
    return undefined;
  }
  if (sent === null) return undefined;
  if (sent['kereta'] === 'trailer') {
    const opened = openProject(sent['project']);
    return opened.ok ? { kind: 'trailer', project: opened.value } : undefined;
  }
  if (sent['kereta'] !== 'record' || typeof sent['id'] !== 'string') return undefined;
  const here = await loadTrailer(sent['id']);
  const design = here?.opened.ok ? here.opened.value : undefined;
  const name = (sent['design'] as { readonly name?: unknown } | undefined)?.name;
  const whose = { kind: 'record', id: sent['id'], name: typeof name === 'string' ? name : '' } as const;
  if (!design) return { ...whose, record: { entries: [] } };
  // Checked by the one door, with the design that is here.
  const opened = openProject({ ...design, record: sent['record'] });
  return opened.ok ? { ...whose, record: opened.value.record } : undefined;
};
