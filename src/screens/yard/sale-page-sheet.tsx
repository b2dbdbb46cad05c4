import { useRouter } from 'next/navigation';
import { Modal } from '@/ui/parts/modal';
import { told } from '@/ui/told';

/** A sale's page for bidders: opened, seen, shut. */
export function SalePageSheet({
  sale,
  salePage,
  onClose,
}: {
  sale: { readonly id: string };
  salePage: string | null;
  onClose: () => void;
}) {
  const router = useRouter();
  const turn = async (method: 'PUT' | 'DELETE', done: string) => {
    if (await told(`/api/v1/sales/${sale.id}/page`, method, { open: method === 'PUT' }, done)) router.refresh();
  };
  return (
    <Modal title="Page for bidders" onClose={onClose}>
      <div className="grid gap-4">
        <p>
          It shows the lots whose sealed reports you put on it, with search, what matters, a feed and a catalogue.
          Nothing of a draft is on it, and nothing opens before the sale’s embargo ends.
        </p>
        {salePage ? (
          <>
            <a className="figure text-sm break-all underline" href={`/s/${salePage}`}>
              {`/s/${salePage}`}
            </a>
            <button
              type="button"
              className="btn"
              onClick={() => void turn('DELETE', 'Shut: its address opens nothing any more.')}
            >
              Shut it
            </button>
          </>
        ) : (
          <button type="button" className="btn btn-main" onClick={() => void turn('PUT', 'The page is open.')}>
            Open the page
          </button>
        )}
      </div>
    </Modal>
  );
}
