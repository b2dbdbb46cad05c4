import type { ReactNode } from 'react';

/** What stands where there is nothing to show, and why. */
export const NoPage = ({ title, children }: { title: string; children: ReactNode }) => (
  <main className="mx-auto grid min-h-full max-w-xl content-center gap-4 p-6">
    <h1 className="text-3xl font-bold">{title}</h1>
    <p>{children}</p>
  </main>
);
