import { planOf } from '@/core/body/plan';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { carSchema } from '@/core/kinds/car';
import { findingSchema } from '@/core/kinds/finding';
import { spotSchema } from '@/core/kinds/spot';
import { weakSchema } from '@/core/kinds/weak';
import { PLAIN_WORDING } from '@/words/vocabulary';
import type { Block } from '../block';
import { metal } from './metal';

const AT = '2027-02-10T09:00:00Z';
const plan = planOf('fastback')!;
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const car = record(
  'car',
  carSchema.parse({ make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback', chassisNumber: 'QH67-1' }),
);
const weak = (more: object) =>
  record('weak', weakSchema.parse({ zone: 'fender.left', spot: 'fender-bottom', outcome: 'sound', at: AT, ...more }));
const finding = (more: object) =>
  record('finding', findingSchema.parse({ zone: 'rocker.left', flaw: 'rust-scale', at: AT, ...more }));
const spot = (more: object) => record('spot', spotSchema.parse({ zone: 'quarter.left', at: AT, ...more }));

function shown(...records: AnyRecord[]): { blocks: readonly Block[]; text: string } {
  const all = [car, ...records];
  const judgement = judge({ plan, records: all, tables: DEFAULT_TABLES });
  const grade = gradeCar(judgement, 2027, DEFAULT_TABLES);
  const sealed = metal.seal({ judgement, grade, tables: DEFAULT_TABLES, records: all, onYear: 2027 });
  // What is sealed is what is shown: read back as the schema reads it.
  const read = { metal: metal.sealed.metal.parse(JSON.parse(JSON.stringify(sealed.metal))) };
  const blocks = metal.blocks({
    sealed: read,
    records: all,
    car: car.body as never,
    plan,
    findings: [],
    tables: { grade: DEFAULT_TABLES.grade, profiles: DEFAULT_TABLES.profiles },
    wording: PLAIN_WORDING,
    unit: 'um',
    timeZone: undefined,
    onDay: '2027-03-04',
  });
  return { blocks, text: JSON.stringify(blocks) };
}

it('says nothing of weak spots where nobody went to any: a list alone is no look', () => {
  expect(shown().blocks).toEqual([]);
});

it('names the weak spots that nobody looked at, and those that could not be seen with the reason', () => {
  const { text } = shown(weak({}), weak({ zone: 'fender.right', outcome: 'blocked', why: 'dirty' }));
  expect(text).toContain('1 was looked at');
  expect(text).toContain('Front wing, right, bottom, behind the wheel: ');
  expect(text).toMatch(/dirty/);
  expect(text).not.toContain('Front wing, left, bottom');
});

it('says which unseen place shares the water of one that was found', () => {
  const { text } = shown(weak({ zone: 'floor.left.front', spot: 'floor-front', outcome: 'rust' }));
  expect(text).toContain('it shares its water with a place that was found');
});

it('says what the tests say together, and that they contradict where they do', () => {
  expect(shown(spot({ surface: 'unbroken', magnet: 'off', tap: 'dull' })).text).toMatch(
    /a disguised repair: filler, probably over rust \(\d\d %\)/,
  );
  expect(shown(spot({ surface: 'browned', magnet: 'off', film: 'thick', tap: 'dull' })).text).toContain(
    'the tests contradict each other',
  );
});

it('foretells years for what rusts, the worse the harsher, with the sentence that it promises nothing', () => {
  const { blocks, text } = shown(finding({}));
  const table = blocks.find((b) => b.kind === 'table' && b.label.startsWith('Years'))!;
  if (table.kind !== 'table') throw new Error('no table of years');
  expect(table.columns.map((c) => c.name)).toEqual(['Place', 'dry garage', 'daily use inland', 'coast and road salt']);
  expect(table.rows.map((r) => r[0]!.text)).toEqual(['First hole expected', 'Sill, left']);
  expect(text).toContain('no promise');
  // A car that is through somewhere waits for no first hole.
  const holed = shown(finding({}), finding({ zone: 'floor.left.front', flaw: 'perforated' }));
  expect(holed.text).toContain('Next hole expected');
  expect(holed.text).not.toContain('First hole');
});

it('keeps a withheld finding out of the years', () => {
  expect(shown(finding({ withheld: 'owner’s wish' })).text).not.toContain('Years until through');
});

it('tells by no weak place what is withheld, and says of none that nobody looked where something withheld was found', () => {
  const withheld = { zone: 'floor.left.front', where: 'outer front corner', withheld: 'owner’s wish' };
  const [open, held] = [shown(weak({}), finding({ ...withheld, withheld: null })), shown(weak({}), finding(withheld))];
  expect(open.text).toContain('it shares its water');
  expect(held.text).not.toContain('it shares its water');
  expect(held.text).not.toContain('Front floor, left');
});
