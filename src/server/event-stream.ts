import type { InspectionHead } from '@/data/inspections';
import { logOf } from '@/data/log';
import { lineText, type News, watch } from './inspection-feed';
import { type StreamGiven, sse } from './sse';

const PAGE = 200;

interface Given extends StreamGiven {
  readonly head: InspectionHead;
  readonly after: number;
}

/** Changes of an inspection as server-sent events, from a log number on; each event's id is the log's number. */
export function eventStream({ head, after: from, ...given }: Given): ReadableStream<Uint8Array> {
  const { db, live, actor } = given;
  return sse(given, ({ say, close, over }) => {
    let after = from;
    let caughtUp = false;
    const held: News[] = [];
    const pass = (news: readonly News[]) => {
      for (const { seq, text } of news) {
        if (seq !== null && seq <= after) continue;
        after = seq ?? after;
        say(text);
      }
    };
    const off = watch(db, live, actor, head, {
      take: (news) => (caughtUp ? pass(news) : held.push(...news)),
      lost: close,
    });
    const catchUp = async () => {
      for (let page = PAGE; page === PAGE && !over(); ) {
        const lines = await logOf(db, actor, head.id, { after, limit: PAGE });
        for (const line of lines) say(lineText(line));
        after = lines.at(-1)?.seq ?? after;
        page = lines.length;
      }
    };
    catchUp()
      .catch(close)
      .finally(() => {
        caughtUp = true;
        pass(held.splice(0));
      });
    return off;
  });
}
