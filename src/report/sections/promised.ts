import type { StoredRecord } from '@/core/kinds';
import { jobKey } from '@/core/kinds/job';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { countedName } from '@/words/flaws';
import { doneWhen, jobName, offeredText, promiseKept } from '@/words/offers';
import { plural } from '@/words/plural';
import type { Wording } from '@/words/vocabulary';
import { zoneWords } from '@/words/zones';
import type { Block, ListItem } from '../block';
import { pictureRow } from '../picture-row';
import { defineSection, SEALS_NOTHING } from '../section';

type Finding = StoredRecord<'finding'>;

const listOf = (items: readonly ListItem[]): Block => ({ kind: 'list', style: 'plain', items });

/** What a job that was done put right, in words: the findings that are published. */
function closedBy({ body }: StoredRecord<'done'>, findings: ReadonlyMap<string, Finding>, wording: Wording): string {
  const own = body.serves.flatMap((id) => findings.get(id) ?? []);
  return own.length === 0
    ? ''
    : ` Put right: ${own.map((f) => `${countedName(f.body, wording.words)}, ${zoneWords(f.body.zone, wording)}`).join('; ')}.`;
}

/** Money off, what is promised before the car changes hands, and work done since it was found wanting. */
export const promised = defineSection({
  title: 'Allowed, promised and done',
  ...SEALS_NOTHING,
  blocks: ({ records, wording }) => {
    const offers = recordsOf(records, 'offer');
    const jobsDone = recordsOf(records, 'done');
    const doneByJob = new Map(jobsDone.map((d) => [jobKey(d.body), d.body]));
    const findings = new Map(recordsOf(records, 'finding').map((f) => [f.id, f]));
    const ofDone = new Set(jobsDone.map((d) => d.id));
    const allowed = offers.filter((o) => o.body.sort === 'allowance');
    const promises = offers.filter((o) => o.body.sort === 'promise');
    const lead = (job: Parameters<typeof jobName>[0]) => `${capital(jobName(job, wording))}: `;
    const pictures = recordsOf(records, 'photo').filter((p) => ofDone.has(p.body.finding ?? ''));
    return [
      ...(allowed.length > 0
        ? [
            { kind: 'heading', text: 'Allowed by the house, work left to the buyer' } as const,
            listOf(
              allowed.map(({ id, body }) => ({
                lead: lead(body),
                text: `${offeredText(body)}.`,
                rests: { ids: [id] },
              })),
            ),
          ]
        : []),
      ...(promises.length > 0
        ? [
            { kind: 'heading', text: 'Promised by the house before the car changes hands' } as const,
            listOf(
              promises.map(({ id, body }) => ({
                lead: lead(body),
                rests: { ids: [id] },
                text: `${offeredText(body)}. ${promiseKept(body, doneByJob.get(jobKey(body)) ?? null)}`,
              })),
            ),
          ]
        : []),
      ...(jobsDone.length > 0
        ? [
            { kind: 'heading', text: `${plural(jobsDone.length, 'job')} done since`, evidence: 'told' } as const,
            listOf(
              jobsDone.map((d) => ({
                lead: lead(d.body),
                rests: { ids: [d.id] },
                text: `${doneWhen(d.body)}.${closedBy(d, findings, wording)}`,
              })),
            ),
            {
              kind: 'para',
              tone: 'soft',
              text: 'What was put right is neither among the findings nor counted as good: how the place is now is said where it was looked at again.',
            } as const,
            ...(pictures.length > 0
              ? [{ kind: 'pictures', pictures: pictures.map((p) => pictureRow(p, p.body.zone, wording)) } as const]
              : []),
          ]
        : []),
    ];
  },
});
