import type { ReactNode } from 'react';
import type { Zone } from '@/core/body/zone';
import { useWording } from '@/ui/preferences';
import { useCar } from '@/ui/records/inspection';
import { zoneName } from '@/words/zones';

/** Which place a picture's measure is of. */
export function ZoneField({
  label,
  zones,
  value,
  onChange,
  children,
}: {
  label: string;
  zones: readonly Zone[];
  value: string;
  onChange: (zone: string) => void;
  /** Answers that are no zone, first in the list. */
  children?: ReactNode;
}) {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  return (
    <label className="grid gap-1 text-sm font-semibold">
      {label}
      <select className="field font-normal" value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="" disabled>
          choose
        </option>
        {children}
        {zones.map((z) => (
          <option key={z.slug} value={z.slug}>
            {zoneName(z.slug, wording)}
          </option>
        ))}
      </select>
    </label>
  );
}
