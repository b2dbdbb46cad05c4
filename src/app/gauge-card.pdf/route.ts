import { db } from '@/data/db';
import { tooMany } from '@/server/api';
import { gaugeCardPdf } from '@/server/export/gauge-card';
import { addressOf, takeOfAll } from '@/server/rate-limit';

let drawn: Promise<Uint8Array<ArrayBuffer>> | undefined;

/** The printable gauge card, drawn once: nothing of anybody's data, so it needs no session. */
export async function GET(request: Request): Promise<Response> {
  const wait = await takeOfAll(db(), [['public', addressOf(request.headers)]], new Date());
  if (wait > 0) return tooMany(wait);
  drawn ??= gaugeCardPdf().then((b) => new Uint8Array(b));
  return new Response(await drawn, {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="farvin-gauge-card.pdf"' },
  });
}
