'use client';

import { medianLabel } from '@/ui/body-plan/zone-looks';
import { useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { sideWord } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';

/** Chance of so large a difference between alike panels, below which they are said to differ, or perhaps to. */
const DIFFER = { surely: 0.01, perhaps: 0.1 } as const;

/** Each measured panel against the same panel on the other side, most different first. */
export function TwinsTable({ onPick }: { onPick: (zone: string) => void }) {
  const { car, judgement } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const rows = [...(judgement?.paint.contrasts ?? [])].sort((a, b) => a.p - b.p);
  const label = (zone: string) => {
    const paint = judgement?.paint.zones.find((z) => z.zone === zone);
    return paint ? medianLabel(paint, unit) : '–';
  };
  if (rows.length === 0) return null;
  return (
    <section className="grid gap-2 border-t border-line p-4" aria-label="Left against right">
      <h2 className="text-lg font-bold">Left against right</h2>
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left text-xs text-soft">
            <th className="py-1 font-semibold">Panel</th>
            <th className="text-right font-semibold">{sideWord('left', wording)}</th>
            <th className="text-right font-semibold">{sideWord('right', wording)}</th>
            <th className="pl-3 font-semibold">Says</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((c) => {
            const times = c.ratio.value! >= 1 ? c.ratio.value! : 1 / c.ratio.value!;
            return (
              <tr key={c.zone} className="border-t border-line">
                <td className="py-1">
                  <button
                    type="button"
                    className="min-h-9 text-left underline decoration-line underline-offset-4 hover:decoration-ink"
                    onClick={() => onPick(c.zone)}
                  >
                    {zoneName(c.zone, wording).split(',')[0]}
                  </button>
                </td>
                <td className="figure text-right">{label(c.zone)}</td>
                <td className="figure text-right">{label(c.twin)}</td>
                <td className="pl-3">
                  {c.p < DIFFER.surely ? (
                    <strong>differ, × {times.toFixed(1)}</strong>
                  ) : c.p < DIFFER.perhaps ? (
                    'may differ'
                  ) : (
                    'alike'
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
