'use client';

import { useEffect, useRef } from 'react';
import type { View } from '@/core/body/zone';
import { isSeen } from '@/core/coverage/coverage';
import { Link } from '@/ui/parts/link';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot } from '@/ui/records/inspection';
import { plural } from '@/words/plural';
import { term, VIEW_WORDS } from '@/words/terms';

/** Parts of the car that can be looked at while the engine idles, in that order. */
const WHILE_IDLING: readonly View[] = ['engine', 'cabin', 'trunk', 'outside'];

/** While it idles: what is still open and can be done meanwhile; and that it is warm, said and heard once. */
export function Meanwhile() {
  const { facts } = useLot();
  const { words } = usePreferences().preferences;
  const running = useJudged((j) => j.judgement?.running ?? null);
  const cells = useJudged((j) => j.judgement?.coverage.cells ?? null);
  const untried = useJudged((j) => j.judgement?.functions.asked.filter((l) => !l.record).length ?? 0);
  const last = running?.points.filter((p) => p.tempC !== null).at(-1)?.tempC ?? null;
  const warm = running !== null && last !== null && last >= running.bands.thermostatC[0];
  useRing(warm);
  if (!running || !cells || running.points.length === 0) return null;
  const open = WHILE_IDLING.map((view) => ({
    view,
    n: new Set(
      cells.filter((c) => c.zone.view === view && !isSeen(c) && c.status !== 'blocked').map((c) => c.zone.slug),
    ).size,
  })).filter((o) => o.n > 0);
  return (
    <div className="grid gap-1 border-l-2 border-ink/50 pl-2 text-sm" role="status">
      <p className="font-semibold">
        {warm
          ? 'Warm: hold it at 2000 a minute once, read all gauges, then look for leaks.'
          : `Warming up${last === null ? '' : `, ${last} °C`}. Meanwhile:`}
      </p>
      {!warm && (
        <ul>
          {untried > 0 && (
            <li>
              <Link className="underline underline-offset-4" href={`/lots/${facts.lot.id}/evidence/cabin`}>
                {plural(untried, 'function')} to try
              </Link>
            </li>
          )}
          {open.map(({ view, n }) => (
            <li key={view}>
              <Link className="underline underline-offset-4" href={`/lots/${facts.lot.id}/walk`}>
                {plural(n, 'place')} not looked at: {term(VIEW_WORDS, view, words)}
              </Link>
            </li>
          ))}
          {untried === 0 && open.length === 0 && <li>nothing is open that can be done at an idling car</li>}
        </ul>
      )}
    </div>
  );
}

/** Rings once when something becomes so; what is so from the first does not ring. */
function useRing(now: boolean): void {
  const before = useRef(now);
  useEffect(() => {
    if (now && !before.current && typeof AudioContext !== 'undefined') {
      const audio = new AudioContext();
      const tone = audio.createOscillator();
      tone.frequency.value = 880;
      tone.connect(audio.destination);
      tone.start();
      tone.stop(audio.currentTime + 0.4);
      tone.onended = () => void audio.close();
      navigator.vibrate?.(400);
    }
    before.current = now;
  }, [now]);
}
