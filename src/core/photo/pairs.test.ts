import { planOf } from '../body/plan';
import type { StoredRecord } from '../kinds';
import { findingSchema } from '../kinds/finding';
import { photoSchema } from '../kinds/photo';
import { pairOf, rangeOf, withoutOverview } from './pairs';

let n = 0;
const id = () => `0194aaaa-0000-7000-8000-${String(++n).padStart(12, '0')}`;
const photo = (body: object): StoredRecord<'photo'> => ({
  id: id(),
  kind: 'photo',
  version: 1,
  body: photoSchema.parse({
    sha256: '0'.repeat(64),
    name: 'p.jpg',
    type: 'image/jpeg',
    bytes: 1,
    widthPx: 1,
    heightPx: 1,
    ...body,
  }),
});
const finding = (zone: string): StoredRecord<'finding'> => ({
  id: id(),
  kind: 'finding',
  version: 1,
  body: findingSchema.parse({ zone, flaw: 'chip', at: '2027-02-10T09:30:00Z' }),
});
const at = (minute: number) => `2027-02-10T09:${String(minute).padStart(2, '0')}:00Z`;

it('pairs the close-up with the overview of its zone taken nearest in time', () => {
  const chip = finding('hood');
  const early = photo({ zone: 'hood', takenAt: at(1) });
  const later = photo({ zone: 'hood', takenAt: at(28) });
  const close = photo({ zone: 'hood', finding: chip.id, takenAt: at(31) });
  const elsewhere = photo({ zone: 'roof', takenAt: at(31) });
  expect(pairOf(chip, [early, elsewhere, later, close])).toEqual({ far: later, near: [close] });
  // Without a close-up the finding's own moment tells.
  expect(pairOf(chip, [early, later]).far).toBe(later);
  expect(pairOf(chip, [elsewhere])).toEqual({ far: null, near: [] });
});

it('believes what is stated over what it would guess', () => {
  const chip = finding('hood');
  const stated = photo({ zone: 'hood', finding: chip.id, range: 'far' });
  const overview = photo({ zone: 'hood', takenAt: at(30) });
  const detail = photo({ zone: 'hood', range: 'near', takenAt: at(30) });
  expect(rangeOf(detail)).toBe('near');
  expect(pairOf(chip, [overview, detail, stated])).toEqual({ far: stated, near: [] });
  // A detail of the panel is no overview of it, however near in time.
  expect(pairOf(chip, [detail]).far).toBeNull();
});

it('takes any overview when no time is known, and never another finding’s picture', () => {
  const [chip, other] = [finding('hood'), finding('hood')];
  const timeless = photo({ zone: 'hood' });
  expect(pairOf(chip, [photo({ zone: 'hood', finding: other.id }), timeless])).toEqual({ far: timeless, near: [] });
});

it('says of which zones the first pass still owes an overview, along the lap', () => {
  const plan = planOf('fastback')!;
  const [first, second, third] = plan.lap.outside;
  const owed = withoutOverview(plan, 'outside', [
    photo({ zone: first }),
    photo({ zone: third, finding: id() }),
    photo({ zone: null }),
  ]);
  expect(owed.slice(0, 2)).toEqual([second, third]);
  expect(owed).toHaveLength(plan.lap.outside.length - 1);
});
