/** Things that come with a car, by the slugs that facts spell them with. */
export const ALONG_THINGS = [
  'spare-wheel',
  'jack',
  'tools',
  'handbook',
  'service-book',
  'build-sheet',
  'spare-key',
  'receipts',
  'title',
  'car-cover',
  'tonneau',
  'wheel-trims',
  'floor-mats',
  'photos',
  'spare-parts',
] as const;
export type AlongThing = (typeof ALONG_THINGS)[number];
