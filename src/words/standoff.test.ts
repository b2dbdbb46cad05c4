import { standoffSchema } from '@/core/kinds/standoff';
import { standoffText, standsText } from './standoff';

it.each([
  ['level', 'level'],
  ['nose-high', 'nose high'],
  ['low-left', 'low at the left'],
  ['low-left-rear', 'low at the left rear'],
  ['high-front', 'high at the front'],
])('says %s as %s', (stands, says) => expect(standsText(stands)).toBe(says));

it('says what was said, and refuses a look that says nothing', () => {
  const at = '2027-02-10T09:00:00Z';
  expect(standoffText(standoffSchema.parse({ stands: 'level', looksWellFromM: 0.61, at }))).toBe(
    'stands level, looks well from 0.6 m',
  );
  expect(standoffText(standoffSchema.parse({ looksWellFromM: 2, note: 'in the shade', at }))).toBe(
    'looks well from 2 m, in the shade',
  );
  expect(standoffSchema.safeParse({ at }).success).toBe(false);
  expect(standoffSchema.safeParse({ stands: 'Low, left', at }).success).toBe(false);
});
