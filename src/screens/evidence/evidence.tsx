'use client';

import type { ReactNode } from 'react';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { fullestView, summaryOfAspects } from '@/core/findings/by-aspect';
import { severity } from '@/core/findings/loss';
import type { Judgement } from '@/core/judge/judge';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { aspectLooks, findingPins } from '@/ui/body-plan/zone-looks';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { PinHead } from '@/ui/glyphs';
import { Link } from '@/ui/parts/link';
import { useUnit, useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot } from '@/ui/records/inspection';
import { plural } from '@/words/plural';
import { recordSays } from '@/words/record';
import { zoneName } from '@/words/zones';
import type { Chapter } from '../place';
import { Tab } from '../place-tabs';

/** Tabs of the chapters; below them the open one, or what each of them holds. */
export function EvidenceFrame({
  chapters,
  open,
  children,
}: {
  chapters: readonly Chapter[];
  open: Chapter | null;
  children: ReactNode;
}) {
  const { facts } = useLot();
  const base = `/lots/${facts.lot.id}/evidence`;
  return (
    <>
      <nav
        aria-label="Chapters"
        className="flex shrink-0 gap-x-1 overflow-x-auto border-b border-line bg-card px-2 lg:px-3"
      >
        <Tab href={base} name="All" here={open === null} />
        {chapters.map(({ slug, name }) => (
          <Tab key={slug} href={`${base}/${slug}`} name={name} here={open?.slug === slug} />
        ))}
      </nav>
      {open ? children : <Summary chapters={chapters} base={base} />}
    </>
  );
}

/** Each chapter with what it holds, what speaks loudest in it, and what nobody looked at. */
function Summary({ chapters, base }: { chapters: readonly Chapter[]; base: string }) {
  const judgement = useJudged((j) => j.judgement);
  if (!judgement) return <NoPlanYet />;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto p-3 lg:p-5">
      <ul className="mx-auto grid max-w-[1500px] gap-3 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
        {chapters.map((chapter) => (
          <li key={chapter.slug}>
            <Card chapter={chapter} judgement={judgement} href={`${base}/${chapter.slug}`} />
          </li>
        ))}
      </ul>
    </main>
  );
}

function Card({ chapter, judgement, href }: { chapter: Chapter; judgement: Judgement; href: string }) {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const { name, Icon, aspects } = chapter;
  const { plan } = judgement;
  const says = chapter.says(judgement, wording, unit);
  const summary = summaryOfAspects(judgement.coverage, aspects);
  const { findings, cells, blocked } = summary;
  const seen = summary.seen + (says.lines?.seen ?? 0);
  const all = cells.length + (says.lines?.of ?? 0);
  const [worst] = findings;
  const found = findings.length > 0 ? plural(findings.length, 'finding') : cells.length > 0 ? 'no finding' : '';
  return (
    <Link href={href} className="sheet grid h-full content-start gap-1.5 p-3 hover:border-ink">
      <span className="flex items-center gap-2">
        <Icon size={18} aria-hidden="true" />
        <h2 className="min-w-0 flex-1 font-head text-lg leading-tight font-bold">{name}</h2>
        {all > 0 && (
          <span className="figure text-xs text-soft">
            {seen === 0 ? 'not seen' : `${Math.round((100 * seen) / all)} % seen`}
          </span>
        )}
      </span>
      {cells.length > 0 && (
        <span aria-hidden="true" className="block bg-paper">
          <PlanDrawing
            plan={plan}
            view={fullestView(summary)}
            looks={aspectLooks(plan, cells)}
            pins={findingPins(findings).map((p) => ({ ...p, large: true }))}
            nameOf={() => ''}
            title=""
            className="pointer-events-none h-32 w-full"
          />
        </span>
      )}
      {chapter.Preview && <chapter.Preview />}
      {says.cannot && <span className="text-sm font-semibold">{says.cannot}</span>}
      {says.loudest && <span className="text-sm font-semibold">{says.loudest}</span>}
      {worst && (
        <span className="flex items-start gap-2 text-sm">
          <PinHead family={flawById(worst.body.flaw).family} severity={severity(worst.body)} size={18} />
          <span>
            <strong>{zoneName(worst.body.zone, wording)}</strong> {recordSays(worst, wording)}
          </span>
        </span>
      )}
      <span className="text-sm text-soft">
        {[found, says.holds, blocked > 0 ? `${plural(blocked, 'place')} could not be looked at` : '']
          .filter(Boolean)
          .join(', ')}
      </span>
    </Link>
  );
}
