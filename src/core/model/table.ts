import type { z } from 'zod';

/** A table of domain numbers: data with unit and source, part of the model that judges by it, editable per organisation. */
export interface TableDefinition<T = unknown> {
  /** The name under which an organisation's own is kept. */
  readonly stored: string;
  readonly schema: z.ZodType<T>;
  readonly defaults: T;
  /** The same numbers as an earlier program kept them in other tables, by their stored names; undefined where it did not. */
  readonly was?: (kept: ReadonlyMap<string, unknown>) => unknown;
}

/** A table's definition, its type that of its schema. */
export const defineTable = <T>(definition: TableDefinition<T>): TableDefinition<T> => definition;

export type TableSet = Readonly<Record<string, TableDefinition>>;
/** The values of a set of tables. */
export type TablesOf<S> = { readonly [K in keyof S]: S[K] extends TableDefinition<infer T> ? T : never };

const isPlain = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v);

/** A table kept before it got new numbers, with those as shipped; what the house has set stays. */
function completed(own: unknown, shipped: unknown): unknown {
  if (!isPlain(own) || !isPlain(shipped)) return own === undefined ? shipped : own;
  const names = new Set([...Object.keys(shipped), ...Object.keys(own)]);
  return Object.fromEntries([...names].map((n) => [n, completed(own[n], shipped[n])]));
}

export interface ReadTables<S> {
  readonly tables: TablesOf<S>;
  /** Stored names of tables that cannot be read; the shipped ones stand in their place, which must be told. */
  readonly unfit: readonly string[];
}

/**
 * Tables as they were kept, by their stored names; the shipped ones for those that were not. `complete` fills in numbers that
 * a table lacks because it was kept before they existed; without it such a table is unfit.
 */
export function readTables<S extends TableSet>(
  definitions: S,
  kept: ReadonlyMap<string, unknown>,
  { complete }: { readonly complete: boolean },
): ReadTables<S> {
  const unfit: string[] = [];
  const read = ({ stored, schema, defaults, was }: TableDefinition): unknown => {
    const own = kept.has(stored) ? kept.get(stored) : was?.(kept);
    if (own === undefined) return defaults;
    const asKept = schema.safeParse(own);
    if (asKept.success) return asKept.data;
    const filled = complete && isPlain(own) ? schema.safeParse(completed(own, defaults)) : null;
    if (filled?.success) return filled.data;
    unfit.push(stored);
    return defaults;
  };
  const tables = Object.fromEntries(Object.entries(definitions).map(([key, d]) => [key, read(d)]));
  return { tables: tables as TablesOf<S>, unfit };
}
