import { ChevronDown, ChevronUp } from 'lucide-react';
import type { School } from '@/core/catalogue/schools';
import { NEEDS, STATION_TABLE, type StationId, type StationNeed } from '@/core/days/stations';
import type { Span } from '@/core/days/visit-order';
import { minuteOf, timeOf } from '@/core/time/minutes';
import { Labelled } from '@/ui/parts/labelled';
import { NEED_WORDS, stationName } from '@/words/stations';
import type { Vocabulary } from '@/words/vocabulary';
import { movedStation, type useOwnOrder } from './own-order';

export interface Wishes {
  /** Null: as the visit says. */
  readonly school: School | null;
  readonly from: number;
  readonly until: number;
  /** Stations left out; null: what is done or not allowed. */
  readonly out: readonly StationId[] | null;
  readonly spans: Readonly<Partial<Record<StationNeed, Span>>>;
}
const WINDOWS: readonly StationNeed[] = NEEDS.filter((n) => n !== 'key');

/** What the order is asked under: working order, begin and end, what is there for a part of the day, what is left out. */
export function OrderWishes({
  wishes,
  school,
  schools,
  done,
  barred,
  words,
  ownOrder: { own, order, set },
  onWishes,
}: {
  wishes: Wishes & { readonly out: readonly StationId[] };
  school: School;
  schools: readonly (readonly [School, string])[];
  done: readonly StationId[];
  barred: readonly StationId[];
  words: Vocabulary;
  ownOrder: ReturnType<typeof useOwnOrder>;
  onWishes: (wishes: Wishes) => void;
}) {
  const time = (says: string, value: number, onTime: (minute: number) => void) => (
    <Labelled text={says}>
      <input
        type="time"
        className="field figure font-normal"
        value={timeOf(Math.min(value, 24 * 60 - 1))}
        onChange={(e) => {
          const minute = minuteOf(e.target.value);
          if (minute !== null) onTime(minute);
        }}
      />
    </Labelled>
  );
  const span = (need: StationNeed, at: 0 | 1, minute: number) => {
    const held = wishes.spans[need] ?? [wishes.from, wishes.until];
    const next: Span = at === 0 ? [minute, held[1]] : [held[0], minute];
    onWishes({ ...wishes, spans: { ...wishes.spans, [need]: next } });
  };
  const without = (need: StationNeed) => {
    const { [need]: _gone, ...rest } = wishes.spans;
    onWishes({ ...wishes, spans: rest });
  };
  const rank = (id: StationId) => (order.includes(id) ? order.indexOf(id) : order.length);
  const stations = STATION_TABLE.filter((s) => s.minutes[school] !== undefined).sort((a, b) => rank(a.id) - rank(b.id));
  return (
    <section className="sheet grid gap-4 p-4" aria-label="What it is asked under">
      <Labelled text="Working order">
        <select
          className="field font-normal"
          value={school}
          onChange={(e) => onWishes({ ...wishes, school: e.target.value as School })}
        >
          {schools.map(([id, says]) => (
            <option key={id} value={id}>
              {says}
            </option>
          ))}
        </select>
      </Labelled>
      <div className="grid grid-cols-2 gap-3">
        {time('Begins', wishes.from, (from) => onWishes({ ...wishes, from }))}
        {time('Must have ended', wishes.until, (until) => onWishes({ ...wishes, until }))}
      </div>
      <fieldset className="grid gap-1">
        <legend className="text-sm font-semibold">There for a part of the day</legend>
        {WINDOWS.map((need) => {
          const held = wishes.spans[need];
          return (
            <div key={need} className="flex flex-wrap items-end gap-2">
              <label className="flex min-h-11 flex-1 items-center gap-2 text-sm">
                <input
                  type="checkbox"
                  className="size-5 accent-thread"
                  checked={held !== undefined}
                  onChange={(e) => (e.target.checked ? span(need, 0, wishes.from) : without(need))}
                />
                {NEED_WORDS[need]}
              </label>
              {held && (
                <>
                  {time(`${NEED_WORDS[need]} from`, held[0], (m) => span(need, 0, m))}
                  {time('to', held[1], (m) => span(need, 1, m))}
                </>
              )}
            </div>
          );
        })}
      </fieldset>
      <fieldset className="grid gap-0.5">
        <legend className="text-sm font-semibold">Stations, in the order preferred</legend>
        {stations.map((s, i) => (
          <div key={s.id} className="flex items-center gap-1">
            <label className="flex min-h-11 min-w-0 flex-1 items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="size-5 accent-thread"
                checked={!wishes.out.includes(s.id)}
                onChange={(e) =>
                  onWishes({
                    ...wishes,
                    out: e.target.checked ? wishes.out.filter((o) => o !== s.id) : [...wishes.out, s.id],
                  })
                }
              />
              <span className="first-letter:uppercase">{stationName(s.id, words)}</span>
              {done.includes(s.id) && <span className="text-soft">seen</span>}
              {barred.includes(s.id) && <span className="text-soft">no leave to drive</span>}
            </label>
            {([-1, 1] as const).map((by) => (
              <button
                key={by}
                type="button"
                className="grid size-11 shrink-0 place-items-center rounded-cut text-soft hover:bg-wash disabled:opacity-30"
                aria-label={`${stationName(s.id, words)}: ${by < 0 ? 'earlier' : 'later'}`}
                disabled={by < 0 ? i === 0 : i === stations.length - 1}
                onClick={() =>
                  set(
                    movedStation(
                      stations.map((x) => x.id),
                      s.id,
                      by,
                    ),
                  )
                }
              >
                {by < 0 ? <ChevronUp size={18} aria-hidden="true" /> : <ChevronDown size={18} aria-hidden="true" />}
              </button>
            ))}
          </div>
        ))}
        {own && (
          <button type="button" className="btn btn-small justify-self-start" onClick={() => set(null)}>
            As the working order has it
          </button>
        )}
      </fieldset>
    </section>
  );
}
