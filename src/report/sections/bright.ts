import { recordsOf } from '@/core/records/reduce';
import { platingText, SHARE_CAUTION } from '@/words/shares';
import { zoneName } from '@/words/zones';
import { defineSection, SEALS_NOTHING } from '../section';

/** How far plated pieces are gone, off pictures, the worst first. */
export const bright = defineSection({
  ...SEALS_NOTHING,
  title: 'Bright and glass',
  blocks: ({ records, wording }) => {
    const platings = [...recordsOf(records, 'plating')].sort((a, b) => b.body.areaShare - a.body.areaShare);
    if (platings.length === 0) return [];
    return [
      { kind: 'heading', text: 'Plating measured on pictures', evidence: 'measured' },
      {
        kind: 'list',
        style: 'plain',
        items: platings.map(({ body }) => ({ lead: `${zoneName(body.zone, wording)}: `, text: platingText(body) })),
      },
      { kind: 'para', tone: 'soft', text: SHARE_CAUTION },
    ];
  },
});
