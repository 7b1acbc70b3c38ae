import type { StoredTrailer } from '../storage/trailers';

/** A trailer's name; of one that cannot be read the name that stands in its raw record, or its id. */
export const nameOfStored = ({ opened, raw, id }: StoredTrailer): string => {
  if (opened.ok) return opened.value.design.name;
  if (typeof raw === 'object' && raw !== null) {
    const { name, design } = raw as { name?: unknown; design?: { name?: unknown } | null };
    if (typeof name === 'string' && name !== '') return name;
    if (typeof design?.name === 'string' && design.name !== '') return design.name;
  }
  return id;
};
