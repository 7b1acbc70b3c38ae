export { CalledOff, type Job, type JobSignal, type Report } from './job.js';
export { doJob, FLICK_LASTS_S, type JobInput, type JobName, type JobOutput, JOBS } from './jobs.js';
