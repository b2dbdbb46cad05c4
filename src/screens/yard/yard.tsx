'use client';

import { type Role, roleMay, seesOwnOnly } from '@/core/people/roles';
import type { SaleBeginning } from '@/core/yard/sale-facts';
import { STANDINGS, type Standing } from '@/core/yard/standing';
import type { YardAsked } from '@/core/yard/yard-lot';
import { DeviceKeeper } from '@/ui/device/device-keeper';
import { icon } from '@/ui/icons/icon';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { LotNumber } from '@/ui/parts/lot-number';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainLinks } from '@/ui/shell/plain-links';
import { Answer } from './answer';
import { AskYard, ShowAll } from './ask-yard';
import { handedYard, type YardFacts } from './handed-yard';
import type { RowFacts } from './row-facts';
import { FirstSale, SaleActs } from './sale-acts';
import { SaveSaleOffline } from './save-sale-offline';
import { YardActs } from './yard-acts';
import { yardAddress } from './yard-address';
import { YardFilter } from './yard-filter';
import { YardRows } from './yard-rows';

/** Who looks at the Yard. */
interface Me {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

/**
 * The sale's lots: what next, what is late, what is thin. One piece of the page's program, given few words: drawn from descriptions
 * that the server makes, a page is described twice.
 */
export function Yard({ text, me, asked }: { text: string; me: Me; asked: YardAsked }) {
  const facts = handedYard(text);
  const { sale, beginning, counts, rows, nextPage } = facts;
  const total = STANDINGS.reduce((s, w) => s + counts[w], 0);
  const manages = roleMay(me.role, 'manage');
  return (
    <PlainLinks className="min-h-full">
      <Head facts={facts} me={me} />
      <AskYard asked={asked}>
        <main className="mx-auto grid max-w-6xl grid-cols-1 gap-5 px-4 py-5">
          <Sales sales={facts.sales} shownId={sale?.id} />
          {!sale ? (
            <NoSale role={me.role} beginning={beginning} />
          ) : total === 0 ? (
            <p className="sheet p-6">
              No lot yet.{' '}
              {manages ? 'Add the first one with its number and name, or many from a list.' : NOTHING_YET[me.role]}
            </p>
          ) : (
            <Today next={facts.next} counts={counts} />
          )}
          <section aria-label="Lots" className="grid grid-cols-1 gap-3">
            <div className="flex flex-wrap items-center gap-2">
              {sale && <YardFilter counts={counts} total={total} />}
              {sale && total > 0 && <SaveSaleOffline saleId={sale.id} />}
              {sale && total > 0 && !seesOwnOnly(me.role) && (
                <a href={`/yard/days?sale=${sale.id}`} className="btn">
                  {icon('calendar-days')} Days
                </a>
              )}
              {sale && total > 0 && !seesOwnOnly(me.role) && (
                <a href={`/yard/work?sale=${sale.id}`} className="btn">
                  {icon('wrench')} Work
                </a>
              )}
              {roleMay(me.role, 'enter') && (
                <a href="/practice" className="btn">
                  {icon('graduation-cap')} Practice
                </a>
              )}
              {manages && sale?.state === 'open' && <YardActs saleId={sale.id} highest={facts.highest} />}
            </div>
            {total > 0 && rows.length === 0 && (
              <p className="sheet p-6">
                No lot answers this. <ShowAll total={total} />
              </p>
            )}
            <YardRows rows={rows} limits={facts.limits} />
            {(nextPage || asked.after) && <Pages asked={asked} nextPage={nextPage} />}
          </section>
        </main>
      </AskYard>
      <DeviceKeeper me={me.id} role={me.role} />
    </PlainLinks>
  );
}

function Head({ facts: { sale, beginning, salePage, days }, me }: { facts: YardFacts; me: Me }) {
  return (
    <header className="border-b border-line bg-card">
      <div className="mx-auto flex max-w-6xl items-center gap-3 px-4 py-3">
        <FarvinMark />
        <div className="min-w-0 flex-1">
          <h1 className="truncate text-xl font-bold sm:text-2xl">{sale?.name ?? 'Yard'}</h1>
          <p className="truncate text-sm text-soft">{sale ? days : 'No sale yet'}</p>
        </div>
        {sale && roleMay(me.role, 'manage') && <SaleActs sale={sale} beginning={beginning} salePage={salePage} />}
        <a href="/account" className="hidden rounded-cut px-2 py-1 text-right text-sm hover:bg-wash sm:block">
          {me.name}
          <br />
          <span className="text-soft">{me.role}</span>
        </a>
        <a href="/find" className="btn btn-small">
          {icon('search')} <span className="max-sm:sr-only">Find</span>
        </a>
        {roleMay(me.role, 'manage') && (
          <a href="/people" className="btn btn-small max-sm:hidden">
            People
          </a>
        )}
        {roleMay(me.role, 'manage') && (
          <a href="/house" className="btn btn-small max-sm:hidden">
            House
          </a>
        )}
        <ReaderMenu compact />
      </div>
    </header>
  );
}

const NOTHING_YET: Readonly<Record<Role, string>> = {
  manager: '',
  inspector: 'The manager adds the lots of a sale.',
  editor: 'The manager adds the lots of a sale.',
  consignor: 'No car of yours is in this sale.',
  viewer: 'No lot is lent to you.',
};

/** Said where there is no sale that one may see. */
function NoSale({ role, beginning }: { role: Role; beginning: SaleBeginning }) {
  if (!roleMay(role, 'manage'))
    return (
      <p className="sheet p-6">
        {seesOwnOnly(role)
          ? 'Nothing is lent to you yet. A manager of the house does that.'
          : 'No sale yet. A manager of the house opens one.'}
      </p>
    );
  return (
    <div className="sheet grid gap-4 p-6">
      <p className="text-lg">
        No sale yet. Open one: its lots follow by hand, from a list or from a bundle. A stock of cars is a sale without
        a closing day.
      </p>
      <FirstSale beginning={beginning} />
      <p className="text-soft">
        Whoever works with you comes in by a link that you make under{' '}
        <a className="font-semibold underline underline-offset-4" href="/people">
          People
        </a>
        .
      </p>
    </div>
  );
}

/** The house's sales, those in the archive folded away. */
function Sales({ sales, shownId }: { sales: YardFacts['sales']; shownId: string | undefined }) {
  const link = (s: YardFacts['sales'][number]) => (
    <a
      key={s.id}
      href={yardAddress({ sale: s.id })}
      className="btn btn-small"
      aria-current={s.id === shownId ? 'page' : undefined}
    >
      {s.name}
      {s.state !== 'open' && <span className="text-soft"> ({s.state})</span>}
    </a>
  );
  const shown = sales.filter((s) => s.state !== 'archived' || s.id === shownId);
  const away = sales.filter((s) => !shown.includes(s));
  if (shown.length < 2 && away.length === 0) return null;
  return (
    <nav aria-label="Sales" className="flex flex-wrap items-center gap-2">
      {shown.map(link)}
      {away.length > 0 && (
        <details className="flex flex-wrap gap-2">
          <summary className="cursor-pointer px-2 text-sm text-soft">{away.length} in the archive</summary>
          <div className="mt-2 flex flex-wrap gap-2">{away.map(link)}</div>
        </details>
      )}
    </nav>
  );
}

function Today({ next, counts }: { next: RowFacts | null; counts: Readonly<Record<Standing, number>> }) {
  return (
    <section
      className="grid grid-cols-2 gap-3 md:grid-cols-[2fr_1fr_1fr] [&>:first-child]:col-span-2 md:[&>:first-child]:col-span-1"
      aria-label="Today"
    >
      {next ? (
        <a
          href={`/lots/${next.id}/${next.to}`}
          className="group flex items-center gap-4 rounded-cut border-2 border-thread bg-card p-4 hover:bg-wash"
        >
          <LotNumber n={next.number} />
          <span className="min-w-0 flex-1">
            <span className="block text-sm text-soft">
              Next: {next.where === 'late' ? next.when : `${next.where}, ${next.when}`}
            </span>
            <span className="block truncate text-lg font-semibold">{next.title}</span>
          </span>
          {icon('arrow-right', 'size-6')}
        </a>
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
        <a className="btn" href={yardAddress({ ...asked, after: null })}>
          First page
        </a>
      ) : (
        <span />
      )}
      {nextPage && (
        <a className="btn" href={yardAddress({ ...asked, after: nextPage })}>
          More lots {icon('arrow-right')}
        </a>
      )}
    </nav>
  );
}
