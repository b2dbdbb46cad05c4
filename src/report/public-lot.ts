import { isCarried, isDenied } from '@/core/balance/weigh';
import { planOfCar } from '@/core/body/plan';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { recordsOf } from '@/core/records/reduce';
import type { PublicLot, Trait } from '@/core/yard/traits';
import { bandText } from '@/words/grade';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { blursOf } from './blurs';
import { numberedFindings } from './numbered';
import { sealedRecords } from './read-snapshot';
import type { Snapshot } from './snapshot';
import { stripOf } from './strip';

type Facts = Omit<PublicLot, 'token' | 'sha256'>;

/** Share of a view from which on it counts as seen. */
const SEEN = 0.9;

/** What a sealed report says of its lot in a list of lots: of what is published in it and of nothing else. Null without a car. */
export function publicLot(snapshot: Snapshot): Facts | null {
  const { records } = sealedRecords(snapshot.bundle);
  const car = recordsOf(records, 'car')[0]?.body;
  const plan = planOfCar(car);
  if (!car || !plan) return null;
  const { results, tables, bundle } = snapshot;
  const findings = numberedFindings(records, plan);
  const flaws = findings.map((f) => flawById(f.record.body.flaw));
  const [whole] = results.whole;
  const words = results.claims?.map((c) => c.word) ?? [];
  const has: Readonly<Record<Trait, boolean>> = {
    'claims-hold': words.length > 0 && words.every((w) => isCarried(w)),
    'claims-fail': words.some((w) => isDenied(w)),
    'structure-lost': flaws.some((f) => f.id === 'structural-loss') || results.gates.length > 0,
    holes: flaws.some((f) => f.id === 'perforated' || f.id === 'structural-loss'),
    filler: flaws.some((f) => f.id === 'filler-visible') || results.paint.zones.some((z) => filled(z.state)),
    ends: (results.endings ?? []).length > 0,
    starts: recordsOf(records, 'start').some((s) => s.body.catches === 'at-once' || s.body.catches === 'after-a-while'),
    driven: recordsOf(records, 'road').some((r) => r.body.driven),
    'seen-below': (results.coverage.byView.underneath?.seen ?? 0) >= SEEN,
    film: recordsOf(records, 'film').length > 0,
    offers: recordsOf(records, 'offer').length > 0,
  };
  const blurs = blursOf(bundle);
  const strip = stripOf({ records, plan, wording: PLAIN_WORDING })[0];
  const grade = whole?.grade;
  return {
    number: bundle.lot.number,
    title: bundle.lot.title,
    revision: snapshot.revision,
    sealedAt: snapshot.sealedAt,
    year: car.year,
    grade:
      grade && grade.low !== null && grade.value !== null && grade.high !== null
        ? { low: grade.low, value: grade.value, high: grade.high }
        : null,
    band: whole ? bandText(whole.bands ?? whole.band, results.coverage.whole.seen, tables.grade.bandFromSeen) : '',
    seen: results.coverage.whole.seen,
    findings: findings.length,
    // One that is whole: lists show no picture of which something is unreadable.
    picture: strip?.kind === 'strip' ? (strip.pictures.find((p) => !blurs.has(p.sha256))?.sha256 ?? null) : null,
    traits: (Object.keys(has) as Trait[]).filter((t) => has[t]),
  };
}

/** Whether a panel is more likely filled than not, in a survivor and in a rebuilt car alike. */
const filled = (state: Readonly<Record<string, { filled?: number }>> | null): boolean =>
  state !== null && Object.values(state).length > 0 && Object.values(state).every((s) => (s.filled ?? 0) > 0.5);
