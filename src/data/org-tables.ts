import { and, eq, ne } from 'drizzle-orm';
import { z } from 'zod';
import { DEFAULT_TOLERANCES, type Tolerance, tolerancesSchema } from '@/core/fit/defaults';
import { DEFAULT_GRADE_TABLES, type GradeTables, gradeTablesSchema } from '@/core/grade/tables';
import { DEFAULT_PROFILES, type PaintProfile, profileSchema } from '@/core/paint/profiles';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { inspection, orgTable } from './tables/farvin';

export interface OrgTables {
  readonly tables: GradeTables;
  readonly profiles: readonly PaintProfile[];
  readonly tolerances: readonly Tolerance[];
}

/** The organisation's tables of domain numbers; the shipped ones where it has none, or where its own do not fit. */
export async function orgTables(db: Db, actor: Actor): Promise<OrgTables> {
  const rows = await inOrg(db, actor, (tx) => tx.select().from(orgTable).where(eq(orgTable.orgId, actor.orgId)));
  const own = new Map(rows.map((r) => [r.name, r.value]));
  const grade = gradeTablesSchema.safeParse(own.get('grade'));
  const tolerances = tolerancesSchema.safeParse(own.get('tolerances'));
  const profiles = z.array(profileSchema).min(1).safeParse(own.get('paint-profiles'));
  return {
    tables: grade.success ? grade.data : DEFAULT_GRADE_TABLES,
    profiles: profiles.success ? profiles.data : DEFAULT_PROFILES,
    tolerances: tolerances.success ? tolerances.data : DEFAULT_TOLERANCES,
  };
}

/** Keeps an organisation's own nominal gaps and tolerances; null goes back to the shipped ones. Grades not sealed are computed anew. */
export async function keepTolerances(db: Db, actor: Actor, rows: readonly Tolerance[] | null): Promise<void> {
  const name = 'tolerances';
  await inOrg(db, actor, async (tx) => {
    const changed =
      rows === null
        ? await tx
            .delete(orgTable)
            .where(and(eq(orgTable.orgId, actor.orgId), eq(orgTable.name, name)))
            .returning({ name: orgTable.name })
        : await tx
            .insert(orgTable)
            .values({ orgId: actor.orgId, name, value: rows })
            .onConflictDoUpdate({ target: [orgTable.orgId, orgTable.name], set: { value: rows } })
            .returning({ name: orgTable.name });
    if (changed.length === 0) return;
    await tx
      .update(inspection)
      .set({ summaryCount: -1 })
      .where(and(eq(inspection.orgId, actor.orgId), ne(inspection.state, 'sealed')));
  });
}
