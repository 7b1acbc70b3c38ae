import { type Trailer } from '../project/index.js';
import { publishedVerify, type Source } from '../source.js';

type Region = Trailer['settings']['regions'][number];

/** What is usually asked for before a trailer of one's own goes on the road. Principles, from memory: the authority's own list governs. */
export const PAPERS_BY_REGION = {
  'north-america': {
    asks: [
      'Receipts of material and parts, photos of the build, a weight slip of the empty trailer.',
      'A number assigned by the state or province after it was looked at, on its own plate; makers stamp seventeen characters of their own.',
      'Lamps, reflectors, chains, and brakes above the weight that the place sets.',
      'Some places ask nothing below 1,000 to 3,000 lb; others want an inspection before paint.',
    ],
    source: publishedVerify('49 CFR 565, 567, 571.110; state and provincial law differs'),
  },
  europe: {
    asks: [
      'Up to 750 kg light rules, in some countries without approval; above, an individual approval before it is used.',
      'A coupling with its type plate, welds or bolts as its papers say, brakes from 750 kg on.',
      'A plate with largest mass, axle mass, load on the coupling, number and year; lamps by UN R48.',
      'Ask the testing body before you weld: many want drawings and proof of the steel first.',
    ],
    source: publishedVerify('Regulation (EU) 2018/858; national law for single vehicles differs'),
  },
  australia: {
    asks: [
      'Up to 4.5 t aggregate mass a statement that it complies, with a plate: builder, ATM, GTM, axle ratings, tires, number and month.',
      'A seventeen-character number, lamps by the design rules, chains by mass, brakes above 750 kg.',
    ],
    source: publishedVerify('VSB 1, Vehicle Standards Bulletin; state law differs'),
  },
} as const satisfies Readonly<Record<Region, { readonly asks: readonly string[]; readonly source: Source }>>;
