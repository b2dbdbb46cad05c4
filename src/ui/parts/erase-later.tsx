'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { askServer } from '@/ui/ask-server';

/** Asks that something be erased for good after days of grace, for a reason that is written down. */
export function EraseLater({
  what,
  target,
  says,
  onDone,
}: {
  what: 'lot' | 'sale' | 'person';
  target: string;
  says: string;
  onDone: () => void;
}) {
  const router = useRouter();
  const [why, setWhy] = useState('');
  const [problem, setProblem] = useState('');
  const ask = async () => {
    const answer = await askServer('/api/v1/deletions', 'POST', { what, target, why: why.trim() });
    if (!answer.ok)
      return setProblem(
        answer.reason === 'not-found' ? 'It is asked for already: House shows when it goes.' : answer.message,
      );
    onDone();
    router.push('/house');
  };
  return (
    <details className="border-t border-line pt-3">
      <summary className="cursor-pointer py-1 text-sm font-semibold">Erase for good …</summary>
      <div className="grid gap-3 pt-2">
        <p className="text-sm">{says}</p>
        <div className="flex flex-wrap items-end gap-3">
          <label className="grid min-w-48 flex-1 gap-1 text-sm font-semibold">
            Why
            <input className="field font-normal" value={why} maxLength={300} onChange={(e) => setWhy(e.target.value)} />
          </label>
          <button type="button" className="btn" disabled={why.trim().length < 3} onClick={() => void ask()}>
            Erase in 14 days
          </button>
        </div>
        {problem && (
          <p role="alert" className="text-sm font-semibold text-pin">
            {problem}
          </p>
        )}
      </div>
    </details>
  );
}
