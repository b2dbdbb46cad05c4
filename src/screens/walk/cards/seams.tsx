import { useState } from 'react';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot } from '@/ui/records/inspection';
import { SeamEntry } from '@/ui/seams/seam-entry';
import { zoneName } from '@/words/zones';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** The seams of the zone: what was measured along each, and typing what is measured now. */
export function Seams({ zone }: CardProps) {
  const { mayEdit } = useLot();
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  const fits = useJudged((j) => j.judgement?.fit.seams.filter((s) => zone.seams.includes(s.seam)) ?? []);
  const [open, setOpen] = useState<string | null>(null);
  return (
    <section aria-label="Seams" className="grid gap-1">
      <h3 className="text-xs font-semibold text-soft">Gap to, mean in mm</h3>
      <ul className="grid gap-1">
        {zone.seams.map((slug) => {
          const [a, b] = plan!.seams.get(slug)!.zones;
          const fit = fits.find((f) => f.seam === slug);
          return (
            <li key={slug} className="rounded-cut border border-line">
              <button
                type="button"
                disabled={!mayEdit}
                aria-expanded={open === slug}
                className="flex min-h-11 w-full items-center justify-between gap-2 px-3 text-left text-sm enabled:hover:bg-wash"
                onClick={() => setOpen(open === slug ? null : slug)}
              >
                <span>{zoneName(a === zone.slug ? b : a, wording)}</span>
                <span className="figure">
                  {fit?.meanMm.value?.toFixed(1) ?? <span className="text-soft">type it</span>}
                </span>
              </button>
              {open === slug && (
                <div className="border-t border-line p-3">
                  <SeamEntry seam={slug} zone={zone.slug} />
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

export const seams: ZoneCardDefinition = { place: 40, applies: (zone) => zone.seams.length > 0, Card: Seams };
