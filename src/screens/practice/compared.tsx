'use client';

import type { Agreement } from '@/core/agreement/compare';
import type { Kappa } from '@/core/agreement/kappa';
import { usePreferences, useWording } from '@/ui/preferences';
import { capital } from '@/words/capital';
import { flawName } from '@/words/flaws';
import { AXIS_WORDS } from '@/words/grade';
import { plural } from '@/words/plural';
import { signedText } from '@/words/signed';
import { zoneName } from '@/words/zones';

const kappaText = (k: Kappa | null) =>
  k === null
    ? 'nothing to compare'
    : `κ ${k.kappa.toFixed(2)} ± ${(1.96 * k.se).toFixed(2)}, ${Math.round(100 * k.observed)} % alike`;

/** Two looks at one car side by side: of what both looked at, and of nothing else. */
export function Compared({ agreement: a, first, second }: { agreement: Agreement; first: string; second: string }) {
  const { words } = usePreferences().preferences;
  const wording = useWording();
  return (
    <>
      <p>
        {a.whole === null
          ? 'One of the two has no grade: too little was seen.'
          : `${second} grades the car ${a.whole === 0 ? 'the same' : `${Math.abs(a.whole).toFixed(1)} points ${a.whole > 0 ? 'higher' : 'lower'}`} than ${first}.`}{' '}
        What only one of them looked at counts for nothing here.
      </p>
      <div className="grid items-start gap-5 lg:grid-cols-2">
        <section className="sheet grid gap-2 p-4" aria-label="Axis by axis">
          <h2 className="font-bold">Axis by axis</h2>
          <table className="w-full text-sm">
            <thead>
              <tr className="border-b-2 border-ink text-left">
                <th className="py-1">Axis</th>
                <th className="py-1 text-right">{first}</th>
                <th className="py-1 text-right">{second}</th>
                <th className="py-1 text-right">Apart</th>
              </tr>
            </thead>
            <tbody>
              {a.axes.map((x) => (
                <tr key={x.axis} className="border-b border-line">
                  <th scope="row" className="py-1 text-left font-normal first-letter:uppercase">
                    {AXIS_WORDS[x.axis]}
                  </th>
                  <td className="figure py-1 text-right">{x.first === null ? 'not seen' : x.first.toFixed(0)}</td>
                  <td className="figure py-1 text-right">{x.second === null ? 'not seen' : x.second.toFixed(0)}</td>
                  <td className="figure py-1 text-right">{x.differ === null ? '' : signedText(x.differ)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section className="sheet grid gap-3 p-4" aria-label="Beyond chance">
          <h2 className="font-bold">Beyond chance</h2>
          <dl className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-sm">
            <dt>What works, {plural(a.functions.pairs, 'function')}</dt>
            <dd className="figure text-right">{kappaText(a.functions.kappa)}</dd>
            <dt>Stages of rust, {plural(a.stages.pairs, 'place')}</dt>
            <dd className="figure text-right">{kappaText(a.stages.kappa)}</dd>
            <dt>Film, {plural(a.film.pairs, 'panel')}</dt>
            <dd className="figure text-right">
              {a.film.limits
                ? `${signedText(a.film.limits.bias)} µm; 95 of 100 from ${signedText(a.film.limits.lower)} to ${signedText(a.film.limits.upper)}`
                : 'too few panels'}
            </dd>
            <dt>Findings that both have</dt>
            <dd className="figure text-right">{a.findings.both}</dd>
          </dl>
          {a.findings.only.length > 0 && (
            <>
              <h3 className="text-sm font-bold">Found by one, where both looked</h3>
              <ul className="divide-y divide-line text-sm">
                {a.findings.only.map((f) => (
                  <li key={`${f.by} ${f.zone} ${f.flaw}`} className="flex justify-between gap-3 py-1">
                    <span>
                      {capital(flawName(f.flaw, words))}, {zoneName(f.zone, wording)}
                    </span>
                    <span className="text-soft">{f.by === 'first' ? first : second}</span>
                  </li>
                ))}
              </ul>
            </>
          )}
        </section>
      </div>
    </>
  );
}
