import { daySchema } from '@/core/kinds/common';
import { decodeTire, tireAge } from '@/core/wheels/tire-code';
import { TIRE_REFUSALS } from '@/words/wheels';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { on: TEXT } as const;

/** `tire`: when a tire was made, by its date code, and how old it is on a day. */
function made(code: string, { on }: FlagsOf<typeof OPTIONS>): object {
  const day = daySchema.safeParse(on);
  if (!day.success) throw new Usage('--on is the day on which the age is asked, such as 2027-03-12');
  const found = decodeTire(code, day.data);
  if (!found.ok) throw new Refusal(found.reason, { message: `${code}: ${TIRE_REFUSALS[found.reason]}.` });
  if (found.decadeOpen) console.error('Three digits leave the decade open.');
  const { madeFrom, madeTo, decadeOpen } = found;
  return { ok: true, madeFrom, madeTo, ageYears: tireAge(found, day.data), decadeOpen };
}

export const verb = defineVerb({
  usage: 'CODE --on YYYY-MM-DD',
  does: 'Reads the date code of a tire: when it was made, and its age on a day.',
  gives: 'the weeks in which it can have been made, its age on that day at least and at most',
  takes: 'code',
  options: OPTIONS,
  run: made,
});
