import { changedFields, mergeFields } from './merge-fields';

const shown = { colour: 'green', year: 1967, leave: { drive: 'no' } };

it('leaves alone what another person entered meanwhile in other fields', () => {
  const present = { ...shown, year: 1968, note: 'new' };
  expect(mergeFields(present, shown, changedFields(shown, { ...shown, colour: 'red' }))).toEqual({
    body: { ...present, colour: 'red' },
    clash: false,
  });
});

it('tells when the very same field was changed by both, and not when both say the same', () => {
  const changed = changedFields(shown, { ...shown, leave: { drive: 'yes' } });
  expect(mergeFields({ ...shown, leave: { drive: 'not-asked' } }, shown, changed).clash).toBe(true);
  expect(mergeFields({ ...shown, leave: { drive: 'yes' } }, shown, changed).clash).toBe(false);
});

it('finds nothing changed in what is equal, whatever the order of keys', () => {
  expect(changedFields(shown, { leave: { drive: 'no' }, year: 1967, colour: 'green' })).toEqual({});
});
