import { anyone, notFound, route } from '@/server/api';
import { lotInHand } from '@/server/inspection-page';

/** A lot's newest inspection with all that its screens need, for a device that takes it along. */
export const GET = route<{ id: string }>(anyone, async ({ actor, params }) => {
  const inHand = await lotInHand(actor, params.id);
  if (!inHand) return notFound();
  const { facts, records } = inHand;
  return Response.json({ ok: true, facts, records }, { headers: { 'cache-control': 'no-store' } });
});
