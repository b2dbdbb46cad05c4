'use client';

import { CloudOff, UploadCloud } from 'lucide-react';
import Link from 'next/link';
import { useInspection } from '../records/inspection';

/** What is entered but not yet acknowledged by the server. Silent when nothing waits. */
export function Waiting() {
  const { state, store } = useInspection();
  const { waiting, sending } = state;
  const n = `${waiting} ${waiting === 1 ? 'entry waits' : 'entries wait'}`;
  return (
    <div role="status" className="shrink-0">
      {waiting > 0 && sending === 'signed-out' && (
        <Link
          href="/sign-in"
          className="flex min-h-11 items-center gap-2 rounded-cut border-2 border-pin px-3 text-sm font-semibold"
        >
          {n}: sign in again
        </Link>
      )}
      {waiting > 0 && sending !== 'signed-out' && (
        <button
          type="button"
          className="flex min-h-11 items-center gap-2 rounded-cut bg-tape px-3 text-sm font-semibold text-tape-ink"
          onClick={() => void store.flush()}
          title="Kept on this device. Press to send now."
        >
          {sending === 'offline' ? (
            <CloudOff size={16} aria-hidden="true" />
          ) : (
            <UploadCloud size={16} aria-hidden="true" />
          )}
          {n}
        </button>
      )}
    </div>
  );
}
