import { FLAWS } from './catalogue';
import type { Flaw } from './flaw';

const BY_ID = new Map(FLAWS.map((f) => [f.id, f]));

/** The flaw of that id. Throws for an id that the schema cannot have let through. */
export function flawById(id: string): Flaw {
  const flaw = BY_ID.get(id);
  if (!flaw) throw new Error(`no flaw ${id} in the catalogue`);
  return flaw;
}
