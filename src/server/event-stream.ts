import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import type { InspectionHead } from '@/data/inspections';
import { logOf } from '@/data/log';
import { sessionOpen } from '@/data/sign-in-events';
import { lineText, type News, watch } from './inspection-feed';
import { type Live, sessionsOf } from './live';

const PAGE = 200;
const BEAT_MS = 20_000;
/** A stream ends by itself now and then, so that a changed role takes hold. */
const LONGEST_MS = 10 * 60_000;
/** Pieces of news that may wait for a slow reader; one that is slower is cut, comes again and catches up by number. */
const MOST_WAITING = 1000;

const open = new Map<string, number>();

/** Streams of an account that are open in this server. */
export const openStreams = (userId: string) => open.get(userId) ?? 0;

interface Given {
  readonly db: Db;
  readonly live: Live;
  readonly actor: Actor;
  /** The session that asked: when it ends, the stream does. */
  readonly session: string;
  readonly head: InspectionHead;
  readonly after: number;
  /** Told when the stream is over, whoever ended it. */
  readonly signal: AbortSignal;
}

/** Changes of an inspection as server-sent events, from a log number on; each event's id is the log's number. */
export function eventStream({
  db,
  live,
  actor,
  session,
  head,
  after: from,
  signal,
}: Given): ReadableStream<Uint8Array> {
  const text = new TextEncoder();
  let close = () => {};
  return new ReadableStream<Uint8Array>(
    {
      async start(controller) {
        let over = false;
        let after = from;
        let caughtUp = false;
        open.set(actor.userId, openStreams(actor.userId) + 1);
        const say = (line: string) => {
          if (over) return;
          if ((controller.desiredSize ?? 0) <= 0) close();
          else controller.enqueue(text.encode(line));
        };
        const held: News[] = [];
        const pass = (news: readonly News[]) => {
          for (const { seq, text: line } of news) {
            if (seq !== null && seq <= after) continue;
            after = seq ?? after;
            say(line);
          }
        };
        const off = watch(db, live, actor, head, {
          take: (news) => (caughtUp ? pass(news) : held.push(...news)),
          lost: () => close(),
        });
        const offSessions = live.on(sessionsOf(actor.userId), () => {
          sessionOpen(db, session, new Date())
            .then((still) => still || close())
            .catch(() => close());
        });
        const beat = setInterval(() => say(': here\n\n'), BEAT_MS);
        const longest = setTimeout(() => close(), LONGEST_MS);
        close = () => {
          if (over) return;
          over = true;
          off();
          offSessions();
          clearInterval(beat);
          clearTimeout(longest);
          const left = openStreams(actor.userId) - 1;
          if (left > 0) open.set(actor.userId, left);
          else open.delete(actor.userId);
          try {
            controller.close();
          } catch {}
        };
        signal.addEventListener('abort', () => close());
        if (signal.aborted) close();
        say('retry: 1500\n\n');
        try {
          for (let page = PAGE; page === PAGE && !over; ) {
            const lines = await logOf(db, actor, head.id, { after, limit: PAGE });
            for (const line of lines) say(lineText(line));
            after = lines.at(-1)?.seq ?? after;
            page = lines.length;
          }
        } catch {
          close();
        }
        caughtUp = true;
        pass(held.splice(0));
      },
      cancel: () => close(),
    },
    { highWaterMark: MOST_WAITING },
  );
}
