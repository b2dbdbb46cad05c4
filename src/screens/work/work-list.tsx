import { VIEWS, type View } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import type { Decided } from '@/core/cost/cost';
import type { WorkFound } from '@/core/cost/reckon';
import { severity } from '@/core/findings/loss';
import type { Judgement } from '@/core/judge/judge';
import type { BodyOf } from '@/core/kinds';
import type { Decision } from '@/core/work/cost-table';
import { PinHead } from '@/ui/glyphs';
import { capital } from '@/words/capital';
import { money, moneyRange } from '@/words/money';
import { jobName, offeredText } from '@/words/offers';
import { plural } from '@/words/plural';
import { decisionWords, REASON_WORDS } from '@/words/remedies';
import { term, VIEW_WORDS } from '@/words/terms';
import { thingName } from '@/words/things';
import type { Wording } from '@/words/vocabulary';
import { zoneName, zoneWords } from '@/words/zones';

type Jobs = WorkFound['jobs'];
interface Told {
  readonly judgement: Judgement;
  readonly wording: Wording;
  readonly currency: string;
  readonly jobs: Jobs;
  readonly mayEdit: boolean;
  readonly decide: (of: Decided, decision: Decision) => void;
  readonly offers: ReadonlyMap<string, BodyOf<'offer'>>;
  /** Asks what becomes of a job: money off, a promise, done. */
  readonly onJob: (job: Jobs[number]) => void;
}

/** Everything that could be put right, place by place: what is done about it, and what that takes. */
export function WorkList({ decided, ...told }: Told & { readonly decided: readonly Decided[] }) {
  const { wording, jobs, currency } = told;
  const shared = jobs.filter((j) => j.serves.length === 0);
  return (
    <section className="sheet grid gap-3 p-4" aria-label="What is done">
      <h2 className="text-lg font-bold">What is done</h2>
      {decided.length === 0 && <p>Nothing on record needs doing. What nobody saw is reckoned with beside this.</p>}
      {VIEWS.map((view) => {
        const own = decided.filter((d) => d.options.thing.zone.view === view);
        return own.length === 0 ? null : <InView key={view} view={view} own={own} {...told} />;
      })}
      {shared.length > 0 && (
        <div>
          <h3 className="border-b-2 border-ink pb-1 font-bold">Follows from it, each once</h3>
          <ul>
            {shared.map((j) => (
              <li key={j.key} className="flex items-baseline justify-between gap-3 border-b border-line py-2 text-sm">
                <span>{capital(jobName(j, wording))}</span>
                <span className="figure shrink-0">{money(j.cost.likely, currency)}</span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function InView({ view, own, ...told }: Told & { readonly view: View; readonly own: readonly Decided[] }) {
  return (
    <div>
      <h3 className="border-b-2 border-ink pb-1 font-bold">{capital(term(VIEW_WORDS, view, told.wording.words))}</h3>
      <ul>
        {own.map((d) => (
          <Row key={d.options.thing.key} of={d} {...told} />
        ))}
      </ul>
    </div>
  );
}

function Row({ of: d, ...told }: Told & { readonly of: Decided }) {
  const { judgement, wording, currency, jobs, mayEdit, decide, offers, onJob } = told;
  const { thing, options, rule } = d.options;
  const chosen = options.find((o) => o.remedy === d.decision);
  const job = jobs.find((j) => j.serves.includes(thing.key));
  const first = job?.serves[0] === thing.key;
  const offer = job && first ? (offers.get(job.key) ?? null) : null;
  const name = capital(thingName(thing, judgement, wording));
  const spoken = options.filter((o) => o.against.length > 0 && o.remedy !== d.decision);
  return (
    <li className="grid grid-cols-[24px_minmax(0,1fr)_auto] items-start gap-x-3 gap-y-1 border-b border-line py-2">
      <span className="pt-0.5">
        {thing.finding ? (
          <PinHead family={flawById(thing.of).family} severity={severity(thing.finding)} size={20} />
        ) : (
          <span className="inline-block size-4 rounded-full border-2 border-ink" aria-hidden="true" />
        )}
      </span>
      <div className="min-w-0">
        <p className="leading-snug">
          <strong>{name}</strong>, {zoneWords(thing.zone.slug, wording)}
        </p>
        {mayEdit ? (
          <select
            className="min-h-11 max-w-full rounded-cut bg-transparent pr-1 text-sm text-ink underline decoration-dotted underline-offset-4 hover:bg-wash"
            aria-label={`${name}, ${zoneName(thing.zone.slug, wording)}: what is done`}
            value={d.decision}
            onChange={(e) => decide(d, e.target.value as Decision)}
          >
            {options.map((o) => (
              <option key={o.remedy} value={o.remedy}>
                {capital(decisionWords(o.remedy, wording.words))}
                {o.remedy === rule ? ', by rule' : ''}
              </option>
            ))}
          </select>
        ) : (
          <p className="text-sm">{capital(decisionWords(d.decision, wording.words))}</p>
        )}
        {d.byHand && <p className="text-sm">Decided by hand; the rule says {decisionWords(rule, wording.words)}.</p>}
        {(chosen?.against ?? []).map((r) => (
          <p key={r} className="border-l-4 border-pin pl-2 text-sm">
            Against it: {REASON_WORDS[r]}.
          </p>
        ))}
        {offer && (
          <p className="border-l-4 border-thread pl-2 text-sm">
            {capital(offer.sort)}: {offeredText(offer)}
          </p>
        )}
        {job && first && mayEdit && (
          <button
            type="button"
            className="min-h-11 rounded-cut px-1 text-sm text-soft underline decoration-dotted underline-offset-4 hover:bg-wash hover:text-ink"
            onClick={() => onJob(job)}
          >
            {offer ? 'Change or done…' : 'Allow, promise or done…'}
          </button>
        )}
        {d.decision === 'leave' && spoken.length > 0 && (
          <p className="text-sm text-soft">
            {spoken
              .map(
                (o) =>
                  `${capital(decisionWords(o.remedy, wording.words))}: ${o.against.map((r) => REASON_WORDS[r]).join(', ')}.`,
              )
              .join(' ')}
          </p>
        )}
      </div>
      <span className="text-right">
        {job && first && (
          <>
            <span className="figure block">{money(job.cost.likely, currency)}</span>
            <span className="figure block text-xs text-soft">{moneyRange(job.cost.low, job.cost.high)}</span>
            {job.waitsDays > 0 && <span className="block text-xs text-soft">waits {plural(job.waitsDays, 'day')}</span>}
          </>
        )}
        {job && !first && <span className="text-sm text-soft">with it</span>}
        {!job && d.decision === 'leave' && <span className="text-sm text-soft">said, not done</span>}
      </span>
    </li>
  );
}
