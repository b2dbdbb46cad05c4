'use client';

import { useEffect, useRef, useState } from 'react';

/** A clock started and stopped by touch: how long a top or a window takes. */
export function Timer({ seconds, onSeconds }: { seconds: number | null; onSeconds: (s: number) => void }) {
  const from = useRef(0);
  const [shown, setShown] = useState<number | null>(null);
  const running = shown !== null;
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setShown((performance.now() - from.current) / 1000), 100);
    return () => clearInterval(tick);
  }, [running]);
  const touch = () => {
    if (running) {
      onSeconds(Math.round((performance.now() - from.current) / 100) / 10);
      setShown(null);
    } else {
      from.current = performance.now();
      setShown(0);
    }
  };
  return (
    <button type="button" className="btn min-h-14" onClick={touch}>
      {running ? 'Stop' : 'Time it'}{' '}
      <span className="figure text-lg" role="timer">
        {(shown ?? seconds ?? 0).toFixed(1)} s
      </span>
    </button>
  );
}
