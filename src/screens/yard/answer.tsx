'use client';

import type { Standing } from '@/core/yard/standing';
import { useAsking } from './ask-yard';

/** How many lots stand somewhere; pressed, it shows these alone. */
export function Answer({
  n,
  standing,
  says,
  urgent = false,
}: {
  n: number;
  standing: Standing;
  says: string;
  urgent?: boolean;
}) {
  const { asked, ask } = useAsking();
  return (
    <button
      type="button"
      aria-pressed={asked.show === standing}
      onClick={() => ask((wanted) => ({ show: wanted.show === standing ? 'all' : standing }))}
      className="rounded-cut border border-line bg-card p-4 text-left hover:border-ink aria-pressed:border-2 aria-pressed:border-ink"
    >
      <span className="flex items-baseline gap-2">
        <span className="font-head text-3xl font-bold">{n}</span>
        <span className="text-lg font-semibold">{standing}</span>
        {urgent && n > 0 && <span className="ml-auto size-2.5 rounded-full bg-pin" aria-hidden="true" />}
      </span>
      <span className="text-sm text-soft">{says}</span>
    </button>
  );
}
