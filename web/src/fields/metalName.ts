import { findMaterial, type Trailer } from '@kereta/core';
import { voice } from './language/t';

/** What a metal is called in the language of the page; a trailer's own goes by the name it was given. */
export const metalName = (trailer: Trailer, id: string): string | undefined => {
  const name = findMaterial(trailer, id)?.name;
  return name === undefined ? undefined : voice.name(name);
};
