'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { askServer } from '@/ui/ask-server';
import { useLot } from '@/ui/records/inspection';
import { useHere } from '@/ui/use-here';
import { plural } from '@/words/plural';

const MINUTE_MS = 60_000;

/** Minutes left of those there are, whole; negative once they are over. */
function useMinutesLeft(startedAt: string, minutes: number | null): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    setNow(Date.now());
    const clock = setInterval(() => setNow(Date.now()), MINUTE_MS / 6);
    return () => clearInterval(clock);
  }, []);
  return now === null || minutes === null ? null : Math.ceil(minutes - (now - Date.parse(startedAt)) / MINUTE_MS);
}

type Store = ReturnType<typeof useLot>['store'];
const LONGEST_WAIT_MS = 10_000;

/** Whether all that was entered here came to the server, waited for a moment. */
function allSent(store: Store): Promise<boolean> {
  void store.flush();
  if (store.snapshot().waiting === 0) return Promise.resolve(true);
  return new Promise((done) => {
    const end = (sent: boolean) => {
      clearTimeout(late);
      stop();
      done(sent);
    };
    const late = setTimeout(() => end(false), LONGEST_WAIT_MS);
    const stop = store.subscribe(() => {
      if (store.snapshot().waiting === 0) end(true);
    });
  });
}

/** On every screen of a practice lot: that it is practice, the time, and the way to the truth. */
export function PracticeLine() {
  const { facts } = useLot();
  return facts.practice ? <Line practice={facts.practice} lotId={facts.lot.id} /> : null;
}

function Line({
  practice,
  lotId,
}: {
  practice: NonNullable<ReturnType<typeof useLot>['facts']['practice']>;
  lotId: string;
}) {
  const router = useRouter();
  const { store } = useLot();
  const left = useMinutesLeft(practice.startedAt, practice.minutes);
  const here = useHere();
  const [busy, setBusy] = useState(false);
  const close = async () => {
    setBusy(true);
    // What was entered last is on the server first.
    if (!(await allSent(store))) {
      setBusy(false);
      toast('Something entered here is not with the server yet. It is kept on this device; try again in a moment.');
      return;
    }
    const answer = await askServer(`/api/v1/lots/${lotId}/practice/close`, 'POST');
    if (answer.ok || answer.reason === 'closed') router.push(`/practice/${lotId}`);
    else {
      setBusy(false);
      toast(answer.message);
    }
  };
  const time =
    left === null ? '' : left >= 0 ? `${plural(left, 'minute')} left` : `${plural(-left, 'minute')} over the time`;
  return (
    <section
      aria-label="Practice"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 bg-ink px-4 py-1.5 text-sm text-paper"
    >
      <strong>{practice.kind === 'car' ? `Practice car ${practice.course}` : 'Second look'}</strong>
      <span className="min-w-0 flex-1" role="timer">
        {practice.closedAt
          ? 'closed'
          : practice.kind === 'car'
            ? time
            : 'The first look is shown once this one is closed. Nothing of it goes out.'}
      </span>
      {practice.closedAt ? (
        <a href={`/practice/${lotId}`} className="btn btn-small">
          What came of it
        </a>
      ) : (
        <button type="button" className="btn btn-small" disabled={busy || !here} onClick={() => void close()}>
          {practice.kind === 'car' ? 'See the truth' : 'Close and compare'}
        </button>
      )}
    </section>
  );
}
