import { expose } from 'comlink';
import { strengthTasks } from './strengthTasks';

expose(strengthTasks());
