import { type Project, type Trailer, trailerOf } from '../project/index.js';
import { apiaryFlatbed } from './apiaryFlatbed.js';
import { ovenTrailer } from './ovenTrailer.js';
import { telescopeTrailer } from './telescopeTrailer.js';

/** What a first visit finds in the shed; invented, each with an honest problem to find. */
export const DEMO_PROJECTS: readonly Project[] = [apiaryFlatbed, ovenTrailer, telescopeTrailer];
export const DEMO_TRAILERS: readonly Trailer[] = DEMO_PROJECTS.map(trailerOf);
