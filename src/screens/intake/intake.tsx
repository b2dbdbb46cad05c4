'use client';

import { TriangleAlert } from 'lucide-react';
import { Link } from '@/ui/parts/link';
import { useInspection } from '@/ui/records/inspection';
import { STEP_CAUTIONS } from '@/words/cautions';
import type { PlaceProps } from '../place';
import { CarForm } from './car-form';
import { ClaimsForm } from './claims-form';
import { LotStanding, type Standing } from './lot-standing';
import { VisitsForm } from './visits-form';

/** What the car is, what its owner allows and says, and under what conditions it is looked at. */
export function Intake({ loaded }: PlaceProps) {
  const standing = loaded as Standing | null | undefined;
  const { facts, plan, mayEdit } = useInspection();
  return (
    <main className="flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-6xl items-start gap-5 p-4 lg:grid-cols-[1.25fr_1fr] lg:grid-rows-[auto_1fr]">
        {standing && (
          <div className="lg:col-start-2">
            <LotStanding standing={standing} />
          </div>
        )}
        <div className="lg:col-start-1 lg:row-span-2 lg:row-start-1">
          <CarForm />
        </div>
        <div className="grid gap-5 lg:col-start-2">
          <VisitsForm />
          <ClaimsForm />
          <section className="sheet grid gap-2 p-4">
            <h2 className="flex items-center gap-2 text-lg font-bold">
              <TriangleAlert size={20} aria-hidden="true" className="text-pin" /> Before you begin
            </h2>
            <dl className="grid gap-x-4 gap-y-1.5 text-sm sm:grid-cols-[9rem_1fr]">
              {STEP_CAUTIONS.map((c) => (
                <div key={c.step} className="contents">
                  <dt className="font-semibold">{c.step}</dt>
                  <dd>{c.says}</dd>
                </div>
              ))}
            </dl>
            <p className="text-sm text-soft">These remind. Training, local rules and licensed people decide.</p>
          </section>
          {plan && mayEdit && (
            <Link href={`/lots/${facts.lot.id}/walk`} className="btn btn-main">
              Start the walk
            </Link>
          )}
        </div>
      </div>
    </main>
  );
}
