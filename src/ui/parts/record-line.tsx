'use client';

import { Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useLot } from '../records/inspection';

/** One record in a list: what it says, and a key that takes it out. */
export function RecordLine({ id, name, children }: { id: string; name: string; children: ReactNode }) {
  const { store, mayEdit } = useLot();
  return (
    <li className="flex items-start gap-2 border-b border-line py-1 text-sm">
      <div className="min-w-0 flex-1 py-1.5">{children}</div>
      {mayEdit && (
        <button
          type="button"
          className="grid size-11 place-items-center"
          aria-label={`Take out: ${name}`}
          onClick={() => store.remove(id)}
        >
          <Trash2 size={16} aria-hidden="true" />
        </button>
      )}
    </li>
  );
}
