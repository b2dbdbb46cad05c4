'use client';

import { recordsOf } from '@/core/records/reduce';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { TakeOut } from '@/ui/parts/take-out';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { WAVES_CAUTION, wavesText } from '@/words/waves';
import { zoneName } from '@/words/zones';

/** Panels by the waves that reflected stripes show, the waviest first. */
export function WavesRanking({ onPick }: { onPick: (zone: string) => void }) {
  const { state, car } = useInspection();
  const wording = useWording(car?.steering);
  const rows = [...recordsOf(state.records, 'waves')].sort((a, b) => b.body.longMm.value - a.body.longMm.value);
  if (rows.length === 0) return null;
  const top = Math.max(...rows.map((r) => r.body.longMm.high));
  const part = (v: number) => `${(100 * v) / top}%`;
  return (
    <section className="grid gap-2 border-t border-line p-4" aria-label="Waves">
      <h2 className="text-lg font-bold">Waves, panel against panel</h2>
      <ol className="grid gap-2 text-sm">
        {rows.map(({ id, body }) => (
          <li key={id} className="grid grid-cols-[1fr_auto] items-center gap-x-2">
            <button
              type="button"
              className="min-h-9 text-left font-semibold underline decoration-line underline-offset-4 hover:decoration-ink"
              onClick={() => onPick(body.zone)}
            >
              {zoneName(body.zone, wording)}
            </button>
            <span className="flex items-center gap-1">
              <EvidenceStamp evidence="measured" />
              <TakeOut record={id} says={`Take the waves of ${zoneName(body.zone, wording)} out`} />
            </span>
            <span className="relative col-span-2 h-3 bg-wash" aria-hidden="true">
              <span className="absolute inset-y-0 left-0 bg-ink/30" style={{ width: part(body.longMm.value) }} />
              <span
                className="absolute inset-y-0.5 border-x-2 border-ink bg-ink/40"
                style={{ left: part(body.longMm.low), width: part(body.longMm.high - body.longMm.low) }}
              />
            </span>
            <span className="col-span-2 text-xs text-soft">{wavesText(body)}</span>
          </li>
        ))}
      </ol>
      <p className="text-xs text-soft">{WAVES_CAUTION}</p>
    </section>
  );
}
