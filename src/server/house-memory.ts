import { LRUCache } from 'lru-cache';
import { type Actor, readsAlone } from '@/data/actor';
import { houseOf, type Live, live } from './live';

/** Also when no news can come, nothing is shown longer than this. */
const KEPT_MS = 10_000;
const MOST_HOUSES = 200;
const MOST_ANSWERS = 200;

interface Kept {
  readonly answers: LRUCache<string, Promise<unknown>>;
  readonly leave: () => void;
}

/**
 * Answers kept in this server's memory per house until the database tells that something of the house changed (any
 * server, any way), or this server itself wrote. Who may see what is part of the question: a viewer's answers are kept
 * for that account alone. A reading that was under way when the change came is given to who asked for it and not kept.
 */
export class HouseMemory {
  private readonly houses = new LRUCache<string, Kept>({
    max: MOST_HOUSES,
    ttl: KEPT_MS,
    dispose: (kept) => kept.leave(),
  });

  constructor(private readonly news: Pick<Live, 'on'> = live()) {}

  drop(orgId: string): void {
    this.houses.delete(orgId);
  }

  /** What `read` says, now or since the last change. */
  answer<T>(actor: Actor, question: string, read: () => Promise<T>): Promise<T> {
    const { answers } = this.houses.get(actor.orgId) ?? this.begin(actor.orgId);
    const reader = readsAlone(actor) ? actor.userId : 'house';
    const key = `${reader} ${question}`;
    const held = answers.get(key) as Promise<T> | undefined;
    if (held) return held;
    const asked = read();
    answers.set(key, asked);
    asked.catch(() => answers.delete(key));
    return asked;
  }

  private begin(orgId: string): Kept {
    const kept: Kept = {
      answers: new LRUCache({ max: MOST_ANSWERS }),
      leave: this.news.on(houseOf(orgId), () => this.drop(orgId)),
    };
    this.houses.set(orgId, kept);
    return kept;
  }
}

const held = globalThis as { farvinMemory?: HouseMemory };

export function houseMemory(): HouseMemory {
  held.farvinMemory ??= new HouseMemory();
  return held.farvinMemory;
}
