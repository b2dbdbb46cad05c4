import { carSchema } from '@/core/kinds/car';
import { carBody, carFields } from './car-body';

const bodyOf = (change: object, car: Parameters<typeof carFields>[0] = null) => {
  const result = carBody({ ...carFields(car, 'Sarvane Corso hardtop, 1962'), ...change });
  if (!result.ok) throw new Error(result.message);
  return carSchema.parse(result.body);
};

it('begins with what the lot is called', () => {
  expect(bodyOf({})).toMatchObject({ make: 'Sarvane', model: 'Corso', year: 1962, style: 'hardtop' });
});

it.each([
  ['62,180', 62180],
  ['62180.5', 62180.5],
  ['62 180', 62180],
])('an odometer of %s is %d, and stays so when the form is kept again', (odometer, value) => {
  const car = bodyOf({ odometer });
  expect(car.odometer).toEqual({ value, unit: 'mi' });
  expect(bodyOf({}, car)).toEqual(car);
});

it('gives back what it showed, unchanged', () => {
  const car = carSchema.parse({
    make: 'Brannock',
    model: 'Eleven',
    year: null,
    style: 'saloon4',
    baseMetal: 'wood',
    steering: 'right',
    odometer: { value: 12.5, unit: 'km' },
    leave: { press: 'no', liftCarpet: 'yes', removeTrim: 'not-asked', drive: 'no' },
  });
  expect(bodyOf({}, car)).toEqual(car);
});

it('keeps what is known while the style is not', () => {
  expect(bodyOf({ style: '', make: '' })).toMatchObject({ style: '', make: '', model: 'Corso' });
});

it.each([
  [{ odometer: '62,18O' }, 'odometer'],
  [{ year: 'about 1960' }, 'year'],
])('asks about %j', (change, says) => {
  expect(carBody({ ...carFields(null, ''), ...change })).toEqual({ ok: false, message: expect.stringContaining(says) });
});
