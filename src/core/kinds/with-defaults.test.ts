import type { AnyRecord, StoredRecord } from './';
import { photoSchema } from './photo';
import { withDefaults } from './with-defaults';

const PHOTO = {
  sha256: 'a'.repeat(64),
  name: 'x.jpg',
  type: 'image/jpeg',
  bytes: 1,
  widthPx: 1,
  heightPx: 1,
};

it('gives a record from before a field was known that field as nothing said', () => {
  const old = { id: 'p', kind: 'photo', version: 3, body: { ...PHOTO, caption: 'kept' } } as unknown as AnyRecord;
  const now = withDefaults(old) as StoredRecord<'photo'>;
  expect(now.body).toEqual(photoSchema.parse({ ...PHOTO, caption: 'kept' }));
  expect(now.version).toBe(3);
});

it('leaves a whole record as it is, the very same', () => {
  const whole = { id: 'p', kind: 'photo', version: 1, body: photoSchema.parse(PHOTO) } as AnyRecord;
  expect(withDefaults(whole)).toBe(whole);
});
