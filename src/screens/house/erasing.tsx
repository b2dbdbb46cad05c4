'use client';

import { useRouter } from 'next/navigation';
import { told } from '@/ui/told';
import { dayText } from '@/words/dates';

export interface DeletionShown {
  readonly id: string;
  readonly what: 'lot' | 'sale' | 'person';
  readonly name: string;
  readonly why: string;
  readonly askedBy: string;
  readonly dueAt: string;
  readonly message: string;
}

/** What is going to be erased for good, and until when it can be called off. */
export function Erasing({ deletions }: { deletions: readonly DeletionShown[] }) {
  const router = useRouter();
  const callOff = async (id: string) => {
    const says = 'Called off. Links that were withdrawn for it stay withdrawn.';
    if (await told(`/api/v1/deletions/${id}`, 'DELETE', {}, says)) router.refresh();
  };
  if (deletions.length === 0) return null;
  return (
    <section aria-labelledby="erasing" className="grid gap-2">
      <h2 id="erasing" className="text-lg font-bold">
        To be erased
      </h2>
      <ul className="grid gap-px overflow-hidden rounded-cut border border-pin bg-line">
        {deletions.map((d) => (
          <li key={d.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-card px-3 py-2">
            <span className="min-w-48 flex-1">
              <strong>
                {d.what} {d.name}
              </strong>{' '}
              on {dayText(d.dueAt)}, for good
              <span className="block text-sm text-soft">
                {d.askedBy}: {d.why}
              </span>
              {d.message && <span className="block text-sm text-pin">Tried and failed: {d.message}</span>}
            </span>
            <button type="button" className="btn btn-small" onClick={() => void callOff(d.id)}>
              Call it off
            </button>
          </li>
        ))}
      </ul>
      <p className="text-sm text-soft">
        Until then everything can be taken out at its lot. Hashes and the fact that it was erased stay; backups made
        before hold it for as long as they are kept. What must be kept, and for how long, local law says.
      </p>
    </section>
  );
}
