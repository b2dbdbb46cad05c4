'use client';

import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import type { Mover } from '@/core/grade/movers';
import { recordsOf } from '@/core/records/reduce';
import { PinHead } from '@/ui/glyphs';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { flawName } from '@/words/flaws';
import { zoneName, zoneWords } from '@/words/zones';

/** What moves the grade most, in order, each with its points as a bar. */
export function Movers({ title, movers }: { title: string; movers: readonly Mover[] }) {
  const { state, car } = useInspection();
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const findings = new Map(recordsOf(state.records, 'finding').map((f) => [f.id, f.body]));
  const top = movers[0]?.points ?? 1;
  if (movers.length === 0) return null;
  return (
    <div className="sheet grid gap-2 p-4">
      <h2 className="text-lg font-bold">{title}</h2>
      <ol className="grid gap-1">
        {movers.slice(0, 6).map((m) => {
          const f = m.finding ? findings.get(m.finding) : undefined;
          return (
            <li
              key={`${m.zone}${m.finding}`}
              className="grid grid-cols-[22px_minmax(0,1fr)_70px_44px] items-center gap-2 text-sm"
            >
              {f ? (
                <PinHead family={flawById(f.flaw).family} severity={severity(f)} />
              ) : (
                <span className="inline-block size-4 border-[1.5px] border-dashed border-ink/60" />
              )}
              <span className="truncate">
                {f ? `${flawName(f.flaw, words)}, ${zoneWords(m.zone, wording)}` : zoneName(m.zone, wording)}
              </span>
              <span className="h-1.5 bg-ink/10">
                <span className="block h-full bg-ink" style={{ width: `${(100 * m.points) / top}%` }} />
              </span>
              <span className="figure text-right text-xs">{m.points.toFixed(1)}</span>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
