import type { DemoLot, PhotoOrder } from '../lot';
import type { CarTruth } from '../truth';
import type { DemoVisit } from '../visit';
import { cleanAll, enter, measureAll } from '../walks';

const TRUTH: CarTruth = {
  film: { medianUm: 108, spread: 0.14 },
  panels: { 'door.left.front': { medianUm: 225, spread: 0.25 }, tailgate: { medianUm: 210, spread: 0.24 } },
};

function walk(v: DemoVisit, visit: string): PhotoOrder[] {
  measureAll(v, TRUTH, visit);
  enter(
    v,
    [
      ['no-rust', 'Aluminium body, no rust.', 'Harald Voss, trustee'],
      ['matching-engine', 'Original engine.', 'Museum card'],
    ],
    [
      ['door.left.front', 'galvanic', { count: 5, sizeMm: 35, where: 'bottom seam', active: 'active' }],
      ['door.right.front', 'galvanic', { count: 3, sizeMm: 25, where: 'bottom seam' }],
      ['quarter.right', 'galvanic', { sizeMm: 40, where: 'around the window’s lower corner' }],
      ['footwell.left', 'perforated', { sizeMm: 22, where: 'outer lower corner' }],
      ['door.left.front', 'missing', { where: 'check strap' }],
      ['bench.left', 'wrong-part', { note: 'Rear benches of two kinds.' }],
      ['hood', 'dent', { count: 2, sizeMm: 90, where: 'where the spare wheel sat' }],
      ['fender.left', 'wave', { sizeMm: 300, where: 'hand-beaten edge, as built' }],
      ['outrigger.right.front', 'rust-scale', { sizeMm: 120, where: 'lower face', active: 'active', treated: 'no' }],
      ['rail.right.rear', 'rust-film', { share: 0.3 }],
      ['seat.left.front', 'split', { sizeMm: 120, where: 'outer edge' }],
      ['engine', 'leak-drips', { where: 'transfer case front seal' }],
      ['glass.right.rear', 'glass-scratched', { sizeMm: 150, where: 'sliding pane' }],
    ],
  );
  v.metal('door.left.front', 'bottom seam', { surface: 'white-swelling', press: 'hard' });
  v.metal('door.right.front', 'bottom seam', { surface: 'white-swelling', magnet: 'off' });
  v.metal('footwell.left', 'outer lower corner', { surface: 'holes', behind: 'through' });
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank']);
  v.blocked(['tank'], 'trim-on', 'guard plate not removed');
  return [
    { subject: 'blisters', zone: 'door.left.front', finding: 0, caption: 'White corrosion at the bottom seam' },
    { subject: 'rust', zone: 'footwell.left', finding: 3, caption: 'Hole at the footwell' },
    { subject: 'rust', zone: 'outrigger.right.front', finding: 8, caption: 'Outrigger from below' },
    {
      subject: 'rusted-panel',
      zone: 'rail.right.rear',
      finding: null,
      caption: 'Rear rail, side face',
      flawedShare: 0.02,
      ground: '#3a3d3c',
      measured: 'rust',
    },
    { subject: 'panel', zone: 'hood', finding: 6, caption: 'Dents below the spare wheel' },
    { subject: 'cabin', zone: 'bench.left', finding: 5, caption: 'Rear bench' },
    { subject: 'gauge', zone: 'fender.right', finding: null, caption: 'Gauge on the wing', figure: '104' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate' },
  ];
}

/** Lot 3, utility: white corrosion at the door bottoms, a small hole in the bulkhead, a strap and the seats. */
export const LOT_03: DemoLot = {
  number: 3,
  make: 'aldmoor',
  model: 'Fellman',
  year: 1974,
  body: 'utility',
  style: 'utility',
  stage: 'full',
  graded: {
    keeper: [56, 66],
    says: 'Honest at its lower edge: aluminium swelling at the door bottoms, a small hole in the bulkhead, worn seats; it works.',
  },
  worth: { expected: 21000, budget: 2500, days: 30 },
  jobs: {
    'dent-out@hood': { doneAfterDays: 3, by: 'Dovecote Dents, Marlpit' },
    'small-electrical@dash': { promisedInDays: 12 },
  },
  sealed: true,
  published: true,
  dueInDays: 5,
  keeper: 'Tomas Orrell',
  lent: true,
  facts: {
    colour: 'field grey',
    hex: '#7c8478',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'AF74-220913',
    engineNumber: 'AF 220913',
    odometer: { value: 88410, unit: 'mi' },
    odometerDigits: 6,
    keptIn: 'outdoors under a roof',
    drive: 'no',
  },
  truth: TRUTH,
  weakLeft: ['tank'],
  run: {
    fluids: [
      ['engine-oil', { level: 'full', looks: ['dark'] }],
      ['coolant', { level: 'full', looks: ['rusty'] }],
      ['brake', { level: 'full', looks: ['dark'] }],
      ['differential', { level: 'low', looks: ['dark'] }],
    ],
    starts: [
      {
        cold: 'cold',
        floor: 'dry',
        cranks: 'strong',
        catches: 'at-once',
        choke: 'used',
        smoke: [{ colour: 'black', course: 'puff' }],
        noises: ['top-end', 'exhaust'],
      },
    ],
    engine: { thermostatC: 64 },
    wet: [
      ['axle.pinion', 'wet', 'differential'],
      ['axle.cover', 'damp', 'differential'],
      ['exhaust.manifold', 'damp', 'gas'],
      ['engine.pan', 'dry', null],
    ],
    functions: { clock: { state: 'absent' }, radio: { state: 'absent' }, 'heater.fan': { state: 'poor' } },
  },
  papers: {
    along: [['spare-wheel'], ['jack', false], ['tools', false]],
    standoff: { stands: 'low-left-rear', looksWellFromM: 6 },
    numbers: [['chassis-plate', 'AF74-220913', { zone: 'bulkhead', fastening: 'rivets-works' }]],
    dates: [['casting.block', 'E 3 4']],
    parts: [
      ['seats', 'later', { note: 'rear seats of a later type, do not match the front', reversible: 'yes' }],
      ['engine', 'factory'],
      [null, 'modified', { what: 'winch', works: 'no', reversible: 'yes' }],
      [null, 'modified', { what: 'rear work lamp', works: 'yes', reversible: 'yes' }],
    ],
  },
  walk,
};
