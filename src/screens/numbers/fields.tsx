'use client';

import { useFormContext } from 'react-hook-form';

/** A typed number, with a comma or a point; what is none stays text, and is refused by name when it is tried. */
export const asNumber = (typed: unknown) => {
  const text = String(typed).trim().replace(',', '.');
  const number = Number(text);
  return text !== '' && Number.isFinite(number) ? number : text;
};

/** A number of a table, by its path. */
export function NumberField({ path, label, unit }: { path: string; label: string; unit?: string }) {
  const { register } = useFormContext();
  return (
    <input
      {...register(path, { setValueAs: asNumber })}
      aria-label={unit ? `${label}, ${unit}` : label}
      inputMode="decimal"
      className="field figure w-full min-w-14 px-1.5 text-right text-sm"
    />
  );
}

/** A number with its name and unit beside it. */
export function NamedNumber({ path, label, unit }: { path: string; label: string; unit?: string }) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_5.5rem_4rem] items-center gap-2 border-b border-line py-1 text-sm">
      <span>{label}</span>
      <NumberField path={path} label={label} {...(unit && { unit })} />
      <span className="text-xs text-soft">{unit}</span>
    </div>
  );
}
