import { asc, eq } from 'drizzle-orm';
import { checkLog, noteCaseRepair } from '@/data/log';
import { inspection, lot } from '@/data/tables/lots';
import { actorFor, numberOf, withOwner } from '../on-database';
import { Refusal } from '../refusals';
import { defineVerb, type FlagsOf, SWITCH, TEXT } from '../verb';

const OPTIONS = { lot: TEXT, as: TEXT, 'note-repair': SWITCH } as const;

/** Checks every inspection's log, or one lot's: its chain of hashes, and the records against what it says. */
async function verifyLog(flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  return withOwner(async (db) => {
    const rows = await db
      .select({ id: inspection.id, revision: inspection.revision, lot: lot.number, title: lot.title })
      .from(inspection)
      .innerJoin(lot, eq(lot.id, inspection.lotId))
      .where(flags.lot === undefined ? undefined : eq(lot.number, numberOf(flags.lot)))
      .orderBy(asc(lot.number), asc(inspection.revision));
    let lines = 0;
    const broken: object[] = [];
    let repaired = 0;
    const by = flags['note-repair'] ? (await actorFor(db, flags.as)).name : null;
    for (const row of rows) {
      let verdict = await checkLog(db, row.id);
      while (by !== null && verdict.cause === 'case-of-id' && (await noteCaseRepair(db, row.id, by)) !== null)
        verdict = await checkLog(db, row.id);
      lines += verdict.lines;
      repaired += verdict.repaired;
      if (!verdict.whole)
        broken.push({
          lot: row.lot,
          title: row.title,
          revision: row.revision,
          inspection: row.id,
          at: verdict.brokenAt,
          cause: verdict.cause,
          records: verdict.differing,
        });
    }
    if (broken.length > 0) throw new Refusal('log-broken', { inspections: rows.length, lines, broken });
    return { ok: true, inspections: rows.length, lines, repaired, broken };
  });
}

export const verb = defineVerb({
  usage: '[--lot N] [--note-repair [--as EMAIL]]',
  does: 'Re-computes the hash chain of every inspection’s log in the database and compares the records with it. --note-repair notes beside the log what an earlier program’s capital letters broke.',
  gives: '`{ok, inspections, lines, broken}`: the hash chain of each log',
  takes: null,
  database: true,
  options: OPTIONS,
  run: (_nothing, flags) => verifyLog(flags),
});
