import { type Plan, planOfCar } from '@/core/body/plan';
import { VIEWS } from '@/core/body/zone';
import type { Trade } from '@/core/catalogue/remedies';
import { calendarOf, type Slot } from '@/core/cost/calendar';
import { type Decided, workOf } from '@/core/cost/cost';
import type { Job } from '@/core/cost/jobs';
import type { Tables } from '@/core/grade/all-tables';
import { type Judgement, judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { jobName } from '@/words/offers';
import { plural } from '@/words/plural';
import { TRADE_WORDS } from '@/words/remedies';
import { extentText } from '@/words/report';
import { term, VIEW_WORDS } from '@/words/terms';
import { thingName } from '@/words/things';
import type { Wording } from '@/words/vocabulary';
import { slotText } from '@/words/work';
import { zoneWords } from '@/words/zones';
import type { Block, PlanPinRow } from './block';
import { pictureRow } from './picture-row';

/** What a shop is given: its jobs in the order of the calendar, with their places and pictures. */
export interface JobSheet {
  readonly trade: Trade;
  readonly title: string;
  readonly blocks: readonly Block[];
}
export interface JobSheets {
  readonly plan: Plan;
  readonly sheets: readonly JobSheet[];
}

/** Pictures of one fault on a sheet. */
const MOST_PICTURES = 3;

interface Told {
  readonly judgement: Judgement;
  readonly wording: Wording;
  readonly things: ReadonlyMap<string, Decided>;
  readonly jobs: ReadonlyMap<string, Job>;
}

/** Plating is paid by the piece. */
const BY_PIECE = 'paid by the piece';
const byPiece = ({ hours: [, , most] }: Pick<Job, 'hours'>) => most === 0;
const hours = (n: number) => `${n < 10 ? Math.round(n * 10) / 10 : Math.round(n)} h`;

function jobBlocks(job: Job, slot: Slot, number: number, told: Told): Block[] {
  const { judgement, wording, things, jobs } = told;
  const served = job.serves.flatMap((key) => things.get(key)?.options.thing ?? []);
  const ids = new Set(served.map((t) => t.key));
  const pictures = recordsOf(judgement.records, 'photo')
    .filter((p) => p.body.finding !== null && ids.has(p.body.finding))
    .slice(0, MOST_PICTURES);
  const first = job.after.flatMap((key) => jobs.get(key) ?? []);
  return [
    { kind: 'heading', text: `${number}  ${capital(jobName(job, wording))}` },
    {
      kind: 'facts',
      rows: [
        [
          'Hours',
          byPiece(job) ? BY_PIECE : `${hours(job.hours[1])} likely, ${hours(job.hours[0])} to ${hours(job.hours[2])}`,
        ],
        ['Days', `${slotText(slot)}${slot.critical ? '; the car’s end hangs on it' : ''}`],
        ...(job.waitsDays > 0 ? [['Waits', plural(job.waitsDays, 'day')] as const] : []),
        ...(first.length > 0 ? [['After', first.map((j) => jobName(j, wording)).join('; ')] as const] : []),
      ],
    },
    {
      kind: 'list',
      style: 'bullets',
      items:
        served.length === 0
          ? [{ text: 'Follows from other work on the car; nothing is wrong at this place itself.' }]
          : served.map((t) => ({
              lead: capital(thingName(t, judgement, wording)),
              text: [
                zoneWords(t.zone.slug, wording),
                t.finding ? extentText({ ...t.finding, where: '' }) : '',
                t.finding?.note ?? '',
              ]
                .filter(Boolean)
                .join('; '),
            })),
    },
    ...(pictures.length > 0
      ? [{ kind: 'pictures', pictures: pictures.map((p) => pictureRow(p, null, wording)) } as const]
      : []),
  ];
}

/** Plans of the views on which the jobs lie, each with its number. */
function planBlocks(
  numbered: readonly { job: Job; number: number }[],
  { judgement: { plan }, wording }: Told,
): Block[] {
  return VIEWS.flatMap((view): Block[] => {
    const pins = numbered.flatMap(({ job, number }): PlanPinRow[] => {
      const zone = job.zone === null ? undefined : plan.zones.get(job.zone);
      return zone?.view === view
        ? [{ id: job.key, number, family: 'finish', severity: 0, zone: zone.slug, place: null }]
        : [];
    });
    if (pins.length === 0) return [];
    const words = term(VIEW_WORDS, view, wording.words);
    const title = `Plan, ${words}`;
    return [
      {
        kind: 'plan',
        view,
        title,
        caption: `${capital(words)}: numbers are the jobs below.`,
        pins,
        bare: [],
        blocked: [],
      },
    ];
  });
}

/**
 * The jobs on a car as sheets to print, one for each trade, in the order in which they are done; null for a car without a plan.
 * They are the house's own: findings that bidders do not read are on them.
 */
export function jobSheets(given: {
  readonly records: readonly AnyRecord[];
  readonly tables: Tables;
  readonly wording: Wording;
}): JobSheets | null {
  const { records, tables } = given;
  const car = recordsOf(records, 'car')[0]?.body;
  const plan = planOfCar(car);
  if (!car || !plan) return null;
  const wording = { ...given.wording, steering: car.steering };
  const judgement = judge({ plan, records, tables });
  const decisions = new Map(recordsOf(judgement.records, 'remedy').map((r) => [r.body.of, r.body.remedy]));
  const { decided, jobs } = workOf(judgement, tables.cost, { decisions });
  const byKey = new Map(jobs.map((j) => [j.key, j]));
  const told = { judgement, wording, things: new Map(decided.map((d) => [d.options.thing.key, d])), jobs: byKey };
  const slots = calendarOf(jobs, tables.cost.hoursPerDay);
  const trades = [...new Set(slots.map((s) => s.trade))];
  const sheets = trades.map((trade): JobSheet => {
    const own = slots
      .filter((s) => s.trade === trade)
      .map((slot, i) => ({ slot, job: byKey.get(slot.job)!, number: i + 1 }));
    const total = own.reduce((s, { job }) => s + job.hours[1], 0);
    return {
      trade,
      title: capital(TRADE_WORDS[trade]),
      blocks: [
        {
          kind: 'para',
          text: `${plural(own.length, 'job')}, ${total > 0 ? `${hours(total)} likely` : BY_PIECE}. All is ordered on the first day.`,
        },
        ...planBlocks(own, told),
        ...own.flatMap(({ job, slot, number }) => jobBlocks(job, slot, number, told)),
      ],
    };
  });
  return { plan, sheets };
}
