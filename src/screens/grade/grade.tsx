'use client';

import { useMemo, useState } from 'react';
import type { View } from '@/core/body/zone';
import { lensDifference } from '@/core/grade/lens-difference';
import type { Lens } from '@/core/grade/tables';
import { coverageLooks, findingPins } from '@/ui/body-plan/zone-looks';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { usePreferences } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { endingText, GATE_WORDS, lensDifferenceText, rankIsSaid } from '@/words/grade';
import { AxesLost } from './axes-lost';
import { Lenses } from './lenses';
import { Repairs, UnseenLooks } from './movers';
import { Presents } from './presents';
import { WhereItIs } from './where-it-is';

/** Where on the car one of the screen's figures comes from. */
export type ShowPlaces = (zones: readonly string[]) => void;

/** Nine axes and what each lost, the whole under four lenses, and what would move it; what is touched shows on the plan. */
export function Grade() {
  const { facts, plan, grade, judgement } = useInspection();
  const { words } = usePreferences().preferences;
  const [lens, setLens] = useState<Lens>('keeper');
  const [view, setView] = useState<View>('outside');
  const [places, setPlaces] = useState<readonly string[]>([]);
  const coverage = judgement?.coverage;
  const looks = useMemo(() => (plan && coverage ? coverageLooks(plan, coverage) : new Map()), [plan, coverage]);
  const pins = useMemo(() => findingPins(judgement?.records ?? []), [judgement]);
  if (!plan || !grade || !judgement) return <NoPlanYet says="No grade without a plan: first say what car this is." />;
  const show: ShowPlaces = (zones) => {
    setPlaces(zones);
    const first = zones[0] && plan.zones.get(zones[0]);
    if (first && !zones.some((z) => plan.zones.get(z)?.view === view)) setView(first.view);
  };
  const why = lensDifferenceText(lensDifference(grade.whole, facts.tables.grade));
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-6xl items-start gap-5 p-4 lg:grid-cols-[1.15fr_1fr]">
        <section className="grid gap-4" aria-label="Grade">
          {(grade.endings.length > 0 || grade.gates.length > 0) && (
            <ul className="grid gap-1">
              {grade.endings.map((e) => (
                <li key={e.need} className="border-l-4 border-pin bg-card px-3 py-2 font-semibold">
                  {endingText(e.need, words)}
                </li>
              ))}
              {grade.gates.map((g) => (
                <li key={g} className="border-l-4 border-pin bg-card px-3 py-2 text-sm">
                  {GATE_WORDS[g]}
                </li>
              ))}
            </ul>
          )}
          <Lenses grade={grade} coverage={judgement.coverage.whole} lens={lens} choose={setLens} why={why} />
          <AxesLost grade={grade} seen={judgement.coverage.whole.seen} show={show} />
        </section>
        <section className="grid gap-4" aria-label="What moves it">
          <WhereItIs
            plan={plan}
            view={view}
            setView={setView}
            looks={looks}
            pins={pins}
            places={places}
            byView={judgement.coverage.byView}
          />
          <Presents
            presents={grade.presents}
            seen={rankIsSaid(judgement.coverage.byView.outside.seen, facts.tables.grade.bandFromSeen)}
            show={show}
          />
          <UnseenLooks movers={grade.unseenMovers} show={show} />
          <Repairs movers={grade.repairMovers} lens={lens} show={show} />
        </section>
      </div>
    </main>
  );
}
