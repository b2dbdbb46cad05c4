import { callerOf, inLane } from './lanes';

const later = () => new Promise<void>((resolve) => setImmediate(resolve));

it('lets others in between, however much one caller asks', async () => {
  const order: string[] = [];
  const work = (name: string) => inLane(name[0]!, () => later().then(() => void order.push(name)));
  await Promise.all([...Array.from({ length: 40 }, (_, i) => work(`a${i}`)), work('b0')]);
  expect(order).toHaveLength(41);
  expect(order.indexOf('b0')).toBeLessThan(14);
});

it('goes on after work that failed', async () => {
  const failing = Array.from({ length: 10 }, () => inLane('c', () => Promise.reject(new Error('no'))));
  expect((await Promise.allSettled(failing)).every((r) => r.status === 'rejected')).toBe(true);
  expect(await inLane('c', async () => 7)).toBe(7);
});

it('knows a caller by the session, else by the address', () => {
  const of = (headers: Record<string, string>) => callerOf(new Headers(headers));
  expect(of({ cookie: 'x=1; __Host-farvin.session_token=abcdefghijklmnopq.r', 'x-forwarded-for': '192.0.2.1' })).toBe(
    'abcdefghijklmnopq.r',
  );
  expect(of({ cookie: 'x=1', 'x-forwarded-for': '192.0.2.1' })).toBe('192.0.2.1');
});
