import { jest } from '@jest/globals';
import type { InspectionStore, News } from './inspection-store';
import { follow, type LiveState } from './live';

/** An event stream that the test opens, feeds and breaks. */
class Stream {
  static readonly CLOSED = 2;
  static all: Stream[] = [];
  readyState = 0;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  readonly heard = new Map<string, (e: { data: string }) => void>();
  constructor(readonly url: string) {
    Stream.all.push(this);
  }
  addEventListener(name: string, f: (e: { data: string }) => void) {
    this.heard.set(name, f);
  }
  close() {
    this.readyState = Stream.CLOSED;
  }
  say(name: string, data: unknown) {
    this.heard.get(name)!({ data: JSON.stringify(data) });
  }
}

const line = (seq: number) => ({ seq }) as unknown as News;
const watched = () => {
  const seen = { live: [] as LiveState[], news: [] as number[], states: [] as string[], lastSeq: 7 };
  const store = {
    get lastSeq() {
      return seen.lastSeq;
    },
    // Lines already known are no news, as in the store itself.
    receive: (lines: readonly News[]) => {
      const fresh = lines.filter((l) => (l as unknown as { seq: number }).seq > seen.lastSeq);
      for (const l of fresh) seen.lastSeq = (l as unknown as { seq: number }).seq;
      return fresh;
    },
  } as unknown as InspectionStore;
  const stop = follow('i1', {
    store,
    onNews: (news) => seen.news.push(...news.map((n) => (n as unknown as { seq: number }).seq)),
    onState: (s) => seen.states.push(s),
    onLive: (l) => seen.live.push(l),
    onSignedOut: () => seen.live.push('away'),
  });
  return { seen, stop };
};

let asked: string[];
let answer: () => unknown;
beforeEach(() => {
  jest.useFakeTimers();
  Stream.all = [];
  asked = [];
  answer = () => ({ lines: [], state: 'draft' });
  Object.assign(globalThis, {
    EventSource: Stream,
    fetch: async (url: string) => {
      asked.push(url);
      const body = answer();
      if (body === 'away') throw new Error('no network');
      return { ok: body !== 'refused', json: async () => body };
    },
  });
});
afterEach(() => {
  jest.useRealTimers();
});
const turn = (ms = 0) => jest.advanceTimersByTimeAsync(ms);

it('listens from the last number seen on and passes on what is new, once', () => {
  const { seen, stop } = watched();
  const [stream] = Stream.all;
  expect(stream!.url).toBe('/api/v1/inspections/i1/events?after=7');
  stream!.onopen!();
  stream!.say('change', { seq: 8 });
  stream!.say('change', { seq: 8 });
  stream!.say('change', { seq: 9 });
  stream!.say('state', { state: 'sealed' });
  expect(seen).toMatchObject({ live: ['live'], news: [8, 9], states: ['sealed'] });
  stop();
  expect(stream!.readyState).toBe(Stream.CLOSED);
});

it('rides out a short break without asking by itself: the stream comes back', async () => {
  const { seen, stop } = watched();
  const [stream] = Stream.all;
  stream!.onopen!();
  stream!.onerror!();
  stream!.onerror!();
  stream!.onopen!();
  await turn(10_000);
  expect(seen.live).toEqual(['live', 'away', 'away', 'live']);
  expect(asked).toEqual([]);
  stop();
});

it('asks every little while where events do not get through, from where it stands', async () => {
  const { seen, stop } = watched();
  const [stream] = Stream.all;
  answer = () => ({ lines: [line(8), line(9)], state: 'reviewed' });
  for (let i = 0; i < 4; i++) stream!.onerror!();
  await turn();
  expect(stream!.readyState).toBe(Stream.CLOSED);
  expect(seen).toMatchObject({ news: [8, 9], states: ['reviewed'] });
  expect(seen.live.at(-1)).toBe('polling');
  await turn(1500);
  expect(asked).toEqual(['/api/v1/inspections/i1/log?after=7', '/api/v1/inspections/i1/log?after=9']);
  expect(seen.news).toEqual([8, 9]);
  stop();
});

it('does not wait for four errors when the browser has closed the stream', async () => {
  const { stop } = watched();
  Stream.all[0]!.readyState = Stream.CLOSED;
  Stream.all[0]!.onerror!();
  await turn();
  expect(asked.length).toBe(1);
  stop();
});

it.each(['away', 'refused'])('says so while the server is %s, and keeps asking', async (how) => {
  const { seen, stop } = watched();
  answer = () => how;
  for (let i = 0; i < 4; i++) Stream.all[0]!.onerror!();
  await turn();
  await turn(1500);
  await turn(1500);
  expect(asked.length).toBe(3);
  expect(seen.live.at(-1)).toBe('away');
  answer = () => ({ lines: [line(8)], state: 'draft' });
  await turn(1500);
  expect(seen.live.at(-1)).toBe('polling');
  expect(seen.news).toEqual([8]);
  stop();
});

it('tries the stream again after a run of answers', async () => {
  const { seen, stop } = watched();
  for (let i = 0; i < 4; i++) Stream.all[0]!.onerror!();
  for (let i = 0; i < 8; i++) await turn(1500);
  expect(Stream.all.length).toBe(2);
  const before = asked.length;
  Stream.all[1]!.onopen!();
  await turn(30_000);
  expect(asked.length).toBe(before);
  expect(seen.live.at(-1)).toBe('live');
  stop();
});

it('says nothing after it was stopped, even when an answer is under way', async () => {
  const { seen, stop } = watched();
  answer = () => ({ lines: [line(8)], state: 'draft' });
  for (let i = 0; i < 4; i++) Stream.all[0]!.onerror!();
  const live = seen.live.length;
  stop();
  await turn(10_000);
  expect(seen.news).toEqual([]);
  expect(seen.live.length).toBe(live);
  expect(asked.length).toBe(1);
});
