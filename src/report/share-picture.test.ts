import { runsOf } from '@/core/image/run-lengths';
import type { BodyOf } from '@/core/kinds';
import { marksOf } from './share-picture';

const photo = (widthPx: number, heightPx: number) => ({ widthPx, heightPx }) as BodyOf<'photo'>;
const share = (mask: string) => ({
  zone: 'bumper.front',
  photo: '',
  stretch: { x: 100, y: 50, width: 400, height: 200 },
  mask,
});

it('lays each run of the mask where it is on the copy of the picture', () => {
  // Of a mask of 4 × 2: the second and third pixel of the upper row, the last of the lower.
  const mask = runsOf(4, 2, (i) => i === 1 || i === 2 || i === 7);
  expect(marksOf(share(mask), photo(1000, 800))).toEqual({
    path: 'M200 50h200v100h-200zM400 150h100v100h-100z',
    width: 1000,
    height: 800,
  });
});

it('tells the size of the copy, not of the picture', () => {
  expect(marksOf(share(runsOf(1, 1, () => false)), photo(4096, 3072))).toEqual({ path: '', width: 2048, height: 1536 });
});

it('marks nothing where the mask cannot be read', () => {
  expect(marksOf(share('4x4:1'), photo(10, 10))).toBeNull();
});
