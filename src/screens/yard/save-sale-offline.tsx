'use client';

import { useRef, useState } from 'react';
import { toast } from 'sonner';
import { icon } from '@/ui/icons/icon';
import { Link } from '@/ui/parts/link';

interface Lot {
  readonly id: string;
  readonly number: number;
  readonly state: string;
}

/** Every lot of a sale that is not sealed, page by page; null when the server does not answer. */
async function openLots(saleId: string): Promise<Lot[] | null> {
  const lots: Lot[] = [];
  let after: string | null = null;
  do {
    const query: string = after === null ? '' : `?after=${encodeURIComponent(after)}`;
    const answer = await fetch(`/api/v1/sales/${saleId}/lots${query}`).catch(() => null);
    if (!answer?.ok) return null;
    const page = (await answer.json()) as { lots: Lot[]; next: string | null };
    lots.push(...page.lots.filter((l) => l.state !== 'sealed'));
    after = page.next;
  } while (after !== null);
  return lots;
}

/** "Take this sale with me": its open lots are saved on this device, so that they open without a network. */
export function SaveSaleOffline({ saleId }: { saleId: string }) {
  const [at, setAt] = useState<number | null>(null);
  const [lots, setLots] = useState<readonly Lot[]>([]);
  const [done, setDone] = useState(false);
  const stop = useRef(false);
  const take = async () => {
    stop.current = false;
    setDone(false);
    // Fetched by whoever takes a sale along: the Yard itself needs nothing of it.
    const saver = await import('@/ui/device/save-offline').catch(() => null);
    const lots = saver && (await openLots(saleId));
    if (!lots) {
      toast('The server does not answer. Nothing was taken along.');
      return;
    }
    setLots(lots);
    let taken = 0;
    try {
      for (const [i, lot] of lots.entries()) {
        if (stop.current) break;
        setAt(i);
        if (await saver.saveLotOffline(lot.id, () => stop.current)) taken++;
      }
      setDone(taken === lots.length);
      if (!stop.current && taken < lots.length)
        toast(`${taken} of ${lots.length} lots are on this device; the server did not give the others. Try again.`);
    } catch {
      toast.error(`This device is full: ${taken} of ${lots.length} lots are on it. Free some room, then try again.`);
    }
    setAt(null);
  };
  if (at !== null)
    return (
      <div className="flex min-h-11 items-center gap-3" role="status">
        <span className="text-sm">
          Lot {lots[at]!.number}, {at + 1} of {lots.length}
        </span>
        <progress className="h-1.5 w-28 accent-thread" max={lots.length} value={at} aria-label="Lots taken along" />
        <button
          type="button"
          className="btn btn-small"
          onClick={() => {
            stop.current = true;
          }}
        >
          Stop
        </button>
      </div>
    );
  return done ? (
    <Link className="btn" href="/device">
      {icon('package-check')} {lots.length} lots on this device
    </Link>
  ) : (
    <button
      type="button"
      className="btn"
      onClick={() => void take()}
      title="Saves the lots so that they open without a network"
    >
      {icon('package-plus')} Take with me
    </button>
  );
}
