import type { ReactNode } from 'react';

/** One of a few answers as large keys; a second touch takes it back. */
export function Keys<T extends string>({
  legend,
  choices,
  held,
  onSay,
  children,
}: {
  legend: string;
  choices: readonly (readonly [T, string])[];
  held: T | readonly T[] | null;
  onSay: (value: T) => void;
  children?: ReactNode;
}) {
  const isHeld = (v: T) => (Array.isArray(held) ? held.includes(v) : held === v);
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-semibold">{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {choices.map(([value, says]) => (
          <button
            key={value}
            type="button"
            className="btn min-h-12 px-3"
            aria-pressed={isHeld(value)}
            onClick={() => onSay(value)}
          >
            {says}
          </button>
        ))}
        {children}
      </div>
    </fieldset>
  );
}

/** The entries of a table of words, as choices. */
export const choicesOf = <T extends string>(words: Readonly<Record<T, string>>) =>
  Object.entries(words) as [T, string][];

/** A list with a value put in, or taken out where it was in. */
export const toggled = <T,>(list: readonly T[], value: T): T[] =>
  list.includes(value) ? list.filter((x) => x !== value) : [...list, value];
