import { planOfCar } from '@/core/body/plan';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { numberedFindings } from '@/report/numbered';
import { sealedRecords } from '@/report/read-snapshot';
import type { Snapshot } from '@/report/snapshot';
import { capital } from '@/words/capital';
import { filmTime } from '@/words/film-time';
import { countedName } from '@/words/flaws';
import { viewNamed } from '@/words/standard-views';
import type { Wording } from '@/words/vocabulary';
import { zoneName, zoneWords } from '@/words/zones';
import type { AskAbout } from './ask';

/** Pictures by what they are called: a standard view, or their own words and place. */
function pictures(records: readonly AnyRecord[], wording: Wording): AskAbout[] {
  return recordsOf(records, 'photo').map(({ id, body }, i) => {
    const called = body.view
      ? viewNamed(body.view, wording)
      : [body.caption, body.zone && zoneWords(body.zone, wording)].filter(Boolean).join(', ');
    return { group: 'Pictures', value: `photo|${id}`, says: called ? capital(called) : `Picture ${i + 1}` };
  });
}

/** What can be asked about in a report, and the number of each finding; nothing where its car cannot be drawn. */
export function askAbout(
  snapshot: Snapshot,
  wording: Wording,
): { readonly abouts: readonly AskAbout[]; readonly numbers: ReadonlyMap<string, number> } {
  const { records } = sealedRecords(snapshot.bundle);
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  if (!plan) return { abouts: [], numbers: new Map() };
  const findings = numberedFindings(records, plan);
  const films = new Set(recordsOf(records, 'film').map((f) => f.id));
  const moments = recordsOf(records, 'moment')
    .filter((m) => films.has(m.body.film))
    .sort((a, b) => a.body.fromS - b.body.fromS);
  const seen = new Set<string>();
  return {
    numbers: new Map(findings.map((f) => [f.record.id, f.number])),
    abouts: [
      ...findings.map(
        ({ number, record }): AskAbout => ({
          group: 'Findings',
          value: `finding|${record.id}`,
          says: `${number}: ${countedName(record.body, wording.words)}, ${zoneWords(record.body.zone, wording)}`,
        }),
      ),
      ...pictures(records, wording),
      ...[...plan.zones.keys()].map(
        (slug): AskAbout => ({
          group: 'Places',
          value: `zone|${slug}`,
          says: capital(zoneName(slug, wording)),
        }),
      ),
      ...moments.flatMap(({ body }): AskAbout[] => {
        const value = `film|${body.film}|${body.fromS}`;
        if (seen.has(value)) return [];
        seen.add(value);
        return [{ group: 'Moments of the film', value, says: `${filmTime(body.fromS)}: “${body.words}”` }];
      }),
    ],
  };
}
