import type { ScaleGrade, ScalePart } from '@/core/catalogue/flaws/iso4628';
import { IsoPattern } from '@/ui/iso-pattern';

const GRADES: readonly ScaleGrade[] = [0, 1, 2, 3, 4, 5];
/** What is drawn beside the other scale while that one is not chosen. */
const MIDDLE = { quantity: 3, size: 3 } as const;

export interface Graded {
  readonly quantity: number;
  readonly size: number;
}

/** Quantity and size after ISO 4628 by drawings to hold beside the panel: two inspectors then say the same. */
export function ScaleField({
  part,
  value,
  onChange,
}: {
  part: ScalePart;
  value: Graded | null;
  onChange: (value: Graded | null) => void;
}) {
  const held = value ?? MIDDLE;
  const row = (name: keyof Graded, legend: string) => (
    <fieldset>
      <legend className="mb-1 text-sm font-semibold">{legend}</legend>
      <div className="grid grid-cols-6 gap-1.5">
        {GRADES.map((g) => (
          <label
            key={g}
            className={`grid cursor-pointer gap-0.5 rounded-cut border p-1 text-center text-sm focus-within:outline-2 focus-within:outline-thread ${value?.[name] === g ? 'border-2 border-thread bg-wash font-bold' : 'border-line'}`}
          >
            <input
              type="radio"
              name={`iso-${name}`}
              className="sr-only"
              checked={value?.[name] === g}
              onChange={() => onChange({ ...held, [name]: g })}
              aria-label={`${legend} ${g}`}
            />
            <IsoPattern
              part={part}
              quantity={name === 'quantity' ? g : (Math.max(1, held.quantity) as ScaleGrade)}
              size={name === 'size' ? g : (Math.max(1, held.size) as ScaleGrade)}
            />
            {g}
          </label>
        ))}
      </div>
    </fieldset>
  );
  return (
    <div className="grid gap-2 border border-line p-3">
      <p className="flex items-center gap-2 text-sm">
        <strong>ISO 4628-{part}</strong>
        <span className="min-w-0 flex-1 text-soft">Each square is 60 mm of the panel.</span>
        {value && (
          <button type="button" className="btn btn-small" onClick={() => onChange(null)}>
            Not graded
          </button>
        )}
      </p>
      {row('quantity', 'Quantity')}
      {row('size', 'Size')}
    </div>
  );
}
