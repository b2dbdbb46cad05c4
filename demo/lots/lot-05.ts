import type { DemoLot, PhotoOrder } from '../lot';
import type { CarTruth } from '../truth';
import type { DemoVisit } from '../visit';
import { cleanAll, enter, measureAll } from '../walks';

const TRUTH: CarTruth = {
  film: { medianUm: 255, spread: 0.2 },
  panels: { 'quarter.right': { medianUm: 1100, spread: 0.45 } },
};

function walk(v: DemoVisit, visit: string): PhotoOrder[] {
  measureAll(v, TRUTH, visit);
  enter(
    v,
    [
      ['never-hit', 'Never in an accident.', 'Harald Voss, trustee'],
      ['mileage', 'Only 97,600 km.', 'Harald Voss, trustee'],
      ['restored', 'Repainted in 2016 after it left the coast.', 'Invoice in the file'],
    ],
    [
      ['quarter.right', 'filler-visible', { sizeMm: 320, where: 'rear corner, low' }],
      ['quarter.right', 'cracking', { sizeMm: 60, where: 'above the bumper bracket' }],
      ['crossmember.front', 'tie-down-torn', { sizeMm: 90, where: 'left' }],
      ['valance.front', 'dent', { sizeMm: 130, where: 'left, behind the bumper' }],
      [
        'rocker.left',
        'patch-neat',
        { sizeMm: 420, where: 'rear half', joined: 'butt-welded', active: 'steady', treated: 'yes' },
      ],
      ['rocker.right', 'rust-blister', { count: 4, sizeMm: 15, where: 'front end' }],
      ['door.left.front', 'overspray', { where: 'on the hinge screws' }],
      ['hatch', 'rubber-hard', {}],
      ['lid.engine', 'colour-mismatch', { where: 'against the hatch', visibleFromM: 3 }],
      ['floor.left.front', 'fresh-underseal', { share: 0.6 }],
      ['rail.left.rear', 'rust-scale', { sizeMm: 160, where: 'ahead of the engine mount' }],
      ['seat.right.front', 'stained', { sizeMm: 200 }],
      ['engine', 'leak-damp', { where: 'push-rod tubes' }],
    ],
  );
  v.metal('quarter.right', 'rear corner, low', { surface: 'unbroken', magnet: 'off', tap: 'dull' });
  v.metal('rocker.left', 'rear half', { surface: 'neat-seam', magnet: 'holds', behind: 'patched', press: 'hard' });
  v.metal('rocker.right', 'front end', { surface: 'bubbles', magnet: 'holds', tap: 'rings' });
  v.metal('floor.left.front', 'whole pan', { surface: 'fresh-underseal', magnet: 'weak', tap: 'dull' });
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'load.left', 'load.right']);
  v.blocked(['load.left', 'load.right'], 'trim-on', 'camping cupboards');
  v.blocked(['tank'], 'no-lift', 'pit too short');
  return [
    { subject: 'cracks', zone: 'quarter.right', finding: 1, caption: 'Crack over the filler' },
    { subject: 'panel', zone: 'quarter.right', finding: 0, caption: 'Rear corner, against the light' },
    { subject: 'rust', zone: 'crossmember.front', finding: 2, caption: 'Tie-down torn' },
    { subject: 'patch', zone: 'rocker.left', finding: 4, caption: 'Let in, ground and painted', figure: 'welded' },
    {
      subject: 'rusted-panel',
      zone: 'rocker.right',
      finding: null,
      caption: 'Front end, below the door',
      flawedShare: 0.012,
      ground: '#e8e2d2',
      measured: 'rust',
    },
    { subject: 'blisters', zone: 'rocker.right', finding: 5, caption: 'Front end' },
    { subject: 'rust', zone: 'rail.left.rear', finding: 10, caption: 'Ahead of the engine mount' },
    {
      subject: 'gauge',
      zone: 'quarter.right',
      finding: null,
      caption: 'Gauge, no further than its ceiling',
      figure: '---',
    },
    { subject: 'cabin', zone: 'load.floor', finding: null, caption: 'Camping fit-out' },
  ];
}

/** Lot 5, camper: tidy respray, a tie-down torn at the front, filler at one rear corner, years by the sea. */
export const LOT_05: DemoLot = {
  number: 5,
  make: 'tolve',
  model: 'Carrier',
  year: 1969,
  body: 'camper',
  style: 'van',
  stage: 'full',
  graded: {
    keeper: [42, 52],
    says: 'Working at its lower edge: a tidy respray over filler, years by the sea below it, a torn tie-down in front.',
  },
  worth: { expected: 26000 },
  sealed: true,
  published: true,
  dueInDays: 6,
  keeper: 'Ilse Brandvik',
  lent: true,
  facts: {
    colour: 'orange and white',
    hex: '#c8743a',
    paintType: 'single-stage',
    steering: 'left',
    chassisNumber: 'TC69-440128',
    engineNumber: 'TC 51377',
    odometer: { value: 97600, unit: 'km' },
    odometerDigits: 6,
    keptIn: 'by the sea until 2015',
    drive: 'no',
  },
  truth: TRUTH,
  weakLeft: ['tank', 'load.left', 'load.right', 'crossmember.rear'],
  run: {
    gear: [
      ['steering.joints', { state: 'play', note: 'right outer joint' }],
      ['bushes.front', { state: 'worn' }],
      ['brake.lines', { state: 'worn', note: 'surface rust' }],
      ['dampers.rear', { state: 'broken' }],
    ],
    fluids: [
      ['engine-oil', { level: 'low', looks: ['dark'] }],
      ['brake', { level: 'low' }],
    ],
    starts: [
      {
        cold: 'cold',
        floor: 'drips',
        cranks: 'strong',
        catches: 'after-a-while',
        choke: 'used',
        smoke: [{ colour: 'blue', course: 'puff' }],
        noises: ['top-end'],
      },
    ],
    wet: [
      ['engine.valve-cover', 'wet', 'engine-oil'],
      ['floor-below.rear', 'drips', 'engine-oil'],
      ['engine.pan', 'damp', 'engine-oil'],
      ['exhaust.joint', 'wet', 'gas', 'after', 'louder'],
    ],
    functions: { 'lamp.reverse': { state: 'dead' }, 'heater.control': { state: 'dead' }, radio: { state: 'works' } },
  },
  papers: {
    numbers: [['chassis-plate', 'TC69-440128', { zone: 'bulkhead', fastening: 'rivets-other' }]],
    dates: [
      ['build', '03.69'],
      ['generator', '0669'],
    ],
    keepers: [
      {
        who: 'two surfers, one after the other',
        to: '2015-09-01',
        place: 'west coast of Vennor',
        storage: 'salt',
        by: 'told',
      },
      { who: 'Marlpit Tramshed', from: '2015-09-01', place: 'Vennor', storage: 'damp', by: 'paper' },
    ],
    papers: [{ sort: 'bill', on: '2016-03-14', seen: 'copy', says: 'repainted, one colour, 2016' }],
    restored: [
      {
        system: 'body-paint',
        fromYear: 2016,
        extent: 'cosmetic',
        papers: true,
        quality: 'good',
        signs: ['welds-dressed', 'overspray'],
      },
    ],
    parts: [[null, 'modified', { what: 'roof rack', works: 'yes', reversible: 'yes' }]],
    proofs: [['wear-too-much', 'driver’s seat base, pedals bare']],
  },
  walk,
};
