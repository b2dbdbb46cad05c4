import { z } from 'zod';
import type { Plan } from '@/core/body/plan';
import { VIEWS, type Zone } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import type { StoredRecord } from '@/core/kinds';
import { pairOf } from '@/core/photo/pairs';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { countedName, flawCause } from '@/words/flaws';
import { bearsText } from '@/words/metal';
import { plural } from '@/words/plural';
import { extentText } from '@/words/report';
import { REMEDY_WORDS, term, VIEW_WORDS } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import type { Block, FilmMoment, FindingRow } from '../block';
import { momentsByRecord } from '../film-moments';
import type { NumberedFinding } from '../numbered';
import { pictureRow } from '../picture-row';
import { defineSection } from '../section';

/** How grave each published finding is, 0 to 1, by its id. */
export const severityPart = { severity: z.record(z.string(), z.number()).optional() };

function rowOf(
  { number, record }: NumberedFinding,
  photos: readonly StoredRecord<'photo'>[],
  grave: number,
  zone: Zone | undefined,
  wording: Wording,
  moments: readonly FilmMoment[],
): FindingRow {
  const { id, body } = record;
  const { family, remedies } = flawById(body.flaw);
  const cause = flawCause(body.flaw, wording.words);
  const { far, near } = pairOf(record, photos);
  return {
    id,
    number,
    family,
    severity: grave,
    zone: body.zone,
    place: body.place,
    title: capital(`${zoneName(body.zone, wording)}: ${countedName(body, wording.words)}`),
    evidence: body.evidence,
    lines: [extentText(body), bearsText(body.flaw, zone), body.note].filter(Boolean),
    aside: `${cause ? `Usually: ${cause}. ` : ''}Possible remedy: ${remedies.map((r) => REMEDY_WORDS[r]).join(', or ')}.`,
    pictures: [
      ...(far ? [{ ...pictureRow(far, null, wording), lead: 'From afar: ' }] : []),
      ...near.map((p) => pictureRow(p, null, wording)),
    ],
    moments,
  };
}

function withheldOf(records: Parameters<typeof recordsOf>[0]) {
  const counts = new Map<string, number>();
  for (const { body } of recordsOf(records, 'finding'))
    if (body.withheld) counts.set(body.withheld, (counts.get(body.withheld) ?? 0) + 1);
  return [...counts].map(([reason, count]) => ({ reason, count }));
}

/** Pieces that the car has on both sides, where they differ: what was found on the left, and on the right. */
function leftAndRight(all: readonly NumberedFinding[], plan: Plan, wording: Wording): Block[] {
  const at = (zone: string) =>
    all
      .filter((f) => f.record.body.zone === zone)
      .map((f) => `${f.number} ${countedName(f.record.body, wording.words)}`)
      .join('; ');
  const rows = [...plan.zones.values()].flatMap((z) => {
    if (!z.twin || !/\.left(?:\.|$)/.test(z.slug)) return [];
    const [left, right] = [at(z.slug), at(z.twin)];
    // The piece without its side.
    const piece = zoneName(z.slug, wording).split(', ').slice(0, -1).join(', ') || zoneName(z.slug, wording);
    return left === '' && right === '' ? [] : [[{ text: piece }, { text: left || '–' }, { text: right || '–' }]];
  });
  return rows.length === 0
    ? []
    : [
        {
          kind: 'folded',
          title: 'Left against right',
          shut: true,
          blocks: [
            {
              kind: 'table',
              label: 'What was found on the left and on the right',
              columns: [{ name: 'Piece' }, { name: 'Left', wide: true }, { name: 'Right', wide: true }],
              rows,
            },
          ],
        },
      ];
}

/** Every finding with its place, extent, evidence and pictures; what is left out is counted by its reason. */
export const findings = defineSection({
  title: 'Findings',
  sealed: { withheld: z.array(z.object({ reason: z.string(), count: z.number().int() })), ...severityPart },
  blank: { withheld: [], severity: undefined },
  seal: ({ records, judgement }) => ({
    withheld: withheldOf(judgement.records),
    severity: Object.fromEntries(
      recordsOf(records, 'finding')
        .filter((f) => !f.body.withheld)
        .map((f) => [f.id, severity(f.body)]),
    ),
  }),
  blocks: ({ sealed, plan, findings: all, records, wording }) => {
    const photos = recordsOf(records, 'photo');
    const said = momentsByRecord(records);
    const n = sealed.withheld.reduce((sum, w) => sum + w.count, 0);
    const reasons = sealed.withheld.map((w) => `${w.count}, ${w.reason}`).join('; ');
    const blocks: Block[] = [
      all.length === 0
        ? { kind: 'para', text: 'Nothing was found in what was looked at. See below for what was not.' }
        : {
            kind: 'findings',
            groups: VIEWS.flatMap((view) => {
              const own = all.filter((f) => f.view === view);
              if (own.length === 0) return [];
              const grave = (f: NumberedFinding) => sealed.severity?.[f.record.id] ?? severity(f.record.body);
              return [
                {
                  title: capital(term(VIEW_WORDS, view, wording.words)),
                  findings: own.map((f) =>
                    rowOf(
                      f,
                      photos,
                      grave(f),
                      plan.zones.get(f.record.body.zone),
                      wording,
                      said.get(f.record.id) ?? [],
                    ),
                  ),
                },
              ];
            }),
          },
    ];
    blocks.push(...leftAndRight(all, plan, wording));
    if (n > 0)
      blocks.push({
        kind: 'box',
        title: `${plural(n, 'finding is', 'findings are')} left out`,
        text: `${reasons}. The grade counts ${n === 1 ? 'it' : 'them'}.`,
      });
    return blocks;
  },
});
