import { Modal } from '@/ui/parts/modal';

const KEYS: readonly (readonly [string, string])[] = [
  ['/', 'entry line'],
  ['[  ]', 'previous and next zone along the lap'],
  ['g then o u e c b', 'outside, underneath, engine bay, cabin, boot'],
  ['k', 'seen and clean'],
  ['x', 'blocked'],
  ['p', 'photo'],
  ['t', 'tape: measure here'],
  ['m', 'the other side’s twin'],
  ['u', 'µm or mil'],
  ['.', 'once more: the last line again'],
  ['z', 'take the last entry back'],
  ['Z', 'enter again what was taken back'],
  ['?', 'this list'],
];

/** The keys of the desk. */
export function KeysSheet({ onClose }: { onClose: () => void }) {
  return (
    <Modal title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {KEYS.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="figure font-semibold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
