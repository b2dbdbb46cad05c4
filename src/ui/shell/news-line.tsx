'use client';

import { useEffect, useState } from 'react';
import { recordLine } from '@/words/record';
import { useWording } from '../preferences';
import { useCar, useLive } from '../records/inspection';

const SHOWN_MS = 8000;

/** What somebody else has just entered on this car, for a few seconds. */
export function NewsLine() {
  const { news } = useLive();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const newest = news[0]?.seq ?? 0;
  const [passed, setPassed] = useState(0);
  useEffect(() => {
    if (newest === 0) return;
    const timer = setTimeout(() => setPassed(newest), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [newest]);
  const shown = news.filter((n) => n.seq > passed);
  const last = shown[0];
  if (!last) return null;
  const what =
    last.after === null
      ? `${last.kind} taken out`
      : recordLine({ kind: last.kind, body: last.after } as Parameters<typeof recordLine>[0], wording);
  return (
    <p role="status" className="shrink-0 truncate border-b border-line bg-wash px-4 py-1 text-sm">
      <strong>{last.who ?? 'Somebody'}</strong> entered {what}
      {shown.length > 1 && ` and ${shown.length - 1} more`}
    </p>
  );
}
