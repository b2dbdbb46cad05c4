import type { LeakPlace } from '../catalogue/leak-places';
import { within, wordsOf } from '../records/words-of';

/** Words of a name that say one place by themselves: "rear main" is the rear main seal, "seal" is none. */
const TELLING = 2;

/**
 * The place of a car's leak graph that words name: all of its name is among them, or they are all of its name, two at least.
 * The longest name where several are named; null where none is, or two are named alike.
 */
export function leakPlaceNamed(words: string, layout: ReadonlyMap<string, LeakPlace>): string | null {
  const said = wordsOf(words);
  if (said.size === 0) return null;
  const named = [...layout].flatMap(([place, { name }]) => {
    const own = wordsOf(name);
    return within(own, said) || (said.size >= TELLING && within(said, own)) ? [[place, own.size] as const] : [];
  });
  const most = Math.max(...named.map(([, n]) => n));
  const best = named.filter(([, n]) => n === most);
  return best.length === 1 ? best[0]![0] : null;
}
