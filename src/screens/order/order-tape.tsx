import type { VisitOrder } from '@/core/days/visit-order';
import { timeOf } from '@/core/time/minutes';
import { capital } from '@/words/capital';
import { BECAUSE_WORDS, stationName } from '@/words/stations';
import type { Vocabulary } from '@/words/vocabulary';

/** Height of a minute on the tape, px; a station is never lower than a line of text. */
const MINUTE = 2.1;
const LEAST = 46;

/** The visit on a tape that runs down: clocks at its edge, each station as long as it takes. */
export function OrderTape({ order, words }: { order: VisitOrder; words: Vocabulary }) {
  return (
    <ol className="border-l-[14px] border-tape">
      {order.stops.map((s) => (
        <li key={s.station}>
          {s.waits >= 1 && (
            <p className="border-b border-dashed border-line py-1 pl-3 text-sm text-soft">
              {Math.round(s.waits)} min waited
            </p>
          )}
          <div
            className="grid grid-cols-[3.6rem_minmax(0,1fr)] items-start gap-3 border-b border-line py-1.5 pl-3"
            style={{ minHeight: Math.max(LEAST, MINUTE * (s.to - s.from)) }}
          >
            <span className="figure font-semibold">{timeOf(s.from)}</span>
            <span className="min-w-0">
              <strong>{capital(stationName(s.station, words))}</strong>
              <span className="block text-sm text-soft">
                {Math.max(1, Math.round(s.to - s.from))} min, {BECAUSE_WORDS[s.why]}
              </span>
            </span>
          </div>
        </li>
      ))}
      <li className="py-1.5 pl-3">
        <span className="figure font-semibold">{timeOf(order.ends)}</span>
      </li>
    </ol>
  );
}
