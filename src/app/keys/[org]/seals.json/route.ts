import { db } from '@/data/db';
import { sealChain } from '@/data/seal-chain';
import { notFound } from '@/server/api';
import { strangerMust } from '@/server/public-report';
import { keysOf } from '@/server/published-keys';

/** A house's seals in their order, each with the hash before it: one that comes later cannot be put in between unseen. */
export async function GET(request: Request, context: { params: Promise<{ org: string }> }): Promise<Response> {
  const must = await strangerMust(request.headers, '');
  if (must) return must;
  const keys = await keysOf((await context.params).org);
  if (!keys) return notFound();
  const { organisation } = keys;
  const seals = await sealChain(db(), organisation.id);
  return Response.json(
    { format: 'farvin.seals', version: 1, organisation, seals },
    { headers: { 'cache-control': 'no-store' } },
  );
}
