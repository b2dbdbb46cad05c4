import { keysHang, lotsToRoute, visitMinutes } from './lots-to-route';

const SURVEY = { school: 'survey', from: '2027-03-08' } as const;
const lot = (seen: number, reportDueOn: string | null = null) => ({ id: 'a', seen, reportDueOn });

it('takes the whole visit of a working order for what nobody saw, and what is left of it else', () => {
  const { minutes, pit } = visitMinutes('survey');
  expect(minutes).toBeGreaterThan(180);
  expect(minutes).toBeLessThan(300);
  expect(visitMinutes('field').minutes).toBeLessThan(8);
  expect(lotsToRoute([lot(0)], SURVEY)[0]).toMatchObject({ minutes, pitMinutes: pit });
  expect(lotsToRoute([lot(0.5)], SURVEY)[0]!.minutes).toBe(Math.round(minutes / 2));
  expect(lotsToRoute([lot(1)], SURVEY)[0]).toMatchObject({ minutes: 20, pitMinutes: 0 });
});

it('counts report days from the first day on', () => {
  const due = (day: string | null) => lotsToRoute([lot(0, day)], { ...SURVEY, school: 'lap' })[0]!.dueDay;
  expect([due('2027-03-08'), due('2027-03-12'), due('2027-03-01'), due(null)]).toEqual([0, 4, -7, null]);
});

const FACTS = {
  id: 'a',
  seen: 0,
  reportDueOn: null,
  title: '1958 Sarvane Corso',
  stands: 'Tramshed, row A, bay 3',
  keysWith: 'Office, hook 4',
};
const KEYS = { where: 'office', from: 510, to: 900 };

it('knows where a car stands, and fetches its key only where it is said to hang', () => {
  const [one] = lotsToRoute([FACTS], { ...SURVEY, keys: KEYS });
  expect(one).toMatchObject({ stands: FACTS.stands, keys: { minutes: 5, within: [510, 900] } });
  expect(lotsToRoute([FACTS], SURVEY)[0]!.keys).toBeUndefined();
  for (const keysWith of ['', 'in the car', 'seller'])
    expect(lotsToRoute([{ ...FACTS, keysWith }], { ...SURVEY, keys: KEYS })[0]!.keys).toBeUndefined();
  expect(keysHang('OFFICE', 'Office ')).toBe(true);
});

it('tells who inspected such cars by the words of a title alone', () => {
  const knows = [
    { make: 'Sarvane', inspector: 'Ilse' },
    { make: 'Corso', inspector: 'Tomas' },
    { make: 'Sar', inspector: 'Nobody' },
    { make: '', inspector: 'Nobody' },
  ];
  expect(lotsToRoute([FACTS], SURVEY, undefined, knows)[0]!.knownBy).toEqual(['Ilse', 'Tomas']);
});
