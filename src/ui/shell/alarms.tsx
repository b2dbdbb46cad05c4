'use client';

import { TriangleAlert } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Alarm } from '@/core/yard/alarm';
import { zoneName } from '@/words/zones';
import { LotNumber } from '../parts/lot-number';
import { useWording } from '../preferences';
import { told } from '../told';
import { followAlarms } from './follow-alarms';

/** Tells a manager, wherever in the program, of lost structure that was found; until it is said that it was heard. */
export function Alarms() {
  const [alarms, setAlarms] = useState<readonly Alarm[]>([]);
  const [heard, setHeard] = useState<ReadonlySet<string>>(new Set());
  const wording = useWording();
  useEffect(() => followAlarms(setAlarms), []);
  const open = alarms.filter((a) => !heard.has(a.id));
  const [first] = open;
  if (!first) return null;
  const hear = async () => {
    setHeard(new Set([...heard, first.id]));
    const kept = await told(
      `/api/v1/alarms/${first.id}`,
      'DELETE',
      {},
      'Noted. It stays on the lot and in its report.',
    );
    if (!kept) setHeard((h) => new Set([...h].filter((id) => id !== first.id)));
  };
  return (
    <section
      role="alert"
      aria-label="Alarm"
      className="fixed inset-x-3 bottom-20 z-40 mx-auto grid max-w-xl gap-2 rounded-cut border-2 border-pin bg-card p-4 shadow-lg lg:bottom-4"
    >
      <h2 className="flex items-center gap-2 text-lg font-bold">
        <TriangleAlert className="shrink-0 text-pin" aria-hidden="true" />
        Structural loss found
        {open.length > 1 && <span className="ml-auto text-sm font-normal text-soft">and {open.length - 1} more</span>}
      </h2>
      <div className="flex items-center gap-3">
        <LotNumber n={first.number} />
        <p className="min-w-0">
          <span className="block truncate font-semibold">{first.title}</span>
          <span className="first-letter:uppercase">
            {[zoneName(first.zone, wording), first.where, first.keeper && `by ${first.keeper}`]
              .filter(Boolean)
              .join(', ')}
          </span>
        </p>
      </div>
      <p className="text-sm">
        Not to be driven, not to be lifted by it. Mounts of steering, springs, brakes and belts are for a qualified
        repairer.
      </p>
      <div className="flex flex-wrap gap-2">
        <a className="btn btn-main" href={`/lots/${first.lotId}/evidence/metal`}>
          Look at it
        </a>
        <button type="button" className="btn" onClick={() => void hear()}>
          I have it
        </button>
      </div>
    </section>
  );
}
