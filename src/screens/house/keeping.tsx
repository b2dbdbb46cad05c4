'use client';

import { useRouter } from 'next/navigation';
import { told } from '@/ui/told';
import { bytesText } from '@/words/bytes';
import { momentText } from '@/words/dates';
import { plural } from '@/words/plural';

export interface RunShown {
  readonly id: number;
  readonly what: 'backup' | 'proof';
  readonly state: 'asked' | 'making' | 'ready' | 'failed';
  readonly at: string;
  readonly askedBy: string;
  readonly bytes: number;
  readonly message: string;
}
export interface UsedShown {
  readonly pictures: number;
  readonly pictureBytes: number;
  readonly records: number;
}

const FORGOTTEN_MS = 10 * 60_000;
const WHAT = { backup: 'Backup', proof: 'Proof by restoring' } as const;
const STATE = { asked: 'asked for', making: 'being made', ready: '', failed: 'failed' } as const;

/** What the house keeps here, when it was backed up last, and whether that backup was ever restored to see. */
export function Keeping({ runs, used, now }: { runs: readonly RunShown[]; used: UsedShown; now: string }) {
  const router = useRouter();
  const open = runs.some((r) => r.state === 'asked' || r.state === 'making');
  // Asked for longer ago than this, nobody is there who makes it.
  const forgotten = runs.some((r) => r.state === 'asked' && Date.parse(now) - Date.parse(r.at) > FORGOTTEN_MS);
  const last = (what: RunShown['what']) => runs.find((r) => r.what === what && r.state === 'ready');
  const [backup, proof] = [last('backup'), last('proof')];
  const ask = async () => {
    if (await told('/api/v1/backups', 'POST', { now: true }, 'Asked for. It is made within a minute or so.'))
      router.refresh();
  };
  return (
    <section aria-labelledby="keeping" className="grid gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <h2 id="keeping" className="flex-1 text-lg font-bold">
          Keeping it
        </h2>
        <button type="button" className="btn btn-small" disabled={open} onClick={() => void ask()}>
          {open ? 'A backup is on its way' : 'Back up now'}
        </button>
      </div>
      {forgotten && (
        <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
          A backup was asked for and nobody makes it: the program that knows the tables’ owner does not run. Whoever
          keeps this server starts it (docs/operate.md, Backups).
        </p>
      )}
      <dl className="grid grid-cols-[9rem_1fr] gap-x-3 gap-y-1">
        <dt className="font-semibold">Kept here</dt>
        <dd>
          {plural(used.pictures, 'picture')}, {bytesText(used.pictureBytes)}; {plural(used.records, 'record')}
        </dd>
        <dt className="font-semibold">Last backup</dt>
        <dd className={backup ? '' : 'font-semibold text-pin'}>
          {backup ? `${momentText(backup.at)}, ${bytesText(backup.bytes)}` : 'none that this program knows of'}
        </dd>
        <dt className="font-semibold">Last proved</dt>
        <dd className={proof ? '' : 'text-soft'}>
          {proof ? `${momentText(proof.at)}: ${proof.message}` : 'never: a backup that was not restored is a hope'}
        </dd>
      </dl>
      {runs.length > 0 && (
        <details>
          <summary className="cursor-pointer py-1 text-sm font-semibold">The last {runs.length}</summary>
          <ul className="grid gap-1 text-sm">
            {runs.map((r) => (
              <li key={r.id} className={r.state === 'failed' ? 'text-pin' : ''}>
                {WHAT[r.what]}, {momentText(r.at)}
                {r.askedBy && `, asked for by ${r.askedBy}`}
                {STATE[r.state] && `: ${STATE[r.state]}`}
                {r.message && <span className="block wrap-anywhere text-soft">{r.message}</span>}
              </li>
            ))}
          </ul>
        </details>
      )}
      <p className="text-sm text-soft">
        One a day, of the whole server, kept for a week, then one a week and one a month. Copies belong on another
        machine, and the secret apart from them.
      </p>
    </section>
  );
}
