import { z } from 'zod';
import type { Plan } from '@/core/body/plan';
import { VIEWS } from '@/core/body/zone';
import type { Coverage } from '@/core/coverage/coverage';
import { capital } from '@/words/capital';
import { notSeenText } from '@/words/report';
import { term, VIEW_WORDS } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import type { Block } from '../block';
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

/** How much of each piece was looked at, as maps that need no reading. */
function coverageMap(rows: readonly Row[], plan: Plan, wording: Wording): Block {
  const missed = new Map<string, Set<string>>();
  for (const { zone, aspects } of rows) missed.set(zone, new Set([...(missed.get(zone) ?? []), ...aspects]));
  const how = (slug: string) => {
    const { aspects } = plan.zones.get(slug)!;
    const unseen = aspects.filter((a) => missed.get(slug)?.has(a)).length;
    return unseen === 0 ? 'whole' : unseen < aspects.length ? 'part' : 'none';
  };
  const views = VIEWS.filter((v) => plan.lap[v].length > 0);
  const all = views.flatMap((v) => plan.lap[v]);
  return {
    kind: 'coverage',
    whole: all.filter((z) => how(z) === 'whole'),
    part: all.filter((z) => how(z) === 'part'),
    views: views.map((view) => {
      const words = capital(term(VIEW_WORDS, view, wording.words));
      const lap = plan.lap[view];
      const count = (h: string) => lap.filter((z) => how(z) === h).length;
      const parts = [
        [count('whole'), 'in whole'],
        [count('part'), 'in part'],
        [count('none'), 'not at all'],
      ] as const;
      const told = parts.filter(([n]) => n > 0);
      return {
        view,
        title: `What was looked at, ${words}`,
        caption:
          told.length === 1
            ? `${words}: ${lap.length === 1 ? 'its one piece' : `all ${lap.length} pieces`} ${told[0]![1]}`
            : `${words}: of ${lap.length} pieces ${told.map(([n, h]) => `${n} ${h}`).join(', ')}`,
      };
    }),
  };
}

/** Everything that was not seen, by reason. */
export const notSeen = defineSection({
  title: 'What was not seen',
  sealed: notSeenPart,
  blank: { notSeen: [] },
  needs: ['notSeen'],
  seal: ({ judgement: { coverage } }) => ({ notSeen: unseen(coverage) }),
  blocks: ({ sealed, plan, wording }) => {
    const groups = notSeenText(sealed.notSeen, wording);
    const map = coverageMap(sealed.notSeen, plan, wording);
    return groups.length === 0
      ? [{ kind: 'para', text: 'Every place on the plan was looked at.' }, map]
      : [map, ...groups.map(({ why, places }) => ({ kind: 'box' as const, title: why, text: places }))];
  },
});
