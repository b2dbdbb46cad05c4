import fc from 'fast-check';
import { checkChange } from './check-change';
import type { Records } from './reduce';
import { recordsOf, reduce } from './reduce';

const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const AT = '2027-02-10T09:00:00Z';
const put = (n: number, kind: string, body: object, base = 0) => ({
  id: id(1000 + n),
  op: 'put',
  kind,
  record: id(n),
  base,
  body,
});
const reading = (extra = {}) => ({
  zone: 'hood',
  state: 'read',
  thicknessUm: 131,
  typed: { text: '131', unit: 'um' },
  at: AT,
  ...extra,
});
const reject = (input: unknown, style: string | null = 'fastback') => {
  const checked = checkChange(input, { style });
  return checked.ok ? 'taken' : checked.rejection;
};

describe('what the check lets through', () => {
  it('fills in defaults', () => {
    const checked = checkChange(put(1, 'reading', reading()), { style: null });
    expect(checked.ok && checked.change.op === 'put' && checked.change.body).toMatchObject({
      place: null,
      confirmed: false,
      note: '',
    });
  });

  it.each([
    [
      'an unknown zone, naming the nearest',
      put(1, 'reading', reading({ zone: 'fendr.left' })),
      { reason: 'unknown-zone', nearest: 'fender.left' },
    ],
    [
      'a zone of another style',
      put(1, 'reading', reading({ zone: 'door.left.rear' })),
      { reason: 'unknown-zone', nearest: 'door.left.front' },
    ],
    [
      'a negative thickness',
      put(1, 'reading', reading({ thicknessUm: -4, typed: { text: '-4', unit: 'um' } })),
      { reason: 'invalid', path: 'thicknessUm' },
    ],
    [
      'an absurd thickness',
      put(1, 'reading', reading({ thicknessUm: 90000, typed: { text: '90000', unit: 'um' } })),
      { reason: 'invalid', path: 'thicknessUm' },
    ],
    [
      'a mil value typed as µm',
      put(1, 'reading', reading({ thicknessUm: 5.2, typed: { text: '5.2', unit: 'um' } })),
      { reason: 'ask-unit' },
    ],
    [
      'a typed value that disagrees',
      put(1, 'reading', reading({ typed: { text: '13.1', unit: 'um' } })),
      { reason: 'invalid', path: 'typed' },
    ],
    [
      'a reading of nothing with a value',
      put(1, 'reading', reading({ state: 'none' })),
      { reason: 'invalid', path: 'thicknessUm' },
    ],
    [
      'a blocked look without a reason',
      put(1, 'look', { zone: 'hood', aspect: 'paint', outcome: 'blocked', at: AT }),
      { reason: 'invalid', path: 'why' },
    ],
    ['an unknown flaw', put(1, 'finding', { zone: 'hood', flaw: 'hex', at: AT }), { reason: 'invalid', path: 'flaw' }],
    [
      'a style without a plan',
      put(1, 'car', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'hovercraft' }),
      { reason: 'unknown-style' },
    ],
    ['an unknown kind', put(1, 'song', {}), { reason: 'malformed' }],
    ['an id that is none', { ...put(1, 'reading', reading()), id: 'x' }, { reason: 'malformed', path: 'id' }],
    [
      'a removal of nothing',
      { id: id(9), op: 'remove', kind: 'reading', record: id(1), base: 0 },
      { reason: 'malformed' },
    ],
    ['no object at all', null, { reason: 'malformed' }],
  ])('refuses %s', (_what, input, expected) => {
    expect(reject(input)).toMatchObject({ status: 'rejected', ...expected });
  });

  it('takes the same mil value as mil, or when confirmed', () => {
    expect(reject(put(1, 'reading', reading({ thicknessUm: 132.08, typed: { text: '5.2', unit: 'mil' } })))).toBe(
      'taken',
    );
    expect(
      reject(put(1, 'reading', reading({ thicknessUm: 5.2, typed: { text: '5.2', unit: 'um' }, confirmed: true }))),
    ).toBe('taken');
  });

  it('never throws on anything', () => {
    fc.assert(
      fc.property(fc.anything(), (input) => {
        const checked = checkChange(input, { style: 'fastback' });
        return checked.ok || checked.rejection.status === 'rejected';
      }),
      { seed: 4, numRuns: 400 },
    );
  });
});

describe('reducer', () => {
  const taken = (input: object) => {
    const checked = checkChange(input, { style: null });
    if (!checked.ok) throw new Error(checked.rejection.message);
    return checked.change;
  };
  const none: Records = new Map();

  it('puts, replaces and removes, counting versions', () => {
    const one = reduce(none, taken(put(1, 'reading', reading())));
    const two = reduce(one, taken(put(1, 'reading', reading({ note: 'again' }), 1)));
    expect(recordsOf(two, 'reading')).toMatchObject([{ version: 2, body: { note: 'again' } }]);
    expect(reduce(two, taken({ id: id(3), op: 'remove', kind: 'reading', record: id(1), base: 2 })).size).toBe(0);
    expect(none.size).toBe(0);
  });
});
