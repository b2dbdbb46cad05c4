import { answerSchema } from '@/core/kinds/question-asked';
import { mayEnter, mayPublish } from '@/data/actor';
import { db } from '@/data/db';
import { answer } from '@/data/questions';
import { bodyOf, notFound, route } from '@/server/api';
import { mailAnswer } from '@/server/questions';

/** Answers a question, for all who have the report or for whoever asked. */
export const PUT = route<{ id: string }>(
  (actor) => mayEnter(actor) || mayPublish(actor),
  async ({ actor, request, params }) => {
    const body = await bodyOf(
      request,
      answerSchema,
      'An answer has a text of up to 4,000 letters, whether it is for all, and the ids of at most 40 records shown with it.',
      20_000,
    );
    if (!body.ok) return body.response;
    const kept = await answer(db(), actor, params.id, body.data, new Date());
    if (!kept) return notFound();
    return Response.json({ question: kept, mail: await mailAnswer(kept) });
  },
);
