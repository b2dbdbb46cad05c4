'use client';

import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import type { AxisGrade } from '@/core/grade/grade';
import { isOnRecord, isWorthTelling, toldLosses } from '@/core/grade/told-losses';
import { recordsOf } from '@/core/records/reduce';
import { PinHead } from '@/ui/glyphs';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { flawName } from '@/words/flaws';
import { AXIS_WORDS, lossText } from '@/words/grade';
import { partSaysAmong } from '@/words/papers';
import { zoneWords } from '@/words/zones';
import type { ShowPlaces } from './grade';

/** A loss as a piece of the scale from 100 down: where the ones before it left off. */
function Step({ from, to, known }: { from: number; to: number; known: boolean }) {
  return (
    <span className="relative block h-3.5 border-b border-line" aria-hidden="true">
      <span
        className={`absolute inset-y-0 ${known ? 'bg-ink' : 'border border-dashed border-ink/60 bg-card'}`}
        style={{ left: `${to}%`, width: `max(2px, ${from - to}%)` }}
      />
    </span>
  );
}

/** What an axis lost, from 100 down to where it stands, dearest first. A touch shows where it is. */
export function Waterfall({ axis, show }: { axis: AxisGrade; show: ShowPlaces }) {
  const { state, car } = useInspection();
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const findings = new Map(recordsOf(state.records, 'finding').map((f) => [f.id, f.body]));
  const partSays = partSaysAmong(state.records, words);
  let left = 100;
  const rows = toldLosses(axis.losses)
    .filter(isWorthTelling)
    .map((loss) => {
      const from = left;
      left -= loss.points;
      return { loss, from, to: Math.max(0, left) };
    });
  return (
    <ol className="grid gap-0.5 pb-3 pl-1" aria-label={`What ${AXIS_WORDS[axis.axis]} lost`}>
      {rows.map(({ loss, from, to }) => {
        const f = loss.finding ? findings.get(loss.finding) : undefined;
        const named = f?.where ? ` (${f.where})` : '';
        const text = f
          ? `${flawName(f.flaw, words)}${named}, ${zoneWords(f.zone, wording)}`
          : lossText({ ...loss, places: loss.zones.length }, words, partSays);
        return (
          <li key={`${loss.by}${loss.finding}${loss.of}`}>
            <button
              type="button"
              disabled={loss.zones.length === 0}
              onClick={() => show(loss.zones)}
              className="grid min-h-9 w-full grid-cols-[20px_minmax(0,1fr)_28%_2.6rem] items-center gap-2 text-left text-sm enabled:hover:bg-wash"
            >
              {f ? (
                <PinHead family={flawById(f.flaw).family} severity={severity(f)} size={18} />
              ) : (
                <span
                  className={`inline-block size-3.5 border-[1.5px] ${isOnRecord(loss) ? 'border-ink bg-ink/20' : 'border-dashed border-ink/60'}`}
                />
              )}
              <span className="leading-tight">
                {capital(text)}
                {f && f.evidence !== 'seen' && <span className="text-soft"> · {f.evidence}</span>}
                {loss.by === 'measured' && <span className="text-soft"> · measured</span>}
              </span>
              <Step from={from} to={to} known={isOnRecord(loss)} />
              <span className="figure text-right text-xs">−{loss.points.toFixed(loss.points < 10 ? 1 : 0)}</span>
            </button>
          </li>
        );
      })}
      <li className="grid grid-cols-[20px_minmax(0,1fr)_28%_2.6rem] items-center gap-2 border-t border-line pt-1 text-sm font-semibold">
        <span />
        <span>{axis.seen === 0 ? 'Nothing seen: as on such cars' : 'Left of 100'}</span>
        <span className="relative block h-3.5" aria-hidden="true">
          <span className="absolute inset-y-0 left-0 bg-thread/70" style={{ width: `${axis.grade.value}%` }} />
        </span>
        <span className="figure text-right text-xs">{Math.round(axis.grade.value ?? 0)}</span>
      </li>
    </ol>
  );
}
