import { bodyBytes } from '@/server/api';
import { strangerMust } from '@/server/public-report';
import { takeQuestion } from '@/server/questions';

const MOST_BYTES = 10_000;
const SAYS = { 'no-report': '0', malformed: 'unclear', 'too-often': 'often', 'too-many': 'many' } as const;

/** A question of somebody who has the link, as a form sends it; with or without script the answer leads back to the page. */
export async function POST(request: Request, context: { params: Promise<{ token: string }> }): Promise<Response> {
  const { token } = await context.params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const bytes = await bodyBytes(request, MOST_BYTES);
  const fields = bytes ? Object.fromEntries(new URLSearchParams(bytes.toString('utf8'))) : {};
  const asked = await takeQuestion(token, fields, request.headers);
  const told = asked.ok ? 'yes' : SAYS[asked.why];
  // Where the page stands is the browser's own matter: the address is given without the host.
  return new Response(null, {
    status: 303,
    headers: { location: `/r/${encodeURIComponent(token)}?asked=${told}#ask`, 'cache-control': 'no-store' },
  });
}
