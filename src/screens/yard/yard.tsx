'use client';

import { ArrowRight, Plus, Search } from 'lucide-react';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { DEFAULT_GRADE_TABLES } from '@/core/grade/tables';
import { IntervalBand } from '@/ui/charts/interval-band';
import { daysUntil, dayText } from '@/ui/dates';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { gradeFigures } from '@/words/grade';
import { AddLot } from './add-lot';
import { matching, nextLot, SORTS, type Sort, type Standing, sorted, standing, type YardLot } from './order';
import { TakeAlong } from './take-along';

interface Props {
  readonly sales: readonly { id: string; name: string }[];
  readonly sale: { id: string; name: string; place: string; opensOn: string | null; closesOn: string | null } | null;
  readonly rows: readonly YardLot[];
  readonly today: string;
  readonly me: { name: string; role: string };
}

const FILTERS: readonly (Standing | 'all')[] = ['all', 'late', 'thin', 'going', 'not begun', 'sealed'];
const LIMITS = DEFAULT_GRADE_TABLES.bands.map((b) => b.from).filter((f) => f > 0);

/** Due day in words, from today. */
function due(lot: YardLot, today: string): string {
  if (!lot.reportDueOn) return 'no day set';
  const left = daysUntil(lot.reportDueOn, today);
  if (left === 0) return 'due today';
  const days = `${Math.abs(left)} ${Math.abs(left) === 1 ? 'day' : 'days'}`;
  return left < 0 ? `${days} late` : `in ${days}`;
}

/** The sale's lots: what next, what is late, what is thin. */
export function Yard({ sales, sale, rows, today, me }: Props) {
  const [filter, setFilter] = useState<Standing | 'all'>('all');
  const [sort, setSort] = useState<Sort>('number');
  const [search, setSearch] = useState('');
  const [adding, setAdding] = useState(false);
  const standings = useMemo(() => new Map(rows.map((r) => [r.id, standing(r, today)])), [rows, today]);
  const count = (s: Standing) => rows.filter((r) => standings.get(r.id) === s).length;
  const shown = sorted(
    matching(rows, search).filter((r) => filter === 'all' || standings.get(r.id) === filter),
    sort,
  );
  const next = nextLot(rows, today);
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
          <span className="hidden text-right text-sm sm:block">
            {me.name}
            <br />
            <span className="text-soft">{me.role}</span>
          </span>
          <ReaderMenu compact />
        </div>
      </header>
      <main className="mx-auto grid max-w-6xl grid-cols-1 gap-5 px-4 py-5">
        {sales.length > 1 && (
          <nav aria-label="Sales" className="flex flex-wrap gap-2">
            {sales.map((s) => (
              <Link
                key={s.id}
                href={`/yard?sale=${s.id}`}
                className="btn btn-small"
                aria-current={s.id === sale?.id ? 'page' : undefined}
              >
                {s.name}
              </Link>
            ))}
          </nav>
        )}
        {rows.length === 0 ? (
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
                    {standings.get(next.id) === 'late'
                      ? due(next, today)
                      : `${standings.get(next.id)}, ${due(next, today)}`}
                  </span>
                  <span className="block truncate text-lg font-semibold">{next.title}</span>
                </span>
                <ArrowRight aria-hidden="true" />
              </Link>
            ) : (
              <p className="sheet p-4 text-lg">Every report is sealed.</p>
            )}
            <Answer
              n={count('late')}
              word="late"
              says="report day has passed"
              pressed={filter === 'late'}
              onPress={() => setFilter(filter === 'late' ? 'all' : 'late')}
              urgent
            />
            <Answer
              n={count('thin')}
              word="thin"
              says="little seen, due within 5 days"
              pressed={filter === 'thin'}
              onPress={() => setFilter(filter === 'thin' ? 'all' : 'thin')}
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
                value={search}
                onChange={(e) => setSearch(e.target.value)}
              />
            </label>
            <select
              className="field w-auto"
              value={filter}
              onChange={(e) => setFilter(e.target.value as Standing | 'all')}
              aria-label="Show"
            >
              {FILTERS.map((f) => (
                <option key={f} value={f}>
                  {f === 'all' ? `all ${rows.length} lots` : `${f} (${count(f)})`}
                </option>
              ))}
            </select>
            <select
              className="field w-auto"
              value={sort}
              onChange={(e) => setSort(e.target.value as Sort)}
              aria-label="Order"
            >
              {Object.entries(SORTS).map(([key, label]) => (
                <option key={key} value={key}>
                  by {label}
                </option>
              ))}
            </select>
            {rows.length > 0 && (
              <TakeAlong lots={rows.filter((r) => r.state !== 'sealed').map(({ id, number }) => ({ id, number }))} />
            )}
            {me.role === 'manager' && sale && (
              <button type="button" className="btn" onClick={() => setAdding(true)}>
                <Plus size={16} aria-hidden="true" /> Add lot
              </button>
            )}
          </div>
          {rows.length > 0 && shown.length === 0 && (
            <p className="sheet p-6">No lot answers this search. Clear it to see all {rows.length}.</p>
          )}
          <ul className="grid grid-cols-1 gap-px overflow-hidden rounded-cut border border-line bg-line">
            {shown.map((r) => (
              <YardRow key={r.id} lot={r} standing={standings.get(r.id)!} today={today} />
            ))}
          </ul>
        </section>
      </main>
      {adding && sale && <AddLot saleId={sale.id} taken={rows.map((r) => r.number)} onClose={() => setAdding(false)} />}
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
                <span className="figure">{gradeFigures(s.grade)}</span> {s.grade.band}
                {s.seen < 0.9 && '?'}
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
