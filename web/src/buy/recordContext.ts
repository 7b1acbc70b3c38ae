import type { ProjectRecord } from '@kereta/core';
import { createContext } from 'react';

/** What was recorded of the open trailer. */
export const RecordContext = createContext<ProjectRecord | undefined>(undefined);
