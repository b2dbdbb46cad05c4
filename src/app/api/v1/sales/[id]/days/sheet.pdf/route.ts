import { readsHouse } from '@/data/actor';
import { db } from '@/data/db';
import { daysTold } from '@/data/sale-days';
import { salesOf } from '@/data/sales';
import { notFound, route } from '@/server/api';
import { toldTo } from '@/server/days-told';
import { daySheetPdf } from '@/server/export/day-sheet-pdf';
import { dayText } from '@/words/dates';

/** A person's visits of a sale as they were told, on paper. */
export const GET = route<{ id: string }>(
  readsHouse,
  async ({ actor, request, params }) => {
    const person = new URL(request.url).searchParams.get('person') ?? '';
    if (!(await salesOf(db(), actor)).some((s) => s.id === params.id)) return notFound();
    const told = await daysTold(db(), actor, params.id);
    if (!told?.plan.inspectors.includes(person)) return notFound();
    const printedOn = dayText(new Date().toISOString(), told.sale.timeZone);
    const pdf = await daySheetPdf(person, told.sale, toldTo(person, told), printedOn);
    return new Response(new Uint8Array(pdf), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': 'inline; filename="days.pdf"',
      },
    });
  },
  'heavy',
);
