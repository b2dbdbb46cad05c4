import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { gradeCar } from '../grade/grade';
import { type AnyRecord, KINDS, type RecordKind } from '../kinds';
import { extraPartsOf, judge, lossesOf, missingFrom, shutGates } from './judge';
import { MODEL_NAMES, type ModelName, modelOf } from './models';

const plan = planOf('fastback')!;
const AT = '2027-02-10T09:00:00Z';
let n = 0;
const record = (kind: RecordKind, body: object) =>
  ({
    id: `01890000-0000-7000-8000-${String(++n).padStart(12, '0')}`,
    kind,
    version: 1,
    body: KINDS[kind].schema.parse(body),
  }) as AnyRecord;
const car = record('car', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' });
const reading = (um: number) =>
  record('reading', { zone: 'hood', state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' }, at: AT });
const dent = record('finding', { zone: 'hood', flaw: 'dent', count: 1, sizeMm: 40, at: AT });
const shut = record('shut', { zone: 'door.left.front', feel: 'slam', at: AT });
const some = [car, reading(118), reading(121), dent, shut];
const judged = (
  records: readonly AnyRecord[],
  before: ReturnType<typeof judge> | null = null,
  tables = DEFAULT_TABLES,
) => judge({ plan, records, tables }, before);

/** Which models say the very same thing as before, by asking all of both. */
function keptModels(before: ReturnType<typeof judge>, after: ReturnType<typeof judge>): ModelName[] {
  return MODEL_NAMES.filter((name) => before[name] === after[name]);
}

function ask(judgement: ReturnType<typeof judge>) {
  for (const name of MODEL_NAMES) expect(judgement[name]).toBeDefined();
  return judgement;
}

it('asks each model once, and only when it is wanted', () => {
  const asked: string[] = [];
  const spies = MODEL_NAMES.map((name) => {
    const model = modelOf(name) as { judge: (...given: never[]) => unknown };
    const was = model.judge;
    return jest.spyOn(model, 'judge').mockImplementation((...given) => {
      asked.push(name);
      return was(...given);
    });
  });
  const judgement = judged(some);
  expect(asked).toEqual([]);
  expect(judgement.fit).toBe(judgement.fit);
  expect(asked).toEqual(['fit']);
  gradeCar(judgement, 2027, DEFAULT_TABLES);
  lossesOf(judgement);
  extraPartsOf(judgement);
  shutGates(judgement);
  missingFrom(judgement, judgement.records);
  expect([...asked].sort()).toEqual([...MODEL_NAMES].sort());
  for (const spy of spies) spy.mockRestore();
});

it.each([
  ['a reading', reading(240), ['reading']],
  ['a finding', record('finding', { zone: 'deck', flaw: 'chip', count: 2, sizeMm: 3, at: AT }), ['finding']],
  ['how a door shuts', record('shut', { zone: 'door.right.front', feel: 'push', at: AT }), ['shut']],
  ['a claim', record('claim', { kind: 'no-rust', text: 'Solid.', source: 'Earlier listing', saidAt: AT }), ['claim']],
] as const)('after %s asks again those models alone that read such records', (_, added, kinds) => {
  const before = ask(judged(some));
  const after = ask(judged([...some, added], before));
  const needs = (name: ModelName): readonly string[] => [
    ...modelOf(name).reads,
    ...Object.values(modelOf(name).needs ?? {}).flatMap((m) => m.reads),
  ];
  const untouched = MODEL_NAMES.filter(
    (name) => !needs(name).some((kind) => (kinds as readonly string[]).includes(kind)),
  );
  expect(keptModels(before, after)).toEqual(untouched);
});

it('says the same whether it was judged at once or record by record', () => {
  let step: ReturnType<typeof judge> | null = null;
  for (let i = 1; i <= some.length; i++) step = ask(judged(some.slice(0, i), step));
  const once = judged(some);
  for (const name of MODEL_NAMES) expect(step![name]).toEqual(once[name]);
});

it('judges anew when a table changes, and those models alone that judge by it', () => {
  const before = ask(judged(some));
  const tables = { ...DEFAULT_TABLES, tolerances: [...DEFAULT_TABLES.tolerances] };
  const after = ask(judged(some, before, tables));
  const byIt = MODEL_NAMES.filter((name) => 'tolerances' in modelOf(name).tables);
  expect(byIt).toContain('fit');
  expect(keptModels(before, after)).toEqual(expect.arrayContaining(MODEL_NAMES.filter((m) => m === 'coverage')));
  for (const name of byIt) expect(keptModels(before, after)).not.toContain(name);
});

it('takes nothing over from another plan or another car’s record', () => {
  const before = ask(judged(some));
  const other = record('car', { make: 'Quillon', model: 'Halyard', year: 1968, style: 'fastback' });
  expect(keptModels(before, ask(judged([other, ...some.slice(1)], before)))).toEqual([]);
  const elsewhere = planOf('fastback', { steering: 'right' })!;
  const after = ask(judge({ plan: elsewhere, records: some, tables: DEFAULT_TABLES }, before));
  expect(elsewhere === plan ? MODEL_NAMES : keptModels(before, after)).toEqual(elsewhere === plan ? MODEL_NAMES : []);
});

it('says nothing good of an empty record, and what it lacks', () => {
  const empty = judged([]);
  expect(lossesOf(empty)).toEqual([]);
  // Whose car it is, nobody has said: that alone holds the grade down.
  expect(shutGates(empty).map((g) => g.gate)).toEqual(['no-identity']);
  const kinds = missingFrom(empty, []).map((m) => m.kind);
  expect(kinds.length).toBeGreaterThan(3);
  expect(missingFrom(null, []).some((m) => m.blocks)).toBe(true);
});
