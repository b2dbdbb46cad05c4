import { z } from 'zod';
import { text, uuidSchema, zoneSchema } from './common';

/** What a question is about, as a form sends it: the car, a finding, a place, or a second of a film. */
const aboutSchema = z
  .string()
  .max(120)
  .transform((about, ctx) => {
    const [what, of = '', at = ''] = about.split('|');
    if (what === 'car' || what === '') return { finding: null, zone: null, film: null, filmS: null };
    if (what === 'finding' && uuidSchema.safeParse(of).success)
      return { finding: of.toLowerCase(), zone: null, film: null, filmS: null };
    if (what === 'zone' && zoneSchema.safeParse(of).success)
      return { finding: null, zone: of, film: null, filmS: null };
    const second = Number(at);
    if (what === 'film' && uuidSchema.safeParse(of).success && at !== '' && second >= 0 && second < 86_400)
      return { finding: null, zone: null, film: of.toLowerCase(), filmS: second };
    ctx.addIssue({ code: 'custom', message: 'Not a part of this report.' });
    return z.NEVER;
  });

/** A question as somebody without an account asks it. */
export const questionAskedSchema = z.object({
  text: text(1000).min(3),
  name: text(60).default(''),
  mail: z.union([z.literal(''), z.email().max(200)]).default(''),
  about: aboutSchema.default({ finding: null, zone: null, film: null, filmS: null }),
});
export type QuestionAsked = z.infer<typeof questionAskedSchema>;

/** So many records are shown with one answer at most. */
export const MOST_SHOWN = 40;

/** What the house answers: its words, for whom, and the records that it shows with them. */
export const answerSchema = z.object({
  answer: text(4000).min(1),
  toAll: z.boolean(),
  shows: z.array(uuidSchema).max(MOST_SHOWN).default([]),
});
export type AnswerGiven = z.infer<typeof answerSchema>;
