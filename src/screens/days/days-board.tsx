import { Download, KeyRound } from 'lucide-react';
import Link from 'next/link';
import type { DaysPlan, TimedVisit } from '@/core/days/days-plan';
import { timeOf } from '@/core/days/read-csv';
import { saveFile } from '@/ui/save-file';
import { dayText } from '@/words/dates';
import type { DayLot } from './days';

type To = { readonly inspector: number; readonly day: number };
interface Board {
  readonly plan: DaysPlan;
  readonly timed: readonly TimedVisit[];
  readonly days: readonly string[];
  readonly today: string;
  readonly lots: ReadonlyMap<string, DayLot>;
  readonly sale: { readonly id: string; readonly name: string };
  readonly onMove: (lot: string, to: To | null) => void;
}

/** A column for each inspector, a band of the tape for each day; a visit is moved by what it says of itself. */
export function DaysBoard({ unplanned, ...board }: Board & { readonly unplanned: readonly DayLot[] }) {
  const { plan, days, timed, today } = board;
  const busy = days.flatMap((day, d) => (timed.some((v) => v.day === d) ? [[day, d] as const] : []));
  return (
    <div className="grid gap-4">
      {plan.visits.length > 0 && (
        <p className="flex flex-wrap gap-2">
          {plan.inspectors.map((name) => (
            <button key={name} type="button" className="btn btn-small" onClick={() => void calendarOf(name, board)}>
              <Download size={14} aria-hidden="true" /> {name}, calendar file
            </button>
          ))}
        </p>
      )}
      {busy.map(([day, d]) => (
        <section key={day} aria-label={dayText(day)}>
          <h2 className="bg-tape px-3 py-1 font-bold text-tape-ink">
            {dayText(day)}
            {day === today && ', today'}
          </h2>
          <div className="grid gap-3 border-x border-b border-line p-3 sm:grid-cols-2">
            {plan.inspectors.map((name, i) => (
              <div key={name}>
                <h3 className="text-sm font-semibold">{name}</h3>
                <ol className="grid gap-1.5">
                  {timed
                    .filter((v) => v.day === d && v.inspector === name)
                    .map((v) => (
                      <Visit key={v.lot} visit={v} at={{ inspector: i, day: d }} {...board} />
                    ))}
                </ol>
              </div>
            ))}
          </div>
        </section>
      ))}
      {unplanned.length > 0 && plan.visits.length > 0 && (
        <section className="sheet grid gap-2 p-4" aria-label="Without a visit">
          <h2 className="font-bold">Without a visit</h2>
          <ul className="grid gap-1.5">
            {unplanned.map((l) => (
              <li key={l.id} className="flex flex-wrap items-center gap-2">
                <span className="min-w-0 flex-1">
                  <span className="figure font-semibold">{l.number}</span> {l.title}
                </span>
                <Move lot={l.id} at={null} {...board} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function Visit({ visit: v, at, ...board }: Board & { readonly visit: TimedVisit; readonly at: To }) {
  const lot = board.lots.get(v.lot)!;
  return (
    <li className={`grid gap-1 border border-line bg-card p-2 ${v.over || v.late ? 'border-l-4 border-l-pin' : ''}`}>
      <div className="flex items-baseline gap-2">
        <span className="figure font-semibold">
          {timeOf(v.from)}–{timeOf(v.to)}
        </span>
        <Link href={`/lots/${lot.id}/walk`} className="min-w-0 flex-1 truncate hover:underline">
          <span className="figure font-semibold">{lot.number}</span> {lot.title}
        </Link>
      </div>
      <p className="text-sm text-soft">
        {[
          lot.stands,
          v.pitTo > v.pitFrom && `pit ${timeOf(v.pitFrom)}–${timeOf(v.pitTo)}`,
          lot.reportDueOn && `due ${dayText(lot.reportDueOn)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {lot.keysWith && (
        <p className="flex items-center gap-1 text-sm text-soft">
          <KeyRound size={14} aria-hidden="true" /> {lot.keysWith}
        </p>
      )}
      {(v.over || v.late) && (
        <p className="text-sm font-semibold">
          {[v.late && 'after its report day', v.over && 'ends after the day’s hours'].filter(Boolean).join('; ')}
        </p>
      )}
      <Move lot={v.lot} at={at} {...board} />
    </li>
  );
}

/** Where a visit goes instead. */
function Move({ lot, at, plan, days, lots, onMove }: Board & { readonly lot: string; readonly at: To | null }) {
  return (
    <select
      className="field min-h-11 text-sm sm:w-auto"
      aria-label={`Lot ${lots.get(lot)?.number}: who and when`}
      value={at ? `${at.inspector} ${at.day}` : ''}
      onChange={(e) => {
        const [inspector, day] = e.target.value.split(' ').map(Number);
        onMove(lot, e.target.value === '' ? null : { inspector: inspector!, day: day! });
      }}
    >
      <option value="">no visit</option>
      {days.map((day, d) =>
        plan.inspectors.map((name, i) => (
          <option key={`${i} ${d}`} value={`${i} ${d}`}>
            {dayText(day)}, {name}
          </option>
        )),
      )}
    </select>
  );
}

/** A person's visits as a calendar file. */
async function calendarOf(name: string, { timed, days, lots, sale }: Board): Promise<void> {
  const { visitsIcs } = await import('./visits-ics');
  const own = timed.filter((v) => v.inspector === name);
  const text = visitsIcs(
    own.map((v) => ({ ...v, on: days[v.day]!, lot: lots.get(v.lot)! })),
    sale,
    name,
  );
  saveFile(`${name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}.ics`, new Blob([text], { type: 'text/calendar' }));
}
