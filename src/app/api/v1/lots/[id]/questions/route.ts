import { db } from '@/data/db';
import { lotExists } from '@/data/lots';
import { questionsOf } from '@/data/questions';
import { anyone, notFound, route } from '@/server/api';

/** What bidders ask about a lot, open questions first; whoever is shown lent lots alone sees none. */
export const GET = route<{ id: string }>(anyone, async ({ actor, params }) => {
  if (!(await lotExists(db(), actor, params.id))) return notFound();
  return Response.json({ questions: await questionsOf(db(), actor, params.id) });
});
