import { ASPECTS } from '@/core/body/zone';
import { CHAPTERS } from './chapters';
import { placeAt } from './place-path';
import { PLACES } from './places';

it('gives every aspect a chapter, so that nothing entered is out of reach', () => {
  const reached = new Set(CHAPTERS.flatMap((c) => c.aspects));
  expect([...reached].sort()).toEqual([...ASPECTS].sort());
});

it('has five places, and an address of its own for each and for every chapter', () => {
  expect(PLACES.map((p) => p.slug)).toEqual(['intake', 'walk', 'evidence', 'grade', 'report']);
  const slugs = CHAPTERS.map((c) => c.slug);
  expect(new Set(slugs).size).toBe(slugs.length);
  for (const slug of slugs) expect(placeAt(['evidence', slug])?.moved).toBeFalsy();
  expect(placeAt(['evidence', 'rumours'])).toBeNull();
});
