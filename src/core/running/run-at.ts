import type { StoredRecord } from '../kinds';

/** No run that is logged by hand is longer, ms: what comes later is another one. */
export const LONGEST_RUN_MS = 7_200_000;

/** When the run began that goes on at a moment, by the first turn or an earlier moment of its log; null: none does. */
export function runAt(
  starts: readonly StoredRecord<'start'>[],
  logs: readonly StoredRecord<'log'>[],
  at: string,
): string | null {
  const begun = [
    ...starts.flatMap((s) => s.body.turnedAt ?? []),
    ...logs.flatMap((l) => (l.body.practice ? [] : [l.body.startedAt])),
  ];
  const since = (from: string) => Date.parse(at) - Date.parse(from);
  return (
    begun
      .filter((t) => since(t) >= 0 && since(t) < LONGEST_RUN_MS)
      .sort()
      .at(-1) ?? null
  );
}
