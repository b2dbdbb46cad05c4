import { DEFAULT_TABLES, TABLES, type TableName } from '@/core/grade/all-tables';
import { db } from '@/data/db';
import { ownTableNames } from '@/data/org-tables';
import { anyone, route } from '@/server/api';

/** Every table of numbers by which cars are judged: its name, and whether the house has its own. */
export const GET = route(anyone, async ({ actor }) => {
  const own = new Set(await ownTableNames(db(), actor));
  return Response.json({
    tables: (Object.keys(TABLES) as TableName[]).map((name) => ({
      name,
      own: own.has(TABLES[name].stored),
      source: (DEFAULT_TABLES[name] as { source?: string }).source ?? null,
    })),
  });
});
