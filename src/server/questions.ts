import { NOTHING_ASKED, type QuestionAsked, questionAskedSchema } from '@/core/kinds/question-asked';
import { recordsOf } from '@/core/records/reduce';
import { db } from '@/data/db';
import { houseMail } from '@/data/people';
import { ask, type Question, questionsTold } from '@/data/questions';
import { sealedRecords } from '@/report/read-snapshot';
import { houseMemory } from './house-memory';
import { mailIsOn, sendMail } from './mail';
import { noteFailure } from './note-failure';
import { linkNamed, type OpenReport, openReport } from './public-report';
import { addressOf, takeOfAll } from './rate-limit';
import { tokenHash } from './sealing';

export type Asked =
  | { readonly ok: true }
  | { readonly ok: false; readonly why: 'no-report' | 'malformed' | 'too-often' | 'too-many' };

/** What a question is about, where the report shows it; else it is about the car. */
function shownAbout(report: OpenReport, about: QuestionAsked['about']): QuestionAsked['about'] {
  const { records } = sealedRecords(report.snapshot.bundle);
  const has = (kind: 'finding' | 'film' | 'photo', id: string | null) =>
    recordsOf(records, kind).some((r) => r.id === id);
  if (about.finding && !has('finding', about.finding)) return NOTHING_ASKED;
  if (about.photo && !has('photo', about.photo)) return NOTHING_ASKED;
  if (about.film && !has('film', about.film)) return NOTHING_ASKED;
  return about;
}

/** Takes a question of somebody who has a report's link. A form that fills a field that nobody sees is thanked and dropped. */
export async function takeQuestion(
  token: string,
  fields: Readonly<Record<string, unknown>>,
  headers: Headers,
): Promise<Asked> {
  const report = await openReport(token);
  const link = report && (await linkNamed(token));
  if (!report || !link) return { ok: false, why: 'no-report' };
  if (typeof fields.website === 'string' && fields.website !== '') return { ok: true };
  const parsed = questionAskedSchema.safeParse(fields);
  if (!parsed.success) return { ok: false, why: 'malformed' };
  const wait = await takeOfAll(
    db(),
    [
      ['asks', addressOf(headers)],
      ['asksOfLink', tokenHash(token)],
    ],
    new Date(),
  );
  if (wait > 0) return { ok: false, why: 'too-often' };
  const about = shownAbout(report, parsed.data.about);
  const of = { lotId: link.lotId, revision: report.snapshot.revision };
  const kept = await ask(db(), { orgId: link.orgId }, of, { ...parsed.data, about }, new Date());
  if (kept) {
    // The Yard says at once that somebody waits; where mail is sent, the house is told by mail too.
    houseMemory().drop(link.orgId);
    void tellHouse(link.orgId, report.snapshot.bundle.lot, parsed.data.text).catch(noteFailure);
  }
  return kept ? { ok: true } : { ok: false, why: 'too-many' };
}

/** Tells a house's managers and editors by mail that somebody asks; where this server sends none, the Yard says it. */
async function tellHouse(orgId: string, lot: { readonly number: number; readonly title: string }, text: string) {
  if (!mailIsOn()) return;
  const subject = `A bidder asks about lot ${lot.number}, ${lot.title}`;
  for (const to of await houseMail(db(), { orgId }))
    await sendMail({ to, subject, text: `${text}\n\nAnswer it under the lot's report.` });
}

/** What everybody with a link reads of a lot's questions. */
export async function toldThrough(token: string) {
  const link = await linkNamed(token);
  if (!link) return { told: [], open: 0 };
  const { told, open } = await questionsTold(db(), { orgId: link.orgId }, link.lotId);
  return {
    told: told.map((q) => ({ ...q, askedAt: q.askedAt.toISOString(), answeredAt: q.answeredAt!.toISOString() })),
    open,
  };
}
export type ToldThrough = Awaited<ReturnType<typeof toldThrough>>;

/** Sends an answer to whoever left where to, where this server sends mail. */
export const mailAnswer = (q: Question) =>
  q.mail === ''
    ? Promise.resolve('not-asked' as const)
    : sendMail({
        to: q.mail,
        subject: 'The house answers your question',
        text: `You asked:\n\n${q.text}\n\nThe house answers:\n\n${q.answer}\n\nIt stands at the report too where the house tells it to all.`,
      });
