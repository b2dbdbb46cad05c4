'use client';

import { useState } from 'react';
import { icon } from '@/ui/icons/icon';
import { LateSheet } from '@/ui/parts/late-sheet';

const addLot = () => import('./add-lot').then((m) => m.AddLot);
const listLots = () => import('./list-lots').then((m) => m.ListLots);
const importBundle = () => import('./import-bundle').then((m) => m.ImportBundle);

/** How lots come into a sale: one by hand, many from a list, one from a bundle. */
export function YardActs({ saleId, highest }: { saleId: string; highest: number }) {
  const [open, setOpen] = useState<'add' | 'list' | 'import' | null>(null);
  const close = () => setOpen(null);
  return (
    <>
      <button type="button" className="btn" onClick={() => setOpen('add')}>
        {icon('plus')} Add lot
      </button>
      {open === 'add' && (
        <LateSheet load={addLot} saleId={saleId} highest={highest} onOther={setOpen} onClose={close} />
      )}
      {open === 'list' && <LateSheet load={listLots} saleId={saleId} onClose={close} />}
      {open === 'import' && <LateSheet load={importBundle} saleId={saleId} onClose={close} />}
    </>
  );
}
