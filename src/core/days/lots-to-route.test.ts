import { lotsToRoute, visitMinutes } from './lots-to-route';

const lot = (seen: number, reportDueOn: string | null = null) => ({ id: 'a', seen, reportDueOn });

it('takes the whole visit of a working order for what nobody saw, and what is left of it else', () => {
  const { minutes, pit } = visitMinutes('survey');
  expect(minutes).toBeGreaterThan(180);
  expect(minutes).toBeLessThan(300);
  expect(visitMinutes('field').minutes).toBeLessThan(8);
  expect(lotsToRoute([lot(0)], 'survey', '2027-03-08')[0]).toMatchObject({ minutes, pitMinutes: pit });
  expect(lotsToRoute([lot(0.5)], 'survey', '2027-03-08')[0]!.minutes).toBe(Math.round(minutes / 2));
  expect(lotsToRoute([lot(1)], 'survey', '2027-03-08')[0]).toMatchObject({ minutes: 20, pitMinutes: 0 });
});

it('counts report days from the first day on', () => {
  const due = (day: string | null) => lotsToRoute([lot(0, day)], 'lap', '2027-03-08')[0]!.dueDay;
  expect([due('2027-03-08'), due('2027-03-12'), due('2027-03-01'), due(null)]).toEqual([0, 4, -7, null]);
});
