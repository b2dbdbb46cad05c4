import { addressOf, Limiter, RATES } from './rate-limit';

it('lets a burst through, then asks to wait, then refills', () => {
  const limiter = new Limiter();
  for (let i = 0; i < RATES.signIn.burst; i++) expect(limiter.take('signIn', '10.0.0.1', 0)).toBe(0);
  const wait = limiter.take('signIn', '10.0.0.1', 0);
  expect(wait).toBe(Math.ceil(1 / RATES.signIn.perSecond));
  expect(limiter.take('signIn', '10.0.0.2', 0)).toBe(0);
  expect(limiter.take('signIn', '10.0.0.1', wait * 1000)).toBe(0);
  expect(limiter.take('signIn', '10.0.0.1', wait * 1000)).toBeGreaterThan(0);
});

it('keeps kinds apart and grows by the scale', () => {
  const limiter = new Limiter(2);
  for (let i = 0; i < RATES.signIn.burst * 2; i++) expect(limiter.take('signIn', 'a', 0)).toBe(0);
  expect(limiter.take('signIn', 'a', 0)).toBeGreaterThan(0);
  expect(limiter.take('public', 'a', 0)).toBe(0);
});

it('stays small under very many addresses, and remembers the one in use', () => {
  const limiter = new Limiter(1, 100);
  for (let i = 0; i < RATES.signIn.burst; i++) limiter.take('signIn', 'busy', 0);
  for (let i = 0; i < 1000; i++) {
    limiter.take('signIn', `other ${i}`, 0);
    expect(limiter.take('signIn', 'busy', 0)).toBeGreaterThan(0);
  }
});

it('reads the address that the server states', () => {
  expect(addressOf(new Headers({ 'x-forwarded-for': '203.0.113.7' }))).toBe('203.0.113.7');
  expect(addressOf(new Headers())).toBe('unknown');
});
