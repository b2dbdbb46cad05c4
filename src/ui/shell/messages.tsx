'use client';

import { Toaster } from 'sonner';

/** Where short messages appear; stands on pages of signed-in people only. */
export function Messages() {
  return (
    <Toaster
      position="top-center"
      toastOptions={{
        style: {
          background: 'var(--ink)',
          color: 'var(--paper)',
          borderRadius: 3,
          border: 0,
          fontFamily: 'var(--font-sans)',
        },
      }}
    />
  );
}
