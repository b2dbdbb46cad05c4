'use client';

import { useRouter } from 'next/navigation';
import type { MouseEvent, ReactNode } from 'react';

/**
 * Follows plain links inside it without loading the whole page: one listener for hundreds of rows. What the browser would do
 * otherwise (another tab, a saved link) stays the browser's.
 */
export function LotLinks({ children }: { children: ReactNode }) {
  const router = useRouter();
  const follow = (e: MouseEvent) => {
    const link = (e.target as Element).closest('a');
    if (!link || e.defaultPrevented || e.button !== 0 || e.metaKey || e.ctrlKey || e.shiftKey || e.altKey) return;
    e.preventDefault();
    router.push(link.pathname);
  };
  // The links themselves are reached and pressed by key as ever; this only takes the way they go.
  // biome-ignore lint/a11y: see above
  return <div onClick={follow}>{children}</div>;
}
