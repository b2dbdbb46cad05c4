'use client';

import { recordsOf } from '@/core/records/reduce';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { TakeOut } from '@/ui/parts/take-out';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { colourText } from '@/words/colour';
import { zoneName } from '@/words/zones';

/** Colours compared on photographs, the plainest difference first. */
export function Colours() {
  const { state, car } = useInspection();
  const wording = useWording(car?.steering);
  const rows = [...recordsOf(state.records, 'colour')].sort((a, b) => b.body.deltaE.value - a.body.deltaE.value);
  return (
    <section className="grid gap-2 border-t border-line p-4" aria-label="Colours">
      <h2 className="text-lg font-bold">Colours compared</h2>
      {rows.length === 0 && (
        <p className="text-sm text-soft">
          None yet. Among the photos, choose one (or three angles) with a grey card in it, then “Compare colour”.
        </p>
      )}
      <ul className="divide-y divide-line text-sm">
        {rows.map((r) => (
          <li key={r.id} className="flex items-start gap-2 py-1.5">
            <span className="min-w-0 flex-1">
              <strong>{zoneName(r.body.zone, wording)}</strong> {colourText(r.body, wording)}
            </span>
            <EvidenceStamp evidence="measured" />
            <TakeOut record={r.id} says={`Take the comparison of ${zoneName(r.body.zone, wording)} out`} raised />
          </li>
        ))}
      </ul>
    </section>
  );
}
