'use client';

import { lazy, Suspense, useState } from 'react';
import { TRIGGER_NAME, TriggerFace, triggerClass } from './reader-menu-face';

const Sheet = lazy(() => import('./reader-menu-sheet'));

/** How the reader wants words, sides, units and light; and the way out. The menu itself is loaded when it is wanted. */
export function ReaderMenu({ signOut = true, compact = false }: { signOut?: boolean; compact?: boolean }) {
  const [wanted, setWanted] = useState(false);
  const button = (
    <button
      type="button"
      className={triggerClass(compact)}
      aria-label={TRIGGER_NAME}
      aria-haspopup="dialog"
      aria-expanded={false}
      onClick={() => setWanted(true)}
    >
      <TriggerFace compact={compact} />
    </button>
  );
  if (!wanted) return button;
  return (
    <Suspense fallback={button}>
      <Sheet signOut={signOut} compact={compact} />
    </Suspense>
  );
}
