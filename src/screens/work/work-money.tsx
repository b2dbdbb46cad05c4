import type { Trade } from '@/core/catalogue/remedies';
import type { Mover } from '@/core/cost/draw';
import type { WorkFound } from '@/core/cost/reckon';
import type { WorkId } from '@/core/work/cost-table';
import { capital } from '@/words/capital';
import { knownText, money, moneyRange } from '@/words/money';
import { jobName } from '@/words/offers';
import { TRADE_WORDS } from '@/words/remedies';
import type { Wording } from '@/words/vocabulary';
import { zoneWords } from '@/words/zones';

type Drawn = WorkFound['drawn'];

/** What putting it right takes, with its doubt, in one line. */
export function WorkTotal({ drawn, currency, busy }: { drawn: Drawn; currency: string; busy: boolean }) {
  const { whole, known, unseen } = drawn;
  return (
    <div className="sheet grid gap-1 p-4" aria-live="polite">
      <h2 className="text-lg font-bold">
        What it takes {busy && <span className="text-sm font-normal text-soft">reckoning…</span>}
      </h2>
      <p className="font-head text-3xl font-bold">{moneyRange(whole.p10, whole.p90, currency)}</p>
      <p className="text-sm">
        As likely below as above {money(whole.p50, currency)}; in eight of ten cases between the two.{' '}
        {capital(knownText({ known, unseen }))}
      </p>
      <p className="text-sm text-soft">
        A house’s estimate by its own hours and rates. It is no offer; ask whoever is to do it.
      </p>
    </div>
  );
}

const WIDTH = 300;
const ROW = 26;

function moverName({ key, sort }: Mover, wording: Wording): string {
  if (sort === 'trade') return `how long the ${TRADE_WORDS[key as Trade]} takes`;
  if (sort === 'unseen') return 'places that nobody saw';
  const [work = '', zone = ''] = key.split('@');
  const at = zone === 'outside' ? null : zone;
  if (sort === 'surprise') return `rust under the filler${at ? `, ${zoneWords(at, wording)}` : ''}`;
  return jobName({ work: work as WorkId, zone: at }, wording);
}

/** What makes the doubt: where the whole lies if this turns out little, and if it turns out much. */
export function WorkMovers({ drawn, currency, wording }: { drawn: Drawn; currency: string; wording: Wording }) {
  const told = drawn.movers.filter((m) => m.high > m.low).slice(0, 7);
  if (told.length === 0) return null;
  const from = Math.min(...told.map((m) => m.low));
  const to = Math.max(...told.map((m) => m.high));
  const x = (v: number) => (WIDTH * (v - from)) / Math.max(1, to - from);
  return (
    <div className="sheet grid gap-2 p-4">
      <h2 className="text-lg font-bold">What makes the doubt</h2>
      <ol className="grid gap-1">
        {told.map((m) => (
          <li key={`${m.sort} ${m.key}`} className="grid gap-x-3 sm:grid-cols-[11rem_minmax(0,1fr)] sm:items-center">
            <span className="text-sm leading-tight first-letter:uppercase">{moverName(m, wording)}</span>
            <svg
              viewBox={`0 0 ${WIDTH} ${ROW}`}
              preserveAspectRatio="none"
              className="h-6 w-full"
              role="img"
              aria-label={`from ${money(m.low)} to ${money(m.high, currency)}`}
            >
              <line
                x1="0"
                x2={WIDTH}
                y1={ROW / 2}
                y2={ROW / 2}
                stroke="var(--line)"
                vectorEffect="non-scaling-stroke"
              />
              <rect
                x={x(m.low)}
                width={Math.max(2, x(m.high) - x(m.low))}
                y="6"
                height={ROW - 12}
                fill="var(--thread)"
                opacity="0.8"
              />
              <line
                x1={x(drawn.whole.p50)}
                x2={x(drawn.whole.p50)}
                y1="0"
                y2={ROW}
                stroke="var(--ink)"
                strokeWidth="2"
                vectorEffect="non-scaling-stroke"
              />
            </svg>
          </li>
        ))}
      </ol>
      <p className="flex justify-between text-xs text-soft">
        <span className="figure">{money(from, currency)}</span>
        <span className="figure">{money(to, currency)}</span>
      </p>
    </div>
  );
}

/** Who does what: hours and money by trade, and what the buyer does himself. */
export function WorkTrades({
  drawn,
  own,
  turn,
  currency,
}: {
  drawn: Drawn;
  own: readonly Trade[];
  turn: (trade: Trade) => void;
  currency: string;
}) {
  if (drawn.trades.length === 0) return null;
  return (
    <div className="sheet grid gap-2 p-4">
      <h2 className="text-lg font-bold">By trade</h2>
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left text-soft">
            <th className="font-semibold">Trade</th>
            <th className="text-right font-semibold">Hours</th>
            <th className="text-right font-semibold">{currency}</th>
            <th className="text-right font-semibold">I do it</th>
          </tr>
        </thead>
        <tbody>
          {[...drawn.trades]
            .sort((a, b) => b.p50 - a.p50)
            .map((t) => (
              <tr key={t.trade} className="border-t border-line">
                <th scope="row" className="py-1 text-left font-semibold">
                  {capital(TRADE_WORDS[t.trade])}
                </th>
                <td className="figure text-right">{Math.round(t.hours)}</td>
                <td className="figure text-right">{moneyRange(t.p10, t.p90)}</td>
                <td className="text-right">
                  <label className="inline-grid min-h-11 min-w-11 place-items-center">
                    <span className="sr-only">I do the work of the {TRADE_WORDS[t.trade]} myself</span>
                    <input
                      type="checkbox"
                      className="size-5 accent-thread"
                      checked={own.includes(t.trade)}
                      onChange={() => turn(t.trade)}
                    />
                  </label>
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className="text-xs text-soft">
        Hours that you do yourself cost nothing here; materials and parts stay. Brakes, steering and what carries the
        car are for people who are licensed for it where you live.
      </p>
    </div>
  );
}
