import { type Actor, readsAlone } from '@/data/actor';
import type { Db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { type LogEntry, logOf } from '@/data/log';
import type { Live } from './live';

/** One piece of news, as text of the event stream. */
export interface News {
  /** Number of the log line; null for a change of state. */
  readonly seq: number | null;
  readonly text: string;
}

interface Reader {
  readonly take: (news: readonly News[]) => void;
  /** The news could not be read: the reader comes again by itself and catches up by number. */
  readonly lost: () => void;
}

const PAGE = 200;

export function lineText({ before: _before, hash: _hash, ...line }: LogEntry): string {
  return `id: ${line.seq}\nevent: change\ndata: ${JSON.stringify(line)}\n\n`;
}

/**
 * News of one inspection for all who watch it here: at each wake-up the log is read once, however many are watching.
 * What viewers may see is read for each viewer.
 */
class Feed {
  readonly readers = new Set<Reader>();
  private busy = false;
  private again = false;
  private readonly off: () => void;

  constructor(
    private readonly db: Db,
    private readonly actor: Actor,
    private readonly inspectionId: string,
    private after: number,
    private state: string,
    live: Live,
  ) {
    this.off = live.on(inspectionId, () => void this.news());
  }

  end(): void {
    this.off();
  }

  private tell(news: readonly News[]): void {
    for (const reader of [...this.readers]) reader.take(news);
  }

  private async news(): Promise<void> {
    if (this.busy) {
      this.again = true;
      return;
    }
    this.busy = true;
    try {
      do {
        this.again = false;
        const lines = await logOf(this.db, this.actor, this.inspectionId, { after: this.after, limit: PAGE });
        this.after = lines.at(-1)?.seq ?? this.after;
        this.again ||= lines.length === PAGE;
        const head = await inspectionHead(this.db, this.actor, this.inspectionId);
        const news: News[] = lines.map((line) => ({ seq: line.seq, text: lineText(line) }));
        if (head && head.state !== this.state) {
          this.state = head.state;
          news.push({ seq: null, text: `event: state\ndata: ${JSON.stringify({ state: head.state })}\n\n` });
        }
        if (news.length > 0) this.tell(news);
      } while (this.again && this.readers.size > 0);
    } catch {
      for (const reader of [...this.readers]) reader.lost();
    } finally {
      this.busy = false;
    }
  }
}

const feeds = new Map<string, Feed>();

/** Gives a reader the news of an inspection from a log number on, until the returned function is called. */
export function watch(
  db: Db,
  live: Live,
  actor: Actor,
  head: { readonly id: string; readonly seq: number; readonly state: string },
  reader: Reader,
): () => void {
  const key = `${head.id} ${readsAlone(actor) ? actor.userId : ''}`;
  const feed = feeds.get(key) ?? new Feed(db, actor, head.id, head.seq, head.state, live);
  feeds.set(key, feed);
  feed.readers.add(reader);
  return () => {
    feed.readers.delete(reader);
    if (feed.readers.size > 0 || feeds.get(key) !== feed) return;
    feeds.delete(key);
    feed.end();
  };
}
