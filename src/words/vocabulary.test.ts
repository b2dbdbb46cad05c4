import { viewPlaces } from './terms';
import { respelt } from './vocabulary';

it('spells tyres as the reader does, and leaves other words alone', () => {
  expect(respelt('A rear wheel or tire; tires, Tire, tired', 'en-GB')).toBe('A rear wheel or tyre; tyres, Tyre, tired');
  expect(respelt('At least one tyre', 'en-US')).toBe('At least one tire');
  expect(respelt('A tire', 'en-US')).toBe('A tire');
});

it('names all of a part of the car and somewhere in it as they stand in a sentence', () => {
  expect(viewPlaces('trunk', 'en-GB')).toEqual({ whole: 'the whole boot', part: 'in the boot' });
  expect(viewPlaces('underneath', 'en-GB')).toEqual({ whole: 'everything underneath', part: 'underneath' });
});
