'use client';

import { useEffect, useState } from 'react';

/** Seconds since a moment, counted on while `going`; 0 until the page stands in the browser, which has a clock. */
export function useSince(from: string | null, going: boolean): number {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    setNow(Date.now());
    if (!going || from === null) return;
    const tick = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(tick);
  }, [going, from]);
  return from === null || now === null ? 0 : Math.max(0, Math.round((now - Date.parse(from)) / 1000));
}

/** Keeps the screen on while something runs that nobody has hands free to wake it for. */
export function useAwake(going: boolean): void {
  useEffect(() => {
    if (!going || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    void navigator.wakeLock
      .request('screen')
      .then((l) => {
        lock = l;
        if (over) void l.release();
      })
      .catch(() => {});
    return () => {
      over = true;
      void lock?.release();
    };
  }, [going]);
}

const HOUR_S = 3600;

/** "4:07"; beyond an hour "2 h 05 min", beyond two days the days. */
export function clockText(s: number): string {
  if (s < HOUR_S) return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
  const hours = Math.floor(s / HOUR_S);
  return hours < 48
    ? `${hours} h ${String(Math.floor(s / 60) % 60).padStart(2, '0')} min`
    : `${Math.floor(hours / 24)} days`;
}
