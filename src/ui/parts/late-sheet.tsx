'use client';

import { type ComponentType, useEffect, useState } from 'react';
import { toast } from 'sonner';

/**
 * A sheet that is fetched when it is wanted: a page that seldom opens it does not wait for it. Where it cannot be fetched that is
 * said, and it is closed.
 */
export function LateSheet<P extends { readonly onClose: () => void }>({
  load,
  ...props
}: P & { readonly load: () => Promise<ComponentType<P>> }) {
  const [Sheet, setSheet] = useState<ComponentType<P> | null>(null);
  const { onClose } = props;
  useEffect(() => {
    if (Sheet) return;
    let left = false;
    load().then(
      (fetched) => {
        if (!left) setSheet(() => fetched);
      },
      () => {
        if (left) return;
        toast.error('The server does not answer. Nothing was changed; try again when you are connected.');
        onClose();
      },
    );
    return () => {
      left = true;
    };
  }, [Sheet, load, onClose]);
  return Sheet && <Sheet {...(props as unknown as P)} />;
}
