import { eq } from 'drizzle-orm';
import { sale } from '@/data/tables/sales';
import { importBundle } from '@/server/export/import-bundle';
import { actorFor, withOwner } from '../on-database';
import { Refusal } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { as: TEXT, sale: TEXT } as const;

/** Takes a bundle into a sale: by default the newest one of the account's organisation. */
async function take(file: string, flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  return withOwner(async (db) => {
    const actor = await actorFor(db, flags.as);
    const sales = await db.select().from(sale).where(eq(sale.orgId, actor.orgId));
    const target = flags.sale ? sales.find((s) => s.id === flags.sale || s.name === flags.sale) : sales.at(-1);
    if (!target) throw new Refusal('no-sale', { message: 'There is no such sale.', sales: sales.map((s) => s.name) });
    const result = await importBundle(db, actor, target.id, file, (done, total) =>
      console.error(`${done} of ${total}`),
    );
    if (!result.ok) throw new Refusal(result.reason, { message: result.message, problems: result.problems });
    return { ...result, sale: target.name };
  });
}

export const verb = defineVerb({
  usage: 'BUNDLE [--sale NAME] [--as EMAIL]',
  does: 'Takes a bundle (JSON, or ZIP with pictures) into the database; twice changes nothing.',
  gives: '`{ok, created, taken, same, different, pictures}`',
  takes: 'file',
  database: true,
  options: OPTIONS,
  run: take,
});
