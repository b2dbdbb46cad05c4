import { planOf } from '@/core/body/plan';
import { SIGNS, signOf } from '@/core/practice/signs';
import { practicePicture } from './practice-picture';

const zone = planOf('saloon4')!.zones.get('door.left.front')!;
const fault = (flaw: string, more = {}) => ({
  zone: zone.slug,
  flaw,
  count: 1,
  sizeMm: 60,
  share: 0.2,
  where: '',
  ...more,
});
const LOOK = { colourHex: '#8a3d33', seed: 3 };

it('draws each fault that can be seen, and no word of it', () => {
  const bare = practicePicture(zone, [], LOOK);
  for (const flaw of Object.keys(SIGNS)) {
    const drawn = practicePicture(zone, [fault(flaw)], LOOK);
    expect([flaw, drawn !== bare]).toEqual([flaw, signOf(flaw).as !== 'nothing']);
    expect(drawn).not.toContain(flaw);
    expect(drawn).not.toMatch(/NaN|undefined/);
  }
});

it('draws more of what is more, and the same for the same car', () => {
  const chips = (count: number) => practicePicture(zone, [fault('chip', { count })], LOOK);
  expect(chips(12).length).toBeGreaterThan(2 * (chips(2).length - practicePicture(zone, [], LOOK).length));
  expect(chips(5)).toBe(chips(5));
  expect(practicePicture(zone, [fault('chip')], { ...LOOK, seed: 4 })).not.toBe(chips(1));
});

it('stands the left of the car on its wheels', () => {
  const plan = planOf('saloon4')!;
  const heights = (slug: string) => {
    const outline = /<path d="(M[^"]+)"/.exec(practicePicture(plan.zones.get(slug)!, [], LOOK))![1]!;
    return [...outline.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map((m) => Number(m[2])).sort((a, b) => a - b);
  };
  // A wing and its twin stand alike, the arch below on both.
  const [left, right] = [heights('fender.left'), heights('fender.right')];
  expect(left.length).toBe(right.length);
  for (const [i, y] of left.entries()) expect(y).toBeCloseTo(right[i]!, 0);
});
