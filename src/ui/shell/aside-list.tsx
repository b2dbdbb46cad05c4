'use client';

import { useInspection } from '../records/inspection';

/** Entries that the server did not take: each with the reason and what can be done. */
export function AsideList() {
  const { state, store } = useInspection();
  if (state.aside.length === 0) return null;
  return (
    <section
      aria-label="Entries not taken"
      className="max-h-48 overflow-y-auto border-b-2 border-pin bg-card px-4 py-2"
    >
      <h2 className="text-sm font-bold">
        {state.aside.length} {state.aside.length === 1 ? 'entry was' : 'entries were'} not taken
      </h2>
      <ul className="grid gap-1">
        {state.aside.map((aside) => (
          <li key={aside.change.id} className="flex flex-wrap items-center gap-2 text-sm">
            <span className="min-w-0 flex-1">
              {aside.change.kind}:{' '}
              {aside.result.status === 'conflict'
                ? 'somebody else changed this meanwhile. The screen shows their value.'
                : aside.result.message}
            </span>
            {aside.result.status === 'conflict' && (
              <button type="button" className="btn btn-small" onClick={() => store.insist(aside)}>
                Use mine
              </button>
            )}
            <button type="button" className="btn btn-small" onClick={() => store.dismiss(aside)}>
              {aside.result.status === 'conflict' ? 'Keep theirs' : 'Understood'}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
