import { and, asc, eq, ne, sql } from 'drizzle-orm';
import type { Found } from '@/core/yard/found';
import { PRACTICE } from '@/core/yard/sale-facts';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { inspection, lot } from './tables/lots';
import { record } from './tables/records';
import { sale } from './tables/sales';
import { holdsWord, wordsAsked } from './words-asked';

/** Lots, and texts within their records, shown of one search. */
const MOST_LOTS = 30;
const MOST_TEXTS = 40;
/** Letters of a text that are shown. */
const LONGEST_SHOWN = 160;

/**
 * What of everything that the actor may see holds every word asked for: lots by what is said of them, and the newest
 * revision's records by their own texts. Sealed or withheld, archived or withdrawn: the walls alone decide.
 */
export async function search(db: Db, actor: Actor, asked: string): Promise<Found> {
  const words = wordsAsked(asked);
  if (words.length === 0) return { lots: [], texts: [], more: false };
  const said = sql`concat_ws(' ', ${lot.number}, ${lot.title}, ${lot.keeper}, ${lot.consignor}, ${lot.stands}, ${lot.keysWith}, ${lot.comesWith}, ${sale.name})`;
  return inOrg(db, actor, async (tx) => {
    const lots = await tx
      .select({
        id: lot.id,
        number: lot.number,
        title: lot.title,
        sale: sale.name,
        saleState: sale.state,
        keeper: lot.keeper,
        consignor: lot.consignor,
        stands: lot.stands,
        withdrawn: sql<boolean>`${lot.withdrawnAt} is not null`,
      })
      .from(lot)
      .innerJoin(sale, eq(sale.id, lot.saleId))
      .where(and(eq(lot.orgId, actor.orgId), ne(sale.state, PRACTICE), ...words.map((w) => holdsWord(said, w))))
      .orderBy(sql`(${sale.state} = 'archived')`, asc(lot.number))
      .limit(MOST_LOTS);
    // The whole body first, which is quick; then the very text of it that holds all words.
    const texts = await tx
      .select({
        lotId: lot.id,
        number: lot.number,
        title: lot.title,
        kind: record.kind,
        zone: sql<string | null>`${record.body}->>'zone'`,
        text: sql<string>`t.text`,
      })
      .from(record)
      .innerJoin(inspection, eq(inspection.id, record.inspectionId))
      .innerJoin(lot, and(eq(lot.id, inspection.lotId), eq(lot.revision, inspection.revision)))
      .innerJoin(sale, and(eq(sale.id, lot.saleId), ne(sale.state, PRACTICE)))
      .innerJoin(
        sql`lateral (select v.value #>> '{}' as text from jsonb_path_query(${record.body}, '$.** ? (@.type() == "string")') v(value)) t`,
        sql.join(
          [
            sql`length(t.text) between 3 and 2000`,
            // Ids, hashes and moments are no words.
            sql`t.text !~ '^([0-9a-f-]{32,}|\\d{4}-\\d\\d-\\d\\dT.*)$'`,
            ...words.map((w) => holdsWord(sql`t.text`, w)),
          ],
          sql` and `,
        ),
      )
      .where(and(eq(record.orgId, actor.orgId), ...words.map((w) => holdsWord(sql`${record.body}::text`, w))))
      // In no order: the first ones found are enough, and words that very many hold end the search early.
      .limit(MOST_TEXTS);
    const shown = texts.map((t) => ({ ...t, text: clipped(t.text, words[0]!) }));
    return {
      lots,
      texts: shown.sort((a, b) => a.number - b.number),
      more: texts.length === MOST_TEXTS || lots.length === MOST_LOTS,
    };
  });
}

/** A text cut to what can be shown, around the word that was asked for. */
function clipped(text: string, word: string): string {
  if (text.length <= LONGEST_SHOWN) return text;
  const at = Math.max(0, text.toLowerCase().indexOf(word.toLowerCase()) - LONGEST_SHOWN / 2);
  const cut = [...text.slice(at)].slice(0, LONGEST_SHOWN).join('');
  return `${at > 0 ? '…' : ''}${cut}…`;
}
