'use client';

import { useRouter } from 'next/navigation';
import type { MouseEvent, ReactNode } from 'react';

/**
 * Follows plain links inside it without loading the whole page: one listener for hundreds of them. What the browser would do
 * otherwise (another tab, a saved link, a file) stays the browser's.
 */
export function PlainLinks({ children, className }: { children: ReactNode; className?: string }) {
  const router = useRouter();
  const follow = (e: MouseEvent<HTMLElement>) => {
    const link = (e.target as Element).closest('a');
    // What lies over the page tells its presses here too, and follows its own links.
    if (!link || !e.currentTarget.contains(link)) return;
    if (e.defaultPrevented || e.button !== 0 || e.metaKey || e.ctrlKey || e.shiftKey || e.altKey) return;
    if (link.target || link.hasAttribute('download') || link.origin !== window.location.origin) return;
    e.preventDefault();
    router.push(link.pathname + link.search);
  };
  // The links themselves are reached and pressed by key as ever; this only takes the way they go.
  return (
    // biome-ignore lint/a11y: see above
    <div className={className} onClick={follow}>
      {children}
    </div>
  );
}
