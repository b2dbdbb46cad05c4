import type { DemoLot, PhotoOrder } from '../lot';
import type { CarTruth } from '../truth';
import type { DemoVisit } from '../visit';
import { measureAll } from '../walks';

const TRUTH: CarTruth = {
  film: { medianUm: 128, spread: 0.13 },
  panels: {
    'fender.left': { medianUm: 310, spread: 0.3 },
    'door.left.rear': { medianUm: 290, spread: 0.28 },
    'quarter.right': { medianUm: 780, spread: 0.5 },
    'rocker.left': { medianUm: 540, spread: 0.45 },
    'rocker.right': { medianUm: 520, spread: 0.45 },
  },
};

function walk(v: DemoVisit, visit: string): PhotoOrder[] {
  measureAll(v, TRUTH, visit, ['roof', 'valance.front']);
  v.put('claim', { kind: 'no-rust', text: 'Solid underneath.', source: 'Earlier listing', saidAt: v.at() });
  v.finding('floor.left.front', 'perforated', { count: 2, sizeMm: 140, where: 'outer edge to the rocker' });
  v.finding('floor.right.front', 'perforated', { sizeMm: 220, where: 'below the carpet', active: 'active' });
  v.finding('floor.left.rear', 'rust-scale', { sizeMm: 300, where: 'whole pan' });
  v.finding('rail.left.front', 'structural-loss', { sizeMm: 180, where: 'at the steering mount', active: 'active' });
  v.finding('rocker.left', 'perforated', { count: 3, sizeMm: 60, where: 'front end' });
  v.finding('rocker.right', 'patch-crude', {
    sizeMm: 380,
    where: 'front half',
    joined: 'riveted',
    active: 'unknown',
    treated: 'no',
  });
  v.finding('quarter.right', 'filler-visible', { sizeMm: 260, where: 'wheel lip' });
  v.finding('fender.left', 'rust-blister', { count: 8, sizeMm: 18, where: 'bottom, behind the wheel' });
  v.finding('roof', 'fading', { share: 0.7 });
  v.finding('hood', 'fading', { share: 0.6 });
  v.finding('hood', 'rust-film', { sizeMm: 180, where: 'centre' });
  v.finding('lamp.left.head', 'missing', {});
  v.finding('lamp.right.tail', 'missing', {});
  v.finding('glass.windshield', 'glass-crack', { sizeMm: 340, where: 'lower left' });
  v.finding('seat.right.front', 'split', { sizeMm: 220, where: 'cushion' });
  v.finding('headliner', 'sagging', {});
  v.finding('carpet.left.front', 'damp', {});
  v.finding('engine', 'number-unreadable', {
    note: 'The casting’s number is below rust; the stamp beside it can be read.',
  });
  v.finding('engine', 'inoperative', { where: 'does not turn by hand' });
  v.finding('bumper.rear', 'plating-peels', { sizeMm: 300 });
  v.blocked(['door.left.rear', 'door.right.rear'], 'locked', 'stuck shut');
  v.clean('outside', ['door.left.rear', 'door.right.rear', 'rocker.left', 'rocker.right']);
  v.clean('engine');
  v.clean('cabin', ['card.left.rear', 'card.right.rear', 'carpet.left.rear', 'carpet.right.rear']);
  v.blocked(
    ['card.left.rear', 'card.right.rear', 'carpet.left.rear', 'carpet.right.rear'],
    'locked',
    'rear doors stuck',
  );
  v.blocked(v.plan.lap.trunk, 'no-key', 'boot key lost');
  v.clean('underneath', ['tank', 'rail.left.rear', 'rail.right.rear', 'trunk.floor']);
  v.metal('quarter.right', 'lower half', { surface: 'unbroken', magnet: 'weak', tap: 'dull', behind: 'rusty' });
  v.metal('rocker.left', 'front end', { surface: 'holes', magnet: 'off', tap: 'dull' });
  return [
    {
      subject: 'pitted-chrome',
      zone: 'bumper.front',
      finding: null,
      caption: 'Middle of the bumper',
      flawedShare: 0.06,
      measured: 'plating',
    },
    {
      subject: 'rusted-panel',
      zone: 'fender.right',
      finding: null,
      caption: 'Behind the wheel',
      flawedShare: 0.03,
      measured: 'rust',
    },
    { subject: 'rust', zone: 'floor.left.front', finding: 0, caption: 'Through at the outer edge' },
    { subject: 'rust', zone: 'floor.right.front', finding: 1, caption: 'Below the carpet' },
    { subject: 'rust', zone: 'rail.left.front', finding: 3, caption: 'At the steering mount' },
    { subject: 'rust', zone: 'rocker.left', finding: 4, caption: 'Front end' },
    { subject: 'patch', zone: 'rocker.right', finding: 5, caption: 'Plate riveted over', figure: 'riveted' },
    { subject: 'wet-carpet', zone: 'carpet.left.front', finding: 16, caption: 'Wet below the dash' },
    { subject: 'cracks', zone: 'quarter.right', finding: 6, caption: 'Filler edge' },
    { subject: 'blisters', zone: 'fender.left', finding: 7, caption: 'Bottom' },
    {
      subject: 'gauge',
      zone: 'quarter.right',
      finding: null,
      caption: 'Gauge, no further than its ceiling',
      figure: '---',
    },
    { subject: 'cabin', zone: 'seat.right.front', finding: 14, caption: 'Cushion' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate, rivets undisturbed' },
    { subject: 'chrome', zone: 'bumper.rear', finding: 19, caption: 'Plating lifts' },
  ];
}

/** Lot 8, a project: perforated floors, doors stuck, lamps missing, much of it there. */
export const LOT_08: DemoLot = {
  number: 8,
  make: 'quillon',
  model: 'Halyard',
  year: 1972,
  body: 'four-door',
  style: 'saloon4',
  stage: 'full',
  graded: {
    keeper: [28, 40],
    says: 'Project: a front rail has lost its strength, which caps it; the engine does not turn, floors and sills are through, lamps are missing, doors are stuck.',
  },
  worth: { expected: 38000, budget: 3000, days: 30 },
  sealed: true,
  published: true,
  dueInDays: 3,
  keeper: 'Ilse Brandvik',
  lent: true,
  visitNote: 'Half hidden behind a tram; left side reached through the pit.',
  facts: {
    colour: 'faded blue',
    hex: '#4a6c86',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'QHS72-19027',
    engineNumber: '',
    odometer: null,
    keptIn: 'outdoors until 2011',
    drive: 'no',
  },
  truth: TRUTH,
  weakLeft: [
    'tank',
    'trunk.well',
    'trunk.left',
    'trunk.right',
    'trunk.gutter',
    'pillar.left.a',
    'pillar.right.a',
    'cowl',
  ],
  pieces: {
    'bumper-rear@bumper.rear': { faults: ['peeling', 'dented'] },
    'bumper-front@bumper.front': { faults: ['pitted', 'rusty'] },
    'overriders@bumper.front': { presence: 'along' },
    'lamp-bezel@lamp.left.head': { presence: 'missing' },
    'tail-bezel@lamp.right.tail': { presence: 'missing' },
    'side-script@fender.left': { presence: 'along' },
    'side-script@fender.right': { presence: 'missing' },
    'wheel-cover@wheel.left.front': { presence: 'along' },
    'wheel-cover@wheel.right.front': { presence: 'along' },
    'wheel-cover@wheel.left.rear': { presence: 'along' },
    'wheel-cover@wheel.right.rear': { presence: 'missing' },
    'radio-original@dash': { presence: 'wrong' },
    'side-moulding@door.left.front': { faults: ['dented', 'scratched'] },
    'head-lens@lamp.left.head': { presence: 'missing' },
    'tail-lens@lamp.right.tail': { presence: 'missing' },
    'pane@glass.windshield': { faults: ['cracked'] },
    'jack@': { presence: 'missing' },
    'tools@': { presence: 'missing' },
    'keys@': { presence: 'missing' },
    'books@': { presence: 'missing' },
    'spares@': { presence: 'along', note: 'second engine in parts, two doors' },
  },
  run: {
    fluids: [
      ['engine-oil', { level: 'low', looks: ['sludge'] }],
      ['coolant', { level: 'empty' }],
      ['brake', { level: 'empty' }],
    ],
    starts: [],
    wet: [
      ['brake.wheel.left.rear', 'wet', 'brake', 'before'],
      ['axle.end.left', 'dry', null, 'before'],
    ],
    functions: {
      starter: { state: 'untried', why: 'not-safe' },
      horn: { state: 'untried', why: 'no-power' },
      'door.outside.left.front': { state: 'works' },
      'door.outside.right.front': { state: 'poor' },
      'door.inside.left.front': { state: 'works' },
      'door.outside.left.rear': { state: 'dead', note: 'stuck shut' },
      'door.outside.right.rear': { state: 'dead', note: 'stuck shut' },
      'parking-brake': { state: 'dead' },
    },
    others: { state: 'untried', why: 'no-power' },
  },
  papers: {
    numbers: [
      ['chassis-plate', 'QHS72-19027', { zone: 'bulkhead', fastening: 'rivets-works' }],
      ['engine-stamp', 'QH 20416', { zone: 'engine', stamping: 'undisturbed' }],
    ],
    dates: [['casting.block', 'K 8 3']],
    parts: [
      ['engine', 'period', { note: 'of another car of the same model' }],
      ['lamps', 'missing'],
      ['wings', 'unknown'],
    ],
  },
  walk,
};
