'use client';

import { useState } from 'react';
import { icon } from '@/ui/icons/icon';
import { AddLot } from './add-lot';
import { ImportBundle } from './import-bundle';
import { ListLots } from './list-lots';

/** How lots come into a sale: one by hand, many from a list, one from a bundle. */
export function YardActs({ saleId, highest }: { saleId: string; highest: number }) {
  const [open, setOpen] = useState<'add' | 'list' | 'import' | null>(null);
  const close = () => setOpen(null);
  return (
    <>
      <button type="button" className="btn" onClick={() => setOpen('add')}>
        {icon('plus')} Add lot
      </button>
      {open === 'add' && <AddLot saleId={saleId} highest={highest} onOther={setOpen} onClose={close} />}
      {open === 'list' && <ListLots saleId={saleId} onClose={close} />}
      {open === 'import' && <ImportBundle saleId={saleId} onClose={close} />}
    </>
  );
}
