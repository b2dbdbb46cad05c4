import { openAlarms } from '@/data/alarms';
import { houseOf } from './live';
import { type StreamGiven, sse } from './sse';

/** How long news of a house are gathered before the alarms are asked for again, ms: many entries make one question. */
const GATHER_MS = 300;

/** The open alarms of a manager as server-sent events: at once, and whenever they are others than were said last. */
export function alarmStream(given: StreamGiven): ReadableStream<Uint8Array> {
  const { db, live, actor } = given;
  return sse(given, ({ say, close, over }) => {
    let said = '';
    let waiting: ReturnType<typeof setTimeout> | null = null;
    const tell = async () => {
      const now = JSON.stringify(await openAlarms(db, actor));
      if (now === said || over()) return;
      said = now;
      say(`event: alarms\ndata: ${now}\n\n`);
    };
    const soon = () => {
      waiting ??= setTimeout(() => {
        waiting = null;
        tell().catch(close);
      }, GATHER_MS);
    };
    const off = live.on(houseOf(actor.orgId), soon);
    tell().catch(close);
    return () => {
      off();
      if (waiting) clearTimeout(waiting);
    };
  });
}
