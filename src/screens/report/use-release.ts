import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useLot } from '@/ui/records/inspection';
import { told } from '@/ui/told';

/** What is asked before it is done, since others see it. */
export type Asking = 'seal' | 'revision' | 'give-up' | null;

/** How a revision is reviewed, sealed, begun and given up; each says in a short message what became of it. */
export function useRelease() {
  const { facts } = useLot();
  const router = useRouter();
  const [asking, setAsking] = useState<Asking>(null);
  const [busy, setBusy] = useState(false);
  const act = async (what: string, done: string, body: object = {}, method: 'POST' | 'DELETE' = 'POST') => {
    setBusy(true);
    const ok = await told(`/api/v1/inspections/${facts.id}/${what}`, method, body, done);
    setBusy(false);
    setAsking(null);
    if (ok) router.refresh();
  };
  return {
    asking,
    ask: setAsking,
    busy,
    mark: (state: 'draft' | 'reviewed') =>
      act('state', state === 'reviewed' ? 'Marked as reviewed.' : 'Back to draft.', { state }),
    seal: () => act('seal', 'The report is sealed.'),
    begin: (reason: string) => act('revision', 'A new revision is open; entries can be made again.', { reason }),
    giveUp: () => act('revision', 'The revision is given up.', {}, 'DELETE'),
  };
}
export type Release = ReturnType<typeof useRelease>;
