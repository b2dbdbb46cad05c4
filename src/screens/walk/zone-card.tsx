'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import { memo } from 'react';
import type { Zone } from '@/core/body/zone';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar } from '@/ui/records/inspection';
import { METAL_WORDS, term } from '@/words/terms';
import { zoneName } from '@/words/zones';
import type { Walking } from './walking';
import { ZONE_CARDS } from './zone-cards';

/** Everything known of the zone in hand, its name always in sight. */
export const ZoneCard = memo(function ZoneCard({ zone, walking }: { zone: Zone; walking: Walking }) {
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const lap = plan!.lap[zone.view];
  const step = (by: 1 | -1) => {
    const Icon = by < 0 ? ChevronLeft : ChevronRight;
    return (
      <button
        type="button"
        className="grid size-11 shrink-0 place-items-center rounded-cut border border-line hover:bg-wash"
        onClick={() => walking.step(by)}
        aria-label={by < 0 ? 'Previous zone' : 'Next zone'}
      >
        <Icon aria-hidden="true" />
      </button>
    );
  };
  return (
    <div className="grid gap-3 p-3 sm:p-4">
      <div className="sticky top-0 z-10 -mx-3 -mt-3 flex items-center gap-1 border-b border-line bg-card px-3 py-1 sm:-mx-4 sm:-mt-4 sm:px-4 lg:py-1.5">
        {step(-1)}
        <div className="min-w-0 flex-1 px-1 text-center">
          <h2 className="truncate text-lg font-bold" aria-live="polite">
            {zoneName(zone.slug, wording)}
          </h2>
          <p className="truncate text-xs text-soft">
            {zone.lap} of {lap.length} · {term(METAL_WORDS, zone.metal, words)} · {zone.areaM2.toFixed(2)} m²
            {zone.structural && ' · structural'}
          </p>
        </div>
        {step(1)}
      </div>
      {ZONE_CARDS.filter((c) => c.applies(zone)).map(({ name, Card }) => (
        <Card key={name} zone={zone} walking={walking} />
      ))}
    </div>
  );
});
