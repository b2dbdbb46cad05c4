import { tireSchema } from '@/core/kinds/tire';
import { NotYet } from '../records/use-record-form';
import { tireBody, tireFields } from './tire-fields';

const NOW = '2027-02-10T09:00:00Z';
const other = tireSchema.parse({
  zone: 'wheel.left.front',
  maker: 'Fenwold',
  size: '165 SR 15',
  code: '3112',
  treadMm: 5,
  at: NOW,
});

it('begins with what the other wheels say of maker and size, and with nothing that is each tire’s own', () => {
  expect(tireFields(null, other)).toMatchObject({
    maker: 'Fenwold',
    size: '165 SR 15',
    code: '',
    tread: '',
    faults: [],
  });
  expect(tireFields(other, null)).toMatchObject({ code: '3112', tread: '5' });
});

it('makes a body that the schema takes, and keeps when it was first read', () => {
  const fields = { ...tireFields(null, other), code: '0125', tread: '6,5' };
  const body = tireSchema.parse(tireBody(fields, null, 'wheel.right.front', NOW));
  expect(body).toMatchObject({ zone: 'wheel.right.front', code: '0125', treadMm: 6.5, at: NOW });
  expect(tireBody(fields, body, 'wheel.right.front', '2027-02-11T09:00:00Z')).toMatchObject({ at: NOW });
});

it('refuses a depth that is no number, in words', () => {
  expect(() => tireBody({ ...tireFields(null, null), tread: 'good' }, null, null, NOW)).toThrow(NotYet);
});
