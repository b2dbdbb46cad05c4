import postgres from 'postgres';
import { HOUSE_CHANNEL, LIVE_CHANNEL, SESSION_CHANNEL } from '@/data/live-channel';

type Listener = () => void;

/** What to listen to for news of an account's sessions: one ended. */
export const sessionsOf = (userId: string) => `sessions of ${userId}`;
/** What to listen to for news of a house: its sales, lots, inspections, people, lent lots or tables. */
export const houseOf = (orgId: string) => `house ${orgId}`;
const RETRY_MS = [500, 1000, 2000, 5000] as const;

/**
 * Tells this server's open pages of changes taken by any server: one LISTEN connection for the process, opened at the
 * first listener. The library listens again by itself after the connection broke; what was missed meanwhile is caught
 * up by sequence number, so after every (new) listening all are woken once.
 */
export class Live {
  constructor(private readonly url: () => string = () => process.env.DATABASE_URL ?? '') {}
  private readonly listeners = new Map<string, Set<Listener>>();
  private started = false;
  private tries = 0;
  private end: () => Promise<void> = async () => {};

  private start(): void {
    if (this.started) return;
    this.started = true;
    const sql = postgres(this.url(), { max: 1, onnotice: () => {} });
    this.end = () => sql.end({ timeout: 1 });
    Promise.all([
      sql.listen(SESSION_CHANNEL, (userId) => this.wake(sessionsOf(userId))),
      sql.listen(HOUSE_CHANNEL, (orgId) => this.wake(houseOf(orgId))),
      sql.listen(
        LIVE_CHANNEL,
        (id) => this.wake(id),
        () => {
          this.tries = 0;
          this.wakeAll();
        },
      ),
    ]).catch(() => {
      this.started = false;
      void sql.end({ timeout: 1 }).catch(() => {});
      // Pages that are open already would hear nothing until another one opens: it is tried again for them.
      const wait = RETRY_MS[Math.min(this.tries++, RETRY_MS.length - 1)]!;
      setTimeout(() => this.listeners.size > 0 && this.start(), wait).unref();
    });
  }

  /** Stops listening for good. */
  async stop(): Promise<void> {
    this.listeners.clear();
    await this.end();
  }

  private wake(inspectionId: string): void {
    for (const listener of this.listeners.get(inspectionId) ?? []) listener();
  }

  private wakeAll(): void {
    for (const set of this.listeners.values()) for (const listener of set) listener();
  }

  /** Calls the listener at each change of an inspection (an account's sessions, a house) until the returned function is called. */
  on(inspectionId: string, listener: Listener): () => void {
    this.start();
    const set = this.listeners.get(inspectionId) ?? new Set();
    this.listeners.set(inspectionId, set.add(listener));
    return () => {
      set.delete(listener);
      if (set.size === 0 && this.listeners.get(inspectionId) === set) this.listeners.delete(inspectionId);
    };
  }
}

const held = globalThis as { farvinLive?: Live };

export function live(): Live {
  held.farvinLive ??= new Live();
  return held.farvinLive;
}
