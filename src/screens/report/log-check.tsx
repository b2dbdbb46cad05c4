'use client';

import { ShieldAlert, ShieldCheck } from 'lucide-react';
import { useEffect, useState } from 'react';
import { plural } from '@/words/plural';

const BROKEN: Readonly<Record<string, string>> = {
  chain:
    'Broken: a line was changed or taken out behind the program’s back. Do not seal; tell whoever runs the server.',
  records:
    'The records are not what the log says: one was changed behind the program’s back. Do not seal; tell whoever runs the server.',
  'case-of-id':
    'A line does not fit its hash because an earlier program kept its ids in small letters. Nothing was tampered with; whoever runs the server can note it: farvin verify-log --note-repair.',
};

/** Whether the lot's log is whole: every entry ever made, none changed or taken out since. */
export function LogCheck({ inspection }: { inspection: string }) {
  const [found, setFound] = useState<{ whole: boolean; cause: string | null; checked: number } | 'away' | null>(null);
  useEffect(() => {
    let gone = false;
    fetch(`/api/v1/inspections/${inspection}/log?check&limit=1`)
      .then((r) => (r.ok ? r.json() : Promise.reject(new Error('no answer'))))
      .then(({ whole, cause, checked }) => !gone && setFound({ whole, cause, checked }))
      .catch(() => !gone && setFound('away'));
    return () => {
      gone = true;
    };
  }, [inspection]);
  return (
    <section className="grid gap-1" aria-labelledby="log">
      <h2 id="log" className="text-lg font-bold">
        Log
      </h2>
      {found === null && <p className="text-sm text-soft">Checking …</p>}
      {found === 'away' && <p className="text-sm text-soft">The log can be checked when you are connected.</p>}
      {found !== null && found !== 'away' && (
        <p className={`flex items-start gap-2 text-sm ${found.whole ? '' : 'font-semibold text-pin'}`}>
          {found.whole ? (
            <ShieldCheck size={18} aria-hidden="true" className="mt-0.5 shrink-0" />
          ) : (
            <ShieldAlert size={18} aria-hidden="true" className="mt-0.5 shrink-0" />
          )}
          {found.whole
            ? `Whole: ${plural(found.checked, 'change')} through all revisions, each hashed over the one before it; the records are what they say.`
            : BROKEN[found.cause ?? 'chain']}
        </p>
      )}
    </section>
  );
}
