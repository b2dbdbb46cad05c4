import { z } from 'zod';
import type { Db } from '@/data/db';
import { takeShared } from '@/data/rate-buckets';

/**
 * How much one account, one address or one link may ask of one app server: so many requests at once, refilled at so
 * many a second. House values: a lot page with 300 pictures asks about 320 times within a few seconds.
 */
export const RATES = {
  account: { burst: 1500, perSecond: 60 },
  address: { burst: 3000, perSecond: 120 },
  /** Whole inspections read, checked or packed by one account. */
  heavy: { burst: 60, perSecond: 1 },
  /** Reports opened without an account: by address, and by link for all addresses together. Counted over all servers. */
  public: { burst: 900, perSecond: 30 },
  link: { burst: 3000, perSecond: 100 },
  /** Questions asked without an account: by address, and by link for all addresses together. */
  asks: { burst: 6, perSecond: 1 / 600 },
  asksOfLink: { burst: 60, perSecond: 1 / 60 },
  /** Sign-ins tried from one address, good or bad. */
  signIn: { burst: 30, perSecond: 0.2 },
} as const;
export type Rate = keyof typeof RATES;

interface Bucket {
  left: number;
  at: number;
}

/** Counts requests in buckets that refill with time. Forgets the buckets longest unused when there are very many. */
export class Limiter {
  private readonly buckets = new Map<string, Bucket>();

  constructor(
    private readonly scale = 1,
    private readonly most = 50_000,
  ) {}

  /** Takes one from the bucket; when it is empty returns the seconds to wait, else 0. */
  take(rate: Rate, who: string, nowMs: number): number {
    const { burst, perSecond } = RATES[rate];
    const size = burst * this.scale;
    const key = `${rate} ${who}`;
    const held = this.buckets.get(key);
    const refill = perSecond * this.scale;
    const left = held ? Math.min(size, held.left + ((nowMs - held.at) / 1000) * refill) : size;
    if (this.buckets.size >= this.most && !held) this.forget();
    // Written anew, so that the map's order is the order of use.
    this.buckets.delete(key);
    this.buckets.set(key, { left: left < 1 ? left : left - 1, at: nowMs });
    return left < 1 ? Math.max(1, Math.ceil((1 - left) / refill)) : 0;
  }

  private forget(): void {
    let n = Math.ceil(this.most / 10);
    for (const key of this.buckets.keys()) {
      if (n-- <= 0) return;
      this.buckets.delete(key);
    }
  }
}

const scale = z.coerce.number().positive().catch(1);
let held: Limiter | undefined;

/** FARVIN_RATE_SCALE multiplies every limit (a proxy in front that limits by itself: 1000). */
const scaleHere = () => scale.parse(process.env.FARVIN_RATE_SCALE);

/** This server's own limiter, for callers who are signed in or about to be. */
export function limiter(): Limiter {
  held ??= new Limiter(scaleHere());
  return held;
}

/** Takes one from buckets that all servers share; the seconds to wait, or 0. */
export async function takeOfAll(db: Db, asked: readonly (readonly [Rate, string])[], now: Date): Promise<number> {
  const waits = await Promise.all(
    asked.map(([rate, who]) => {
      const { burst, perSecond } = RATES[rate];
      const by = scaleHere();
      return takeShared(db, `${rate} ${who}`, { burst: burst * by, perSecond: perSecond * by }, now);
    }),
  );
  return Math.max(0, ...waits);
}

/** The address a request came from, as bin/server.mjs states it. */
export function addressOf(headers: Headers): string {
  return (headers.get('x-forwarded-for') ?? '').trim().slice(0, 64) || 'unknown';
}
