import { MODEL_TABLES, type ModelTables } from '../judge/models';
import { readTables, type TableSet } from '../model/table';
import { type CostTable, costTable } from '../work/cost-table';
import { gradeTable } from './grade-table';
import type { GradedBy } from './graded-by';
import { yardstickTable } from './yardstick-table';

/** Every table of domain numbers by which a car is judged and graded, by the name under which a report holds it. */
export const TABLES = {
  grade: gradeTable,
  yardstick: yardstickTable,
  cost: costTable,
  ...MODEL_TABLES,
} as const satisfies TableSet;
export type Tables = ModelTables & GradedBy & { readonly cost: CostTable };
export type TableName = keyof typeof TABLES & string;

const definitions = Object.entries(TABLES as TableSet);

/** The tables as shipped. */
export const DEFAULT_TABLES = Object.fromEntries(
  definitions.map(([name, t]) => [name, t.defaults]),
) as unknown as Tables;

/** Stored names, as an organisation keeps its own. */
export const STORED_TABLES: readonly string[] = definitions.map(([, t]) => t.stored);

export interface JudgedBy {
  readonly tables: Tables;
  /** Own tables that this program cannot read: it judges by the shipped ones meanwhile, says so, and seals nothing. */
  readonly unfit: readonly string[];
}

/** Tables as an organisation kept them, by their stored names; numbers that they lack are as shipped. */
export const tablesKept = (kept: ReadonlyMap<string, unknown>): JudgedBy =>
  readTables(TABLES as TableSet, kept, { complete: true }) as unknown as JudgedBy;

/** Tables as a report holds them, by the report's names; one that lacks numbers cannot be read. */
export function tablesSealed(sealed: Readonly<Record<string, unknown>>, { complete }: { complete: boolean }): JudgedBy {
  const kept = new Map(
    definitions.flatMap(([name, { stored }]) => (sealed[name] === undefined ? [] : [[stored, sealed[name]] as const])),
  );
  return readTables(TABLES as TableSet, kept, { complete }) as unknown as JudgedBy;
}

/** Those tables that are not the shipped ones: all that a program which has those needs to be told. */
export const ownAmong = (tables: Tables): Partial<Tables> =>
  Object.fromEntries(Object.entries(tables).filter(([name, t]) => t !== DEFAULT_TABLES[name as TableName]));

/** The same tables again: the own ones among the shipped. */
export const amongShipped = (own: Partial<Tables>): Tables => ({ ...DEFAULT_TABLES, ...own });
