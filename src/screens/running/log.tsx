'use client';

import { type FormEvent, useState } from 'react';
import { KINDS } from '@/core/kinds';
import { LONGEST_RUN_MS } from '@/core/running/run-at';
import { figureOf } from '@/core/units/figure';
import { useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { chargingText, oilText, thermostatText } from '@/words/running';
import { GaugesMoved } from './gauges-moved';
import { Instrument } from './instrument';
import { LogChart } from './log-chart';
import { Meanwhile } from './meanwhile';
import { clockText, useAwake, useSince } from './run-clock';

const FIELDS = [
  ['rpm', 'Speed, 1/min'],
  ['tempC', 'Temp, °C'],
  ['oilKpa', 'Oil, kPa'],
  ['volts', 'Volts'],
  ['amps', 'Amps'],
] as const;

/** The idle: moments read off the dash, the curves that they make, and what those say. */
export function RunLog() {
  const { mayEdit } = useLot();
  const logs = useRecords('log');
  const running = useJudged((j) => j.judgement?.running ?? null);
  if (!running) return null;
  const { log, points, bands } = running;
  const last = logs.filter((l) => !l.body.practice).at(-1)?.body.startedAt ?? null;
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Log of the run">
      <h2 className="text-lg font-bold">Idling and warm</h2>
      {log && (
        <dl className="grid gap-1.5 text-sm">
          {[
            ['Temperature', thermostatText(log.thermostat)],
            ['Oil pressure', oilText(log.oil)],
            ['Charging', chargingText(log.charging)],
          ].map(([name, says]) => (
            <div key={name} className="border-l-2 border-ink/50 pl-2">
              <dt className="inline font-semibold">{name}: </dt>
              <dd className="inline">{says}</dd>
            </div>
          ))}
        </dl>
      )}
      <Meanwhile />
      <GaugesMoved />
      {points.length > 1 && <LogChart points={points} bands={bands} />}
      {mayEdit && <AddMoment startedAt={last} />}
      {mayEdit && <Instrument startedAt={last} />}
    </section>
  );
}

/** One moment: what the dash shows now, with the clock of the run. */
function AddMoment({ startedAt }: { startedAt: string | null }) {
  const { store } = useLot();
  const starts = useRecords('start');
  const turned =
    starts
      .map((s) => s.body.turnedAt)
      .filter((t) => t !== null)
      .sort()
      .at(-1) ?? null;
  const last = turned ?? startedAt;
  const since = useSince(last, last !== null);
  const going = last !== null && since * 1000 < LONGEST_RUN_MS;
  const from = going ? last : null;
  useAwake(going);
  const [problem, setProblem] = useState('');
  const keep = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const form = e.currentTarget;
    const given = new FormData(form);
    const point: Record<string, number | null> = {};
    for (const [key] of FIELDS) {
      const value = figureOf(String(given.get(key) ?? ''));
      if (value === 'bad') return setProblem(`“${given.get(key)}” is no number.`);
      point[key] = value;
    }
    if (Object.values(point).every((v) => v === null)) return setProblem('Read one gauge at least.');
    const at = new Date().toISOString();
    const body = { startedAt: from ?? at, by: 'hand', points: [{ s: from ? since : 0, ...point }], at };
    const parsed = KINDS.log.schema.safeParse(body);
    if (!parsed.success) return setProblem('One of these figures cannot be: look again.');
    const put = store.put([{ kind: 'log', body: parsed.data }]);
    setProblem(put.ok ? '' : put.message);
    if (put.ok) form.reset();
  };
  return (
    <form className="grid gap-2 border border-line p-3" onSubmit={keep}>
      <p className="text-sm">
        {going ? (
          <>
            <span className="figure text-xl font-semibold">{clockText(since)}</span> since the first turn
          </>
        ) : (
          'No run is going on: the clock begins with the first moment, or with the first turn of the key.'
        )}
      </p>
      <div className="grid grid-cols-3 gap-2">
        {FIELDS.map(([key, says]) => (
          <label key={key} className="grid gap-1 text-xs font-semibold">
            {says}
            <input className="field figure" name={key} inputMode="decimal" autoComplete="off" />
          </label>
        ))}
      </div>
      <button type="submit" className="btn btn-main min-h-14">
        Take this moment
      </button>
      {problem && <p role="alert">{problem}</p>}
    </form>
  );
}
