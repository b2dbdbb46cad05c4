import type { ReactNode } from 'react';

/** A labelled control; what is wrong with it stands below. */
export function Field({
  label,
  error,
  children,
  className = '',
}: {
  label: string;
  error?: string | undefined;
  children: ReactNode;
  className?: string;
}) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className={`grid content-start gap-1 text-sm font-semibold ${className}`}>
      {label}
      {children}
      {error && <span className="font-normal text-pin">{error}</span>}
    </label>
  );
}

/** What went wrong with a whole form. */
export function FormProblem({ message }: { message: string }) {
  if (!message) return null;
  return (
    <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
      {message}
    </p>
  );
}
