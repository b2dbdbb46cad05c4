import { DEFAULT_LEAK_TABLE } from '../catalogue/leak-places';
import { leakPlaceNamed } from './place-named';

const layout = new Map(Object.entries(DEFAULT_LEAK_TABLE.places));

it.each([
  ['rear main', 'engine.rear-main'],
  ['valve cover, rear', 'engine.valve-cover'],
  ['from the water pump gland', 'engine.water-pump'],
  ['Brake master cylinder', 'brake.master'],
  // Named alike, or by a word that many names have: none of them.
  ['seal', null],
  ['transfer case', null],
  ['', null],
])('“%s” names %s', (words, place) => {
  expect(leakPlaceNamed(words, layout)).toBe(place);
});
