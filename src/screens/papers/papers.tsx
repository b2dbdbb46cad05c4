'use client';

import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { useWording } from '@/ui/preferences';
import { useCar, useRecords } from '@/ui/records/inspection';
import { carFacts } from '@/words/report';
import { CLAIM_WORDS, term } from '@/words/terms';

/** Numbers and papers as read, and what the seller says; with the looks at them. */
export function Papers() {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const claims = useRecords('claim');
  return (
    <AspectChapter title="Papers" aspects={['identity']}>
      {car && (
        <section className="grid gap-2 border-b border-line p-4" aria-label="Numbers">
          <h2 className="text-lg font-bold">As read</h2>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
            {carFacts(car, wording).map(([name, value]) => (
              <div key={name} className="contents">
                <dt className="font-semibold">{name}</dt>
                <dd className="figure">{value}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}
      <section className="grid gap-2 border-b border-line p-4" aria-label="Claims">
        <h2 className="text-lg font-bold">What the seller says</h2>
        {claims.length === 0 ? (
          <p className="text-sm text-soft">No claim is written down. Intake takes them as they were said.</p>
        ) : (
          <ul className="divide-y divide-line text-sm">
            {claims.map(({ id, body }) => (
              <li key={id} className="flex items-start justify-between gap-3 py-2">
                <span>
                  “{body.text}”{' '}
                  <span className="text-soft">
                    {body.source}, {term(CLAIM_WORDS, body.kind, wording.words)}
                  </span>
                </span>
                <EvidenceStamp evidence="told" />
              </li>
            ))}
          </ul>
        )}
      </section>
    </AspectChapter>
  );
}
