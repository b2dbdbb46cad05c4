import { db } from '@/data/db';
import { health } from '@/server/health';

export const dynamic = 'force-dynamic';

/** For machines that watch: 200 while database and store work, else 503 with the part that does not. */
export async function GET(): Promise<Response> {
  const found = await health(db());
  return Response.json(found, { status: found.ok ? 200 : 503, headers: { 'cache-control': 'no-store' } });
}
