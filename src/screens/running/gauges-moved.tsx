'use client';

import { putTried } from '@/ui/functions/put-tried';
import { useJudged, useLot } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { functionName } from '@/words/functions';

const GAUGE_OF = {
  tempC: 'gauge.temperature',
  oilKpa: 'gauge.oil',
  volts: 'gauge.charge',
  rpm: 'gauge.tachometer',
} as const;

/** Gauges that the log shows to have moved, or not: kept as functions by a touch, never by themselves. */
export function GaugesMoved() {
  const { store, mayEdit } = useLot();
  const moved = useJudged((j) => j.judgement?.running.log?.moved ?? null);
  const lines = useJudged((j) => j.judgement?.functions.lines ?? null);
  if (!moved || !lines || !mayEdit) return null;
  const open = (Object.keys(GAUGE_OF) as (keyof typeof GAUGE_OF)[]).flatMap((of) => {
    const line = lines.find((l) => l.id === GAUGE_OF[of]);
    return line && !line.record && moved[of] !== null ? [{ line, moves: moved[of] }] : [];
  });
  if (open.length === 0) return null;
  return (
    <ul className="grid gap-1 text-sm">
      {open.map(({ line, moves }) => (
        <li key={line.id} className="flex flex-wrap items-center gap-2">
          <span className="min-w-0 flex-1">
            {capital(functionName(line))} {moves ? 'moved as it should' : 'hardly moved'}.
          </span>
          <button
            type="button"
            className="btn btn-small min-h-11"
            onClick={() => void putTried(store, line, { state: moves ? 'works' : 'poor' })}
          >
            Keep: {moves ? 'works' : 'works poorly'}
          </button>
        </li>
      ))}
    </ul>
  );
}
