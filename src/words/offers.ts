import type { BodyOf } from '@/core/kinds';
import type { JobNamed } from '@/core/kinds/job';
import type { WorkId } from '@/core/work/cost-table';
import { capital } from './capital';
import { dayText } from './dates';
import { decisionWords } from './remedies';
import type { Wording } from './vocabulary';
import { zoneWords } from './zones';

/** Work that says by itself what of the car it is for, or whose place only says from where a leak or a lever is told. */
const SAYS_WHERE: ReadonlySet<WorkId> = new Set<WorkId>(['engine-rebuild', 'headliner', 'top-cover', 'brake-axle']);

/** What a job is called, with its place said once: "refinish the panel, bonnet", "sill, outer and inner, left". */
export function jobName({ work, zone }: Pick<JobNamed, 'work' | 'zone'>, wording: Wording): string {
  const does = decisionWords(work, wording.words);
  if (zone === null || SAYS_WHERE.has(work)) return does;
  const place = zoneWords(zone, wording);
  const [part, ...side] = place.split(', ');
  return [does, ...(part && does.startsWith(`${part},`) ? side : [place])].join(', ');
}

/** What the house offers, without the job: "300 VK off the price". */
export const offeredText = ({ sort, amount, currency, by, note }: BodyOf<'offer'>): string =>
  [
    sort === 'allowance'
      ? `${(amount ?? 0).toLocaleString('en-GB')} ${currency}`.trim().concat(' off the price')
      : `done by ${by ? dayText(by) : 'a day not said'}`,
    note,
  ]
    .filter(Boolean)
    .join('; ');

export const offerText = (o: BodyOf<'offer'>, wording: Wording): string =>
  `${o.sort}: ${jobName(o, wording)}: ${offeredText(o)}`;

/** When and by whom a job was done. */
export const doneWhen = ({ on, by, note }: BodyOf<'done'>): string =>
  [`done on ${dayText(on)}${by ? ` by ${by}` : ''}`, note].filter(Boolean).join('; ');

export const doneText = (d: BodyOf<'done'>, wording: Wording): string => `${jobName(d, wording)}: ${doneWhen(d)}`;

export const promiseKept = (o: BodyOf<'offer'>, d: BodyOf<'done'> | null): string =>
  d === null
    ? 'Not on record as done when this was sealed.'
    : `${capital(doneWhen(d))}${o.by && d.on > o.by ? ', after the day that was promised' : ''}.`;
