'use client';

import type { ReactNode } from 'react';
import { TakeOut } from './take-out';

/** One record in a list: what it says, and a key that takes it out. */
export function RecordLine({ id, name, children }: { id: string; name: string; children: ReactNode }) {
  return (
    <li className="flex items-start gap-2 border-b border-line py-1 text-sm">
      <div className="min-w-0 flex-1 py-1.5">{children}</div>
      <TakeOut record={id} says={`Take out: ${name}`} />
    </li>
  );
}
