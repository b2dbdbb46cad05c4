import { and, eq, ne } from 'drizzle-orm';
import { z } from 'zod';
import { DEFAULT_TOLERANCES, type Tolerance, tolerancesSchema } from '@/core/fit/tolerances';
import { DEFAULT_GRADE_TABLES, type GradeTables, gradeTablesSchema } from '@/core/grade/tables';
import { DEFAULT_PROFILES, type PaintProfile, profileSchema } from '@/core/paint/profiles';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { inspection, orgTable } from './tables/farvin';

export interface OrgTables {
  readonly tables: GradeTables;
  readonly profiles: readonly PaintProfile[];
  readonly tolerances: readonly Tolerance[];
  /** Own tables that this program cannot read: it judges by the shipped ones meanwhile, says so, and seals nothing. */
  readonly unfit: readonly OrgTableName[];
}

export const ORG_TABLES = ['grade', 'paint-profiles', 'tolerances'] as const;
export type OrgTableName = (typeof ORG_TABLES)[number];

const isPlain = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v);

/** A table kept before it got new numbers, with those as shipped; what the house has set stays. */
function completed(own: unknown, shipped: unknown): unknown {
  if (!isPlain(own) || !isPlain(shipped)) return own === undefined ? shipped : own;
  const names = new Set([...Object.keys(shipped), ...Object.keys(own)]);
  return Object.fromEntries([...names].map((n) => [n, completed(own[n], shipped[n])]));
}

/** An organisation's own table; the shipped one where it has none, or where its own cannot be read, which is told. */
function ownTable<T>(
  name: OrgTableName,
  own: ReadonlyMap<string, unknown>,
  schema: z.ZodType<T>,
  shipped: T,
  unfit: OrgTableName[],
): T {
  if (!own.has(name)) return shipped;
  const kept = own.get(name);
  const asKept = schema.safeParse(kept);
  if (asKept.success) return asKept.data;
  const filled = schema.safeParse(completed(kept, shipped));
  if (filled.success && isPlain(kept)) return filled.data;
  unfit.push(name);
  return shipped;
}

/** The organisation's tables of domain numbers. */
export async function orgTables(db: Db, actor: Actor): Promise<OrgTables> {
  const rows = await inOrg(db, actor, (tx) => tx.select().from(orgTable).where(eq(orgTable.orgId, actor.orgId)));
  return tablesFrom(new Map(rows.map((r) => [r.name, r.value])));
}

function tablesFrom(own: ReadonlyMap<string, unknown>): OrgTables {
  const unfit: OrgTableName[] = [];
  return {
    tables: ownTable('grade', own, gradeTablesSchema, DEFAULT_GRADE_TABLES, unfit),
    profiles: ownTable<readonly PaintProfile[]>(
      'paint-profiles',
      own,
      z.array(profileSchema).min(1),
      DEFAULT_PROFILES,
      unfit,
    ),
    tolerances: ownTable<readonly Tolerance[]>('tolerances', own, tolerancesSchema, DEFAULT_TOLERANCES, unfit),
    unfit,
  };
}

/** The tables that a sealed report holds, in the place of the house's own of today; numbers it lacks are as shipped. */
export function tablesAsSealed(sealed: unknown, today: OrgTables): OrgTables {
  if (!isPlain(sealed)) return today;
  const names = { grade: 'grade', profiles: 'paint-profiles', tolerances: 'tolerances' } as const;
  const kept = new Map<string, unknown>(
    Object.entries(names).flatMap(([name, table]) =>
      sealed[name] === undefined ? [] : [[table, sealed[name]] as const],
    ),
  );
  return tablesFrom(kept);
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
    await audit(tx, actor, rows === null ? 'numbers-reset' : 'numbers-changed', { detail: { table: name } });
    await tx
      .update(inspection)
      .set({ summaryCount: -1 })
      .where(and(eq(inspection.orgId, actor.orgId), ne(inspection.state, 'sealed')));
  });
}
