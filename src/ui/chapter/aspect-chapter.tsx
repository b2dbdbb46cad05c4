'use client';

import { type ReactNode, useMemo, useState } from 'react';
import type { Aspect, View } from '@/core/body/zone';
import { fullestView, summaryOfAspects } from '@/core/findings/by-aspect';
import { term, VIEW_WORDS } from '@/words/terms';
import { sideWord } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { DotsOver, PlanDrawing } from '../body-plan/plan-drawing';
import type { DotsProps } from '../body-plan/plan-types';
import { PlanZoom } from '../body-plan/plan-zoom';
import { aspectLooks, findingPins } from '../body-plan/zone-looks';
import { usePreferences, useWording } from '../preferences';
import { useCar, useJudged } from '../records/inspection';
import { AspectFindings } from './aspect-findings';
import { NoPlanYet } from './no-plan-yet';

const NO_VIEWS: readonly View[] = [];

/**
 * A chapter in its first form: the plan by what was looked at of its aspects, the findings worst first, and what nobody
 * looked at; whatever else it holds beside it.
 */
export function AspectChapter({
  title,
  aspects,
  dots,
  legend,
  also = NO_VIEWS,
  children,
}: {
  title: string;
  aspects: readonly Aspect[];
  /** Marks on the plan beside the findings, and what they mean. */
  dots?: DotsProps['dots'];
  legend?: string;
  /** Parts of the car that it shows too, although none of its aspects is looked for there. */
  also?: readonly View[];
  children?: ReactNode;
}) {
  const { plan, car } = useCar();
  const coverage = useJudged((j) => j.judgement?.coverage ?? null);
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const summary = useMemo(() => (coverage ? summaryOfAspects(coverage, aspects) : null), [coverage, aspects]);
  const [picked, setPicked] = useState<View | null>(null);
  if (!plan || !coverage || !summary) return <NoPlanYet />;
  const view = picked ?? fullestView(summary);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[minmax(0,1fr)_420px] lg:overflow-hidden">
      <div className="flex min-h-0 flex-col">
        <div className="flex flex-wrap gap-1.5 p-2" role="group" aria-label="Part of the car">
          {[
            ...summary.views,
            ...also.filter((v) => !summary.views.some((s) => s.view === v)).map((v) => ({ view: v, findings: 0 })),
          ].map(({ view: v, findings }) => (
            <button
              key={v}
              type="button"
              className="btn btn-small"
              aria-pressed={v === view}
              onClick={() => setPicked(v)}
            >
              <span className="first-letter:uppercase">{term(VIEW_WORDS, v, words)}</span>
              {findings > 0 && <span className="figure text-xs">{findings}</span>}
            </button>
          ))}
        </div>
        <div className="relative h-[42dvh] shrink-0 overflow-hidden lg:h-auto lg:min-h-0 lg:flex-1">
          <PlanZoom key={view}>
            <div className="relative h-full w-full">
              <PlanDrawing
                plan={plan}
                view={view}
                looks={aspectLooks(plan, summary.cells)}
                pins={findingPins(summary.findings)}
                nameOf={(z) => zoneName(z, wording)}
                named={view !== 'outside'}
                title={`Plan by ${title}`}
                sideWords={{ left: `${sideWord('left', wording)} side`, right: `${sideWord('right', wording)} side` }}
                className="h-full w-full"
              />
              {dots && <DotsOver plan={plan} view={view} dots={dots} />}
            </div>
          </PlanZoom>
        </div>
        <p className="px-4 py-2 text-xs text-soft">
          Paper: nothing of this chapter is looked for there. Dashed: not looked at. Hatched: could not be looked at.
          {legend && ` ${legend}`}
        </p>
      </div>
      <aside className="min-h-0 border-line bg-card lg:overflow-y-auto lg:border-l" aria-label={title}>
        {children}
        <AspectFindings title={title} aspects={aspects} />
      </aside>
    </main>
  );
}
