import { z } from 'zod';
import { text, uuidSchema, zoneSchema } from './common';

/** What a question may be about; all empty: the car. */
export interface AskedAbout {
  readonly finding: string | null;
  readonly zone: string | null;
  readonly photo: string | null;
  readonly film: string | null;
  readonly filmS: number | null;
}
export const NOTHING_ASKED: AskedAbout = { finding: null, zone: null, photo: null, film: null, filmS: null };
const about = (one: Partial<AskedAbout>): AskedAbout => ({ ...NOTHING_ASKED, ...one });

/** What a question is about, as a form sends it: the car, a finding, a place, a picture, or a second of a film. */
const aboutSchema = z
  .string()
  .max(120)
  .transform((asked, ctx): AskedAbout => {
    const [what, of = '', at = ''] = asked.split('|');
    const id = uuidSchema.safeParse(of);
    if (what === 'car' || what === '') return about({});
    if ((what === 'finding' || what === 'photo') && id.success) return about({ [what]: id.data });
    if (what === 'zone' && zoneSchema.safeParse(of).success) return about({ zone: of });
    const second = Number(at);
    if (what === 'film' && id.success && at !== '' && second >= 0 && second < 86_400)
      return about({ film: id.data, filmS: second });
    ctx.addIssue({ code: 'custom', message: 'Not a part of this report.' });
    return z.NEVER;
  });

/** A question as somebody without an account asks it. */
export const questionAskedSchema = z.object({
  text: text(1000).min(3),
  name: text(60).default(''),
  mail: z.union([z.literal(''), z.email().max(200)]).default(''),
  about: aboutSchema.default(NOTHING_ASKED),
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
