import { GAP_STAGES } from '@/core/fit/gap/order';
import { GAP_REFUSAL_WORDS, GAP_STAGE_WORDS } from '@/words/fit';
import type { GapMeasure } from './use-gap-measure';

/** What the worker says of the picture: how far it is, why it refuses, or the gap in figures. */
export function GapAnswerLine({ measure }: { measure: GapMeasure }) {
  const { work, good, shown } = measure;
  return (
    <div role="status" className="min-h-12">
      {work.waits && (
        <p className="flex items-center gap-3 text-sm">
          <progress
            className="h-2 flex-1"
            max={GAP_STAGES.length + 1}
            value={1 + GAP_STAGES.indexOf(work.stage as (typeof GAP_STAGES)[number])}
            aria-label="Progress"
          />
          {GAP_STAGE_WORDS[(work.stage ?? 'picture') as keyof typeof GAP_STAGE_WORDS]} …
          <button type="button" className="btn btn-small" onClick={work.stop}>
            Stop
          </button>
        </p>
      )}
      {work.isStopped && (
        <p className="text-sm">
          Stopped.{' '}
          <button type="button" className="btn btn-small" onClick={work.begin}>
            Measure
          </button>
        </p>
      )}
      {work.unreadable && <p className="text-sm">The picture could not be read. Try again when you are connected.</p>}
      {work.refused && <p className="border-l-4 border-pin pl-2 text-sm">{GAP_REFUSAL_WORDS[work.refused]}</p>}
      {good && shown?.meanMm.value != null && (
        <p>
          <span className="figure text-2xl font-semibold">{shown.meanMm.value.toFixed(2)} mm</span>{' '}
          <span className="text-sm text-soft">
            ({shown.meanMm.low!.toFixed(2)} to {shown.meanMm.high!.toFixed(2)}), range {shown.rangeMm.toFixed(2)},{' '}
            {shown.meanMm.n} of {good.stations.length} places, {good.pxPerMm.toFixed(1)} px/mm, leaning{' '}
            {Math.round(good.tiltDeg)}°{good.warnings.includes('tilted') && ': the near lip hides part of the gap'}
            {good.warnings.includes('card-not-refined') &&
              '; the card’s edges were not found, so the corners must be exact'}
          </span>
        </p>
      )}
    </div>
  );
}
