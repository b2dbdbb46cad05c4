import type { JobNamed } from '@/core/kinds/job';
import { jobName } from './offers';
import { PLAIN_WORDING } from './vocabulary';
import { slotText } from './work';

it.each<[JobNamed['work'], string | null, string]>([
  ['refinish', 'hood', 'refinish the panel, bonnet'],
  ['sill', 'rocker.left', 'sill, outer and inner, left'],
  ['engine-rebuild', 'engine', 'rebuild the engine'],
  ['headliner', 'headliner', 'new headliner'],
  ['respray', null, 'respray the outside'],
  ['tire', 'wheel.left.front', 'new tyre, front wheel, left'],
])('%s at %s is called once by its place', (work, zone, says) => {
  expect(jobName({ work, zone }, PLAIN_WORDING)).toBe(says);
});

it('a day is said once, be it that of plating, which takes no hours', () => {
  expect(slotText({ fromDay: 0, toDay: 0.4 })).toBe('day 1');
  expect(slotText({ fromDay: 42, toDay: 42 })).toBe('day 43');
  expect(slotText({ fromDay: 21.2, toDay: 22.7 })).toBe('day 22 to 23');
});
