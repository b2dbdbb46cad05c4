'use client';

import { ArrowRight, FileInput, Plus, Search } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState, useTransition } from 'react';
import { DEFAULT_GRADE_TABLES } from '@/core/grade/tables';
import { SORTS, type Sort, STANDINGS, type Standing, standing } from '@/core/yard/standing';
import { IntervalBand } from '@/ui/charts/interval-band';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { daysUntil, dayText } from '@/words/dates';
import { bandText, gradeFigures } from '@/words/grade';
import { AddLot } from './add-lot';
import { ImportBundle } from './import-bundle';
import { SaveSaleOffline } from './save-sale-offline';

/** What the Yard shows of a lot. */
export interface YardLot {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly reportDueOn: string | null;
  readonly keeper: string;
  readonly revision: number;
  readonly state: 'draft' | 'reviewed' | 'sealed' | 'given-up';
  readonly summary: {
    readonly records: number;
    readonly seen: number;
    readonly grade: { low: number; value: number; high: number; band: string } | null;
    readonly readings: number;
    readonly findings: number;
    readonly photos: number;
    readonly gates: readonly string[];
    readonly car: string;
  };
}

/** What the address asks for. */
export interface YardAsked {
  readonly sale: string | null;
  readonly show: Standing | 'all';
  readonly sort: Sort;
  readonly search: string;
  readonly after: string | null;
}

interface Props {
  readonly sales: readonly { id: string; name: string }[];
  readonly sale: { id: string; name: string; place: string; opensOn: string | null; closesOn: string | null } | null;
  readonly rows: readonly YardLot[];
  readonly nextPage: string | null;
  readonly counts: Readonly<Record<Standing, number>>;
  readonly next: YardLot | null;
  readonly asked: YardAsked;
  readonly highest: number;
  readonly today: string;
  readonly me: { name: string; role: string };
}

const LIMITS = DEFAULT_GRADE_TABLES.bands.map((b) => b.from).filter((f) => f > 0);
const SEARCH_AFTER_MS = 300;

const whereIs = (lot: YardLot, today: string) =>
  standing({ ...lot, seen: lot.summary.seen, records: lot.summary.records }, today);

/** Due day in words, from today. */
function due(lot: YardLot, today: string): string {
  if (!lot.reportDueOn) return 'no day set';
  const left = daysUntil(lot.reportDueOn, today);
  if (left === 0) return 'due today';
  const days = `${Math.abs(left)} ${Math.abs(left) === 1 ? 'day' : 'days'}`;
  return left < 0 ? `${days} late` : `in ${days}`;
}

/** The address of the Yard that asks for this; what is usual is left out. */
export function yardAddress(asked: Partial<YardAsked>): string {
  const query = new URLSearchParams();
  if (asked.sale) query.set('sale', asked.sale);
  if (asked.show && asked.show !== 'all') query.set('show', asked.show);
  if (asked.sort && asked.sort !== 'number') query.set('by', asked.sort);
  if (asked.search) query.set('q', asked.search);
  if (asked.after) query.set('after', asked.after);
  const text = query.toString();
  return text ? `/yard?${text}` : '/yard';
}

/** The sale's lots: what next, what is late, what is thin. */
export function Yard({ sales, sale, rows, nextPage, counts, next, asked, highest, today, me }: Props) {
  const router = useRouter();
  const [adding, setAdding] = useState(false);
  const [importing, setImporting] = useState(false);
  const [asking, startAsking] = useTransition();
  const typing = useRef<ReturnType<typeof setTimeout>>(undefined);
  const total = STANDINGS.reduce((s, w) => s + counts[w], 0);
  // What was asked last, even while its answer is on the way.
  const wanted = useRef(asked);
  useEffect(() => {
    if (!asking) wanted.current = asked;
  }, [asked, asking]);
  const ask = (change: Partial<YardAsked>) => {
    wanted.current = { ...wanted.current, after: null, ...change };
    const address = yardAddress(wanted.current);
    startAsking(() => router.replace(address, { scroll: false }));
  };
  const toggle = (show: Standing) => ask({ show: wanted.current.show === show ? 'all' : show });
  return (
    <div className="min-h-full">
      <header className="border-b border-line bg-card">
        <div className="mx-auto flex max-w-6xl items-center gap-3 px-4 py-3">
          <FarvinMark />
          <div className="min-w-0 flex-1">
            <h1 className="truncate text-xl font-bold sm:text-2xl">{sale?.name ?? 'Yard'}</h1>
            <p className="truncate text-sm text-soft">
              {sale
                ? [
                    sale.place,
                    sale.opensOn && `opens ${dayText(sale.opensOn)}`,
                    sale.closesOn && `closes ${dayText(sale.closesOn)}`,
                  ]
                    .filter(Boolean)
                    .join(' · ')
                : 'No sale yet'}
            </p>
          </div>
          <Link href="/account" className="hidden rounded-cut px-2 py-1 text-right text-sm hover:bg-wash sm:block">
            {me.name}
            <br />
            <span className="text-soft">{me.role}</span>
          </Link>
          <ReaderMenu compact />
        </div>
      </header>
      <main className="mx-auto grid max-w-6xl grid-cols-1 gap-5 px-4 py-5">
        {sales.length > 1 && (
          <nav aria-label="Sales" className="flex flex-wrap gap-2">
            {sales.map((s) => (
              <Link
                key={s.id}
                href={yardAddress({ sale: s.id })}
                className="btn btn-small"
                aria-current={s.id === sale?.id ? 'page' : undefined}
              >
                {s.name}
              </Link>
            ))}
          </nav>
        )}
        {total === 0 ? (
          <p className="sheet p-6">
            No lot yet.{' '}
            {me.role === 'manager'
              ? 'Add the first one with its number and name.'
              : 'The manager adds the lots of a sale.'}
          </p>
        ) : (
          <section
            className="grid grid-cols-2 gap-3 md:grid-cols-[2fr_1fr_1fr] [&>:first-child]:col-span-2 md:[&>:first-child]:col-span-1"
            aria-label="Today"
          >
            {next ? (
              <Link
                href={next.summary.car ? `/lots/${next.id}/walk` : `/lots/${next.id}/intake`}
                className="group flex items-center gap-4 rounded-cut border-2 border-thread bg-card p-4 hover:bg-wash"
              >
                <LotNumber n={next.number} />
                <span className="min-w-0 flex-1">
                  <span className="block text-sm text-soft">
                    Next:{' '}
                    {whereIs(next, today) === 'late'
                      ? due(next, today)
                      : `${whereIs(next, today)}, ${due(next, today)}`}
                  </span>
                  <span className="block truncate text-lg font-semibold">{next.title}</span>
                </span>
                <ArrowRight aria-hidden="true" />
              </Link>
            ) : (
              <p className="sheet p-4 text-lg">Every report is sealed.</p>
            )}
            <Answer
              n={counts.late}
              word="late"
              says="report day has passed"
              pressed={asked.show === 'late'}
              onPress={() => toggle('late')}
              urgent
            />
            <Answer
              n={counts.thin}
              word="thin"
              says="little seen, due within 5 days"
              pressed={asked.show === 'thin'}
              onPress={() => toggle('thin')}
            />
          </section>
        )}
        <section aria-label="Lots" className="grid grid-cols-1 gap-3">
          <div className="flex flex-wrap items-center gap-2">
            <label className="relative min-w-48 flex-1">
              <span className="sr-only">Search lots</span>
              <Search size={16} aria-hidden="true" className="absolute top-1/2 left-3 -translate-y-1/2 text-soft" />
              <input
                className="field pl-9"
                placeholder="Number, name or inspector"
                defaultValue={asked.search}
                onChange={(e) => {
                  const search = e.target.value;
                  clearTimeout(typing.current);
                  typing.current = setTimeout(() => ask({ search }), SEARCH_AFTER_MS);
                }}
              />
            </label>
            <select
              className="field w-auto"
              value={asked.show}
              onChange={(e) => ask({ show: e.target.value as Standing | 'all' })}
              aria-label="Show"
            >
              <option value="all">all {total} lots</option>
              {STANDINGS.map((s) => (
                <option key={s} value={s}>
                  {s} ({counts[s]})
                </option>
              ))}
            </select>
            <select
              className="field w-auto"
              value={asked.sort}
              onChange={(e) => ask({ sort: e.target.value as Sort })}
              aria-label="Order"
            >
              {Object.entries(SORTS).map(([key, label]) => (
                <option key={key} value={key}>
                  by {label}
                </option>
              ))}
            </select>
            {sale && total > 0 && <SaveSaleOffline saleId={sale.id} />}
            {me.role === 'manager' && sale && (
              <button type="button" className="btn" onClick={() => setAdding(true)}>
                <Plus size={16} aria-hidden="true" /> Add lot
              </button>
            )}
            {me.role === 'manager' && sale && (
              <button type="button" className="btn" onClick={() => setImporting(true)}>
                <FileInput size={16} aria-hidden="true" /> Import
              </button>
            )}
          </div>
          {total > 0 && rows.length === 0 && (
            <p className="sheet p-6">
              No lot answers this.{' '}
              <button
                type="button"
                className="font-semibold text-thread underline underline-offset-4"
                onClick={() => ask({ search: '', show: 'all' })}
              >
                Show all {total}
              </button>
            </p>
          )}
          <ul
            aria-busy={asking}
            className={`grid grid-cols-1 gap-px overflow-hidden rounded-cut border border-line bg-line ${asking ? 'opacity-60' : ''}`}
          >
            {rows.map((r) => (
              <YardRow key={r.id} lot={r} standing={whereIs(r, today)} today={today} />
            ))}
          </ul>
          {(nextPage || asked.after) && (
            <nav aria-label="Pages" className="flex justify-between gap-2">
              {asked.after ? (
                <Link className="btn" href={yardAddress({ ...asked, after: null })}>
                  First page
                </Link>
              ) : (
                <span />
              )}
              {nextPage && (
                <Link className="btn" href={yardAddress({ ...asked, after: nextPage })} prefetch={false}>
                  More lots <ArrowRight size={16} aria-hidden="true" />
                </Link>
              )}
            </nav>
          )}
        </section>
      </main>
      {importing && sale && <ImportBundle saleId={sale.id} onClose={() => setImporting(false)} />}
      {adding && sale && <AddLot saleId={sale.id} highest={highest} onClose={() => setAdding(false)} />}
    </div>
  );
}

function LotNumber({ n }: { n: number }) {
  return (
    <span className="grid h-11 min-w-11 shrink-0 place-items-center rounded-cut border-2 border-ink bg-card px-1 font-head text-xl font-bold">
      {n}
    </span>
  );
}

function Answer({
  n,
  word,
  says,
  pressed,
  onPress,
  urgent = false,
}: {
  n: number;
  word: string;
  says: string;
  pressed: boolean;
  onPress: () => void;
  urgent?: boolean;
}) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={onPress}
      className="rounded-cut border border-line bg-card p-4 text-left hover:border-ink aria-pressed:border-2 aria-pressed:border-ink"
    >
      <span className="flex items-baseline gap-2">
        <span className="font-head text-3xl font-bold">{n}</span>
        <span className="text-lg font-semibold">{word}</span>
        {urgent && n > 0 && <span className="ml-auto size-2.5 rounded-full bg-pin" aria-hidden="true" />}
      </span>
      <span className="text-sm text-soft">{says}</span>
    </button>
  );
}

function YardRow({ lot, standing: where, today }: { lot: YardLot; standing: Standing; today: string }) {
  const { summary: s } = lot;
  const to = lot.state === 'sealed' ? 'report' : s.car ? 'walk' : 'intake';
  return (
    <li className="bg-card">
      <Link
        href={`/lots/${lot.id}/${to}`}
        className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 px-3 py-2.5 hover:bg-wash sm:grid-cols-[auto_minmax(0,1fr)_110px_190px_120px]"
      >
        <LotNumber n={lot.number} />
        <span className="min-w-0">
          <span className="block truncate font-semibold">{lot.title}</span>
          <span className="block truncate text-sm text-soft">
            {[
              lot.keeper || 'nobody yet',
              s.records > 0 ? `${s.readings} readings, ${s.findings} findings, ${s.photos} photos` : 'nothing entered',
            ].join(' · ')}
          </span>
          <span className="block text-sm sm:hidden">
            {Math.round(s.seen * 100)} % seen{s.grade && s.records > 0 && `, grade ${gradeFigures(s.grade)}`}
          </span>
          {s.gates.includes('structural-loss') && (
            <span className="text-sm font-semibold text-pin">Structural loss: tell the manager</span>
          )}
        </span>
        <span className="hidden sm:block">
          <span className="block text-sm">
            <span className="figure font-semibold">{Math.round(s.seen * 100)}</span> % seen
          </span>
          <span className="mt-1 block h-1.5 border border-ink/40 bg-paper">
            <span className="block h-full bg-ink" style={{ width: `${Math.round(s.seen * 100)}%` }} />
          </span>
        </span>
        <span className="hidden sm:block">
          {s.grade && s.records > 0 ? (
            <>
              <IntervalBand
                id={`lot-${lot.number}`}
                grade={{ ...s.grade, n: s.records }}
                limits={LIMITS}
                label={`Grade ${Math.round(s.grade.low)} to ${Math.round(s.grade.high)} of 100`}
                height={16}
              />
              <span className="block text-center text-xs text-soft">
                <span className="figure">{gradeFigures(s.grade)}</span>{' '}
                {bandText(s.grade.band, s.seen, DEFAULT_GRADE_TABLES.bandFromSeen)}
              </span>
            </>
          ) : (
            <span className="text-sm text-soft">no grade yet</span>
          )}
        </span>
        <span className="text-right text-sm">
          <span className={where === 'late' ? 'font-semibold text-pin' : 'font-semibold'}>{where}</span>
          <br />
          <span className="text-soft">{lot.state === 'sealed' ? `revision ${lot.revision}` : due(lot, today)}</span>
        </span>
      </Link>
    </li>
  );
}
