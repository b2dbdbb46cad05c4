import { PUBLIC_SORTS, type PublicAsked, type PublicLot, type PublicSaleFacts, type Trait } from '@/core/yard/traits';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { LotNumber } from '@/ui/parts/lot-number';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { capital } from '@/words/capital';
import { dayText } from '@/words/dates';
import { gradeFigures } from '@/words/grade';
import { plural } from '@/words/plural';
import { ASKS_FOR, LEAVES_OUT, PUBLIC_SORT_WORDS, TRAIT_WORDS } from '@/words/traits';

const BANDS_FROM = [90, 78, 62, 45, 25] as const;

/** The address of what is asked, without what is as it always is. */
function addressOf(base: string, asked: PublicAsked): string {
  const query = new URLSearchParams([
    ...(asked.search ? [['q', asked.search]] : []),
    ...asked.has.map((t) => ['has', t]),
    ...asked.lacks.map((t) => ['lacks', t]),
    ...(asked.from === null ? [] : [['from', String(asked.from)]]),
    ...(asked.sort === 'number' ? [] : [['by', asked.sort]]),
    ...(asked.after ? [['after', asked.after]] : []),
  ]);
  return query.size > 0 ? `${base}?${query}` : base;
}

/** A sale as its bidders see it: the lots whose reports are published, asked for by what matters. Works without script. */
export function SalePage({
  sale,
  base,
  asked,
  lots,
  count,
  counted,
  next,
}: {
  sale: PublicSaleFacts;
  base: string;
  asked: PublicAsked;
  lots: readonly PublicLot[];
  count: number;
  /** Counted no further than this. */
  counted: number;
  next: string | null;
}) {
  const days = [
    sale.place,
    sale.opensOn && `opens ${dayText(sale.opensOn)}`,
    sale.closesOn && `closes ${dayText(sale.closesOn)}`,
  ];
  return (
    <>
      <header className="border-b border-line bg-card">
        <div className="mx-auto flex max-w-6xl items-center gap-3 px-4 py-2">
          <FarvinMark size={24} />
          <span className="flex-1 text-sm">Inspection reports</span>
          <a className="btn btn-small" href={`${base}/compare`}>
            Side by side
          </a>
          <a className="btn btn-small" href={`${base}/catalogue.zip`} download>
            Catalogue, ZIP
          </a>
          <ReaderMenu compact signOut={false} />
        </div>
      </header>
      <main className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-5 px-4 py-6">
        <div>
          <h1 className="text-2xl font-bold sm:text-3xl">{sale.name}</h1>
          <p className="text-soft">{days.filter(Boolean).join(' · ')}</p>
        </div>
        <Asks base={base} asked={asked} />
        <p role="status" className="text-sm">
          {count === 0
            ? 'No published lot answers this.'
            : count > counted
              ? `More than ${counted.toLocaleString('en-GB')} published lots.`
              : plural(count, 'published lot')}
          {asked.lacks.length > 0 && ' Left out is what a report tells of; what nobody saw, it does not.'}
        </p>
        <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {lots.map((l, i) => (
            <LotCard key={l.number} lot={l} first={i < 3} />
          ))}
        </ul>
        {(next || asked.after) && (
          <nav aria-label="Pages" className="flex justify-between">
            {asked.after ? (
              <a className="btn" href={addressOf(base, { ...asked, after: null })}>
                First page
              </a>
            ) : (
              <span />
            )}
            {next && (
              <a className="btn" href={addressOf(base, { ...asked, after: next })}>
                More lots
              </a>
            )}
          </nav>
        )}
        <p className="text-sm text-soft">
          Each report is sealed: its page tells how to check that nothing in it was changed.{' '}
          <a className="underline" href={`${base}/feed.json`}>
            Feed of what is published
          </a>
        </p>
      </main>
    </>
  );
}

/** What is asked for, as a form that every browser sends. */
function Asks({ base, asked }: { base: string; asked: PublicAsked }) {
  const box = (name: 'has' | 'lacks', trait: Trait) => (
    <label key={trait} className="flex min-h-9 items-center gap-2 text-sm">
      <input
        type="checkbox"
        name={name}
        value={trait}
        defaultChecked={asked[name].includes(trait)}
        className="size-5 accent-thread"
      />
      {TRAIT_WORDS[trait]}
    </label>
  );
  const open = asked.has.length + asked.lacks.length > 0 || asked.from !== null;
  return (
    <form action={base} method="get" className="sheet grid gap-3 p-4">
      <div className="flex flex-wrap items-end gap-3">
        <label className="grid min-w-0 flex-1 basis-48 gap-1 text-sm font-semibold">
          Number, make or model
          <input name="q" className="field font-normal" defaultValue={asked.search} />
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          In order of
          <select name="by" className="field font-normal" defaultValue={asked.sort}>
            {PUBLIC_SORTS.map((s) => (
              <option key={s} value={s}>
                {PUBLIC_SORT_WORDS[s]}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="btn btn-main">
          Show
        </button>
      </div>
      <details open={open}>
        <summary className="min-h-9 content-center font-semibold">What matters to you</summary>
        <div className="grid gap-4 pt-2 sm:grid-cols-3">
          <fieldset>
            <legend className="text-sm font-semibold">Only cars that are told to be</legend>
            {ASKS_FOR.map((t) => box('has', t))}
          </fieldset>
          <fieldset>
            <legend className="text-sm font-semibold">Leave out cars with</legend>
            {LEAVES_OUT.map((t) => box('lacks', t))}
          </fieldset>
          <label className="grid content-start gap-1 text-sm font-semibold">
            Grade from
            <select name="from" className="field font-normal" defaultValue={asked.from ?? ''}>
              <option value="">any</option>
              {BANDS_FROM.map((n) => (
                <option key={n} value={n}>
                  {n}
                </option>
              ))}
            </select>
          </label>
        </div>
      </details>
    </form>
  );
}

function LotCard({ lot: l, first }: { lot: PublicLot; first: boolean }) {
  const address = `/r/${l.token}`;
  const worst = LEAVES_OUT.filter((t) => l.traits.includes(t));
  return (
    <li className="sheet relative grid grid-rows-[auto_1fr] overflow-hidden hover:border-ink">
      <div>
        {l.picture ? (
          // biome-ignore lint/performance/noImgElement: derivatives are made by our own store
          <img
            src={`${address}/photos/${l.picture}/960`}
            srcSet={`${address}/photos/${l.picture}/320 320w, ${address}/photos/${l.picture}/960 960w`}
            sizes="(min-width: 1024px) 360px, (min-width: 640px) 46vw, 92vw"
            alt=""
            width={320}
            height={240}
            loading={first ? 'eager' : 'lazy'}
            className="aspect-4/3 w-full border-b border-line object-cover"
          />
        ) : (
          <span className="grid aspect-4/3 place-items-center border-b border-line bg-paper text-soft">no picture</span>
        )}
      </div>
      <div className="grid content-start gap-2 p-4">
        <div className="flex items-center gap-3">
          <LotNumber n={l.number} />
          <h2 className="min-w-0 leading-tight font-bold">
            <a href={address} className="after:absolute after:inset-0 hover:underline">
              {l.title}
            </a>
          </h2>
        </div>
        <p>
          <strong>{l.band}</strong> <span className="figure">{l.grade && gradeFigures(l.grade)}</span>
          <span className="text-sm text-soft">
            {' '}
            · {Math.round(l.seen * 100)} % seen · {plural(l.findings, 'finding')}
          </span>
        </p>
        {worst.length > 0 && (
          <p className="border-l-4 border-pin pl-2 text-sm">{capital(worst.map((t) => TRAIT_WORDS[t]).join('; '))}</p>
        )}
      </div>
    </li>
  );
}
