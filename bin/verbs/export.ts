import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { currentInspection } from '@/data/inspections';
import { makeExport } from '@/server/export/make-export';
import { actorFor, lotIdOf, numberOf, withOwner } from '../on-database';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { lot: TEXT, out: TEXT, what: TEXT, as: TEXT, sale: TEXT } as const;

/** Writes an inspection with its pictures as a bundle ZIP (or its report as PDF or ZIP). */
async function exportLot(flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  const { out, what = 'bundle' } = flags;
  if (!flags.lot || !out) throw new Usage('export needs --lot NUMBER and --out FILE');
  if (what !== 'bundle' && what !== 'pdf' && what !== 'zip') throw new Usage('--what is bundle, pdf or zip');
  const number = numberOf(flags.lot);
  return withOwner(async (db) => {
    const actor = await actorFor(db, flags.as);
    const lotId = await lotIdOf(db, actor, number, flags.sale);
    const head = lotId && (await currentInspection(db, actor, lotId));
    if (!head) throw new Refusal('no-lot', { message: `Your organisation has no lot ${number} in that sale.` });
    const dir = mkdtempSync(path.join(os.tmpdir(), `farvin-${randomUUID().slice(0, 8)}-`));
    try {
      const file = await makeExport(db, actor, head.id, what, dir, async (done, total) => {
        console.error(`${done} of ${total}`);
      });
      copyFileSync(file, out);
    } finally {
      rmSync(dir, { recursive: true, force: true });
    }
    return { ok: true, out, lot: number, what };
  });
}

export const verb = defineVerb({
  usage: '--lot N --out FILE [--sale NAME] [--what bundle|pdf|zip] [--as EMAIL]',
  does: 'Writes an inspection with its pictures from the database.',
  gives: 'a file of an inspection',
  takes: null,
  database: true,
  options: OPTIONS,
  run: (_nothing, flags) => exportLot(flags),
});
