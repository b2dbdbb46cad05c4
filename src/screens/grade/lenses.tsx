'use client';

import type { Share } from '@/core/coverage/coverage';
import type { Grade } from '@/core/grade/grade';
import type { Lens } from '@/core/grade/tables';
import { IntervalBand } from '@/ui/charts/interval-band';
import { Link } from '@/ui/parts/link';
import { useInspection } from '@/ui/records/inspection';
import { bandCaveat, bandPromise, bandText, gradeFigures, LENS_WORDS, rankIsSaid } from '@/words/grade';

/** The whole under four lenses, what its bands promise, and why the lenses differ on this car. */
export function Lenses({
  grade,
  coverage,
  lens,
  choose,
  why,
}: {
  grade: Grade;
  coverage: Share;
  lens: Lens;
  choose: (lens: Lens) => void;
  why: string;
}) {
  const { facts } = useInspection();
  const { bands, bandFromSeen } = facts.tables.grade;
  const limits = bands.map((b) => b.from).filter((f) => f > 0);
  const chosen = grade.whole.find((w) => w.lens === lens)!;
  const enough = rankIsSaid(coverage.seen, bandFromSeen);
  return (
    <div className="sheet grid gap-3 p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="text-lg font-bold">As it stands, under four lenses</h2>
        <span className="text-sm">
          <strong className="figure">{Math.round(coverage.seen * 100)}</strong> % seen, {coverage.blocked}{' '}
          {coverage.blocked === 1 ? 'place' : 'places'} blocked
        </span>
      </div>
      <ul className="grid gap-2">
        {grade.whole.map((w) => (
          <li key={w.lens}>
            <button
              type="button"
              aria-pressed={lens === w.lens}
              onClick={() => choose(w.lens)}
              className="grid w-full grid-cols-[1fr_auto] items-center gap-x-3 rounded-cut border border-line px-3 py-2 text-left hover:border-ink aria-pressed:border-2 aria-pressed:border-thread sm:grid-cols-[150px_1fr_150px]"
            >
              <span>
                <span className="block font-semibold first-letter:uppercase">{w.lens}</span>
                <span className="block text-xs text-soft">{LENS_WORDS[w.lens]}</span>
              </span>
              <span className="order-last col-span-2 sm:order-none sm:col-span-1">
                <IntervalBand
                  id={w.lens}
                  grade={w.grade}
                  limits={limits}
                  label={`${w.lens}: ${gradeFigures(w.grade)} of 100`}
                  capped={w.capped}
                />
              </span>
              <span className="text-right">
                <span className="figure block font-semibold">{gradeFigures(w.grade)}</span>
                <span className="block text-sm">{bandText(w.bands, coverage.seen, bandFromSeen)}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p className="text-sm">{why}</p>
      {enough ? (
        <dl className="grid gap-1 text-sm">
          {chosen.bands.map((b) => {
            const promise = bandPromise(b);
            const caveat = bandCaveat(b, lens, grade.presents.metres);
            return (
              promise && (
                <div key={b} className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-2">
                  <dt className="font-semibold">{b}</dt>
                  <dd className="text-soft first-letter:uppercase">
                    {promise}. {caveat && <strong className="font-semibold text-ink">{caveat}</strong>}
                  </dd>
                </div>
              )
            );
          })}
        </dl>
      ) : null}
      <p className="text-sm">
        {enough ? (
          <>
            <strong>For its years:</strong> better than about {Math.round(chosen.forItsYears)} in 100 cars of its age as
            they come to sales, {lens} lens.
          </>
        ) : (
          <>
            <strong>Too little seen</strong> to name a band or a rank among cars of its age: that takes{' '}
            {Math.round(bandFromSeen * 100)} % of all places.
          </>
        )}{' '}
        <span className="text-soft">
          The band is where 8 of 10 full looks would end; it narrows only by looking.
          {facts.state === 'sealed' && ' The sealed report keeps the figures it was sealed with.'}
        </span>{' '}
        <Link href="/numbers" className="underline">
          The numbers behind it
        </Link>
      </p>
    </div>
  );
}
