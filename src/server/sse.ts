import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { sessionOpen } from '@/data/sign-in-events';
import { type Live, sessionsOf } from './live';

const BEAT_MS = 20_000;
/** A stream ends by itself now and then, so that a changed role takes hold. */
const LONGEST_MS = 10 * 60_000;
/** Pieces of news that may wait for a slow reader; one that is slower is cut, comes again and catches up by number. */
const MOST_WAITING = 1000;

/** How the open streams of each account are ended, the oldest first, by what they tell. */
const open = new Map<string, Set<() => void>>();
const keyOf = (userId: string, tells: StreamGiven['tells']) => `${tells} ${userId}`;

/** Streams of an account that are open in this server, of those that tell the changes of an inspection. */
export const openStreams = (userId: string) => open.get(keyOf(userId, 'changes'))?.size ?? 0;

/** Ends the oldest streams of an account until fewer than so many are open: a page that was left may not have let go yet. */
function makeRoom(key: string, most: number): void {
  const own = [...(open.get(key) ?? [])];
  for (const end of own.slice(0, Math.max(0, own.length - most + 1))) end();
}

export interface StreamGiven {
  readonly db: Db;
  readonly live: Live;
  readonly actor: Actor;
  readonly tells: 'changes' | 'alarms';
  /** So many of them are open at once; one more ends the oldest. Absent: whoever asks counts. */
  readonly most?: number;
  /** The session that asked: when it ends, the stream does. */
  readonly session: string;
  /** Told when the stream is over, whoever ended it. */
  readonly signal: AbortSignal;
}

/** What a stream's source is handed: how to say something, how to end, and whether it has ended. */
export interface StreamHand {
  say(text: string): void;
  close(): void;
  over(): boolean;
}

/**
 * A stream of server-sent events that lives as long as its reader, its session and a few minutes. `begin` says what is to
 * be said and gives back how it is stopped.
 */
export function sse(
  { db, live, actor, session, signal, tells, most }: StreamGiven,
  begin: (hand: StreamHand) => () => void,
): ReadableStream<Uint8Array> {
  const text = new TextEncoder();
  let close = () => {};
  return new ReadableStream<Uint8Array>(
    {
      start(controller) {
        let over = false;
        const key = keyOf(actor.userId, tells);
        if (most) makeRoom(key, most);
        const end = () => close();
        open.set(key, (open.get(key) ?? new Set()).add(end));
        const say = (line: string) => {
          if (over) return;
          if ((controller.desiredSize ?? 0) <= 0) close();
          else controller.enqueue(text.encode(line));
        };
        const offSessions = live.on(sessionsOf(actor.userId), () => {
          sessionOpen(db, session, new Date())
            .then((still) => still || close())
            .catch(() => close());
        });
        const beat = setInterval(() => say(': here\n\n'), BEAT_MS);
        const longest = setTimeout(() => close(), LONGEST_MS);
        let off = () => {};
        close = () => {
          if (over) return;
          over = true;
          off();
          offSessions();
          clearInterval(beat);
          clearTimeout(longest);
          open.get(key)?.delete(end);
          if (open.get(key)?.size === 0) open.delete(key);
          try {
            controller.close();
          } catch {}
        };
        signal.addEventListener('abort', () => close());
        say('retry: 1500\n\n');
        off = begin({ say, close: () => close(), over: () => over });
        if (signal.aborted) close();
      },
      cancel: () => close(),
    },
    { highWaterMark: MOST_WAITING },
  );
}

/** The answer that carries such a stream. */
export const sseResponse = (stream: ReadableStream<Uint8Array>) =>
  new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
