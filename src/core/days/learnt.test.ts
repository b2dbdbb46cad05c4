import { learntOf, stationMinutes } from './learnt';
import { visitMinutes } from './lots-to-route';
import { visitOrder } from './visit-order';

const survey = visitMinutes('survey').minutes;
const took = (...minutes: number[]) => minutes.map((m) => ({ school: 'survey' as const, minutes: m }));

it('takes the shipped time where nothing was learnt, and moves to the house’s own with each visit', () => {
  expect(learntOf([], 'survey')).toEqual({ minutes: survey, low: null, high: null, visits: 0, shipped: survey });
  const one = learntOf(took(300), 'survey');
  const many = learntOf(took(...Array.from({ length: 30 }, () => 300)), 'survey');
  expect(one.minutes).toBeCloseTo((300 + 3 * survey) / 4, 6);
  expect(Math.abs(many.minutes - 300)).toBeLessThan(Math.abs(one.minutes - 300));
  expect([many.low, many.high]).toEqual([300, 300]);
});

it('counts no part of a visit, nor one of another working order', () => {
  expect(learntOf([...took(20), { school: 'field', minutes: 6 }], 'survey').visits).toBe(0);
  expect(learntOf([{ school: 'field', minutes: 6 }], 'field').visits).toBe(1);
});

it('stretches every station alike, and the order of a visit with them', () => {
  const minutes = stationMinutes('lap', { minutes: 114, shipped: 57 });
  expect(minutes.lap).toBe(24);
  const asked = { school: 'lap', from: 480, until: 900 } as const;
  const [usual, slow] = [visitOrder(asked)!, visitOrder({ ...asked, minutes })!];
  const work = (o: typeof usual) => o.stops.reduce((s, x) => s + x.to - x.from, 0);
  expect(work(slow)).toBeCloseTo(2 * work(usual), 6);
});
