'use client';

import { useMemo } from 'react';
import { roleMay, seesOwnOnly } from '@/core/people/roles';
import { writeListing } from '@/report/listing';
import { mattersOf } from '@/report/matters-of';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { ListingDesk } from './listing-desk';
import { useListing } from './use-listing';

/** The words with which the car is offered: written from the records, edited, held against what was found. */
export function ListingPlace() {
  const { facts, judgement, grade, car, away } = useInspection();
  const wording = useWording(car?.steering);
  const kept = useListing(facts.lot.id);
  const written = useMemo(
    () =>
      judgement && grade
        ? writeListing({
            judgement,
            grade,
            matters: mattersOf({ judgement, grade, tables: facts.tables }),
            bandFromSeen: facts.tables.grade.bandFromSeen,
            wording,
          })
        : null,
    [judgement, grade, facts.tables, wording],
  );
  if (seesOwnOnly(facts.role)) return <p className="p-6">The listing is the house’s to write.</p>;
  if (!judgement || !written) return <NoPlanYet says="No listing without a car: first say what it is." />;
  if (kept.standing === 'loading') return <p className="p-6">Loading the listing…</p>;
  if (kept.standing === 'away' || away)
    return <p className="p-6">The listing is kept on the server: it opens here once you are connected.</p>;
  return (
    <ListingDesk
      key={kept.at}
      judgement={judgement}
      written={written}
      kept={kept}
      mayEdit={roleMay(facts.role, 'publish')}
      mayAllow={roleMay(facts.role, 'manage')}
      lot={facts.lot}
    />
  );
}
