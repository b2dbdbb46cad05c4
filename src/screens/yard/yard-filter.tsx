'use client';

import { useRef } from 'react';
import { SORTS, type Sort, STANDINGS, type Standing } from '@/core/yard/standing';
import { icon } from '@/ui/icons/icon';
import { useAsking } from './ask-yard';

const SEARCH_AFTER_MS = 300;

/** Which lots are shown, and in what order. */
export function YardFilter({ counts, total }: { counts: Readonly<Record<Standing, number>>; total: number }) {
  const { asked, ask } = useAsking();
  const typing = useRef<ReturnType<typeof setTimeout>>(undefined);
  return (
    <>
      <label className="relative min-w-48 flex-1">
        <span className="sr-only">Search lots</span>
        {icon('search', 'size-4 absolute top-1/2 left-3 -translate-y-1/2 text-soft')}
        <input
          className="field pl-9"
          placeholder="Lot, car, inspector"
          defaultValue={asked.search}
          onChange={(e) => {
            const search = e.target.value;
            clearTimeout(typing.current);
            typing.current = setTimeout(() => ask({ search }), SEARCH_AFTER_MS);
          }}
        />
      </label>
      <select
        className="field w-auto"
        value={asked.show}
        onChange={(e) => ask({ show: e.target.value as Standing | 'all' })}
        aria-label="Show"
      >
        {/* One text each: pieces cost as much as the element. */}
        <option value="all">{`all ${total} lots`}</option>
        {STANDINGS.map((s) => (
          <option key={s} value={s}>
            {`${s} (${counts[s]})`}
          </option>
        ))}
      </select>
      <select
        className="field w-auto"
        value={asked.sort}
        onChange={(e) => ask({ sort: e.target.value as Sort })}
        aria-label="Order"
      >
        {Object.entries(SORTS).map(([key, label]) => (
          <option key={key} value={key}>
            {`by ${label}`}
          </option>
        ))}
      </select>
    </>
  );
}
