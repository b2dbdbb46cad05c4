'use client';

import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import type { Sale } from '@/core/yard/sale-facts';
import { EraseLater } from '@/ui/parts/erase-later';
import { Modal } from '@/ui/parts/modal';
import { saveFile } from '@/ui/save-file';
import { told } from '@/ui/told';

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

/** What can be done with a sale: its state here, the rest on sheets of their own. */
export function SaleActsSheet({
  sale,
  salePage,
  onOpen,
  onClose,
}: {
  sale: Sale;
  salePage: string | null;
  onOpen: (sheet: 'edit' | 'new' | 'page') => void;
  onClose: () => void;
}) {
  const router = useRouter();
  const move = async (state: string) => {
    const done = await told(`/api/v1/sales/${sale.id}/state`, 'POST', { state }, 'Done. It can be taken back here.');
    onClose();
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
    <Modal title={sale.name} onClose={onClose}>
      <ul className="grid gap-2">
        {act('Change what is said of it', 'Name, place, days, words, embargo.', () => onOpen('edit'))}
        {STEPS[sale.state].map(([state, name, says]) => act(name, says, () => void move(state)))}
        {act(
          'Page for bidders',
          salePage
            ? 'It is open: see its address, or shut it.'
            : 'Open a page that shows the lots whose reports are published.',
          () => onOpen('page'),
        )}
        {act(
          'Catalogue as a table',
          'The listings of its lots as CSV; none that says what was found otherwise.',
          () => void catalogueOf(sale.id),
        )}
        {act('Open another sale', 'Or a stock without end.', () => onOpen('new'))}
      </ul>
      <EraseLater
        what="sale"
        target={sale.id}
        onDone={onClose}
        says="Every lot of it goes, with records, pictures, sealed reports and names; their links open nothing from now on. Take the lots out first. House shows it until then, and can call it off."
      />
    </Modal>
  );
}
