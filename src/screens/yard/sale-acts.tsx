'use client';

import { useState } from 'react';
import type { Sale, SaleBeginning } from '@/core/yard/sale-facts';
import { icon } from '@/ui/icons/icon';
import { LateSheet } from '@/ui/parts/late-sheet';

const actsSheet = () => import('./sale-acts-sheet').then((m) => m.SaleActsSheet);
const pageSheet = () => import('./sale-page-sheet').then((m) => m.SalePageSheet);
const saleForm = () => import('./sale-form').then((m) => m.SaleForm);

/** What a manager does with a sale: change what is said of it, close it, put it away, open another. */
export function SaleActs({
  sale,
  beginning,
  salePage,
}: {
  sale: Sale;
  beginning: SaleBeginning;
  /** Address of its page for bidders; null where it has none. */
  salePage: string | null;
}) {
  const [open, setOpen] = useState<'acts' | 'edit' | 'new' | 'page' | null>(null);
  const close = () => setOpen(null);
  return (
    <>
      <button type="button" className="btn btn-small" onClick={() => setOpen('acts')}>
        <span className="max-sm:sr-only">Sale</span> {icon('chevron-down', 'size-3.5')}
      </button>
      {open === 'acts' && (
        <LateSheet load={actsSheet} sale={sale} salePage={salePage} onOpen={setOpen} onClose={close} />
      )}
      {open === 'page' && <LateSheet load={pageSheet} sale={sale} salePage={salePage} onClose={close} />}
      {open === 'edit' && <LateSheet load={saleForm} sale={sale} beginning={beginning} onClose={close} />}
      {open === 'new' && <LateSheet load={saleForm} sale={null} beginning={beginning} onClose={close} />}
    </>
  );
}

/** Where there is no sale yet, or none that is not put away. */
export function FirstSale({ beginning }: { beginning: SaleBeginning }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn btn-main justify-self-start" onClick={() => setOpen(true)}>
        Open a sale
      </button>
      {open && <LateSheet load={saleForm} sale={null} beginning={beginning} onClose={() => setOpen(false)} />}
    </>
  );
}
