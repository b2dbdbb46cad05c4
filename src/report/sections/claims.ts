import { recordsOf } from '@/core/records/reduce';
import { CLAIM_WORDS, term } from '@/words/terms';
import { defineSection, SEALS_NOTHING } from '../section';

/** What the seller says, as said. */
export const claims = defineSection({
  ...SEALS_NOTHING,
  title: 'What the seller says',
  blocks: ({ records, wording }) => {
    const all = recordsOf(records, 'claim');
    if (all.length === 0) return [];
    return [
      { kind: 'para', tone: 'soft', text: 'In the seller’s words. A claim is no finding of the inspector.' },
      {
        kind: 'statements',
        items: all.map(({ body }) => ({
          text: `“${body.text}”`,
          source: `${body.source}, ${term(CLAIM_WORDS, body.kind, wording.words)}`,
          evidence: 'told',
        })),
      },
    ];
  },
});
