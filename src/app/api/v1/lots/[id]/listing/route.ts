import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { listingSchema } from '@/core/listing/doc';
import { mayManage, mayPublish, readsHouse } from '@/data/actor';
import { db } from '@/data/db';
import { currentInspection } from '@/data/inspections';
import { allowListing, keepListing, listingOf } from '@/data/listings';
import { bodyOf, notFound, route } from '@/server/api';
import { heldUp, standingNow } from '@/server/listing';

/** A lot's listing as it was kept last, held against what is known by now; null where none was written. */
export const GET = route<{ id: string }>(readsHouse, async ({ actor, params }) => {
  if (!(await currentInspection(db(), actor, params.id))) return notFound();
  const kept = await listingOf(db(), actor, params.id);
  const listing = kept && (await standingNow(db(), actor, kept));
  return Response.json({ ok: true, listing }, { headers: { 'cache-control': 'no-store' } });
});

/** Keeps it, held against the newest sealed report. */
export const PUT = route<{ id: string }>(
  mayPublish,
  async ({ actor, request, params }) => {
    if (!(await currentInspection(db(), actor, params.id))) return notFound();
    const says = 'A listing has a short text of up to 600 letters and a long one of paragraphs and lists.';
    const parsed = await bodyOf(request, listingSchema, says, 120_000);
    if (!parsed.ok) return parsed.response;
    const held = await heldUp(db(), actor, params.id, parsed.data);
    await keepListing(db(), actor, params.id, { ...parsed.data, ...held }, new Date());
    return Response.json({ ok: true, contradicted: held.contradicted });
  },
  'heavy',
);

const allowSchema = z.strictObject({ why: text(500).min(3) });

/** A manager lets it go out although it contradicts what was found; the reason stays on record. */
export const POST = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, allowSchema, 'Say why it goes out all the same.', 2000);
  if (!parsed.ok) return parsed.response;
  const kept = await listingOf(db(), actor, params.id);
  if (!kept) return notFound();
  const { contradicted } = await standingNow(db(), actor, kept);
  const held = { contradicted, against: kept.now };
  return (await allowListing(db(), actor, params.id, parsed.data.why, held)) ? Response.json({ ok: true }) : notFound();
});
