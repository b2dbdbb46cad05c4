import { eq } from 'drizzle-orm';
import { z } from 'zod';
import { DEFAULT_GRADE_TABLES, type GradeTables, gradeTablesSchema } from '@/core/grade/tables';
import { DEFAULT_PROFILES, type PaintProfile, profileSchema } from '@/core/paint/profiles';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { orgTable } from './tables/farvin';

export interface OrgTables {
  readonly grade: GradeTables;
  readonly profiles: readonly PaintProfile[];
}

/** The organisation's tables of domain numbers; the shipped ones where it has none, or where its own do not fit. */
export async function orgTables(db: Db, actor: Actor): Promise<OrgTables> {
  const rows = await inOrg(db, actor, (tx) => tx.select().from(orgTable).where(eq(orgTable.orgId, actor.orgId)));
  const own = new Map(rows.map((r) => [r.name, r.value]));
  const grade = gradeTablesSchema.safeParse(own.get('grade'));
  const profiles = z.array(profileSchema).min(1).safeParse(own.get('paint-profiles'));
  return {
    grade: grade.success ? grade.data : DEFAULT_GRADE_TABLES,
    profiles: profiles.success ? profiles.data : DEFAULT_PROFILES,
  };
}
