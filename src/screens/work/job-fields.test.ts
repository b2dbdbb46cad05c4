import { kindOf } from '@/core/kinds';
import { doneBody, type FoundJob, offerBody, offerFields } from './job-fields';

const JOB = {
  work: 'refinish',
  zone: 'hood',
  rights: ['0190f5c0-0000-7000-8000-000000000001'],
  cost: { low: 300, likely: 506, high: 720 },
} as unknown as FoundJob;
const told = { currency: 'VK', now: '2027-03-01T09:00:00Z', today: '2027-03-01' };

it('begins an allowance with the likely cost in whole tens, and keeps it with its currency', () => {
  const fields = offerFields(null, JOB);
  expect(fields.amount).toBe('510');
  const body = kindOf('offer').schema.parse(offerBody({ ...fields, amount: '1,250' }, 'allowance', JOB, told));
  expect(body).toMatchObject({ work: 'refinish', zone: 'hood', amount: 1250, currency: 'VK', by: null });
});

it.each(['', 'some', '0', '-5'])('keeps no allowance of “%s”', (amount) => {
  expect(() => offerBody({ amount, by: '', note: '' }, 'allowance', JOB, told)).toThrow(/no amount/);
});

it('keeps a promise with its day and without money, and none without a day', () => {
  const fields = { amount: '510', by: '2027-03-12', note: '' };
  expect(offerBody(fields, 'promise', JOB, told)).toMatchObject({ sort: 'promise', by: '2027-03-12', amount: null });
  expect(() => offerBody({ ...fields, by: '' }, 'promise', JOB, told)).toThrow(/which day/);
});

it('takes nothing as done that has no day, or one to come', () => {
  const fields = { on: '2027-03-01', by: 'Vennor Coachworks', note: '' };
  expect(kindOf('done').schema.parse(doneBody(fields, JOB, told))).toMatchObject({
    on: '2027-03-01',
    serves: JOB.rights,
  });
  expect(() => doneBody({ ...fields, on: '' }, JOB, told)).toThrow(/which day/);
  expect(() => doneBody({ ...fields, on: '2027-03-02' }, JOB, told)).toThrow(/promise/);
});
