import { ENOUGH, houseAgreement, isOne, type Mean } from '@/core/agreement/house';
import type { PracticeRow } from '@/core/practice/practice-row';
import { plural } from '@/words/plural';

const signed = (v: number) => `${v > 0 ? '+' : v < 0 ? '−' : ''}${Math.abs(v).toFixed(1)}`;
const meanText = (m: Mean) => `${signed(m.mean)} (${signed(m.low)} to ${signed(m.high)})`;

/** How far the house's inspectors agree over all closed second looks: the spread of one judgement, who leans, who drifts. */
export function HouseAgrees({ rows }: { rows: readonly PracticeRow[] }) {
  const closed = rows.flatMap((r) =>
    r.outcome?.kind === 'second' && r.closedAt
      ? [{ first: r.outcome.first, second: r.outcome.second, at: r.closedAt, whole: r.outcome.agreement.whole }]
      : [],
  );
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
            {judgementSd.high.toFixed(1)}). A manager may put it under{' '}
            <a href="/grade-numbers" className="underline underline-offset-4">
              Numbers of the grade
            </a>
            , as the doubt of any judgement: each interval follows it.
          </>
        ) : (
          <>
            {plural(pairs, 'pair')} with a grade each. From {ENOUGH.spread} on the spread of a judgement is told, and
            can take the place of the shipped one.
          </>
        )}
      </p>
      <div className="overflow-x-auto">
        <table className="w-full text-sm">
          <thead>
            <tr className="border-b-2 border-ink text-left">
              <th className="py-1 pr-3">Inspector</th>
              <th className="py-1 pr-3 text-right">Pairs</th>
              <th className="py-1 pr-3 text-right">Grades higher by, points</th>
              <th className="py-1 text-right">Moves in 30 days</th>
            </tr>
          </thead>
          <tbody>
            {people.map((p) => (
              <tr key={p.name} className="border-b border-line">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {p.name}
                </th>
                <td className="figure py-1 pr-3 text-right">{p.pairs}</td>
                <td className="figure py-1 pr-3 text-right">
                  {p.bias ? meanText(p.bias) : 'too few pairs'}
                  {isOne(p.bias) && <strong className="block font-body">leans</strong>}
                </td>
                <td className="figure py-1 text-right">
                  {p.drift ? meanText(p.drift) : 'too few pairs'}
                  {isOne(p.drift) && <strong className="block font-body">drifts</strong>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
