import type { ReactNode } from 'react';

/** A field with its name above it. */
export function Labelled({ text, children }: { text: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className="grid content-start gap-1 text-sm font-semibold">
      {text}
      {children}
    </label>
  );
}

/** One of a table of words, as a list to choose from. */
export function Choice<T extends string>({
  name,
  words,
  value,
  empty,
  onChange,
}: {
  name: string;
  words: Readonly<Record<T, string>>;
  value: T | '';
  /** What the entry says that chooses nothing; absent: something is always chosen. */
  empty?: string;
  onChange: (value: T | '') => void;
}) {
  return (
    <Labelled text={name}>
      <select className="field font-normal" value={value} onChange={(e) => onChange(e.target.value as T | '')}>
        {empty !== undefined && <option value="">{empty}</option>}
        {(Object.entries(words) as [T, string][]).map(([id, says]) => (
          <option key={id} value={id}>
            {says}
          </option>
        ))}
      </select>
    </Labelled>
  );
}
