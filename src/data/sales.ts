import { asc, eq } from 'drizzle-orm';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { sale } from './tables/farvin';

export interface SaleRow {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  readonly opensOn: string | null;
  readonly closesOn: string | null;
  readonly timeZone: string;
}

/** The organisation's sales by opening day. */
export async function salesOf(db: Db, actor: Actor): Promise<SaleRow[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        id: sale.id,
        name: sale.name,
        place: sale.place,
        opensOn: sale.opensOn,
        closesOn: sale.closesOn,
        timeZone: sale.timeZone,
      })
      .from(sale)
      .where(eq(sale.orgId, actor.orgId))
      .orderBy(asc(sale.opensOn)),
  );
}
