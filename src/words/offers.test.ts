import type { JobNamed } from '@/core/kinds/job';
import { jobName } from './offers';
import { PLAIN_WORDING } from './vocabulary';

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
