import { fallsShort, readService } from './service';

it.each([
  ['86S', { load: 86, speed: 'S' }],
  [' 82 h ', { load: 82, speed: 'H' }],
  ['104/102Q', { load: 104, speed: 'Q' }],
  ['88', { load: 88, speed: null }],
  ['T', { load: null, speed: 'T' }],
  ['', null],
  ['165 SR 15', null],
])('“%s” says %j', (text, says) => expect(readService(text)).toEqual(says));

it.each([
  ['86S', '82S', null],
  ['78S', '82S', { load: true, speed: false }],
  ['82Q', '82S', { load: false, speed: true }],
  // H is faster than U and slower than V.
  ['82U', '82H', { load: false, speed: true }],
  ['82V', '82H', null],
  ['', '82S', null],
  ['82', 'S', null],
])('%s against %s', (own, asked, short) => expect(fallsShort(own, asked)).toEqual(short));
