'use client';

import { Trash2 } from 'lucide-react';
import { useLot } from '../records/inspection';

/** The key that takes a record out, for whoever may. `raised`: beside lines of text, whose first one it stands at. */
export function TakeOut({ record, says, raised = false }: { record: string; says: string; raised?: boolean }) {
  const { store, mayEdit } = useLot();
  if (!mayEdit) return null;
  return (
    <button
      type="button"
      className={`grid size-11 place-items-center ${raised ? '-mt-2' : ''}`}
      aria-label={says}
      onClick={() => store.remove(record)}
    >
      <Trash2 size={16} aria-hidden="true" />
    </button>
  );
}
