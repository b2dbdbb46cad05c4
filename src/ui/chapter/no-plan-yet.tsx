'use client';

import { Link } from '@/ui/parts/link';
import { useLot } from '../records/inspection';

/** What a screen shows that needs the car's plan before the car is stated. */
export function NoPlanYet({ says = 'First say what car this is: its body style gives the plan.' }: { says?: string }) {
  const { facts } = useLot();
  return (
    <div className="grid flex-1 place-content-center gap-4 p-6 text-center">
      <p className="max-w-md text-lg">{says}</p>
      <Link className="btn btn-main" href={`/lots/${facts.lot.id}/intake`}>
        Go to intake
      </Link>
    </div>
  );
}
