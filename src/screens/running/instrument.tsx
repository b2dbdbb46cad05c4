'use client';

import { useEffect, useRef, useState } from 'react';
import type { BodyOf } from '@/core/kinds';
import { type LogReading, parseLogLine } from '@/core/running/log-protocol';
import { madeLog, SOUND_ENGINE } from '@/instruments/running-engine';
import { openSerialLines, serialIsThere } from '@/ui/gauge/serial';
import { useLot, useRecords } from '@/ui/records/inspection';
import { plural } from '@/words/plural';

type Point = BodyOf<'log'>['points'][number];
const NOTHING: Omit<Point, 's'> = { rpm: null, oilKpa: null, tempC: null, volts: null, amps: null, fuel: null };
/** A moment is taken every so often, and a record made of so many, so that little is lost when a cable is pulled. */
const [EVERY_MS, AT_ONCE] = [5000, 12] as const;
/** The made-up run of the stand-in. */
const PRACTICE = { minutes: 18, everyS: 15 } as const;

/** An instrument on a cable that reads while hands are elsewhere; or a stand-in, of a made-up engine, for practice. */
export function Instrument({ startedAt }: { startedAt: string | null }) {
  const { store } = useLot();
  const practice = useRecords('log', (l) => l.body.practice);
  const [says, setSays] = useState('');
  const stop = useRef<(() => void) | null>(null);
  const [on, setOn] = useState(false);
  // Known in the browser alone: the server's page has no key for a cable.
  const [cable, setCable] = useState(false);
  useEffect(() => setCable(serialIsThere()), []);
  useEffect(() => () => stop.current?.(), []);
  const keep = (from: string, points: readonly Point[], more: object = {}) => {
    const put = store.put([
      { kind: 'log', body: { startedAt: from, by: 'instrument', points, at: new Date().toISOString(), ...more } },
    ]);
    if (!put.ok) setSays(put.message);
  };
  const connect = async () => {
    const from = startedAt ?? new Date().toISOString();
    let last: LogReading = {};
    let held: Point[] = [];
    const flush = () => {
      if (held.length > 0) keep(from, held);
      held = [];
    };
    const take = () => {
      if (Object.keys(last).length === 0) return;
      held.push({ ...NOTHING, ...last, s: Math.round((Date.now() - Date.parse(from)) / 1000) });
      if (held.length >= AT_ONCE) flush();
    };
    const end = () => {
      clearInterval(every);
      flush();
      stop.current = null;
      setOn(false);
    };
    const every = setInterval(take, EVERY_MS);
    try {
      const close = await openSerialLines(
        (line) => {
          const reading = parseLogLine(line);
          if (reading) last = { ...last, ...reading };
        },
        () => {
          end();
          setSays('The instrument went away. What it told is kept.');
        },
      );
      stop.current = () => {
        close();
        end();
      };
      setOn(true);
      setSays('');
    } catch {
      clearInterval(every);
      setSays('No instrument was opened.');
    }
  };
  const takeOut = () => {
    for (const p of practice) store.remove(p.id);
  };
  const play = () => {
    const at = new Date().toISOString();
    const points = madeLog(SOUND_ENGINE, PRACTICE.minutes, PRACTICE.everyS, 7).map((p) => ({ ...NOTHING, ...p }));
    keep(at, points, { practice: true });
  };
  return (
    <div className="grid gap-1.5 text-sm">
      <div className="flex flex-wrap gap-1.5">
        {on ? (
          <button type="button" className="btn min-h-12" onClick={() => stop.current?.()}>
            Stop the instrument
          </button>
        ) : (
          cable && (
            <button type="button" className="btn min-h-12" onClick={() => void connect()}>
              Connect an instrument
            </button>
          )
        )}
        {practice.length === 0 ? (
          <button type="button" className="btn min-h-12" onClick={play}>
            Try a made-up engine
          </button>
        ) : (
          <button type="button" className="btn min-h-12" onClick={takeOut}>
            Take the made-up engine out
          </button>
        )}
      </div>
      {practice.length > 0 && (
        <p className="bg-tape/40 px-2 py-1">
          {plural(practice.length, 'log')} of a made-up engine, for practice. No report goes out with it.
        </p>
      )}
      {says && <p role="status">{says}</p>}
    </div>
  );
}
