import { Modal } from '@/ui/parts/modal';
import { KEYS } from './keys';

/** The keys of the desk. */
export function KeysSheet({ onClose }: { onClose: () => void }) {
  return (
    <Modal title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {KEYS.map(({ shown, says }) => (
          <div key={shown} className="contents">
            <dt className="figure font-semibold">{shown}</dt>
            <dd>{says}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
