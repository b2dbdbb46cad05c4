import { titleSays } from './car-title';

it.each([
  ['Sarvane Corso hardtop, 1962', { make: 'Sarvane', model: 'Corso', year: 1962, style: 'hardtop' }],
  ['Quillon Halyard fastback, 1967', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' }],
  ['Haskett Dray pickup, 1991', { make: 'Haskett', model: 'Dray', year: 1991, style: 'pickup' }],
  ['Tolve Carrier camper, 1969', { make: 'Tolve', model: 'Carrier', year: 1969, style: 'van' }],
  // A saloon may have two doors or four: it is asked for.
  ['Brannock Eleven saloon, 1938', { make: 'Brannock', model: 'Eleven saloon', year: 1938, style: '' }],
  ['1958 Quillon', { make: 'Quillon', model: '', year: 1958, style: '' }],
  ['Ormelle', { make: 'Ormelle', model: '', year: null, style: '' }],
  ['', { make: '', model: '', year: null, style: '' }],
])('%j', (title, said) => {
  expect(titleSays(title)).toEqual(said);
});
