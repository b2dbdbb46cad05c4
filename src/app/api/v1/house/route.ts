import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { publishesPlaces, setPublishesPlaces } from '@/data/people';
import { jsonBody, problem, route } from '@/server/api';

const schema = z.strictObject({ publishesPlaces: z.boolean() });

/** What the house lets strangers read. */
export const GET = route(mayManage, async ({ actor }) =>
  Response.json({ publishesPlaces: await publishesPlaces(db(), actor) }),
);
export const PUT = route(mayManage, async ({ actor, request }) => {
  const body = await jsonBody(request, 1000);
  if (!body.ok) return body.response;
  const parsed = schema.safeParse(body.value);
  if (!parsed.success) return problem(400, 'malformed', 'Give {publishesPlaces: true or false}.');
  await setPublishesPlaces(db(), actor, parsed.data.publishesPlaces);
  return Response.json({ ok: true });
});
