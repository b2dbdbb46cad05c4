import { PAINT_STATES, type PaintState } from '@/core/paint/profiles';
import { PAINT_STATE_WORDS } from '@/words/terms';

/** The chance of each paint state as bars with figures, likeliest first. */
export function Chances({ chances }: { chances: Readonly<Record<PaintState, number>> }) {
  const rows = [...PAINT_STATES].sort((a, b) => chances[b] - chances[a]).filter((s, i) => i < 2 || chances[s] >= 0.015);
  return (
    <ul className="grid gap-1">
      {rows.map((s) => (
        <li key={s} className="grid grid-cols-[88px_1fr_44px] items-center gap-2 text-sm">
          <span>{PAINT_STATE_WORDS[s]}</span>
          <span className="h-1.5 bg-ink/10">
            <span className="block h-full bg-ink" style={{ width: `${Math.round(chances[s] * 100)}%` }} />
          </span>
          <span className="figure text-right text-xs font-semibold">{Math.round(chances[s] * 100)} %</span>
        </li>
      ))}
    </ul>
  );
}
