import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { notFound, route } from '@/server/api';
import { carInHand, placeOf } from '@/server/practice';

/** What an inspector meets at a place of the own practice car, while it is open. */
export const GET = route<{ id: string }>(mayEnter, async ({ actor, request, params }) => {
  const car = await carInHand(db(), actor, params.id);
  const place = car && placeOf(car.truth, car.plan, new URL(request.url).searchParams.get('zone') ?? '');
  return place ? Response.json(place) : notFound();
});
