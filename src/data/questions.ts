import { and, asc, count, desc, eq, isNotNull, isNull } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { AnswerGiven, QuestionAsked } from '@/core/kinds/question-asked';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, type House, inOrg } from './db';
import { question } from './tables/questions';

export type Question = typeof question.$inferSelect;
/** A question and its answer as everybody with the report reads them: without where mail goes. */
export type ToldQuestion = Pick<
  Question,
  | 'id'
  | 'askedAt'
  | 'asker'
  | 'finding'
  | 'zone'
  | 'photo'
  | 'film'
  | 'filmS'
  | 'text'
  | 'answer'
  | 'shows'
  | 'answeredAt'
  | 'revision'
>;

/** So many questions of a lot wait at most; more are refused until some are answered. */
export const MOST_OPEN = 200;

/** Keeps what a stranger asks of a lot; null where too many wait already. */
export async function ask(
  db: Db,
  house: House,
  of: { readonly lotId: string; readonly revision: number },
  { about, mail, name, text }: QuestionAsked,
  now: Date,
): Promise<string | null> {
  return inOrg(db, house, async (tx) => {
    const [open] = await tx
      .select({ n: count() })
      .from(question)
      .where(and(eq(question.lotId, of.lotId), isNull(question.answeredAt)));
    if ((open?.n ?? 0) >= MOST_OPEN) return null;
    const id = uuidv7();
    await tx
      .insert(question)
      .values({ id, orgId: house.orgId, ...of, ...about, askedAt: now, asker: name, mail, text });
    await audit(tx, house, 'question-asked', { lotId: of.lotId, detail: { question: id } });
    return id;
  });
}

/** The questions of a lot, open ones first, each kind by time. */
export const questionsOf = (db: Db, actor: Actor, lotId: string): Promise<Question[]> =>
  inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(question)
      .where(and(eq(question.orgId, actor.orgId), eq(question.lotId, lotId)))
      .orderBy(desc(isNull(question.answeredAt)), asc(question.askedAt)),
  );

/** What everybody with the report reads of a lot: answered questions that are for all, and how many wait. */
export async function questionsTold(
  db: Db,
  house: House,
  lotId: string,
): Promise<{ told: ToldQuestion[]; open: number }> {
  return inOrg(db, house, async (tx) => {
    const told = await tx
      .select({
        id: question.id,
        askedAt: question.askedAt,
        asker: question.asker,
        finding: question.finding,
        zone: question.zone,
        photo: question.photo,
        film: question.film,
        filmS: question.filmS,
        text: question.text,
        answer: question.answer,
        shows: question.shows,
        answeredAt: question.answeredAt,
        revision: question.revision,
      })
      .from(question)
      .where(and(eq(question.lotId, lotId), eq(question.toAll, true), isNotNull(question.answeredAt)))
      .orderBy(asc(question.answeredAt));
    const [open] = await tx
      .select({ n: count() })
      .from(question)
      .where(and(eq(question.lotId, lotId), isNull(question.answeredAt)));
    return { told, open: open?.n ?? 0 };
  });
}

/** Answers a question of the actor's house, or answers it anew; the question as it stands then, null where there is none. */
export async function answer(
  db: Db,
  actor: Actor,
  id: string,
  given: AnswerGiven,
  now: Date,
): Promise<Question | null> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(question)
      .set({ ...given, answeredBy: actor.name, answeredAt: now })
      .where(and(eq(question.orgId, actor.orgId), eq(question.id, id)))
      .returning();
    if (row)
      await audit(tx, actor, 'question-answered', { lotId: row.lotId, detail: { question: id, toAll: given.toAll } });
    return row ?? null;
  });
}
