/** Rows of the same fields as a table: the name of each field is said once. */
export interface FactTable<T> {
  readonly names: readonly (keyof T & string)[];
  readonly values: readonly (readonly T[keyof T & string][])[];
}

export function tableOf<T extends object>(rows: readonly T[]): FactTable<T> {
  const names = Object.keys(rows[0] ?? {}) as (keyof T & string)[];
  return { names, values: rows.map((r) => names.map((n) => r[n])) };
}

export const rowsOf = <T extends object>({ names, values }: FactTable<T>): readonly T[] =>
  values.map((held) => Object.fromEntries(names.map((n, i) => [n, held[i]])) as T);
