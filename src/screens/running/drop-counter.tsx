'use client';

import { useEffect, useState } from 'react';

const MINUTE_S = 60;

/** Drops counted by touch for a minute, or until it is stopped: drops in a minute. */
export function DropCounter({ onCounted }: { onCounted: (perMin: number) => void }) {
  const [from, setFrom] = useState<number | null>(null);
  const [drops, setDrops] = useState(0);
  const [left, setLeft] = useState(MINUTE_S);
  useEffect(() => {
    if (from === null) return;
    const tick = setInterval(() => {
      const gone = (performance.now() - from) / 1000;
      setLeft(Math.max(0, Math.ceil(MINUTE_S - gone)));
      if (gone < MINUTE_S) return;
      onCounted(drops);
      setFrom(null);
      setDrops(0);
    }, 250);
    return () => clearInterval(tick);
  }, [from, drops, onCounted]);
  const drop = () => {
    if (from === null) {
      setFrom(performance.now());
      setLeft(MINUTE_S);
      setDrops(1);
    } else setDrops(drops + 1);
  };
  const stop = () => {
    if (from === null) return;
    const gone = (performance.now() - from) / 1000;
    onCounted(gone < 1 ? drops : Math.round((drops * MINUTE_S) / gone));
    setFrom(null);
    setDrops(0);
  };
  return (
    <div className="flex gap-1.5">
      <button type="button" className="btn min-h-14 flex-1" onClick={drop}>
        {from === null ? 'Count drops: touch at each' : `Drop ${drops}, ${left} s left`}
      </button>
      {from !== null && (
        <button type="button" className="btn min-h-14" onClick={stop}>
          Stop
        </button>
      )}
    </div>
  );
}
