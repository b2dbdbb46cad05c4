'use client';

import { useMemo } from 'react';
import { CLIMATE_OF } from '@/core/identity/past';
import type { Storage } from '@/core/metal/exposure-table';
import type { CarForecast } from '@/core/metal/forecast';
import { isHoled, type WastingFinding } from '@/core/metal/wasting';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { FORECAST_SAYS, holeText, yearsText } from '@/words/metal';
import { recordSays } from '@/words/record';
import { STORAGE_WORDS, STORAGES_SHOWN } from '@/words/storage';
import { zoneName } from '@/words/zones';
import type { ForecastAnswer } from '@/workers/forecast.worker';

const make = () => new Worker(new URL('../../workers/forecast.worker.ts', import.meta.url), { type: 'module' });
interface Question {
  readonly spots: readonly WastingFinding['spot'][];
  readonly table: ReturnType<typeof useLot>['facts']['tables']['exposure'];
  readonly storages: readonly Storage[];
}

/** Years until what is rusting is through, by how the car will be kept. */
export function HowLong({ wasting }: { wasting: readonly WastingFinding[] }) {
  const { facts } = useLot();
  const table = facts.tables.exposure;
  // How its last keeper kept it stands beside the others.
  const kept = useJudged((j) => {
    const storage = j.judgement?.identity.storage ?? null;
    return storage && CLIMATE_OF[storage];
  });
  const question = useMemo<Question | null>(
    () =>
      wasting.length > 0
        ? {
            spots: wasting.map((w) => w.spot),
            table,
            storages:
              STORAGES_SHOWN.some((s) => s === kept) || !kept ? STORAGES_SHOWN : [...STORAGES_SHOWN, kept].sort(),
          }
        : null,
    [wasting, table, kept],
  );
  const [answer, stage] = useWorkerAnswer<Question, ForecastAnswer>(make, question);
  if (!question) return null;
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="How long">
      <h2 className="text-lg font-bold">How long it lasts</h2>
      {answer ? (
        <Years forecasts={answer.forecasts} wasting={wasting} kept={kept} />
      ) : (
        <p role="status" className="text-sm text-soft">
          Drawing chances {stage ?? '…'}
        </p>
      )}
      <p className="text-xs text-soft">
        10 to 90 %, with the likely year. {FORECAST_SAYS} Assumed: {table.source}.{' '}
        <a className="underline underline-offset-4" href="/numbers/exposure">
          All assumptions
        </a>
        .
      </p>
    </section>
  );
}

function Years({
  forecasts,
  wasting,
  kept,
}: {
  forecasts: readonly CarForecast[];
  wasting: readonly WastingFinding[];
  kept: Storage | null;
}) {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const findings = useRecords('finding');
  const hole = holeText(isHoled(findings));
  return (
    <div className="grid gap-3 text-sm">
      <dl className="grid gap-1">
        {forecasts.map((f) => (
          <div key={f.storage} className="flex items-baseline justify-between gap-2 border-b border-line pb-1">
            <dt>
              {hole}, {STORAGE_WORDS[f.storage]}
              {f.storage === kept && ', as it was kept last'}
            </dt>
            <dd className="figure text-right font-semibold">{yearsText(f.first)}</dd>
          </div>
        ))}
      </dl>
      <details>
        <summary className="min-h-11 cursor-pointer content-center font-semibold">Each place</summary>
        <ul className="grid gap-2">
          {wasting.map((w, i) => {
            const finding = findings.find((f) => f.id === w.finding);
            return (
              <li key={w.finding} className="border-l-2 border-ink/50 pl-2">
                <ToWalk zone={w.zone}>
                  <strong>{zoneName(w.zone, wording)}</strong>
                </ToWalk>{' '}
                {finding && recordSays(finding, wording)}
                {forecasts.map((f) => (
                  <span key={f.storage} className="flex justify-between gap-2 text-soft">
                    {STORAGE_WORDS[f.storage]} <span className="figure text-ink">{yearsText(f.spots[i]!)}</span>
                  </span>
                ))}
                <span className="block text-xs text-soft">
                  {w.spot.metal}, sheet {w.spot.sheetMm.join(' to ')} mm, eaten from{' '}
                  {w.spot.faces === 2 ? 'both faces' : 'one face'}
                  {w.spot.galvanic && ', touching steel'}
                  {w.spot.moving === 'steady' && ', steady'}
                </span>
              </li>
            );
          })}
        </ul>
      </details>
    </div>
  );
}
