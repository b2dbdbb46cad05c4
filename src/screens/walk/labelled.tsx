import type { ReactNode } from 'react';

/** A field with its name above it. */
export function Labelled({ text, children }: { text: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className="grid gap-1 text-sm font-semibold">
      {text}
      {children}
    </label>
  );
}
