import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge, lossesOf } from '../judge/judge';
import type { AnyRecord } from '../kinds';

const plan = planOf('fastback')!;
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const plating = (areaShare: number, zone = 'bumper.front') => record('plating', { zone, areaShare });
const finding = (flaw: string) =>
  record('finding', { zone: 'bumper.front', flaw, count: 1, sizeMm: null, share: null, where: '', place: null });
const lost = (...records: AnyRecord[]) =>
  lossesOf(judge({ plan, records, tables: DEFAULT_TABLES })).filter(
    (l) => l.zone === 'bumper.front' && l.aspect === 'brightwork' && l.finding === undefined,
  );

it('takes more of the plating the worse its rating, and nothing where there is no defect', () => {
  const shares = [0, 0.001, 0.01, 0.05, 0.3, 1].map((s) => lost(plating(s))[0]!.share);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  expect([shares[0], shares.at(-1)]).toEqual([0, 1]);
});

it('counts the worst picture of a place once', () => {
  expect(lost(plating(0.01), plating(0.2))).toEqual(lost(plating(0.2)));
});

it('leaves it to the finding where somebody said the same in words', () => {
  expect(lost(plating(0.2), finding('pitting'))).toEqual([]);
  expect(lost(plating(0.2), finding('dent'))).toHaveLength(1);
});
