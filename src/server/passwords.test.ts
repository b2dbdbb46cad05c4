import { strongEnough } from './passwords';

const ABOUT = ['Ilse Brandvik', 'ilse@tramshed.example', 'ilse', 'tramshed'];

it.each([
  'aaaaaaaaaa',
  'password12',
  'qwertyuiop',
  'inspector1',
  'tramshed12',
  'Ilse Brandvik 1',
  'short',
  '1234567890',
])('takes no password that is guessed: %s', (weak) => expect(strongEnough(weak, ABOUT)).toBe(false));

it('takes four odd words, and no book', () => {
  expect(strongEnough('lantern copper tram nine', ABOUT)).toBe(true);
  expect(strongEnough('lantern copper tram nine'.repeat(40), ABOUT)).toBe(false);
});
