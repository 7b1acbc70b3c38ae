export { type CheckReport, checkExitCode, checkReport, checkText } from './checkReport.js';
export { cutListCsv, findingsCsv, weightsCsv } from './csv.js';
export type { NeutralProblem } from './neutralProblem.js';
export { calculateFrame } from './neutralFrame.js';
export { calculateSections } from './neutralSection.js';
export { calculateSway } from './neutralSway.js';
export { calculateStatics } from './neutralStatics.js';
export { type ArrivedBlob, type Arrival, readTrailers, SHED_FILE_SUFFIX, writeShed } from './shedArchive.js';
export { type StrengthFilter, type StrengthReport, strengthReport } from './strengthReport.js';
