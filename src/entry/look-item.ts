import type { Aspect } from '@/core/body/zone';
import type { BlockedBy } from '@/core/kinds/look';
import { ASPECT_WORDS, BLOCKED_WORDS, term } from '@/words/terms';
import type { ItemDefinition } from './clause';

/** That something was seen and clean, or could not be looked at. */
export interface LookItem {
  readonly kind: 'look';
  readonly zone: string;
  readonly aspects: readonly Aspect[];
  readonly outcome: 'clean' | 'blocked';
  readonly why: BlockedBy | null;
  readonly note: string;
}

export const LOOK_ITEM: ItemDefinition<LookItem> = {
  puts: ({ zone, aspects, outcome, why, note }, { at }) =>
    aspects.map((aspect) => ({ kind: 'look', body: { zone, aspect, outcome, why, note, at } })),
  chips: (item, wording) => [
    item.outcome === 'clean' ? 'seen and clean' : `blocked: ${item.why ? BLOCKED_WORDS[item.why] : ''}`,
    item.aspects.map((a) => term(ASPECT_WORDS, a, wording.words)).join(', '),
  ],
  facts: (item) =>
    item.outcome === 'clean'
      ? item.aspects.map((a) => `clean ${item.zone} ${a}`)
      : [`blocked ${item.zone} ${item.why}`],
};
