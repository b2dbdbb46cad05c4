'use client';

import { useState } from 'react';

type Standing =
  | { kind: 'idle' }
  | { kind: 'busy' }
  | { kind: 'good'; sha256: string }
  | { kind: 'bad'; message: string };

const SAYS: Readonly<Record<string, string>> = {
  'hash-differs': 'The hash does not fit: this report was changed after it was sealed.',
  'signature-differs': 'The signature does not fit this hash and key.',
  'not-a-report': 'What was loaded is no report.',
  'newer-version': 'This report has a newer form than this page can check.',
};

/** Loads the report file again and re-computes hash and signature in the reader's own browser. */
export function VerifyPanel({ address, shown }: { address: string; shown: string }) {
  const [standing, setStanding] = useState<Standing>({ kind: 'idle' });
  const check = async () => {
    setStanding({ kind: 'busy' });
    try {
      const [{ verifyReport }, response] = await Promise.all([import('@/core/report/seal'), fetch(address)]);
      const verdict = await verifyReport(await response.json());
      if (!verdict.ok) setStanding({ kind: 'bad', message: SAYS[verdict.reason] ?? verdict.reason });
      else if (verdict.sha256 !== shown)
        setStanding({ kind: 'bad', message: 'The file is whole, but it is not the one this page shows.' });
      else setStanding({ kind: 'good', sha256: verdict.sha256 });
    } catch {
      setStanding({ kind: 'bad', message: 'The report file could not be loaded. Try again.' });
    }
  };
  return (
    <div className="sheet grid gap-2 p-4">
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" onClick={check} disabled={standing.kind === 'busy'}>
          {standing.kind === 'busy' ? 'Checking …' : 'Check in this browser'}
        </button>
        <a className="btn" href={address}>
          Report as JSON
        </a>
      </div>
      <p role="status" className="text-sm">
        {standing.kind === 'good' && (
          <>
            <strong>Unchanged.</strong> Hash and signature were computed here and fit:{' '}
            <span className="figure text-xs break-all">{standing.sha256}</span>
          </>
        )}
        {standing.kind === 'bad' && <strong className="text-pin">{standing.message}</strong>}
        {standing.kind === 'idle' && 'Or save the JSON file and check it with the command line: farvin verify.'}
      </p>
    </div>
  );
}
