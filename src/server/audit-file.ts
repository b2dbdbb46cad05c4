import Papa from 'papaparse';
import type { Actor } from '@/data/actor';
import { type AuditRow, auditPage } from '@/data/audit';
import type { Db } from '@/data/db';

export const AUDIT_FORMATS = ['csv', 'json'] as const;
export type AuditFormat = (typeof AUDIT_FORMATS)[number];

const PAGE = 1000;
const COLUMNS = ['at', 'who', 'account', 'what', 'lot', 'inspection', 'detail'] as const;

/** A cell that a spreadsheet would run as a formula is kept as text. */
const inert = (text: string) => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
const cells = (e: AuditRow) => [
  e.at.toISOString(),
  inert(e.actorName),
  e.actorId ?? '',
  e.what,
  e.lotId ?? '',
  e.inspectionId ?? '',
  JSON.stringify(e.detail),
];
const asJson = (e: AuditRow) => ({
  at: e.at.toISOString(),
  who: e.actorName,
  account: e.actorId,
  what: e.what,
  lot: e.lotId,
  inspection: e.inspectionId,
  detail: e.detail,
});

/** All that was done in the actor's house, oldest first, as the text of a file, page by page. */
export async function* auditFile(db: Db, actor: Actor, format: AuditFormat): AsyncGenerator<string> {
  yield format === 'csv' ? `${COLUMNS.join(',')}\r\n` : '[';
  let after = 0;
  let first = true;
  for (;;) {
    const page = await auditPage(db, actor, after, PAGE);
    if (page.length > 0) {
      yield format === 'csv'
        ? `${Papa.unparse(page.map(cells), { newline: '\r\n' })}\r\n`
        : `${first ? '' : ','}\n${page.map((e) => JSON.stringify(asJson(e))).join(',\n')}`;
      first = false;
    }
    if (page.length < PAGE) break;
    after = page.at(-1)!.id;
  }
  if (format === 'json') yield '\n]\n';
}
