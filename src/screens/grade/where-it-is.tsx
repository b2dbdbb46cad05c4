'use client';

import { useMemo } from 'react';
import type { Plan } from '@/core/body/plan';
import { VIEWS, type View } from '@/core/body/zone';
import type { Share } from '@/core/coverage/coverage';
import { PlanDrawing, type PlanPin, type ZoneLook } from '@/ui/body-plan/plan-drawing';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { term, VIEW_WORDS } from '@/words/terms';
import { zoneName } from '@/words/zones';

/** The plan with what was seen and found; places that something on the screen speaks of stand out. */
export function WhereItIs({
  plan,
  view,
  setView,
  looks,
  pins,
  places,
  byView,
}: {
  plan: Plan;
  view: View;
  setView: (view: View) => void;
  looks: ReadonlyMap<string, ZoneLook>;
  pins: readonly PlanPin[];
  places: readonly string[];
  byView: Readonly<Record<View, Share>>;
}) {
  const { car } = useInspection();
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const shown = useMemo(() => {
    if (places.length === 0) return looks;
    const chosen = new Set(places);
    return new Map(
      [...looks].map(
        ([z, l]) =>
          [z, chosen.has(z) ? { ...l, fill: 'color-mix(in oklab, var(--thread) 30%, var(--card))' } : l] as const,
      ),
    );
  }, [looks, places]);
  const [only] = places.length === 1 ? places : [null];
  return (
    <div className="sheet overflow-hidden">
      <div className="flex overflow-x-auto border-b border-line" role="tablist" aria-label="Views">
        {VIEWS.filter((v) => plan.lap[v].length > 0).map((v) => (
          <button
            key={v}
            type="button"
            role="tab"
            aria-selected={v === view}
            onClick={() => setView(v)}
            className="min-h-11 flex-1 px-2 text-xs whitespace-nowrap hover:bg-wash aria-selected:bg-ink aria-selected:text-paper"
          >
            <span className="block font-semibold first-letter:uppercase">{term(VIEW_WORDS, v, words)}</span>
            <span className="figure text-[10px]">{Math.round(byView[v].seen * 100)} %</span>
          </button>
        ))}
      </div>
      <PlanDrawing
        plan={plan}
        view={view}
        looks={shown}
        pins={pins}
        selected={only}
        nameOf={(z) => zoneName(z, wording)}
        title="What was seen"
        named={view !== 'outside'}
        className="h-64 w-full"
      />
      <p className="border-t border-line px-4 py-2 text-xs text-soft">
        {places.length > 0
          ? `Shown: ${places.length === 1 ? zoneName(places[0]!, wording) : `${places.length} places`}. `
          : 'Touch a loss or a line below to see where it is. '}
        Dashed: not seen. Struck through: blocked. Pins fill with severity.
      </p>
    </div>
  );
}
