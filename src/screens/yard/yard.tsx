import { ArrowRight } from 'lucide-react';
import Link from 'next/link';
import { type Role, roleMay } from '@/core/people/roles';
import { STANDINGS, type Standing } from '@/core/yard/standing';
import type { YardAsked, YardLot } from '@/core/yard/yard-lot';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { dayText } from '@/words/dates';
import { Answer } from './answer';
import { AskYard, Rows, ShowAll } from './ask-yard';
import { LotLinks } from './lot-links';
import { SaveSaleOffline } from './save-sale-offline';
import { YardActs } from './yard-acts';
import { yardAddress } from './yard-address';
import { YardFilter } from './yard-filter';
import { due, LotNumber, whereIs, YardRow } from './yard-row';

interface Sale {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  readonly opensOn: string | null;
  readonly closesOn: string | null;
}

interface Me {
  readonly name: string;
  readonly role: Role;
}

interface Props {
  readonly sales: readonly { id: string; name: string }[];
  readonly sale: Sale | null;
  readonly rows: readonly YardLot[];
  readonly nextPage: string | null;
  readonly counts: Readonly<Record<Standing, number>>;
  readonly next: YardLot | null;
  readonly asked: YardAsked;
  readonly highest: number;
  readonly today: string;
  readonly me: Me;
}

/** The sale's lots: what next, what is late, what is thin. Drawn on the server but for what is pressed or typed in. */
export function Yard({ sales, sale, rows, nextPage, counts, next, asked, highest, today, me }: Props) {
  const total = STANDINGS.reduce((s, w) => s + counts[w], 0);
  const manages = roleMay(me.role, 'manage');
  return (
    <div className="min-h-full">
      <Head sale={sale} me={me} />
      <AskYard asked={asked}>
        <main className="mx-auto grid max-w-6xl grid-cols-1 gap-5 px-4 py-5">
          {sales.length > 1 && <Sales sales={sales} here={sale?.id} />}
          {total === 0 ? (
            <p className="sheet p-6">
              No lot yet.{' '}
              {manages ? 'Add the first one with its number and name.' : 'The manager adds the lots of a sale.'}
            </p>
          ) : (
            <Today next={next} counts={counts} today={today} />
          )}
          <section aria-label="Lots" className="grid grid-cols-1 gap-3">
            <div className="flex flex-wrap items-center gap-2">
              <YardFilter counts={counts} total={total} />
              {sale && total > 0 && <SaveSaleOffline saleId={sale.id} />}
              {manages && sale && <YardActs saleId={sale.id} highest={highest} />}
            </div>
            {total > 0 && rows.length === 0 && (
              <p className="sheet p-6">
                No lot answers this. <ShowAll total={total} />
              </p>
            )}
            <Rows>
              <LotLinks>
                <ul className="grid grid-cols-1 gap-px overflow-hidden rounded-cut border border-line bg-line">
                  {rows.map((r) => (
                    <YardRow key={r.id} lot={r} today={today} />
                  ))}
                </ul>
              </LotLinks>
            </Rows>
            {(nextPage || asked.after) && <Pages asked={asked} nextPage={nextPage} />}
          </section>
        </main>
      </AskYard>
    </div>
  );
}

function Head({ sale, me }: { sale: Sale | null; me: Me }) {
  const days = sale && [
    sale.place,
    sale.opensOn && `opens ${dayText(sale.opensOn)}`,
    sale.closesOn && `closes ${dayText(sale.closesOn)}`,
  ];
  return (
    <header className="border-b border-line bg-card">
      <div className="mx-auto flex max-w-6xl items-center gap-3 px-4 py-3">
        <FarvinMark />
        <div className="min-w-0 flex-1">
          <h1 className="truncate text-xl font-bold sm:text-2xl">{sale?.name ?? 'Yard'}</h1>
          <p className="truncate text-sm text-soft">{days ? days.filter(Boolean).join(' · ') : 'No sale yet'}</p>
        </div>
        <Link href="/account" className="hidden rounded-cut px-2 py-1 text-right text-sm hover:bg-wash sm:block">
          {me.name}
          <br />
          <span className="text-soft">{me.role}</span>
        </Link>
        <ReaderMenu compact />
      </div>
    </header>
  );
}

function Sales({ sales, here }: { sales: readonly { id: string; name: string }[]; here: string | undefined }) {
  return (
    <nav aria-label="Sales" className="flex flex-wrap gap-2">
      {sales.map((s) => (
        <Link
          key={s.id}
          href={yardAddress({ sale: s.id })}
          className="btn btn-small"
          aria-current={s.id === here ? 'page' : undefined}
        >
          {s.name}
        </Link>
      ))}
    </nav>
  );
}

function Today({
  next,
  counts,
  today,
}: {
  next: YardLot | null;
  counts: Readonly<Record<Standing, number>>;
  today: string;
}) {
  const where = next && whereIs(next, today);
  return (
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
              Next: {where === 'late' ? due(next, today) : `${where}, ${due(next, today)}`}
            </span>
            <span className="block truncate text-lg font-semibold">{next.title}</span>
          </span>
          <ArrowRight aria-hidden="true" />
        </Link>
      ) : (
        <p className="sheet p-4 text-lg">Every report is sealed.</p>
      )}
      <Answer n={counts.late} standing="late" says="report day has passed" urgent />
      <Answer n={counts.thin} standing="thin" says="little seen or much in doubt, due within 5 days" />
    </section>
  );
}

function Pages({ asked, nextPage }: { asked: YardAsked; nextPage: string | null }) {
  return (
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
  );
}
