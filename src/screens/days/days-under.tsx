import { CloudRain } from 'lucide-react';
import { toast } from 'sonner';
import { SCHOOLS, type School } from '@/core/catalogue/schools';
import type { DaysPlan } from '@/core/days/days-plan';
import type { Learnt } from '@/core/days/learnt';
import { readForecastCsv } from '@/core/days/read-forecast';
import { Labelled } from '@/ui/parts/labelled';
import { capital } from '@/words/capital';
import { plural } from '@/words/plural';
import { SCHOOL_WORDS } from '@/words/standard-views';
import { KeysAndWays } from './keys-and-ways';
import { TimeField } from './time-field';

/** What a sale's days are planned under: days, hours, working order, daylight, rain. */
export function DaysUnder({
  plan,
  days,
  learnt,
  lots,
  set,
}: {
  plan: DaysPlan;
  days: readonly string[];
  learnt: Learnt;
  lots: readonly { readonly keysWith: string; readonly stands: string }[];
  set: (change: Partial<DaysPlan>) => void;
}) {
  return (
    <section className="sheet grid gap-3 p-4" aria-label="What is planned under">
      <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3 lg:grid-cols-[1fr_.7fr_.8fr_.8fr_1fr]">
        <Labelled text="First day">
          <input
            type="date"
            className="field font-normal"
            value={plan.from}
            onChange={(e) => e.target.value && set({ from: e.target.value })}
          />
        </Labelled>
        <Labelled text="Days">
          <input
            type="number"
            className="field figure font-normal"
            min={1}
            max={60}
            value={plan.days}
            onChange={(e) => set({ days: Math.min(60, Math.max(1, Number(e.target.value) || 1)) })}
          />
        </Labelled>
        <TimeField says="From" minute={plan.opens} onMinute={(opens) => set({ opens })} />
        <TimeField says="To" minute={plan.closes} onMinute={(closes) => set({ closes })} />
        <Labelled text="Working order">
          <select
            className="field font-normal"
            value={plan.school}
            onChange={(e) => set({ school: e.target.value as School })}
          >
            {SCHOOLS.map((s) => (
              <option key={s} value={s}>
                {capital(SCHOOL_WORDS[s])}
              </option>
            ))}
          </select>
        </Labelled>
      </div>
      <p className="text-sm text-soft">
        A whole visit takes {plural(Math.round(learnt.minutes), 'minute')}
        {learnt.visits === 0
          ? ', as shipped: no visit of this working order was made here yet.'
          : `, learnt from ${plural(learnt.visits, 'visit')} here${learnt.low !== null && learnt.high !== null ? ` (${Math.round(learnt.low)} to ${Math.round(learnt.high)})` : ''} and ${Math.round(learnt.shipped)} as shipped.`}
      </p>
      <details>
        <summary className="min-h-9 w-fit content-center text-sm font-semibold">
          <CloudRain size={16} aria-hidden="true" className="mr-1 inline" /> Daylight and rain
          {plan.wet.length > 0 && `: rain on ${plural(plan.wet.length, 'day')}`}
        </summary>
        <LightAndRain plan={plan} days={days} set={set} />
      </details>
      <KeysAndWays keys={plan.keys} lots={lots} hours={[plan.opens, plan.closes]} onKeys={(keys) => set({ keys })} />
    </section>
  );
}

function LightAndRain({
  plan,
  days,
  set,
}: {
  plan: DaysPlan;
  days: readonly string[];
  set: (change: Partial<DaysPlan>) => void;
}) {
  const degrees = (says: string, key: 'latitude' | 'longitude', most: number) => (
    <Labelled text={says}>
      <input
        type="number"
        step="0.1"
        min={-most}
        max={most}
        className="field figure font-normal"
        value={plan.place?.[key] ?? ''}
        onChange={(e) => {
          const v = Number(e.target.value);
          if (e.target.value === '') return set({ place: null, daylightOnly: false });
          if (Number.isFinite(v) && Math.abs(v) <= most)
            set({ place: { latitude: 0, longitude: 0, ...plan.place, [key]: v } });
        }}
      />
    </Labelled>
  );
  const take = async (file: File | undefined) => {
    if (!file) return;
    const { wet, bad } = readForecastCsv(await file.text(), days);
    set({ wet });
    toast(
      bad.length > 0
        ? `${plural(bad.length, 'row')} not read; the first is line ${bad[0]!.line}: ${bad[0]!.message}`
        : `Rain on ${plural(wet.length, 'day')} of this plan.`,
    );
  };
  return (
    <div className="grid items-end gap-3 pt-2 sm:grid-cols-2 lg:grid-cols-[.8fr_.8fr_1.2fr_1.2fr]">
      {degrees('Degrees north', 'latitude', 90)}
      {degrees('Degrees east', 'longitude', 180)}
      <label className="flex min-h-11 items-center gap-2 text-sm font-semibold">
        <input
          type="checkbox"
          className="size-5"
          checked={plan.daylightOnly}
          disabled={!plan.place}
          onChange={(e) => set({ daylightOnly: e.target.checked })}
        />
        Visits in daylight only
      </label>
      <Labelled text="Forecast as CSV: day, rain">
        <input
          type="file"
          accept=".csv,text/csv"
          className="field font-normal"
          onChange={(e) => void take(e.target.files?.[0])}
        />
      </Labelled>
    </div>
  );
}
