import type { DemoLot, PhotoOrder } from '../lot';
import type { CarTruth } from '../truth';
import type { DemoVisit } from '../visit';
import { measureAll } from '../walks';

const LOT6_MARKS: readonly [zone: string, mark: string, where: string][] = [
  ['bed.left', 'stripe-no-edge', 'whole length'],
  ['bed.right', 'stripe-no-edge', 'whole length'],
  ['hood', 'label-in-place', 'inside, left front corner'],
  ['fender.left', 'fasteners-untouched', 'upper row'],
  ['fender.right', 'fasteners-untouched', 'upper row'],
  ['tailgate', 'hidden-runs', 'inside the lower fold'],
];

const TRUTH: CarTruth = { film: { medianUm: 124, spread: 0.1 }, panels: {} };

function walk(v: DemoVisit, visit: string): PhotoOrder[] {
  measureAll(v, TRUTH, visit, [], 'mil');
  v.put('claim', {
    kind: 'original-paint',
    text: 'Never painted; the stripe is the maker’s.',
    source: 'Family letter',
    saidAt: v.at(),
  });
  v.put('claim', { kind: 'owners', text: 'One family since new.', source: 'Family letter', saidAt: v.at() });
  v.put('claim', {
    kind: 'mileage',
    text: '143,900 km, every service stamped.',
    source: 'Service book',
    saidAt: v.at(),
  });
  for (const [zone, mark, where] of LOT6_MARKS) v.put('mark', { zone, mark, where, at: v.at() });
  v.finding('hood', 'chip', { count: 34, sizeMm: 3, where: 'leading third' });
  v.finding('fender.left', 'chip', { count: 11, sizeMm: 3, where: 'behind the wheel' });
  v.finding('fender.right', 'chip', { count: 9, sizeMm: 3, where: 'behind the wheel' });
  v.finding('bed.floor', 'scratch-through', { count: 18, sizeMm: 300, where: 'from loads' });
  v.finding('bed.floor', 'rust-film', { sizeMm: 200, where: 'around the tie-downs' });
  v.finding('tailgate', 'dent', { sizeMm: 60, where: 'upper edge, centre' });
  v.finding('bed.right', 'ding', { count: 3, sizeMm: 20, where: 'below the stripe' });
  v.finding('bumper.rear', 'bent', { sizeMm: 90, where: 'right end' });
  v.finding('seat.left.front', 'worn', { sizeMm: 250, where: 'outer bolster' });
  v.finding('dash', 'works-poorly', { where: 'heater fan, lowest speed' });
  v.finding('engine', 'leak-damp', { where: 'oil pan gasket' });
  v.finding('wheel.right.front', 'tire-worn', { where: 'outer shoulder' });
  for (const view of ['outside', 'engine', 'cabin', 'trunk', 'underneath'] as const) v.clean(view, ['tank']);
  v.blocked(['tank'], 'no-lift', 'pit too short for the rear');
  return [
    { subject: 'gauge', zone: 'roof', finding: null, caption: 'Gauge on the roof', figure: '119' },
    { subject: 'chips', zone: 'hood', finding: 0, caption: 'Leading third of the hood' },
    { subject: 'chips', zone: 'fender.left', finding: 1, caption: 'Behind the wheel' },
    { subject: 'scratch', zone: 'bed.floor', finding: 3, caption: 'Load scratches' },
    { subject: 'rust', zone: 'bed.floor', finding: 4, caption: 'Tie-down' },
    { subject: 'panel', zone: 'tailgate', finding: 5, caption: 'Dent, upper edge' },
    { subject: 'chrome', zone: 'bumper.rear', finding: 7, caption: 'Right end' },
    { subject: 'cabin', zone: 'seat.left.front', finding: 8, caption: 'Outer bolster' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate' },
    { subject: 'seam', zone: 'door.left.front', finding: null, caption: 'Door to fender with card' },
  ];
}

/** Lot 6, one family's pickup: factory paint and stripe, chips everywhere. */
export const LOT_06: DemoLot = {
  number: 6,
  make: 'haskett',
  model: 'Dray',
  year: 1991,
  body: 'pickup',
  style: 'pickup',
  stage: 'full',
  graded: {
    keeper: [77, 87],
    says: 'Proud: never painted, complete and dry; a working pickup’s chips and a bent bumper cost it at a show.',
  },
  worth: { expected: 24000, budget: 800, days: 14, shown: true },
  jobs: { 'small-electrical@dash': { promisedInDays: 12 }, 're-plate@bumper.rear': { allow: 480 } },
  dueInDays: -1,
  keeper: 'Tomas Orrell',
  lent: true,
  sealed: true,
  published: true,
  facts: {
    colour: 'harvest cream with russet stripe',
    hex: '#d9c79a',
    paintType: 'clear-coat',
    steering: 'left',
    chassisNumber: 'DXKDR62BZMT220871',
    engineNumber: 'HD6-77120',
    odometer: { value: 143900, unit: 'km' },
    odometerDigits: 6,
    keptIn: 'one family, barn',
    drive: 'yes',
  },
  truth: TRUTH,
  run: {
    gear: [
      ['steering.joints', { state: 'sound' }],
      ['ball-joints', { state: 'sound' }],
      ['bushes.front', { state: 'sound' }],
      ['bushes.rear', { state: 'sound' }],
      ['brake.lines', { state: 'sound' }],
      ['universal-joints', { state: 'sound' }],
      ['exhaust.pipes', { state: 'altered', note: 'later silencer' }],
    ],
    fluids: [
      ['engine-oil', { level: 'full', looks: ['clean'] }],
      ['coolant', { level: 'full', looks: ['clean'] }],
      ['brake', { level: 'full', looks: ['clean'] }],
      ['transmission', { level: 'full', looks: ['clean'] }],
    ],
    starts: [
      {
        cold: 'cold',
        floor: 'dry',
        cranks: 'strong',
        catches: 'at-once',
        choke: 'not-needed',
        smoke: [{ colour: 'none' }],
        blowBy: 'none',
      },
    ],
    engine: { thermostatC: 90, cPerMin: 9 },
    wet: [
      ['engine.valve-cover', 'dry', null],
      ['transmission.pan', 'dry', null],
      ['axle.pinion', 'dry', null],
    ],
    gate: {
      leave: 'yes',
      insured: 'yes',
      brakes: 'yes',
      'brake-fluid': 'yes',
      steering: 'yes',
      tires: 'yes',
      lamps: 'yes',
      wipers: 'yes',
      'warning-lamps': 'yes',
      weather: 'yes',
    },
    drive: {
      distanceM: 4200,
      surface: 'lane to the quarry and back, dry and cold',
      topKmh: 90,
      items: {
        clutch: 'good',
        'shifts-up': 'good',
        'shifts-down': 'good',
        reverse: 'good',
        'pulls-well': 'good',
        'tracks-straight': 'good',
        'brakes-straight': 'good',
        'pedal-firm': 'good',
        'temperature-holds': 'good',
        'odometer-moves': 'good',
        'hot-restart': 'good',
      },
      felt: [{ what: 'vibration', at: 'seat', fromKmh: 70, toKmh: 90, coasts: 'stays' }],
    },
    functions: {
      cruise: { state: 'works' },
      'heater.fan': { state: 'poor', note: 'lowest speed' },
      'air-conditioning': { state: 'poor', note: 'blows, not cold' },
    },
  },
  papers: {
    numbers: [
      ['chassis-plate', 'DXKDR62BZMT220871', { zone: 'bulkhead', fastening: 'rivets-works' }],
      ['dash', 'DXKDR62BZMT220871', { zone: 'dash' }],
      ['engine-stamp', 'HD6-77120', { zone: 'engine', stamping: 'undisturbed' }],
      ['title', 'DXKDR62BZMT220871'],
    ],
    dates: [
      ['build', '05.91'],
      ['casting.block', 'D 22 1'],
      ['glass.windshield', 'E 91'],
      ['seat-belt', '491'],
    ],
    papers: [{ sort: 'registration', on: '1991-06-11', owner: 'Family Orre-Tamblyn', seen: 'original' }],
    services: [
      ['1991-06-11', 8],
      ['1994-05-20', 21_300],
      ['1997-05-16', 41_700],
      ['2000-05-19', 60_400],
      ['2003-05-23', 78_900],
      ['2006-05-19', 94_100],
      ['2009-05-15', 107_600],
      ['2012-05-18', 119_200],
      ['2015-05-22', 128_400],
      ['2018-05-18', 135_700],
      ['2021-05-21', 140_900],
      ['2024-05-17', 143_100],
    ],
    keepers: [
      {
        who: 'Family Orre-Tamblyn',
        from: '1991-06-11',
        to: '2025-10-01',
        place: 'a farm inland',
        storage: 'dry',
        by: 'paper',
      },
    ],
    parts: [
      ['engine', 'factory', { note: 'right type, number of the right year' }],
      ['exhaust', 'later', { note: 'later silencer' }],
      ['bumpers', 'factory', { note: 'bent' }],
    ],
  },
  walk,
};
