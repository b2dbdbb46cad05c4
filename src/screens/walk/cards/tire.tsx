'use client';

import { TireRow } from '@/ui/wheels/tire-row';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** The tire on this wheel: date, tread, size, what is wrong with it. */
export function Tire({ zone }: CardProps) {
  return (
    <section aria-label="Tire">
      <ul>
        <TireRow zone={zone.slug} name="tire" />
      </ul>
    </section>
  );
}

export const tire: ZoneCardDefinition = { place: 12, applies: (zone) => zone.need === 'tires', Card: Tire };
