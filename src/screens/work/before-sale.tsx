import { type ReactNode, useState } from 'react';
import { toast } from 'sonner';
import type { WorkFound } from '@/core/cost/reckon';
import type { WorthBody } from '@/core/kinds/worth';
import { useLot, useRecords } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { money } from '@/words/money';
import { jobName } from '@/words/offers';
import { plural } from '@/words/plural';
import type { Wording } from '@/words/vocabulary';

type Money = 'expected' | 'budget' | 'days';

/** What is worth doing before the sale: price, budget and days as the house says them, and the best set of jobs for them. */
export function BeforeSale({ found, currency, wording }: { found: WorkFound; currency: string; wording: Wording }) {
  const { store, mayEdit, facts } = useLot();
  const held = useRecords('worth').at(-1) ?? null;
  const put = (change: Partial<WorthBody>) => {
    const result = store.put([
      {
        kind: 'worth',
        body: { ...held?.body, currency, ...change, at: new Date().toISOString() },
        ...(held && { id: held.id }),
      },
    ]);
    if (!result.ok) toast(result.message);
  };
  const field = (name: Money, says: string, unit: string) => (
    <Amount
      key={`${name} ${held?.version ?? 0}`}
      says={says}
      unit={unit}
      value={held?.body[name] ?? null}
      disabled={!mayEdit}
      whole={name === 'days'}
      onKeep={(value) => put({ [name]: value })}
    />
  );
  const { at } = facts.tables.cost.price;
  return (
    <section className="sheet grid gap-3 p-4" aria-label="Before the sale">
      <h2 className="text-lg font-bold">Before the sale</h2>
      <div className="grid items-end gap-3 sm:grid-cols-3">
        {field('expected', `Such a car at grade ${at} fetches`, currency)}
        {field('budget', 'May be spent', currency)}
        {field('days', 'Days until it leaves', 'days')}
      </div>
      {found.prepared ? (
        <Chosen found={found} currency={currency} wording={wording} />
      ) : (
        <p className="text-sm text-soft">
          With all three said, the jobs are chosen that raise the expected price by most over their cost, exactly.
        </p>
      )}
      {mayEdit && (
        <label className="flex min-h-11 items-center gap-3 text-sm">
          <input
            type="checkbox"
            className="size-5 accent-thread"
            checked={held?.body.shown ?? false}
            onChange={(e) => put({ shown: e.target.checked })}
          />
          Bidders read the estimate in the report, as the house’s own
        </label>
      )}
    </section>
  );
}

function Amount({
  says,
  unit,
  value,
  disabled,
  whole,
  onKeep,
}: {
  says: string;
  unit: string;
  value: number | null;
  disabled: boolean;
  whole: boolean;
  onKeep: (value: number | null) => void;
}) {
  const [text, setText] = useState(value === null ? '' : String(value));
  const [wrong, setWrong] = useState(false);
  const keep = () => {
    const n = text.trim() === '' ? null : Number(text.replaceAll(/[\s,]/g, ''));
    const bad = n !== null && (!Number.isFinite(n) || n < 0 || (whole && !Number.isInteger(n)));
    setWrong(bad);
    if (!bad && n !== value) onKeep(n);
  };
  return (
    <label className="grid content-start gap-1 text-sm">
      <span className="font-semibold">{says}</span>
      <span className="flex items-center gap-2">
        <input
          className="field figure"
          inputMode="numeric"
          value={text}
          disabled={disabled}
          aria-invalid={wrong}
          onChange={(e) => setText(e.target.value)}
          onBlur={keep}
          onKeyDown={(e) => e.key === 'Enter' && keep()}
        />
        <span className="text-soft">{unit}</span>
      </span>
      {wrong && <span role="alert">{whole ? 'A whole number, or nothing.' : 'An amount, or nothing.'}</span>}
    </label>
  );
}

function Chosen({ found, currency, wording }: { found: WorkFound; currency: string; wording: Wording }) {
  const { chosen, allowed, cost, net, proved, next, moreBudget, tooLate } = found.prepared!;
  const { facts } = useLot();
  const jobs = new Map(found.jobs.map((j) => [j.key, j]));
  const named = (key: string): ReactNode => {
    return jobName(jobs.get(key)!, wording);
  };
  return (
    <div className="grid gap-2">
      <p>
        {chosen.length + allowed.length === 0 ? (
          <strong>Nothing pays for itself: leave it and say so.</strong>
        ) : (
          <>
            <strong>
              {plural(chosen.length, 'job')} for {money(cost, currency)}
              {allowed.length > 0 && ` and ${plural(allowed.length, 'allowance')}`}: {money(net, currency)} more than
              they cost.
            </strong>{' '}
            {proved ? 'No other set nets more.' : 'The best that was found in time.'}
          </>
        )}
      </p>
      {chosen.length > 0 && (
        <p className="flex justify-end gap-4 text-xs text-soft">
          <span>costs</span>
          <span className="w-20 text-right">adds</span>
        </p>
      )}
      <ol>
        {[...chosen]
          .sort(
            (a, b) =>
              (jobs.get(b)!.gain ?? 0) -
              jobs.get(b)!.cost.likely -
              ((jobs.get(a)!.gain ?? 0) - jobs.get(a)!.cost.likely),
          )
          .map((key) => (
            <li key={key} className="flex items-baseline justify-between gap-3 border-t border-line py-1 text-sm">
              <span className="first-letter:uppercase">{named(key)}</span>
              <span className="figure flex shrink-0 gap-4">
                <span>{money(jobs.get(key)!.cost.likely)}</span>
                <span className="w-20 text-right font-semibold">+{money(jobs.get(key)!.gain ?? 0)}</span>
              </span>
            </li>
          ))}
        {allowed.map(({ job, amount }) => (
          <li
            key={`allow ${job}`}
            className="flex items-baseline justify-between gap-3 border-t border-line py-1 text-sm"
          >
            <span>Allow for it, the buyer does it: {named(job)}</span>
            <span className="figure flex shrink-0 gap-4">
              <span>{money(amount)}</span>
              <span className="w-20 text-right font-semibold">
                +{money((jobs.get(job)!.gain ?? 0) * facts.tables.cost.allow.gain)}
              </span>
            </span>
          </li>
        ))}
      </ol>
      <p className="text-sm text-soft">
        {next && `The next best set nets ${money(next.net, currency)}. `}
        {moreBudget && `${money(moreBudget.by, currency)} more to spend would net ${money(moreBudget.net, currency)}. `}
        {tooLate.length > 0 && `Too late for it, whatever is spent: ${tooLate.map((k) => named(k)).join('; ')}. `}
        {capital('expected gains by the house’s price curve, each as if done alone; no promise.')}
      </p>
    </div>
  );
}
