import { expose } from 'comlink';
import { jobHost } from './host';

expose(jobHost());
