import pLimit from 'p-limit';

/**
 * Requests of one caller that are worked on at a time; the next wait their turn. A browser asks for six at once over one
 * connection each; whoever sends a hundred waits for himself, and everybody else gets in between.
 */
const AT_ONCE = 12;

const lanes = new Map<string, ReturnType<typeof pLimit>>();

/** Runs work in its caller's lane. */
export async function inLane<T>(caller: string, work: () => Promise<T>): Promise<T> {
  const lane = lanes.get(caller) ?? pLimit(AT_ONCE);
  lanes.set(caller, lane);
  try {
    return await lane(work);
  } finally {
    if (lane.activeCount === 0 && lane.pendingCount === 0 && lanes.get(caller) === lane) lanes.delete(caller);
  }
}

/** Who calls, before anything is looked up: by session cookie, else by address. */
export const callerOf = (headers: Headers): string =>
  /(?:^|; )[^=]*farvin\.session_token=([^;]{16,})/.exec(headers.get('cookie') ?? '')?.[1] ??
  headers.get('x-forwarded-for') ??
  'unknown';
