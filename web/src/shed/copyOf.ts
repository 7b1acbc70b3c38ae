import type { Project } from '@kereta/core';
import { nanoid } from 'nanoid';

/** The same trailer under another name, as one of its own. */
export const copyOf = (project: Project, name: string): Project => ({
  ...project,
  id: `trailer.${nanoid(10)}`,
  design: { ...project.design, name },
});
