import { z } from 'zod';
import type { Coverage } from '@/core/coverage/coverage';
import { notSeenText } from '@/words/report';
import { defineSection } from '../section';

export const notSeenPart = {
  notSeen: z.array(z.object({ zone: z.string(), aspects: z.array(z.string()), why: z.string().nullable() })),
};
type Row = z.infer<typeof notSeenPart.notSeen>[number];

/** Places by what was not seen of them and why. */
function unseen({ cells }: Coverage): Row[] {
  const rows = new Map<string, Row>();
  for (const { zone, aspect, status, why } of cells) {
    if (status !== 'unseen' && status !== 'blocked') continue;
    const key = `${zone.slug}/${why ?? ''}`;
    const row = rows.get(key) ?? { zone: zone.slug, aspects: [], why };
    row.aspects.push(aspect);
    rows.set(key, row);
  }
  return [...rows.values()];
}

/** Everything that was not seen, by reason. */
export const notSeen = defineSection({
  title: 'What was not seen',
  sealed: notSeenPart,
  blank: { notSeen: [] },
  needs: ['notSeen'],
  seal: ({ judgement: { coverage } }) => ({ notSeen: unseen(coverage) }),
  blocks: ({ sealed, wording }) => {
    const groups = notSeenText(sealed.notSeen, wording);
    return groups.length === 0
      ? [{ kind: 'para', text: 'Every place on the plan was looked at.' }]
      : groups.map(({ why, places }) => ({ kind: 'box', title: why, text: places }));
  },
});
