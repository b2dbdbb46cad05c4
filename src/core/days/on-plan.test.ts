import { onPlan } from './on-plan';

const stop = (station: 'lap' | 'wheels' | 'cabin', from: number, to: number) => ({ station, from, to });
const STOPS = [stop('lap', 510, 545), stop('wheels', 545, 555), stop('cabin', 560, 575)];

it('stands at the first station that is not done, whatever the clock says', () => {
  expect(onPlan(STOPS, new Set(), 520)).toEqual({ current: STOPS[0], next: STOPS[1], behind: 0 });
  expect(onPlan(STOPS, new Set(['wheels']), 520)?.next).toEqual(STOPS[2]);
  expect(onPlan(STOPS, new Set(['lap', 'wheels']), 500)).toEqual({ current: STOPS[2], next: null, behind: 0 });
});

it('is behind by what is past the end of the station in hand', () => {
  expect(onPlan(STOPS, new Set(), 557)?.behind).toBe(12);
  expect(onPlan(STOPS, new Set(['lap']), 557)?.behind).toBe(2);
});

it('is over once all is done', () => {
  expect(onPlan(STOPS, new Set(['lap', 'wheels', 'cabin']), 600)).toBeNull();
  expect(onPlan([], new Set(), 600)).toBeNull();
});
