import { z } from 'zod';
import type { Judgement } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { functionName, SAFETY_CAUTION, triedOfText, triedText } from '@/words/functions';
import type { Block } from '../block';

const functionSchema = z.object({ record: z.string(), name: z.string(), safety: z.boolean(), slow: z.boolean() });
export const functionsSchema = z.object({
  asked: z.number().int(),
  lines: z.array(functionSchema),
  /** Names of those that nobody tried and nobody said why. */
  untried: z.array(z.string()),
});

/** Of functions only once somebody began to try them. */
export const sealFunctions = ({ functions: j }: Judgement) =>
  j.begun
    ? {
        asked: j.asked.length,
        lines: j.asked.flatMap((l) =>
          l.record
            ? [{ record: l.record.id, name: functionName(l), safety: l.of.safety, slow: j.poor.includes(l) }]
            : [],
        ),
        untried: j.asked.filter((l) => !l.record).map(functionName),
      }
    : undefined;

export function functionBlocks(f: z.infer<typeof functionsSchema>, records: readonly AnyRecord[]): Block[] {
  if (f.lines.length === 0) return [];
  const bodies = new Map(recordsOf(records, 'tried').map((t) => [t.id, t.body]));
  const all = f.lines.flatMap((l) => {
    const body = bodies.get(l.record);
    return body ? [{ ...l, body }] : [];
  });
  const works = all.filter((l) => l.body.state === 'works' && !l.slow && l.body.note === '');
  const told = all
    .filter((l) => !works.includes(l) && l.body.state !== 'absent')
    .sort((a, b) => Number(b.safety) - Number(a.safety));
  const names = (list: readonly { name: string }[]) => list.map((l) => l.name).join('; ');
  const absent = all.filter((l) => l.body.state === 'absent');
  const says = (l: (typeof told)[number]) =>
    `${triedText(l.body)}${l.slow && l.body.state === 'works' ? ', slow' : ''}${l.safety ? '; driving depends on it' : ''}`;
  return [
    { kind: 'heading', text: 'What works', evidence: 'seen', rests: { kinds: ['tried'] } },
    {
      kind: 'para',
      text: `${triedOfText(
        f.asked,
        all.map((l) => l.body.state),
      )}.`,
    },
    ...(told.length > 0
      ? [
          {
            kind: 'table' as const,
            label: 'Functions that do not work as they should, or were not tried',
            columns: [{ name: 'Function' }, { name: 'As found', wide: true }],
            rows: told.map((l) => [{ text: capital(l.name), rests: { ids: [l.record] } }, { text: says(l) }]),
          },
        ]
      : []),
    ...(works.length > 0
      ? [
          {
            kind: 'folded' as const,
            title: `${works.length} work`,
            blocks: [{ kind: 'para' as const, text: `${capital(names(works))}.` }],
          },
        ]
      : []),
    ...(absent.length > 0
      ? [{ kind: 'para' as const, tone: 'soft' as const, text: `Not fitted: ${names(absent)}.` }]
      : []),
    ...(f.untried.length > 0 ? [{ kind: 'para' as const, text: `Nobody tried: ${f.untried.join('; ')}.` }] : []),
    ...(told.some((l) => l.safety && l.body.state !== 'untried')
      ? [{ kind: 'para' as const, tone: 'soft' as const, text: SAFETY_CAUTION }]
      : []),
  ];
}
