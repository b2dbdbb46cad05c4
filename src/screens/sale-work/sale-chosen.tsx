import type { Trade } from '@/core/catalogue/remedies';
import type { LotToPrepare, SalePrepared } from '@/core/cost/prepare-sale';
import type { WorkPlan } from '@/core/cost/work-plan';
import { Link } from '@/ui/parts/link';
import { LotNumber } from '@/ui/parts/lot-number';
import { useWording } from '@/ui/preferences';
import { capital } from '@/words/capital';
import { money } from '@/words/money';
import { jobName } from '@/words/offers';
import { plural } from '@/words/plural';
import { TRADE_WORDS } from '@/words/remedies';
import type { SaleLot } from './sale-work';

interface Shown {
  readonly found: SalePrepared;
  readonly lots: readonly SaleLot[];
  readonly weighed: readonly LotToPrepare[];
  readonly plan: WorkPlan;
  readonly currency: string;
}

/** The set of jobs that nets most over all lots: what it spends, whose hours it takes, and lot by lot what is done. */
export function SaleChosen({ found, lots, weighed, plan, currency }: Shown) {
  const jobs = found.lots.reduce((n, l) => n + l.chosen.length, 0);
  const allowed = found.lots.reduce((n, l) => n + l.allowed.length, 0);
  const active = found.lots.filter((l) => l.chosen.length + l.allowed.length > 0);
  const quiet = found.lots.filter((l) => !active.includes(l));
  const numberOf = (id: string) => lots.find((l) => l.id === id)?.number ?? 0;
  return (
    <>
      <section className="sheet grid gap-3 p-4" aria-label="The best set">
        <p className="font-head text-2xl font-bold">
          {jobs + allowed === 0 ? 'Nothing pays for itself' : `${money(found.net, currency)} more than it costs`}
        </p>
        <p>
          {plural(jobs, 'job')} on {plural(active.length, 'lot')}
          {allowed > 0 && `, ${plural(allowed, 'allowance')}`}.{' '}
          {found.proved
            ? found.gap > 0
              ? `Proven within ${Math.max(0.1, found.gap * 100).toFixed(1)} % of the best.`
              : 'No other set nets more.'
            : `The best found in time; a better one could net up to ${(found.gap * 100).toFixed(0)} % more.`}
        </p>
        <dl className="grid gap-1.5">
          <Bar
            name="Spent"
            taken={found.cost}
            of={plan.budget}
            says={`${money(found.cost)} of ${money(plan.budget, currency)}`}
          />
          {found.shops.map((s) => (
            <Bar
              key={s.shop}
              name={capital(TRADE_WORDS[s.shop as Trade])}
              taken={s.hours}
              of={s.of}
              says={`${Math.round(s.hours)} of ${Math.round(s.of)} h`}
            />
          ))}
        </dl>
        <p className="text-sm text-soft">
          Expected gains by the house’s price curve, each as if done alone; no promise. Decisions on each lot stand
          under its Grade · Work.
        </p>
      </section>
      <ul className="grid gap-3">
        {active.map((l) => (
          <LotRow key={l.lot} of={l} lot={lots.find((x) => x.id === l.lot)!} jobs={weighed} currency={currency} />
        ))}
      </ul>
      {quiet.length > 0 && (
        <p className="text-sm text-soft">
          Left as they are and said so: {quiet.map((l) => `lot ${numberOf(l.lot)}`).join(', ')}.
        </p>
      )}
    </>
  );
}

/** How much of something is taken: a bar on the tape, its figures beside it. */
function Bar({ name, taken, of, says }: { name: string; taken: number; of: number; says: string }) {
  const share = of > 0 ? Math.min(1, taken / of) : 0;
  return (
    <div className="grid grid-cols-[6.5rem_minmax(0,1fr)_11.5rem] items-center gap-3 text-sm">
      <dt className="font-semibold">{name}</dt>
      <dd className="h-3 border border-line bg-paper" aria-hidden="true">
        <span className="block h-full bg-thread" style={{ width: `${share * 100}%` }} />
      </dd>
      <dd className="figure text-right">{says}</dd>
    </div>
  );
}

function LotRow({
  of,
  lot,
  jobs,
  currency,
}: {
  of: SalePrepared['lots'][number];
  lot: SaleLot;
  jobs: readonly LotToPrepare[];
  currency: string;
}) {
  const wording = useWording();
  const allowed = new Set(of.allowed.map((a) => a.job));
  const tooLate = of.tooLate.filter((k) => !allowed.has(k));
  const byKey = new Map(jobs.find((l) => l.lot === lot.id)!.jobs.map((j) => [j.key, j]));
  return (
    <li className="sheet grid gap-2 p-4">
      <div className="flex items-center gap-3">
        <LotNumber n={lot.number} />
        <Link className="min-w-0 flex-1 truncate font-semibold hover:underline" href={`/lots/${lot.id}/grade/work`}>
          {lot.title}
        </Link>
        <span className="figure font-semibold">+{money(of.net, currency)}</span>
      </div>
      <ul className="text-sm">
        {of.chosen.map((key) => (
          <li key={key} className="flex justify-between gap-3 border-t border-line py-1">
            <span className="first-letter:uppercase">{jobName(byKey.get(key)!, wording)}</span>
            <span className="figure shrink-0">
              {money(byKey.get(key)!.cost)}
              <span className="inline-block w-20 text-right">+{money(byKey.get(key)!.gain)}</span>
            </span>
          </li>
        ))}
        {of.allowed.map(({ job, amount }) => (
          <li key={job} className="flex justify-between gap-3 border-t border-line py-1 text-soft">
            <span>Allow for it: {jobName(byKey.get(job)!, wording)}</span>
            <span className="figure shrink-0">{money(amount)} off</span>
          </li>
        ))}
      </ul>
      {tooLate.length > 0 && (
        <p className="text-sm text-soft">
          Too late for: {tooLate.map((k) => jobName(byKey.get(k)!, wording)).join('; ')}.
        </p>
      )}
    </li>
  );
}
