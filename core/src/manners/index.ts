export { bandOf, type MannerFacts, mannerFacts, type MannerHere, mannersHere } from './here.js';
export {
  type DecidedBy,
  type Manner,
  type MannerBand,
  MANNERS,
  type MannerText,
  type Matter,
  MATTERS,
} from './rules.js';
