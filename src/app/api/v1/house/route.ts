import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { currencySchema, timeZoneSchema, unitsSchema, wordsSchema } from '@/core/yard/sale-facts';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { houseSettings, keepHouseSettings } from '@/data/house';
import { bodyOf, route } from '@/server/api';

const LONGEST_DAYS = 3650;
const schema = z
  .strictObject({
    name: text(120).min(2),
    words: wordsSchema,
    units: unitsSchema,
    timeZone: timeZoneSchema,
    currency: currencySchema,
    publishesPlaces: z.boolean(),
    fourEyes: z.boolean(),
    keepAddressesDays: z.number().int().min(1).max(LONGEST_DAYS).nullable(),
  })
  .partial()
  .refine((given) => Object.keys(given).length > 0);

/** What the house is called, how it speaks, what it lets strangers read, and how long addresses are kept. */
export const GET = route(mayManage, async ({ actor }) => Response.json(await houseSettings(db(), actor)));
export const PUT = route(mayManage, async ({ actor, request }) => {
  const parsed = await bodyOf(
    request,
    schema,
    `Give name, words (en-GB or en-US), units (um or mil), timeZone, currency, publishesPlaces, fourEyes or keepAddressesDays (1 to ${LONGEST_DAYS}, or null). Nothing was changed.`,
    4000,
  );
  if (!parsed.ok) return parsed.response;
  await keepHouseSettings(db(), actor, parsed.data);
  return Response.json({ ok: true });
});
