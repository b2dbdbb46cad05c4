import type { WorkId } from './cost-table';

/** Work that ends with a whole panel painted. */
export const PAINTS_PANEL: ReadonlySet<WorkId> = new Set<WorkId>(['refinish', 'strip-refinish', 'lower-piece', 'sill']);
