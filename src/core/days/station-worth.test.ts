import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { gradeCar } from '../grade/grade';
import { judge } from '../judge/judge';
import { type AnyRecord, KINDS } from '../kinds';
import { stationsDone, stationWorth } from './station-worth';

const plan = planOf('fastback')!;
const look = (zone: string, aspect: string, n: number): AnyRecord =>
  ({
    kind: 'look',
    id: `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`,
    version: 1,
    body: KINDS.look.schema.parse({ zone, aspect, outcome: 'clean', at: '2027-02-10T09:00:00Z' }),
  }) as AnyRecord;
const lookedBelow = [...plan.zones.values()]
  .filter((z) => z.view === 'underneath')
  .flatMap((z) => z.aspects.map((a) => [z.slug, a] as const))
  .map(([zone, aspect], n) => look(zone, aspect, n + 1));
const judged = (records: readonly AnyRecord[]) => {
  const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
  return { judgement, worth: stationWorth(judgement, gradeCar(judgement, 2027, DEFAULT_TABLES).unseenMovers) };
};

it('is worth nothing where all that a station looks at was seen, and more the more of it is open', () => {
  const [nothing, below] = [judged([]), judged(lookedBelow)];
  expect(nothing.worth('below')).toBeGreaterThan(0);
  expect(below.worth('below')).toBe(0);
  expect(below.worth('lap')).toBeGreaterThan(0);
});

it('takes a station as done once nothing of it is open', () => {
  expect(stationsDone(judged([]).judgement)).toEqual([]);
  expect(stationsDone(judged(lookedBelow).judgement)).toContain('below');
});
