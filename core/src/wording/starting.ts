import type { StartNote } from '../starting/index.js';
import type { Speaker } from './speak.js';

/** What was decided otherwise than somebody may expect, and what to do about it. */
export const startNoteText = (note: StartNote, say: Pick<Speaker, 'length' | 'mass'>): string => {
  switch (note.code) {
    case 'wider-than-between-wheels':
      return `The bed is ${say.length(note.bedM)} wide, as much as fits between the wheels; ${say.length(note.goodsM)} reach over them. Raise the load past the tires, or build the deck over them.`;
    case 'no-axle-for-it':
      return `Two axles of the list carry ${say.mass(note.ratedKg)} together; ${say.mass(note.neededKg)} are wanted with a reserve. That is no trailer to build at home.`;
    case 'tandem':
      return 'Two axles share it.';
    case 'brakes':
      return 'It has brakes and a breakaway: so much weight asks for them in most places.';
    case 'vehicle-tows-less':
      return `Such a vehicle usually tows ${say.mass(note.usualKg)}; this will be up to ${say.mass(note.grossKg)}. Read its papers before you go on.`;
    case 'not-balanced':
      return 'No place of the axle suits it both empty and loaded: see Balance for what would.';
    case 'not-strong':
      return 'No frame of what is at hand bears it: it is drawn with usual bars. See Is it strong? for what would.';
  }
};
