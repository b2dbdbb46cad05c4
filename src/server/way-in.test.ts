import { mayStart, passwordTaken } from './way-in';

describe('who may open the first house', () => {
  const here = { address: '127.0.0.1', code: '', url: undefined, printed: 'owl-72' };
  it.each([
    ['at this machine', here, true],
    ['at this machine, by the newer kind of address', { ...here, address: '::ffff:127.0.0.1' }, true],
    ['elsewhere without the code', { ...here, address: '192.0.2.7' }, false],
    ['elsewhere with the code', { ...here, address: '192.0.2.7', code: ' owl-72 ' }, true],
    ['elsewhere with another code', { ...here, address: '192.0.2.7', code: 'owl-73' }, false],
    ['behind a proxy of this machine, without the code', { ...here, url: 'https://yard.example' }, false],
    ['behind a proxy, with the code', { ...here, url: 'https://yard.example', code: 'owl-72' }, true],
    ['elsewhere where no code was printed', { ...here, address: '192.0.2.7', printed: undefined }, false],
    ['at a local address that is set', { ...here, url: 'http://127.0.0.1:3000' }, true],
  ])('%s', (_where, given, may) => {
    expect(mayStart(given)).toBe(may);
  });
});

it('takes no password made of the person, the house or common words', () => {
  const petra = { name: 'Petra Quayle-Lunt', email: 'petra@tramshed.example', house: 'Tramshed Dispersal Office' };
  for (const weak of ['petra2027', 'tramshed2027', 'password1234', 'qwertyuiop', 'short'])
    expect([weak, passwordTaken(weak, petra)]).toEqual([weak, false]);
  expect(passwordTaken('gravel owl kettle ninety', petra)).toBe(true);
});
