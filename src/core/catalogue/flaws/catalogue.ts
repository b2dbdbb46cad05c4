import { FINISH } from './finish';
import { FITTINGS } from './fittings';
import type { Flaw } from './flaw';
import { METAL } from './metal';
import { OWN_WORDS_FLAW } from './own-words';
import { SHAPE } from './shape';

/** The whole catalogue. */
export const FLAWS: readonly Flaw[] = [...FINISH, ...SHAPE, ...METAL, ...FITTINGS, OWN_WORDS_FLAW];
export const FLAW_IDS: ReadonlySet<string> = new Set(FLAWS.map((f) => f.id));
