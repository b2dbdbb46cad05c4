import { planOf } from '@/core/body/plan';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { judge } from '@/core/judge/judge';
import { recordOf } from '@/core/kinds/test-records';
import { numberDots } from './number-dots';

const plan = planOf('fastback')!;
const car = recordOf('car', {
  make: 'Quillon',
  model: 'Halyard',
  year: 1967,
  style: 'fastback',
  chassisNumber: 'QHF67-04418',
});
const dots = (
  ...records: Parameters<typeof judge>[0]['records'] extends infer R
    ? R extends readonly (infer A)[]
      ? A[]
      : never
    : never
) => numberDots(plan, judge({ plan, records: [car, ...records], tables: DEFAULT_TABLES }).identity);
const kinds = (list: ReturnType<typeof dots>, zone: string) => list.filter((d) => d.zone === zone).map((d) => d.kind);

it('leaves every place open where nothing was read', () => {
  expect(new Set(dots().map((d) => d.kind))).toEqual(new Set(['weak-unseen']));
});

it('ticks what was read, asks where a character may be misread, fills what differs', () => {
  const number = (place: string, asRead: string) => recordOf('number', { place, asRead });
  const list = dots(number('engine-stamp', 'QH 04418'), number('frame', 'QHF67-O4418'), number('dash', 'QHF66-99999'));
  expect(kinds(list, 'engine')).toEqual(['weak-sound', 'weak-unseen']);
  expect(kinds(list, 'rail.right.front')).toEqual(['weak-raised']);
  expect(kinds(list, 'dash')).toEqual(['weak-found']);
});

it('sets marks of one place beside each other, never on one spot', () => {
  const spots = dots().map((d) => `${d.zone} ${Math.round(d.uMm)} ${Math.round(d.vMm)}`);
  expect(new Set(spots).size).toBe(spots.length);
});
