import type { Aspect } from '@/core/body/zone';
import type { AnyRecord } from '@/core/records/kinds';
import { BLOCKED_BY, type BlockedBy } from '@/core/records/kinds/look';
import { recordsOf } from '@/core/records/reduce';
import type { Snapshot } from '@/core/report/snapshot';
import { ASPECT_WORDS, BLOCKED_WORDS, CLAIM_WORDS, LIFT_WORDS, LIGHT_WORDS, SURFACE_WORDS, term } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { dayText } from '../dates';
import { EvidenceStamp } from '../parts/evidence-stamp';

/** Under what conditions and with which instruments the car was looked at. */
export function Conditions({ records }: { records: readonly AnyRecord[] }) {
  const car = recordsOf(records, 'car')[0]?.body;
  return (
    <section className="grid gap-2" aria-label="Conditions">
      <h2 className="text-xl font-bold">Conditions and instruments</h2>
      {recordsOf(records, 'visit').map(({ id, body: v }) => (
        <p key={id}>
          {dayText(v.startedAt)}, {v.place}
          {v.inspector && `, by ${v.inspector}`}
          {v.hours ? `, ${v.hours} hours` : ''}: {LIGHT_WORDS[v.light]}, {SURFACE_WORDS[v.surface]},{' '}
          {v.clean ? 'car clean' : 'car not clean'},{' '}
          {v.temperatureC === null ? 'temperature not stated' : `${v.temperatureC} °C`}, {LIFT_WORDS[v.lift]}.{' '}
          {v.gauge
            ? `Thickness gauge ${v.gauge.name}, ceiling ${v.gauge.ceilingUm} µm, ${v.gauge.checks.length === 0 ? 'not checked on foils' : `checked: ${v.gauge.checks.map((c) => `at the ${c.when} the ${c.foilUm} µm foil showed ${c.foilReadUm}, bare plate ${c.zeroUm}`).join('; ')}`}.`
            : 'No thickness gauge.'}{' '}
          {v.note}
        </p>
      ))}
      {car && (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-sm">
          {[
            ['Chassis number', car.chassisNumber || 'not read'],
            ['Engine number', car.engineNumber || 'not read'],
            [
              'Odometer',
              car.odometer ? `${car.odometer.value.toLocaleString('en-GB')} ${car.odometer.unit}` : 'not read',
            ],
            ['Colour', car.colour || 'not stated'],
            ['Driven', car.leave.drive === 'yes' ? 'leave given' : 'no'],
          ].map(([name, value]) => (
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

const isReason = (why: string | null): why is BlockedBy => (BLOCKED_BY as readonly string[]).includes(why ?? '');

/** Everything not seen, by reason. */
export function NotSeen({ snapshot, wording }: { snapshot: Snapshot; wording: Wording }) {
  const groups = new Map<string, Snapshot['results']['notSeen']>();
  for (const row of snapshot.results.notSeen) {
    const why = isReason(row.why) ? `Blocked: ${BLOCKED_WORDS[row.why]}` : 'Not looked at';
    groups.set(why, [...(groups.get(why) ?? []), row]);
  }
  return (
    <section className="grid gap-2" aria-label="What was not seen">
      <h2 className="text-xl font-bold">What was not seen</h2>
      {groups.size === 0 && <p>Every place on the plan was looked at.</p>}
      {[...groups].map(([why, rows]) => (
        <div key={why} className="border border-dashed border-ink/60 p-3">
          <h3 className="font-bold">{why}</h3>
          <p className="text-sm">
            {rows
              .map(
                (r) =>
                  `${zoneName(r.zone, wording)} (${r.aspects.map((a) => term(ASPECT_WORDS, a as Aspect, wording.words)).join(', ')})`,
              )
              .join('; ')}
          </p>
        </div>
      ))}
    </section>
  );
}
