'use client';

import { BookOpenCheck, ClipboardList, DoorOpen, Footprints, Gauge, Images, Scale, Warehouse } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { recordsOf } from '@/core/records/reduce';
import { bandText, gradeFigures } from '@/words/grade';
import { plural } from '@/words/plural';
import { conditionsOf } from '@/words/report';
import { IntervalBand } from '../charts/interval-band';
import { FarvinMark } from '../parts/farvin-mark';
import { ReaderMenu } from '../parts/reader-menu';
import { useInspection } from '../records/inspection';
import { NewsLine } from './news-line';
import { RejectedChanges } from './rejected-changes';
import { Waiting } from './waiting';

const PLACES = [
  { to: 'intake', name: 'Intake', Icon: ClipboardList },
  { to: 'walk', name: 'Walk', Icon: Footprints },
  { to: 'photos', name: 'Photos', Icon: Images },
  { to: 'paint', name: 'Paint', Icon: Gauge },
  { to: 'fit', name: 'Fit', Icon: DoorOpen },
  { to: 'grade', name: 'Grade', Icon: Scale },
  { to: 'report', name: 'Report', Icon: BookOpenCheck },
] as const;

/** The frame round every screen of a lot: rail or bottom bar, the lot's head, what waits. */
export function LotShell({ children }: { children: ReactNode }) {
  const { facts, away } = useInspection();
  const path = usePathname();
  // Without a network the page is one shell under every address.
  const here = (away && typeof window !== 'undefined' ? window.location.pathname : path).split('/').pop();
  return (
    <div className="flex h-dvh flex-col-reverse overflow-hidden lg:flex-row">
      <nav
        aria-label="Screens"
        className="z-20 flex shrink-0 justify-between border-t border-line bg-card lg:w-[76px] lg:flex-col lg:justify-start lg:gap-1 lg:border-t-0 lg:border-r lg:py-2"
      >
        <Link href="/yard" className="hidden justify-center py-2 lg:flex" aria-label="Farvin: Yard">
          <FarvinMark />
        </Link>
        <RailLink href="/yard" name="Yard" here={false} Icon={Warehouse} />
        {PLACES.map(({ to, name, Icon }) => (
          <RailLink key={to} href={`/lots/${facts.lot.id}/${to}`} name={name} here={here === to} Icon={Icon} />
        ))}
      </nav>
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <LotHead />
        <UnfitTables />
        <Withheld />
        <NewsLine />
        <RejectedChanges />
        <div className="flex min-h-0 flex-1 flex-col">{children}</div>
      </div>
    </div>
  );
}

function RailLink({ href, name, here, Icon }: { href: string; name: string; here: boolean; Icon: typeof Scale }) {
  return (
    <Link
      href={href}
      aria-current={here ? 'page' : undefined}
      className="grid min-h-14 flex-1 place-items-center gap-0.5 py-1.5 text-[12px] font-semibold hover:bg-wash aria-[current=page]:bg-ink aria-[current=page]:text-paper lg:mx-1.5 lg:flex-none lg:rounded-cut"
    >
      <Icon size={20} aria-hidden="true" />
      {name}
    </Link>
  );
}

/** What a viewer is not shown: told on every screen, since the figures there are without it. */
function Withheld() {
  const { facts } = useInspection();
  if (!facts.withheld) return null;
  return (
    <p role="status" className="border-b border-pin bg-card px-4 py-2 text-sm">
      {plural(facts.withheld, 'finding')} withheld and not shown to you. Figures on these screens are without; the
      sealed report counts what is withheld.
    </p>
  );
}

/** Own tables of the house that this program cannot read: told on every screen, since every figure rests on others then. */
function UnfitTables() {
  const { facts } = useInspection();
  if (!facts.unfit || facts.unfit.length === 0) return null;
  return (
    <p role="alert" className="border-b-2 border-pin bg-card px-4 py-2 text-sm font-semibold">
      Your house’s own table of {facts.unfit.join(' and ')} does not fit this program: the figures rest on the shipped
      one. Nothing can be sealed until a manager keeps it anew.
    </p>
  );
}

function LotHead() {
  const { facts, state, grade, car, judgement } = useInspection();
  const visits = recordsOf(state.records, 'visit');
  const visit = visits[visits.length - 1]?.body;
  const keeper = grade?.whole[0];
  const where = visit
    ? [visits.length > 1 ? `visit ${visits.length}` : '', ...conditionsOf(visit)].filter(Boolean).join(' · ')
    : 'no visit stated yet';
  return (
    <header className="flex shrink-0 items-center gap-3 border-b border-line bg-card px-3 py-2 sm:px-4">
      <span className="grid h-11 min-w-11 shrink-0 place-items-center rounded-cut border-2 border-ink px-1 font-head text-xl font-bold">
        {facts.lot.number}
      </span>
      <div className="min-w-0 flex-1">
        <h1 className="truncate text-base font-bold sm:text-xl">
          {car?.make && car.model ? `${car.make} ${car.model}${car.year ? `, ${car.year}` : ''}` : facts.lot.title}
        </h1>
        <p className="truncate text-xs text-soft sm:text-sm">
          {facts.state === 'sealed'
            ? `sealed, revision ${facts.revision}`
            : facts.revision > 1
              ? `revision ${facts.revision}, ${facts.state}`
              : facts.state}{' '}
          · {where}
        </p>
      </div>
      {grade && judgement && keeper && (
        <Link
          href={`/lots/${facts.lot.id}/grade`}
          className="hidden w-52 shrink-0 rounded-cut px-2 py-1 hover:bg-wash md:block"
          title="Grade as it stands, keeper lens"
        >
          <span className="flex items-baseline justify-between text-xs">
            <span className="figure font-semibold">{gradeFigures(keeper.grade)}</span>
            <span className="font-semibold">
              {bandText(keeper.band, judgement.coverage.whole.seen, facts.tables.grade.bandFromSeen)}
            </span>
          </span>
          <IntervalBand
            id="head"
            grade={keeper.grade}
            limits={facts.tables.grade.bands.map((b) => b.from).filter((f) => f > 0)}
            label="Grade as it stands under the keeper lens"
            height={14}
            capped={keeper.capped}
          />
          <span className="block text-center text-xs text-soft">
            keeper lens · {Math.round(judgement.coverage.whole.seen * 100)} % seen
          </span>
        </Link>
      )}
      <Waiting />
      <ReaderMenu compact />
    </header>
  );
}
