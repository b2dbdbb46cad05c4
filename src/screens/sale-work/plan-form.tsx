import type { Trade } from '@/core/catalogue/remedies';
import type { WorkPlan } from '@/core/cost/work-plan';
import { Labelled } from '@/ui/parts/labelled';
import { capital } from '@/words/capital';
import { TRADE_WORDS } from '@/words/remedies';

/** A figure as it is typed; nothing where it is none. */
const figureOf = (text: string): number => (text.trim() === '' ? Number.NaN : Number(text.replaceAll(/[\s,]/g, '')));
const shownOf = (n: number) => (Number.isFinite(n) ? String(n) : '');

/** What may be spent in how many days, and how many hours a day each shop has for the sale. */
export function PlanForm({
  plan,
  onPlan,
  currency,
  takes,
}: {
  plan: WorkPlan;
  onPlan: (plan: WorkPlan) => void;
  currency: string;
  /** Trades that any lot takes: the others stand paler. */
  takes: ReadonlySet<Trade>;
}) {
  const shop = (trade: Trade, change: Partial<WorkPlan['shops'][number]>) =>
    onPlan({ ...plan, shops: plan.shops.map((s) => (s.trade === trade ? { ...s, ...change } : s)) });
  const input = (name: string, value: number, onValue: (n: number) => void) => (
    <input
      className="field figure min-w-0"
      inputMode="decimal"
      aria-label={name}
      aria-invalid={!Number.isFinite(value)}
      defaultValue={shownOf(value)}
      onChange={(e) => onValue(figureOf(e.target.value))}
    />
  );
  return (
    <section className="sheet grid gap-3 p-4" aria-label="Budget, days and shops">
      <div className="grid grid-cols-2 gap-3">
        <Labelled text={`May be spent, ${currency}`}>
          {input('May be spent', plan.budget, (budget) => onPlan({ ...plan, budget }))}
        </Labelled>
        <Labelled text="Days until the sale">
          {input('Days until the sale', plan.days, (days) => onPlan({ ...plan, days }))}
        </Labelled>
      </div>
      <table className="text-sm">
        <thead>
          <tr className="text-left text-soft">
            <th className="font-semibold">Shop</th>
            <th className="font-semibold">hours a day</th>
            <th className="font-semibold">begins in, days</th>
          </tr>
        </thead>
        <tbody>
          {plan.shops.map((s) => (
            <tr key={s.trade} className={takes.size === 0 || takes.has(s.trade) ? '' : 'text-soft'}>
              <th scope="row" className="pr-2 text-left font-normal">
                {capital(TRADE_WORDS[s.trade])}
              </th>
              <td className="py-0.5 pr-2">
                {input(`${TRADE_WORDS[s.trade]}: hours a day`, s.hoursPerDay, (hoursPerDay) =>
                  shop(s.trade, { hoursPerDay }),
                )}
              </td>
              <td className="py-0.5">
                {input(`${TRADE_WORDS[s.trade]}: begins in, days`, s.waitsDays, (waitsDays) =>
                  shop(s.trade, { waitsDays }),
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
