/** A single number, text or yes-or-no within a table of domain numbers, by the names and places that lead to it. */
export interface Leaf {
  readonly path: readonly (string | number)[];
  readonly value: Scalar | Empty;
}
export type Scalar = string | number | boolean | null;
/** A list or group that holds nothing. */
export type Empty = readonly [] | Readonly<Record<string, never>>;

export const isScalar = (value: Scalar | Empty): value is Scalar => typeof value !== 'object' || value === null;

/** Every leaf of a table, in its own order.. */
export function leavesOf(value: unknown, path: readonly (string | number)[] = []): Leaf[] {
  if (value === undefined) return [];
  if (typeof value === 'object' && value !== null && Object.keys(value).length === 0)
    return [{ path, value: value as Empty }];
  if (Array.isArray(value)) return value.flatMap((v, i) => leavesOf(v, [...path, i]));
  if (typeof value === 'object' && value !== null)
    return Object.entries(value).flatMap(([k, v]) => leavesOf(v, [...path, k]));
  return [{ path, value: value as Scalar }];
}

/** The same table with one leaf set; groups and lists on the way are made where they are lacking. */
export function withLeaf(table: unknown, path: readonly (string | number)[], value: Scalar | Empty): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return value;
  if (typeof step === 'number') {
    const list = Array.isArray(table) ? [...table] : [];
    list[step] = withLeaf(list[step], rest, value);
    return list;
  }
  const group = typeof table === 'object' && table !== null && !Array.isArray(table) ? table : {};
  return { ...group, [step]: withLeaf((group as Record<string, unknown>)[step], rest, value) };
}

/** What stands at a path of a table; undefined where nothing does. */
export function leafAt(table: unknown, path: readonly (string | number)[]): unknown {
  return path.reduce<unknown>(
    (at, step) => (typeof at === 'object' && at !== null ? (at as Record<string | number, unknown>)[step] : undefined),
    table,
  );
}

/** A path in one line: "bandsUm › factory". */
export const pathText = (path: readonly (string | number)[]): string =>
  path.map((p) => (typeof p === 'number' ? String(p + 1) : p)).join(' › ');
