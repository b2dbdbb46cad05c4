'use client';

import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import type { RepairMover, UnseenMover } from '@/core/grade/movers';
import type { Lens } from '@/core/grade/tables';
import { recordsOf } from '@/core/records/reduce';
import { PinHead } from '@/ui/glyphs';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { flawName } from '@/words/flaws';
import { UNBLOCK_WORDS } from '@/words/grade';
import { money } from '@/words/money';
import { zoneName, zoneWords } from '@/words/zones';
import type { ShowPlaces } from './grade';

const TOLD = 6;
/** No work is told as costing less, in the house's currency. */
const LEAST_TOLD = 10;
const ROW = 'grid min-h-9 w-full items-center gap-2 text-left text-sm hover:bg-wash';

/** A share of the longest bar of a list. */
function Bar({ of, top }: { of: number; top: number }) {
  return (
    <span className="h-1.5 bg-ink/10" aria-hidden="true">
      <span className="block h-full bg-ink" style={{ width: `${(100 * Math.max(0, of)) / top}%` }} />
    </span>
  );
}

/** Unseen places that make most doubt; of blocked ones, what would clear them. */
export function UnseenLooks({ movers, show }: { movers: readonly UnseenMover[]; show: ShowPlaces }) {
  const { car } = useInspection();
  const wording = useWording(car?.steering);
  const top = movers[0]?.points ?? 1;
  if (movers.length === 0) return null;
  return (
    <div className="sheet grid gap-2 p-4">
      <h2 className="text-lg font-bold">Looking here narrows it most</h2>
      <ol>
        {movers.slice(0, TOLD).map((m) => (
          <li key={m.zone}>
            <button
              type="button"
              onClick={() => show([m.zone])}
              className={`${ROW} grid-cols-[20px_minmax(0,1fr)_70px]`}
            >
              <span className="inline-block size-4 border-[1.5px] border-dashed border-ink/60" />
              <span>
                {zoneName(m.zone, wording)}
                {m.blocked && <span className="text-soft"> · {UNBLOCK_WORDS[m.blocked]}</span>}
              </span>
              <Bar of={m.points} top={top} />
            </button>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** Findings whose repair would raise the whole most under a lens, with what that takes by the house's hours and rates. */
export function Repairs({ movers, lens, show }: { movers: readonly RepairMover[]; lens: Lens; show: ShowPlaces }) {
  const { facts, state, car } = useInspection();
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const findings = new Map(recordsOf(state.records, 'finding').map((f) => [f.id, f.body]));
  const told = [...movers].sort((a, b) => b.points[lens] - a.points[lens]).slice(0, TOLD);
  const top = told[0]?.points[lens] ?? 1;
  if (told.length === 0 || top < 0.05) return null;
  return (
    <div className="sheet grid gap-2 p-4">
      <h2 className="text-lg font-bold">Putting this right raises it most</h2>
      <ol>
        {told.map((m) => {
          const f = findings.get(m.finding);
          if (!f) return null;
          const named = f.where ? ` (${f.where})` : '';
          return (
            <li key={m.finding}>
              <button
                type="button"
                onClick={() => show([m.zone])}
                className={`${ROW} grid-cols-[20px_minmax(0,1fr)_56px_2.6rem_5.4rem]`}
              >
                <PinHead family={flawById(f.flaw).family} severity={severity(f)} size={18} />
                <span className="leading-tight">
                  {capital(`${flawName(f.flaw, words)}${named}, ${zoneWords(m.zone, wording)}`)}
                </span>
                <Bar of={m.points[lens]} top={top} />
                <span className="figure text-right text-xs">+{Math.max(0, m.points[lens]).toFixed(1)}</span>
                <span className="figure text-right text-xs">
                  {money(Math.max(LEAST_TOLD, m.effort), facts.sale.currency)}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
      <p className="text-xs text-soft">
        Points of the {lens} lens, each put right alone, and what its hours and parts come to by the house’s table. No
        quotation.
      </p>
    </div>
  );
}
