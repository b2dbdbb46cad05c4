import type { ComponentProps, ReactNode } from 'react';

/** A field with its name above it and, below, what is wrong with it. */
export function Field({
  label,
  says,
  wrong,
  ...input
}: { label: ReactNode; says?: ReactNode; wrong?: string | undefined } & ComponentProps<'input'>) {
  return (
    <label className="grid gap-1 font-semibold">
      {label}
      <input className="field font-normal" aria-invalid={!!wrong} {...input} />
      {says && <span className="text-sm font-normal text-soft">{says}</span>}
      {wrong && <span className="text-sm font-normal text-pin">{wrong}</span>}
    </label>
  );
}

/** What the server, or the form itself, has against what was given. */
export function Problem({ says }: { says: string }) {
  return says ? (
    <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
      {says}
    </p>
  ) : null;
}
