import { recordsOf } from '@/core/records/reduce';
import { pictureRow } from '../picture-row';
import { defineSection, SEALS_NOTHING } from '../section';

/** Pictures that show no finding. */
export const pictures = defineSection({
  ...SEALS_NOTHING,
  title: 'More pictures',
  blocks: ({ records, findings, wording }) => {
    // What shows a fluid, a part or a number stands beside it.
    const shown = new Set([
      ...findings.map((f) => f.record.id),
      ...(['fluid', 'mech', 'number'] as const).flatMap((kind) => recordsOf(records, kind).map((r) => r.id)),
    ]);
    const loose = recordsOf(records, 'photo').filter((p) => p.body.finding === null || !shown.has(p.body.finding));
    if (loose.length === 0) return [];
    return [
      {
        kind: 'pictures',
        pictures: loose.map((p) => {
          const row = pictureRow(p, p.body.zone, wording);
          return { ...row, caption: row.caption || p.body.name };
        }),
      },
    ];
  },
});
