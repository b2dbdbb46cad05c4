'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import type { Sale, SaleBeginning } from '@/core/yard/sale-facts';
import { icon } from '@/ui/icons/icon';
import { EraseLater } from '@/ui/parts/erase-later';
import { Modal } from '@/ui/parts/modal';
import { saveFile } from '@/ui/save-file';
import { told } from '@/ui/told';
import { SaleForm } from './sale-form';
import { SalePageSheet } from './sale-page-sheet';

const STEPS = {
  open: [
    ['closed', 'Close it', 'No more lots come in; what is there goes on.'],
    ['archived', 'Put it into the archive', 'It stands on the Yard no longer. Links and reports stay.'],
  ],
  closed: [
    ['open', 'Open it again', 'Lots come in again.'],
    ['archived', 'Put it into the archive', 'It stands on the Yard no longer. Links and reports stay.'],
  ],
  archived: [['open', 'Back to the Yard', 'It stands on the Yard again, and takes lots.']],
} as const;

/** Takes the sale's listings as a table, or says why they do not go out. */
async function catalogueOf(sale: string): Promise<void> {
  const columns = 'lot,title,short,long,html,grade,seen,consignor';
  const answer = await fetch(`/api/v1/sales/${sale}/catalogue.csv?columns=${columns}`).catch(() => null);
  if (answer?.ok) return saveFile('catalogue.csv', await answer.blob());
  const said = await answer?.json().catch(() => null);
  toast.error(said?.message ?? 'The server does not answer. Nothing was handed out.');
}

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
  const router = useRouter();
  const [open, setOpen] = useState<'acts' | 'edit' | 'new' | 'page' | null>(null);
  const close = () => setOpen(null);
  const move = async (state: string) => {
    const done = await told(`/api/v1/sales/${sale.id}/state`, 'POST', { state }, 'Done. It can be taken back here.');
    close();
    if (done) router.refresh();
  };
  const act = (name: string, says: string, onPress: () => void) => (
    <li key={name}>
      <button
        type="button"
        className="grid w-full rounded-cut border border-line p-3 text-left hover:border-ink"
        onClick={onPress}
      >
        <span className="font-semibold">{name}</span>
        <span className="text-sm text-soft">{says}</span>
      </button>
    </li>
  );
  return (
    <>
      <button type="button" className="btn btn-small" onClick={() => setOpen('acts')}>
        <span className="max-sm:sr-only">Sale</span> {icon('chevron-down', 'size-3.5')}
      </button>
      {open === 'page' && <SalePageSheet sale={sale} salePage={salePage} onClose={close} />}
      {open === 'acts' && (
        <Modal title={sale.name} onClose={close}>
          <ul className="grid gap-2">
            {act('Change what is said of it', 'Name, place, days, words, embargo.', () => setOpen('edit'))}
            {STEPS[sale.state].map(([state, name, says]) => act(name, says, () => void move(state)))}
            {act(
              'Page for bidders',
              salePage
                ? 'It is open: see its address, or shut it.'
                : 'Open a page that shows the lots whose reports are published.',
              () => setOpen('page'),
            )}
            {act(
              'Catalogue as a table',
              'The listings of its lots as CSV; none that says what was found otherwise.',
              () => void catalogueOf(sale.id),
            )}
            {act('Open another sale', 'Or a stock without end.', () => setOpen('new'))}
          </ul>
          <EraseLater
            what="sale"
            target={sale.id}
            onDone={close}
            says="Every lot of it goes, with records, pictures, sealed reports and names; their links open nothing from now on. Take the lots out first. House shows it until then, and can call it off."
          />
        </Modal>
      )}
      {open === 'edit' && <SaleForm sale={sale} beginning={beginning} onClose={close} />}
      {open === 'new' && <SaleForm sale={null} beginning={beginning} onClose={close} />}
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
      {open && <SaleForm sale={null} beginning={beginning} onClose={() => setOpen(false)} />}
    </>
  );
}
