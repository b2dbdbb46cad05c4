import type { DemoLot, PhotoOrder } from '../lot';
import { readTires } from '../tires';
import type { CarTruth } from '../truth';
import type { DemoVisit } from '../visit';
import { cleanAll, enter, measureAll } from '../walks';

const TRUTH: CarTruth = {
  film: { medianUm: 92, spread: 0.16 },
  panels: { roof: { medianUm: 48, spread: 0.3 }, hood: { medianUm: 55, spread: 0.28 } },
};

function walk(v: DemoVisit, visit: string): PhotoOrder[] {
  measureAll(v, TRUTH, visit);
  enter(
    v,
    [
      ['original-paint', 'Never repainted.', 'Museum card'],
      ['matching-engine', 'Engine number agrees with the log book.', 'Log book'],
    ],
    [
      ['roof', 'fading', { share: 0.9 }],
      ['roof', 'burn-through', { count: 3, sizeMm: 180, where: 'crown' }],
      ['hood', 'fading', { share: 0.8 }],
      ['hood', 'burn-through', { count: 2, sizeMm: 90, where: 'centre hinge' }],
      ['deck', 'cracking', { share: 0.2, where: 'upper third' }],
      ['headliner', 'sagging', { note: 'Down from two bows.' }],
      ['seat.left.front', 'worn', { sizeMm: 200, where: 'piping' }],
      ['fender.right', 'touch-up', { count: 4, sizeMm: 15, where: 'lower rear' }],
      ['door.left.rear', 'drops', { note: 'About 4 mm at the latch: hinge post of wood.' }],
      ['rocker.left', 'rust-film', { sizeMm: 250, where: 'behind the running board' }],
      ['glass.windshield', 'delamination', { sizeMm: 60, where: 'lower corners' }],
      ['wheel.left.front', 'tire-aged', {}],
      ['engine', 'leak-damp', { where: 'water pump gland' }],
    ],
  );
  v.metal('rocker.left', 'behind the running board', {
    surface: 'browned',
    magnet: 'holds',
    wipe: 'wipes-off',
    touch: 'dry',
  });
  readTires(
    v,
    { maker: 'Marlpit', line: 'Veteran', size: '4.50-17' },
    {
      'wheel.left.front': { code: '3013', treadMm: 5, ply: 'bias', faults: ['side-cracks'] },
      'wheel.right.front': { code: '3013', treadMm: 5.2, ply: 'bias' },
      'wheel.left.rear': { code: '3113', treadMm: 4.8, ply: 'bias' },
      'wheel.right.rear': { code: '3113', treadMm: 4.9, ply: 'bias' },
    },
  );
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'trunk.well']);
  v.blocked(['trunk.well'], 'owner', 'tools sealed by the trustees');
  v.blocked(['tank'], 'no-lift', 'pit too short');
  return [
    { subject: 'panel', zone: 'roof', finding: 1, caption: 'Worn through on the crown' },
    { subject: 'panel', zone: 'hood', finding: 2, caption: 'Faded top surface' },
    { subject: 'cracks', zone: 'deck', finding: 4, caption: 'Upper third' },
    { subject: 'cabin', zone: 'headliner', finding: 5, caption: 'Down from two bows' },
    { subject: 'gauge', zone: 'roof', finding: null, caption: 'Gauge on the roof', figure: '47' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate, number agrees with the engine' },
  ];
}

/** Lot 4, pre-war saloon: weathered on top, headlining down, number matches, gauges work. */
export const LOT_04: DemoLot = {
  number: 4,
  make: 'brannock',
  model: 'Eleven',
  year: 1938,
  body: 'saloon',
  style: 'saloon4',
  stage: 'full',
  graded: {
    keeper: [73, 83],
    says: 'Proud for a keeper, Working for a show: a complete and sound car, weathered on top, its headlining down.',
  },
  worth: { expected: 17000 },
  dueInDays: 6,
  keeper: 'Ilse Brandvik',
  lent: true,
  facts: {
    colour: 'maroon over black',
    hex: '#4b1f24',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'B11-38-0642',
    engineNumber: 'B11 0642',
    odometer: { value: 56230, unit: 'mi' },
    odometerDigits: 5,
    keptIn: 'dry hall',
    drive: 'no',
  },
  truth: TRUTH,
  weakLeft: ['tank', 'trunk.well'],
  pieces: {
    'radiator-shell@grille': { replated: 'yes' },
    'pane@glass.windshield': { faults: ['delaminated'] },
    'window-channel@glass.left.front': { faults: ['worn'] },
    'tools@': { presence: 'along', note: 'sealed by the trustees, not seen' },
    'jack@': { presence: 'along' },
    'keys@': { presence: 'along', count: 2 },
    'books@': { presence: 'along' },
    'spares@': null,
  },
  run: {
    fluids: [
      ['engine-oil', { level: 'full', looks: ['clean'] }],
      ['coolant', { level: 'full', looks: ['clean'] }],
    ],
    starts: [
      {
        cold: 'cold',
        floor: 'dry',
        cranks: 'strong',
        catches: 'at-once',
        choke: 'used',
        smoke: [{ colour: 'white', course: 'fades' }],
      },
    ],
    engine: { thermostatC: 78, volts: 7.1, oilKpa: 300, per10C: 18, cPerMin: 7 },
    wet: [
      ['engine.water-pump', 'damp', 'coolant'],
      ['engine.front-seal', 'dry', null],
      ['hose.upper', 'dry', null],
    ],
    functions: {
      'seat-belt.left.front': { state: 'absent' },
      'seat-belt.right.front': { state: 'absent' },
      radio: { state: 'absent' },
      'lamp.hazard': { state: 'absent' },
      'lamp.reverse': { state: 'absent' },
      'gauge.charge': { state: 'works' },
      defroster: { state: 'absent' },
      'washers.pump': { state: 'absent' },
      'washers.spray': { state: 'absent' },
    },
  },
  papers: {
    numbers: [
      ['chassis-plate', 'B11-38-0642', { zone: 'bulkhead', fastening: 'rivets-works' }],
      ['engine-stamp', 'B11 0642', { zone: 'engine', stamping: 'undisturbed' }],
      ['body', '0642', { zone: 'bulkhead' }],
    ],
    papers: [
      {
        sort: 'registration',
        on: '1938-06-03',
        owner: 'a miller of Vennor',
        seen: 'original',
        says: 'log book, engine B11 0642',
      },
      { sort: 'old-photo', on: '1951-08-01', says: 'before the mill, same colour', seen: 'copy' },
    ],
    keepers: [
      { who: 'a miller of Vennor', from: '1938-06-03', to: '1962-01-01', storage: 'dry', by: 'paper' },
      { who: 'Marlpit Tramshed', from: '1974-09-01', place: 'Vennor', storage: 'damp', by: 'paper' },
    ],
    parts: [
      ['engine', 'factory', { note: 'number by the make’s rule' }],
      ['loom', 'period'],
      ['charging', 'factory'],
    ],
  },
  walk,
};
