import { planOfCar } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { recordOf as record } from '../kinds/test-records';
import { costTable } from '../work/cost-table';
import { workOf } from './cost';
import { decidedOn, type Road } from './roads';

const finding = (zone: string, flaw: string, where = '', more: object = {}) =>
  record('finding', { zone, flaw, where, ...more });

const CAR = record('car', {
  make: 'Sarvane',
  model: 'Lido',
  year: 1959,
  style: 'convertible',
  baseMetal: 'steel',
  paintType: 'single-stage',
});

function worked(own: readonly AnyRecord[]) {
  const records = [CAR, ...own];
  const plan = planOfCar(CAR.body as never)!;
  return workOf(judge({ plan, records, tables: DEFAULT_TABLES }), costTable.defaults).decided;
}
const ruleOf = (own: readonly AnyRecord[]) => worked(own).map((d) => d.options.rule);

// What a shop would do first, asked of one finding on a car that is otherwise not looked at.
it.each([
  ['floor.left.front', 'rust-film', 'along the drain', {}, 'touch-in'],
  ['rail.right.rear', 'rust-film', '', { share: 0.4 }, 'touch-in'],
  ['rocker.left', 'rust-film', 'behind the running board', {}, 'touch-in'],
  ['rail.right.rear', 'rust-scale', '', {}, 'load-path'],
  ['rocker.left', 'rust-blister', 'at the pinch weld', {}, 'sill'],
  ['floor.left.front', 'perforated', '', {}, 'floor-section'],
  ['floor.left.front', 'fresh-underseal', '', {}, 'test'],
  ['floor.left.front', 'underseal-flaking', '', {}, 'clean'],
  ['rocker.left', 'pinch-weld-bent', '', {}, 'leave'],
  ['door.left.front', 'galvanic', 'bottom seam', { sizeMm: 80 }, 'patch-outer'],
  ['crossmember.front', 'tie-down-torn', 'left', {}, 'load-path'],
  ['rail.left.front', 'rail-kinked', '', {}, 'load-path'],
  ['rail.left.front', 'gusset-drilled', '', {}, 'test'],
  ['floor.left.front', 'dent', 'from a jack', { sizeMm: 200 }, 'leave'],
  ['door.left.front', 'missing', 'check strap', {}, 'trim-piece'],
  ['engine', 'missing', 'air cleaner', {}, 'trim-piece'],
  ['dash', 'missing', 'clock', {}, 'small-electrical'],
  ['engine', 'wrong-part', 'carburettor of a later one', {}, 'leave'],
  ['seat.left.front', 'worn', 'piping', {}, 'leave'],
  ['seat.left.front', 'split', 'cushion', {}, 'seat-cover'],
  ['seat.left.front', 'smell-mice', '', {}, 'clean'],
  ['seat.left.front', 'smell-fuel', '', {}, 'test'],
  ['door.left.front', 'inoperative', 'does not lock', {}, 'adjust'],
  ['top', 'works-poorly', 'stops half way', {}, 'window'],
  ['glass.left.front', 'inoperative', 'window', {}, 'window'],
  ['dash', 'inoperative', 'clock', {}, 'small-electrical'],
  ['engine', 'inoperative', 'does not turn by hand', {}, 'engine-rebuild'],
  ['glass.rear', 'cloudy', '', {}, 'polish'],
  ['bumper.front', 'loose', 'left end', {}, 'refit'],
  ['bumper.front', 'plating-peels', '', {}, 're-plate'],
  ['engine', 'leak-drips', 'rear main', {}, 'gasket-below'],
  ['engine', 'leak-damp', 'rear main', {}, 'leave'],
  ['engine', 'leak-drips', 'front crankshaft seal', {}, 'gasket-above'],
  ['engine', 'leak-damp', 'valve cover, rear', {}, 'gasket-above'],
  ['engine', 'leak-drips', 'brake master cylinder', {}, 'brake-axle'],
])('%s, %s (%s): by rule what a shop would do', (zone, flaw, where, more, remedy) => {
  expect(ruleOf([finding(zone, flaw, where, more)])).toEqual([remedy]);
});

const tried = (fn: string, state: string) => record('tried', { function: fn, state });

it.each([
  ['starter', 'small-electrical'],
  ['horn', 'small-electrical'],
  ['radio', 'small-electrical'],
  ['door.outside.left.front', 'adjust'],
  ['window.left.front', 'window'],
  ['top', 'window'],
  ['parking-brake', 'brake-axle'],
])('a dead %s is mended by itself, not by redoing its place', (fn, remedy) => {
  expect(ruleOf([tried(fn, 'dead')])).toEqual([remedy]);
});

it('mends once what is found and tried to be the same', () => {
  const one = [tried('top', 'poor'), finding('top', 'works-poorly', 'stops half way, goes on by hand')];
  expect(ruleOf(one)).toEqual(['window']);
  // A clock that stands and a radio that is dead are two things; so is a lamp that is dead beside what rattles.
  expect(ruleOf([tried('radio', 'dead'), finding('dash', 'inoperative', 'clock')])).toHaveLength(2);
  expect(ruleOf([tried('radio', 'dead'), finding('dash', 'works-poorly', 'rattles')])).toHaveLength(2);
});

it('a new lens is no windshield, and a wrong piece is said', () => {
  const piece = (more: object) => record('piece', { zone: 'lamp.left.head', piece: 'head-lens', ...more });
  const [missing] = worked([piece({ presence: 'missing' })]);
  expect(missing!.options.options[0]).toMatchObject({ remedy: 'pane', times: 0.25 });
  expect(ruleOf([piece({ presence: 'wrong' })])).toEqual(['leave']);
});

it('offers more than what it chooses, and to leave it, for whoever decides otherwise', () => {
  const [film] = worked([finding('floor.left.front', 'rust-film')]);
  expect(film!.options.options.map((o) => o.remedy)).toEqual(['touch-in', 'floor-section', 'leave']);
  const [worn] = worked([finding('seat.left.front', 'worn')]);
  expect(worn!.options.options.map((o) => o.remedy)).toEqual(['leave', 'seat-cover']);
});

describe('on a road', () => {
  const decided = (road: Road, own: readonly AnyRecord[]) => worked(own).map((d) => decidedOn(road, d.options));

  it.each([
    // What the rule does away with is done; a restorer does not cut out what can be cleaned.
    ['floor.left.front', 'rust-film', '', 'touch-in', 'touch-in'],
    ['glass.rear', 'cloudy', '', 'polish', 'leave'],
    // What the rule leaves is put right by who restores, and kept by who repairs.
    ['seat.left.front', 'worn', '', 'seat-cover', 'leave'],
    ['engine', 'wrong-part', 'carburettor', 'trim-piece', 'leave'],
    ['engine', 'leak-damp', 'rear main', 'gasket-below', 'leave'],
    ['rocker.left', 'pinch-weld-bent', '', 'adjust', 'leave'],
    // A good repair stays, and no work gives a number back.
    ['rocker.left', 'patch-neat', '', 'leave', 'leave'],
    ['engine', 'number-mismatch', '', 'leave', 'leave'],
  ])('%s, %s (%s): restored, and made sound', (zone, flaw, where, restored, repaired) => {
    const own = [finding(zone, flaw, where)];
    expect([decided('restore', own), decided('repair', own)]).toEqual([[restored], [repaired]]);
  });

  it('makes safe what driving depends on: belts and lamps, and no radio', () => {
    expect(decided('run', [tried('seat-belt.left.front', 'dead')])).toEqual(['trim-piece']);
    expect(decided('run', [tried('lamp.brake', 'dead')])).toEqual(['small-electrical']);
    expect(decided('run', [tried('radio', 'dead')])).toEqual(['leave']);
  });
});
