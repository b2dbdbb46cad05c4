import type { StoredRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import type { Block } from '../block';
import type { NumberedFinding } from '../numbered';
import { defineSection, SEALS_NOTHING } from '../section';

type Chapters = Extract<Block, { kind: 'film' }>['chapters'];

/** Moments in the order of time, a chapter for each run at one place; what names no place stays with what came before. */
function chaptersOf(
  moments: readonly StoredRecord<'moment'>[],
  findings: readonly NumberedFinding[],
  wording: Wording,
): Chapters {
  const numbers = new Map(findings.map((f) => [f.record.id, f.number]));
  const chapters: { zone: string | null; title: string; moments: Chapters[number]['moments'][number][] }[] = [];
  for (const { id, body } of [...moments].sort((a, b) => a.body.fromS - b.body.fromS)) {
    const last = chapters.at(-1);
    const said = last?.moments.at(-1);
    const row = { id, fromS: body.fromS, toS: body.toS, words: body.words, finding: numbers.get(body.of) ?? null };
    // Two figures said in one breath are one moment.
    if (said?.fromS === body.fromS && said.words === body.words && (row.finding ?? said.finding) === said.finding)
      continue;
    if (last && (body.zone === null || body.zone === last.zone)) last.moments.push(row);
    else
      chapters.push({
        zone: body.zone,
        title: body.zone ? capital(zoneName(body.zone, wording)) : 'The car',
        moments: [row],
      });
  }
  return chapters.map(({ title, moments: own }) => ({ title, moments: own }));
}

/** Films of the car with chapters by place; what was said stands at its second. */
export const film = defineSection({
  ...SEALS_NOTHING,
  title: 'The film',
  blocks: ({ records, findings, wording }) => {
    const films = recordsOf(records, 'film');
    const moments = recordsOf(records, 'moment');
    const photos = new Map(recordsOf(records, 'photo').map((p) => [p.id, p.body.sha256]));
    return films.map(({ id, body }): Block => {
      const { name, sha256, type, bytes, link, lengthS, drawn } = body;
      const own = moments.filter((m) => m.body.film === id);
      return {
        kind: 'film',
        id,
        name,
        sha256,
        type,
        bytes,
        link,
        lengthS,
        drawn,
        poster: (body.poster && photos.get(body.poster)) ?? null,
        chapters: chaptersOf(own, findings, wording),
      };
    });
  },
});
