import { notFound } from '@/server/api';
import { strangerMust } from '@/server/public-report';
import { keysOf } from '@/server/published-keys';

/** A house's public keys as a file: what `farvin verify --key FILE` takes. */
export async function GET(request: Request, context: { params: Promise<{ org: string }> }): Promise<Response> {
  const must = await strangerMust(request.headers, '');
  if (must) return must;
  const keys = await keysOf((await context.params).org);
  return keys ? Response.json(keys, { headers: { 'cache-control': 'no-store' } }) : notFound();
}
