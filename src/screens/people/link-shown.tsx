'use client';

import { Copy } from 'lucide-react';
import { toast } from 'sonner';
import { Modal } from '@/ui/parts/modal';

export interface MadeLink {
  readonly url: string;
  /** The link as a picture, SVG. */
  readonly qr: string;
  readonly mailed: 'sent' | 'failed' | 'off' | 'not-asked';
  readonly forWhom: string;
}

const MAILED: Readonly<Partial<Record<MadeLink['mailed'], string>>> = {
  sent: 'It went by mail too.',
  failed: 'The mail server did not take it: hand it over by yourself.',
};

/** A link that lets somebody in, as letters and as a picture. It is shown this once. */
export function LinkShown({ made, onClose }: { made: MadeLink; onClose: () => void }) {
  const copy = async () => {
    await navigator.clipboard.writeText(made.url).then(
      () => toast('The link is copied.'),
      () => toast.error('This browser lets nothing be copied: mark the link and copy it by hand.'),
    );
  };
  return (
    <Modal title={`A link for ${made.forWhom}`} onClose={onClose}>
      <div className="grid gap-4">
        <p>
          It works once, and for a week. <strong>It is shown only now.</strong> {MAILED[made.mailed]}
        </p>
        <div className="flex gap-2">
          <input
            className="field figure min-w-0 flex-1 text-sm"
            readOnly
            value={made.url}
            aria-label="The link"
            onFocus={(e) => e.target.select()}
          />
          <button type="button" className="btn" onClick={() => void copy()}>
            <Copy size={16} aria-hidden="true" /> Copy
          </button>
        </div>
        {/* biome-ignore lint/performance/noImgElement: a picture made here, of no address */}
        <img
          className="mx-auto size-56 border border-line bg-white"
          alt="The link as a picture, for the camera of a phone"
          src={`data:image/svg+xml;utf8,${encodeURIComponent(made.qr)}`}
        />
        <button type="button" className="btn btn-main" onClick={onClose}>
          I have handed it over
        </button>
      </div>
    </Modal>
  );
}
