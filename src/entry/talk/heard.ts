import type { EntryItem } from '../clauses';
import type { EntryContext } from '../context';
import { parseEntry } from '../parse';
import { NEGATIONS } from '../phrases';
import { plainTalk } from './plain';

/** Single words that say nothing between two statements. */
const EMPTY: ReadonlySet<string> = new Set(
  "the a an is are was and also here there this that these it its it's i you we so then just with but of to at in on has have had well now next okay yeah yes please".split(
    ' ',
  ),
);
/** Longest statement, words; longest utterance that is taken apart. */
const MOST_WORDS = 16;
const MOST_TOKENS = 60;
/** Each statement more costs a little, so that what belongs together stays together. */
const EACH = 0.4;

interface Best {
  readonly score: number;
  readonly items: readonly EntryItem[];
  readonly zone: string | null;
  /** Words from there were taken as saying nothing. */
  readonly bare: boolean;
}

const zoneAfter = (items: readonly EntryItem[], before: string | null): string | null => {
  const last = items.findLast((i) => 'zone' in i && i.kind !== 'tried');
  return last && 'zone' in last ? last.zone : before;
};

/**
 * What an utterance says, taken apart into statements that the entry line understands whole; null where any word between
 * them is left that might say something. Nothing is passed over but words that say nothing, and no negation ever.
 */
export function heard(text: string, context: EntryContext): readonly EntryItem[] | null {
  const plain = plainTalk(text, context.unit);
  const words = plain
    .replaceAll(/[,.!?:]+(?=\s|$)/g, ' , ')
    .split(/\s+/)
    .filter(Boolean);
  if (words.length === 0) return [];
  if (words.length > MOST_TOKENS) return null;
  const known = new Map<string, readonly EntryItem[] | null>();
  const read = (from: number, to: number, zone: string | null): readonly EntryItem[] | null => {
    const said = words
      .slice(from, to)
      .filter((w) => w !== ',')
      .join(' ');
    const key = `${zone} ${said}`;
    const held = known.get(key);
    if (held !== undefined) return held;
    const { items, problems } = parseEntry(said, { ...context, zone });
    const whole = problems.length === 0 && items.length > 0 ? items : null;
    known.set(key, whole);
    return whole;
  };
  const best: (Best | null)[] = Array.from({ length: words.length + 1 }, () => null);
  best[0] = { score: 0, items: [], zone: context.zone, bare: true };
  const offer = (at: number, b: Best) => {
    if (!best[at] || b.score > best[at].score) best[at] = b;
  };
  for (let i = 0; i < words.length; i++) {
    const here = best[i];
    if (!here) continue;
    const word = words[i]!;
    if (word === ',' || (EMPTY.has(word) && !NEGATIONS.has(word))) offer(i + 1, { ...here, bare: true });
    if (word === ',') continue;
    for (let k = Math.min(words.length, i + MOST_WORDS); k > i; k--) {
      if (words[k - 1] === ',') continue;
      const items = read(i, k, here.zone);
      if (!items) continue;
      offer(k, {
        score: here.score + (k - i) - EACH,
        items: [...here.items, ...items],
        zone: zoneAfter(items, here.zone),
        bare: false,
      });
    }
  }
  return best[words.length]?.items ?? null;
}
