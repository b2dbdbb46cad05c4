import { ENOUGH, houseAgreement } from '@/core/agreement/house';
import { pairsAmong } from '@/core/practice/pairs';
import type { PracticeRow } from '@/core/practice/practice-row';
import { told } from '@/ui/told';
import { plural } from '@/words/plural';
import { LeaningTable } from './leaning-table';

/** How far the house's inspectors agree over all closed second looks: the spread of one judgement, who leans, who drifts. */
export function HouseAgrees({ rows, manages }: { rows: readonly PracticeRow[]; manages: boolean }) {
  const closed = pairsAmong(rows);
  if (closed.length === 0) return null;
  const { pairs, judgementSd, people } = houseAgreement(closed);
  return (
    <section aria-label="How we agree" className="grid gap-2">
      <h2 className="text-lg font-bold">How we agree</h2>
      <p>
        {judgementSd ? (
          <>
            From {plural(pairs, 'pair')} one judgement spreads by{' '}
            <strong className="figure">{judgementSd.sd.toFixed(1)}</strong> points ({judgementSd.low.toFixed(1)} to{' '}
            {judgementSd.high.toFixed(1)}). As the doubt of any judgement it widens or narrows every interval of a
            grade; it can be put back under{' '}
            <a href="/grade-numbers" className="underline underline-offset-4">
              Numbers of the grade
            </a>
            .
          </>
        ) : (
          <>
            {plural(pairs, 'pair')} with a grade each. From {ENOUGH.spread} on the spread of a judgement is told, and
            can take the place of the shipped one.
          </>
        )}
      </p>
      {judgementSd && manages && (
        <button
          type="button"
          className="btn justify-self-start"
          onClick={() =>
            void told(
              '/api/v1/practice/spread',
              'PUT',
              {},
              'Kept: grades of drafts follow it. Sealed reports keep theirs.',
            )
          }
        >
          Make it the house’s own
        </button>
      )}
      <LeaningTable
        rows={people}
        says={{ name: 'Inspector', count: 'Pairs', bias: 'Grades higher by, points', few: 'too few pairs' }}
      />
    </section>
  );
}
