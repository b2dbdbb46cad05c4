import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { Snapshot } from '@/report/snapshot';
import { carFacts, notSeenText, visitText } from '@/words/report';
import { CLAIM_WORDS, term } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { EvidenceStamp } from '../parts/evidence-stamp';

/** Under what conditions and with which instruments the car was looked at. */
export function Conditions({
  records,
  wording,
  timeZone,
}: {
  records: readonly AnyRecord[];
  wording: Wording;
  timeZone?: string | undefined;
}) {
  const car = recordsOf(records, 'car')[0]?.body;
  return (
    <section className="grid gap-2" aria-label="Conditions">
      <h2 className="text-xl font-bold">Conditions and instruments</h2>
      {recordsOf(records, 'visit').map(({ id, body: v }) => (
        <p key={id}>{visitText(v, timeZone)}</p>
      ))}
      {car && (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-sm">
          {carFacts(car, wording).map(([name, value]) => (
            <div key={name} className="contents">
              <dt className="font-semibold">{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
      )}
    </section>
  );
}

/** What the seller says, as said. */
export function Claims({ records, wording }: { records: readonly AnyRecord[]; wording: Wording }) {
  const claims = recordsOf(records, 'claim');
  if (claims.length === 0) return null;
  return (
    <section className="grid gap-2" aria-label="Claims">
      <h2 className="text-xl font-bold">What the seller says</h2>
      <p className="text-sm text-soft">In the seller’s words. A claim is no finding of the inspector.</p>
      <ul className="divide-y divide-line border-y border-line">
        {claims.map(({ id, body }) => (
          <li key={id} className="flex items-start justify-between gap-3 py-2">
            <span>
              “{body.text}”{' '}
              <span className="text-sm text-soft">{`${body.source}, ${term(CLAIM_WORDS, body.kind, wording.words)}`}</span>
            </span>
            <EvidenceStamp evidence="told" />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Everything not seen, by reason. */
export function NotSeen({ snapshot, wording }: { snapshot: Snapshot; wording: Wording }) {
  const groups = notSeenText(snapshot.results.notSeen, wording);
  return (
    <section className="grid gap-2" aria-label="What was not seen">
      <h2 className="text-xl font-bold">What was not seen</h2>
      {groups.length === 0 && <p>Every place on the plan was looked at.</p>}
      {groups.map(({ why, places }) => (
        <div key={why} className="border border-dashed border-ink/60 p-3">
          <h3 className="font-bold">{why}</h3>
          <p className="text-sm">{places}</p>
        </div>
      ))}
    </section>
  );
}
