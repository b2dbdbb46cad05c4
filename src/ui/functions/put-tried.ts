import type { FunctionState, UntriedBecause } from '@/core/catalogue/functions';
import type { FunctionLine } from '@/core/functions/list';
import type { InspectionStore } from '../records/inspection-store';

interface Said {
  readonly state: FunctionState;
  readonly why?: UntriedBecause | null;
  readonly seconds?: number | null;
  readonly cause?: string;
  readonly from?: string;
  readonly note?: string;
}

/** Keeps how a function was found, on top of what was said of it before. Returns why nothing was kept, or nothing. */
export function putTried(store: Pick<InspectionStore, 'put'>, line: FunctionLine, said: Said): string {
  const own = line.record;
  const kept = store.put([
    {
      kind: 'tried',
      ...(own && { id: own.id }),
      body: {
        ...own?.body,
        function: line.id,
        zone: line.zone,
        why: null,
        ...said,
        at: new Date().toISOString(),
      },
    },
  ]);
  return kept.ok ? '' : kept.message;
}
