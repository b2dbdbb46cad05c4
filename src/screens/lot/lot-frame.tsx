'use client';

import { ChevronLeft, Warehouse } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { type ReactNode, useEffect } from 'react';
import { IntervalBand } from '@/ui/charts/interval-band';
import { takeInHand } from '@/ui/device/shared-pictures';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { Link } from '@/ui/parts/link';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { useCar, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { NewsLine } from '@/ui/shell/news-line';
import { RejectedChanges } from '@/ui/shell/rejected-changes';
import { Waiting } from '@/ui/shell/waiting';
import { Waking } from '@/ui/shell/waking';
import { bandText, gradeFigures } from '@/words/grade';
import { plural } from '@/words/plural';
import { conditionsOf } from '@/words/report';
import type { Place } from '../place';
import { PracticeLine } from './practice-line';

/** The frame round every screen of a lot: rail or bottom bar, the lot's head, what waits. */
export function LotFrame({ places, children }: { places: readonly Place[]; children: ReactNode }) {
  const { facts, away } = useLot();
  const path = usePathname();
  // Without a network the page is one shell under every address.
  const here = (away && typeof window !== 'undefined' ? window.location.pathname : path).split('/')[3];
  return (
    <Waking>
      <div className="flex h-dvh flex-col-reverse overflow-hidden lg:flex-row">
        <nav
          aria-label="Places"
          className="z-20 flex shrink-0 justify-between border-t border-line bg-card lg:w-[76px] lg:flex-col lg:justify-start lg:gap-1 lg:border-t-0 lg:border-r lg:py-2"
        >
          <Link href="/yard" className="hidden justify-center py-2 lg:flex" aria-label="Farvin: Yard">
            <FarvinMark />
          </Link>
          <span className="hidden lg:grid">
            <RailLink href="/yard" name="Yard" here={false} Icon={Warehouse} />
          </span>
          {places.map(({ slug, name, Icon }) => (
            <RailLink key={slug} href={`/lots/${facts.lot.id}/${slug}`} name={name} here={here === slug} Icon={Icon} />
          ))}
        </nav>
        <div className="flex min-h-0 min-w-0 flex-1 flex-col">
          <InHand />
          <LotHead />
          <PracticeLine />
          <UnfitTables />
          <Withheld />
          <NewsLine />
          <RejectedChanges />
          <div className="flex min-h-0 flex-1 flex-col">{children}</div>
        </div>
      </div>
    </Waking>
  );
}

function RailLink({ href, name, here, Icon }: { href: string; name: string; here: boolean; Icon: typeof Warehouse }) {
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
  const { facts } = useLot();
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
  const { facts } = useLot();
  if (!facts.unfit || facts.unfit.length === 0) return null;
  return (
    <p role="alert" className="border-b-2 border-pin bg-card px-4 py-2 text-sm font-semibold">
      Your house’s own table of {facts.unfit.join(' and ')} does not fit this program: the figures rest on the shipped
      one. Nothing can be sealed until a manager keeps it anew.
    </p>
  );
}

/** Remembers on this device which lot is open, for pictures that come from the camera's own app. */
function InHand() {
  const { facts, mayEdit } = useLot();
  const { id, myId, lot } = facts;
  useEffect(() => {
    if (mayEdit) takeInHand({ lotId: lot.id, inspection: id, number: lot.number, title: lot.title, me: myId });
  }, [mayEdit, id, myId, lot.id, lot.number, lot.title]);
  return null;
}

function LotHead() {
  const { facts } = useLot();
  const { car } = useCar();
  const visits = useRecords('visit');
  const keeper = useJudged((j) => j.grade?.whole[0]);
  const seen = useJudged((j) => j.judgement?.coverage.whole.seen ?? 0);
  const visit = visits[visits.length - 1]?.body;
  const where = visit
    ? [visits.length > 1 ? `visit ${visits.length}` : '', ...conditionsOf(visit)]
    : ['no visit stated yet'];
  const state =
    facts.state === 'sealed'
      ? `sealed, revision ${facts.revision}`
      : facts.revision > 1
        ? `revision ${facts.revision}, ${facts.state}`
        : facts.state;
  return (
    <header className="flex shrink-0 items-center gap-3 border-b border-line bg-card px-3 py-2 sm:px-4">
      <Link
        href="/yard"
        aria-label={`Lot ${facts.lot.number}, back to the Yard`}
        title="Back to the Yard"
        className="flex h-11 min-w-11 shrink-0 items-center rounded-cut border-2 border-ink pr-1.5 font-head text-xl font-bold hover:bg-wash lg:justify-center lg:px-1"
      >
        <ChevronLeft size={18} className="-mr-0.5 lg:hidden" aria-hidden="true" />
        {facts.lot.number}
      </Link>
      <div className="min-w-0 flex-1">
        <h1 className="truncate text-base font-bold sm:text-xl">
          {car?.make && car.model ? `${car.make} ${car.model}${car.year ? `, ${car.year}` : ''}` : facts.lot.title}
        </h1>
        <p className="truncate text-xs text-soft sm:text-sm">{[state, ...where].filter(Boolean).join(' · ')}</p>
      </div>
      {/* Before the grade, so that what comes and goes pushes nothing aside. */}
      <Waiting />
      {keeper && (
        <Link
          href={`/lots/${facts.lot.id}/grade`}
          className="hidden w-52 shrink-0 rounded-cut px-2 py-1 hover:bg-wash md:block"
          title="Grade as it stands, keeper lens"
        >
          <span className="flex items-baseline justify-between text-xs">
            <span className="figure font-semibold">{gradeFigures(keeper.grade)}</span>
            <span className="font-semibold">{bandText(keeper.band, seen, facts.tables.grade.bandFromSeen)}</span>
          </span>
          <IntervalBand
            id="head"
            grade={keeper.grade}
            limits={facts.tables.grade.bands.map((b) => b.from).filter((f) => f > 0)}
            label="Grade as it stands under the keeper lens"
            height={14}
            capped={keeper.capped}
          />
          <span className="block text-center text-xs text-soft">keeper lens · {Math.round(seen * 100)} % seen</span>
        </Link>
      )}
      <ReaderMenu compact />
    </header>
  );
}
