import { gaugeCardPdf } from '@/server/export/gauge-card';

/** The printable gauge card: nothing of anybody's data, so it needs no session. */
export async function GET(): Promise<Response> {
  return new Response(new Uint8Array(await gaugeCardPdf()), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="farvin-gauge-card.pdf"' },
  });
}
