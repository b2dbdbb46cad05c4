'use client';

import { useMemo } from 'react';
import { platingRating } from '@/core/bright/rating';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useJudged, useRecords } from '@/ui/records/inspection';
import { useSaleDay } from '@/ui/wheels/use-sale-day';
import { platingText, SHARE_CAUTION } from '@/words/shares';
import { respelt } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { BRIGHT_ASPECTS } from './bright-aspects';
import { Ledger } from './ledger';
import { pieceDots } from './piece-dots';
import { Wheels } from './wheels';

const LEGEND = 'Lozenge: a piece or a tire that wants something.';

/** Plated and polished parts, glass, seals, tops, tires; first what was measured of the plating. */
export function Bright() {
  const { plan } = useCar();
  const { words } = usePreferences().preferences;
  const on = useSaleDay();
  const judged = useJudged((j) => j.judgement);
  const dots = useMemo(
    () => (plan && judged ? pieceDots(plan, judged.bright.ledger, judged.wheels, on) : undefined),
    [plan, judged, on],
  );
  return (
    <AspectChapter
      title="Bright and glass"
      aspects={BRIGHT_ASPECTS}
      {...(dots && { dots, legend: respelt(LEGEND, words) })}
    >
      <Platings />
      <Wheels />
      <Ledger />
    </AspectChapter>
  );
}

function Platings() {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const platings = useRecords('plating');
  if (platings.length === 0) return null;
  const worstFirst = [...platings].sort((a, b) => b.body.areaShare - a.body.areaShare);
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Plating measured">
      <h2 className="text-lg font-bold">Measured on pictures</h2>
      <ul className="grid gap-2 text-sm">
        {worstFirst.map((p) => (
          <li key={p.id} className="grid grid-cols-[auto_1fr] items-start gap-3">
            <span className="figure min-w-10 border border-ink/60 px-1 text-center text-lg font-semibold">
              {platingRating(p.body.areaShare)}
            </span>
            <span>
              <ToWalk zone={p.body.zone}>
                <strong>{zoneName(p.body.zone, wording)}</strong>
              </ToWalk>
              : {platingText(p.body)}
            </span>
          </li>
        ))}
      </ul>
      <p className="text-xs text-soft">Rating 10: no defect, 0: all gone (ISO 10289). {SHARE_CAUTION}</p>
    </section>
  );
}
