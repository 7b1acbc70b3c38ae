import type { Speaker } from '../speak.js';
import { type Language, numbersIn } from './language.js';

/** The trailer's speaker with its numbers as the language writes them; units are signs and stay. */
export const sayIn = (say: Speaker, language: Language): Speaker =>
  language === 'en'
    ? say
    : {
        ...say,
        length: (metres) => numbersIn(say.length(metres), language),
        ground: (metres) => numbersIn(say.ground(metres), language),
        mass: (kg) => numbersIn(say.mass(kg), language),
        load: (newtons) => numbersIn(say.load(newtons), language),
        stress: (pascals) => numbersIn(say.stress(pascals), language),
        percent: (share, decimals) => numbersIn(say.percent(share, decimals), language),
      };
