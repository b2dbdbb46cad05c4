import { z } from 'zod';
import type { Axis } from '@/core/catalogue/axes';
import { isOnRecord, isWorthTelling } from '@/core/grade/told-losses';
import { capital } from '@/words/capital';
import { flawName } from '@/words/flaws';
import { AXIS_WORDS, lossText } from '@/words/grade';
import { partSaysAmong } from '@/words/papers';
import { zoneWords } from '@/words/zones';
import type { BandRow, Block } from '../block';
import type { SectionView } from '../section';

export const toldLossSchema = z.object({
  by: z.string(),
  finding: z.string().nullable(),
  of: z.string().nullable(),
  places: z.number(),
  points: z.number(),
  n: z.number(),
});
type View = SectionView<{
  axes: { axis: Axis; seen: number; grade: BandRow['grade']; losses?: z.infer<typeof toldLossSchema>[] | undefined }[];
}>;

/** Said of an axis of which nothing was seen: a figure for it would be that of other cars. */
export const NOT_SEEN = 'not seen';

/** What each axis lost, where the report holds it: numbered findings by their numbers. */
export function lossBlocks({ sealed, findings, records, wording }: View): Block[] {
  const partSays = partSaysAmong(records, wording.words);
  const numbered = new Map(findings.map((f) => [f.record.id, f]));
  const axes = sealed.axes.filter((a) => a.losses !== undefined);
  if (axes.length === 0) return [];
  return [
    { kind: 'heading', text: 'What each axis lost' },
    {
      kind: 'losses',
      axes: axes.map((a) => ({
        id: a.axis,
        name: capital(AXIS_WORDS[a.axis]),
        left: a.seen === 0 ? NOT_SEEN : String(Math.round(a.grade.value ?? 0)),
        rows: a.losses!.filter(isWorthTelling).map((l) => {
          const f = l.finding === null ? undefined : numbered.get(l.finding);
          const text = f
            ? `${flawName(f.record.body.flaw, wording.words)}, ${zoneWords(f.record.body.zone, wording)}`
            : l.finding === null
              ? lossText(l, wording.words, partSays)
              : 'a finding that is withheld';
          return {
            text: capital(text),
            points: l.points,
            number: f?.number ?? null,
            known: isOnRecord(l),
          };
        }),
      })),
    },
  ];
}
