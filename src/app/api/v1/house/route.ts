import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { houseSettings, keepHouseSettings } from '@/data/people';
import { bodyOf, route } from '@/server/api';

const LONGEST_DAYS = 3650;
const schema = z
  .strictObject({
    publishesPlaces: z.boolean().optional(),
    keepAddressesDays: z.number().int().min(1).max(LONGEST_DAYS).nullable().optional(),
  })
  .refine((given) => Object.keys(given).length > 0);

/** What the house lets strangers read, and how long addresses are kept. */
export const GET = route(mayManage, async ({ actor }) => Response.json(await houseSettings(db(), actor)));
export const PUT = route(mayManage, async ({ actor, request }) => {
  const parsed = await bodyOf(
    request,
    schema,
    `Give publishesPlaces (true or false) or keepAddressesDays (1 to ${LONGEST_DAYS}, or null). Nothing was changed.`,
    1000,
  );
  if (!parsed.ok) return parsed.response;
  const { publishesPlaces, keepAddressesDays } = parsed.data;
  await keepHouseSettings(db(), actor, {
    ...(publishesPlaces !== undefined && { publishesPlaces }),
    ...(keepAddressesDays !== undefined && { keepAddressesDays }),
  });
  return Response.json({ ok: true });
});
