'use client';

import { FileInput, ListPlus, Plus } from 'lucide-react';
import { useState } from 'react';
import { AddLot } from './add-lot';
import { ImportBundle } from './import-bundle';
import { ListLots } from './list-lots';

/** What a manager does with a sale's lots. */
export function YardActs({ saleId, highest }: { saleId: string; highest: number }) {
  const [open, setOpen] = useState<'add' | 'list' | 'import' | null>(null);
  const close = () => setOpen(null);
  return (
    <>
      <button type="button" className="btn" onClick={() => setOpen('add')}>
        <Plus size={16} aria-hidden="true" /> Add lot
      </button>
      <button type="button" className="btn" onClick={() => setOpen('list')}>
        <ListPlus size={16} aria-hidden="true" /> List
      </button>
      <button type="button" className="btn" onClick={() => setOpen('import')}>
        <FileInput size={16} aria-hidden="true" /> Import
      </button>
      {open === 'import' && <ImportBundle saleId={saleId} onClose={close} />}
      {open === 'list' && <ListLots saleId={saleId} onClose={close} />}
      {open === 'add' && <AddLot saleId={saleId} highest={highest} onClose={close} />}
    </>
  );
}
