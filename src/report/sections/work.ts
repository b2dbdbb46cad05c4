import { z } from 'zod';
import { costOf, drawInputOf, jobCost, ratesOf, workOf } from '@/core/cost/cost';
import { recordsOf } from '@/core/records/reduce';
import type { WorkId } from '@/core/work/cost-table';
import { capital } from '@/words/capital';
import { knownText, money, moneyRange } from '@/words/money';
import { jobName } from '@/words/offers';
import { defineSection } from '../section';

const figures = z.object({ p10: z.number(), p50: z.number(), p90: z.number() });
const jobSchema = z.object({
  work: z.string(),
  zone: z.string().nullable(),
  /** Findings that it puts right: those that are shown. */
  serves: z.array(z.string()),
  cost: z.object({ low: z.number(), likely: z.number(), high: z.number() }),
});
const estimateSchema = z.object({
  currency: z.string(),
  whole: figures,
  known: figures,
  unseen: figures,
  jobs: z.array(jobSchema),
});
type SealedEstimate = z.infer<typeof estimateSchema>;

const whole = (n: number) => Math.round(n);
const told = ({ p10, p50, p90 }: z.infer<typeof figures>) => ({ p10: whole(p10), p50: whole(p50), p90: whole(p90) });

/** What putting it right takes, as the house's estimate, where the house lets bidders read it. */
export const work = defineSection({
  title: 'What putting it right takes',
  sealed: { estimate: estimateSchema.nullable().optional() },
  blank: { estimate: undefined },
  seal: ({ judgement, tables, records, onYear }): { estimate: SealedEstimate | null | undefined } => {
    const worth = recordsOf(records, 'worth').at(-1)?.body;
    if (!worth?.shown) return { estimate: undefined };
    const decisions = new Map(recordsOf(records, 'remedy').map((r) => [r.body.of, r.body.remedy]));
    const { decided, jobs } = workOf(judgement, tables.cost, { decisions });
    const input = drawInputOf(judgement, { decided, jobs }, { cost: tables.cost, onYear, graded: tables });
    const drawn = costOf(input);
    const rates = ratesOf(judgement, {});
    const shown = new Set(
      recordsOf(records, 'finding')
        .filter((f) => !f.body.withheld)
        .map((f) => f.id),
    );
    const hidden = new Set(
      recordsOf(records, 'finding')
        .filter((f) => f.body.withheld)
        .map((f) => f.id),
    );
    return {
      estimate: {
        currency: worth.currency,
        whole: told(drawn.whole),
        known: told(drawn.known),
        unseen: told(drawn.unseen),
        // A job that serves nothing but what is withheld counts in the sum and is not named.
        jobs: jobs
          .filter((j) => j.serves.length === 0 || j.serves.some((s) => !hidden.has(s)))
          .map((j) => {
            const { low, likely, high } = jobCost(j, rates);
            return {
              work: j.work,
              zone: j.zone,
              serves: j.serves.filter((s) => shown.has(s)),
              cost: { low: whole(low), likely: whole(likely), high: whole(high) },
            };
          }),
      },
    };
  },
  blocks: ({ sealed: { estimate }, findings, wording }) => {
    if (!estimate) return [];
    const { currency } = estimate;
    const numbers = new Map(findings.map((f) => [f.record.id, f.number]));
    return [
      {
        kind: 'para',
        text: `${moneyRange(estimate.whole.p10, estimate.whole.p90, currency)}, as likely below as above ${money(estimate.whole.p50, currency)}: ${knownText(estimate)}`,
        evidence: 'inferred',
      },
      {
        kind: 'para',
        tone: 'soft',
        text: 'The house’s own estimate by its hours and rates, sealed with them. It is no offer and no promise; ask whoever is to do it. Brakes, steering and what carries the car are for licensed people.',
      },
      {
        kind: 'table',
        label: 'Work and what it takes',
        columns: [
          { name: 'Work', wide: true },
          { name: 'Finding', figures: true },
          { name: `Likely, ${currency}`.replace(/, $/, ''), figures: true },
          { name: 'From, to', figures: true },
        ],
        rows: estimate.jobs.map((j) => [
          {
            text: capital(jobName({ work: j.work as WorkId, zone: j.zone }, wording)),
          },
          { text: j.serves.flatMap((s) => numbers.get(s) ?? []).join(', ') },
          { text: money(j.cost.likely) },
          { text: moneyRange(j.cost.low, j.cost.high) },
        ]),
      },
    ];
  },
});
