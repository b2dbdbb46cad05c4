import { Download } from 'lucide-react';
import { useState } from 'react';
import type { Trade } from '@/core/catalogue/remedies';
import { type Slot, slipOf } from '@/core/cost/calendar';
import type { WorkFound } from '@/core/cost/reckon';
import { useLot } from '@/ui/records/inspection';
import { saveFile } from '@/ui/save-file';
import { capital } from '@/words/capital';
import { jobName } from '@/words/offers';
import { plural } from '@/words/plural';
import { TRADE_WORDS } from '@/words/remedies';
import type { Wording } from '@/words/vocabulary';
import { slotText } from '@/words/work';

const LANE = 30;
const BAR = 16;
const LEFT = 92;
const WIDTH = 620;
const WEEK = 7;

/** When it is done, on a tape of weeks: a lane for each trade, what waits hatched, what the end hangs on dark. */
export function WorkCalendar({ found, wording }: { found: WorkFound; wording: Wording }) {
  const { calendar, jobs } = found;
  const { facts } = useLot();
  if (calendar.length === 0) return null;
  const trades = [...new Set(calendar.map((s) => s.trade))];
  const end = Math.max(WEEK, ...calendar.map((s) => s.toDay));
  const x = (day: number) => LEFT + ((WIDTH - LEFT - 8) * day) / end;
  const height = 26 + trades.length * LANE;
  const byKey = new Map(jobs.map((j) => [j.key, j]));
  const named = (s: Slot) => jobName(byKey.get(s.job)!, wording);
  const save = async (trade: Trade | null) => {
    const { workIcs } = await import('./work-ics');
    const { lot } = facts;
    const own = calendar.filter((s) => trade === null || s.trade === trade);
    const text = workIcs(
      own.map((slot) => ({ slot, name: named(slot), trade: capital(TRADE_WORDS[slot.trade]) })),
      { lot: lot.id, title: `Lot ${lot.number}, ${lot.title}`, from: new Date() },
    );
    saveFile(`lot-${lot.number}-${trade ?? 'work'}.ics`, new Blob([text], { type: 'text/calendar' }));
  };
  const last = calendar.filter((s) => s.critical);
  const weeks = Array.from({ length: Math.floor(end / WEEK) + 1 }, (_, i) => i);
  const step = Math.max(1, Math.ceil(weeks.length / 10));
  return (
    <section className="sheet grid gap-2 p-4" aria-label="Calendar">
      <h2 className="text-lg font-bold">Done in {plural(Math.ceil(end), 'day')}</h2>
      <div className="overflow-x-auto">
        <svg
          viewBox={`0 0 ${WIDTH} ${height}`}
          className="w-full min-w-[440px]"
          role="img"
          aria-label="Jobs by trade and day"
        >
          <rect x={LEFT} y="0" width={WIDTH - LEFT} height="20" fill="var(--tape)" />
          {weeks.map((w) => (
            <g key={w}>
              <line x1={x(w * WEEK)} x2={x(w * WEEK)} y1="0" y2={height} stroke="var(--line)" />
              {w % step === 0 && (
                <text x={x(w * WEEK) + 3} y="14" fontSize="11" fill="var(--tape-ink)" className="figure">
                  {w === 0 ? 'week 1' : w + 1}
                </text>
              )}
            </g>
          ))}
          {trades.map((trade, i) => (
            <g key={trade} transform={`translate(0 ${26 + i * LANE})`}>
              <text x="0" y={BAR - 2} fontSize="12.5" fontWeight="600" fill="var(--ink)">
                {capital(TRADE_WORDS[trade])}
              </text>
              <line x1={LEFT} x2={WIDTH} y1={BAR + 5} y2={BAR + 5} stroke="var(--line)" />
              {calendar
                .filter((s) => s.trade === trade)
                .map((s) => (
                  <rect
                    key={s.job}
                    x={x(s.fromDay)}
                    width={Math.max(3, x(s.toDay) - x(s.fromDay))}
                    y="0"
                    height={BAR}
                    rx="1.5"
                    fill={s.critical ? 'var(--ink)' : 'var(--thread)'}
                  >
                    <title>{`${capital(named(s))}: ${slotText(s)}`}</title>
                  </rect>
                ))}
            </g>
          ))}
        </svg>
      </div>
      <p className="text-sm">
        The end hangs on: {last.map((s) => named(s)).join('; ')}. All is ordered on the first day; a trade does one job
        at a time on this car.
      </p>
      <p className="flex flex-wrap items-center gap-2 text-sm">
        <Download size={16} aria-hidden="true" /> Calendar file:
        <button type="button" className="btn btn-small" onClick={() => void save(null)}>
          The car
        </button>
        {trades.map((t) => (
          <button key={t} type="button" className="btn btn-small" onClick={() => void save(t)}>
            {capital(TRADE_WORDS[t])}
          </button>
        ))}
      </p>
      <Slips found={found} hoursPerDay={facts.tables.cost.hoursPerDay} named={named} />
      <details className="text-sm">
        <summary className="min-h-11 content-center font-semibold">As a list</summary>
        <ol>
          {calendar.map((s) => (
            <li key={s.job} className="flex justify-between gap-3 border-t border-line py-1">
              <span className="first-letter:uppercase">{named(s)}</span>
              <span className="figure shrink-0">{slotText(s)}</span>
            </li>
          ))}
        </ol>
      </details>
    </section>
  );
}

const A_WEEK = 7;

/** What happens when one job begins later: who else is late, and the car. */
function Slips({ found, hoursPerDay, named }: { found: WorkFound; hoursPerDay: number; named: (s: Slot) => string }) {
  const [job, setJob] = useState('');
  const [days, setDays] = useState(A_WEEK);
  const slots = new Map(found.calendar.map((s) => [s.job, s]));
  const slip = slots.has(job) ? slipOf(found.jobs, hoursPerDay, job, days) : null;
  return (
    <div className="grid gap-2 border-t border-line pt-2 text-sm">
      <div className="flex flex-wrap items-end gap-2">
        <label className="grid min-w-0 flex-1 gap-1 font-semibold">
          What if this is late
          <select className="field font-normal" value={job} onChange={(e) => setJob(e.target.value)}>
            <option value="">nothing</option>
            {found.calendar.map((s) => (
              <option key={s.job} value={s.job}>
                {capital(named(s))}
              </option>
            ))}
          </select>
        </label>
        <label className="grid gap-1 font-semibold">
          days
          <input
            type="number"
            className="field figure w-20 font-normal"
            min={0}
            max={365}
            value={days}
            onChange={(e) => setDays(Math.min(365, Math.max(0, Number(e.target.value) || 0)))}
          />
        </label>
      </div>
      {slip && (
        <p role="status">
          <strong>
            {slip.days === 0 ? 'The car is ready all the same.' : `The car is ready ${plural(slip.days, 'day')} later.`}
          </strong>{' '}
          {slip.later.length > 0 &&
            `Begin later: ${slip.later.map((l) => `${named(slots.get(l.job)!)} (by ${Math.max(1, Math.round(l.days))})`).join('; ')}.`}
        </p>
      )}
    </div>
  );
}
