import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { gradeCar } from '../grade/grade';
import { judge } from '../judge/judge';
import { type AnyRecord, KINDS, type RecordKind } from '../kinds';
import { compareInspections } from './compare';

const plan = planOf('fastback')!;
let serial = 0;
const record = (kind: RecordKind, body: object): AnyRecord => {
  serial += 1;
  const full = KINDS[kind].schema.parse({ at: '2027-02-10T09:00:00Z', ...body });
  return {
    kind,
    id: `0190f5c0-0000-7000-8000-${String(serial).padStart(12, '0')}`,
    version: 1,
    body: full,
  } as AnyRecord;
};
const inspected = (records: readonly AnyRecord[]) => {
  const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
  return { judgement, grade: gradeCar(judgement, 2027, DEFAULT_TABLES) };
};
const clean = (zone: string, aspect: string) => record('look', { zone, aspect, outcome: 'clean' });
const tried = (name: string, state: string) => record('tried', { function: name, state });

it('agrees with itself, and says nothing of what neither looked at', () => {
  const one = inspected([clean('hood', 'paint'), tried('clock', 'works'), tried('horn', 'dead')]);
  const found = compareInspections(one, one);
  expect(found.whole).toBe(0);
  expect(found.functions).toMatchObject({ pairs: 2, kappa: { kappa: 1 } });
  expect(found.findings).toEqual({ both: 0, only: [] });
  expect(found.axes.find((a) => a.axis === 'underside')).toMatchObject({ first: null, differ: null });
});

it('names a finding that one has alone only where the other looked', () => {
  const dent = record('finding', { zone: 'roof', flaw: 'dent' });
  const there = compareInspections(inspected([dent]), inspected([clean('roof', 'shape')]));
  expect(there.findings.only).toEqual([{ by: 'first', zone: 'roof', flaw: 'dent' }]);
  const away = compareInspections(inspected([dent]), inspected([clean('hood', 'shape')]));
  expect(away.findings.only).toEqual([]);
});

it('compares stages of rust where both looked at the metal', () => {
  const blister = () => record('finding', { zone: 'rocker.left', flaw: 'rust-blister' });
  const hole = record('finding', { zone: 'rocker.left', flaw: 'perforated' });
  const same = compareInspections(
    inspected([blister(), clean('hood', 'corrosion')]),
    inspected([blister(), clean('hood', 'corrosion')]),
  );
  expect(same.stages).toMatchObject({ pairs: 2, kappa: { kappa: 1 } });
  const other = compareInspections(
    inspected([blister(), clean('hood', 'corrosion')]),
    inspected([hole, clean('hood', 'corrosion')]),
  );
  expect(other.stages.kappa!.kappa).toBeLessThan(1);
  expect(other.axes.find((a) => a.axis === 'metal')!.differ).toBeLessThan(0);
});
