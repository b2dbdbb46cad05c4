import { workIcs } from './work-ics';

const slot = (job: string, fromDay: number, toDay: number, critical = false) => ({
  job,
  trade: 'paint' as const,
  readyDay: 0,
  fromDay,
  toDay,
  critical,
});
const lines = (text: string) => text.replaceAll(/\r\n[ \t]/g, '').split('\r\n');

it('writes whole days from the first on, an event a job under an id that stays', () => {
  const asked = { lot: 'lot-1', title: 'Lot 1, Quillon Halyard', from: new Date('2027-03-01T15:00:00Z') };
  const jobs = [
    { slot: slot('refinish@hood', 14, 15.2, true), name: 'refinish the panel, bonnet', trade: 'Paint shop' },
    { slot: slot('polish@roof', 0, 0.25), name: 'polish; roof, all', trade: 'Detailer' },
  ];
  const text = lines(workIcs(jobs, asked));
  expect(text.filter((l) => l === 'BEGIN:VEVENT')).toHaveLength(2);
  expect(text).toContain('UID:lot-1-refinish-hood@farvin');
  expect(text).toContain('DTSTART;VALUE=DATE:20270315');
  expect(text).toContain('DTEND;VALUE=DATE:20270317');
  // A job of hours is an event of its day; what RFC 5545 sets apart is escaped.
  expect(text).toContain('DTEND;VALUE=DATE:20270302');
  expect(text.some((l) => l.startsWith('SUMMARY:') && l.includes('polish\\; roof\\, all'))).toBe(true);
  expect(text.filter((l) => l === 'STATUS:TENTATIVE')).toHaveLength(2);
  expect(lines(workIcs(jobs, asked)).find((l) => l.startsWith('UID'))).toBe('UID:lot-1-refinish-hood@farvin');
});

it('is a calendar without events where there is nothing to do', () => {
  const text = workIcs([], { lot: 'l', title: 'Lot 2', from: new Date('2027-03-01T00:00:00Z') });
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text).not.toContain('VEVENT');
});
