import type { z } from 'zod';
import { defineTable } from '../model/table';
import { DEFAULT_GRADE_TABLES } from './shipped';
import { type GradeTables, gradeTablesSchema } from './tables';

/** Weights and bands that a house set when the grade was reckoned by other numbers. */
const boundsBefore = (kept: ReadonlyMap<string, unknown>) => {
  const bands = gradeTablesSchema.shape.bands.safeParse((kept.get('grade') as { bands?: unknown } | undefined)?.bands);
  return bands.success ? { ...DEFAULT_GRADE_TABLES, bands: bands.data } : undefined;
};

export const gradeTable = defineTable<GradeTables>({
  stored: 'grade-2',
  schema: gradeTablesSchema as z.ZodType<GradeTables>,
  defaults: DEFAULT_GRADE_TABLES,
  was: boundsBefore,
});
