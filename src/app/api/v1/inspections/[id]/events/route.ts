import { z } from 'zod';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { logOf } from '@/data/log';
import { anyone, notFound, route } from '@/server/api';
import { live } from '@/server/live';

const PAGE = 200;
const BEAT_MS = 20_000;
/** A stream ends by itself now and then, so that a revoked session or a changed role takes hold. */
const LONGEST_MS = 10 * 60_000;
const sequence = z.coerce.number().int().nonnegative().catch(0);

/**
 * Changes of an inspection as server-sent events, from `?after=` or the Last-Event-ID on; each event's id is the log's
 * number. `state` tells that the inspection was reviewed or sealed.
 */
export const GET = route<{ id: string }>(anyone, async ({ actor, request, params }) => {
  const head = await inspectionHead(db(), actor, params.id);
  if (!head) return notFound();
  let after = sequence.parse(
    request.headers.get('last-event-id') ?? new URL(request.url).searchParams.get('after') ?? 0,
  );
  let state = head.state;
  const text = new TextEncoder();
  let close = () => {};
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      let busy = false;
      let again = false;
      let open = true;
      const say = (line: string) => open && controller.enqueue(text.encode(line));
      const news = async () => {
        if (busy) {
          again = true;
          return;
        }
        busy = true;
        try {
          do {
            again = false;
            const lines = await logOf(db(), actor, params.id, { after, limit: PAGE });
            for (const { before: _before, hash: _hash, ...line } of lines)
              say(`id: ${line.seq}\nevent: change\ndata: ${JSON.stringify(line)}\n\n`);
            after = lines.at(-1)?.seq ?? after;
            again ||= lines.length === PAGE;
            const now = await inspectionHead(db(), actor, params.id);
            if (now && now.state !== state) {
              state = now.state;
              say(`event: state\ndata: ${JSON.stringify({ state })}\n\n`);
            }
          } while (again && open);
        } catch {
          close(); // the page comes again by itself and catches up by number
        } finally {
          busy = false;
        }
      };
      const off = live().on(params.id, () => void news());
      const beat = setInterval(() => say(': here\n\n'), BEAT_MS);
      const longest = setTimeout(() => close(), LONGEST_MS);
      close = () => {
        if (!open) return;
        open = false;
        off();
        clearInterval(beat);
        clearTimeout(longest);
        try {
          controller.close();
        } catch {}
      };
      say('retry: 1500\n\n');
      void news();
    },
    cancel: () => close(),
  });
  request.signal.addEventListener('abort', () => close());
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
});
