import { visitsIcs } from './visits-ics';

const lot = {
  id: 'l1',
  number: 4,
  title: 'Brannock Eleven saloon, 1938',
  stands: 'Row A, bay 4',
  keysWith: 'Office, hook 4',
};
const lines = (text: string) => text.replaceAll(/\r\n[ \t]/g, '').split('\r\n');

it('writes visits at the clock of the place, each under an id that stays', () => {
  const text = lines(
    visitsIcs([{ on: '2027-03-08', from: 510, to: 690, lot }], { id: 's1', name: 'The sale' }, 'Ilse'),
  );
  expect(text).toContain('UID:s1-l1@farvin');
  expect(text).toContain('DTSTART:20270308T083000');
  expect(text).toContain('DTEND:20270308T113000');
  expect(text).toContain('LOCATION:Row A\\, bay 4');
  expect(text).toContain('DESCRIPTION:Keys: Office\\, hook 4');
});
