import fc from 'fast-check';
import type { AnyRecord } from '../kinds';
import { cameraShiftMin, momentsOf, proposeZones } from './propose-zone';

const START = Date.parse('2027-02-10T09:00:00Z');
const at = (min: number) => new Date(START + min * 60_000).toISOString();
let n = 0;
const look = (zone: string, min: number) =>
  ({
    id: `l${++n}`,
    kind: 'look',
    version: 1,
    body: { zone, aspect: 'paint', outcome: 'clean', at: at(min) },
  }) as unknown as AnyRecord;
const photo = (id: string, min: number | null, zone: string | null = null) =>
  ({ id, kind: 'photo', version: 1, body: { takenAt: min === null ? null : at(min), zone } }) as unknown as AnyRecord;

// A lap: eight minutes at each of five zones, an entry every two minutes.
const LAP = ['hood', 'fender.left', 'door.left.front', 'quarter.left', 'deck'];
const lap = LAP.flatMap((zone, i) => [0, 2, 4, 6].map((m) => look(zone, i * 8 + m)));

it('proposes the zone in hand when the picture was taken', () => {
  const found = proposeZones([...lap, photo('a', 1), photo('b', 11), photo('c', 33)]);
  expect(found.map((p) => [p.photo, p.zone, p.sure])).toEqual([
    ['a', 'hood', true],
    ['b', 'fender.left', true],
    ['c', 'deck', true],
  ]);
});

it('is not sure between two zones, and proposes the nearer one', () => {
  const [found] = proposeZones([...lap, photo('a', 6.4)]);
  expect(found).toMatchObject({ zone: 'hood', sure: false });
  expect(found!.offMin).toBeCloseTo(0.4);
});

it('proposes nothing for pictures without a moment, with a zone, or far from every entry', () => {
  expect(proposeZones([...lap, photo('a', null), photo('b', 3, 'roof'), photo('c', 60)])).toEqual([]);
  expect(proposeZones([photo('a', 3)])).toEqual([]);
});

it('finds the camera’s time zone, and leaves a right clock alone', () => {
  const taken = [1, 5, 9, 14, 19, 26, 31, 37].map((m) => START + m * 60_000);
  const moments = momentsOf(lap);
  expect(cameraShiftMin(taken, moments)).toBe(0);
  fc.assert(
    fc.property(fc.integer({ min: -48, max: 56 }), (quarters) => {
      const shifted = taken.map((t) => t - quarters * 15 * 60_000);
      return cameraShiftMin(shifted, moments) === quarters * 15;
    }),
    { seed: 3 },
  );
  expect(cameraShiftMin([], moments)).toBe(0);
  expect(cameraShiftMin(taken, [])).toBe(0);
});
