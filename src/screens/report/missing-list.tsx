import type { Missing } from '@/core/judge/judge';
import { usePreferences } from '@/ui/preferences';
import { missingText } from '@/words/missing';

/** What a bidder would ask that the records do not say, what blocks the seal first. */
export function MissingList({ missing }: { missing: readonly Missing[] }) {
  const { words } = usePreferences().preferences;
  return (
    <div className="grid gap-2">
      <h2 className="text-lg font-bold">What a bidder would ask</h2>
      {missing.length === 0 && <p className="text-sm">Nothing that the program can think of.</p>}
      <ul className="grid gap-1.5 text-sm">
        {missing.map((m) => (
          <li
            key={`${m.kind}${m.detail}`}
            className={`border-l-4 pl-2 ${m.blocks ? 'border-pin font-semibold' : 'border-ink/30'}`}
          >
            {missingText(m, words)}
          </li>
        ))}
      </ul>
    </div>
  );
}
