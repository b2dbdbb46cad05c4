import { SCHOOLS } from '../catalogue/schools';
import { STATION_TABLE, type StationId, WARM_MINUTES } from './stations';
import { dropFirst, visitOrder } from './visit-order';

const EIGHT = 8 * 60;
const day = { from: EIGHT, until: 18 * 60 };
const at = (order: NonNullable<ReturnType<typeof visitOrder>>, id: StationId) =>
  order.stops.find((s) => s.station === id)!;

it.each(SCHOOLS)('keeps the rules of order in every school: %s', (school) => {
  const order = visitOrder({ ...day, school })!;
  const place = new Map(order.stops.map((s, i) => [s.station, i]));
  for (const s of STATION_TABLE)
    for (const a of s.after)
      if (place.has(s.id) && place.has(a))
        expect([school, a, s.id, place.get(a)! < place.get(s.id)!]).toEqual([school, a, s.id, true]);
  for (const [i, s] of order.stops.entries()) if (i > 0) expect(s.from).toBeGreaterThanOrEqual(order.stops[i - 1]!.to);
});

it('uses the warming of the engine for other stations instead of waiting', () => {
  const order = visitOrder({ ...day, school: 'survey' })!;
  expect(order.waited).toBe(0);
  expect(at(order, 'idle').from - at(order, 'cold-start').to).toBeGreaterThanOrEqual(WARM_MINUTES);
  expect(order.stops.some((s) => s.why === 'uses-the-warming')).toBe(true);
});

it('waits for the engine where nothing else is left to do', () => {
  const rest = STATION_TABLE.map((s) => s.id).filter((id) => !['cold-checks', 'cold-start', 'idle'].includes(id));
  const order = visitOrder({ ...day, school: 'survey', without: rest })!;
  expect(at(order, 'idle').waits).toBeCloseTo(WARM_MINUTES - 0.5, 6);
});

it('goes to the pit while it is free, and needs the dry and the daylight when they are there', () => {
  const pit = [10 * 60, 10 * 60 + 40] as const;
  const order = visitOrder({ ...day, school: 'survey', spans: { pit, daylight: [EIGHT, 13 * 60] } })!;
  expect(at(order, 'below').from).toBeGreaterThanOrEqual(pit[0]);
  expect(at(order, 'below').to).toBeLessThanOrEqual(pit[1]);
  for (const s of order.stops)
    if (STATION_TABLE.find((t) => t.id === s.station)!.needs.includes('daylight'))
      expect(s.to).toBeLessThanOrEqual(13 * 60);
});

it('is none where the stations do not fit', () => {
  expect(visitOrder({ school: 'survey', from: EIGHT, until: EIGHT + 60 })).toBeNull();
  expect(visitOrder({ ...day, school: 'survey', spans: { pit: [0, 0] } })).toBeNull();
});

/** Every order of a few stations, by hand: the first end there is. */
function byForce(ids: readonly StationId[]): number {
  const table = ids.map((id) => STATION_TABLE.find((s) => s.id === id)!);
  let best = Number.POSITIVE_INFINITY;
  const go = (done: readonly (typeof table)[number][], time: number, warm: number | null) => {
    if (done.length === table.length) best = Math.min(best, time);
    for (const s of table) {
      if (done.includes(s) || s.after.some((a) => ids.includes(a) && !done.some((d) => d.id === a))) continue;
      const arrives = time + (done.length > 0 && done.at(-1)!.at !== s.at ? 0.5 : 0);
      const from = s.id === 'idle' ? Math.max(arrives, warm ?? arrives) : arrives;
      const to = from + s.minutes.survey!;
      go([...done, s], to, s.id === 'cold-start' ? to + WARM_MINUTES : warm);
    }
  };
  go([], EIGHT, null);
  return best;
}

it('ends as early as any order does, on every handful of stations', () => {
  const all = STATION_TABLE.map((s) => s.id);
  for (let n = 0; n < 12; n++) {
    const ids = all.filter((_, i) => (i * 7 + n * 5) % 13 < 6).slice(0, 7);
    const order = visitOrder({ ...day, school: 'survey', without: all.filter((id) => !ids.includes(id)) })!;
    expect([ids, order.ends]).toEqual([ids, expect.closeTo(byForce(ids), 9)]);
  }
});

it('drops what is worth least, and no more than it must', () => {
  const worth = (id: StationId) => STATION_TABLE.find((s) => s.id === id)!.asked;
  const whole = visitOrder({ ...day, school: 'survey' })!;
  const late = dropFirst({ school: 'survey', from: EIGHT, until: whole.ends - 20 }, worth)!;
  expect(late.drop.length).toBeGreaterThan(0);
  expect(late.order.ends).toBeLessThanOrEqual(whole.ends - 20);
  // Nothing that was dropped could have stayed alone.
  for (const id of late.drop) {
    const rest = late.drop.filter((d) => d !== id);
    expect([id, visitOrder({ school: 'survey', from: EIGHT, until: whole.ends - 20, without: rest })]).toEqual([
      id,
      null,
    ]);
  }
  expect(late.loses).toBeCloseTo(
    late.drop.reduce((s, id) => s + worth(id), 0),
    9,
  );
});

it('drops nothing where there is time', () => {
  expect(dropFirst({ ...day, school: 'lap' }, () => 1)!.drop).toEqual([]);
});
