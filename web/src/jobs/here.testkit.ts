import { doJob, type JobInput, type JobName, type JobOutput } from '@kereta/core';

/** For tests: stands in for `askWorker`, with the jobs done in the page and no worker between. */
export const jobsHere = async (original: () => Promise<unknown>): Promise<object> => ({
  ...((await original()) as object),
  runJob: <Name extends JobName>(name: Name, input: JobInput<Name>): Promise<JobOutput<Name>> =>
    doJob(name, input, { aborted: false }, () => undefined),
});
