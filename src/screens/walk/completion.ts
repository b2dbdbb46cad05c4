import { PART_PHRASES } from '@/entry/lexicon';
import { FLAW_WORDS } from '@/words/flaws';

const COMPLETIONS = [
  ...new Set([
    ...Object.values(PART_PHRASES).flat(),
    ...Object.values(FLAW_WORDS).flatMap((f) => f.say ?? []),
    'blocked',
    'seen and clean',
    'over',
    'again',
    'undo',
    'left',
    'right',
  ]),
]
  .filter((w) => w.length > 3)
  .sort((a, b) => a.length - b.length || (a < b ? -1 : 1));

/** The word that Tab would complete the line's last word to, or null. */
export function completion(text: string): string | null {
  const last = /([a-z’']{2,})$/i.exec(text)?.[1]?.toLowerCase();
  if (!last) return null;
  return COMPLETIONS.find((w) => w.startsWith(last) && w !== last) ?? null;
}
