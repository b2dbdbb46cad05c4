import { z } from 'zod';
import { isSlow } from '@/core/functions/list';
import { FOUND_AS, findingOf } from '@/core/functions/model';
import type { Judgement } from '@/core/judge/judge';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { flawName } from '@/words/flaws';
import { functionName, SAFETY_CAUTION, triedOfText, triedText } from '@/words/functions';
import type { Block } from '../block';
import type { SectionView } from '../section';

const functionSchema = z.object({
  record: z.string(),
  name: z.string(),
  safety: z.boolean(),
  slow: z.boolean(),
  /** A finding that names it and says that it does not work as it should, though it was said to work. */
  finding: z.string().optional(),
});
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
        lines: j.asked.flatMap((l) => {
          if (!l.record) return [];
          const said = findingOf(j, l);
          const { state } = l.record.body;
          return [
            {
              record: l.record.id,
              name: functionName(l),
              safety: l.of.safety,
              slow: state === 'poor' || (state === 'works' && isSlow(l) === true),
              ...(said && { finding: said.id }),
            },
          ];
        }),
        untried: j.asked.filter((l) => !l.record).map(functionName),
      }
    : undefined;

export function functionBlocks(
  f: z.infer<typeof functionsSchema>,
  { records, findings, wording }: SectionView<unknown>,
): Block[] {
  if (f.lines.length === 0) return [];
  const bodies = new Map(recordsOf(records, 'tried').map((t) => [t.id, t.body]));
  const numbered = new Map(findings.map((n) => [n.record.id, n]));
  const all = f.lines.flatMap((l) => {
    const body = bodies.get(l.record);
    return body ? [{ ...l, body, found: numbered.get(l.finding ?? '') }] : [];
  });
  const works = all.filter((l) => l.body.state === 'works' && !l.slow && !l.found && l.body.note === '');
  const told = all
    .filter((l) => !works.includes(l) && l.body.state !== 'absent')
    .sort((a, b) => Number(b.safety) - Number(a.safety));
  const names = (list: readonly { name: string }[]) => list.map((l) => l.name).join('; ');
  const absent = all.filter((l) => l.body.state === 'absent');
  const says = (l: (typeof told)[number]) =>
    [
      l.found ? `${flawName(l.found.record.body.flaw, wording.words)} by finding ${l.found.number}; when tried: ` : '',
      triedText(l.body),
      l.slow && l.body.state === 'works' ? ', slow' : '',
      l.safety ? '; driving depends on it' : '',
    ].join('');
  return [
    { kind: 'heading', text: 'What works', evidence: 'seen', rests: { kinds: ['tried'] } },
    {
      kind: 'para',
      text: `${triedOfText(
        f.asked,
        all.map((l) => (l.found && FOUND_AS[l.found.record.body.flaw]) ?? l.body.state),
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
