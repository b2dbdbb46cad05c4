import type { InspectionStore, News } from './inspection-store';

export type LiveState = 'live' | 'polling' | 'away';

interface Watcher {
  readonly store: InspectionStore;
  readonly onNews: (news: readonly News[]) => void;
  readonly onState: (state: 'draft' | 'reviewed' | 'sealed') => void;
  readonly onLive: (live: LiveState) => void;
  /** The session is over. */
  readonly onSignedOut: () => void;
}

const POLL_MS = 1500;
/** After so many answers in a row the stream is tried again: the network is back. */
const POLLS_BEFORE_STREAM = 8;

/**
 * Follows what others change on an inspection: server-sent events from the last number seen on, and asking every few
 * seconds where a proxy does not let events through. Returns how to stop.
 */
export function follow(inspection: string, { store, onNews, onState, onLive, onSignedOut }: Watcher): () => void {
  let stopped = false;
  let source: EventSource | null = null;
  let poll: ReturnType<typeof setTimeout> | undefined;
  let failures = 0;
  let polls = 0;

  const take = (lines: readonly News[]) => {
    const fresh = store.receive(lines);
    if (fresh.length > 0) onNews(fresh);
  };
  const ask = async () => {
    const url = `/api/v1/inspections/${inspection}/log?after=${store.lastSeq}`;
    const answer = await fetch(url)
      .then((r) => {
        if (r.status === 401) onSignedOut();
        return r.ok ? r.json() : null;
      })
      .catch(() => null);
    if (stopped) return;
    if (answer) {
      take(answer.lines);
      onState(answer.state);
    }
    onLive(answer ? 'polling' : 'away');
    polls = answer ? polls + 1 : 0;
    if (polls >= POLLS_BEFORE_STREAM && typeof EventSource !== 'undefined') {
      polls = 0;
      failures = 0;
      listen();
      return;
    }
    poll = setTimeout(() => void ask(), POLL_MS);
  };
  const listen = () => {
    source = new EventSource(`/api/v1/inspections/${inspection}/events?after=${store.lastSeq}`);
    source.onopen = () => {
      failures = 0;
      onLive('live');
    };
    source.addEventListener('change', (e) => take([JSON.parse(e.data)]));
    source.addEventListener('state', (e) => onState(JSON.parse(e.data).state));
    source.onerror = () => {
      failures++;
      onLive('away');
      // A closed stream, or one that never opens, is not coming back by itself.
      if (source?.readyState === EventSource.CLOSED || failures >= 4) {
        source?.close();
        source = null;
        void ask();
      }
    };
  };
  if (typeof EventSource === 'undefined') void ask();
  else listen();
  return () => {
    stopped = true;
    source?.close();
    clearTimeout(poll);
  };
}
