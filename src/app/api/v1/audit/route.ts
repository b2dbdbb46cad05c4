import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { auditOf, noteAuditExport } from '@/data/audit';
import { db } from '@/data/db';
import { problem, route } from '@/server/api';
import { AUDIT_FORMATS, auditFile } from '@/server/audit-file';

const TYPES = { csv: 'text/csv; charset=utf-8', json: 'application/json' } as const;
const asked = z.enum(AUDIT_FORMATS).nullable();

/** What was done in the organisation besides entering records, newest first; with `?format=csv` or `json` all of it as a file. */
export const GET = route(mayManage, async ({ actor, request }) => {
  const parsed = asked.safeParse(new URL(request.url).searchParams.get('format'));
  if (!parsed.success) return problem(400, 'malformed', 'The format is csv or json.');
  const format = parsed.data;
  if (format === null) return Response.json({ events: await auditOf(db(), actor, 1000) });
  await noteAuditExport(db(), actor, format);
  const lines = auditFile(db(), actor, format);
  const text = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { value, done } = await lines.next();
      if (done) controller.close();
      else controller.enqueue(text.encode(value));
    },
  });
  return new Response(body, {
    headers: { 'content-type': TYPES[format], 'content-disposition': `attachment; filename="farvin-audit.${format}"` },
  });
});
