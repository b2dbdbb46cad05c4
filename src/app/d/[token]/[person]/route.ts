import { db } from '@/data/db';
import { daysBehind } from '@/data/sale-days';
import { visitsIcs } from '@/report/visits-ics';
import { notFound } from '@/server/api';
import { toldTo } from '@/server/days-told';
import { strangerMust } from '@/server/public-report';
import { isToken } from '@/server/sealing';

type Context = { params: Promise<{ token: string; person: string }> };

/** A person's visits as an iCalendar feed (RFC 5545), by a secret address: `/d/TOKEN/1.ics` is the first person of the plan. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { token, person } = await params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const n = /^([1-9]\d?)\.ics$/.exec(person)?.[1];
  const told = isToken(token) && n ? await daysBehind(db(), token) : null;
  const name = told?.plan.inspectors[Number(n) - 1];
  if (!told || !name) return notFound();
  const text = visitsIcs(toldTo(name, told), told.sale, name);
  return new Response(text, {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-store', 'x-robots-tag': 'noindex' },
  });
}
