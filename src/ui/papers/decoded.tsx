import type { Decoded } from '@/core/identity/template';

/** A number taken apart: every character with what it means; what cannot be is marked. */
export function DecodedNumber({ decoded }: { decoded: Decoded }) {
  return (
    <ol className="flex flex-wrap gap-1.5" aria-label="The number, character by character">
      {decoded.fields.map((f) => (
        <li
          key={f.name}
          className={`grid min-w-16 justify-items-center border px-2 py-1 ${f.fits ? 'border-line' : 'border-2 border-pin'}`}
        >
          <span className="figure text-xl font-semibold tracking-widest">{f.text}</span>
          <span className="text-xs text-soft">{f.name}</span>
          <span className={`text-xs ${f.fits ? '' : 'font-semibold text-pin'}`}>{f.means}</span>
        </li>
      ))}
    </ol>
  );
}
